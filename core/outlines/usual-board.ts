// What a board of a size usually carries where nothing is stated.
import type { PlugFace } from '../connectors/connectors'
import type { Board } from '../parts/board-schema'
import type { BoardOutline } from './board-outline'
import { readFigure } from '../figures/units'
import { FORM, MAINS_AT_FRONT, type BoardForm } from '../standards/boards'
import type { AnySlot } from '../standards/cards'
import { USUAL_BLOCK } from '../standards/panel'

/**
 * Named choice: what a board of this size usually carries, as a share of what an ATX board does.
 * Assumed.
 */
type Counts = Partial<Record<PlugFace, number>>
const USUAL_HEADERS: Record<Size, Counts> = {
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
/** What no board goes without: main power by its age, and power for its processor. */
const vitalHeaders = (form: BoardForm): Counts =>
  MAINS_AT_FRONT.includes(form) ? { 'board-pair': 1 } : { 'main-24': 1, 'cpu-8': 1 }

/** What is laid on a board beside what is stated of it. */
export function usualHeaders(outline: BoardOutline, size: Size): Counts {
  const { headers: stated = {}, form, usual } = outline
  const counts =
    usual === 'what its size has' && !MAINS_AT_FRONT.includes(form)
      ? USUAL_HEADERS[size]
      : vitalHeaders(form)
  const { 'cpu-8': eight, ...others } = counts
  // A smaller plug for the processor stands in for the usual one.
  return (stated['cpu-4'] ?? 0) > 0 || eight === undefined ? others : { ...others, 'cpu-8': eight }
}

export const USUAL_SLOTS: Record<Size, readonly AnySlot[]> = {
  small: ['x16'],
  middle: ['x16', 'x1', 'x4'],
  large: ['x16', 'x1', 'x16', 'x4'],
}
export type Size = 'small' | 'middle' | 'large'
/** Named choices: from which rear edge on a board is no longer small, and large, mm. */
const MIDDLE = 200
const LARGE = 280
export function sizeOf(edge: number): Size {
  if (edge < MIDDLE) return 'small'
  return edge < LARGE ? 'middle' : 'large'
}

/** The usual order of the block; boards of the AT's age have no pins for a switch. */
export const usualPins = (form: BoardForm): NonNullable<Board['panel']>['pins'] =>
  USUAL_BLOCK.rows.flatMap((row, r) =>
    row.map((usual, col) => {
      const does = usual === 'power-switch' && MAINS_AT_FRONT.includes(form) ? 'free' : usual
      return { pin: col * 2 + r + 1, row: r, col, does }
    }),
  )

/** Where the block usually stands: at the lower edge, near the front. Named choices, mm. */
const FROM_FRONT = 32
const FROM_BOTTOM = 7
export const usualPanelAt = (edge: number, depth: number): [number, number] => [
  depth - FROM_FRONT,
  edge - FROM_BOTTOM,
]
/** The same of a board as it stands; one of which no size is known is taken for the most common form. */
export function usualPanelPlace({ form, edge, depth }: Board): [number, number] {
  const size = FORM[form ?? 'ATX']
  return usualPanelAt(
    readFigure(edge, 'mm')?.value ?? size.edge,
    readFigure(depth, 'mm')?.value ?? size.depth,
  )
}
