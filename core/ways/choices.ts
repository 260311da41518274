// Named choices: how near leads lie to bodies, at what height, and what they are kept from.

/** How far the middle of a lead keeps from a body, mm. */
export const CLEAR = 4

/** The height over the tray up to which bodies are laid over, mm: the board, sticks, flat sinks. */
export const LANE = 20
/** What stands so high over the tray is passed under, by thin leads and by all, mm. */
export const UNDER = { flat: 18, low: 30 }
/** No thicker is thin, mm. */
export const THIN = 5
/** How high over the tray a lead lies on the board, and how deep behind it, mm. */
export const LIES = { over: 14, behind: 8 }

/** What a figure makes of a body may be off by so little; so far a plug's lead may brush its body, mm. */
export const PRESS = { little: 4, through: 8 }

/** A hole so long counts as several, side by side, mm. */
export const HOLE_STEP = 60

/** Leads get into a channel at places so far apart along it, mm. */
export const CHANNEL_STEP = 60

/**
 * What a millimetre of lead counts beyond its length: where it is seen, across the board as well,
 * before blades, under what is hot; in a channel it counts less.
 */
export const WEIGHT = { front: 0.8, board: 0.8, blades: 2, under: 5, channel: -0.3 }
/** What a hole counts that a lead is threaded through, mm. */
export const THREADING = 30
/** How far before and behind a fan a lead is out of its blades, mm. */
export const BLADES = 10
/** How much of those weights counts, one after the other, until the lead is long enough: power hides first. */
export const SHARES = { power: [1.5, 0.75, 0.25, 0], signal: [1, 0.5, 0.25, 0] } as const
