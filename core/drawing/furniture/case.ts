// A case as one knows it: its walls and feet, where they let air through, holes for cables, covers at the
// rear, places that are free.
import { ventsOf, type Wall } from '../../case/air'
import type { Layout, Opening, Room } from '../../case/layout'
import type { Case } from '../../parts/case-schema'
import type { Vec3 } from '../../geometry/space'
import { box, line, type Detail } from '../details'

/** How thick walls are drawn, how large feet, mm. Named choices of the drawing. */
const WALL = 5
const FOOT = { long: 40, high: 9, in: 16 } as const
const VENT_OUT = 2.5

/** The walls of a case, and its feet. */
export function walls({ inner }: Layout): readonly Detail[] {
  const { x, y, z, behind } = inner
  const foot = (from: number, depth: number): Detail =>
    box('dark', [from, -WALL - FOOT.high, depth], [from + FOOT.long, -WALL, depth + FOOT.in])
  return [
    ...[FOOT.in, x - FOOT.in - FOOT.long].flatMap(at => [
      foot(at, FOOT.in - behind),
      foot(at, z - 2 * FOOT.in),
    ]),
    box('case', [-WALL, -WALL, -behind - 1], [x + WALL, y + WALL, z + 1]),
    box('case', [0, 0, -behind], [x, y, z]),
  ]
}

/** Where air passes a wall: a dashed line along it. */
export function vents(pc: Case, { inner }: Layout): readonly Detail[] {
  return ventsOf(pc).walls.flatMap(wall => VENT[wall]?.(inner) ?? [])
}
type Inner = Layout['inner']
const VENT: Partial<Record<Wall, (inner: Inner) => Detail>> = {
  top: ({ x, y }) => line('vent', [x * 0.12, y + VENT_OUT, 0], [x * 0.88, y + VENT_OUT, 0]),
  floor: ({ x }) => line('vent', [x * 0.06, -VENT_OUT, 0], [x * 0.45, -VENT_OUT, 0]),
  front: ({ x, y }) => line('vent', [x + VENT_OUT, y * 0.12, 0], [x + VENT_OUT, y * 0.88, 0]),
  rear: ({ y }) => line('vent', [-VENT_OUT, y * 0.62, 0], [-VENT_OUT, y * 0.9, 0]),
}

/** A hole for cables, flat in the wall between its two rooms. */
export function holeDetail(o: Opening, rooms: readonly Room[]): Detail {
  const axis = wallBetween(o, rooms)
  const [w, h] = [o.width / 2, o.height / 2]
  const [x, y, z] = o.at
  const half: Readonly<Record<0 | 1 | 2, Vec3>> = { 0: [1, h, w], 1: [w, 1, h], 2: [w, h, 1] }
  const [a, b, c] = half[axis]
  return box('opening', [x - a, y - b, z - c], [x + a, y + b, z + c])
}
/** Across which axis two rooms meet. */
function wallBetween({ joins, at }: Opening, rooms: readonly Room[]): 0 | 1 | 2 {
  const [a, b] = joins.map(key => rooms.find(r => r.key === key))
  if (!a || !b) return 2
  const meets = ([0, 1, 2] as const).filter(
    axis => a.max[axis] === b.min[axis] || b.max[axis] === a.min[axis],
  )
  return (
    meets.find(
      axis => Math.abs(at[axis] - a.min[axis]) < 2 || Math.abs(at[axis] - a.max[axis]) < 2,
    ) ??
    meets[0] ??
    2
  )
}
