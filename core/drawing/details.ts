// What a thing is drawn of, in space: boxes, discs and lines in the case's frame, mm. Every view is
// the same details seen from another side.
import type { Axis } from '../geometry/solid'
import type { Box, Vec3 } from '../geometry/space'

/**
 * What a detail stands for: a body (opaque, a firm line), a part of one (a thin line), the board, what
 * is dark by nature, a socket, a contact, what is only a place, an opening, air.
 */
export type Tone =
  | 'body'
  | 'part'
  | 'board'
  | 'dark'
  | 'socket'
  | 'contact'
  | 'place'
  | 'opening'
  | 'vent'
  | 'case'
  | 'air'

export type { Axis }

export type Detail = { readonly tone: Tone } & (
  | { readonly of: 'box'; readonly box: Box }
  | { readonly of: 'disc'; readonly at: Vec3; readonly radius: number; readonly axis: Axis }
  | { readonly of: 'line'; readonly points: readonly Vec3[] }
)

export const box = (tone: Tone, min: Vec3, max: Vec3): Detail => ({
  ...{ tone, of: 'box' },
  box: {
    min: [Math.min(min[0], max[0]), Math.min(min[1], max[1]), Math.min(min[2], max[2])],
    max: [Math.max(min[0], max[0]), Math.max(min[1], max[1]), Math.max(min[2], max[2])],
  },
})
export const disc = (tone: Tone, at: Vec3, radius: number, axis: Axis): Detail => ({
  ...{ tone, of: 'disc', at, radius, axis },
})
export const line = (tone: Tone, ...points: readonly Vec3[]): Detail => ({
  ...{ tone, of: 'line', points },
})

export const sizeOf = ({ min, max }: Box): Vec3 => [
  max[0] - min[0],
  max[1] - min[1],
  max[2] - min[2],
]

/** The axis along which a box is thinnest. */
export function thinnest(b: Box): Axis {
  const size = sizeOf(b)
  return ([0, 1, 2] as const).reduce<Axis>((a, c) => (size[c] < size[a] ? c : a), 0)
}

/** A point with one coordinate put otherwise. */
export const put = (p: Vec3, axis: Axis, value: number): Vec3 => [
  axis === 0 ? value : p[0],
  axis === 1 ? value : p[1],
  axis === 2 ? value : p[2],
]
/** A point moved, along each axis by so much. */
export const moved = (p: Vec3, ...by: readonly (readonly [Axis, number])[]): Vec3 =>
  by.reduce<Vec3>((at, [axis, mm]) => put(at, axis, at[axis] + mm), p)
