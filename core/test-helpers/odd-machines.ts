// For tests: machines with what few have: old drives and memory, boards and cases of their own kind,
// backplanes, devices around them, parts turned about.
import type { Build } from '../document/build'
import type { Part } from '../parts'
import { change, curlew, part } from './demos'
import { altered, buildOf, machineIn, TOWER } from './planted-machine'

/** Fans on a drive's power, one behind the other, because headers run out; a cooler with two fans. */
export const FANNED = buildOf({
  ...TOWER,
  board: { ...part('saltpan-inlet-3') },
  cooler: { ...part('ottery-twinbank-160') },
  supply: { ...part('teazle-t650') },
  ...Object.fromEntries([1, 2, 3, 4].map(n => [`fan-${n}`, { ...part('kelder-vane-120') }])),
})
/** A channel behind the tray. */
export const CHANNELLED = buildOf(machineIn({ ...part('brackwater-estuary-xl') }))
/** Drives on a ribbon and on a sled's pin, a board without a table of its slots, an old supply. */
const OLD_DRIVES = {
  ...{ supply: { ...part('teazle-old-400') }, ribbon: { ...part('hollin-ribbon-40') } },
  one: { ...part('sedgeline-ide-2'), jumper: 'by cable' },
  two: { ...part('sedgeline-disc-ide'), jumper: 'by cable' },
  ...{ disk: { ...part('sedgeline-r3-2000') }, lead: { ...part('hollin-sata-500') } },
  sled: { ...part('fenwright-frame-35-525'), fits: '3.5', front: false, pin: true, thickest: 30 },
}
const withoutTable = (memory: object, headers: readonly unknown[]): object => ({
  memory: { ...memory, table: [] },
  headers: [...headers, { key: 'ide', face: 'ribbon-40', label: 'IDE1' }],
})
export const TINKERED = inCondition(
  'unknown',
  buildOf(
    altered(TOWER, {
      ...OLD_DRIVES,
      board: {
        ...withoutTable(
          TOWER['board']?.['memory'] as object,
          TOWER['board']?.['headers'] as readonly unknown[],
        ),
      },
    }),
    { 'disk/bay': 'sled/drive-1' },
  ),
)
/** Memory in banks, a card in a slot that is keyed by voltage. */
export const BANKED = buildOf({
  board: { ...part('saltpan-weir-486') },
  memory: { ...part('merewick-simm-2x16') },
  card: {
    ...{ kind: 'card', id: 'pci', model: 'Old capture', does: 'capture', size: 'PCI' },
    ...{ keyed: ['5 V'], power: [], watts: 5 },
  },
})
/** A board with a hole of its own, on a tray with a thread of its own and a peg. */
export const HOLED = buildOf(
  altered(TOWER, {
    board: { ownHoles: [{ label: 'own', at: [238, 100] }] },
    case: {
      standoffs: {
        ...{ threads: ['A', 'C', 'F', 'G', 'H', 'J', 'K', 'L', 'M'], fitted: [], supplied: 9 },
        own: [
          { label: 'thread', at: [238, 100], stands: true },
          { label: 'astray', at: [120, 80], stands: true },
        ],
        pegs: ['H'],
      },
    },
  }),
)
/** A stick that brings a heat sink of its own. */
const withOwnSink = (stick: Part): Part =>
  stick.kind === 'drive' && stick.m2 ? { ...stick, m2: { ...stick.m2, heatSink: true } } : stick
/** Two bays before a backplane, a drive with a list of its sockets, lanes that are split. */
export const BACKED = buildOf(
  altered(TOWER, {
    board: {
      m2: [
        {
          ...{ key: 'm', label: 'M2_1', keys: ['M'], lengths: ['2280'], protocols: ['NVMe'] },
          ...{ lanes: 4, generation: 4, takes: 'single-sided', cover: 'fixed' },
        },
      ],
      slots: [{ key: 'slot-1', label: 'PCIE_1', row: 2, size: 'x16', lanes: 16, generation: 4 }],
      shares: [{ label: 'lanes', keys: ['slot-1', 'm'], sharing: 'split', each: [8, 2] }],
    },
    card: { ...part('strandline-spindrift-310') },
    stick: withOwnSink(part('sedgeline-n5-2000')),
    case: {
      bays: [0, 1].map(n => ({
        ...{ key: `hot-${n}`, label: `hot bay ${n}`, size: '3.5', at: [300, 100, 60 + 40 * n] },
      })),
      backplanes: [
        {
          ...{ key: 'bp', label: 'backplane', bays: ['hot-0'] },
          inlets: [
            { key: 'd', label: 'data', face: 'sata-data' },
            { key: 'p', label: 'power', face: 'sata-power', need: 'should' },
          ],
        },
        {
          ...{ key: 'bare', label: 'second backplane', bays: [] },
          inlets: [{ key: 'p', label: 'power', face: 'drive-4', need: 'should' }],
        },
      ],
    },
    disk: { ...part('sedgeline-r3-2000') },
    lead: { ...part('hollin-sata-500') },
    listed: {
      ...{ ...part('sedgeline-floppy-35'), protocol: undefined, medium: undefined },
      plugs: [
        { key: 'usb', label: 'reader', face: 'usb-2', need: 'should', lead: 400 },
        { key: 'sata', label: 'data', face: 'sata-data' },
      ],
    },
  }),
  { 'disk/bay': 'case/hot-0' },
)
/** Devices outside, on a board, a card and a bracket. */
export const device = (face: string, about: object = {}) => ({
  ...{ kind: 'device', id: face, model: `Device for ${face}`, does: 'other' },
  plugs: [{ key: 'plug', label: 'plug', face, ...about }],
})
export const SURROUNDED = buildOf(
  altered(TOWER, {
    board: { rear: [{ key: 'u', label: 'U1', face: 'usb-a', gigabits: 5 }] },
    card: {
      ...{ ...part('hollin-net-10'), aerials: 1 },
      rear: [{ key: 'o', label: 'O1', face: 'optical' }],
    },
    bracket: {
      ...{ ...part('hollin-bracket-usb2') },
      rear: [{ key: 's', label: 'COM', face: 'serial-9' }],
    },
    one: device('usb-a', { gigabits: 5 }),
    two: device('optical'),
    three: device('serial-9'),
    four: device('aerial'),
  }),
)
/** A card upright on a riser. */
export const UPRIGHT = buildOf(
  altered(TOWER, {
    case: { ...part('brackwater-twinlock-8') },
    card: { ...part('strandline-breeze-160') },
    riser: { ...part('hollin-riser-300') },
  }),
  {},
  { copies: { card: { upright: true } } },
)
/** A cooler and a supply turned about, a filter before what blows in. */
export const TURNED = buildOf(
  altered(TOWER, {
    case: { ...part('brackwater-harbour-4') },
    fan: { ...part('kelder-vane-120') },
  }),
  { 'fan/frame': 'case/front-1' },
  { copies: { cooler: { turned: 1 }, supply: { turned: 2 } } },
)

function inCondition(condition: 'unknown', build: Build): Build {
  return { ...build, items: build.items.map(i => ({ ...i, condition })) }
}
/** Curlew with a coprocessor, a memory board with something on it, and a card that is held. */
export const OLD: Build = change(
  curlew,
  { do: 'addItem', item: { id: 'beside', part: part('quillmark-grebe-c33'), state: 'have' } },
  { do: 'addItem', item: { id: 'ram', part: part('saltpan-ram-isa'), state: 'have' } },
  { do: 'setJumper', id: 'board', jumper: 'JP7', stands: null },
  { do: 'addItem', item: { id: 'more', part: part('merewick-simm30-4x1'), state: 'have' } },
  { do: 'addItem', item: { id: 'full', part: part('merewick-simm30-2x1'), state: 'have' } },
)
