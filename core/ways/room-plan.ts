// One room of a case seen from the near side: what stands in it as blocks, the corners at which a way
// around them turns, and how a lead gets from its end out of what it hangs on.
import type { Room } from '../case/layout'
import type { Box, Vec3 } from '../geometry/space'
import { apart, isClear, isInside, within, type Block, type Spot } from './flat'
import type { Field, Zone } from './field'
import { CHANNEL_STEP, CLEAR, LANE, LIES, PRESS, UNDER, WEIGHT } from './choices'

/** A body as a block: kept clear of, and as it is. */
interface Standing {
  readonly kept: Block
  readonly own: Block
  readonly from: number
  readonly to: number
}

/**
 * How a lead runs through a room: flat, where it is thin enough to pass under a card; low, on what it
 * lies on and under what stands higher; or high, from one end to the other without coming down.
 */
export type Layer = 'flat' | 'low' | 'high'

export interface RoomPlan {
  readonly room: Room
  readonly layer: Layer
  readonly kept: readonly Block[]
  readonly standing: readonly Standing[]
  readonly zones: readonly (Zone & { readonly block: Block })[]
  /** The corners of all blocks and zones, as far as they are free. */
  readonly corners: readonly Spot[]
}

const blockOf = ({ min, max }: Box, by = 0): Block => ({
  ...{ x0: min[0] - by, y0: min[1] - by },
  ...{ x1: max[0] + by, y1: max[1] + by },
})

/** Whether a body, or a zone, is in a room by more than figures are off; a thin one by half of it. */
const overlap = (body: Box, room: Box): boolean =>
  ([0, 1, 2] as const).every(i => {
    const inRoom = Math.min(body.max[i], room.max[i]) - Math.max(body.min[i], room.min[i])
    return inRoom > Math.min(PRESS.little, (body.max[i] - body.min[i]) / 2)
  })

/** A room with what stands in it: what is lower than leads lie is no block. */
export function planOf({ bodies, zones }: Field, room: Room, layer: Layer): RoomPlan {
  const overWhatLiesThere: Box = {
    min: [room.min[0], room.min[1], isBehind(room) ? room.min[2] : room.min[2] + LANE],
    max: room.max,
  }
  const standing = bodies
    .filter(b => overlap(b, overWhatLiesThere))
    .map(b => ({ kept: blockOf(b, CLEAR), own: blockOf(b), from: b.min[2], to: b.max[2] }))
  const isPassedUnder = (s: Standing): boolean =>
    layer !== 'high' && !isBehind(room) && s.from >= room.min[2] + UNDER[layer]
  const kept = standing.filter(s => !isPassedUnder(s)).map(s => s.kept)
  const inRoom = blockOf(room)
  const avoided = zones
    .filter(z => overlap(z.box, room))
    .map(z => ({ ...z, block: blockOf(z.box) }))
  const corners = [...kept.map(cornersOf), ...avoided.map(turnsAt)]
    .flat()
    .filter(c => holds(inRoom, c) && !kept.some(block => isInside(block, c)))
  return { room, layer, kept, standing, zones: avoided, corners }
}

const cornersOf = ({ x0, y0, x1, y1 }: Block): readonly Spot[] =>
  [x0, x1].flatMap(x => [y0, y1].map(y => ({ x, y })))

/** Where ways turn at a zone: around one that is worse, along the middle of one that is better. */
const turnsAt = ({ weight, block }: RoomPlan['zones'][number]): readonly Spot[] =>
  weight < 0 ? alongMiddle(block) : cornersOf(block)

/** Places along the middle of a channel, from end to end. */
function alongMiddle({ x0, y0, x1, y1 }: Block): readonly Spot[] {
  const isLevel = x1 - x0 >= y1 - y0
  const count = Math.max(1, Math.round((isLevel ? x1 - x0 : y1 - y0) / CHANNEL_STEP))
  return Array.from({ length: count + 1 }, (_, i) => {
    const share = i / count
    return isLevel
      ? { x: x0 + (x1 - x0) * share, y: (y0 + y1) / 2 }
      : { x: (x0 + x1) / 2, y: y0 + (y1 - y0) * share }
  })
}

/** A chamber behind the tray has no low and high. */
export const isBehind = ({ max }: Room): boolean => max[2] <= 0

/**
 * At what height a lead lies between two points of a room, mm: on what lies there, or where the lower
 * of its ends is; close to the tray behind it.
 */
export function heightOf({ room, layer }: RoomPlan, from: Vec3, to: Vec3): number {
  if (isBehind(room)) return Math.max(room.min[2] / 2, -LIES.behind)
  const low = Math.max(room.min[2], LIES.over)
  return layer === 'high' ? Math.max(low, Math.min(from[2], to[2])) : low
}

const holds = ({ x0, y0, x1, y1 }: Block, { x, y }: Spot): boolean =>
  x >= x0 && x <= x1 && y >= y0 && y <= y1

/** What a straight stretch counts beyond its length, in zones that are better left free. */
export function weightOf({ zones }: RoomPlan, a: Spot, b: Spot): number {
  let sum = 0
  for (const zone of zones) sum += zone.weight * within(zone.block, a, b)
  // Channels may lie one over the other: a stretch is in one of them only.
  return sum < 0 ? Math.max(sum, WEIGHT.channel * apart(a, b)) : sum
}

export const seesFrom = ({ kept }: RoomPlan, a: Spot, b: Spot): boolean => isClear(kept, a, b)

/** Where a lead that ends at a point comes into the open, and how far that is, mm. */
export interface Access extends Spot {
  readonly mm: number
  /** What those millimetres count beyond their length: nothing, out of what it is plugged into. */
  readonly heavy: number
  /** Where it comes down before it goes there, if that is somewhere else. */
  readonly by?: Spot
}

const WAYS_OUT = [
  [1, 0],
  [-1, 0],
  [0, 1],
  [0, -1],
] as const

/**
 * The places where a lead that ends at a point comes into the open: the point itself, or straight out
 * of what it is plugged into, under or over what stands there, not through it.
 */
export function accessesOf(plan: RoomPlan, at: Vec3): readonly Access[] {
  const start = { x: at[0], y: at[1] }
  const blocks = [...plan.kept, ...overOrUnder(plan, at)]
  if (!blocks.some(block => isInside(block, start)))
    return [{ ...start, mm: 0, heavy: 0 }, ...straightOut(plan, start)]
  const found = WAYS_OUT.flatMap(way => goneOut(plan, blocks, at, way) ?? [])
  return found
    .filter(f => f.through <= PRESS.through)
    .map(({ x, y, mm }) => ({ x, y, mm, heavy: 0 }))
}

/** From a spot in zones that are left square straight to their nearest edges, as a hand lays it. */
function straightOut(plan: RoomPlan, start: Spot): readonly Access[] {
  return plan.zones
    .filter(({ isLeftSquare, block }) => isLeftSquare === true && isInside(block, start))
    .flatMap(({ block: { x0, x1, y0, y1 } }) => [
      { x: start.x - x0 < x1 - start.x ? x0 : x1, y: start.y },
      { x: start.x, y: start.y - y0 < y1 - start.y ? y0 : y1 },
    ])
    .filter(edge => holds(blockOf(plan.room), edge) && seesFrom(plan, start, edge))
    .map(edge => ({
      ...edge,
      mm: apart(start, edge),
      heavy: weightOf(plan, start, edge),
      by: start,
    }))
}

/** What stands where a lead comes down from a point to where it lies. */
function overOrUnder(plan: RoomPlan, at: Vec3): readonly Block[] {
  if (plan.layer === 'high') return []
  const [low, high] = [heightOf(plan, at, at), at[2]].sort((a, b) => a - b)
  return plan.standing
    .filter(s => s.from < (high ?? 0) && s.to > (low ?? 0) && !plan.kept.includes(s.kept))
    .map(s => s.kept)
}

interface GoneOut extends Spot {
  readonly mm: number
  /** How far it went through bodies at its own height. */
  readonly through: number
}

function goneOut(
  { standing, room }: RoomPlan,
  blocks: readonly Block[],
  [x, y, z]: Vec3,
  [byX, byY]: (typeof WAYS_OUT)[number],
): GoneOut | null {
  const start = { x, y }
  let here = start
  for (let block = blockAt(blocks, here); block; block = blockAt(blocks, here)) {
    const { x0, y0, x1, y1 } = block
    const [beyondX, beyondY] = [byX > 0 ? x1 : x0, byY > 0 ? y1 : y0]
    here = { x: byX === 0 ? here.x : beyondX, y: byY === 0 ? here.y : beyondY }
  }
  if (!holds(blockOf(room), here)) return null
  const atHeight = standing.filter(s => z > s.from - 1 && z < s.to - PRESS.little)
  const through = atHeight.reduce((sum, s) => sum + within(s.own, start, here), 0)
  return { ...here, mm: apart(start, here), through }
}
const blockAt = (blocks: readonly Block[], at: Spot): Block | undefined =>
  blocks.find(block => isInside(block, at))
