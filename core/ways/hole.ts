// The holes of a case as places of their own: a long one is several, side by side.
import type { Layout, Opening, Room } from '../case/layout'
import type { Vec3 } from '../geometry/space'
import { HOLE_STEP } from './choices'

export interface Mouth {
  readonly hole: string
  readonly at: Vec3
  readonly joins: readonly [string, string]
}

/** Along which axis a hole's wall stands: that along which its two rooms lie one after the other. */
function acrossOf({ at, joins }: Opening, rooms: readonly Room[]): 0 | 1 | 2 {
  const [a, b] = joins.map(key => rooms.find(r => r.key === key))
  const gap = (axis: 0 | 1 | 2): number =>
    a && b
      ? Math.min(
          Math.abs(a.max[axis] - at[axis]) + Math.abs(b.min[axis] - at[axis]),
          Math.abs(b.max[axis] - at[axis]) + Math.abs(a.min[axis] - at[axis]),
        )
      : 0
  const [x, y, z] = [gap(0), gap(1), gap(2)]
  if (z <= x && z <= y) return 2
  return y <= x ? 1 : 0
}

/**
 * The places at which leads pass a hole. Its width lies along x, or along z where its wall stands
 * across x; its height along y, or along z where its wall lies across y.
 */
export function mouthsOf(hole: Opening, { rooms }: Pick<Layout, 'rooms'>): readonly Mouth[] {
  const across = acrossOf(hole, rooms)
  const size = [across === 0 ? 0 : hole.width, across === 1 ? 0 : hole.height] as const
  const along = size[0] >= size[1] ? 0 : 1
  const count = Math.max(1, Math.round(size[along] / HOLE_STEP))
  return Array.from({ length: count }, (_, i) => {
    const off = size[along] * ((i + 0.5) / count - 0.5)
    const at: Vec3 = [
      hole.at[0] + (along === 0 ? off : 0),
      hole.at[1] + (along === 1 ? off : 0),
      hole.at[2],
    ]
    return { hole: hole.key, at, joins: hole.joins }
  })
}
