// Every field earns its place: what a person is asked to fill in changes what is said of some build,
// or stands in one list with the reason. The list may only shrink.
import type { Build } from '../document/build'
import { oncePer } from '../collections/once'
import { PART_KINDS, specOf, type Part, type PartKind } from '../parts'
import { Memory } from '../pipeline/memory'
import { avocet, change, curlew, lazily, part, plover, shelf, teal } from '../test-helpers/demos'
import { altered, buildOf, machineIn, TOWER, type Fields } from '../test-helpers/planted-machine'
import { randomBuild, SPEAKING } from '../test-helpers/random-builds'
import { runs } from '../test-helpers/runs'
import { fieldsOfKind, variationsOf, WHOLE, type Variation } from '../test-helpers/variations'
import { SHOWN, type HorizonAnalysis } from './analyse'
import { UNREAD } from './unread-fields'

/** What every part says of itself is shown with it. */
const OF_EVERY_PART = [
  ...['pack', 'includes', 'includes.*.count', 'includes.*.part.kind', 'includes.*.part.model'],
  'includes.*.fitted',
  'kind',
  'id',
  'maker',
  'model',
  'price',
  'note',
  'software',
  'pages',
  'pages.*.id',
  'pages.*.title',
  'assumed',
  'partly',
  'read',
  'read.in',
  'read.title',
  'read.on',
  'reads',
]
/** What is judged, joined, ordered and shown of a build, but for the bare list of its figures. */
const SECTIONS = Object.keys(SHOWN) as readonly (keyof HorizonAnalysis)[]
const told = (h: HorizonAnalysis, section: keyof HorizonAnalysis): string => {
  if (section === 'parts') return String(h.parts.rows.length)
  if (section === 'measuring') return String(h.measuring.length)
  return JSON.stringify(h[section])
}

interface Trial {
  readonly build: Build
  readonly part: Part
}

/** Seeds of builds with radiators, adapters, brackets and slots that switch others off. */
const JOINING = [5020, 5028, 5031, 5026]
/** Fans on a drive's power, one behind the other, because headers run out; a cooler with two fans. */
const FANNED = buildOf({
  ...TOWER,
  board: { ...part('saltpan-inlet-3') },
  cooler: { ...part('ottery-twinbank-160') },
  supply: { ...part('teazle-t650') },
  ...Object.fromEntries([1, 2, 3, 4].map(n => [`fan-${n}`, { ...part('kelder-vane-120') }])),
})
/** A channel behind the tray. */
const CHANNELLED = buildOf(machineIn({ ...part('brackwater-estuary-xl') }))
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
const TINKERED = inCondition(
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
const BANKED = buildOf({
  board: { ...part('saltpan-weir-486') },
  memory: { ...part('merewick-simm-2x16') },
  card: {
    ...{ kind: 'card', id: 'pci', model: 'Old capture', does: 'capture', size: 'PCI' },
    ...{ keyed: ['5 V'], power: [], watts: 5 },
  },
})
/** A board with a hole of its own, on a tray with a thread of its own and a peg. */
const HOLED = buildOf(
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
const BACKED = buildOf(
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
const device = (face: string, about: object = {}) => ({
  ...{ kind: 'device', id: face, model: `Device for ${face}`, does: 'other' },
  plugs: [{ key: 'plug', label: 'plug', face, ...about }],
})
const SURROUNDED = buildOf(
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
const UPRIGHT = buildOf(
  altered(TOWER, {
    case: { ...part('brackwater-twinlock-8') },
    card: { ...part('strandline-breeze-160') },
    riser: { ...part('hollin-riser-300') },
  }),
  {},
  { copies: { card: { upright: true } } },
)
/** A cooler and a supply turned about, a filter before what blows in. */
const TURNED = buildOf(
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
const OLD: Build = change(
  curlew,
  { do: 'addItem', item: { id: 'beside', part: part('quillmark-grebe-c33'), state: 'have' } },
  { do: 'addItem', item: { id: 'ram', part: part('saltpan-ram-isa'), state: 'have' } },
  { do: 'setJumper', id: 'board', jumper: 'JP7', stands: null },
  { do: 'addItem', item: { id: 'more', part: part('merewick-simm30-4x1'), state: 'have' } },
  { do: 'addItem', item: { id: 'full', part: part('merewick-simm30-2x1'), state: 'have' } },
)
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
const CHOOSING = buildOf(
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
const RARE = buildOf(
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
const RELAYED = buildOf(
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
const LIT = change(
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
/** Builds that between them have every rule speak and every kind joined. */
const BUILDS = [
  ...[
    CHOOSING,
    TURNED,
    UPRIGHT,
    LIT,
    RARE,
    RELAYED,
    SURROUNDED,
    BACKED,
    HOLED,
    TINKERED,
    FANNED,
    BANKED,
  ],
  CHANNELLED,
  ...[plover, avocet, teal, OLD, ...[...JOINING, ...SPEAKING].map(randomBuild)],
]
/** How many parts of the shelf are tried that no build holds. */
const FROM_SHELF = 6

/** Whether no trial before it is of the same model. */
const isFirst = (trial: Trial, i: number, all: readonly Trial[]): boolean =>
  all.findIndex(t => t.part.id === trial.part.id) === i

/** Parts of a kind in builds that hold one; for a kind that none holds, parts of the shelf. */
function trialsOf(kind: PartKind): readonly Trial[] {
  const own = BUILDS.flatMap(build =>
    build.items
      .filter(i => i.part.kind === kind)
      .map((i): Trial => ({ build, part: i.part }))
      .filter(isFirst),
  )
  const others = shelf.filter(p => p.kind === kind && !own.some(t => t.part.id === p.id))
  const added = others.slice(-FROM_SHELF).map((part): Trial => {
    const item = { id: 'x', part, state: 'have' }
    return { build: change(avocet, { do: 'addItem', item }), part }
  })
  const [first, again] = [own.filter(isFirst), own.filter((t, i, all) => !isFirst(t, i, all))]
  return [...first, ...added, ...again]
}

/** Whether a part says anything of a field. */
function states(value: unknown, [key, ...rest]: readonly string[]): boolean {
  if (key === undefined) return value !== undefined
  if (typeof value !== 'object' || value === null) return false
  const inside = key === '*' ? Object.values(value) : [(value as Fields)[key]]
  return inside.some(one => states(one, rest))
}

/**
 * The fields that change what is told, of those that are looked at: first a little where a part
 * states them, there they show the soonest, then all of it everywhere.
 */
function readOf(trials: readonly Trial[], lookedAt: readonly string[]): ReadonlySet<string> {
  const read = new Set<string>()
  const known = oncePer(toldOf)
  for (const { areStated, breadth } of LOOKS)
    for (const trial of trials) {
      const isWanted = (f: string): boolean => !areStated || states(trial.part, f.split('.'))
      const left = lookedAt.filter(f => !read.has(f) && isWanted(f))
      if (left.length > 0)
        look(
          trial,
          known(trial),
          variationsOf(trial.part, f => left.includes(f) && !read.has(f), breadth),
          read,
        )
    }
  return read
}
/** Named choices: what shows most fields, and what shows more of them. */
const LOOKS = [
  { areStated: true, breadth: { members: 1, values: 1 } },
  { areStated: true, breadth: { members: 2, values: 3 } },
  { areStated: true, breadth: WHOLE },
  { areStated: false, breadth: WHOLE },
]

/** What is told of a build as it is. */
function toldOf({ build }: Trial) {
  const memory = new Memory()
  const before = lazily(build, memory)
  return { memory, before, was: new Map(SECTIONS.map(s => [s, told(before, s)])) }
}

/** Adds to what was read the fields that change what is told of one build. */
function look(
  { build, part }: Trial,
  { memory, before, was }: ReturnType<typeof toldOf>,
  variations: Iterable<Variation>,
  read: Set<string>,
): void {
  const isOtherwise = (after: HorizonAnalysis, s: keyof HorizonAnalysis): boolean =>
    after[s] !== before[s] && told(after, s) !== was.get(s)
  // All copies at once: that one copy is not like the others is no reading of the field.
  const copies = build.items.filter(i => i.part.id === part.id).map(i => i.id)
  for (const v of variations) {
    const parts = Object.fromEntries(copies.map(id => [id, v.part]))
    const after = lazily(change(build, { do: 'setParts', parts, title: 'x' }), memory)
    if (SECTIONS.some(s => isOtherwise(after, s))) read.add(v.field)
  }
}

/** A small machine is looked at fast: what it shows is not tried on a large one. */
const smallFirst = (trials: readonly Trial[]): readonly Trial[] =>
  [...trials].sort((a, b) => a.build.items.length - b.build.items.length)

/** That what is listed is truly unread takes minutes: it is looked at in `npm run deep`. */
const isWhole = runs(5) === 5
/** How many parts of a kind show that a field of the list is still unread. */
const FEW = 12

test.each(PART_KINDS)('every field of a %s is read, or is in the list with its reason', kind => {
  const chosenBy = specOf(kind).facets.map(f => f.path)
  const asked = fieldsOfKind(kind).filter(f => !OF_EVERY_PART.includes(f) && !chosenBy.includes(f))
  const listed = Object.values(UNREAD[kind] ?? {}).flat()
  expect(listed.filter(f => !asked.includes(f))).toEqual([])
  const others = asked.filter(f => !listed.includes(f))
  const read = readOf(smallFirst(trialsOf(kind)), others)
  expect(others.filter(f => !read.has(f))).toEqual([])
  if (isWhole) expect([...readOf(trialsOf(kind).slice(0, FEW), listed)]).toEqual([])
})
