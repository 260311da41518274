// The housings of power plugs with contacts of 4.2 mm pitch, as they go through a hole.

/** Distance of their contacts, and what the housing is longer than its contacts' middles, mm. */
const PITCH = 4.2
const AROUND = 5.4
/** How wide such a plug is with its latch, mm. */
const WITH_LATCH = 14

/** A plug of two rows with so many columns, mm: 51.6 for a 24-pin, 43.2 for a 20-pin, by 14. */
export const plugHead = (columns: number): readonly [number, number] => [
  Math.round((PITCH * (columns - 1) + AROUND) * 10) / 10,
  WITH_LATCH,
]
