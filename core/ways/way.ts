// The best way of a lead through a case: around what stands in its rooms, and from room to room
// through holes.
import type { Layout } from '../case/layout'
import { at } from '../collections/at'
import { oncePer } from '../collections/once'
import type { Vec3 } from '../geometry/space'
import { THREADING } from './choices'
import { plainOf, type Field } from './field'
import {
  betweenMouths,
  mouthOf,
  mouthsIn,
  otherSide,
  reachingFrom,
  recalled,
  standingIn,
  uprightOf,
  type Manner,
  type Reaching,
  type RoomOf,
  type Standpoint,
} from './reached'
import { heightOf } from './room-plan'
import { legTo, turnsOf } from './room-graph'

export interface Way {
  readonly length: number
  /** The holes passed, in order. */
  readonly through: readonly string[]
  readonly points: readonly Vec3[]
}

/** How a way is looked for. */
export interface Looking {
  /** Holes that are left out. */
  readonly shut?: readonly string[]
  /** How much of what is better left free counts beside the length; 0 for the shortest way. */
  readonly share?: number
  /** Whether the lead is thin enough to pass under a card. */
  readonly isThin?: boolean
}
const mannerOf = ({ share = 0, isThin = false }: Looking): Manner => ({ share, isThin })

/** A way before its corners are drawn: the sides at which it comes to the holes that it passes. */
interface Found {
  readonly cost: number
  readonly length: number
  readonly sides: readonly number[]
}

const NOWHERE: Found = { cost: Infinity, length: Infinity, sides: [] }
const known = oncePer((_: Field) => ({
  found: new Map<string, Found>(),
  ways: new Map<string, Way | null>(),
}))
const NONE: readonly string[] = []
/** Where nothing but the length counts, zones are no more than corners too many. */
const spaceOf = (field: Field, { share = 0 }: Looking): Field =>
  share === 0 ? plainOf(field) : field

const nameOf = (from: Vec3, to: Vec3, { shut = NONE, share = 0, isThin = false }: Looking) =>
  `${from.join()}>${to.join()}>${shut.join()}>${share} ${isThin}`

/**
 * How long the best way between two points of a field is, mm; null when none leads there. The same
 * question finds what it found before.
 */
export function lengthBetween(
  field: Field,
  from: Vec3,
  to: Vec3,
  looking: Looking = {},
): number | null {
  const { length } = foundBetween(spaceOf(field, looking), from, to, looking)
  return length === Infinity ? null : length
}

/** The best way between two points of a field, with its corners, mm; null when none leads there. */
export function wayBetween(whole: Field, from: Vec3, to: Vec3, looking: Looking = {}): Way | null {
  const field = spaceOf(whole, looking)
  return recalled(known(field).ways, nameOf(from, to, looking), () => {
    const found = foundBetween(field, from, to, looking)
    return found.length === Infinity ? null : drawn(field, [from, to], found, mannerOf(looking))
  })
}

function foundBetween(field: Field, from: Vec3, to: Vec3, looking: Looking): Found {
  return recalled(known(field).found, nameOf(from, to, looking), () => {
    const manner = mannerOf(looking)
    const [a, b] = [reachingFrom(field, from, manner), reachingFrom(field, to, manner)]
    const direct = within(a, b, manner.share)
    const through = throughMouths(field, [a, b], looking, direct.cost)
    return direct.cost <= through.cost ? direct : through
  })
}

/** The best way within one room, where both points share one. */
function within(a: Reaching, b: Reaching, share: number): Found {
  const legs = a.stands.flatMap(({ room, spread }): readonly Found[] => {
    const there = b.stands.find(s => s.room === room)
    const leg = there && legTo(room.graph, spread, there.station, share)
    if (!leg) return []
    const up = uprightOf(room, a.at, b.at)
    return [{ cost: leg.cost + up, length: leg.long + up, sides: [] }]
  })
  return legs.reduce((best, leg) => (leg.cost < best.cost ? leg : best), NOWHERE)
}

/**
 * Dijkstra's search from hole to hole, as far as a way can still be better than one of that cost. O(m²)
 * for m holes at the most, and a case has a dozen.
 */
function throughMouths(
  field: Field,
  [a, b]: readonly [Reaching, Reaching],
  { shut = NONE, ...looking }: Looking,
  bound: number,
): Found {
  const manner = mannerOf(looking)
  const threading = manner.share * THREADING
  const between = betweenMouths(field, manner)
  const isShut = mouthsIn(field).map(m => shut.includes(m.hole))
  const mayTake = (side: number): boolean => isShut[mouthOf(side)] !== true
  const cost = a.cost.slice()
  const long = a.long.slice()
  for (let i = 0; i < cost.length; i++) cost[i] = mayTake(i) ? num(cost, i) + threading : Infinity
  const before = new Int32Array(cost.length).fill(-1)
  const isSettled = new Uint8Array(cost.length)
  let [best, least] = [-1, bound]
  for (let here = nearest(cost, isSettled); here >= 0; here = nearest(cost, isSettled)) {
    if (num(cost, here) >= least) break
    isSettled[here] = 1
    const inAll = num(cost, here) + num(b.cost, otherSide(here))
    if (inAll < least) [best, least] = [here, inAll]
    const on = at(between, here)
    for (let next = 0; next < cost.length; next++) {
      const counts = num(cost, here) + num(on.cost, next) + threading
      if (counts >= num(cost, next) || !mayTake(next)) continue
      cost[next] = counts
      long[next] = num(long, here) + num(on.long, next)
      before[next] = here
    }
  }
  if (best < 0) return NOWHERE
  const length = num(long, best) + num(b.long, otherSide(best))
  return { cost: least, length, sides: upTo(before, best) }
}

/** The sides of holes passed up to one of them. */
function upTo(before: Int32Array, last: number): readonly number[] {
  const sides: number[] = []
  for (let i = last; i >= 0; i = before[i] ?? -1) sides.unshift(i)
  return sides
}

const num = (list: ArrayLike<number>, i: number): number => list[i] ?? Infinity

function nearest(cost: Float64Array, isSettled: Uint8Array): number {
  let best = -1
  for (let i = 0; i < cost.length; i++)
    if (isSettled[i] === 0 && num(cost, i) < (best < 0 ? Infinity : num(cost, best))) best = i
  return best
}

/** The corners of a way that was found, room by room. */
function drawn(
  field: Field,
  [from, to]: readonly [Vec3, Vec3],
  { length, sides }: Found,
  manner: Manner,
): Way {
  const { share } = manner
  const between = betweenMouths(field, manner)
  const [a, b] = [reachingFrom(field, from, manner), reachingFrom(field, to, manner)]
  const passed = sides.map(side => at(mouthsIn(field), mouthOf(side)))
  const [first, last] = [sides[0], sides.at(-1)]
  const rooms =
    first === undefined || last === undefined
      ? [sharedRoom(a, b, share)]
      : [
          a.by[first],
          ...sides.slice(1).map((side, i) => between[at(sides, i)]?.by[side]),
          b.by[otherSide(last)],
        ]
  const stops = [from, ...passed.map(m => m.at), to]
  const points = rooms.flatMap((room, i) =>
    room ? cornersIn(field, room, [at(stops, i), at(stops, i + 1)], share) : [],
  )
  return {
    length,
    through: passed.map(m => m.hole),
    points: points.filter((p, i) => !points[i - 1]?.every((v, k) => v === p[k])),
  }
}

/** The room and the height at which the way within one room is best. */
const sharedRoom = (a: Reaching, b: Reaching, share: number): RoomOf | undefined =>
  [...a.stands].sort((s, t) => costIn(s, a, b, share) - costIn(t, a, b, share))[0]?.room
function costIn({ room, spread }: Standpoint, a: Reaching, b: Reaching, share: number): number {
  const there = b.stands.find(s => s.room === room)
  const leg = there && legTo(room.graph, spread, there.station, share)
  return leg ? leg.cost + uprightOf(room, a.at, b.at) : Infinity
}

/**
 * The corners within one room: straight out of what it is plugged into, then down to where it lies,
 * along, and up again.
 */
function cornersIn(
  field: Field,
  room: RoomOf,
  [from, to]: readonly [Vec3, Vec3],
  share: number,
): readonly Vec3[] {
  const { spread } = standingIn(field, room, from, share)
  const { station: end } = standingIn(field, room, to, share)
  const leg = legTo(room.graph, spread, end, share)
  if (!leg) return []
  const turns = turnsOf(room.graph, spread, end, leg)
  const height = heightOf(room.graph.plan, from, to)
  const [first, last] = [turns[0], turns.at(-1)]
  return [
    from,
    ...(first ? [[first.x, first.y, from[2]] as const] : []),
    ...turns.map(({ x, y }): Vec3 => [x, y, height]),
    ...(last ? [[last.x, last.y, to[2]] as const] : []),
    to,
  ]
}

/** An opening's label by its key, for sentences. */
export const openingLabel = (openings: Layout['openings'], key: string): string =>
  openings.find(o => o.key === key)?.label ?? key
