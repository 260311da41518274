// The distances that are drawn in a view: the tightest, each from where it is seen best.
import { quantity } from '../figures/format'
import { type Verdict, gravity } from '../figures/verdict'
import type { Finding } from '../rules/finding'
import type { Point, Project, View } from './views'

export interface Dimension {
  readonly finding: string
  readonly from: Point
  readonly to: Point
  readonly verdict: Verdict
  readonly text: string
}

/** Named choice: how many are drawn. */
const MOST = 4

/** Each distance from where it is seen best: what leads to the near panel from above, else from there. */
export function isBestFrom(view: View, { where }: Finding): boolean {
  if (!where || view === 'behind') return false
  const isAcross = where.from[0] === where.to[0] && where.from[1] === where.to[1]
  return isAcross ? view !== 'near' : view === 'near'
}

/** The tightest distances that this view can show: those whose line has a length here. */
export function dimensionsOf(findings: readonly Finding[], project: Project): readonly Dimension[] {
  const found = findings.flatMap((f): { margin: number; dimension: Dimension }[] => {
    if (!f.where || f.margin === null) return []
    const [from, to] = [project(f.where.from), project(f.where.to)]
    if (Math.hypot(to[0] - from[0], to[1] - from[1]) < 1) return []
    return [
      {
        margin: f.margin,
        dimension: { finding: f.id, from, to, verdict: f.verdict, text: quantity(f.margin, 'mm') },
      },
    ]
  })
  return found
    .sort(
      (a, b) => gravity(b.dimension.verdict) - gravity(a.dimension.verdict) || a.margin - b.margin,
    )
    .slice(0, MOST)
    .map(f => f.dimension)
}
