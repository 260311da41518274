// For tests: faults to plant in a sound machine, a class each. Need and have are worked out here, by
// hand; nothing of the program's own rules, joining or power is asked.
import type { Verdict } from '../figures/verdict'
import {
  altered,
  exact,
  SOUND,
  stated,
  type Draw,
  type Fields,
  type Machine,
} from './planted-machine'

/** A machine with a fault in it, and what has to be said of it. */
export interface Planted {
  readonly machine: Machine
  readonly rule: string
  readonly verdict: Verdict
  /** The items that the finding names. */
  readonly names: readonly string[]
  /** What a hand has joined so. */
  readonly pins?: Readonly<Record<string, string>>
  /** What else may stop or harm because of it, by rule. */
  readonly also?: readonly string[]
}
export interface Plant {
  readonly name: string
  readonly plant: (draw: Draw) => Planted
}

const { tower, box } = SOUND
/** Half of the amounts lie within the tolerance: then the sheet does not decide it. */
const short = (draw: Draw, tol: number): { readonly by: number; readonly verdict: Verdict } =>
  draw.isWithin
    ? { by: draw.between(-0.9 * tol, 0.9 * tol), verdict: 'tight' }
    : { by: draw.between(1.05 * tol, 4 * tol), verdict: 'stop' }

/** Lengths: a part too large for the room that its case states. */
const LENGTHS: readonly Plant[] = [
  {
    name: 'a cooler under the panel',
    plant: draw => {
      const room = draw.whole(120, 170)
      const { by, verdict } = short(draw, 1.5)
      const machine = altered(tower, {
        cooler: { height: stated('mm', room + by, 0.5) },
        case: { coolerRoom: stated('mm', room, 1), coolerRoomFrom: 'lid' },
      })
      return { machine, rule: 'fit/cooler-height', verdict, names: ['cooler', 'case'] }
    },
  },
  {
    name: 'a supply in its place',
    plant: draw => {
      const { by, verdict } = short(draw, 2)
      const machine = altered(tower, {
        supply: { length: stated('mm', 160 + by, 1), modular: 'fixed' },
        case: { supply: { ...(tower.case['supply'] as Fields), room: stated('mm', 160, 1) } },
      })
      return { machine, rule: 'fit/supply-length', verdict, names: ['supply', 'case'] }
    },
  },
  {
    name: 'a board on the tray',
    plant: draw => {
      const { by, verdict } = short(draw, 1.5)
      const machine = altered(tower, {
        board: { depth: stated('mm', 243.84, 1) },
        case: { tray: { roomX: stated('mm', 243.84 - by, 0.5) } },
      })
      return { machine, rule: 'fit/board-room', verdict, names: ['board', 'case'] }
    },
  },
  {
    name: 'a card before the front',
    plant: draw => {
      const room = draw.whole(250, 330)
      const { by, verdict } = short(draw, 2)
      const machine = altered(tower, {
        case: { cardRoom: stated('mm', room, 1) },
        card: { ...SMALL_CARD, length: stated('mm', room + by, 1) },
      })
      return { machine, rule: 'fit/card-length', verdict, names: ['card', 'case'] }
    },
  },
  {
    name: 'a lead in a case that states its holes',
    plant: draw => {
      const length = draw.whole(20, 60)
      const [main, ...others] = box.supply['cables'] as readonly Fields[]
      const machine = altered(box, {
        supply: { cables: [{ ...main, length: exact('mm', length) }, ...others] },
      })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['board'] }
    },
  },
]

const SMALL_CARD: Fields = {
  ...{ kind: 'card', id: 'small', model: 'Small card', does: 'capture', size: 'x1', slots: 1 },
  ...{ watts: exact('W', 8), height: exact('mm', 90), power: [] },
}

/** Headers on a board that states their current. */
const withHeaders = (...headers: readonly Fields[]): Machine =>
  altered(tower, {
    board: {
      headers: [
        { key: 'main', face: 'main-24', label: 'MAIN' },
        { key: 'cpu', face: 'cpu-8', label: 'CPU', at: [40, 8] },
        { key: 'cpu-fan', face: 'fan-4', label: 'CPU_FAN', role: 'processor', amps: 2 },
        { key: 'usb3', face: 'usb-3', label: 'USB3' },
        { key: 'audio', face: 'audio-hd', label: 'AUDIO' },
        ...headers,
      ],
    },
  })
const fan = (amps: number, more: Fields = {}): Fields => ({
  ...{ kind: 'fan', id: `fan-${amps}`, model: `Fan ${amps}`, size: '120', face: 'fan-4' },
  amps: exact('A', amps),
  ...more,
})
const splitter = (face: string, ways = 2): Fields => ({
  ...{ kind: 'adapter', id: 'splitter', model: 'Splitter' },
  inlets: [{ key: 'in', face, label: 'plug' }],
  outlets: Array.from({ length: ways }, (_, i) => ({ key: `o${i}`, face, label: `way ${i}` })),
})
const strip = (amps: number, face = 'light-5', lights = 10): Fields => ({
  ...{ kind: 'light', id: `strip-${amps}`, model: `Strip ${amps}`, face, lights },
  amps: exact('A', amps),
})
/** Two of something on a header that gives so much, by a splitter: each alone would pass. */
function onSplitter(
  draw: Draw,
  limit: number,
): { readonly each: number; readonly verdict: Verdict } {
  const tol = 0.03 * limit
  const { by, verdict } = short(draw, tol)
  return { each: (limit + by) / 2, verdict: verdict === 'stop' ? 'harm' : verdict }
}

/** Both on the splitter, and the splitter on the one header: as a hand has plugged them. */
const BY_HAND = {
  'splitter/in': 'board/f',
  'one/lead': 'splitter/o0',
  'two/lead': 'splitter/o1',
}

/** Lines: what hangs on splitters, hubs and adapters, added up. */
const LINES: readonly Plant[] = [
  {
    name: 'two fans over a splitter on one header',
    plant: draw => {
      const limit = draw.between(1, 2)
      const { each, verdict } = onSplitter(draw, limit)
      const machine = altered(withHeaders({ key: 'f', face: 'fan-4', label: 'FAN', amps: limit }), {
        splitter: splitter('fan-4'),
        ...{ one: fan(each), two: fan(each) },
      })
      return {
        machine,
        rule: 'joints/header-current',
        verdict,
        names: ['splitter', 'board', 'one', 'two'],
        pins: BY_HAND,
      }
    },
  },
  {
    name: 'two fans in their first second',
    plant: draw => {
      const start = exact('A', draw.between(0.6, 1.1))
      const own = fan(0.2, { startAmps: start })
      const machine = altered(withHeaders({ key: 'f', face: 'fan-4', label: 'FAN', amps: 1 }), {
        ...{ splitter: splitter('fan-4'), one: own, two: own },
      })
      return {
        machine,
        rule: 'joints/header-current',
        verdict: 'harm',
        names: ['splitter', 'board'],
        pins: BY_HAND,
      }
    },
  },
  {
    name: 'two strips over a splitter on one header',
    plant: draw => {
      const { each, verdict } = onSplitter(draw, 3)
      const header = { key: 'l', face: 'light-5', label: 'LED', amps: 3 }
      const machine = altered(withHeaders(header), {
        splitter: splitter('light-5'),
        ...{ one: strip(each), two: strip(each) },
      })
      return {
        machine,
        rule: 'joints/header-current',
        verdict,
        names: ['splitter', 'board', 'one', 'two'],
      }
    },
  },
  {
    name: 'more LEDs than a header drives',
    plant: draw => {
      const each = draw.whole(41, 60)
      const header = { key: 'l', face: 'light-5', label: 'LED', amps: 3, lights: 80 }
      const machine = altered(withHeaders(header), {
        splitter: splitter('light-5'),
        ...{ one: strip(0.2, 'light-5', each), two: strip(0.3, 'light-5', each) },
      })
      return {
        machine,
        rule: 'joints/light-count',
        verdict: 'watch',
        names: ['board', 'one', 'two'],
      }
    },
  },
  {
    name: '5 V of a hub’s SATA plug',
    plant: draw => {
      const each = draw.between(1.7, 2.8)
      const hub = {
        ...{ kind: 'hub', id: 'hub', model: 'Hub', serves: 'lights', amps: 20 },
        inlets: [{ key: 'p', face: 'sata-power', label: 'power' }],
        outlets: [1, 2, 3].map(n => ({ key: `o${n}`, face: 'light-5', label: `OUT${n}`, amps: 3 })),
      }
      const machine = altered(tower, { hub, a: strip(each), b: strip(each), c: strip(each) })
      // Three of these from one plug of 4.5 A.
      return {
        machine,
        rule: 'power/plug',
        verdict: 'harm',
        names: ['hub', 'supply', 'a', 'b', 'c'],
      }
    },
  },
]

const GRAPHICS: Fields = {
  ...{ kind: 'card', id: 'graphics', model: 'Graphics', does: 'graphics', size: 'x16', slots: 2 },
  ...{ length: exact('mm', 200), height: exact('mm', 100), fromSlot: exact('W', 40) },
}
/** A supply with power to spare, and the cables of a class. */
const supply = (...cables: readonly Fields[]): Fields => ({
  ...{
    watts: exact('W', 1500),
    guide: 'newer',
    rails: { W12: 1450, W5: 150, W3: 100, combined: 200 },
  },
  cables: [
    { key: 'main', plugs: [{ face: 'main-24' }] },
    { key: 'cpu', plugs: [{ face: 'cpu-8' }] },
    ...cables,
    { key: 'sixteen', plugs: [{ face: 'card-16', class: 600 }] },
  ],
})
const adapter = (from: string, to: string): Fields => ({
  ...{ kind: 'adapter', id: 'adapter', model: 'Adapter' },
  inlets: [{ key: 'in', face: from, label: 'inlet', need: 'must' }],
  outlets: [{ key: 'out', face: to, label: 'outlet' }],
})
const socket = (face: string): readonly Fields[] => [{ key: 'p', face, label: face }]

/** Cards and their power. */
const CARDS: readonly Plant[] = [
  ...(
    [
      ['sata-power', 'card-6', 'harm'],
      ['sata-power', 'card-8', 'harm'],
      ['drive-4', 'card-8', 'harm'],
      ['drive-4', 'card-6', 'watch'],
    ] as const
  ).map(([from, to, verdict]): Plant => ({
    name: `an adapter from ${from} to ${to}`,
    plant: draw => {
      const machine = altered(tower, {
        supply: supply({ key: 'chain', plugs: [{ face: from }] }),
        card: { ...GRAPHICS, watts: exact('W', draw.between(60, 85)), power: socket(to) },
        adapter: adapter(from, to),
      })
      return {
        machine,
        rule: 'power/adapter',
        verdict,
        names: ['adapter', 'card'],
        also: ['power/plug'],
      }
    },
  })),
  {
    name: 'two heads of one cable',
    plant: draw => {
      const watts = draw.between(200, 260)
      const heads = {
        key: 'two',
        gauge: 18,
        plugs: [{ face: 'card-8', after: 90 }, { face: 'card-8' }],
      }
      const power = ['a', 'b'].map(key => ({ key, face: 'card-8', label: key }))
      const machine = altered(tower, {
        supply: supply(heads),
        card: { ...GRAPHICS, watts: exact('W', watts), power },
      })
      // 40 W come by the slot: 160 to 220 by the cable, of 150.
      return { machine, rule: 'power/heads', verdict: 'watch', names: ['supply', 'card'] }
    },
  },
  {
    name: 'a 16-contact plug of too low a class',
    plant: draw => {
      const watts = draw.between(360, 480)
      const cables = [
        { key: 'main', plugs: [{ face: 'main-24' }] },
        { key: 'cpu', plugs: [{ face: 'cpu-8' }] },
        { key: 'sixteen', plugs: [{ face: 'card-16', class: exact('W', 300) }] },
      ]
      const machine = altered(tower, {
        supply: { ...supply(), cables },
        card: { ...GRAPHICS, watts: exact('W', watts), power: socket('card-16') },
      })
      return { machine, rule: 'power/class', verdict: 'watch', names: ['supply', 'card'] }
    },
  },
  {
    name: 'a low card of one lane beyond 10 W',
    plant: draw => {
      const card = { ...SMALL_CARD, profile: 'low', watts: exact('W', draw.between(11, 24)) }
      const machine = altered(tower, { card })
      return { machine, rule: 'power/slot', verdict: 'stop', names: ['card', 'board'] }
    },
  },
  {
    name: 'one plug of eight for what needs two',
    plant: draw => {
      const machine = altered(tower, {
        supply: supply({ key: 'eight', plugs: [{ face: 'card-8' }] }),
        card: { ...GRAPHICS, watts: exact('W', draw.between(200, 280)), power: socket('card-8') },
      })
      // 160 to 240 by a plug of 150
      return { machine, rule: 'power/plug', verdict: 'harm', names: ['supply', 'card'] }
    },
  },
  {
    name: 'a board of twenty contacts that takes more 12 V than one carries',
    plant: draw => {
      const board = {
        headers: (withHeaders()['board']?.['headers'] as readonly Fields[]).map(h =>
          h['face'] === 'main-24' ? { ...h, face: 'main-20' } : h,
        ),
        power: { W12: exact('W', draw.between(80, 120)), W5: 8, W3: 7 },
      }
      const machine = altered(tower, { board, supply: supply() })
      return { machine, rule: 'power/plug', verdict: 'harm', names: ['supply', 'board'] }
    },
  },
]

/** Rails and the label, of a supply that states them. */
const RAILS: readonly Plant[] = [
  ...(
    [
      ['W5', ':5', 8 + 8],
      ['W3', ':3.3', 7],
    ] as const
  ).map(([path, rail, need]): Plant => ({
    name: `the rail ${rail}`,
    plant: draw => {
      const board = { power: { W12: exact('W', 10), W5: exact('W', 8), W3: exact('W', 7) } }
      const memory = { watts: exact('W', 4) }
      const { by, verdict } = short(draw, 1)
      const rails = { ...(tower.supply['rails'] as Fields), [path]: stated('W', need - by, 1) }
      const machine = altered(tower, { board, memory, supply: { rails } })
      return { machine, rule: `power/rail:supply${rail}`, verdict, names: ['supply'] }
    },
  })),
  {
    name: 'standby',
    plant: draw => {
      const { by, verdict } = short(draw, 0.1)
      const board = { power: { standby: exact('A', 2) } }
      const rails = { ...(tower.supply['rails'] as Fields), standby: stated('A', 2 - by, 0.1) }
      const machine = altered(tower, { board, supply: { rails } })
      return { machine, rule: 'power/standby', verdict, names: ['supply', 'board'] }
    },
  },
]

const without = (parts: readonly Fields[], face: string): readonly Fields[] =>
  parts.filter(p => p['face'] !== face)

/** What has no partner, and what has one that it should not have. */
const PARTNERS: readonly Plant[] = [
  {
    name: 'no plug for the processor',
    plant: () => {
      const cables = (tower.supply['cables'] as readonly Fields[]).filter(
        c => !(c['plugs'] as readonly Fields[]).some(p => p['face'] === 'cpu-8'),
      )
      const machine = altered(tower, { supply: { cables } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['board'] }
    },
  },
  {
    name: 'a supply of which nobody knows the plugs',
    plant: () => {
      const machine = altered(tower, { supply: { cables: null } })
      return { machine, rule: 'joints/known', verdict: 'measure', names: ['supply'] }
    },
  },
  {
    name: 'a processor of which nobody knows the socket',
    plant: () => {
      const machine = altered(tower, { processor: { socket: null } })
      return { machine, rule: 'joints/known', verdict: 'measure', names: ['processor'] }
    },
  },
  {
    name: 'a processor for another socket',
    plant: () => {
      const machine = altered(tower, { processor: { socket: 'REED-9' } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['processor'] }
    },
  },
  {
    name: 'memory of another generation',
    plant: () => {
      const machine = altered(tower, { memory: { type: 'DDR4' } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['memory'] }
    },
  },
  {
    name: 'a front socket without a header',
    plant: () => {
      const leads = tower.case['leads'] as readonly Fields[]
      const lead = { key: 'c', label: 'front USB-C', face: 'usb-c', ports: 1 }
      const headers = without(tower.board['headers'] as readonly Fields[], 'usb-c')
      const machine = altered(tower, { case: { leads: [...leads, lead] }, board: { headers } })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['case'] }
    },
  },
  {
    name: 'a strip of 5 V where only 12 V is',
    plant: () => {
      const header = { key: 'l', face: 'light-12', label: 'LED12' }
      const machine = altered(withHeaders(header), { strip: strip(0.5) })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['strip'] }
    },
  },
  {
    name: 'a stick that speaks what its socket does not',
    plant: () => {
      const m2 = [{ key: 'm', label: 'M2_1', keys: ['M'], lengths: ['2280'], protocols: ['NVMe'] }]
      const stick = {
        ...{ kind: 'drive', id: 'stick', model: 'Stick', shape: 'M.2', protocol: 'SATA' },
        m2: { keys: ['M'], length: '2280' },
      }
      const machine = altered(tower, { board: { m2 }, stick })
      return { machine, rule: 'joints/unmet', verdict: 'stop', names: ['stick'] }
    },
  },
  {
    name: 'no picture',
    plant: () => {
      const machine = altered(tower, { processor: { picture: false } })
      return { machine, rule: 'fit/picture', verdict: 'stop', names: ['processor', 'board'] }
    },
  },
  {
    name: 'a picture of which nobody knows',
    plant: () => {
      const machine = altered(tower, { processor: { picture: null } })
      return { machine, rule: 'fit/picture', verdict: 'measure', names: ['processor', 'board'] }
    },
  },
  {
    name: 'a firmware older than the processor',
    plant: draw => {
      const firmware = {
        ...{ version: `1.${draw.whole(1, 9)}`, flashes: false },
        knows: [{ processor: 'quillmark-t2-65', from: '2.0' }],
      }
      const machine = altered(tower, { board: { firmware } })
      return { machine, rule: 'fit/firmware', verdict: 'stop', names: ['processor', 'board'] }
    },
  },
  {
    name: 'a standoff under the board where it has no hole',
    plant: () => {
      const fitted = ['A', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M', 'S']
      const machine = altered(tower, { case: { standoffs: { fitted } } })
      return { machine, rule: 'fit/standoff-stray', verdict: 'harm', names: ['board', 'case'] }
    },
  },
  {
    name: 'standoffs of which nobody knows',
    plant: () => {
      const machine = altered(tower, { case: { standoffs: { fitted: null } } })
      return { machine, rule: 'fit/standoff-stray', verdict: 'measure', names: ['board', 'case'] }
    },
  },
  {
    name: 'a tray deeper than the case promises',
    plant: draw => {
      const board = { form: 'E-ATX', depth: exact('mm', draw.between(257, 280)) }
      const machine = altered(tower, { board, case: { boards: ['E-ATX', 'ATX'] } })
      return { machine, rule: 'fit/board-room', verdict: 'measure', names: ['board', 'case'] }
    },
  },
]

/** Every class of fault that can be planted. */
export const PLANTS: readonly Plant[] = [...LENGTHS, ...LINES, ...CARDS, ...RAILS, ...PARTNERS]
