// A board from its form and a few choices: where its sockets lie is derived from the form and
// marked so.
import { boardSchema, type Board } from '../parts/board-schema'
import { PLACES } from '../case/layout'
import type { PlugFace } from '../connectors/connectors'
import { FORM, type BoardForm } from '../standards/boards'
import { lanesOf } from '../standards/cards'
import type { BoardOutline } from './board-outline'
import { headersOf } from './headers'
import {
  sizeOf,
  USUAL_SLOTS,
  usualHeaders,
  usualPanelAt,
  usualPins,
  type Size,
} from './usual-board'

/** What memory slots are called of which no print is known, in the order from the processor. */
export const slotLabels = (count: number): readonly string[] =>
  Array.from({ length: count }, (_, i) => `slot ${i + 1}`)

/** What a part is called, and what it costs. */
interface About {
  readonly id: string
  readonly maker: string
  readonly model: string
  readonly price?: number | null
}

/**
 * A whole board from its outline. What nobody stated is marked so: where things lie, what is printed
 * beside them, which pin of the panel's block is which.
 */
export function boardOf(outline: BoardOutline, about: About): Board {
  const area = areaOf(outline)
  const { edge, depth, size } = area
  const { headers = {}, m2 } = outline
  const board = boardSchema.parse({
    kind: 'board',
    ...about,
    model: about.model || OPEN,
    assumed: [PLACES, 'headers.*.label', 'panel.pins', 'memory.table.*.slots'],
    partly: ['headers'],
    form: outline.form,
    edge: outline.edge ?? null,
    depth: outline.depth ?? null,
    shield: outline.shield ?? 'loose',
    processor: { socket: outline.socket, at: area.socket },
    picture: outline.picture ?? null,
    memory: { ...memoryOf(outline.memory, area), type: outline.memory.type },
    m2: m2?.map((m, i) => m2Of(m, i, area)) ?? null,
    slots: slotsFor(outline, size),
    headers: headersOf(headers, usualHeaders(outline, size), [edge, depth]),
    ...noneOf(headers),
    panel: { at: usualPanelAt(edge, depth), pins: usualPins(outline.form) },
    ...firmwareOf(outline),
  })
  return { ...board, model: about.model }
}

/** Headers that it is stated not to have. */
function noneOf(headers: NonNullable<BoardOutline['headers']>): Pick<Board, 'without'> {
  const none = (Object.keys(headers) as PlugFace[]).filter(face => headers[face] === 0)
  return none.length > 0 ? { without: none } : {}
}

const firmwareOf = ({ flashes }: BoardOutline) =>
  flashes === undefined ? {} : { firmware: { flashes } }

/** Its card slots as stated, else those of its size, marked as assumed. */
function slotsFor({ slots, usual, form }: BoardOutline, size: Size) {
  if (slots) return slotsOf(slots, form)
  if (usual !== 'what its size has') return null
  const likely = USUAL_SLOTS[size].map(s => ({ size: s }))
  return slotsOf(likely, form).map(slot => ({ ...slot, assumed: true }))
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
  if (slots === null) return { most: most ?? null, slots: null }
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
type OneM2 = NonNullable<BoardOutline['m2']>[number]
const m2Of = (m: OneM2, i: number, { edge, depth }: Area) => ({
  key: `m2-${i + 1}`,
  label: `M.2 socket ${i + 1}`,
  at: [Math.min(75, depth - 100), Math.min(edge - 12, 160 + i * 54)],
  keys: m.keys ?? ['M'],
  lengths: m.lengths ?? (m.keys ? ['2230'] : ['2242', '2260', '2280']),
  protocols: m.protocols ?? (m.keys ? [] : ['NVMe']),
  ...(m.lanes === undefined ? {} : { lanes: m.lanes }),
  ...(m.generation === undefined ? {} : { generation: m.generation }),
  assumed: !m.keys || !m.lengths || !m.protocols,
  rank: i + 1,
})

function slotsOf(slots: NonNullable<BoardOutline['slots']>, form: BoardForm) {
  const graphics = slots.findIndex(s => s.size === 'x16' || s.size === 'AGP')
  return slots.map((s, i) => ({
    key: `slot-${i + 1}`,
    label: `card slot ${i + 1}`,
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
