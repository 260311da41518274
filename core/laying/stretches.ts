// A way as one sees it: what of it lies on the near side and what behind the tray, and where a lead
// that is too short ends on it.
import { at } from '../collections/at'
import { AXES } from '../geometry/solid'
import type { Box, Vec3 } from '../geometry/space'

export interface Stretch {
  readonly side: 'near' | 'behind'
  readonly points: readonly Vec3[]
}

/** A way cut where it passes the tray (z = 0), mm; each stretch begins where the one before it ends. */
export function stretchesOf(points: readonly Vec3[]): readonly Stretch[] {
  const stretches: { side: Stretch['side']; points: Vec3[] }[] = []
  points.slice(1).forEach((to, i) => {
    const from = at(points, i)
    const side = (from[2] + to[2]) / 2 < 0 ? 'behind' : 'near'
    const last = stretches.at(-1)
    if (last?.side === side) last.points.push(to)
    else stretches.push({ side, points: [from, to] })
  })
  return stretches
}

export const lengthOf = (points: readonly Vec3[]): number =>
  points.slice(1).reduce((sum, to, i) => sum + distance(at(points, i), to), 0)

/** A way up to so many millimetres, and the rest of it. */
export function cutAt(
  points: readonly Vec3[],
  mm: number,
): { readonly laid: readonly Vec3[]; readonly rest: readonly Vec3[] } {
  let left = Math.max(0, mm)
  for (const [i, to] of points.slice(1).entries()) {
    const from = at(points, i)
    const long = distance(from, to)
    if (left <= long) {
      const end = long === 0 ? from : between(from, to, left / long)
      return { laid: [...points.slice(0, i + 1), end], rest: [end, ...points.slice(i + 1)] }
    }
    left -= long
  }
  return { laid: points, rest: [] }
}

/** How much of a way lies within a box, mm. */
export const lengthIn = (points: readonly Vec3[], box: Box): number =>
  points.slice(1).reduce((sum, to, i) => {
    const from = at(points, i)
    return sum + distance(from, to) * shareIn(from, to, box)
  }, 0)

/** The share of a straight line that lies within a box. */
function shareIn(from: Vec3, to: Vec3, { min, max }: Box): number {
  let [enters, leaves] = [0, 1]
  for (const axis of AXES) {
    const [a, way] = [from[axis], to[axis] - from[axis]]
    if (way === 0) {
      if (a < min[axis] || a > max[axis]) return 0
      continue
    }
    const [t, u] = [(min[axis] - a) / way, (max[axis] - a) / way]
    enters = Math.max(enters, Math.min(t, u))
    leaves = Math.min(leaves, Math.max(t, u))
  }
  return Math.max(0, leaves - enters)
}

/** How near a way comes to a point, mm. */
export const nearness = (points: readonly Vec3[], to: Vec3): number =>
  points.slice(1).reduce((least, b, i) => {
    const a = at(points, i)
    const long = distance(a, b)
    const along = AXES.reduce<number>((sum, k) => sum + (to[k] - a[k]) * (b[k] - a[k]), 0)
    const share = long === 0 ? 0 : Math.min(1, Math.max(0, along / (long * long)))
    return Math.min(least, distance(between(a, b, share), to))
  }, Infinity)

export const distance = (a: Vec3, b: Vec3): number =>
  Math.hypot(b[0] - a[0], b[1] - a[1], b[2] - a[2])
const between = (a: Vec3, b: Vec3, share: number): Vec3 => [
  a[0] + (b[0] - a[0]) * share,
  a[1] + (b[1] - a[1]) * share,
  a[2] + (b[2] - a[2]) * share,
]
