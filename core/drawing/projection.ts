// From the case's frame to a drawing's: y of a drawing points down.
import type { Vec3 } from '../geometry/space'

export type View = 'near' | 'above'
export type Project = (p: Vec3) => readonly [number, number]

/** Named choice: the margin around the case, mm. */
export const MARGIN = 12

/** `top` is what lies uppermost, mm. */
export const projection =
  (view: View, top: number): Project =>
  p => [p[0] + MARGIN, top - p[view === 'near' ? 1 : 2] + MARGIN]
