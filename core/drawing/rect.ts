// Rectangles on the paper.

export interface Rect {
  readonly x: number
  readonly y: number
  readonly w: number
  readonly h: number
}

export const overlap = (a: Rect, b: Rect): boolean =>
  a.x < b.x + b.w && b.x < a.x + a.w && a.y < b.y + b.h && b.y < a.y + a.h

export const isInside = (a: Rect, b: Rect): boolean =>
  a.x >= b.x && a.y >= b.y && a.x + a.w <= b.x + b.w && a.y + a.h <= b.y + b.h

/** The share of one rectangle that another covers, 0 to 1. */
export function covered(a: Rect, by: Rect): number {
  const w = Math.min(a.x + a.w, by.x + by.w) - Math.max(a.x, by.x)
  const h = Math.min(a.y + a.h, by.y + by.h) - Math.max(a.y, by.y)
  return w > 0 && h > 0 && a.w * a.h > 0 ? (w * h) / (a.w * a.h) : 0
}

export function around(a: Rect, b: Rect): Rect {
  const [x, y] = [Math.min(a.x, b.x), Math.min(a.y, b.y)]
  return { x, y, w: Math.max(a.x + a.w, b.x + b.w) - x, h: Math.max(a.y + a.h, b.y + b.h) - y }
}
