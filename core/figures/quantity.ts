// Sums of figures that remember what they were made of, so that tolerances add up truly and what
// stands on both sides cancels.
import { weakest, type Basis, type Figure, type FigureAbout, type Unit } from './units'

/**
 * One figure at one place: `ref` names item and field, so the same figure used twice is recognised
 * as the same.
 */
export interface Leaf {
  readonly ref: string
  /** The item whose figure it is; null for a fact of a standard. */
  readonly item: string | null
  readonly path: string
  readonly label: string
  readonly unit: Unit
  readonly figure: Figure | null
  readonly about: FigureAbout | null
}

export interface Term {
  readonly leaf: Leaf
  readonly times: number
}

/**
 * A linear sum of leaves, in one unit: its leaves' own, or the one that their factors turn it into.
 */
export interface Sum {
  readonly unit: Unit
  readonly terms: readonly Term[]
}

export const sum = (unit: Unit, ...parts: readonly Leaf[]): Sum =>
  plus({ unit, terms: [] }, ...parts.map(of))
export const of = (leaf: Leaf): Sum => ({ unit: leaf.unit, terms: [{ leaf, times: 1 }] })

/**
 * Adds sums; a leaf that occurs several times is kept once with its coefficients added, and dropped
 * when they cancel. Throws a RangeError where units differ.
 */
export function plus(first: Sum, ...rest: readonly Sum[]): Sum {
  const byRef = new Map<string, Term>()
  let cancels = false
  for (const s of [first, ...rest]) {
    if (s.unit !== first.unit) throw new RangeError(`${s.unit} cannot be added to ${first.unit}`)
    for (const term of s.terms) {
      const known = byRef.get(term.leaf.ref)
      const by = (known?.times ?? 0) + term.times
      cancels ||= by === 0
      byRef.set(term.leaf.ref, known ? { leaf: known.leaf, times: by } : term)
    }
  }
  const terms = [...byRef.values()]
  return { unit: first.unit, terms: cancels ? terms.filter(t => t.times !== 0) : terms }
}

export const times = (s: Sum, factor: number): Sum => ({
  unit: s.unit,
  terms: s.terms.map(t => ({ leaf: t.leaf, times: t.times * factor })),
})
/** The same sum in another unit: amps at 12 V as watts. */
export const converted = (s: Sum, factor: number, unit: Unit): Sum => ({
  ...times(s, factor),
  unit,
})
export const minus = (a: Sum, b: Sum): Sum => plus(a, times(b, -1))

/** The sum's value, or null when a figure in it is missing. */
export function valueOf(s: Sum): number | null {
  let total = 0
  for (const { leaf, times: by } of s.terms) {
    if (!leaf.figure) return null
    total += leaf.figure.value * by
  }
  return total
}

/**
 * The sum's value with missing figures counted as nothing: for totals that are shown beside the
 * list of what is missing.
 */
export const knownValue = (s: Sum): number =>
  s.terms.reduce((total, t) => total + (t.leaf.figure?.value ?? 0) * t.times, 0)

export const toleranceOf = (s: Sum): number =>
  s.terms.reduce((total, t) => total + (t.leaf.figure?.tol ?? 0) * Math.abs(t.times), 0)
export const basisOf = (s: Sum): Basis =>
  weakest(s.terms.flatMap(t => (t.leaf.figure ? [t.leaf.figure.basis] : ['assumed' as const])))
export const missingIn = (s: Sum): readonly Leaf[] =>
  s.terms.filter(t => !t.leaf.figure).map(t => t.leaf)

/** A leaf for a fact that a standard or a named choice gives, not an item. */
export function fact(ref: string, label: string, unit: Unit, figure: Figure): Leaf {
  return { ref, item: null, path: ref, label, unit, figure, about: null }
}
