// The case to scale: boxes of the model projected on a plane, with distances and labels that do not
// run into each other.
import type { Finding } from '../rules/finding'
import { place } from '../geometry/space'
import { standoffPlan } from '../plan/standoffs'
import { rounded } from '../figures/rounded'
import { layout, plainItems } from '../plan/items'
import { frames, plugs, seats, solids } from '../plan/joints'
import { joinedBy } from '../plan/situation'
import { kept } from '../pipeline/kept'
import { stage, type ValuesOf } from '../pipeline/stage'
import { findings } from '../rules/findings'
import { type Verdict, gravity } from '../figures/verdict'
import { quantity } from '../figures/format'
import { MARGIN, projection, type Project, type View } from './projection'
import { named, shapesOf, type Shape } from './shapes'
import { placeLabels, type Label, type Rect } from './labels'

export type { Shape }
export interface Mark {
  readonly id: string
  readonly at: readonly [number, number]
  readonly what: 'keep' | 'fit' | 'take out' | 'post' | 'opening'
  readonly name: string
}
export interface Dimension {
  readonly finding: string
  readonly from: readonly [number, number]
  readonly to: readonly [number, number]
  readonly verdict: Verdict
  readonly text: string
}
export interface Drawing {
  readonly view: View
  readonly title: string
  readonly width: number
  readonly height: number
  /** Height of the letters, mm on the drawing. */
  readonly letter: number
  readonly shapes: readonly Shape[]
  readonly marks: readonly Mark[]
  readonly dimensions: readonly Dimension[]
  readonly labels: readonly Label[]
}

/**
 * Named choices: letters as a share of the drawing's longer side, how many distances are drawn.
 */
const LETTER_SHARE = 0.03
const MOST_DIMENSIONS = 4
/** How large a standoff or a hole is drawn, from its middle, mm. */
const MARK = 3

/** What is drawn. */
const DRAWN = {
  solids,
  frames,
  layout,
  items: plainItems,
  seats,
  plugs,
  distances: stage('distances', { findings }, ({ findings }) =>
    findings.filter(f => f.where !== null && f.stage === 'fit'),
  ),
} as const
type Drawn = ValuesOf<typeof DRAWN>

/**
 * The case seen from the near side and from above, each distance in the view that shows it best;
 * empty when there is no case.
 */
export const drawings = stage('drawings', DRAWN, (s): readonly Drawing[] => {
  if (!s.layout) return []
  const { x, y, z, behind } = s.layout.inner
  const isAcross = ({ where }: Finding): boolean =>
    where !== null && where.from[0] === where.to[0] && where.from[1] === where.to[1]
  return [
    draw(s, s.distances, { view: 'near', title: 'Near side', w: x, h: y, top: y }),
    draw(s, s.distances.filter(isAcross), {
      view: 'above',
      title: 'From above',
      w: x,
      h: z + behind,
      top: z,
    }),
  ]
})

/** A view: what it is called, how large the case is in it, what lies uppermost, mm. */
interface Seen extends Pick<Drawing, 'view' | 'title'> {
  readonly w: number
  readonly h: number
  readonly top: number
}

function draw(s: Drawn, distances: readonly Finding[], about: Seen): Drawing {
  const { view, title, w, h, top } = about
  const project = projection(view, top)
  const size = { width: w + 2 * MARGIN, height: h + 2 * MARGIN }
  const letter = Math.max(size.width, size.height) * LETTER_SHARE
  const shapes = rounded(shapesOf(s, project))
  const marks = rounded(view === 'near' ? marksOf(s, project) : [])
  const dimensions = rounded(dimensionsOf(distances, project))
  return {
    view,
    title,
    ...rounded({ ...size, letter }),
    shapes,
    marks,
    dimensions,
    labels: labelled(view, { size, letter, shapes, marks, dimensions }),
  }
}

interface ToLabel extends Pick<Drawing, 'shapes' | 'marks' | 'dimensions' | 'letter'> {
  readonly size: Pick<Drawing, 'width' | 'height'>
}
/** Placing labels is the costly part: it is done again only where something moved. */
const labelled = kept(
  'labels',
  ({ size, letter, shapes, marks, dimensions }: ToLabel): readonly Label[] => {
    const bodies = shapes.filter(sh => sh.kind !== 'case')
    const texts = [
      ...dimensions.map(d => ({ id: d.finding, text: d.text, along: [d.from, d.to] as const })),
      ...marks.map(m => ({ id: m.id, text: m.name, beside: m.at })),
      ...named(shapes).map(sh => ({
        id: sh.id,
        text: sh.name,
        shorter: sh.label,
        inside: sh.rect,
        onIt: rects(
          bodies.slice(bodies.findIndex(b => b.id === sh.id)).filter(b => b.seat !== sh.seat),
        ),
        besideIt: rects(bodies.filter(b => b.seat !== sh.seat)),
      })),
    ]
    const inTheWay = [
      ...rects(shapes),
      ...marks.map(m => ({ x: m.at[0] - MARK, y: m.at[1] - MARK, w: 2 * MARK, h: 2 * MARK })),
    ]
    return rounded(placeLabels(size, letter, texts, inTheWay))
  },
)

const rects = (shapes: readonly Shape[]): readonly Rect[] => shapes.map(sh => sh.rect)

const MARK_OF = { keep: 'keep', fit: 'fit', takeOut: 'take out', posts: 'post' } as const

/** Standoffs of the tray and openings for cables. */
function marksOf(s: Drawn, project: Project): readonly Mark[] {
  const standoffs = joinedBy(s, 'tray', 'board', 'case').flatMap(({ plug, socket }): Mark[] => {
    const frame = s.frames.get(plug.id)
    const planned = standoffPlan(plug, socket)
    return (['keep', 'fit', 'takeOut', 'posts'] as const).flatMap(what =>
      planned[what].map(({ label, at: [x, y] }): Mark => ({
        id: `hole:${label}`,
        at: frame ? project(place(frame, [x, y, 0])) : [0, 0],
        what: MARK_OF[what],
        name: label,
      })),
    )
  })
  return [
    ...standoffs,
    ...(s.layout?.openings ?? []).map((o): Mark => ({
      id: `opening:${o.key}`,
      at: project(o.at),
      what: 'opening',
      name: '',
    })),
  ]
}

/** The tightest distances that this view can show: those whose line has a length here. */
function dimensionsOf(findings: readonly Finding[], project: Project): readonly Dimension[] {
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
    .slice(0, MOST_DIMENSIONS)
    .map(f => f.dimension)
}
