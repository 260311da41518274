// A finding: one question asked of parts or joints, its verdict, and everything that led to it.
import type { Vec3 } from '../geometry/space'
import { passing, quantity } from '../figures/format'
import { basisOf, minus, missingIn, plus, valueOf, type Leaf, type Sum } from '../figures/quantity'
import { READS_TO, toolFor } from '../standards/tools'
import type { Basis, Unit } from '../figures/units'
import { judge, type Failing, type Judgement, type Settle, type Verdict } from '../figures/verdict'

export const STAGES = [
  'parts',
  'fit',
  'joints',
  'power',
  'order',
  'panel',
  'routes',
  'bench',
  'proof',
  'record',
] as const
export type Stage = (typeof STAGES)[number]

/**
 * One fact behind a finding: whose, how strong, from where. Its basis is that of its figure,
 * `missing`, or `plan` where the plan itself is the reason.
 */
export interface Because {
  readonly fact: string
  readonly value: string
  readonly basis: Basis | 'missing' | 'plan'
  readonly source: string
}

/** A figure whose measurement could change the finding. */
export interface SettledBy {
  readonly item: string
  readonly path: string
  readonly label: string
  readonly unit: Unit
  readonly take: string
  readonly now: number | null
  readonly passes: { readonly side: 'least' | 'most'; readonly value: number } | null
  /**
   * To what accuracy it matters, in its unit: as far as the present value is from the one that
   * passes, and never finer than can be read.
   */
  readonly within: number | null
  /** What it is taken with. */
  readonly tool: string
}

/** A question to a part that no figure answers. */
export interface Asked {
  readonly item: string
  readonly path: string
  readonly question: string
  readonly take: string
  /** The jumper of the copy that answers it, by its name. */
  readonly jumper?: string
}

/** A lead that reached, a part that went in: as good as a measurement of the least that had to be. */
export interface Tried {
  readonly says: string
  readonly settles: SettledBy
  /** What it was at least, or at most, as the figure is written. */
  readonly value: number
}

export interface Finding {
  readonly id: string
  readonly rule: string
  readonly stage: Stage
  readonly verdict: Verdict
  readonly assumed: boolean
  readonly parts: readonly string[]
  readonly joints: readonly string[]
  /** The demand this finding leaves unanswered; a person may leave it open with a reason. */
  readonly demand: string | null
  readonly need: number | null
  /** What of the need is known, where some of it is not. */
  readonly atLeast: number | null
  readonly have: number | null
  readonly margin: number | null
  readonly tol: number
  readonly unit: Unit | null
  readonly basis: Basis
  readonly sentence: string
  readonly wayOut: string
  readonly because: readonly Because[]
  readonly settles: readonly SettledBy[]
  /** What trying tells, where that harms nothing. */
  readonly tried: Tried | null
  /** What has to be known first, of which part, and where it is found. */
  readonly asks: readonly Asked[]
  /** Where the distance is, in the case's frame, when it is a distance. */
  readonly where: { readonly from: Vec3; readonly to: Vec3 } | null
  readonly accepted: { readonly reason: string; readonly at: string } | null
}

/** What every finding says, whether or not it carries a number. */
interface Said {
  readonly rule: string
  readonly stage: Stage
  readonly about: readonly string[]
  /** Parts that have to do with it and do not give it its name: what hangs on a line. */
  readonly with?: readonly string[]
  readonly joints?: readonly string[]
  readonly demand?: string
  readonly part?: string
  readonly sentence: string
  readonly wayOut?: string
  readonly because?: readonly Because[]
  readonly asks?: readonly Asked[]
  /** Whether it rests on what nobody stated. */
  readonly assumed?: boolean
  readonly where?: Finding['where']
}

const idOf = (said: Said): string =>
  [said.rule, ...said.about, ...(said.part ? [said.part] : [])].join(':')

/** A finding that measures: need against have. Its reasons are the figures themselves. */
export function measured(
  said: Said & {
    readonly need: Sum
    readonly have: Sum
    readonly failing?: Failing
    readonly source: string
    /** What is tried by hand where no figure of a part settles it by itself. */
    readonly trial?: string
  },
): Finding {
  const j = judge(said.need, said.have, said.failing)
  const isTried = said.trial !== undefined && !j.settles.some(s => s.passes !== null)
  const margin = plus(said.need, said.have)
  const range = rangeOf(said.need, j)
  return {
    ...plain({ ...said, sentence: said.sentence + range }, j.verdict),
    assumed: j.assumed || (said.assumed ?? false),
    need: j.need,
    atLeast: j.atLeast,
    have: j.have,
    margin: j.margin,
    tol: j.tol,
    unit: j.unit,
    basis: j.basis,
    because: [...margin.terms.map(t => because(t.leaf, said.source)), ...(said.because ?? [])],
    settles: (isTried ? [] : j.settles).flatMap(
      ({ leaf, passes }) => settledBy(leaf, passes) ?? [],
    ),
    wayOut: wayOutOf(j, said.wayOut ?? '', isTried ? said.trial : undefined),
  }
}

/**
 * What the bodies themselves say of a distance for which a sheet states a limit: the limit rules, and
 * both are shown. Nothing where the bodies do not know.
 */
export function byBoxes(fact: string, have: Sum, need: Sum): readonly Because[] {
  const left = minus(have, need)
  const value = valueOf(left)
  if (value === null) return []
  return [{ fact, value: quantity(value, left.unit), basis: basisOf(left), source: 'worked out' }]
}

/** A figure of an item as something to be measured; null for a fact of a standard. */
export function settledBy(leaf: Leaf, passes: Settle['passes']): SettledBy | null {
  if (leaf.item === null) return null
  const { unit, figure } = leaf
  const now = figure?.value ?? null
  const within = finenessFor(unit, now, passes)
  return {
    item: leaf.item,
    path: leaf.path,
    label: leaf.label,
    unit,
    take: leaf.about?.take ?? '',
    now,
    passes,
    within,
    tool: toolFor(unit, now ?? passes?.value ?? null, within),
  }
}

/** How finely it has to be read so that it decides: no finer than a careful person reads. */
function finenessFor(unit: Unit, now: number | null, passes: Settle['passes']): number | null {
  const finest = READS_TO[unit] ?? null
  if (finest === null || now === null || !passes) return finest
  return Math.max(finest, Math.floor(Math.abs(now - passes.value)))
}

/** Of a need that is known in part: that it is at least so much, and what is not known of it. */
function rangeOf(need: Sum, { atLeast, unit }: Judgement): string {
  if (atLeast === null || atLeast <= 0) return ''
  const names = [...new Set(missingIn(need).map(leaf => leaf.label))].slice(0, NAMED)
  return `: at least ${quantity(atLeast, unit)}; not known: ${names.join(', ')}`
}
/** Named choice: how many figures a sentence names. */
const NAMED = 3

function wayOutOf(j: Judgement, wayOut: string, trial: string | undefined): string {
  if (j.verdict !== 'measure') return wayOut
  return trial ?? toMeasure(j, wayOut)
}

/**
 * What is said of a verdict that waits for a figure; where the limit is no more than usual, that no
 * standard sets it, and the way out of it.
 */
function toMeasure(j: Judgement, wayOut: string): string {
  const isByCustom = j.margin !== null && j.margin < -j.tol
  if (!isByCustom) return measureFirst(j.settles)
  const canPass = j.settles.some(s => s.passes !== null)
  const first = canPass ? measureFirst(j.settles) : 'Custom sets this limit, no standard.'
  return `${first} ${wayOut}`.trim()
}

/**
 * The sentence of a verdict that waits for a figure: which one first, and from what value on it
 * passes.
 */
function measureFirst(settles: readonly Settle[]): string {
  const [first] = settles
  if (!first) return 'No figure of these parts settles it: look when it is in your hands.'
  if (!first.passes) return `Measure: ${settles.map(s => s.leaf.label).join(', ')}.`
  return `Measure the ${first.leaf.label}: ${passing(first.passes, first.leaf.unit)}.`
}

/** A finding without a number: socket, key, generation. */
export function plain(said: Said, verdict: Verdict, basis: Basis = 'spec'): Finding {
  return {
    id: idOf(said),
    rule: said.rule,
    stage: said.stage,
    verdict,
    assumed: said.assumed ?? false,
    parts: [...new Set([...said.about, ...(said.with ?? [])])],
    joints: said.joints ?? [],
    demand: said.demand ?? null,
    need: null,
    atLeast: null,
    have: null,
    margin: null,
    tol: 0,
    unit: null,
    basis,
    sentence: said.sentence,
    wayOut: said.wayOut ?? '',
    because: said.because ?? [],
    settles: [],
    tried: null,
    asks: said.asks ?? [],
    where: said.where ?? null,
    accepted: null,
  }
}

/** A finding that waits for an answer: the question is its sentence. */
export const asking = (said: Omit<Said, 'sentence' | 'wayOut' | 'asks'>, ask: Asked): Finding =>
  plain({ ...said, asks: [ask], sentence: ask.question, wayOut: ask.take }, 'measure')

function because(leaf: Leaf, source: string): Because {
  if (!leaf.figure) return { fact: leaf.label, value: '?', basis: 'missing', source: 'not stated' }
  const { value, basis, tol } = leaf.figure
  const number = `${round(value)} ${leaf.unit}${tol > 0 ? ` ± ${round(tol)}` : ''}`
  return {
    fact: leaf.label,
    value: number,
    basis,
    source: basis === 'standard' || leaf.item === null ? source : SOURCE_OF[basis],
  }
}

const SOURCE_OF: Record<Basis, string> = {
  measured: 'measured on this copy',
  standard: 'standard',
  spec: 'spec sheet',
  told: 'told by a shop or a review: test it',
  assumed: 'assumed until you enter it',
}
const round = (value: number): string => String(Math.round(value * 100) / 100)
