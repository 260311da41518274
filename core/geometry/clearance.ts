// How far two solids are from each other, and whether that is enough.
import { judge, gravity, type Judgement } from '../figures/verdict'
import type { Sum } from '../figures/quantity'
import { AXES, type Axis, type Faces } from './solid'

/**
 * The way in which two boxes are apart, or by which they would be with the least moving: up to where
 * the one reaches, from where on the other begins.
 */
export interface Clearance {
  readonly axis: Axis
  /** Which of the two comes first along the axis. */
  readonly first: 'a' | 'b'
  readonly need: Sum
  readonly have: Sum
  readonly judged: Judgement
}

/**
 * The clearance of two boxes: of all six ways in which they could be apart the one that is best
 * judged, then the widest. Boxes are apart where one way is enough; where none is, the least overlap
 * says how deep. Null where both are without end in every way.
 */
export function clearance(a: Faces, b: Faces): Clearance | null {
  const ways = AXES.flatMap(axis => [way(axis, 'a', a, b), way(axis, 'b', b, a)])
  return ways.reduce<Clearance | null>((best, next) => (isBetter(next, best) ? next : best), null)
}

function way(axis: Axis, first: 'a' | 'b', low: Faces, high: Faces): Clearance | null {
  const [need, have] = [low.to[axis], high.from[axis]]
  return need && have ? { axis, first, need, have, judged: judge(need, have) } : null
}

function isBetter(next: Clearance | null, best: Clearance | null): boolean {
  if (!next || !best) return next !== null
  const [a, b] = [gravity(next.judged.verdict), gravity(best.judged.verdict)]
  return a < b || (a === b && (next.judged.margin ?? 0) > (best.judged.margin ?? 0))
}
