// Distances between boxes against what can be said of boxes without knowing how they are worked out.
import fc from 'fast-check'
import { fact, of, type Sum } from '../figures/quantity'
import { clearance } from './clearance'
import { HERE, placedAt, spotIn, extentOf, nominalBox, type Faces, type Spot } from './solid'
import { nearPairs } from './sweep'
import { frame } from './space'

let leaves = 0
const mm = (value: number, tol = 1): Sum =>
  of(fact(`leaf-${(leaves += 1)}`, 'a face', 'mm', { value, basis: 'spec', tol }))
type Corner = readonly [number, number, number]
const box = (from: Corner, size: Corner): Faces => ({
  from: [mm(from[0]), mm(from[1]), mm(from[2])],
  to: [mm(from[0] + size[0]), mm(from[1] + size[1]), mm(from[2] + size[2])],
})
const spot = (at: Corner, axes?: string): Spot => ({
  origin: [mm(at[0], 0), mm(at[1], 0), mm(at[2], 0)],
  axes: frame([0, 0, 0], axes).axes,
})

const coordinate = fc.integer({ min: -200, max: 200 })
const corner = fc.tuple(coordinate, coordinate, coordinate)
const side = fc.integer({ min: 1, max: 150 })
const size = fc.tuple(side, side, side)
const boxes = fc.tuple(corner, size)
const TURNS = ['+x +y +z', '+x -y +z', '+x +z +y', '+y +z -x', '-x +y +z', '+y +x +z', '+y +z +x']

const margin = (a: Faces, b: Faces): number => clearance(a, b)?.judged.margin ?? NaN

test('two boxes 7 apart along x: up to 10 ± 1, from 17 ± 1', () => {
  const found = clearance(box([0, 0, 0], [10, 10, 10]), box([17, 5, 5], [10, 10, 10]))
  expect(found).toMatchObject({
    axis: 0,
    first: 'a',
    judged: { need: 10, have: 17, margin: 7, tol: 2, verdict: 'clear' },
  })
})
test('where they overlap, the least of the overlaps says how deep: 4 along y', () => {
  const found = clearance(box([0, 0, 0], [50, 30, 50]), box([10, 26, 10], [20, 40, 20]))
  expect(found).toMatchObject({
    axis: 1,
    judged: { need: 30, have: 26, margin: -4, verdict: 'stop' },
  })
})
test('what both faces are made of cancels, and its doubt with it', () => {
  const board = mm(300, 20)
  const on = (y: number): Faces =>
    placedAt({ ...HERE, origin: [mm(0, 0), board, mm(0, 0)] }, box([0, y, 0], [100, 10, 100]))
  expect(clearance(on(0), on(15))?.judged).toMatchObject({ margin: 5, tol: 2, verdict: 'clear' })
})
test('a wall has no end: what is behind its face is in it', () => {
  const wall: Faces = { from: [mm(400), null, null], to: [null, null, null] }
  expect(margin(box([10, 0, 0], [380, 9, 9]), wall)).toBe(10)
  expect(margin(box([10, 0, 0], [500, 9, 9]), wall)).toBe(-110)
  expect(clearance(wall, { from: [null, null, null], to: [null, null, null] })).toBeNull()
})

test('the order in which they are named changes nothing', () => {
  fc.assert(
    fc.property(boxes, boxes, ([p, s], [q, t]) => {
      const [a, b] = [box(p, s), box(q, t)]
      expect(margin(a, b)).toBe(margin(b, a))
    }),
  )
})

test('apart or not as points of both boxes say that are looked at one by one', () => {
  const inside = (f: Faces, p: Corner): boolean => {
    const { min, max } = nominalBox(f)
    return p.every((v, i) => v > (min[i] ?? 0) && v < (max[i] ?? 0))
  }
  fc.assert(
    fc.property(boxes, boxes, ([p, s], [q, t]) => {
      const [a, b] = [box(p, s), box(q, t)]
      // Whole numbers: a point half a millimetre inside each corner of every cell is enough.
      const shared = [0, 1, 2].every(i => {
        const from = Math.max(p[i] ?? 0, q[i] ?? 0)
        return from < Math.min((p[i] ?? 0) + (s[i] ?? 0), (q[i] ?? 0) + (t[i] ?? 0))
      })
      const at = [0, 1, 2].map(i => Math.max(p[i] ?? 0, q[i] ?? 0) + 0.5)
      const point: Corner = [at[0] ?? 0, at[1] ?? 0, at[2] ?? 0]
      expect(inside(a, point) && inside(b, point)).toBe(shared)
      expect(margin(a, b) < 0).toBe(shared)
    }),
  )
})

test('moving one of them by a vector moves its margins by as much', () => {
  fc.assert(
    fc.property(boxes, boxes, corner, ([p, s], [q, t], by) => {
      const [a, b] = [box(p, s), box(q, t)]
      const moved = placedAt(spot(by), b)
      for (const axis of [0, 1, 2] as const) {
        const gap = (f: Faces): number =>
          (f.from[axis]?.terms ?? []).reduce(
            (sum, x) => sum + (x.leaf.figure?.value ?? 0) * x.times,
            0,
          )
        expect(gap(moved) - gap(b)).toBe(by[axis])
      }
      expect(margin(placedAt(spot(by), a), moved)).toBe(margin(a, b))
    }),
  )
})

test('turning the whole machine changes no distance', () => {
  fc.assert(
    fc.property(boxes, boxes, fc.constantFrom(...TURNS), ([p, s], [q, t], axes) => {
      const [a, b] = [box(p, s), box(q, t)]
      const turned = spot([0, 0, 0], axes)
      expect(margin(placedAt(turned, a), placedAt(turned, b))).toBe(margin(a, b))
    }),
  )
})

test('a place in a place is the same as one after the other', () => {
  fc.assert(
    fc.property(
      boxes,
      fc.tuple(corner, fc.constantFrom(...TURNS)),
      fc.tuple(corner, fc.constantFrom(...TURNS)),
      ([p, s], [outerAt, outerAxes], [innerAt, innerAxes]) => {
        const outer = spot(outerAt, outerAxes)
        const inner = spot(innerAt, innerAxes)
        const local = box(p, s)
        expect(nominalBox(placedAt(spotIn(outer, inner), local))).toEqual(
          nominalBox(placedAt(outer, placedAt(inner, local))),
        )
      },
    ),
  )
})

test('the sweep finds the pairs that asking all pairs finds', () => {
  fc.assert(
    fc.property(
      fc.array(boxes, { maxLength: 25 }),
      fc.integer({ min: 0, max: 40 }),
      (list, near) => {
        const all = list.map(([p, s], i) => ({ i, extent: extentOf(box(p, s)) }))
        const found = nearPairs(all, near).map(([a, b]) => [a.i, b.i])
        const asked = all.flatMap((a, i) =>
          all.slice(i + 1).flatMap(b => {
            const isNear = [0, 1, 2].every(
              axis =>
                (a.extent.least[axis] ?? 0) - near < (b.extent.most[axis] ?? 0) &&
                (b.extent.least[axis] ?? 0) - near < (a.extent.most[axis] ?? 0),
            )
            return isNear ? [[a.i, b.i]] : []
          }),
        )
        expect(found).toEqual(asked)
      },
    ),
  )
})
