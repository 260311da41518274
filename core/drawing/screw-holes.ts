// Where the screws of a fan, a radiator, a drive or a supply go, and from which side that is seen: each
// hole with its letter, in the order in which they are turned in.
import type { Step } from '../order/step'
import type { Solid } from '../joining/solids'
import { nominalBox } from '../geometry/solid'
import type { Box } from '../geometry/space'
import { DRIVE_HOLES, FAN_HOLES, RADIATOR_HOLES } from '../standards/holes'
import { DRIVE_SIZE } from '../standards/modules'
import { thinnest } from './details'
import type { Rect } from './rect'
import { eyeAxis, projection, rectOf, SEEN, VIEWS, type Point, type View } from './views'

export interface ScrewHole {
  readonly at: Point
  /** To which side of it its letter stands, so that no two meet: −1, 0 or 1 on either axis. */
  readonly aside: Point
  readonly letter: string
}
type Hole = Pick<ScrewHole, 'at' | 'aside'>
export interface ScrewHoles {
  readonly view: View
  readonly holes: readonly ScrewHole[]
}
interface From {
  readonly solids: readonly Solid[]
  /** What the case encloses. */
  readonly inside: Box
}

/** Named choice: a supply's holes are near the corners of its plate, at about this from each edge, mm. */
const FROM_CORNER = 8
/** Named choice: what is nearer to a wall is screwed to it, mm. */
const AT_WALL = 20
/** Named choice: two sizes are of one sort when they differ by less, mm. */
const ALIKE = 6

/** Null where the step turns no such screws in, or where nobody knows its holes. */
export function screwHoles(step: Step, from: From): ScrewHoles | null {
  const [joint] = step.joints
  const solids = from.solids.filter(s => s.joint === joint && step.items.includes(s.item))
  const bodies = solids.filter(s => s.nature !== 'zone')
  const body = bodies.find(s => s.key === 'radiator') ?? bodies[0]
  if (!body || step.screws.length === 0) return null
  const hull = nominalBox(body)
  switch (step.kind) {
    case 'fan':
      return inView(facing(hull, from.inside), hull, ofFan)
    case 'radiator':
      return inView(facing(hull, from.inside), hull, ofRadiator)
    case 'supply-in':
      return isAtRear(hull, from.inside) ? inView('rear', hull, cornersOf) : null
    case 'drive': {
      const plugs = solids.find(s => s.nature === 'zone')
      const view: View = step.pose === 'behind' ? 'behind' : 'near'
      return plugs ? inView(view, hull, ofDrive(rectOf(nominalBox(plugs), projection(view)))) : null
    }
    default:
      return null
  }
}
const isAtRear = (hull: Box, inside: Box): boolean => hull.min[0] - inside.min[0] < AT_WALL

function inView(
  view: View,
  hull: Box,
  holesOf: (rect: Rect) => readonly Hole[],
): ScrewHoles | null {
  const holes = holesOf(rectOf(hull, projection(view)))
  return holes.length === 0 ? null : { view, holes: lettered(holes) }
}

const A = 'A'.charCodeAt(0)
const lettered = (holes: readonly Hole[]): readonly ScrewHole[] =>
  holes.map((hole, i) => ({ ...hole, letter: String.fromCharCode(A + i) }))

/** From the wall that a flat body is nearest to: its screws come through it. */
function facing(hull: Box, inside: Box): View {
  const axis = thinnest(hull)
  const middle = (b: Box): number => (b.min[axis] + b.max[axis]) / 2
  const sign = middle(hull) >= middle(inside) ? 1 : -1
  const there = VIEWS.find(v => eyeAxis(v) === axis && SEEN[v].eye.sign === sign)
  // What lies on the floor is seen from above.
  return there ?? 'above'
}

const middleOf = ({ x, y, w, h }: Rect): Point => [x + w / 2, y + h / 2]
/** The corners of a rectangle crosswise, so that it is drawn up evenly. */
const crosswise = ([x, y]: Point, w: number, h: number): readonly Hole[] => [
  { at: [x - w / 2, y - h / 2], aside: [1, 0] },
  { at: [x + w / 2, y + h / 2], aside: [-1, 0] },
  { at: [x + w / 2, y - h / 2], aside: [-1, 0] },
  { at: [x - w / 2, y + h / 2], aside: [1, 0] },
]
const cornersOf = (rect: Rect): readonly Hole[] =>
  crosswise(middleOf(rect), rect.w - 2 * FROM_CORNER, rect.h - 2 * FROM_CORNER)

/** By its frame: a fan seen from its edge, or one of a frame that nobody knows, has none here. */
function ofFan(rect: Rect): readonly Hole[] {
  const frame = Object.keys(FAN_HOLES)
    .map(Number)
    .find(size => Math.abs(size - rect.w) < ALIKE && Math.abs(size - rect.h) < ALIKE)
  const apart = Object.entries(FAN_HOLES).find(([size]) => Number(size) === frame)?.[1]
  return apart === undefined ? [] : crosswise(middleOf(rect), apart, apart)
}

const RADIATOR_FANS = [120, 140] as const satisfies readonly (keyof typeof RADIATOR_HOLES)[]
/** As many fans as it is long for; crosswise over the whole of it, from the middle outwards. */
function ofRadiator(rect: Rect): readonly Hole[] {
  const isUpright = rect.h > rect.w
  const [long, wide] = isUpright ? [rect.h, rect.w] : [rect.w, rect.h]
  const size = RADIATOR_FANS.reduce((a, b) => (Math.abs(wide - b) < Math.abs(wide - a) ? b : a))
  const { own, next } = RADIATOR_HOLES[size]
  const fans = Math.floor(long / size)
  if (fans === 0 || Math.abs(wide - size) > own) return []
  const whole = fans * own + (fans - 1) * next
  const [mx, my] = middleOf(rect)
  const along = Array.from({ length: fans }, (_, i) => i * (own + next) - whole / 2)
  // Beside the gap between two fans letters go each to its own.
  const rows = along.flatMap(from => [
    { at: from, own: 1 },
    { at: from + own, own: -1 },
  ])
  const holes = rows.flatMap(({ at, own: toward }) =>
    [-1, 1].map((side): Hole => {
      const [far, aside] = [(side * own) / 2, -side]
      return isUpright
        ? { at: [mx + far, my + at], aside: [aside, toward] }
        : { at: [mx + at, my + far], aside: [toward, 0] }
    }),
  )
  return [...holes].sort((a, b) => distance(a.at, [mx, my]) - distance(b.at, [mx, my]))
}
const distance = (a: Point, b: Point): number => Math.hypot(a[0] - b[0], a[1] - b[1])

/** From its connectors on: the rows of its side, or of its underside where that is seen. */
const ofDrive =
  (plugs: Rect) =>
  (rect: Rect): readonly Hole[] => {
    const isUpright = rect.h > rect.w
    const [long, across] = isUpright ? [rect.h, rect.w] : [rect.w, rect.h]
    const size = (['2.5', '3.5'] as const).find(
      one => Math.abs(DRIVE_SIZE[one].length - long) < ALIKE,
    )
    if (!size) return []
    const { bottom, across: apart, side: rows } = DRIVE_HOLES[size]
    const isFlat = Math.abs(across - DRIVE_SIZE[size].width) < ALIKE
    const [mx, my] = middleOf(rect)
    const [px, py] = middleOf(plugs)
    const isFirst = isUpright ? py < my : px < mx
    const sides = isFlat ? [-apart / 2, apart / 2] : [0]
    return (isFlat ? bottom : rows)
      .map(far => (isFirst ? far - long / 2 : long / 2 - far))
      .flatMap(at =>
        sides.map((side): Hole => ({
          at: isUpright ? [mx + side, my + at] : [mx + at, my + side],
          aside: [side > 0 ? -1 : 1, 0],
        })),
      )
  }
