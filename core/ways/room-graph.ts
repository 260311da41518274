// The stretches within one room: every corner and mouth with those that it sees, and the best ways
// from one of them to all others. Exact among straight stretches that turn at corners.
import type { Vec3 } from '../geometry/space'
import { WEIGHT } from './choices'
import { apart, type Spot } from './flat'
import { accessesOf, seesFrom, weightOf, type Access, type RoomPlan } from './room-plan'

/** A point of a room where a way begins or ends, with where it comes into the open and what it sees there. */
export interface Station {
  readonly at: Vec3
  readonly accesses: readonly Seeing[]
}
interface Seeing extends Access {
  /** What it comes to from the end to each corner, this place passed; Infinity where it is not seen. */
  readonly longTo: Float64Array
  readonly heavyTo: Float64Array
}

export interface RoomGraph {
  readonly plan: RoomPlan
  /** From corner to corner, row by row, mm: Infinity where one does not see the other. */
  readonly long: Float64Array
  readonly heavy: Float64Array
}

export function graphOf(plan: RoomPlan): RoomGraph {
  const { corners } = plan
  const n = corners.length
  const [long, heavy] = [new Float64Array(n * n).fill(Infinity), new Float64Array(n * n)]
  corners.forEach((a, i) => {
    corners.slice(0, i).forEach((b, j) => {
      if (!seesFrom(plan, a, b)) return
      for (const k of [i * n + j, j * n + i]) {
        long[k] = apart(a, b)
        heavy[k] = weightOf(plan, a, b)
      }
    })
  })
  return { plan, long, heavy }
}

export const stationAt = ({ plan }: RoomGraph, at: Vec3): Station => ({
  at,
  accesses: accessesOf(plan, at).map(access => seeing(plan, access)),
})

/** What an access sees. Asked of every end of every lead: plain loops. */
function seeing(plan: RoomPlan, access: Access): Seeing {
  const { corners } = plan
  const longTo = new Float64Array(corners.length).fill(Infinity)
  const heavyTo = new Float64Array(corners.length)
  for (let i = 0; i < corners.length; i++) {
    const corner = corners[i]
    if (!corner || !seesFrom(plan, access, corner)) continue
    longTo[i] = access.mm + apart(access, corner)
    heavyTo[i] = access.heavy + weightOf(plan, access, corner)
  }
  return { ...access, longTo, heavyTo }
}

/** The best ways from one station to every corner of its room. */
export interface Spread {
  readonly from: Station
  readonly cost: Float64Array
  readonly long: Float64Array
  /** The corner before; −1 − k where that is the k-th access of the station. */
  readonly before: Int32Array
}

/**
 * Dijkstra's search over the corners, each stretch counted by its length and `share` of its weight.
 * O(n²) for n corners.
 */
export function spreadFrom({ long, heavy, plan }: RoomGraph, from: Station, share: number): Spread {
  const n = plan.corners.length
  const cost = new Float64Array(n).fill(Infinity)
  const length = new Float64Array(n)
  const before = new Int32Array(n)
  from.accesses.forEach((access, k) => {
    for (let i = 0; i < n; i++) {
      const mm = num(access.longTo, i)
      const counts = mm + share * num(access.heavyTo, i)
      if (counts >= num(cost, i)) continue
      cost[i] = counts
      length[i] = mm
      before[i] = -1 - k
    }
  })
  const isSettled = new Uint8Array(n)
  for (let round = 0; round < n; round++) {
    const here = cheapest(cost, isSettled)
    if (here < 0) break
    isSettled[here] = 1
    for (let i = 0; i < n; i++) {
      const mm = num(long, here * n + i)
      const counts = num(cost, here) + mm + share * num(heavy, here * n + i)
      if (counts >= num(cost, i)) continue
      cost[i] = counts
      length[i] = num(length, here) + mm
      before[i] = here
    }
  }
  return { from, cost, long: length, before }
}

const num = (list: ArrayLike<number>, i: number): number => list[i] ?? Infinity

function cheapest(cost: Float64Array, isSettled: Uint8Array): number {
  let best = -1
  for (let i = 0; i < cost.length; i++)
    if (isSettled[i] === 0 && num(cost, i) < (best < 0 ? Infinity : num(cost, best))) best = i
  return best
}

/** The best way from a station to another of its room, by the corner at which it turns last. */
export interface Leg {
  readonly cost: number
  readonly long: number
  /** The corner it turns at last; −1 − k where it comes straight from the k-th access. */
  readonly last: number
  readonly goal: number
}

/** What a millimetre counts at the least: in a channel. */
const leastOf = (share: number): number => 1 + share * WEIGHT.channel

/** The best way to another station of the room; null where there is none. */
export function legTo({ plan }: RoomGraph, spread: Spread, to: Station, share: number): Leg | null {
  const n = plan.corners.length
  let [cost, long, last, goal] = [Infinity, Infinity, 0, 0]
  const take = (counts: number, mm: number, by: number, g: number): void => {
    if (counts >= cost) return
    ;[cost, long, last, goal] = [counts, mm, by, g]
  }
  to.accesses.forEach((access, g) => {
    spread.from.accesses.forEach((start, s) => {
      const mm = start.mm + apart(start, access) + access.mm
      if (mm * leastOf(share) >= cost || !seesFrom(plan, start, access)) return
      const heavy = start.heavy + weightOf(plan, start, access) + access.heavy
      take(mm + share * heavy, mm, -1 - s, g)
    })
    for (let i = 0; i < n; i++) {
      const mm = num(access.longTo, i)
      const counts = num(spread.cost, i) + mm + share * num(access.heavyTo, i)
      if (counts < cost) take(counts, num(spread.long, i) + mm, i, g)
    }
  })
  return cost === Infinity ? null : { cost, long, last, goal }
}

/** Where a way turns, seen from the near side, from end to end. */
export function turnsOf(
  { plan }: RoomGraph,
  { from, before }: Spread,
  to: Station,
  { last, goal }: Leg,
): readonly Spot[] {
  const turns: Spot[] = []
  const put = (spot: Spot | undefined): void => {
    const next = turns[0]
    if (spot && (!next || apart(spot, next) > 0)) turns.unshift({ x: spot.x, y: spot.y })
  }
  put(to.accesses[goal]?.by)
  put(to.accesses[goal])
  let corner = last
  while (corner >= 0) {
    put(plan.corners[corner])
    corner = before[corner] ?? -1
  }
  put(from.accesses[-1 - corner])
  put(from.accesses[-1 - corner]?.by)
  return turns
}
