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

/**
 * The share of a segment that lies within a block, from 0 to 1. Asked of every pair of corners and
 * every block: sides one after the other, nothing made on the way.
 */
function shareWithin({ x0, y0, x1, y1 }: Block, a: Spot, b: Spot): number {
  const long = b.x - a.x
  const high = b.y - a.y
  let from = 0
  let to = 1
  if (Math.abs(long) < RIM) {
    if (a.x <= x0 + RIM || a.x >= x1 - RIM) return 0
  } else {
    const one = (x0 - a.x) / long
    const other = (x1 - a.x) / long
    from = Math.max(from, Math.min(one, other))
    to = Math.min(to, Math.max(one, other))
  }
  if (Math.abs(high) < RIM) {
    if (a.y <= y0 + RIM || a.y >= y1 - RIM) return 0
  } else {
    const one = (y0 - a.y) / high
    const other = (y1 - a.y) / high
    from = Math.max(from, Math.min(one, other))
    to = Math.min(to, Math.max(one, other))
  }
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
