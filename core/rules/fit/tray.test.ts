// Board on tray: holes and threads at places of their own, pegs, outlines that are shorter than the
// form, cases that take more than their words say; the height of slot covers.
import type { Finding } from '../finding'
import {
  altered,
  buildOf,
  exact,
  TOWER,
  type Fields,
  type Machine,
} from '../../test-helpers/planted-machine'
import { part, then } from '../../test-helpers/demos'

const said = (machine: Machine, rule: string): readonly Finding[] =>
  then(buildOf(machine)).findings.filter(f => f.rule === rule)
const on = (board: Fields, pc: Fields): Machine => altered(TOWER, { board, case: pc })
const sits = (machine: Machine): boolean =>
  then(buildOf(machine)).joints.some(j => j.id === 'board/mount~case/tray')

const NINE = ['A', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M']
const ALL = ['A', 'B', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M', 'R', 'S']

describe('an ATX board of 218 mm depth, with the six holes that lie on it', () => {
  const short = { form: 'ATX', depth: 218, holes: ['A', 'C', 'F', 'G', 'H', 'J'] }
  test('standoffs at K, L and M, 237 in, stand beside it: no harm', () => {
    const machine = on(short, { standoffs: { threads: NINE, fitted: NINE, supplied: 0 } })
    expect(said(machine, 'fit/standoff-stray')).toMatchObject([{ verdict: 'clear' }])
    expect(said(machine, 'fit/standoff-thread')).toMatchObject([{ verdict: 'clear' }])
  })
  test('at 236 their heads of 3 mm reach under it: harm', () => {
    const machine = on({ ...short, depth: 236 }, { standoffs: { threads: NINE, fitted: NINE } })
    expect(said(machine, 'fit/standoff-stray')).toMatchObject([
      { verdict: 'harm', sentence: expect.stringContaining('K, L, M') as string },
    ])
  })
})

describe('holes at places of their own', () => {
  const oversize = (ownHoles: readonly Fields[]): Fields => ({
    ...{ form: 'E-ATX', edge: exact('mm', 304.8), depth: exact('mm', 300), holes: ['C', 'F', 'J'] },
    ownHoles,
  })
  const pc = (own: readonly Fields[]): Fields => ({
    boards: ['E-ATX', 'ATX'],
    tray: { at: [0, 470], roomX: exact('mm', 320), roomY: exact('mm', 365) },
    standoffs: { threads: NINE, fitted: ['C', 'F', 'J'], own, supplied: 9 },
  })
  test('a thread 1 mm off takes the screw, one 4 mm off does not', () => {
    const hole = [{ label: 'right edge', at: [290, 160] }]
    const thread = (x: number) => pc([{ label: 'T1', at: [x, 160] }])
    expect(said(on(oversize(hole), thread(291)), 'fit/standoff-thread')).toMatchObject([
      { verdict: 'clear' },
    ])
    expect(said(on(oversize(hole), thread(294)), 'fit/standoff-thread')).toMatchObject([
      { verdict: 'watch', sentence: expect.stringContaining('right edge') as string },
    ])
  })
  test('a standoff that stands at a place of its own under the board: harm; beside it: none', () => {
    const stands = (x: number) => pc([{ label: 'T1', at: [x, 160], stands: true }])
    expect(said(on(oversize([]), stands(290)), 'fit/standoff-stray')).toMatchObject([
      { verdict: 'harm', sentence: expect.stringContaining('T1') as string },
    ])
    expect(said(on(oversize([]), stands(310)), 'fit/standoff-stray')).toMatchObject([
      { verdict: 'clear' },
    ])
  })
})

describe('threads of their own of which nobody said whether a standoff stands there', () => {
  const pc = (stands: boolean | undefined, fitted: readonly string[] | null): Fields => ({
    standoffs: {
      ...{ threads: NINE, fitted, supplied: 9 },
      own: [{ label: 'odd', at: [100, 80], stands }],
    },
  })
  const board = { form: 'ATX', holes: NINE }
  test('under the board, where it has no hole: looked at, not taken for empty', () => {
    expect(said(on(board, pc(undefined, [])), 'fit/standoff-stray')).toMatchObject([
      { verdict: 'measure', sentence: expect.stringContaining('odd') as string },
    ])
    expect(said(on(board, pc(false, [])), 'fit/standoff-stray')).toMatchObject([
      { verdict: 'clear' },
    ])
  })
  test('one that stands there harms, whatever is not known of the others', () => {
    expect(said(on(board, pc(true, null)), 'fit/standoff-stray')).toMatchObject([
      { verdict: 'harm', sentence: expect.stringContaining('odd') as string },
    ])
    const fewer = { ...board, holes: ['A', 'C', 'F'] }
    expect(said(on(fewer, pc(true, null)), 'fit/standoff-stray')).toMatchObject([
      { verdict: 'harm' },
    ])
  })
})

describe('a guide peg', () => {
  const board = { form: 'ATX', holes: NINE }
  const tray = (pegs: readonly string[], supplied: number): Fields => ({
    standoffs: { threads: ALL, fitted: [], pegs, supplied },
  })
  test('takes no standoff: eight for nine holes', () => {
    expect(said(on(board, tray([], 8)), 'fit/standoff-count')).toMatchObject([
      { verdict: 'watch', need: 9, have: 8 },
    ])
    expect(said(on(board, tray(['H'], 8)), 'fit/standoff-count')).toMatchObject([
      { need: 8, have: 8, verdict: 'clear' },
    ])
  })
  test('the step says that it takes no screw', () => {
    const steps = then(buildOf(on(board, tray(['H'], 9)))).order.steps
    const set = steps.find(s => s.kind === 'standoffs')
    expect(set?.does.join(' ')).toMatch(/At H stands a guide peg.*no screw/)
  })
  test('where the board has no hole it shorts like any standoff', () => {
    expect(
      said(on({ ...board, holes: ['A', 'C', 'F'] }, tray(['H'], 9)), 'fit/standoff-stray'),
    ).toMatchObject([{ verdict: 'harm', sentence: expect.stringContaining(' H ') as string }])
  })
})

describe('a case takes every board whose holes and size it takes', () => {
  const micro = {
    form: 'microATX',
    edge: 243.84,
    depth: 243.84,
    holes: ['C', 'F', 'H', 'J', 'L', 'M'],
  }
  test('a smaller one than it names: it sits, and threads that nobody wrote down are asked', () => {
    const machine = on(
      { ...micro, holes: undefined },
      { boards: ['ATX'], standoffs: { fitted: [] } },
    )
    expect(sits(machine)).toBe(true)
    expect(said(machine, 'fit/standoff-thread')).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'case', path: 'standoffs.threads' }] },
    ])
  })
  test('a larger one than it names: with room and threads as stated, not without', () => {
    const words = { boards: ['microATX'], standoffs: { threads: ALL, fitted: [], supplied: 9 } }
    const room = (y: number) => ({ at: [0, 470], roomX: exact('mm', 250), roomY: exact('mm', y) })
    const atx = { form: 'ATX', holes: undefined }
    expect(sits(on(atx, { ...words, tray: room(310) }))).toBe(true)
    expect(sits(on(atx, { ...words, tray: room(300) }))).toBe(false)
    expect(
      sits(on(atx, { ...words, tray: room(310), standoffs: { threads: ['C', 'F'], fitted: [] } })),
    ).toBe(false)
  })
  test('called E-ATX and no larger than ATX: an ATX case takes it', () => {
    const board = (depth: number): Fields => ({ form: 'E-ATX', edge: 304.8, depth, holes: NINE })
    expect(sits(on(board(243.84), { boards: ['ATX'] }))).toBe(true)
    expect(sits(on(board(277), { boards: ['ATX'], tray: {} }))).toBe(false)
  })
  test('a case of the older kind has no opening for sockets: no ATX board', () => {
    expect(sits(on({ form: 'ATX' }, { boards: ['AT', 'Baby-AT'] }))).toBe(false)
  })
})

describe('the height of slot covers', () => {
  const rule = 'fit/card-profile'
  const card = (fields: Fields, pc: Fields): readonly Finding[] =>
    said(
      altered(TOWER, { card: { ...part('hollin-net-10'), ...fields }, case: { slots: 7, ...pc } }),
      rule,
    ).filter(f => f.parts.includes('card'))
  test.each<[string, string, string]>([
    ['full', 'full', 'clear'],
    ['full', 'low', 'stop'],
    ['low', 'low', 'clear'],
    ['low', 'full', 'watch'],
    ['both', 'low', 'clear'],
  ])('a bracket %s in a case %s: %s', (profile, covers, verdict) => {
    expect(card({ profile }, { profile: covers })).toMatchObject([{ verdict }])
  })
  test('not stated: asked of the card, of the case; a card of 111 mm is a full one', () => {
    const blank = { profile: undefined }
    expect(card(blank, { profile: 'full' })).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'card', path: 'profile' }] },
    ])
    expect(card({ profile: 'full' }, blank)).toMatchObject([
      { verdict: 'measure', asks: [{ item: 'case', path: 'profile' }] },
    ])
    expect(card({ ...blank, height: exact('mm', 111.15) }, { profile: 'low' })).toMatchObject([
      { verdict: 'stop' },
    ])
    expect(card({ profile: 'both' }, blank)).toMatchObject([{ verdict: 'clear' }])
  })
  test('a case of 90 mm inside can only take low ones', () => {
    const inner = {
      ...(part('fenwright-longreed-52') as { inner: Fields }).inner,
      z: exact('mm', 90),
    }
    expect(card({ profile: 'full' }, { profile: undefined, inner })).toMatchObject([
      { verdict: 'stop' },
    ])
  })
})

describe('plastic posts', () => {
  const HOLE = { label: 'own', at: [230, 100] }
  const pc = (own: object, more: Fields = {}): Fields => ({
    standoffs: {
      threads: NINE,
      fitted: [],
      own: [{ label: 'P1', at: [230, 100], ...own }],
      supplied: 9,
      ...more,
    },
  })
  test('hold the board where no metal does, take none of the bag’s standoffs, and cannot short', () => {
    const held = on({ ownHoles: [HOLE] }, pc({ of: 'plastic' }, { posts: 1 }))
    expect(said(held, 'fit/standoff-thread')).toMatchObject([
      {
        verdict: 'clear',
        sentence: expect.stringMatching(/^Plastic posts hold .* at own, metal/) as string,
      },
    ])
    const counts = said(held, 'fit/standoff-count').map(f => [f.need, f.have, f.verdict])
    expect(counts).toEqual([
      [9, 9, 'clear'],
      [1, 1, 'clear'],
    ])
    const beside = on({}, pc({ of: 'plastic' }))
    expect(said(beside, 'fit/standoff-stray')).toMatchObject([{ verdict: 'clear' }])
  })
  test('missing from the bag they are bought; without any metal one the grounds are apart', () => {
    const none = on({ ownHoles: [HOLE] }, pc({ of: 'plastic' }, { posts: 0 }))
    expect(
      said(none, 'fit/standoff-count')
        .map(f => f.verdict)
        .sort(),
    ).toEqual(['clear', 'watch'])
    const bought = altered(none, { posts: { ...part('hollin-posts-10') } })
    const held = said(bought, 'fit/standoff-count').find(f => f.id.endsWith(':posts'))
    expect(held).toMatchObject({ verdict: 'clear', need: 1, have: 10 })
    const plastic = on({ holes: [], ownHoles: [HOLE] }, pc({ of: 'plastic' }, { threads: [] }))
    expect(said(plastic, 'fit/standoff-thread')).toMatchObject([{ verdict: 'watch' }])
  })
})
