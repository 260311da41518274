// Stated, not known, none: what is not known fits nothing and is asked; what is none stops.
import type { Build } from '../../document/build'
import { boardOf } from '../../outlines/board'
import { caseOf } from '../../outlines/case'
import { change, finding, part, plover, then } from '../../test-helpers/demos'
import { buildFrom as build, type Fields } from '../../test-helpers/planted-machine'

const about = { id: 'x', maker: 'Kelder', model: 'X' }
const byForm = boardOf(
  {
    ...{ form: 'ATX', socket: 'TERN-2', memory: { type: 'DDR5', slots: 4 } },
    ...{ m2: null, headers: { 'usb-c': 0 }, usual: 'what its size has' },
  },
  about,
)
const byNumbers = (usbA: number | null, usbC: number | null) =>
  caseOf(
    {
      ...{ archetype: 'tower-shroud', boards: ['ATX'], usbA, usbC },
      ...{ length: 440, height: 465, width: 225, coolerRoom: 170 },
      ...{ cardRoom: 360, supplyRoom: 200, bays: 3, fans: 3 },
    },
    { ...about, id: 'y', model: 'Y' },
  )
const said = (b: Build, rule: string) => then(b).findings.filter(f => f.rule === rule)
const keyboard = {
  ...{ kind: 'device', id: 'k', model: 'Keys', does: 'keyboard' },
  plugs: [{ key: 'usb', label: 'USB', face: 'usb-a' }],
}

describe('a supply', () => {
  const swapped = (cables: unknown) => {
    const item = plover.items.find(i => i.id === 'supply')
    const own = { ...(item?.part as Fields), cables }
    return change(plover, { do: 'swapPart', id: 'supply', part: own, figures: {} })
  }
  const power = 'joints/unmet:board:board/main'
  test('whose cables are not known: which plugs it has is asked, and nothing stops', () => {
    expect(finding(then(swapped(undefined)), power)).toMatchObject({ verdict: 'measure' })
    const [asked] = said(swapped(null), 'joints/known')
    expect(asked).toMatchObject({
      verdict: 'measure',
      sentence: 'Which plugs does the S300 have?',
      asks: [{ item: 'supply', path: 'cables' }],
    })
    expect(then(swapped(null)).asking[0]).toMatchObject({ item: 'supply', path: 'cables' })
  })
  test('that has none: the board’s main power finds no partner', () => {
    expect(finding(then(swapped([])), power).verdict).toBe('stop')
    expect(said(swapped([]), 'joints/known')).toEqual([])
  })
})

describe('a socket that is not known', () => {
  const blind = (p: object, where: object) => ({ ...p, ...where })
  const board = part('saltpan-inlet-2')
  const processor = part('quillmark-t2-65')
  test('fits no other that is not known: both are asked, none is joined', () => {
    const b = build(
      blind(board, { processor: { socket: null, at: [75, 60] } }),
      blind(processor, { socket: '' }),
    )
    expect(then(b).joints).toEqual([])
    expect(said(b, 'joints/known').map(f => f.sentence)).toEqual([
      'Which processor socket does the Inlet 2 have?',
      'Which socket is the T2-65 made for?',
    ])
  })
  test('of the board alone: whether the processor finds its partner is to be seen', () => {
    const b = build(blind(board, { processor: { socket: null } }), processor)
    expect(finding(then(b), 'joints/unmet:processor-1').verdict).toBe('measure')
  })
})

describe('a board of which nobody named the rear sockets', () => {
  const { rear: _, ...silent } = part('saltpan-inlet-2') as Fields
  test('a keyboard is no stop: the sockets are asked; a rear without any is one', () => {
    const open = finding(then(build(silent, keyboard)), 'joints/unmet:device-1')
    expect(open).toMatchObject({ verdict: 'measure', asks: [{ item: 'board-0', path: 'rear' }] })
    const none = build({ ...silent, rear: [] }, keyboard)
    expect(finding(then(none), 'joints/unmet:device-1').verdict).toBe('stop')
  })
})

describe('a board by its form', () => {
  const lead = (face: string) => ({
    ...part('fenwright-tall-40'),
    leads: [{ key: 'lead', label: 'front lead', face }],
  })
  const met = (face: string) =>
    then(build(lead(face), byForm)).findings.find(
      f =>
        f.parts.includes('case-0') && /case-0\/lead/.test(f.id) && f.rule !== 'routes/lead-length',
    )
  test('a header that such boards usually have is no more than that: measure, not clear', () => {
    expect(met('usb-3')).toMatchObject({
      ...{ rule: 'joints/joined', verdict: 'measure', assumed: true },
      asks: [{ item: 'board-1', path: 'headers' }],
    })
  })
  test('one that it was said not to have: stop; one of which nobody spoke: measure', () => {
    expect(met('usb-c')).toMatchObject({ rule: 'joints/unmet', verdict: 'stop' })
    expect(met('firewire')).toMatchObject({ rule: 'joints/unmet', verdict: 'measure' })
  })
  test('its panel: the usual order is taken, and said to be', () => {
    const b = build(byNumbers(0, 0), byForm)
    expect(then(b).panel[0]?.isAssumed).toBe(true)
    for (const f of said(b, 'panel/plug-width'))
      expect([f.verdict, f.asks[0]?.path]).toEqual(['measure', 'panel'])
    expect(said(b, 'panel/plug-width').length).toBeGreaterThan(1)
  })
})

describe('a case by a few numbers', () => {
  test('how many sockets its front has is the first thing asked; no lead for them is made up', () => {
    const pc = byNumbers(null, null)
    expect(pc.leads?.some(l => l.face.startsWith('usb'))).toBe(false)
    const b = build(pc, part('saltpan-lagoon-9'))
    expect(then(b).asking[0]).toMatchObject({ item: 'case-0', path: 'leads' })
  })
  test('counted: three flat ones are two leads, which plug they have is assumed; one oval, none', () => {
    const pc = byNumbers(3, 0)
    const usb = pc.leads?.filter(l => l.face.startsWith('usb')) ?? []
    expect(usb.map(l => [l.face, l.ports, l.assumed])).toEqual([
      ['usb-3', 2, true],
      ['usb-3', 1, true],
    ])
    expect(pc.partly).not.toContain('leads')
  })
  test('standoffs of which nobody spoke are looked at, none is taken to be harmless', () => {
    const pc = { ...byNumbers(0, 0), boards: ['ATX', 'microATX'] }
    const b = build(pc, {
      ...part('saltpan-lagoon-9'),
      form: 'microATX',
      edge: null,
      depth: null,
      holes: ['B', 'C', 'F', 'H'],
    })
    const stray = said(b, 'fit/standoff-stray')
    expect(stray.map(f => [f.verdict, f.asks[0]?.path])).toEqual([['measure', 'standoffs.fitted']])
  })
  test('E-ATX promises no more than what the case states: a depth nobody stated is measured', () => {
    const pc = { ...byNumbers(0, 0), boards: ['E-ATX', 'ATX'] }
    const large = { ...part('saltpan-lagoon-9'), form: 'E-ATX', depth: 277 }
    const depth = said(build(pc, large), 'fit/board-room').find(f => f.id.endsWith('depth'))
    expect(depth).toMatchObject({ verdict: 'measure', need: 277, have: null })
  })
})

test('without a processor a sum is a range, and says what is not known', () => {
  const { items } = plover
  const without = { ...plover, items: items.filter(i => i.id !== 'processor') }
  const size = finding(then(without), 'power/supply-size')
  // 117.1036 less the processor's 73.8636, by 1.15
  expect(size).toMatchObject({ verdict: 'measure', need: null })
  expect(size.atLeast).toBeCloseTo(1.15 * (117.1036 - 73.8636), 3)
  expect(size.sentence).toMatch(/at least 49\.7\u2009W; not known: power of the processor$/)
})

test('a processor without a plug of its own on the board draws from 5 V, with no converter between', () => {
  const old = {
    ...part('saltpan-inlet-2'),
    headers: [{ key: 'pair', face: 'board-pair', label: 'P' }],
  }
  const b = build(old, part('quillmark-t2-65'), { ...part('dunlin-s300'), rails: { W5: 60 } })
  const five = said(b, 'power/rail').find(f => f.id.endsWith(':5'))
  // 65 of the processor and 8 of the board
  expect(five?.need).toBeCloseTo(65 + 8)
  expect(five?.verdict).toBe('stop')
})

test('what a shop or a review says is weaker than a sheet: it asks for a test, and stops nothing', () => {
  const told = (room: number) =>
    change(plover, {
      do: 'swapPart',
      id: 'case',
      part: {
        ...(plover.items.find(i => i.id === 'case')?.part as Fields),
        ...{ coolerRoom: room, coolerRoomFrom: 'lid', read: { in: 'review' } },
      },
      figures: {},
    })
  const height = (room: number) => finding(then(told(room)), 'fit/cooler-height')
  // 65 ± 1 of so much ± 5
  expect(height(80)).toMatchObject({ verdict: 'clear', basis: 'told' })
  expect(height(80).settles[0]).toMatchObject({ item: 'case', path: 'coolerRoom' })
  expect(height(68).verdict).toBe('measure')
  expect(height(50).verdict).toBe('measure')
})
