// Quarter turns about the axis that stands on what something rests on.
import { times } from '../figures/quantity'
import type { Face, Faces } from './solid'

/** How many quarters; none is as the part's sheet has it. */
export const TURNS = [1, 2, 3] as const
export type Turn = (typeof TURNS)[number]

const mirrored = (face: Face): Face => face && times(face, -1)

/** A box turned a quarter from x toward y. */
const quarter = <F extends Faces>(faces: F): F => ({
  ...faces,
  from: [mirrored(faces.to[1]), faces.from[0], faces.from[2]],
  to: [mirrored(faces.from[1]), faces.to[0], faces.to[2]],
})

/** A box turned by so many quarters about z, from x toward y. */
export function turnedBox<F extends Faces>(faces: F, turn: Turn | undefined): F {
  const quarters = Array.from({ length: turn ?? 0 })
  return quarters.reduce<F>(quarter, faces)
}
