import { analyse } from '../analysis/analyse'
import { buildSchema } from '../document/build'
import { part, plover, shelf } from '../test-helpers/demos'
import { FORM, MAINS_AT_FRONT, MAINS_SWITCH } from '../standards/boards'
import { readFigure } from '../figures/units'
import { ARCHETYPE, layoutOf, type Archetype } from '../case/layout'
import { boardOf, slotLabels } from './board'
import type { Board } from '../parts/board-schema'
import type { Case } from '../parts/case-schema'
import { caseOf } from './case'
import { boardsUpTo, CASE_NUMBERS, type CaseOutline } from './case-outline'
import { usualLeads } from './front-leads'
import { formOf, type FormField } from '../forms/form'
import { PART_KINDS, type PartKind } from '../parts'

const about = { id: 'x', maker: 'Kelder', model: 'X' }
const outline: CaseOutline = {
  archetype: 'tower-shroud',
  boards: ['ATX'],
  length: 440,
  height: 465,
  width: 225,
  coolerRoom: 170,
  cardRoom: 360,
  supplyRoom: 200,
  bays: 3,
  fans: 6,
}

describe('a case from ten numbers', () => {
  test('there are ten, what hangs from the front first', () =>
    expect([CASE_NUMBERS.length, CASE_NUMBERS[0].key, CASE_NUMBERS[1].key]).toEqual([
      10,
      'usbA',
      'usbC',
    ]))
  test('what is stated stands, what is derived is assumed with its range', () => {
    const pc = caseOf(outline, about)
    expect([pc.coolerRoom, pc.cardRoom, pc.supply.room]).toEqual([170, 360, 200])
    // 440 outside less 45 for walls and front
    expect(readFigure(pc.inner.x, 'mm')).toEqual({ value: 395, basis: 'assumed', tol: 15 })
    // 435 inside from floor to top: two fans of 140 and what keeps them apart; the third goes on top
    expect([pc.assumed?.[0], pc.bays?.length, pc.fans?.map(f => f.key), pc.slots]).toEqual([
      'places',
      3,
      ['rear', 'front-1', 'front-2', 'top-1', 'top-2', 'top-3'],
      undefined,
    ])
    // A 360 is 397 long: two too many for the 395 of the top, though three fans stand there.
    expect(pc.radiators?.map(r => [r.key, r.sizes.at(-1)])).toEqual([
      ['radiator-rear', '120'],
      ['radiator-front', '280'],
      ['radiator-top', '240'],
    ])
  })
  test('what is not known stays not stated; its room is as wide as the archetype, and wider off', () => {
    const pc = caseOf({ ...outline, length: null, coolerRoom: null }, about)
    expect(pc.coolerRoom).toBeNull()
    expect(readFigure(pc.inner.x, 'mm')).toEqual({ value: 420, basis: 'assumed', tol: 60 })
  })
  test.each(Object.keys(ARCHETYPE) as Archetype[])(
    '%s: board, supply and bays lie inside, and every lead finds a way',
    archetype => {
      const own = {
        shoebox: ['Mini-ITX', 'saltpan-inlet-2'],
        cube: ['microATX', 'marram-dune-m'],
      } as const
      const [form0, boardId] =
        archetype === 'shoebox' || archetype === 'cube'
          ? own[archetype]
          : (['ATX', 'saltpan-lagoon-9'] as const)
      const pc = caseOf(
        {
          ...outline,
          archetype,
          boards: [form0],
          length: null,
          height: null,
          width: null,
          bays: 1,
        },
        about,
      )
      const { inner, tray, rooms } = layoutOf(pc)
      const form = FORM[form0]
      expect([tray[1] <= inner.y, tray[1] - form.edge >= -5, form.depth <= inner.x]).toEqual([
        true,
        true,
        true,
      ])
      expect(rooms.length).toBeGreaterThan(0)
      const items = [
        ['case', pc],
        ['board', part(boardId)],
        ['supply', part(archetype === 'shoebox' ? 'dunlin-s450m' : 'dunlin-a850')],
      ].map(([id, p]) => ({ id, part: p, state: 'have' }))
      const { routes } = analyse(buildSchema.parse({ id: 'b', name: 'B', items })).horizons.then
      const laid = routes.filter(r => r.item === 'supply')
      expect(laid.length).toBeGreaterThan(0)
      expect(laid.filter(r => r.need === null)).toEqual([])
    },
  )
})

test('what its own millimetres refuse is not offered: low, narrow, and short cases', () => {
  const low = caseOf({ ...outline, height: 270, length: 300, width: 180, fans: 8 }, about)
  // 240 inside from floor to top: one fan of 140 or of 120 at the front, no radiator of two
  const inFront = low.fans?.filter(f => f.key.startsWith('front')) ?? []
  expect(inFront).toHaveLength(1)
  expect(low.radiators?.flatMap(r => r.sizes)).not.toContain('420')
  for (const wall of ['front-', 'top-']) {
    const places = (low.fans ?? []).filter(f => f.key.startsWith(wall)).flatMap(f => f.at ?? [])
    for (const place of places) expect(place).toBeGreaterThanOrEqual(0)
  }
  // All eight are there; where the ones are that no wall has room for, nobody knows.
  expect(low.fans).toHaveLength(8)
  expect(low.fans?.some(f => f.at === undefined)).toBe(true)
})

describe('a board from its form and five choices', () => {
  const board = boardOf(
    {
      form: 'microATX',
      socket: 'TERN-2',
      memory: { type: 'DDR5', slots: 4 },
      m2: [{}, {}],
      headers: { 'usb-c': 1 },
      usual: 'what its size has',
    },
    about,
  )
  test('every end lies on the board, every key is its own', () => {
    const { edge, depth } = FORM.microATX
    const headers = board.headers ?? []
    for (const h of headers)
      expect([
        h.key,
        h.at && h.at[0] >= 0 && h.at[0] <= depth && h.at[1] >= 0 && h.at[1] <= edge,
      ]).toEqual([h.key, true])
    expect(new Set(headers.map(h => h.key)).size).toBe(headers.length)
  })
  test('no print is made up: slots are counted, headers called by what they are', () => {
    expect(slotLabels(2)).toEqual(['slot 1', 'slot 2'])
    const slots = board.memory.slots ?? []
    expect([...slots].sort((a, b) => a.rank - b.rank).map(s => s.label)).toEqual(
      [2, 4, 1, 3].map(n => `slot ${n}`),
    )
    for (const { label } of board.headers ?? []) expect(label).not.toMatch(/[A-Z]_|_\d/)
  })
  test('what was counted stands; what such boards usually have is marked, and there may be more', () => {
    const of = (face: string) => (board.headers ?? []).filter(h => h.face === face)
    expect(of('usb-c').map(h => h.assumed)).toEqual([undefined])
    expect(of('usb-3').map(h => h.assumed)).toEqual([true])
    expect(board.partly).toContain('headers')
  })
  test('one fan header is the processor’s', () =>
    expect((board.headers ?? []).filter(h => h.role === 'processor')).toHaveLength(1))
  test('where places are derived, a lead’s way is told with a wide tolerance', () => {
    const tol = (b: typeof plover) =>
      analyse(b)
        .horizons.then.findings.filter(f => f.rule === 'routes/lead-length')
        .map(f => f.tol)
    const derived = {
      ...plover,
      items: plover.items.map(i =>
        i.id === 'board' ? { ...i, part: { ...i.part, assumed: ['places'] } } : i,
      ),
    }
    expect(Math.min(...tol(derived))).toBeGreaterThanOrEqual(Math.min(...tol(plover)) + 40)
  })
})

test('a case for a board takes the smaller ones on the same holes, an old form only itself', () => {
  expect(boardsUpTo('ATX')).toEqual(['ATX', 'microATX', 'Mini-ITX'])
  expect(boardsUpTo('Mini-ITX')).toEqual(['Mini-ITX'])
  expect(boardsUpTo('AT')).toEqual(['AT'])
})

describe('forms', () => {
  const leaves = (fields: readonly FormField[]): readonly FormField[] =>
    fields.flatMap(f =>
      f.takes === 'group' || f.takes === 'list' ? [f, ...leaves(f.fields)] : [f],
    )
  test.each(PART_KINDS)('%s: every field has a label, every choice something to choose', kind => {
    const fields = leaves(formOf(kind))
    expect(fields.length).toBeGreaterThan(4)
    for (const f of fields) {
      expect(f.label).toMatch(/\S/)
      if (f.takes === 'choice' || f.takes === 'choices') expect(f.options.length).toBeGreaterThan(1)
      expect(f.help).toMatch(f.takes === 'figure' ? /^\S.*\.$/ : /^(\S.*\.)?$/)
    }
  })

  test(
    'a field’s own words win over a term of the trade: a cable’s socket is the supply’s, ' +
      'a board’s the processor’s',
    () => {
      const helps = (kind: PartKind): readonly string[] =>
        leaves(formOf(kind))
          .filter(f => f.key === 'socket')
          .map(f => f.help)
      expect(helps('supply')).toEqual([
        'Of a modular one: the socket of the supply that it belongs in.',
      ])
      expect(helps('processor')).toEqual([
        'The processor’s holder on the board; only the same name fits.',
      ])
    },
  )
})

describe('the switch at the front of an AT case carries mains: it is never a lead for a board', () => {
  const isSwitch = (l: { readonly job?: unknown }): boolean => l.job === 'power-switch'
  test('no case for AT boards has such a lead, by numbers or on the shelf; each says what the switch is', () => {
    const byNumbers = caseOf(
      {
        archetype: 'tower-top',
        boards: ['Baby-AT', 'AT'],
        length: 430,
        height: 420,
        width: 200,
        coolerRoom: null,
        cardRoom: null,
        supplyRoom: null,
        bays: 3,
        fans: 1,
      },
      { id: 'x', maker: 'X', model: 'X' },
    )
    const old = shelf.filter(
      (p): p is Case =>
        p.kind === 'case' && (p.boards ?? []).every(b => MAINS_AT_FRONT.includes(b)),
    )
    expect(old.length).toBeGreaterThan(0)
    for (const pc of [byNumbers, ...old]) {
      expect((pc.leads ?? []).filter(isSwitch)).toEqual([])
      expect(pc.leads?.some(l => l.job === 'reset')).toBe(true)
      expect(pc.note).toBe(MAINS_SWITCH)
    }
    // A case for later boards has its switch.
    expect(usualLeads(['ATX']).filter(isSwitch)).toHaveLength(1)
    expect(usualLeads(['ATX', 'AT']).filter(isSwitch)).toHaveLength(1)
  })
  test('no board of the AT’s age has pins for it', () => {
    const byNumbers = boardOf(
      {
        form: 'Baby-AT',
        socket: 'X',
        memory: { type: 'SIMM-72', slots: 4 },
        m2: [],
        headers: {},
        usual: 'what its size has',
      },
      { id: 'x', maker: 'X', model: 'X' },
    )
    const old = shelf.filter(
      (p): p is Board => p.kind === 'board' && MAINS_AT_FRONT.some(f => f === p.form),
    )
    expect(old.length).toBeGreaterThan(0)
    for (const board of [byNumbers, ...old])
      expect((board.panel?.pins ?? []).filter(p => p.does === 'power-switch')).toEqual([])
  })
})
