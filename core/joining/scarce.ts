// What a stretch of a lead counts when leads are dealt out: its length, and more where it would hardly
// reach.

/**
 * Named choices: what is not so many times as long as its way is scarce, and what is saved of it counts
 * so many times: it has the near place before what has plenty.
 */
const PLENTY = 1.25
const SCARCE = 3

/** A way of so many mm for a lead that is so long; a length that is null is not known. */
export const counted = (way: number, have: number | null): number =>
  have !== null && have < PLENTY * way ? SCARCE * way : way
