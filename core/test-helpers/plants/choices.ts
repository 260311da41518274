// For tests: plugs put where a builder would not put them, and supplies with too few sockets.
import { altered, exact, type Draw, type Fields, type Machine } from '../planted-machine'
import { strip, withHeaders, type Plant } from './plant'

const fan = (more: Fields = {}): Fields => ({
  ...{ kind: 'fan', id: 'fan', model: 'Fan', size: '120', face: 'fan-4', amps: exact('A', 0.2) },
  ...more,
})
const sysFan = (more: Fields = {}): Fields => ({
  ...{ key: 'sys', face: 'fan-4', label: 'SYS_FAN', role: 'case', amps: 2 },
  ...more,
})

/** A modular supply with so many sockets for processor and card leads. */
const modular = (shared: number, cables: readonly Fields[]): Fields => ({
  ...{ modular: 'full', watts: exact('W', 1200) },
  rails: { W12: 1150, W5: 150, W3: 100, combined: 200 },
  sockets: [
    { key: 'mb', label: 'MB', for: ['main-24'] },
    ...Array.from({ length: shared }, (_, i) => ({
      ...{ key: `x${i}`, label: `X${i}`, for: ['cpu-8', 'card-8', 'card-16'] },
    })),
  ],
  cables: [{ key: 'main', plugs: [{ face: 'main-24' }] }, ...cables],
})
const lead = (key: string, face: string, more: Fields = {}): Fields => ({
  ...{ key, gauge: 16, plugs: [{ face, ...more }] },
})
const card = (draw: Draw, face: string, least: number, most: number): Fields => ({
  ...{ kind: 'card', id: 'graphics', model: 'Graphics', does: 'graphics', size: 'x16', slots: 2 },
  ...{ length: exact('mm', 200), height: exact('mm', 100), fromSlot: exact('W', 40) },
  ...{ watts: exact('W', draw.between(least, most)), power: [{ key: 'p', face, label: 'power' }] },
})
const hub = (amps: number): Fields => ({
  ...{ kind: 'hub', id: 'hub', model: 'Hub', serves: 'fans', reports: 'all' },
  amps: exact('A', amps),
  inlets: [{ key: 'in', face: 'fan-4', label: 'to the board' }],
  outlets: [1, 2, 3].map(n => ({ key: `o${n}`, face: 'fan-4', label: `OUT${n}` })),
})
const stick = (id: string, generation: number): Fields => ({
  ...{ kind: 'drive', id, model: `Stick ${id}`, shape: 'M.2', protocol: 'NVMe' },
  m2: { keys: ['M'], length: '2280', generation },
})
const twoSockets = ({ tower }: Draw, more: Machine): Machine =>
  altered(tower, {
    board: {
      m2: [5, 3].map((generation, i) => ({
        ...{ key: `m${i}`, label: `M2_${i}`, keys: ['M'], lengths: ['2280'], protocols: ['NVMe'] },
        ...{ generation, rank: i + 1 },
      })),
    },
    ...more,
  })

/** Joints chosen by hand against their sense, and what runs out. */
export const CHOICES: readonly Plant[] = [
  {
    name: 'three wires on a header that only pulses',
    plant: draw => ({
      machine: altered(withHeaders(draw, sysFan({ control: 'pulses' })), {
        fan: fan({ face: 'fan-3' }),
      }),
      ...{ rule: 'joints/fan-speed', verdict: 'watch', names: ['fan', 'board'] },
    }),
  },
  {
    name: 'a fan on a drive’s power',
    plant: draw => {
      const cables = [
        ...((draw.tower['supply']?.['cables'] ?? []) as readonly Fields[]),
        { key: 'old', plugs: [{ face: 'drive-4' }] },
      ]
      const machine = altered(withHeaders(draw), {
        ...{ supply: { cables }, fan: fan({ face: 'drive-4' }) },
      })
      return { machine, rule: 'joints/fan-speed', verdict: 'watch', names: ['fan', 'supply'] }
    },
  },
  {
    name: 'fans on a splitter that one speaks for',
    plant: draw => {
      const splitter = {
        ...{ kind: 'adapter', id: 'splitter', model: 'Splitter' },
        inlets: [{ key: 'in', face: 'fan-4', label: 'plug' }],
        outlets: [1, 2].map(n => ({ key: `o${n}`, face: 'fan-4', label: `way ${n}` })),
      }
      const machine = altered(withHeaders(draw, sysFan()), { splitter, one: fan(), two: fan() })
      return { machine, rule: 'joints/on-the-way', verdict: 'watch', names: ['splitter'] }
    },
  },
  {
    name: 'a hub that gives less than its fans take',
    plant: draw => {
      const each = draw.between(0.5, 0.9)
      const own = fan({ amps: exact('A', each) })
      const machine = altered(withHeaders(draw, sysFan({ amps: 4 })), {
        ...{ hub: hub(each * 1.5), one: own, two: own },
      })
      const pins = { 'hub/in': 'board/sys', 'one/lead': 'hub/o1', 'two/lead': 'hub/o2' }
      return { machine, rule: 'power/hub', verdict: 'harm', names: ['hub', 'one', 'two'], pins }
    },
  },
  {
    name: 'nothing on the processor’s header',
    plant: draw => ({
      machine: withHeaders(draw, sysFan()),
      pins: { 'cooler/fan': 'board/sys' },
      ...{ rule: 'joints/processor-fan', verdict: 'watch', names: ['board'] },
    }),
  },
  {
    name: 'a pump that follows the fans of a hub',
    plant: draw => {
      const cooler = {
        fan: null,
        liquid: { radiator: '120', pump: { face: 'fan-4', amps: exact('A', 0.3) }, fans: [] },
      }
      const radiators = [{ key: 'r', label: 'rear', sizes: ['120'] }]
      const machine = altered(withHeaders(draw, sysFan()), {
        ...{ cooler, case: { radiators }, hub: hub(3) },
      })
      const pins = { 'cooler/pump': 'hub/o1', 'hub/in': 'board/sys' }
      return {
        ...{
          machine,
          rule: 'joints/pump-header',
          verdict: 'watch',
          names: ['cooler', 'hub'],
          pins,
        },
      }
    },
  },
  {
    name: 'more cables than a modular supply has sockets',
    plant: draw => ({
      machine: altered(draw.tower, {
        supply: modular(1, [lead('cpu', 'cpu-8'), lead('card', 'card-8')]),
        card: card(draw, 'card-8', 120, 180),
      }),
      ...{ rule: 'joints/unmet', verdict: 'stop', names: [] },
    }),
  },
  {
    name: 'a modular supply of which nobody knows the sockets',
    plant: draw => {
      const { sockets: _, ...supply } = modular(1, [lead('cpu', 'cpu-8')])
      return {
        machine: altered(draw.tower, { supply }),
        ...{ rule: 'power/sockets', verdict: 'measure', names: ['supply'] },
      }
    },
  },
  {
    name: 'a socket of a supply stated beside its side',
    plant: draw => {
      const supply = modular(1, [lead('cpu', 'cpu-8')])
      // The side of an ATX supply is 150 by 86.
      const ats = [
        [draw.between(20, 130), draw.between(10, 70)],
        draw.isWithin ? [draw.between(151, 190), 40] : [75, draw.between(87, 120)],
      ]
      const sockets = (supply['sockets'] as readonly Fields[]).map((s, i) => ({ ...s, at: ats[i] }))
      return {
        machine: altered(draw.tower, { supply: { ...supply, sockets } }),
        ...{ rule: 'routes/socket-places', verdict: 'measure', names: ['supply'] },
      }
    },
  },
  {
    name: 'a wide plug fed by one socket of eight contacts',
    plant: draw => ({
      machine: altered(draw.tower, {
        supply: modular(2, [lead('cpu', 'cpu-8'), lead('wide', 'card-16', { class: 600 })]),
        card: card(draw, 'card-16', 360, 480),
      }),
      // 320 to 440 W by the plug, of 300
      ...{ rule: 'power/class', verdict: 'watch', names: ['supply', 'card'] },
    }),
  },
  {
    name: 'the fast stick in the slow socket',
    plant: draw => ({
      machine: twoSockets(draw, { fast: stick('fast', 5) }),
      pins: { 'fast/seat': 'board/m1' },
      ...{ rule: 'fit/link', verdict: 'watch', names: ['fast', 'board'] },
    }),
  },
  {
    name: 'a strip of 5 V put on 12 V by hand',
    plant: draw => {
      const header = { key: 'l', face: 'light-12', label: 'LED12' }
      return {
        machine: altered(withHeaders(draw, header), { strip: strip(0.5) }),
        pins: { 'strip/lead': 'board/l' },
        ...{ rule: 'joints/joined', verdict: 'harm', names: ['strip', 'board'] },
      }
    },
  },
]
