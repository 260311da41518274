// The ways of leads, to be laid over the views from the near side and from behind the tray: what lies on
// the other side of the tray apart, and where a lead that is too short ends.
import type { Layout } from '../case/layout'
import { quantity } from '../figures/format'
import { rounded } from '../figures/rounded'
import { stage } from '../pipeline/stage'
import { layout } from '../plan/items'
import { routes, type RouteRow } from '../stages/routes'
import { bentPath } from './bends'
import { projection, type Point, type View } from './views'

export interface Path {
  /** From where it is seen: the near side, or behind the tray. */
  readonly view: View
  readonly id: string
  readonly item: string
  readonly finding: string | null
  readonly title: string
  /** How thick its bundle is, mm. */
  readonly thick: number
  /** The points that are numbered along it: where it leaves, each hole, where it ends. */
  readonly stops: readonly Point[]
  readonly strokes: readonly PathStroke[]
  /** Where it leaves its part, and where its plug is. */
  readonly ends: readonly [Point, Point]
  /** What is missing of it. */
  readonly gap: {
    readonly points: readonly Point[]
    readonly at: Point
    readonly text: string
  } | null
}

/** A stretch on one side of the tray: its corners, and its outline with the bends the lead takes. */
export interface PathStroke {
  readonly isHidden: boolean
  readonly points: readonly Point[]
  readonly d: string
}

export const paths = stage('paths', { layout, routes }, values => rounded(pathsOf(values)))

function pathsOf({
  layout,
  routes,
}: {
  readonly layout: Layout | null
  readonly routes: readonly RouteRow[]
}): readonly Path[] {
  if (!layout) return []
  return (['near', 'behind'] as const).flatMap(view =>
    routes.flatMap(row => pathOf(row, view) ?? []),
  )
}

function pathOf(row: RouteRow, view: 'near' | 'behind'): Path | null {
  const project = projection(view)
  const first = row.stretches[0]?.points[0]
  const last = row.stretches.at(-1)?.points.at(-1)
  if (!first || !last) return null
  const missing = row.gap?.points ?? []
  return {
    view,
    id: row.id,
    item: row.item,
    finding: row.finding,
    title: `${row.label} to ${row.to}`,
    thick: row.thick,
    stops: row.stops.map(stop => project(stop.at)),
    strokes: row.stretches.map((stretch): PathStroke => {
      const points = stretch.points.map(project)
      const isHidden = (stretch.side === 'behind') === (view === 'near')
      return { isHidden, points, d: bentPath(points, row.bend) }
    }),
    ends: [project(first), project(last)],
    gap:
      row.gap && missing.length > 1
        ? {
            points: missing.map(project),
            at: project(last),
            text: `−${quantity(row.gap.mm, 'mm')}`,
          }
        : null,
  }
}
