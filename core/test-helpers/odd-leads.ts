// For tests: machines whose leads are rare: lights with plugs of makers' own, headers told apart by
// what they are for, hubs and splitters one behind the other.
import { change, part, teal } from './demos'
import { device } from './odd-machines'
import { altered, buildOf, TOWER, type Fields } from './planted-machine'

/** A fan with lights; without a name their plug is a usual one. */
const litFan = (own?: string, onward = false): Fields => ({
  ...part('ottery-breeze-120'),
  id: own ? `lit-${String(onward)}` : 'lit',
  lights: {
    ...(own ? { face: 'light-own', own } : { face: 'light-5' }),
    ...{ lights: 12, amps: 0.5, lead: 400, onward },
  },
})
const OWN_LIGHTS: Fields = {
  ...{
    kind: 'light',
    id: 'strip',
    model: 'Own strip',
    amps: 0.4,
    face: 'light-own',
    own: 'Glim',
    lights: 10,
  },
}
const ALL_OF_SATA = [1, 2, 3, 4, 5, 6].map(n => `sata-${n}`)
/** Few headers for fans, told apart by role, rank and control; a picture socket; an edge that is open. */
export const CHOOSING = buildOf(
  altered(TOWER, {
    board: {
      headers: [
        { key: 'cpu-fan', face: 'fan-4', label: 'CPU_FAN', role: 'processor', rank: 0 },
        { key: 'fan-a', face: 'fan-4', label: 'FAN_A', role: 'case', rank: 1, control: 'pulses' },
        { key: 'fan-b', face: 'fan-4', label: 'FAN_B', role: 'case', rank: 2, control: 'voltage' },
        { key: 'fan-c', face: 'fan-4', label: 'FAN_C', role: 'case', rank: 3 },
        { key: 'light', face: 'light-5', label: 'ARGB_1', lights: 30 },
        ...(TOWER['board']?.['headers'] as readonly Fields[]).filter(
          h => !/^(fan|light)/.test(String(h['face'])),
        ),
      ],
      slots: [{ key: 'slot-1', label: 'PCIE_1', row: 2, size: 'x1', lanes: 1, open: true }],
      m2: [0, 1].map(n => ({
        ...{ key: `m${n}`, label: `M2_${n}`, keys: ['M'], lengths: ['2280'], rank: n },
        ...{ protocols: ['NVMe'], lanes: 4, generation: 4 },
        ...(n === 0 ? { shuts: [{ keys: ALL_OF_SATA }] } : {}),
      })),
      rear: [{ key: 'h', label: 'HDMI', face: 'hdmi', ofProcessor: true }],
    },
    processor: { picture: false },
    card: { ...part('hollin-net-10') },
    stick: { ...part('sedgeline-n5-2000') },
    ...{ disk: { ...part('sedgeline-s2-1000') }, lead: { ...part('hollin-sata-500') } },
    'fan-1': { ...part('kelder-vane-120') },
    'fan-2': litFan(),
    screen: device('hdmi'),
  }),
)
/** What few parts have: slots that switch others off, makers’ own plugs, a block plug stated pin by pin. */
export const RARE = buildOf(
  altered(TOWER, {
    board: {
      slots: [
        {
          ...{ key: 'slot-1', label: 'PCIE_1', row: 2, size: 'x16', lanes: 16, generation: 4 },
          shuts: [{ keys: ALL_OF_SATA }],
        },
      ],
      headers: [
        { key: 'own', face: 'light-own', label: 'GLOW', own: 'Glow', at: [20, 20] },
        ...(TOWER['board']?.['headers'] as readonly Fields[]).filter(h => h['face'] !== 'usb-c'),
      ],
      partly: ['headers'],
      without: ['usb-c'],
    },
    card: { ...part('strandline-ripple-70') },
    disk: { ...part('sedgeline-s2-1000') },
    lead: { ...part('hollin-sata-500') },
    strip: OWN_LIGHTS,
    change: {
      ...{ kind: 'adapter', id: 'change', model: 'Own changer', lights: 20 },
      inlets: [{ key: 'in', label: 'in', face: 'light-own', own: 'Glow' }],
      outlets: [{ key: 'out', label: 'out', face: 'light-own', own: 'Glim', lights: 20 }],
    },
    bracket: { ...part('hollin-bracket-usb2') },
    case: {
      leads: [
        { key: 'c', label: 'front C', face: 'usb-c', ports: 1 },
        { key: 'wide', label: 'front USB', face: 'usb-3', ports: 2 },
        {
          ...{ key: 'block', label: 'block', face: 'panel-block' },
          pins: [
            { row: 0, col: 0, does: 'disk-light+' },
            { row: 0, col: 1, does: 'disk-light-' },
            { row: 1, col: 2, does: 'power-switch' },
            { row: 1, col: 3, does: 'power-switch' },
          ],
        },
      ],
    },
  }),
)
/** A modular supply whose cables name their sockets, hubs and adapters with makers’ own plugs. */
export const RELAYED = buildOf(
  altered(TOWER, {
    board: {
      headers: [
        ...(TOWER['board']?.['headers'] as readonly Fields[]).filter(
          h => !/^(fan|light)/.test(String(h['face'])),
        ),
        { key: 'cpu-fan', face: 'fan-4', label: 'CPU_FAN', role: 'processor' },
        { key: 'pump-fan', face: 'fan-4', label: 'PUMP', role: 'pump' },
        { key: 'any-fan', face: 'fan-4', label: 'FAN_1', role: 'case' },
        { key: 'own', face: 'light-own', label: 'GLOW', own: 'Glow' },
      ],
    },
    supply: {
      modular: 'full',
      sockets: [
        { key: 'S1', label: 'main', for: ['main-24'] },
        { key: 'S2', label: 'processor', for: ['cpu-8'] },
      ],
      cables: (TOWER['supply']?.['cables'] as readonly Fields[]).map(c => ({
        ...c,
        ...(JSON.stringify(c).includes('main-24') ? { socket: 'S1' } : {}),
      })),
    },
    hub: {
      ...{ kind: 'hub', id: 'hub', model: 'Own hub', serves: 'lights', lights: 40, controls: true },
      inlets: [{ key: 'in', label: 'lead', face: 'light-own', own: 'Glow', role: 'case' }],
      outlets: [1, 2].map(n => ({
        key: `o${n}`,
        label: `out ${n}`,
        face: 'light-own',
        own: 'Glim',
      })),
    },
    strip: OWN_LIGHTS,
    fans: {
      ...{ kind: 'hub', id: 'fans', model: 'Fan hub', serves: 'fans' },
      inlets: [{ key: 'in', label: 'lead', face: 'fan-4', role: 'case' }],
      outlets: [{ key: 'o', label: 'out', face: 'fan-4' }],
    },
    'fan-1': { ...part('kelder-vane-120') },
    split: {
      ...{ kind: 'adapter', id: 'split', model: 'Own splitter' },
      inlets: [{ key: 'in', label: 'lead', face: 'fan-4', role: 'case' }],
      outlets: [{ key: 'o', label: 'out', face: 'fan-4' }],
    },
    // One after the other, from the plug of a maker's own controller.
    'lit-1': litFan('Glim', true),
    'lit-2': litFan('Glim'),
  }),
)
/** Teal with lights at its block, at its radiator and at a fan. */
export const LIT = change(
  teal,
  {
    ...{ do: 'setParts', title: 'lights' },
    parts: {
      cooler: {
        ...part('kelder-weir-360'),
        lights: [
          { label: 'block', face: 'light-5', lights: 20, amps: 0.8, lead: 300, at: 'block' },
          { face: 'light-5', lights: 16, lead: 200, at: 'radiator', onward: true },
          { face: 'light-own', own: 'Glim', lights: 8 },
        ],
      },
    },
  },
  { do: 'addItem', item: { id: 'lit', part: litFan(), state: 'have' } },
)
