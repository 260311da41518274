// Card slots: their lengths, what runs in what, how far apart they lie, how fast a lane is.
import { SOURCE } from './sources'

export const SLOT_SIZES = ['x1', 'x4', 'x8', 'x16'] as const
export type SlotSize = (typeof SLOT_SIZES)[number]
/** Slots of older boards: one body, two bodies, 32 bit wide, and the one for graphics alone. */
export const OLD_SLOTS = ['ISA-8', 'ISA-16', 'PCI', 'AGP'] as const
export type OldSlot = (typeof OLD_SLOTS)[number]
export type AnySlot = SlotSize | OldSlot
export const ANY_SLOT = [...SLOT_SIZES, ...OLD_SLOTS] as const
/** Slots that are keyed by the voltage of their signals: a card of another one does not go in. */
export const SLOT_VOLTS: Readonly<Partial<Record<AnySlot, readonly string[]>>> = {
  PCI: ['5 V', '3.3 V'],
  AGP: ['3.3 V', '1.5 V'],
}
/** All voltages that a key may stand for. */
export const KEYED = ['5 V', '3.3 V', '1.5 V'] as const
export const isOldSlot = (size: AnySlot): size is OldSlot =>
  (OLD_SLOTS as readonly string[]).includes(size)

/**
 * From one slot's centre line to the next, and where the first lies under the top edge of an ATX
 * board and its smaller kin, mm.
 */
export const SLOT_PITCH = { mm: 20.32, source: SOURCE.atx } as const
export const FIRST_SLOT = { y: 165, source: SOURCE.assumed } as const
/** Of boards with a keyboard's hole: how far the last slot lies over the lower edge, mm. */
export const LAST_SLOT = { up: 18, source: SOURCE.practice } as const

/**
 * Where the centre line of a rear slot meets the rear edge, from the board's upper edge, mm: counted
 * from the first one; of the older boards from the last one up.
 */
export const slotLine = (
  row: number,
  { edge, last }: { readonly edge: number; readonly last: number } | { edge: null; last: null },
): number =>
  edge === null
    ? FIRST_SLOT.y + (row - 1) * SLOT_PITCH.mm
    : edge - LAST_SLOT.up - (last - row) * SLOT_PITCH.mm

/** A full-length card; from a little less on its far end reaches a guide at the front wall, mm. */
export const FULL_LENGTH = { mm: 312, half: 167.65, source: SOURCE.pcie } as const
export const GUIDED_FROM = { mm: 300, source: SOURCE.practice } as const

/** How long the body of a slot is, mm. */
export const SLOT_BODY = { x1: 25, x4: 39, x8: 56, x16: 89, source: SOURCE.pcie } as const
/**
 * How thick a card is on its component side with one slot, how much each further slot adds, how far
 * it reaches on the other; and how high parts of the board below it may stand, mm.
 */
export const CARD_THICK = {
  ...{ one: 14.47, more: 20.32, back: 2.67, below: 15 },
  source: SOURCE.pcie,
} as const

/** Card heights over the slot, mm. */
export const CARD_HEIGHT = { full: 111.15, low: 68.9, source: SOURCE.pcie } as const
/**
 * Named choices: how far a card reaches behind its centre line, and how high its lower edge passes
 * over the board, mm.
 */
export const CARD_BODY = { behind: 4, over: 12, source: SOURCE.assumed } as const

/** One lane, one direction, GB/s, by generation. */
const LANE: Record<number, number> = {
  1: 0.25,
  2: 0.5,
  3: 0.985,
  4: 1.969,
  5: 3.938,
  6: 7.56,
}

/** What so many lanes carry, GB/s one way; null where lanes or generation are not known. */
export function paceOf(lanes: number | null, generation: number | null): number | null {
  const lane = generation === null ? undefined : LANE[generation]
  return lanes === null || lane === undefined ? null : lanes * lane
}
/** What a SATA port of 6 Gb/s carries, GB/s one way. */
export const SATA_PORT = { pace: 0.6, source: SOURCE.sata } as const
/** The lanes of a stick and of its socket, where nothing else is stated. */
export const STICK_LANES = 4
/** The lanes of a stick with this key: the contacts of the second notch are missing. */
const LANES_BY_KEY: Readonly<Record<string, number>> = { B: 2, 'B+M': 2 }
export const lanesOfStick = (keys: readonly string[]): number =>
  keys.reduce((least, key) => Math.min(least, LANES_BY_KEY[key] ?? STICK_LANES), STICK_LANES)

/**
 * The cards that a slot takes, its own size first: shorter ones always, longer ones where its end
 * is open.
 */
export function cardsFor(size: AnySlot, open: boolean): readonly AnySlot[] {
  if (isOldSlot(size)) return size === 'ISA-16' ? ['ISA-16', 'ISA-8'] : [size]
  const own = SLOT_SIZES.indexOf(size)
  return [...SLOT_SIZES.slice(0, own + 1).reverse(), ...(open ? SLOT_SIZES.slice(own + 1) : [])]
}

/** Lanes of a slot by its length; an old slot has none. */
export const lanesOf = (size: AnySlot): number => (isOldSlot(size) ? 0 : Number(size.slice(1)))

/** What cools a card. */
export const CARD_COOLING = ['fans', 'blower', 'nothing'] as const
