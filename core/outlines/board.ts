// A board from its form and a few choices: where its sockets lie is derived from the form and
// marked so.
import { connector, type PlugFace } from '../connectors/connectors'
import { FORM, MAINS_AT_FRONT, type BoardForm } from '../standards/boards'
import { lanesOf, type AnySlot } from '../standards/cards'
import { USUAL_BLOCK } from '../standards/panel'
import { boardSchema, type Board } from '../parts/board-schema'

/**
 * What is known of a board. Counts of headers by their face; what is left out is taken as usual for
 * the form.
 */
export interface BoardOutline {
  readonly form: BoardForm
  readonly edge?: number | null
  readonly depth?: number | null
  readonly socket: string
  readonly memory: {
    readonly type: string
    readonly slots: number
    readonly most?: number | null
    readonly speed?: number | null
  }
  readonly m2: readonly {
    readonly keys?: readonly string[]
    readonly lengths?: readonly string[]
    readonly protocols?: readonly string[]
    readonly generation?: number | undefined
  }[]
  readonly slots?: readonly {
    readonly size: AnySlot
    readonly lanes?: number | undefined
    readonly generation?: number | undefined
  }[]
  readonly headers?: Partial<Record<PlugFace, number>>
  readonly picture?: boolean
  readonly flashes?: boolean
  readonly shield?: Board['shield']
}

/** The five choices beside the form, as they are asked. */
export const BOARD_CHOICES = [
  {
    key: 'socket',
    label: 'Processor socket',
    says: 'As printed: a cooler and a processor must name the same.',
  },
  {
    key: 'memoryType',
    label: 'Memory generation',
    says: 'DDR5, DDR4 and so on: their notches differ.',
  },
  { key: 'memorySlots', label: 'Memory slots', says: 'Count them.' },
  {
    key: 'm2',
    label: 'M.2 sockets',
    says: 'Those for sticks that store; the one for a radio does not count.',
  },
  {
    key: 'usbC',
    label: 'Header for a USB-C front port',
    says: 'The small shielded socket, not the port at the rear.',
  },
] as const

/**
 * Named choice: what a board of this size usually carries, as a share of what an ATX board does.
 * Assumed.
 */
const USUAL_HEADERS: Record<'small' | 'middle' | 'large', Partial<Record<PlugFace, number>>> = {
  small: {
    'main-24': 1,
    'cpu-8': 1,
    'fan-4': 3,
    'sata-data': 4,
    'usb-3': 1,
    'usb-2': 1,
    'audio-hd': 1,
    'light-5': 1,
  },
  middle: {
    'main-24': 1,
    'cpu-8': 1,
    'fan-4': 4,
    'sata-data': 4,
    'usb-3': 1,
    'usb-2': 2,
    'audio-hd': 1,
    'light-5': 2,
  },
  large: {
    'main-24': 1,
    'cpu-8': 1,
    'fan-4': 5,
    'sata-data': 6,
    'usb-3': 1,
    'usb-2': 2,
    'audio-hd': 1,
    'light-5': 2,
    'light-12': 1,
  },
}
const USUAL_SLOTS: Record<'small' | 'middle' | 'large', readonly AnySlot[]> = {
  small: ['x16'],
  middle: ['x16', 'x1', 'x4'],
  large: ['x16', 'x1', 'x16', 'x4'],
}
type Size = 'small' | 'middle' | 'large'
/** Named choices: from which rear edge on a board is no longer small, and large, mm. */
const MIDDLE = 200
const LARGE = 280
function sizeOf(edge: number): Size {
  if (edge < MIDDLE) return 'small'
  return edge < LARGE ? 'middle' : 'large'
}

/**
 * Labels of slots in the order from the processor: A1 A2 B1 B2; more channels go on through the
 * alphabet.
 */
export function slotLabels(count: number): readonly string[] {
  const perChannel = count > 2 ? 2 : 1
  return Array.from(
    { length: count },
    (_, i) => `${String.fromCharCode(65 + Math.floor(i / perChannel))}${(i % perChannel) + 1}`,
  )
}

/** What a part is called, and what it costs. */
interface About {
  readonly id: string
  readonly maker: string
  readonly model: string
  readonly price?: number | null
}

/**
 * A whole board from its outline. Places are derived: the checks that need them say so by a wide
 * tolerance.
 */
export function boardOf(outline: BoardOutline, about: About): Board {
  const area = areaOf(outline)
  const { edge, depth, size } = area
  const { type } = outline.memory
  const board = boardSchema.parse({
    kind: 'board',
    ...about,
    model: about.model || OPEN,
    places: 'derived',
    form: outline.form,
    edge: outline.edge ?? null,
    depth: outline.depth ?? null,
    shield: outline.shield ?? 'loose',
    processor: { socket: outline.socket || OPEN, at: area.socket },
    picture: outline.picture ?? true,
    memory: { ...memoryOf(outline.memory, area), type: type || OPEN },
    m2: outline.m2.map((m, i) => m2Of(m, i, area)),
    slots: slotsOf(outline.slots ?? USUAL_SLOTS[size].map(s => ({ size: s })), outline.form),
    headers: headersOf({ ...USUAL_HEADERS[size], ...outline.headers }, edge, depth),
    panel: { at: [depth - 32, edge - 7], pins: usualPins(outline.form) },
    firmware: outline.flashes === undefined ? undefined : { flashes: outline.flashes },
  })
  return {
    ...board,
    model: about.model,
    processor: { ...board.processor, socket: outline.socket },
    memory: { ...board.memory, type },
  }
}

/** A board's size, as stated or as its form has it, and where its processor sits then, mm. */
interface Area {
  readonly edge: number
  readonly depth: number
  readonly size: Size
  readonly socket: [number, number]
}
function areaOf(outline: BoardOutline): Area {
  const form = FORM[outline.form]
  const [edge, depth] = [outline.edge ?? form.edge, outline.depth ?? form.depth]
  const size = sizeOf(edge)
  return { edge, depth, size, socket: size === 'small' ? [75, 60] : [95, 85] }
}

function memoryOf({ slots, most, speed }: BoardOutline['memory'], { socket, depth }: Area) {
  const labels = slotLabels(slots)
  const modules = Math.min(2, labels.length)
  const filled = labels.length > 2 ? [labels[1], labels[3]] : labels.slice(0, 2)
  return {
    most: most ?? null,
    slots: labels.map((label, i) => ({
      label,
      at: [Math.min(socket[0] + 65 + i * 9, depth - 8), socket[1] - 5],
      along: 'y',
      rank: fillRank(labels.length, i),
    })),
    table: speed ? [{ modules, slots: filled, speed }] : [],
  }
}

/** A socket of which no more is stated than its key is one for a radio. */
const m2Of = (m: BoardOutline['m2'][number], i: number, { edge, depth }: Area) => ({
  key: `m2-${i + 1}`,
  label: `M2_${i + 1}`,
  at: [Math.min(75, depth - 100), Math.min(edge - 12, 160 + i * 54)],
  keys: m.keys ?? ['M'],
  lengths: m.lengths ?? (m.keys ? ['2230'] : ['2242', '2260', '2280']),
  protocols: m.protocols ?? (m.keys ? [] : ['NVMe']),
  ...(m.generation === undefined ? {} : { generation: m.generation }),
  rank: i + 1,
})

function slotsOf(slots: NonNullable<BoardOutline['slots']>, form: BoardForm) {
  const graphics = slots.findIndex(s => s.size === 'x16' || s.size === 'AGP')
  return slots.map((s, i) => ({
    key: `slot-${i + 1}`,
    label: `SLOT_${i + 1}`,
    row: rowOf(i, slots.length, FORM[form].slots),
    size: s.size,
    lanes: s.lanes ?? lanesOf(s.size),
    ...(s.generation === undefined ? {} : { generation: s.generation }),
    graphics: i === graphics,
  }))
}

/**
 * Stands for words that are still to be written, so that they do not keep the rest from being
 * derived; it never leaves here.
 */
const OPEN = '?'

/** Second slot of each channel first, as most tables have it; with one slot a channel, in order. */
const fillRank = (count: number, i: number): number =>
  count > 2 ? ([3, 1, 4, 2][i % 4] ?? i) : i + 1

/**
 * Rows from the processor's end: one after the other where the form is full, else the first left
 * free on a large board.
 */
const rowOf = (i: number, count: number, rows: number): number =>
  Math.min(9, i + 1 + (count < rows && rows > 4 ? 1 : 0))

type Header = Board['headers'][number]

function headersOf(
  counts: Partial<Record<PlugFace, number>>,
  edge: number,
  depth: number,
): Header[] {
  const places = placesOn(edge, depth)
  const inside = (at: readonly [number, number]): [number, number] => [
    Math.max(4, Math.min(depth, at[0])),
    Math.max(4, Math.min(edge, at[1])),
  ]
  const header = (face: PlugFace, i: number, count: number): Header => {
    const isFan = face.startsWith('fan')
    const first = i === 0 && face === ((counts['fan-4'] ?? 0) > 0 ? 'fan-4' : 'fan-3')
    return {
      key: `${face}-${i + 1}`,
      face,
      label: isFan ? fanLabel(face, i, first) : headerLabel(face, i, count),
      at: inside(places[face]?.(i) ?? [depth * 0.6, edge - 8]),
      points: face === 'sata-data' ? 'side' : 'up',
      rank: i + 1,
      ...(isFan ? { role: first ? 'processor' : 'case' } : {}),
      ...(face === 'cpu-8' && i > 0 ? { need: 'may' as const } : {}),
    }
  }
  return (Object.entries(counts) as [PlugFace, number][]).flatMap(([face, count]) =>
    Array.from({ length: count }, (_, i) => header(face, i, count)),
  )
}

function fanLabel(face: PlugFace, i: number, isProcessors: boolean): string {
  if (isProcessors) return 'FAN_CPU'
  return `${connector(face).print ?? ''}${i}`
}
const headerLabel = (face: PlugFace, i: number, count: number): string => {
  const isNumbered = count > 1 || face === 'sata-data'
  return `${connector(face).print ?? face.toUpperCase()}${isNumbered ? i + 1 : ''}`
}

/**
 * Where headers usually lie, by their face: power and wide leads at the front edge, small ones
 * along the lower edge.
 */
const placesOn = (
  edge: number,
  depth: number,
): Partial<Record<PlugFace, (i: number) => readonly [number, number]>> => ({
  'main-24': () => [depth - 6, Math.min(110, edge * 0.55)],
  'main-20': () => [depth - 6, 110],
  'board-pair': () => [depth - 30, 20],
  'cpu-8': i => [20 + i * 25, 8],
  'cpu-4': i => [45 + i * 15, 8],
  'fan-4': i => {
    if (i === 0) return [130, 6]
    if (i % 2 === 1) return [depth - 6, edge * (i < 3 ? 0.2 : 0.85)]
    return i < 4 ? [20, edge * 0.43] : [depth - 60, edge - 8]
  },
  'fan-3': i => [depth - 18, edge * 0.2 + i * 20],
  'sata-data': i => [depth, edge * 0.67 + Math.floor(i / 2) * 20],
  'usb-3': i => [depth - 6, Math.min(edge * 0.46, 140) + i * 30],
  'usb-c': i => [depth - 6, Math.min(edge * 0.52, 158) + i * 20],
  'usb-2': i => [depth * 0.55 + i * 23, edge - 7],
  'audio-hd': () => [15, edge - 7],
  'light-5': i => (i === 0 ? [70, edge - 7] : [depth - 20, 6]),
  'light-12': () => [95, edge - 7],
  firewire: i => [depth * 0.45 + i * 23, edge - 18],
  serial: i => [45 + i * 23, edge - 18],
  speaker: () => [depth - 60, edge - 18],
  probe: i => [depth - 12, edge * 0.35 + i * 8],
  'mini-sas': i => [depth - 4, edge * 0.6 + i * 25],
  'ribbon-40': i => [depth - 12, edge * 0.35 + i * 12],
  'ribbon-34': () => [depth - 12, edge * 0.6],
})

/** The usual order of the block; boards of the AT's age have no pins for a switch. */
const usualPins = (form: BoardForm): NonNullable<Board['panel']>['pins'] =>
  USUAL_BLOCK.rows.flatMap((row, r) =>
    row.map((usual, col) => {
      const does = usual === 'power-switch' && MAINS_AT_FRONT.includes(form) ? 'free' : usual
      return { pin: col * 2 + r + 1, row: r, col, does }
    }),
  )
