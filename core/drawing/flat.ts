// A scene seen from one side: what is nearer lies over what is farther, and what is hidden is drawn
// again in dashes, so that nothing vanishes.
import type { Detail, Tone } from './details'
import type { Figure } from './scene'
import { covered, type Rect } from './rect'
import { depthOf, eyeAxis, projection, rectOf, type Point, type Project, type View } from './views'

export type Stroke = { readonly tone: Tone } & (
  | { readonly of: 'rect'; readonly rect: Rect }
  | { readonly of: 'circle'; readonly at: Point; readonly r: number }
  | { readonly of: 'line'; readonly points: readonly Point[] }
)

export interface Shape extends Pick<Figure, 'id' | 'item' | 'seat' | 'kind' | 'name' | 'note'> {
  readonly rect: Rect
  readonly strokes: readonly Stroke[]
}
export interface Flat {
  /** From the farthest to the nearest. */
  readonly shapes: readonly Shape[]
  /** What nearer things hide: its outline, drawn over them. */
  readonly hidden: readonly Pick<Shape, 'id' | 'item' | 'kind' | 'name' | 'note' | 'rect'>[]
}

/** Named choice: of what is hidden to this share at least, the outline is drawn again. */
const HIDDEN = 0.3
/** What hides nothing, and what is drawn over all bodies. */
const OPEN: readonly string[] = ['case', 'vents', 'zone', 'piece', 'opening', 'air']
const ON_TOP: readonly string[] = ['vents', 'air']
/** The tray hides what is on its other side: how a box lies to it, mm. */
const AT_TRAY = 0.5
function isBehindTray({ hull, kind }: Figure, view: View): boolean {
  if (OPEN.includes(kind)) return false
  if (view === 'near') return hull.max[2] <= AT_TRAY
  return view === 'behind' && hull.min[2] >= -AT_TRAY
}

/** What stands on a board is small, and named where it is used. */
const NOT_AGAIN: readonly string[] = ['socket', 'opening', ...OPEN]

export function flattened(scene: readonly Figure[], view: View): Flat {
  const project = projection(view)
  const seen = scene
    .map(figure => ({
      figure,
      ...depthOf(view, figure.hull),
      shape: shapeOf(figure, view, project),
    }))
    .filter(({ shape }) => shape.strokes.length > 0)
    .sort((a, b) => rank(a.figure) - rank(b.figure) || a.near - b.near || a.far - b.far)
  const isAway = ({ figure }: (typeof seen)[number]): boolean => isBehindTray(figure, view)
  const hiding = seen.filter(
    one => !OPEN.includes(one.figure.kind) && one.figure.kind !== 'socket' && !isAway(one),
  )
  const hidden = seen
    .filter(({ figure }) => !NOT_AGAIN.includes(figure.kind))
    .filter(
      one =>
        isAway(one) ||
        hiding.some(
          other =>
            other.figure.seat !== one.figure.seat &&
            other.near > one.near &&
            covered(one.shape.rect, other.shape.rect) > HIDDEN,
        ),
    )
    .map(({ shape: { id, item, kind, name, note, rect } }) => ({
      id,
      item,
      kind,
      name,
      note,
      rect,
    }))
  return { shapes: seen.filter(one => !isAway(one)).map(s => s.shape), hidden }
}

function rank({ kind }: Figure): number {
  if (kind === 'case') return 0
  return ON_TOP.includes(kind) ? 2 : 1
}

function shapeOf({ details, hull, ...about }: Figure, view: View, project: Project): Shape {
  const { id, item, seat, kind, name, note } = about
  return {
    ...{ id, item, seat, kind, name, note },
    rect: rectOf(hull, project),
    strokes: details.flatMap(d => strokeOf(d, view, project) ?? []),
  }
}

/** A detail on the paper; a disc is seen from its face only. */
function strokeOf(d: Detail, view: View, project: Project): Stroke | null {
  if (d.of === 'box') {
    const rect = rectOf(d.box, project)
    // A contact is seen from above it only.
    return d.tone === 'contact' && (rect.w === 0 || rect.h === 0)
      ? null
      : { tone: d.tone, of: 'rect', rect }
  }
  if (d.of === 'disc')
    return d.axis === eyeAxis(view)
      ? { tone: d.tone, of: 'circle', at: project(d.at), r: d.radius }
      : null
  const points = d.points.map(project)
  const isPoint = points.every(p => p[0] === points[0]?.[0] && p[1] === points[0][1])
  return isPoint ? null : { tone: d.tone, of: 'line', points }
}
