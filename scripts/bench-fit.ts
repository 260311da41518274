// The rows of the bench that tell what space costs: all bodies compared, one of them moved, and how
// that grows.
import { runOn } from '../core/analysis/analyse'
import type { Build } from '../core/document/build'
import { clearance } from '../core/geometry/clearance'
import { fact, of } from '../core/figures/quantity'
import { extentOf, type Faces } from '../core/geometry/solid'
import { nearPairs } from '../core/geometry/sweep'
import { Memory } from '../core/pipeline/memory'
import { seats } from '../core/plan/joints'
import { shells } from '../core/plan/items'
import { fitClearance } from '../core/rules/fit/clearance'
import { clocked, exponentOf, median, type Row } from './bench-rows'

const RUNS = 31
const WHOLE = 40
const ONE_MOVED = 0.2

/** What it takes to lay out and compare all bodies, once it is known what sits where, ms. */
function fitTime(build: Build, memory: Memory): number {
  const run = runOn(build, 'then', memory)
  run.values({ shells, seats })
  return clocked(() => run.values({ found: fitClearance.findings }))
}

export function fitRows(name: string, build: Build, moved: Build): readonly Row[] {
  const whole = median(Array.from({ length: RUNS }, () => fitTime(build, new Memory())))
  const one = median(
    Array.from({ length: RUNS }, () => {
      const memory = new Memory()
      fitTime(build, memory)
      return fitTime(moved, memory)
    }),
  )
  return [
    held(`fit/${name}/whole`, whole, WHOLE),
    held(`fit/${name}/one-moved`, one, ONE_MOVED * whole),
  ]
}

const held = (name: string, value: number, against: number): Row => ({
  ...{ name, value, against, unit: 'ms', n: RUNS },
  ratio: value / against,
})

const BODIES = [20, 40, 80, 160, 320]
const GROWTH_LIMIT = 1.25
/** Each body is a cube of 40 mm in a cell of 50: however many there are, they stand equally dense. */
const CELL = 50
const SIDE = 40

/** So many bodies in a row, two by two: what lies at its ends counts little. */
const standing = (count: number): readonly Faces[] =>
  Array.from({ length: count }, (_, i): Faces => {
    const at = [Math.floor(i / 4), Math.floor(i / 2) % 2, i % 2].map(n => n * CELL)
    const face = (axis: 0 | 1 | 2, by: number) =>
      of(
        fact(`${i}:${axis}:${by}`, 'a face', 'mm', {
          value: (at[axis] ?? 0) + by,
          basis: 'spec',
          tol: 1,
        }),
      )
    return {
      from: [face(0, 0), face(1, 0), face(2, 0)],
      to: [face(0, SIDE), face(1, SIDE), face(2, SIDE)],
    }
  })

/** How the cost of comparing bodies grows in their number. */
export function fitGrowth(): Row {
  const compare = (bodies: readonly Faces[]): number =>
    nearPairs(
      bodies.map(faces => ({ faces, extent: extentOf(faces) })),
      CELL - SIDE,
    ).filter(([a, b]) => clearance(a.faces, b.faces) !== null).length
  const points = BODIES.map(count => {
    const bodies = standing(count)
    compare(bodies)
    return [
      count,
      median(Array.from({ length: RUNS }, () => clocked(() => compare(bodies)))),
    ] as const
  })
  const value = exponentOf(points)
  return {
    name: `fit/growth (N bodies; ${points.map(([, ms]) => ms.toFixed(1)).join(', ')} ms)`,
    ...{ value, unit: 'exponent', against: GROWTH_LIMIT, n: points.length },
    ratio: value / GROWTH_LIMIT,
  }
}
