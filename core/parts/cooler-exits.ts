// Where the leads of a cooler leave it: at the frames of its fans, wherever those are.
import { nominalBox } from '../geometry/solid'
import { add, middle, scale, type Vec3 } from '../geometry/space'
import { RADIATOR_SIZE } from '../standards/modules'
import { coolerSolids } from './bodies/cooler'
import type { Measure } from './bodies/solid'
import type { Cooler } from './cooler-schema'
import type { ItemOf } from './kind'

const MIDDLE: Vec3 = [0, 0, 0]

/**
 * Where the lead of a fan on the fins leaves, in the frame of the socket, mm: at the lower edge of
 * its frame. The first fan is the one toward the memory, the second pulls on the other side, a third
 * stands between the fins; where nobody says where the first is, all leave from the middle.
 */
export function fanExit(item: ItemOf<Cooler>, of: Measure, index: number): Vec3 {
  if (item.part.liquid) return MIDDLE
  const boxes = coolerSolids(item, of).map(s => ({ key: s.key, box: nominalBox(s) }))
  const [fan, fins] = ['fan', 'fins'].map(key => boxes.find(b => b.key === key)?.box)
  if (!fins) return MIDDLE
  if (!fan) return [0, 0, fins.min[2]]
  const between = middle(fins)
  const first = middle(fan)
  const mirrored = add(scale(between, 2), scale(first, -1))
  const [x, y] = [first, mirrored, between][index] ?? between
  return [x, y, fan.min[2]]
}

/**
 * Where the lead of a fan on a radiator leaves, in the frame of the radiator's place, mm: the fans
 * of each side stand side by side along it.
 */
export function radiatorFanExit(
  { radiator, fans }: NonNullable<Cooler['liquid']>,
  index: number,
): Vec3 {
  if (!radiator) return MIDDLE
  const size = RADIATOR_SIZE[radiator]
  const wide = Number(fans[index]?.size ?? size.fan)
  return [((index % size.fans) - (size.fans - 1) / 2) * wide, 0, 0]
}
