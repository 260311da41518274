// What is seen of parts beside their outline: blades of fans, plates and pipes of coolers, brackets of
// cards, chips of sticks. Drawn into the box that the part takes, so it turns and grows with it.
import { middle, type Box, type Vec3 } from '../../geometry/space'
import { box, disc, line, moved, put, sizeOf, thinnest, type Axis, type Detail } from '../details'

/** Named choices of the drawing, mm or shares. */
const BLADES = 7
const PLATE_STEP = 6
const CARD_BACK = 2.67
const SCREW = 1.8

/** The two axes across another. */
const across = (axis: Axis): readonly [Axis, Axis] => {
  if (axis === 0) return [1, 2]
  return axis === 1 ? [0, 2] : [0, 1]
}

/** A fan: its ring, hub and blades at both faces, its corner screws. */
export function fanDetails(b: Box): readonly Detail[] {
  const axis = thinnest(b)
  const [u, v] = across(axis)
  const size = sizeOf(b)
  // Several fans in a row share a box along its longer side.
  const side = Math.min(size[u], size[v])
  const long: Axis = size[u] >= size[v] ? u : v
  const count = Math.max(1, Math.round(size[long] / side))
  const first = put(middle(b), long, b.min[long] + side / 2)
  return Array.from({ length: count }, (_, i) => put(first, long, first[long] + i * side)).flatMap(
    at => [b.min[axis], b.max[axis]].flatMap(face => ring(put(at, axis, face), axis, side)),
  )
}

function ring(at: Vec3, axis: Axis, side: number): readonly Detail[] {
  const [u, v] = across(axis)
  const r = side * 0.46
  const on = (turn: number, far: number): Vec3 =>
    moved(at, [u, far * Math.cos(turn)], [v, far * Math.sin(turn)])
  const blade = (i: number): Detail => {
    const turn = (i / BLADES) * 2 * Math.PI
    return line('part', on(turn, r * 0.28), on(turn + 0.22, r * 0.65), on(turn + 0.62, r * 0.98))
  }
  const corner = side * 0.44
  return [
    disc('part', at, r, axis),
    ...Array.from({ length: BLADES }, (_, i) => blade(i)),
    disc('part', at, r * 0.28, axis),
    ...[-1, 1].flatMap(a =>
      [-1, 1].map(c => disc('part', moved(at, [u, a * corner], [v, c * corner]), SCREW, axis)),
    ),
  ]
}

/** The fins of a cooler: plates one over the other, the ends of its pipes on the uppermost. */
export function finDetails(b: Box): readonly Detail[] {
  const [w, d, high] = sizeOf(b)
  const plates = Math.max(1, Math.floor(high / PLATE_STEP))
  const at = (i: number): number => b.min[2] + (i * high) / plates
  const loop = (z: number): Detail =>
    line(
      'part',
      [b.min[0], b.min[1], z],
      [b.max[0], b.min[1], z],
      [b.max[0], b.max[1], z],
      [b.min[0], b.max[1], z],
      [b.min[0], b.min[1], z],
    )
  const pipes = [0.25, 0.75].flatMap(x =>
    [0.2, 0.4, 0.6, 0.8].map(y =>
      disc('part', [b.min[0] + w * x, b.min[1] + d * y, b.max[2]], 3, 2),
    ),
  )
  return [...Array.from({ length: plates - 1 }, (_, i) => loop(at(i + 1))), ...pipes]
}

/** A card: its board along the back, its bracket at the rear. */
export function cardDetails(b: Box): readonly Detail[] {
  const isFlat = sizeOf(b)[1] < sizeOf(b)[2]
  const back: Detail = isFlat
    ? box('part', [b.min[0], b.max[1] - CARD_BACK, b.min[2]], b.max)
    : box('part', [b.min[0], b.min[1], b.min[2]], [b.max[0], b.max[1], b.min[2] + CARD_BACK])
  return [back, box('dark', b.min, [b.min[0] + 1.6, b.max[1], b.max[2]])]
}

/** A module, a stick: its chips along it. */
export function chipDetails(b: Box): readonly Detail[] {
  const size = sizeOf(b)
  const long = ([0, 1, 2] as const).reduce<Axis>((a, c) => (size[c] > size[a] ? c : a), 0)
  const thin = thinnest(b)
  const wide = ([0, 1, 2] as const).find(a => a !== long && a !== thin) ?? 1
  return [0.12, 0.4, 0.68].map(share => {
    const from = put(
      put(b.min, long, b.min[long] + size[long] * share),
      wide,
      b.min[wide] + size[wide] * 0.2,
    )
    const to = put(
      put(b.max, long, from[long] + size[long] * 0.2),
      wide,
      b.max[wide] - size[wide] * 0.2,
    )
    return box('part', from, to)
  })
}

/** A drive: the line of its lid, its screws at the sides. */
export function driveDetails(b: Box): readonly Detail[] {
  const thin = thinnest(b)
  const [u, v] = across(thin)
  const rim = 4
  const inset = (a: Axis): readonly [number, number] => [b.min[a] + rim, b.max[a] - rim]
  const [u1, u2] = inset(u)
  const [v1, v2] = inset(v)
  return [b.min[thin], b.max[thin]].flatMap(face => {
    const at = (x: number, y: number): Vec3 => put(put(put(b.min, thin, face), u, x), v, y)
    return [line('part', at(u1, v1), at(u2, v1), at(u2, v2), at(u1, v2), at(u1, v1))]
  })
}

/** A radiator: its tanks at both ends, tubes between them. */
export function radiatorDetails(b: Box): readonly Detail[] {
  const size = sizeOf(b)
  const long = ([0, 1, 2] as const).reduce<Axis>((a, c) => (size[c] > size[a] ? c : a), 0)
  const tank = size[long] * 0.06
  const near = put(b.max, long, b.min[long] + tank)
  const far = put(b.min, long, b.max[long] - tank)
  return [box('part', b.min, near), box('part', far, b.max)]
}
