// What is asked of a board that is known by its form and a few choices.
import type { PlugFace } from '../connectors/connectors'
import type { Board } from '../parts/board-schema'
import type { BoardForm } from '../standards/boards'
import type { AnySlot } from '../standards/cards'

/**
 * What is known of a board; null and what is left out are not known. Counts of headers by their
 * face.
 */
export interface BoardOutline {
  readonly form: BoardForm
  readonly edge?: number | null
  readonly depth?: number | null
  readonly socket: string
  readonly memory: {
    readonly type: string
    readonly slots: number | null
    readonly most?: number | null
    readonly speed?: number | null
  }
  readonly m2:
    | readonly {
        readonly keys?: readonly string[]
        readonly lengths?: readonly string[]
        readonly protocols?: readonly string[]
        readonly lanes?: number | undefined
        readonly generation?: number | undefined
      }[]
    | null
  readonly slots?: readonly {
    readonly size: AnySlot
    readonly lanes?: number | undefined
    readonly generation?: number | undefined
  }[]
  readonly headers?: Partial<Record<PlugFace, number>>
  /** What is laid on it beside what is stated, marked as assumed. */
  readonly usual: 'what its size has' | 'what every board has'
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
    says: 'Those for drives; the one for a radio does not count.',
  },
  {
    key: 'usbC',
    label: 'Header for a USB-C front port',
    says: 'The small shielded socket, not the port at the rear.',
  },
] as const
