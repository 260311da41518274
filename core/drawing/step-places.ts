// Where each step is done on the drawing: the view that shows it, the thing itself, and a window around it
// that still lets one find the place.
import { insideOf, type Layout } from '../case/layout'
import type { Solid } from '../joining/solids'
import type { Step } from '../order/step'
import { order } from '../order/section'
import { rounded } from '../figures/rounded'
import { endsOfJoint, itemOf } from '../ids/ids'
import { stage } from '../pipeline/stage'
import { layout, plainItems } from '../plan/items'
import { frames, solids } from '../plan/joints'
import { drawings, type Drawing } from './drawing'
import { entersBy, type EntersFrom } from './enters'
import { around, type Rect } from './rect'
import { screwHoles, type ScrewHole } from './screw-holes'
import { socketShape } from './socket-shape'
import { projection, type Point, type View } from './views'

export interface StepPlaces {
  readonly places: readonly StepPlace[]
  /** The number of the step that makes each joint: what comes later is not there yet. */
  readonly madeAt: Readonly<Record<string, number>>
}
export interface StepPlace {
  readonly step: string
  /** Its number in the order. */
  readonly at: number
  readonly view: View
  /** Whether the board lies on the table: then no case is around it. */
  readonly isOnTable: boolean
  /** What the step is about: it is shown, whether it is in the machine already or not. */
  readonly items: readonly string[]
  /** The things that the step is about, each by itself. */
  readonly targets: readonly Rect[]
  /** Which way a hand pushes, at the place of each joint: along the paper, or straight away from the eye. */
  readonly enters: readonly { readonly rect: Rect; readonly along: Point | null }[]
  /** Where its screws go, each with its letter; empty where that is not seen from here. */
  readonly holes: readonly ScrewHole[]
  /** What is shown of the view. */
  readonly window: Rect
}

/** Named choices: a window is at least so wide, and so much wider than what it shows, mm. */
const LEAST = 130
const BESIDE = 0.6

export const stepPlaces = stage(
  'step-places',
  { order, drawings, items: plainItems, frames, solids, layout },
  ({ order: { steps }, drawings, ...from }): StepPlaces => ({
    places: rounded(
      steps.flatMap((step, at) => {
        const place = placeOf(step, drawings, from)
        return place ? [{ ...place, at }] : []
      }),
    ),
    madeAt: Object.fromEntries(steps.flatMap((s, i) => s.joints.map(joint => [joint, i]))),
  }),
)

interface PlacedFrom extends EntersFrom {
  readonly solids: readonly Solid[]
  readonly layout: Layout | null
}
/**
 * From where its screws are seen; else from the near side where it is seen there, else from behind the
 * tray; null where it is seen nowhere.
 */
function placeOf(
  step: Step,
  drawings: readonly Drawing[],
  from: PlacedFrom,
): Omit<StepPlace, 'at'> | null {
  const screws = from.layout && screwHoles(step, { ...from, inside: insideOf(from.layout) })
  const others = step.pose === 'behind' ? BEHIND_FIRST : NEAR_FIRST
  for (const view of screws ? [screws.view] : others) {
    const drawing = drawings.find(d => d.view === view)
    const found = drawing ? targetsIn(drawing, step) : []
    const targets = found.map(t => t.rect)
    const [first, ...more] = targets
    if (drawing && first)
      return {
        ...{ step: step.id, view, items: step.items, targets },
        enters: found.flatMap(({ joint, rect }) => {
          const enters = joint && entersBy(from, joint, projection(view))
          return enters ? [{ rect, along: enters.along }] : []
        }),
        isOnTable: step.pose === 'table',
        holes: screws?.holes ?? [],
        window: windowAround(more.reduce(around, first), drawing.machine),
      }
  }
  return null
}
const NEAR_FIRST: readonly View[] = ['near', 'behind']
const BEHIND_FIRST: readonly View[] = ['behind', 'near']

interface Target {
  /** The joint that is made there; null where the step makes none. */
  readonly joint: string | null
  readonly rect: Rect
}

/** What a step is about: the sockets of its joints that are drawn, else what sits by them. */
function targetsIn({ shapes, hidden }: Drawing, { joints, items, kind }: Step): readonly Target[] {
  const drawn = [...shapes, ...hidden]
  const bodies = drawn.filter(sh => !APART.includes(sh.kind))
  const targets = joints.flatMap((joint): readonly Target[] => {
    const [, socket] = endsOfJoint(joint) ?? []
    const own = socket && socketShape(shapes, socket, kind === 'panel')
    if (own) return [{ joint, rect: own.rect }]
    const seated = bodies.filter(sh => sh.seat === joint)
    const at =
      seated.length > 0 ? seated : bodies.filter(sh => sh.item === (socket && itemOf(socket)))
    const [first, ...more] = at.map(sh => sh.rect)
    return first ? [{ joint, rect: more.reduce(around, first) }] : []
  })
  if (targets.length > 0 || joints.length > 0) return targets
  const [first, ...more] = bodies.filter(sh => sh.item === items.at(-1)).map(sh => sh.rect)
  return first ? [{ joint: null, rect: more.reduce(around, first) }] : []
}
const APART: readonly string[] = ['vents', 'air', 'zone', 'opening', 'channel', 'socket']

function windowAround(target: Rect, machine: Rect): Rect {
  const side = Math.max(LEAST, Math.max(target.w, target.h) * (1 + BESIDE))
  const [w, h] = [Math.min(side, machine.w), Math.min(side, machine.h)]
  const fitted = (middle: number, size: number, from: number, whole: number): number =>
    Math.min(Math.max(middle - size / 2, from), from + whole - size)
  return {
    x: fitted(target.x + target.w / 2, w, machine.x, machine.w),
    y: fitted(target.y + target.h / 2, h, machine.y, machine.h),
    ...{ w, h },
  }
}
