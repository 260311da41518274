// The verdict algebra: need against have, with the tolerance of the figures between them.
import {
  basisOf,
  knownValue,
  minus,
  missingIn,
  toleranceOf,
  valueOf,
  type Leaf,
  type Sum,
  type Term,
} from './quantity'
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
  /** What of the need is known, where some of it is not: it is at least that. */
  readonly atLeast: number | null
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
 * it, tight; inside it with a figure that is assumed or hearsay, or with one missing, measure. What
 * is hearsay or no more than usual never stops anything by itself, though it may be watched, and what
 * is missing from a need only adds to it. What stands on both sides cancels before tolerances are added.
 */
export function judge(need: Sum, have: Sum, failing: Failing = 'stop'): Judgement {
  const margin = minus(have, need)
  const missing = missingIn(need).length > 0
  const verdict = verdictOf(margin, failing)
  const basis = basisOf(margin)
  const waits = verdict === 'measure' || verdict === 'tight'
  return {
    verdict,
    assumed: margin.terms.some(t => t.leaf.figure?.basis === 'assumed'),
    tol: toleranceOf(margin),
    need: valueOf(need),
    atLeast: missing ? knownValue(need) : null,
    have: valueOf(have),
    margin: valueOf(margin),
    unit: need.unit,
    basis,
    settles: waits || margin.terms.some(isHearsay) ? settles(margin, waits) : [],
  }
}

const isHearsay = ({ leaf }: Term): boolean => leaf.figure?.basis === 'told'
const isWeak = ({ leaf }: Term): boolean => leaf.figure?.basis === 'assumed'

function verdictOf(margin: Sum, failing: Failing): Verdict {
  const value = valueOf(margin)
  const tol = toleranceOf(margin)
  if (failing === 'watch' ? value !== null && value < -tol : failsAtBest(margin)) return failing
  if (value === null) return 'measure'
  if (value > tol || (tol === 0 && value === 0)) return 'clear'
  const isUnsure = value < -tol || margin.terms.some(t => isWeak(t) || isHearsay(t))
  return isUnsure ? 'measure' : 'tight'
}

/**
 * Whether the margin is below nothing whatever the figures turn out to be that are missing, hearsay
 * or no more than usual: of a need they may be nothing, of what is there they may be any amount.
 */
function failsAtBest(margin: Sum): boolean {
  const isOpen = (t: Term): boolean =>
    t.leaf.figure === null || t.leaf.figure.usual === true || isHearsay(t)
  if (margin.terms.some(t => isOpen(t) && t.times > 0)) return false
  const known: Sum = { unit: margin.unit, terms: margin.terms.filter(t => !isOpen(t)) }
  return knownValue(known) < -toleranceOf(known)
}

/**
 * For each figure that is not yet measured and could settle it alone: the value from which, once
 * measured, the margin exceeds its tolerance. Widest tolerance first. Where nothing waits for one,
 * hearsay is still to be tried.
 */
function settles(margin: Sum, waits: boolean): readonly Settle[] {
  const missing = missingIn(margin)
  const unmeasured = margin.terms.filter(
    t => t.leaf.item !== null && t.leaf.figure?.basis !== 'measured' && (waits || isHearsay(t)),
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
  if (!waits) return settling
  const alone = settling.filter(couldPass)
  return alone.length > 0 ? alone : together(margin, widestFirst)
}

/**
 * Where no figure settles it alone: the fewest that may do so together, the widest first. Each that
 * is measured takes its tolerance out of the question, and may turn out better by as much.
 */
function together(margin: Sum, widestFirst: readonly Term[]): readonly Settle[] {
  let missing = toleranceOf(margin) - (valueOf(margin) ?? 0)
  return widestFirst.flatMap(({ leaf, times: by }) => {
    if (missing <= 0) return []
    missing -= 2 * (leaf.figure?.tol ?? 0) * Math.abs(by)
    return [{ leaf, passes: null }]
  })
}

/** Whether a figure can turn out so that it settles the question: as far as it may be off. */
function couldPass({ leaf: { figure }, passes }: Settle): boolean {
  // No figure is below nothing: what would have to be settles nothing.
  if (passes === null || passes.value <= 0) return passes === null
  if (!figure || figure.usual) return true
  return Math.abs(figure.value - passes.value) <= figure.tol
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
