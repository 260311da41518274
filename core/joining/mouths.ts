// Where the things in a case breathe: the side of a solid that its fans face, and what lies before it.
import { minus, valueOf, type Sum } from '../figures/quantity'
import { AXES, nominalBox, type Axis } from '../geometry/solid'
import type { Vec3 } from '../geometry/space'
import type { Solid } from './solids'
import { ventsOf, WALLS, type Wall } from '../case/air'
import type { Case } from '../parts/case-schema'
import type { ItemOf } from '../parts/kind'

/** A side of a solid that air passes: `to` is the side that lies farther along the axis. */
export interface Mouth {
  readonly solid: Solid
  readonly axis: Axis
  readonly side: 'from' | 'to'
}

/** The side of a solid that looks along a direction of the case's frame. */
export function mouthAt(solid: Solid, direction: Vec3): Mouth {
  const axis = AXES.find(a => direction[a] !== 0) ?? 0
  return { solid, axis, side: direction[axis] > 0 ? 'to' : 'from' }
}
export const opposite = (mouth: Mouth): Mouth => ({
  ...mouth,
  side: mouth.side === 'to' ? 'from' : 'to',
})

/** What a mouth faces, and the way between: from the nearer face to the farther, along the axis. */
export interface Facing {
  readonly solid: Solid
  readonly low: Sum
  readonly high: Sum
  /** What is left between the two, mm. */
  readonly gap: number
}

/** Named choice: what covers less than this share of a mouth leaves it room enough. */
const COVERS = 0.5

/** The nearest body that covers at least half of a mouth; null where nothing does. */
export function facedBy(mouth: Mouth, all: readonly Solid[]): Facing | null {
  const facing = all.flatMap(solid => {
    if (solid.nature !== 'body' || solid.item === mouth.solid.item) return []
    const own = wayTo(mouth, solid)
    return own && own.gap > -TOUCHING && covered(mouth, solid) >= COVERS ? [own] : []
  })
  return facing.reduce<Facing | null>((best, f) => (best && best.gap <= f.gap ? best : f), null)
}
/** Named choice: what reaches farther into a mouth meets it, and is told as that, mm. */
const TOUCHING = 3

function wayTo({ solid: own, axis, side }: Mouth, solid: Solid): Facing | null {
  const [low, high] =
    side === 'to' ? [own.to[axis], solid.from[axis]] : [solid.to[axis], own.from[axis]]
  return low && high ? { solid, low, high, gap: valueOf(minus(high, low)) ?? 0 } : null
}

/** Which share of a mouth a solid covers. */
function covered({ solid: own, axis }: Mouth, solid: Solid): number {
  const [a, b] = [nominalBox(own), nominalBox(solid)]
  return AXES.filter(i => i !== axis).reduce<number>((share, i) => {
    const both = Math.min(a.max[i], b.max[i]) - Math.max(a.min[i], b.min[i])
    return share * (Math.max(0, both) / (a.max[i] - a.min[i]))
  }, 1)
}

/** Whether a body is a wall of the case that has openings; null where it is no wall. */
export function opening(
  pc: ItemOf<Case>,
  { item, key }: Pick<Solid, 'item' | 'key'>,
): { readonly wall: Wall; readonly open: boolean; readonly usual: boolean } | null {
  const wall = WALLS.find(w => w === key)
  if (item !== pc.id || wall === undefined) return null
  const { walls, usual } = ventsOf(pc.part)
  return { wall, open: walls.includes(wall), usual }
}
