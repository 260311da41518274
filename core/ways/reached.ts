// What is worked out of a field, as far as it was asked: the graphs of its rooms, how far it is from
// hole to hole, and from each point to each hole.
import type { Room } from '../case/layout'
import { at } from '../collections/at'
import { oncePer } from '../collections/once'
import { inside, type Vec3 } from '../geometry/space'
import { UNDER } from './choices'
import type { Field } from './field'
import { mouthsOf, type Mouth } from './hole'
import { heightOf, isBehind, planOf, type Layer, type RoomPlan } from './room-plan'
import {
  graphOf,
  legTo,
  spreadFrom,
  stationAt,
  type RoomGraph,
  type Spread,
  type Station,
} from './room-graph'

/**
 * A room with the holes that lead out of it. A mouth has two sides, counted one after the other: what
 * comes to one goes on from the other.
 */
export interface RoomOf {
  readonly key: string
  readonly graph: RoomGraph
  readonly mouths: readonly { readonly side: number; readonly station: Station }[]
}

/** How far it is to each side of each mouth, and through which room. */
export interface ToMouths {
  readonly cost: Float64Array
  readonly long: Float64Array
  readonly by: readonly (RoomOf | null)[]
}

/** A point in a room, with the best ways from there to all corners. */
export interface Standpoint {
  readonly room: RoomOf
  readonly station: Station
  readonly spread: Spread
}

/** A point with the rooms that it is in. */
export interface Reaching extends ToMouths {
  readonly at: Vec3
  readonly stands: readonly Standpoint[]
}

interface WorkedOut {
  readonly mouths: readonly Mouth[]
  /** By the key of the room: one in each layer of it. */
  readonly rooms: ReadonlyMap<string, readonly RoomOf[]>
  readonly between: Map<string, readonly ToMouths[]>
  readonly points: Map<string, Reaching>
  readonly stations: Map<string, Station>
  readonly stands: Map<string, Standpoint>
}

const workedOut = oncePer((field: Field): WorkedOut => {
  const { rooms, openings } = field.layout
  const mouths = openings.flatMap(hole => mouthsOf(hole, field.layout))
  return {
    mouths,
    rooms: new Map(
      rooms.map(room => [
        room.key,
        layersOf(room).map(layer => roomIn(field, mouths, room, layer)),
      ]),
    ),
    between: new Map(),
    points: new Map(),
    stations: new Map(),
    stands: new Map(),
  }
})

const layersOf = (room: Room): readonly Layer[] =>
  isBehind(room) ? ['low'] : ['flat', 'low', 'high']
/** Whether a way from or to a point could run high: where it is not low itself. */
const mayRun = ({ room, layer }: RoomPlan, at: Vec3): boolean =>
  layer !== 'high' || at[2] > room.min[2] + UNDER.low

/** How ways are looked for: how much counts that is better left free, and how thin the lead is. */
export interface Manner {
  readonly share: number
  readonly isThin: boolean
}
const nameOf = ({ share, isThin }: Manner): string => `${share} ${isThin}`
const mayLead = ({ graph: { plan } }: RoomOf, at: Vec3, { isThin }: Manner): boolean =>
  mayRun(plan, at) && (isThin || plan.layer !== 'flat')

function roomIn(field: Field, mouths: readonly Mouth[], room: Room, layer: Layer): RoomOf {
  const plan = planOf(field, room, layer)
  const graph = graphOf(plan)
  const own = mouths.flatMap((m, index) =>
    m.joins.includes(room.key) && mayRun(plan, m.at) ? [index] : [],
  )
  return {
    key: room.key,
    graph,
    mouths: own.map(index => {
      const { at: place, joins } = at(mouths, index)
      const side = sideOf(index, joins.indexOf(room.key) === 1)
      return { side, station: stationAt(graph, place) }
    }),
  }
}

/** What was found before under a name, else what is made now. */
export function recalled<K, T>(known: Map<K, T>, name: K, make: () => T): T {
  const found = known.get(name)
  if (found !== undefined) return found
  const made = make()
  known.set(name, made)
  return made
}

export const mouthsIn = (field: Field): readonly Mouth[] => workedOut(field).mouths

/**
 * How far outside a room's box a point may lie and still count as in it, mm: plugs stick out of
 * boards and walls.
 */
const EDGE = 15

/** The rooms a point lies in; those it lies at, where it is in none. */
export function roomsOf(rooms: readonly Room[], p: Vec3): readonly string[] {
  const holding = rooms.filter(r => inside(r, p, EDGE))
  const exact = holding.filter(r => inside(r, p))
  return (exact.length > 0 ? exact : holding).map(r => r.key)
}

/** The sides of mouths, one after the other; and back. */
const sideOf = (mouth: number, isSecond: boolean): number => 2 * mouth + (isSecond ? 1 : 0)
export const mouthOf = (side: number): number => side >> 1
export const otherSide = (side: number): number => side ^ 1

/** How far it is from each side of each mouth, through the hole, to each other. */
export function betweenMouths(field: Field, manner: Manner): readonly ToMouths[] {
  const { share } = manner
  const { mouths, rooms, between } = workedOut(field)
  return recalled(between, nameOf(manner), () =>
    mouths.flatMap(({ at: place, joins }) =>
      [joins[1], joins[0]].map(beyond =>
        toMouths(
          mouths.length,
          share,
          (rooms.get(beyond) ?? [])
            .filter(room => mayLead(room, place, manner))
            .map(room => standingIn(field, room, place, share)),
        ),
      ),
    ),
  )
}

/** How far it is from a point to each mouth. */
export function reachingFrom(field: Field, from: Vec3, manner: Manner): Reaching {
  const { share } = manner
  const { mouths, rooms, points } = workedOut(field)
  return recalled(points, `${from.join()} ${nameOf(manner)}`, () => {
    const stands = roomsOf(field.layout.rooms, from)
      .flatMap(key => rooms.get(key) ?? [])
      .filter(room => mayLead(room, from, manner))
      .map(room => standingIn(field, room, from, share))
    return { at: from, stands, ...toMouths(mouths.length, share, stands) }
  })
}

/** A point in a room, with the best ways from there. */
export function standingIn(field: Field, room: RoomOf, at: Vec3, share: number): Standpoint {
  const { stands, stations } = workedOut(field)
  const name = `${room.key} ${room.graph.plan.layer} ${at.join()}`
  return recalled(stands, `${name} ${share}`, () => {
    const station = recalled(stations, name, () => stationAt(room.graph, at))
    return { room, station, spread: spreadFrom(room.graph, station, share) }
  })
}

function toMouths(count: number, share: number, stands: readonly Standpoint[]): ToMouths {
  const cost = new Float64Array(2 * count).fill(Infinity)
  const long = new Float64Array(2 * count).fill(Infinity)
  const by = Array<RoomOf | null>(2 * count).fill(null)
  for (const { room, station, spread } of stands) {
    for (const { side, station: mouth } of room.mouths) {
      const leg = legTo(room.graph, spread, mouth, share)
      if (!leg) continue
      const up = uprightOf(room, station.at, mouth.at)
      if (leg.cost + up >= (cost[side] ?? 0)) continue
      cost[side] = leg.cost + up
      long[side] = leg.long + up
      by[side] = room
    }
  }
  return { cost, long, by }
}

/** How far a lead goes up and down between two points of a room, mm. */
export function uprightOf(room: RoomOf, from: Vec3, to: Vec3): number {
  const height = heightOf(room.graph.plan, from, to)
  return Math.abs(from[2] - height) + Math.abs(to[2] - height)
}
