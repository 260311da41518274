// Ways through rooms and around blocks, against a fine grid that knows nothing of corners, and by hand.
import fc from 'fast-check'
import type { Layout, Opening, Room } from '../case/layout'
import type { Box, Vec3 } from '../geometry/space'
import { runs } from '../test-helpers/runs'
import { CLEAR } from './choices'
import type { Field } from './field'
import { wayBetween } from './way'

const room = (key: string, x0: number, x1: number): Room => ({
  ...{ key, min: [x0, 0, 0], max: [x1, 100, 50] },
})
const ROOMS = [room('a', 0, 100), room('b', 100, 200), room('c', 200, 300)]
const opening = (key: string, at: Vec3, joins: [string, string]): Opening => ({
  ...{ key, label: key, at, joins, width: 20, height: 20 },
})
const fieldOf = (openings: readonly Opening[], bodies: readonly Box[] = []): Field => {
  const layout: Layout = {
    inner: { x: 300, y: 100, z: 50, behind: 0 },
    ...{ tray: [0, 0, 0], supply: [0, 0, 0], leadsFrom: [0, 0, 0] },
    ...{
      rooms: ROOMS,
      openings,
      assumed: false,
      boardUnsure: 0,
      bayEnds: [],
      ties: null,
      channels: [],
    },
  }
  return { layout, bodies, zones: [] }
}
const block = (x0: number, y0: number, x1: number, y1: number): Box => ({
  min: [x0, y0, 0],
  max: [x1, y1, 50],
})
/** All at one height: what goes up and down is tried by hand below. */
const Z = 40
const spot = (x: number, y: number): Vec3 => [x, y, Z]

/**
 * The shortest way on a grid of `STEP` with eight directions and knight's moves, by plain flooding:
 * never shorter than the true one, and longer by at most 2.8 %.
 */
const STEP = 4
const MOVES = [1, 2].flatMap(a =>
  [0, 1, 2].flatMap(b =>
    [
      [a, b],
      [-a, b],
      [a, -b],
      [-a, -b],
      [b, a],
      [b, -a],
      [-b, a],
      [-b, -a],
    ].map(([x = 0, y = 0]) => ({ x, y, mm: STEP * Math.hypot(x, y) })),
  ),
)
function flooded(bodies: readonly Box[], from: Vec3, to: Vec3): number | null {
  const wide = 100 / STEP
  const isIn = (x: number, y: number): boolean =>
    bodies.some(
      b =>
        x > b.min[0] - CLEAR &&
        x < b.max[0] + CLEAR &&
        y > b.min[1] - CLEAR &&
        y < b.max[1] + CLEAR,
    )
  const isFree = (x: number, y: number, dx: number, dy: number): boolean =>
    [0.25, 0.5, 0.75, 1].every(t => !isIn((x + dx * t) * STEP, (y + dy * t) * STEP))
  const start = (from[1] / STEP) * (wide + 1) + from[0] / STEP
  const far = new Map([[start, 0]])
  for (let changed = true; changed;) {
    changed = false
    for (const [cell, mm] of [...far]) {
      const [x, y] = [cell % (wide + 1), Math.floor(cell / (wide + 1))]
      for (const m of MOVES) {
        const [nx, ny] = [x + m.x, y + m.y]
        if (nx < 0 || ny < 0 || nx > wide || ny > wide || !isFree(x, y, m.x, m.y)) continue
        const next = ny * (wide + 1) + nx
        if (mm + m.mm >= (far.get(next) ?? Infinity) - 1e-9) continue
        far.set(next, mm + m.mm)
        changed = true
      }
    }
  }
  return far.get((to[1] / STEP) * (wide + 1) + to[0] / STEP) ?? null
}

const onGrid = fc.integer({ min: 1, max: 100 / STEP - 1 }).map(n => n * STEP)
const aBlock = fc
  .tuple(onGrid, onGrid, fc.integer({ min: 2, max: 8 }), fc.integer({ min: 2, max: 8 }))
  .map(([x, y, w, h]) => block(x, y, Math.min(96, x + w * STEP), Math.min(96, y + h * STEP)))

test('around blocks: no longer than a grid finds, and shorter by no more than a grid is off', () => {
  const isFree = (bodies: readonly Box[], [x, y]: Vec3): boolean =>
    bodies.every(
      b =>
        x <= b.min[0] - CLEAR ||
        x >= b.max[0] + CLEAR ||
        y <= b.min[1] - CLEAR ||
        y >= b.max[1] + CLEAR,
    )
  fc.assert(
    fc.property(
      fc.array(aBlock, { maxLength: 4 }),
      fc.tuple(onGrid, onGrid),
      fc.tuple(onGrid, onGrid),
      (bodies, [ax, ay], [bx, by]) => {
        const [from, to] = [spot(ax, ay), spot(bx, by)]
        fc.pre(isFree(bodies, from) && isFree(bodies, to))
        const way = wayBetween(fieldOf([], bodies), from, to)
        const grid = flooded(bodies, from, to)
        if (grid === null) return
        expect(way).not.toBeNull()
        expect(way?.length).toBeLessThanOrEqual(grid + 1e-6)
        // A grid turns at its own points: half a step more at each of the corners it rounds.
        expect(way?.length).toBeGreaterThanOrEqual(grid / 1.03 - 2 * STEP * bodies.length)
      },
    ),
    { numRuns: runs(200) },
  )
})

test('no way passes a body, sampled every millimetre, and its length is that of its corners', () => {
  fc.assert(
    fc.property(
      fc.array(aBlock, { maxLength: 5 }),
      fc.tuple(onGrid, onGrid),
      fc.tuple(onGrid, onGrid),
      (bodies, [ax, ay], [bx, by]) => {
        const way = wayBetween(fieldOf([], bodies), spot(ax, ay), spot(bx, by))
        if (!way) return
        const { points } = way
        const long = points.slice(1).reduce((sum, p, i) => {
          const q = points[i] ?? p
          return sum + Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2])
        }, 0)
        expect(way.length).toBeCloseTo(long, 6)
        // What begins or ends in a body comes out of it straight: that stretch is its own.
        for (const [i, p] of points.slice(2, -1).entries()) {
          const q = points[i + 1] ?? p
          for (let t = 0; t <= 1; t += 0.01) {
            const [x, y] = [q[0] + (p[0] - q[0]) * t, q[1] + (p[1] - q[1]) * t]
            const inside = bodies.find(
              b => x > b.min[0] && x < b.max[0] && y > b.min[1] && y < b.max[1],
            )
            expect(inside).toBeUndefined()
          }
        }
      },
    ),
    { numRuns: runs(200) },
  )
})

test('a sheet of metal of two millimetres is gone around like anything else', () => {
  const sheet = block(49, 0, 51, 60)
  const way = wayBetween(fieldOf([], [sheet]), spot(30, 20), spot(70, 20))
  // Over its end at y 60, 4 mm clear of it on all sides: up, 10 across, and down.
  expect(way?.length).toBeCloseTo(2 * Math.hypot(15, 44) + 10, 6)
})

/** Every order of distinct holes, tried out, in empty rooms. */
function tryAll(openings: readonly Opening[], from: Vec3, to: Vec3): number | null {
  let best: number | null = null
  const straight = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1])
  const roomOf = ([x]: Vec3): string => ROOMS.find(r => x > r.min[0] && x < r.max[0])?.key ?? ''
  const visit = (at: Vec3, here: string, left: readonly Opening[], long: number): void => {
    if (here === roomOf(to)) best = Math.min(best ?? Infinity, long + straight(at, to))
    for (const o of left)
      if (o.joins.includes(here))
        visit(
          o.at,
          o.joins[0] === here ? o.joins[1] : o.joins[0],
          left.filter(x => x !== o),
          long + straight(at, o.at),
        )
  }
  visit(from, roomOf(from), openings, 0)
  return best
}

test('from room to room by the best holes: as every order of them tried out', () => {
  const holes = (x: number, joins: [string, string]) =>
    fc
      .array(fc.integer({ min: 10, max: 90 }), { maxLength: 3 })
      .map(ys => ys.map((y, i) => opening(`${joins.join('')}${i}`, spot(x, y), joins)))
  const inRoom = (i: number) =>
    fc.tuple(fc.integer({ min: i * 100 + 20, max: i * 100 + 80 }), fc.integer({ min: 5, max: 95 }))
  fc.assert(
    fc.property(
      holes(100, ['a', 'b']),
      holes(200, ['b', 'c']),
      inRoom(0),
      fc.constantFrom(0, 1, 2).chain(inRoom),
      (ab, bc, [ax, ay], [bx, by]) => {
        const openings = [...ab, ...bc]
        const [from, to] = [spot(ax, ay), spot(bx, by)]
        const [way, tried] = [wayBetween(fieldOf(openings), from, to), tryAll(openings, from, to)]
        if (tried === null) expect(way).toBeNull()
        else expect(way?.length).toBeCloseTo(tried, 6)
      },
    ),
    { numRuns: runs(300) },
  )
})

describe('by hand', () => {
  test('around a block of 20 × 60 in the middle: over its corners, 4 away', () => {
    // From (20, 50) to (80, 50) past (40 … 60, 20 … 80): the corner 4 beyond is at 36, 84.
    const way = wayBetween(fieldOf([], [block(40, 20, 60, 80)]), spot(20, 50), spot(80, 50))
    expect(way?.length).toBeCloseTo(2 * Math.hypot(16, 34) + 28, 6)
  })

  test('taking away the hole in use lengthens the way or makes it impossible', () => {
    const all = [
      opening('near', spot(100, 50), ['a', 'b']),
      opening('far', spot(100, 90), ['a', 'b']),
    ]
    const between = (holes: readonly Opening[], shut: readonly string[] = []) =>
      wayBetween(fieldOf(holes), spot(50, 50), spot(150, 50), { shut })?.length ?? null
    // Straight 100; by the far hole twice the slant of 50 and 40; by none not at all.
    const slant = 2 * Math.hypot(50, 40)
    expect(between(all)).toBe(100)
    expect(between(all.slice(1))).toBeCloseTo(slant, 6)
    expect(between(all, ['near'])).toBeCloseTo(slant, 6)
    expect(between(all, ['near', 'far'])).toBeNull()
    expect(between([])).toBeNull()
  })

  test('down to where it lies, along, and up again', () => {
    // Both high: from 45 to 35, 40 apart, along at 35.
    expect(wayBetween(fieldOf([]), [20, 50, 45], [60, 50, 35])?.length).toBe(10 + 40)
    // One of them low: down to 14, where leads lie, along, and up to 25.
    expect(wayBetween(fieldOf([]), [20, 50, 45], [60, 50, 25])?.length).toBe(31 + 40 + 11)
  })

  test('under what stands high, not through it: low 14 and 14, where high there is a block', () => {
    const shelf: Box = { min: [40, 0, 32], max: [60, 100, 50] }
    const way = wayBetween(fieldOf([], [shelf]), spot(20, 50), spot(80, 50))
    expect(way?.length).toBe(26 + 60 + 26)
    // Lower than 30 over the tray nothing passes under it; from wall to wall, none leads by.
    const low: Box = { min: [40, 0, 25], max: [60, 100, 50] }
    expect(wayBetween(fieldOf([], [low]), spot(20, 50), spot(80, 50))).toBeNull()
  })

  test('a socket within a body is left straight, by the side where that is thin', () => {
    // 2 deep in the block's left side: 2 and 4 more to come clear of it.
    const way = wayBetween(fieldOf([], [block(40, 20, 60, 80)]), spot(42, 50), spot(20, 50))
    expect(way?.length).toBe(22)
    expect(way?.points).toEqual([spot(42, 50), spot(36, 50), spot(20, 50)])
  })

  test('through a long hole a lead goes where it is nearest: one of 120 is two of 60', () => {
    const wide = { ...opening('slot', spot(100, 50), ['a', 'b']), height: 96 }
    // Two places, 24 on either side of the middle.
    const length = wayBetween(fieldOf([wide]), spot(90, 74), spot(110, 74))?.length
    expect(length).toBe(20)
  })

  test('what is better left free is gone around, as far as that counts', () => {
    const zone = { box: { min: [40, 0, 0], max: [60, 80, 50] } as Box, weight: 3 }
    const field = { ...fieldOf([]), zones: [zone] }
    const over = wayBetween(field, spot(20, 50), spot(80, 50), { share: 0 })
    const around = wayBetween(field, spot(20, 50), spot(80, 50), { share: 1 })
    expect(over?.length).toBe(60)
    // Straight through counts 60 + 3 × 20; over its upper corners 2 × √(20² + 30²) + 20 = 92.1.
    expect(around?.length).toBeCloseTo(2 * Math.hypot(20, 30) + 20, 6)
  })
})
