// The machine to scale, from every side: what is drawn, where standoffs are, the tightest distances, and
// the names around it for the sizes at which it is shown.
import { insideOf } from '../case/layout'
import { rounded } from '../figures/rounded'
import { place } from '../geometry/space'
import { kept } from '../pipeline/kept'
import { stage, type ValuesOf } from '../pipeline/stage'
import { layout, plainItems } from '../plan/items'
import { frames, outlines, plugs, seats } from '../plan/joints'
import { joinedBy } from '../plan/situation'
import { standoffPlan } from '../plan/standoffs'
import { findings } from '../rules/findings'
import {
  captioned,
  LETTER,
  rectOfName,
  told,
  type Caption,
  type Named,
  type Told,
} from './captions'
import { dimensionsOf, isBestFrom, MOST, type Dimension } from './dimensions'
import { flattened, type Flat, type Shape } from './flat'
import { COLUMN, inUse, named } from './naming'
import { around, type Rect } from './rect'
import { scene } from './scene'
import { projection, rectOf, SEEN, VIEWS, type Point, type Project, type View } from './views'

export type { Shape, Caption, Told, Dimension }
export interface Mark {
  readonly id: string
  readonly at: Point
  readonly what: 'keep' | 'fit' | 'take out' | 'post'
  readonly name: string
}
/** A word at an edge: rear, front, top, floor. */
export interface EdgeWord {
  readonly text: string
  readonly at: Point
  readonly anchor: 'start' | 'middle' | 'end'
}

/** The names around a drawing, for a width on the screen. */
export interface Layout {
  /** For which width on the screen, px. */
  readonly forWidth: number
  /** All that is shown: left, top, width, height, mm. */
  readonly paper: Rect
  /** Height of the letters, mm on the drawing. */
  readonly letter: number
  readonly captions: readonly Caption[]
  /** The same for what stands on boards and is in use: each socket, and what goes there. */
  readonly sockets: readonly Caption[]
  readonly numbers: readonly Told[]
  readonly words: readonly EdgeWord[]
}

export interface Drawing extends Flat {
  readonly view: View
  readonly title: string
  /** The machine without names, mm. */
  readonly machine: Rect
  readonly marks: readonly Mark[]
  /** The tightest, each with its number laid out. */
  readonly dimensions: readonly Dimension[]
  /** The others that are seen from here: drawn when one of them is chosen. */
  readonly others: readonly Dimension[]
  readonly layouts: readonly Layout[]
}

/** Named choice: how large letters are on the screen, px. */
const LETTER_PX = 12
/** For which widths names are laid out, px: a phone, beside a ledger, a whole screen. */
const WIDTHS = [360, 550, 900] as const
/**
 * Where names would take more than this share of the width there are none: pointing still names, and
 * the machine is large enough to be seen.
 */
const MOST_NAMES = 0.6
/** How much room is above and below, in letters. */
const EDGE = 2.2
/** What lies between the machine and a name, in letters. */
const BESIDE = 2.4

const DRAWN = {
  scene,
  layout,
  items: plainItems,
  seats,
  plugs,
  frames,
  outlines,
  distances: stage('distances', { findings }, ({ findings }) =>
    findings.filter(f => f.where !== null && f.stage === 'fit'),
  ),
} as const
type Drawn = ValuesOf<typeof DRAWN>

/** The machine from every side; empty when there is no case. */
export const drawings = stage('drawings', DRAWN, (s): readonly Drawing[] => {
  const { layout: there } = s
  return there ? VIEWS.map(view => draw(s, view, rectOf(insideOf(there), projection(view)))) : []
})

function draw(s: Drawn, view: View, inside: Rect): Drawing {
  const project = projection(view)
  const flat = rounded(flattened(s.scene, view))
  const marks = rounded(view === 'near' ? standoffs(s, project) : [])
  const distances = rounded(
    dimensionsOf(
      s.distances.filter(f => isBestFrom(view, f)),
      project,
      inside,
    ),
  )
  const [dimensions, others] = [distances.slice(0, MOST), distances.slice(MOST)]
  const machine = rounded(flat.shapes.map(sh => sh.reach).reduce(around, inside))
  return {
    ...{ view, title: SEEN[view].title, machine },
    ...flat,
    ...{ marks, dimensions, others },
    layouts: laidOut(view, { view, machine, ...flat, dimensions, inUse: inUse(s, flat) }),
  }
}

interface ToLay extends Pick<Drawing, 'view' | 'machine' | 'shapes' | 'hidden' | 'dimensions'> {
  readonly inUse: readonly Named[]
}
/** Placing names is the costly part: it is done again only where something moved. */
const laidOut = kept('layouts', (about: ToLay): readonly Layout[] =>
  rounded(WIDTHS.map(width => layoutFor(width, about))),
)

function layoutFor(forWidth: number, about: ToLay): Layout {
  const { view, machine, dimensions } = about
  // The columns are as wide as letters of that size on the screen make them.
  const column = ((COLUMN * LETTER + BESIDE) * LETTER_PX) / forWidth
  const hasNames = 2 * column < MOST_NAMES
  const width = hasNames ? machine.w / (1 - 2 * column) : machine.w
  const letter = (LETTER_PX * width) / forWidth
  const edge = EDGE * letter
  const side = (width - machine.w) / 2
  const captions = hasNames ? captioned(named(about), { machine, letter }) : []
  const lines = captions.map(c => c.line)
  return {
    ...{ forWidth, letter, captions },
    sockets: hasNames ? captioned(about.inUse, { machine, letter }) : [],
    paper: {
      ...{ x: machine.x - side, y: machine.y - edge },
      ...{ w: width, h: machine.h + 2 * edge },
    },
    numbers: told(
      dimensions.map(d => ({ id: d.finding, ...d })),
      { lines, letter, within: machine, names: captions.map(c => rectOfName(c, letter)) },
    ),
    words: wordsAt(view, machine, letter),
  }
}

/** The words of a view at its four edges: over it and under it, where no line passes. */
function wordsAt(view: View, m: Rect, letter: number): readonly EdgeWord[] {
  const [left, top, right, bottom] = SEEN[view].words
  const middle = m.x + m.w / 2
  const below = m.y + m.h + letter * 1.4
  return [
    { text: top, at: [middle, m.y - letter * 0.7], anchor: 'middle' },
    { text: bottom, at: [middle, below], anchor: 'middle' },
    { text: `← ${left}`, at: [m.x, below], anchor: 'start' },
    { text: `${right} →`, at: [m.x + m.w, below], anchor: 'end' },
  ]
}

const MARK_OF = { keep: 'keep', fit: 'fit', takeOut: 'take out', posts: 'post' } as const

/** Standoffs of the tray, seen through whatever lies over them. */
const standoffs = (s: Drawn, project: Project): readonly Mark[] =>
  joinedBy(s, 'tray', 'board', 'case').flatMap(({ plug, socket }): readonly Mark[] => {
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
