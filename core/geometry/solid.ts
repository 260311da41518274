// A solid: a box whose faces are sums of figures, so that a distance from it knows what it is made
// of, how sure that is, and what measuring would settle it.
import { minus, plus, times, toleranceOf, valueOf, type Sum } from '../figures/quantity'
import type { Frame } from './space'

/** A face along one axis, mm; null where the solid has no end that way: a wall. */
export type Face = Sum | null
type Three<T> = readonly [x: T, y: T, z: T]

/** A box in some frame, face by face. */
export interface Faces {
  readonly from: Three<Face>
  readonly to: Three<Face>
}

/** A frame whose origin is made of figures. */
export interface Spot {
  readonly origin: Three<Sum>
  readonly axes: Frame['axes']
}

export const NOTHING: Sum = { unit: 'mm', terms: [] }
/** The case's own frame. */
export const HERE: Spot = {
  origin: [NOTHING, NOTHING, NOTHING],
  axes: [
    [1, 0, 0],
    [0, 1, 0],
    [0, 0, 1],
  ],
}
export const AXES = [0, 1, 2] as const
export type Axis = (typeof AXES)[number]

/** Along which inner axis an outer axis runs, and whether the same way round. */
function runs(axes: Frame['axes'], outer: Axis): { readonly inner: Axis; readonly same: boolean } {
  const inner = AXES.find(i => axes[i][outer] !== 0) ?? 0
  return { inner, same: axes[inner][outer] > 0 }
}

const each = <T>(make: (axis: Axis) => T): Three<T> => [make(0), make(1), make(2)]

/** A box of an inner frame in the outer one. */
export function placedAt({ origin, axes }: Spot, { from, to }: Faces): Faces {
  const face = (outer: Axis, side: 'from' | 'to'): Face => {
    const { inner, same } = runs(axes, outer)
    const own = (side === 'from') === same ? from[inner] : to[inner]
    if (!own) return null
    return same ? plus(origin[outer], own) : minus(origin[outer], own)
  }
  return { from: each(a => face(a, 'from')), to: each(a => face(a, 'to')) }
}

/** A spot inside a spot that is itself inside an outer one. */
export function spotIn(outer: Spot, inner: Spot): Spot {
  const turned = (v: Frame['axes'][number]): Three<number> =>
    each(axis => AXES.reduce<number>((sum, i) => sum + outer.axes[i][axis] * v[i], 0))
  return {
    origin: each(axis => {
      const { inner: own, same } = runs(outer.axes, axis)
      return plus(outer.origin[axis], times(inner.origin[own], same ? 1 : -1))
    }),
    axes: [turned(inner.axes[0]), turned(inner.axes[1]), turned(inner.axes[2])],
  }
}

/** Where a box lies at the most, tolerances counted, mm; without end where it is a wall. */
export interface Extent {
  readonly least: Three<number>
  readonly most: Three<number>
}
export function extentOf({ from, to }: Faces): Extent {
  const outermost = (face: Face, by: 1 | -1): number =>
    face ? (valueOf(face) ?? 0) + by * toleranceOf(face) : by * Infinity
  return { least: each(a => outermost(from[a], -1)), most: each(a => outermost(to[a], 1)) }
}

/** Where a box lies by the values of its figures, mm. */
export function nominalBox(faces: Faces): {
  readonly min: Three<number>
  readonly max: Three<number>
} {
  const value = (face: Face, otherwise: number): number => (face ? (valueOf(face) ?? 0) : otherwise)
  return {
    min: each(a => value(faces.from[a], -Infinity)),
    max: each(a => value(faces.to[a], Infinity)),
  }
}
