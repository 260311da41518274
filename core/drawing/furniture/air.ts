// Air at the walls of a case: arrows over what moves it, the way it goes there.
import type { AirWay } from '../../case/air'
import { middle, type Box, type Vec3 } from '../../geometry/space'
import { AXES } from '../../geometry/solid'
import { line, put, thinnest, type Axis, type Detail } from '../details'

/** Named choices of the drawing: how long arrows are, how wide their heads, how far off a wall, mm. */
const ARROW = { long: 26, head: 7, wide: 3, off: 8 } as const
/** Where along a fan its arrows are, as shares of its side. */
const ALONG = [0.22, 0.5, 0.78] as const

/** Arrows at a wall of the case: outward beyond it, or inward from the inner face of the fan. */
export function airArrows(fan: Box, inside: Box, way: AirWay): readonly Detail[] {
  const axis = thinnest(fan)
  const isFar = inside.max[axis] - fan.max[axis] < fan.min[axis] - inside.min[axis]
  const outward = isFar ? 1 : -1
  const wall = isFar ? inside.max[axis] : inside.min[axis]
  const inner = isFar ? fan.min[axis] : fan.max[axis]
  const run = way === 'out' ? outward : -outward
  const from = way === 'out' ? wall + outward * ARROW.off : inner
  return AXES.filter(a => a !== axis).flatMap(spread =>
    ALONG.flatMap(share => {
      const on = fan.min[spread] + (fan.max[spread] - fan.min[spread]) * share
      const tail = put(put(middle(fan), spread, on), axis, from)
      return arrow(tail, { axis, run, spread })
    }),
  )
}

interface Runs {
  readonly axis: Axis
  readonly run: number
  /** Across it, in the plane in which its head lies. */
  readonly spread: Axis
}
function arrow(tail: Vec3, { axis, run, spread }: Runs): readonly Detail[] {
  const tip = put(tail, axis, tail[axis] + run * ARROW.long)
  const back = put(tip, axis, tip[axis] - run * ARROW.head)
  const side = (by: number): Vec3 => put(back, spread, back[spread] + by)
  return [line('air', tail, tip), line('air', side(-ARROW.wide), tip, side(ARROW.wide))]
}
