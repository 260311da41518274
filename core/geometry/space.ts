// Points, boxes and frames: the little geometry that everything is placed with. Lengths in mm.

export type Vec3 = readonly [x: number, y: number, z: number]
export interface Box {
  readonly min: Vec3
  readonly max: Vec3
}

/**
 * A frame inside another: where its origin lies and where its three axes point. Axes are unit
 * vectors along the outer axes.
 */
export interface Frame {
  readonly origin: Vec3
  readonly axes: readonly [Vec3, Vec3, Vec3]
}

export const add = (a: Vec3, b: Vec3): Vec3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]
export const scale = (a: Vec3, k: number): Vec3 => [a[0] * k, a[1] * k, a[2] * k]
export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
export const cross = (a: Vec3, b: Vec3): Vec3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
export const middle = (box: Box): Vec3 => scale(add(box.min, box.max), 0.5)

/**
 * A point of the inner frame in the outer one. The only function that turns frames; a left-handed
 * frame is one whose axes say so.
 */
export function place(frame: Frame, p: Vec3): Vec3 {
  return add(
    frame.origin,
    add(add(scale(frame.axes[0], p[0]), scale(frame.axes[1], p[1])), scale(frame.axes[2], p[2])),
  )
}

/** A box of the inner frame in the outer one. */
export function placeBox(frame: Frame, box: Box): Box {
  const a = place(frame, box.min)
  const b = place(frame, box.max)
  return {
    min: [Math.min(a[0], b[0]), Math.min(a[1], b[1]), Math.min(a[2], b[2])],
    max: [Math.max(a[0], b[0]), Math.max(a[1], b[1]), Math.max(a[2], b[2])],
  }
}

/** A frame inside a frame that is itself inside an outer one. */
export function within(outer: Frame, inner: Frame): Frame {
  const turn = (v: Vec3): Vec3 => place({ origin: [0, 0, 0], axes: outer.axes }, v)
  return {
    origin: place(outer, inner.origin),
    axes: [turn(inner.axes[0]), turn(inner.axes[1]), turn(inner.axes[2])],
  }
}

const AXES: Record<string, Vec3> = {
  '+x': [1, 0, 0],
  '-x': [-1, 0, 0],
  '+y': [0, 1, 0],
  '-y': [0, -1, 0],
  '+z': [0, 0, 1],
  '-z': [0, 0, -1],
}
export const STRAIGHT = '+x +y +z'
export const AXES_PATTERN = /^[+-][xyz] [+-][xyz] [+-][xyz]$/

/** Reads axes written as `+x -y +z`: where the inner x, y and z point in the outer frame. */
export function frame(origin: Vec3, axes: string = STRAIGHT): Frame {
  const [x, y, z] = axes.split(' ').map(name => AXES[name])
  if (!x || !y || !z) throw new RangeError(`"${axes}" does not name three axes`)
  return { origin, axes: [x, y, z] }
}

/** Whether a point lies in a box, faces included, with `slack` mm around it. */
export const inside = (box: Box, p: Vec3, slack = 0): boolean =>
  p.every((v, i) => v >= (box.min[i] ?? 0) - slack && v <= (box.max[i] ?? 0) + slack)
