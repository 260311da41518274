// Ways along the axes: which axis it is, and which way along it.
import { AXES, type Axis } from './solid'
import type { Vec3 } from './space'

/** An axis of the case, and which way along it. */
export interface Heading {
  readonly axis: Axis
  readonly by: 1 | -1
}
export const reversed = ({ axis, by }: Heading): Heading => ({ axis, by: by === 1 ? -1 : 1 })

/** The way that a direction of the case's frame goes; null for none. */
export function along(direction: Vec3): Heading | null {
  const axis = AXES.find(a => direction[a] !== 0)
  return axis === undefined ? null : { axis, by: direction[axis] > 0 ? 1 : -1 }
}
