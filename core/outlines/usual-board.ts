// What a board of a size usually carries where nothing is stated.
import type { PlugFace } from '../connectors/connectors'
import type { Board } from '../parts/board-schema'
import { MAINS_AT_FRONT, type BoardForm } from '../standards/boards'
import type { AnySlot } from '../standards/cards'
import { USUAL_BLOCK } from '../standards/panel'

/**
 * Named choice: what a board of this size usually carries, as a share of what an ATX board does.
 * Assumed.
 */
export const USUAL_HEADERS: Record<
  'small' | 'middle' | 'large',
  Partial<Record<PlugFace, number>>
> = {
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
export const USUAL_SLOTS: Record<'small' | 'middle' | 'large', readonly AnySlot[]> = {
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
