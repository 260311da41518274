// Where the leads of a cooler leave it: at the frames of its fans, wherever those are.
import { nominalBox } from '../geometry/solid'
import { add, middle, scale, type Vec3 } from '../geometry/space'
import { RADIATOR_SIZE } from '../standards/modules'
import { coolerSolids } from './bodies/cooler'
import { radiatorSolids } from './bodies/radiator'
import { hullOf, type Measure } from './bodies/solid'
import type { Cooler } from './cooler-schema'
import type { ItemOf } from './kind'

const MIDDLE: Vec3 = [0, 0, 0]
/** Named choice: how far under the frame of a fan its lead hangs, mm. */
const UNDER = 3

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
  // Just under it: its lead passes beneath what the frame stands over.
  return [x, y, fan.min[2] - UNDER]
}

/**
 * Where the lead of a fan on a radiator leaves, in the frame of the radiator's place, mm: the fans
 * of each side stand side by side along it, and their leads come round to the side of the machine.
 */
export function radiatorFanExit(
  wet: NonNullable<Cooler['liquid']>,
  of: Measure,
  index: number,
): Vec3 {
  if (!wet.radiator) return MIDDLE
  const size = RADIATOR_SIZE[wet.radiator]
  const wide = Number(wet.fans[index]?.size ?? size.fan)
  const along = ((index % size.fans) - (size.fans - 1) / 2) * wide
  return [along, 0, hullOf(radiatorSolids(wet, of))?.max[2] ?? 0]
}
