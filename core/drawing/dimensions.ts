// The distances that are drawn in a view: the tightest, each from where it is seen best.
import { quantity } from '../figures/format'
import { type Verdict, gravity } from '../figures/verdict'
import type { Finding } from '../rules/finding'
import type { Rect } from './rect'
import type { Point, Project, View } from './views'

export interface Dimension {
  readonly finding: string
  readonly from: Point
  readonly to: Point
  readonly verdict: Verdict
  readonly text: string
  /** The wall at which it ends, as the edge of the view; null where it ends at a body. */
  readonly wall: readonly [Point, Point] | null
}

/** Named choice: how many are drawn at once; any other is, when it is chosen. */
export const MOST = 4

/** Each distance from where it is seen best: what leads to the near panel from above, else from there. */
export function isBestFrom(view: View, { where }: Finding): boolean {
  if (!where || view === 'behind') return false
  const isAcross = where.from[0] === where.to[0] && where.from[1] === where.to[1]
  return isAcross ? view !== 'near' : view === 'near'
}

/** The distances that this view can show, the tightest first: those whose line has a length here. */
export function dimensionsOf(
  findings: readonly Finding[],
  project: Project,
  inside: Rect,
): readonly Dimension[] {
  const found = findings.flatMap((f): { margin: number; dimension: Dimension }[] => {
    if (!f.where || f.margin === null) return []
    const [from, to] = [project(f.where.from), project(f.where.to)]
    if (Math.hypot(to[0] - from[0], to[1] - from[1]) < 1) return []
    return [
      {
        margin: f.margin,
        dimension: {
          ...{ finding: f.id, from, to, verdict: f.verdict, text: quantity(f.margin, 'mm') },
          wall: wallAt(to, inside) ?? wallAt(from, inside),
        },
      },
    ]
  })
  return found
    .sort(
      (a, b) => gravity(b.dimension.verdict) - gravity(a.dimension.verdict) || a.margin - b.margin,
    )
    .map(f => f.dimension)
}

/** Named choice: how near to a wall an end is at it, mm. */
const AT_WALL = 1

/** The edge of the case on which a point lies. */
function wallAt([px, py]: Point, { x, y, w, h }: Rect): Dimension['wall'] {
  const [left, right, top, bottom] = [x, x + w, y, y + h]
  const edges: readonly (readonly [number, readonly [Point, Point]])[] = [
    [
      Math.abs(px - left),
      [
        [left, top],
        [left, bottom],
      ],
    ],
    [
      Math.abs(px - right),
      [
        [right, top],
        [right, bottom],
      ],
    ],
    [
      Math.abs(py - top),
      [
        [left, top],
        [right, top],
      ],
    ],
    [
      Math.abs(py - bottom),
      [
        [left, bottom],
        [right, bottom],
      ],
    ],
  ]
  return edges.find(([away]) => away <= AT_WALL)?.[1] ?? null
}
