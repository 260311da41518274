// Segments and upright blocks seen from the near side: what a lead passes, and for how far.

/** A point or a block in the plane of the tray, mm. */
export interface Spot {
  readonly x: number
  readonly y: number
}
export interface Block {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}

export const apart = (a: Spot, b: Spot): number => Math.hypot(a.x - b.x, a.y - b.y)

/** Named choice: so little of a block does not count as inside it, mm. */
const RIM = 1e-6

export const isInside = ({ x0, y0, x1, y1 }: Block, { x, y }: Spot): boolean =>
  x > x0 + RIM && x < x1 - RIM && y > y0 + RIM && y < y1 - RIM

/** Where along an axis a segment comes between two sides: a share of it, endless where it runs along. */
function entry(start: number, long: number, least: number, most: number): number {
  if (Math.abs(long) >= RIM) return Math.min((least - start) / long, (most - start) / long)
  return start > least + RIM && start < most - RIM ? -Infinity : Infinity
}
/** Where it leaves from between them. */
const exit = (start: number, long: number, least: number, most: number): number =>
  Math.abs(long) < RIM ? Infinity : Math.max((least - start) / long, (most - start) / long)

/**
 * The share of a segment that lies within a block, from 0 to 1. Asked of every pair of corners and
 * every block: nothing is made on the way.
 */
function shareWithin({ x0, y0, x1, y1 }: Block, a: Spot, b: Spot): number {
  // Most blocks lie wholly on one side of it.
  if ((a.x <= x0 && b.x <= x0) || (a.x >= x1 && b.x >= x1)) return 0
  if ((a.y <= y0 && b.y <= y0) || (a.y >= y1 && b.y >= y1)) return 0
  const long = b.x - a.x
  const high = b.y - a.y
  const from = Math.max(0, entry(a.x, long, x0, x1), entry(a.y, high, y0, y1))
  const to = Math.min(1, exit(a.x, long, x0, x1), exit(a.y, high, y0, y1))
  return Math.max(0, to - from)
}

/** How far a segment goes through a block, mm. */
export const within = (block: Block, a: Spot, b: Spot): number => {
  const share = shareWithin(block, a, b)
  return share === 0 ? 0 : share * apart(a, b)
}

/** Whether a segment passes no block but along its sides. */
export function isClear(blocks: readonly Block[], a: Spot, b: Spot): boolean {
  for (const block of blocks) if (shareWithin(block, a, b) > RIM) return false
  return true
}
