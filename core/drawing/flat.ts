// A scene seen from one side: what is nearer lies over what is farther, and what is hidden is drawn
// again in dashes, so that nothing vanishes.
import type { Detail, Tone } from './details'
import type { Figure } from './scene'
import { around, covered, type Rect } from './rect'
import { depthOf, eyeAxis, projection, rectOf, type Point, type Project, type View } from './views'

/** Strokes of one tone as the outline of an SVG path. */
export interface Ink {
  readonly tone: Tone
  readonly d: string
}

export interface Shape extends Pick<Figure, 'id' | 'item' | 'seat' | 'kind' | 'name' | 'note'> {
  readonly rect: Rect
  /** All that its strokes cover: walls, feet and arrows reach out of their body. */
  readonly reach: Rect
  /** In the order in which they lie over each other. */
  readonly inks: readonly Ink[]
}
export interface Flat {
  /** From the farthest to the nearest. */
  readonly shapes: readonly Shape[]
  /** What nearer things hide: its outline, drawn over them. */
  readonly hidden: readonly Pick<
    Shape,
    'id' | 'item' | 'seat' | 'kind' | 'name' | 'note' | 'rect'
  >[]
}

/** Named choice: of what is hidden to this share at least, the outline is drawn again. */
const HIDDEN = 0.3
/** What hides nothing, and what is drawn over all bodies. */
const OPEN: readonly string[] = ['case', 'vents', 'zone', 'piece', 'opening', 'channel', 'air']
const ON_TOP: readonly string[] = ['vents', 'air']
/** The tray hides what is on its other side: how a box lies to it, mm. */
const AT_TRAY = 0.5
function isBehindTray({ hull, kind }: Figure, view: View): boolean {
  if (OPEN.includes(kind) && kind !== 'channel') return false
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
    .filter(({ shape }) => shape.inks.length > 0)
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
    .map(({ shape: { id, item, seat, kind, name, note, rect } }) => ({
      ...{ id, item, seat, kind, name, note, rect },
    }))
  return { shapes: seen.filter(one => !isAway(one)).map(s => s.shape), hidden }
}

function rank({ kind }: Figure): number {
  if (kind === 'case') return 0
  return ON_TOP.includes(kind) ? 2 : 1
}

function shapeOf({ details, hull, ...about }: Figure, view: View, project: Project): Shape {
  const { id, item, seat, kind, name, note } = about
  const rect = rectOf(hull, project)
  const strokes = details.flatMap(d => strokeOf(d, view, project) ?? [])
  return {
    ...{ id, item, seat, kind, name, note, rect },
    reach: strokes.map(s => s.reach).reduce(around, rect),
    inks: inked(strokes),
  }
}

interface Stroke extends Ink {
  readonly reach: Rect
}

/** Strokes of one tone that follow each other are one path: a view has hundreds of them. */
function inked(strokes: readonly Stroke[]): readonly Ink[] {
  const inks: { tone: Tone; d: string }[] = []
  for (const { tone, d } of strokes) {
    const last = inks.at(-1)
    if (last?.tone === tone) last.d += d
    else inks.push({ tone, d })
  }
  return inks
}

/** A detail on the paper; a disc is seen from its face only. */
function strokeOf(detail: Detail, view: View, project: Project): Stroke | null {
  const { tone } = detail
  if (detail.of === 'box') {
    const reach = rectOf(detail.box, project)
    // A contact is seen from above it only.
    const isSeen = tone !== 'contact' || (reach.w > 0 && reach.h > 0)
    return isSeen ? { tone, reach, d: rectPath(reach) } : null
  }
  if (detail.of === 'disc') {
    if (detail.axis !== eyeAxis(view)) return null
    const [[x, y], r] = [project(detail.at), detail.radius]
    return { tone, reach: { x: x - r, y: y - r, w: 2 * r, h: 2 * r }, d: circlePath([x, y], r) }
  }
  const points = detail.points.map(project)
  const [first, ...others] = points
  const isLine = first && others.some(p => p[0] !== first[0] || p[1] !== first[1])
  return isLine ? { tone, reach: reachOf(points), d: linePath(points) } : null
}

/** A number of a path: tenths of a millimetre are enough for any screen. */
const mm = (value: number): string => String(Math.round(value * 10) / 10)
const at = ([x, y]: Point): string => `${mm(x)} ${mm(y)}`
const rectPath = ({ x, y, w, h }: Rect): string => `M${at([x, y])}h${mm(w)}v${mm(h)}h${mm(-w)}z`
const circlePath = ([x, y]: Point, r: number): string =>
  `M${at([x - r, y])}a${mm(r)} ${mm(r)} 0 1 0 ${mm(2 * r)} 0a${mm(r)} ${mm(r)} 0 1 0 ${mm(-2 * r)} 0z`
const linePath = (points: readonly Point[]): string => `M${points.map(at).join('L')}`

function reachOf(points: readonly Point[]): Rect {
  const [xs, ys] = [points.map(p => p[0]), points.map(p => p[1])]
  const [x, y] = [Math.min(...xs), Math.min(...ys)]
  return { x, y, w: Math.max(...xs) - x, h: Math.max(...ys) - y }
}
