// A way as a lead lies in it: its corners as bends, no sharper than the lead takes, where its legs are
// long enough for that.
import { at } from '../collections/at'
import type { Point } from './views'

/** Points nearer to each other are one on the paper, mm. */
const ONE = 0.05

/** The outline of an SVG path through these points, each corner a bend of that radius or of half a leg. */
export function bentPath(points: readonly Point[], radius: number): string {
  const corners = points.filter((p, i) => i === 0 || apart(p, at(points, i - 1)) > ONE)
  const bends = corners.slice(1, -1).map((corner, i): string => {
    const [before, after] = [at(corners, i), at(corners, i + 2)]
    const [from, to] = [apart(before, corner), apart(corner, after)]
    const cut = Math.min(tangent(before, corner, after, radius), from / 2, to / 2)
    return `L${on(corner, before, cut / from)}Q${text(corner)} ${on(corner, after, cut / to)}`
  })
  const [first, last] = [at(corners, 0), corners.at(-1)]
  return `M${text(first)}${bends.join('')}${last && corners.length > 1 ? `L${text(last)}` : ''}`
}

/** How far before its corner a bend of that radius begins. */
function tangent(before: Point, corner: Point, after: Point, radius: number): number {
  const turn = direction(corner, after) - direction(before, corner)
  const angle = Math.abs(Math.atan2(Math.sin(turn), Math.cos(turn)))
  return radius * Math.tan(angle / 2)
}

const apart = (a: Point, b: Point): number => Math.hypot(b[0] - a[0], b[1] - a[1])
const direction = (a: Point, b: Point): number => Math.atan2(b[1] - a[1], b[0] - a[0])
const on = (from: Point, to: Point, share: number): string =>
  text([from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share])

const mm = (value: number): string => String(Math.round(value * 10) / 10)
const text = ([x, y]: Point): string => `${mm(x)} ${mm(y)}`
