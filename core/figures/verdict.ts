// The verdict algebra: need against have, with the tolerance of the figures between them.
import { basisOf, minus, missingIn, toleranceOf, valueOf, type Leaf, type Sum } from './quantity'
import type { Basis } from './units'

/** The six verdicts, the gravest first. */
export const VERDICTS = ['harm', 'stop', 'measure', 'watch', 'tight', 'clear'] as const
export type Verdict = (typeof VERDICTS)[number]

/** What a negative margin means where it is asked. */
export type Failing = 'stop' | 'watch' | 'harm'

/**
 * A figure whose measurement could change a verdict, and the value from which (or up to which) it
 * passes.
 */
export interface Settle {
  readonly leaf: Leaf
  readonly passes: { readonly side: 'least' | 'most'; readonly value: number } | null
}

export interface Judgement {
  readonly verdict: Verdict
  readonly assumed: boolean
  readonly need: number | null
  readonly have: number | null
  readonly margin: number | null
  readonly tol: number
  readonly unit: Sum['unit']
  readonly basis: Basis
  readonly settles: readonly Settle[]
}

/** What a figure taken with a rule is good for, in its unit; counts are exact. */
const MEASURED_TOLERANCE = 0.5
/**
 * Thresholds are given to a tenth, the next one that passes; `EXACT` forgives the last bits of
 * floating point.
 */
const READABLE = 10
const EXACT = 1e-9

export const graver = (a: Verdict, b: Verdict): Verdict =>
  VERDICTS.indexOf(a) <= VERDICTS.indexOf(b) ? a : b
const GRAVITY = new Map(VERDICTS.map((verdict, i) => [verdict, VERDICTS.length - 1 - i]))
export const gravity = (verdict: Verdict): number => GRAVITY.get(verdict) ?? 0
export const worst = (verdicts: readonly Verdict[]): Verdict => verdicts.reduce(graver, 'clear')

/**
 * Judges the question *need ≤ have*. A margin beyond the tolerance is clear or `failing`; inside
 * it, tight; inside it with an assumed figure, or with a figure missing, measure. What stands on
 * both sides cancels before tolerances are added.
 */
export function judge(need: Sum, have: Sum, failing: Failing = 'stop'): Judgement {
  const margin = minus(have, need)
  const value = valueOf(margin)
  const tol = toleranceOf(margin)
  const assumed = margin.terms.some(t => t.leaf.figure?.basis === 'assumed')
  const verdict = verdictOf(value, tol, assumed, failing)
  return {
    verdict,
    assumed,
    tol,
    need: valueOf(need),
    have: valueOf(have),
    margin: value,
    unit: need.unit,
    basis: basisOf(margin),
    settles: verdict === 'measure' || verdict === 'tight' ? settles(margin) : [],
  }
}

function verdictOf(
  margin: number | null,
  tol: number,
  assumed: boolean,
  failing: Failing,
): Verdict {
  if (margin === null) return 'measure'
  if (margin > tol || (tol === 0 && margin === 0)) return 'clear'
  if (margin < -tol) return failing
  return assumed ? 'measure' : 'tight'
}

/**
 * For each figure that is not yet measured and could settle it alone: the value from which, once
 * measured, the margin exceeds its tolerance. Widest tolerance first.
 */
function settles(margin: Sum): readonly Settle[] {
  const missing = missingIn(margin)
  const unmeasured = margin.terms.filter(
    t => t.leaf.item !== null && t.leaf.figure?.basis !== 'measured',
  )
  const widestFirst = [...unmeasured].sort(
    (a, b) =>
      (b.leaf.figure?.tol ?? 0) * Math.abs(b.times) -
        (a.leaf.figure?.tol ?? 0) * Math.abs(a.times) || (a.times > b.times ? -1 : 1),
  )
  const open = missing.length > 0 ? missing : widestFirst.map(t => t.leaf)
  const settling = open.map(leaf => ({
    leaf,
    passes: missing.length > 1 ? null : threshold(margin, leaf),
  }))
  // No figure is below nothing: what would have to be settles nothing by itself.
  return settling.filter(({ passes }) => passes === null || passes.value > 0)
}

function threshold(margin: Sum, leaf: Leaf): Settle['passes'] {
  const own = margin.terms.find(t => t.leaf.ref === leaf.ref)
  if (!own) return null
  const others: Sum = { unit: margin.unit, terms: margin.terms.filter(t => t !== own) }
  const rest = valueOf(others)
  if (rest === null) return null
  const ownTolerance = leaf.unit === 'mm' ? MEASURED_TOLERANCE : 0
  const limit = (toleranceOf(others) + ownTolerance * Math.abs(own.times) - rest) / own.times
  const steps = limit * READABLE
  return own.times > 0
    ? { side: 'least', value: Math.floor(steps + 1 + EXACT) / READABLE }
    : { side: 'most', value: Math.ceil(steps - 1 - EXACT) / READABLE }
}
