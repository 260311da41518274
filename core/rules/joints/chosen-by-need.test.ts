// The faster drive has the faster socket, the system drive the first port, fans stand where air is
// wanted, and no more cables are planned than a supply has sockets for.
import type { Build } from '../../document/build'
import { avocet, change, finding, part, swap, then } from '../../test-helpers/demos'
import { buildFrom, type Fields } from '../../test-helpers/planted-machine'

const joined = (b: Build): Readonly<Record<string, string>> =>
  Object.fromEntries(then(b).joints.map(j => j.id.split('~') as [string, string]))

describe('M.2', () => {
  const socket = (key: string, generation: number, rank: number): Fields => ({
    ...{ key, label: key, keys: ['M'], lengths: ['2280'], protocols: ['NVMe'], generation, rank },
  })
  const stick = (id: string, generation: number): Fields => ({
    ...{ kind: 'drive', id, model: `Stick ${generation}`, shape: 'M.2', protocol: 'NVMe' },
    m2: { keys: ['M'], length: '2280', generation },
  })
  const board = {
    ...part('saltpan-inlet-3'),
    m2: [socket('first', 3, 1), socket('second', 5, 2), socket('third', 4, 3)],
  }
  test('the fastest stick goes into the fastest socket, whatever their order', () => {
    expect(joined(buildFrom(board, stick('a', 4), stick('b', 5)))).toMatchObject({
      'drive-2/seat': 'board-0/second',
      'drive-1/seat': 'board-0/third',
    })
  })
  test('one that is slow takes the first', () => {
    expect(joined(buildFrom(board, stick('a', 3)))).toMatchObject({
      'drive-1/seat': 'board-0/first',
    })
  })
})

describe('the system drive', () => {
  test('has the first port, and the first lead', () => {
    const marked = change(avocet, { do: 'chooseSystem', id: 'disk-3', title: 'R3' })
    expect(joined(marked)).toMatchObject({
      'sata-1/device': 'disk-3/data',
      'sata-1/board': 'board/sata-1',
    })
    expect(finding(then(marked), 'joints/system-port:disk-3').verdict).toBe('clear')
  })
  test('put elsewhere by hand, it says what comes before it', () => {
    const marked = change(
      avocet,
      { do: 'chooseSystem', id: 'disk-3', title: 'R3' },
      { do: 'pinJoint', plug: 'sata-1/board', socket: 'board/sata-2', title: 'x' },
      { do: 'pinJoint', plug: 'sata-1/device', socket: 'disk-3/data', title: 'x' },
    )
    expect(finding(then(marked), 'joints/system-port:disk-3')).toMatchObject({
      verdict: 'watch',
      sentence: expect.stringMatching(/has SATA2, and SATA1 comes before it/) as string,
    })
  })
  test('is a drive of the build, and can be unmarked', () => {
    expect(() => change(avocet, { do: 'chooseSystem', id: 'fan-1', title: 'x' })).toThrow(/a drive/)
    const marked = change(avocet, { do: 'chooseSystem', id: 'disk-3', title: 'R3' })
    const back = change(marked, { do: 'chooseSystem', id: null, title: 'R3' })
    expect(JSON.stringify(back)).toBe(JSON.stringify(avocet))
  })
})

test('two fans: one out at the rear, one in low at the front', () => {
  const fan = part('ottery-breeze-120')
  const b = buildFrom(part('brackwater-harbour-4'), part('saltpan-lagoon-6'), fan, fan)
  const places = Object.entries(joined(b)).flatMap(([plug, place]) =>
    plug.endsWith('/frame') ? [place] : [],
  )
  expect(places.sort()).toEqual(['case-0/front-3', 'case-0/rear'])
})

describe('sockets of a modular supply', () => {
  const supply = (sockets: readonly Fields[] | undefined, more: Fields = {}): Fields => ({
    ...{ kind: 'supply', id: 's', model: 'Modular', form: 'ATX', watts: 800, modular: 'full' },
    cables: [
      { key: 'main', plugs: [{ face: 'main-24' }] },
      { key: 'cpu-1', plugs: [{ face: 'cpu-8' }] },
      { key: 'cpu-2', plugs: [{ face: 'cpu-8' }] },
      { key: 'card', plugs: [{ face: 'card-8' }] },
    ],
    ...(sockets ? { sockets } : {}),
    ...more,
  })
  const MB = { key: 'mb', label: 'MB', for: ['main-24'] }
  const shared = (n: number): readonly Fields[] =>
    Array.from({ length: n }, (_, i) => ({
      ...{ key: `x${i}`, label: `CPU/PCIe ${i + 1}`, for: ['cpu-8', 'card-8'] },
    }))
  const power = (key: string, need: string): Fields => ({ key, face: 'cpu-8', label: key, need })
  const board = {
    ...part('saltpan-inlet-3'),
    headers: [
      { key: 'main', face: 'main-24', label: 'MAIN' },
      ...[power('P1', 'must'), power('P2', 'may')],
    ],
  }
  const card = {
    ...{
      kind: 'card',
      id: 'c',
      model: 'Card',
      does: 'graphics',
      size: 'x16',
      slots: 2,
      watts: 150,
    },
    power: [{ key: 'p', face: 'card-8', label: 'power' }],
  }
  test('two for three cables: what is only advised goes without, and the reason names the others', () => {
    const b = buildFrom(board, supply([MB, ...shared(2)]), card)
    expect(Object.values(joined(b))).toEqual(
      expect.arrayContaining(['board-0/P1', 'card-2/p', 'board-0/main']),
    )
    expect(Object.values(joined(b))).not.toContain('board-0/P2')
    expect(finding(then(b), 'joints/unmet:board-0:board-0/P2').sentence).toMatch(
      /finds no socket at the supply: 2 are there for such cables, and card, cpu-. have them/,
    )
    expect(finding(then(b), 'power/sockets').verdict).toBe('clear')
  })
  test('one for two that must: a stop, and never a plan with more cables than sockets', () => {
    const b = buildFrom(board, supply([MB, ...shared(1)]), card)
    const stops = then(b).findings.filter(f => f.verdict === 'stop' && f.rule === 'joints/unmet')
    const power = stops.filter(f => /card-2\/p|board-0\/P1/.test(f.id))
    expect(power).toHaveLength(1)
  })
  test('a cable that takes two leaves one less', () => {
    const cables = (supply([])['cables'] as readonly Fields[]).map(c =>
      c['key'] === 'card' ? { ...c, sockets: 2 } : c,
    )
    const b = buildFrom(board, supply([MB, ...shared(3)], { cables }), card)
    expect(Object.values(joined(b))).not.toContain('board-0/P2')
    expect(finding(then(b), 'power/sockets').sentence).toMatch(
      /card in CPU\/PCIe \d and CPU\/PCIe \d/,
    )
  })
  test('not stated: asked; fixed: no question', () => {
    expect(finding(then(buildFrom(board, supply(undefined))), 'power/sockets').verdict).toBe(
      'measure',
    )
    const fixed = then(buildFrom(board, supply(undefined, { modular: 'fixed' })))
    expect(fixed.findings.filter(f => f.rule === 'power/sockets')).toEqual([])
  })
  test('too many by hand: a stop that names them', () => {
    const b = buildFrom(board, supply([MB, ...shared(1)]), card)
    const pins = { 'supply-1/cpu-1.1': 'board-0/P1', 'supply-1/card.1': 'card-2/p' }
    const byHand = { ...b, choices: { ...b.choices, pins } }
    expect(finding(then(byHand), 'power/sockets')).toMatchObject({
      verdict: 'stop',
      sentence: expect.stringMatching(/card, cpu-1 want more sockets/) as string,
    })
  })
  test('the class of a 16-contact plug is 300 W by one socket of eight, what is stated by two', () => {
    const at = (n: number, sockets: readonly Fields[], stated: number | null = 600) => {
      const cables = [
        ...(supply([])['cables'] as readonly Fields[]).slice(0, 2),
        { key: 'wide', sockets: n, plugs: [{ face: 'card-16', class: stated }] },
      ]
      const wide = { ...card, watts: 400, power: [{ key: 'p', face: 'card-16', label: 'power' }] }
      const both = sockets.map(s => ({ ...s, for: [...(s['for'] as string[]), 'card-16'] }))
      const b = buildFrom(board, supply([MB, ...both], { cables }), wide)
      return finding(then(b), 'power/class')
    }
    expect(at(1, shared(3))).toMatchObject({ have: 300, verdict: 'watch' })
    expect(at(2, shared(3))).toMatchObject({ have: 600, verdict: 'clear' })
    // What nobody stated may be 150: the socket says no more than that it is not above 300.
    expect(at(1, shared(3), null)).toMatchObject({ have: null, verdict: 'measure' })
  })
  test('the step at the bench names each socket, and what stays in the box', () => {
    const plan = then(change(avocet, swap('supply', 'dunlin-a750g')))
    const step = plan.order.steps.find(s => s.kind === 'supply-cables')
    expect(step?.does.join(' ')).toMatch(/Cable main into MB\./)
    expect(step?.does.join(' ')).toMatch(/Stay in the box, with this supply: card-1, card-2/)
  })
})
