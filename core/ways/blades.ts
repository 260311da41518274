// Where blades turn: what hangs before or behind a fan is caught.
import { AXES, type Axis } from '../geometry/solid'
import type { Box } from '../geometry/space'
import { BLADES } from './choices'

/** The space before and behind a fan: its frame, drawn out along the axis that it is thinnest in. */
export function beforeBlades({ min, max }: Box): Box {
  const thick = (axis: Axis): number => max[axis] - min[axis]
  const thin = AXES.reduce((best, axis) => (thick(axis) < thick(best) ? axis : best))
  const out = (axis: Axis): number => (axis === thin ? BLADES : 0)
  return {
    min: [min[0] - out(0), min[1] - out(1), min[2] - out(2)],
    max: [max[0] + out(0), max[1] + out(1), max[2] + out(2)],
  }
}
