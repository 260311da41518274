// From where a machine is looked at, and how the case's frame lies on the paper then: x of a drawing
// runs to the right, y down; depth tells what is nearer to the eye.
import type { Axis } from '../geometry/solid'
import type { Box, Vec3 } from '../geometry/space'
import type { Rect } from './rect'

export const VIEWS = ['near', 'behind', 'above', 'front', 'rear'] as const
export type View = (typeof VIEWS)[number]
export type Point = readonly [x: number, y: number]

/** An axis of the case, and whether it runs the other way on the paper. */
interface Along {
  readonly axis: Axis
  readonly sign: 1 | -1
}
interface Seen {
  readonly title: string
  readonly right: Along
  readonly up: Along
  /** Toward the eye. */
  readonly eye: Along
  /** What is at the edges of the drawing: left, top, right, bottom. */
  readonly words: readonly [left: string, top: string, right: string, bottom: string]
}

const along = (axis: Axis, sign: 1 | -1 = 1): Along => ({ axis, sign })

export const SEEN: Readonly<Record<View, Seen>> = {
  near: {
    ...{ title: 'Near side', right: along(0), up: along(1), eye: along(2) },
    words: ['rear', 'top', 'front', 'floor'],
  },
  behind: {
    ...{ title: 'Behind the tray', right: along(0, -1), up: along(1), eye: along(2, -1) },
    words: ['front', 'top', 'rear', 'floor'],
  },
  above: {
    ...{ title: 'Above', right: along(0), up: along(2, -1), eye: along(1) },
    words: ['rear', 'far side', 'front', 'near side'],
  },
  front: {
    ...{ title: 'Front', right: along(2, -1), up: along(1), eye: along(0) },
    words: ['near side', 'top', 'far side', 'floor'],
  },
  rear: {
    ...{ title: 'Rear', right: along(2), up: along(1), eye: along(0, -1) },
    words: ['far side', 'top', 'near side', 'floor'],
  },
}

export type Project = (p: Vec3) => Point

/** A point of the case on the paper of a view, mm; the case's own origin stays the paper's. */
export const projection = (view: View): Project => {
  const { right, up } = SEEN[view]
  return p => [right.sign * p[right.axis] || 0, -up.sign * p[up.axis] || 0]
}

/** How near to the eye the nearest and the farthest of a box are. */
export function depthOf(
  view: View,
  { min, max }: Box,
): { readonly near: number; readonly far: number } {
  const { axis, sign } = SEEN[view].eye
  return sign > 0 ? { near: max[axis], far: min[axis] } : { near: -min[axis], far: -max[axis] }
}

export const eyeAxis = (view: View): Axis => SEEN[view].eye.axis

/** What a box covers on the paper. */
export function rectOf({ min, max }: Box, project: Project): Rect {
  const [a, b] = [project(min), project(max)]
  return {
    x: Math.min(a[0], b[0]),
    y: Math.min(a[1], b[1]),
    w: Math.abs(a[0] - b[0]),
    h: Math.abs(a[1] - b[1]),
  }
}
