// A finding: one question asked of parts or joints, its verdict, and everything that led to it.
import type { Vec3 } from '../geometry/space'
import { quantity } from '../figures/format'
import { plus, type Leaf, type Sum } from '../figures/quantity'
import { READS_TO, toolFor } from '../standards/tools'
import type { Basis, Unit } from '../figures/units'
import { judge, type Failing, type Settle, type Verdict } from '../figures/verdict'

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
  readonly have: number | null
  readonly margin: number | null
  readonly tol: number
  readonly unit: Unit | null
  readonly basis: Basis
  readonly sentence: string
  readonly wayOut: string
  readonly because: readonly Because[]
  readonly settles: readonly SettledBy[]
  /** Where the distance is, in the case's frame, when it is a distance. */
  readonly where: { readonly from: Vec3; readonly to: Vec3 } | null
  readonly accepted: { readonly reason: string; readonly at: string } | null
}

/** What every finding says, whether or not it carries a number. */
interface Said {
  readonly rule: string
  readonly stage: Stage
  readonly about: readonly string[]
  readonly joints?: readonly string[]
  readonly demand?: string
  readonly part?: string
  readonly sentence: string
  readonly wayOut?: string
  readonly because?: readonly Because[]
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
  },
): Finding {
  const j = judge(said.need, said.have, said.failing)
  const margin = plus(said.need, said.have)
  return {
    ...plain(said, j.verdict),
    assumed: j.assumed,
    need: j.need,
    have: j.have,
    margin: j.margin,
    tol: j.tol,
    unit: j.unit,
    basis: j.basis,
    because: [...margin.terms.map(t => because(t.leaf, said.source)), ...(said.because ?? [])],
    settles: j.settles.flatMap(({ leaf, passes }) => settledBy(leaf, passes) ?? []),
    wayOut: j.verdict === 'measure' ? measureFirst(j.settles) : (said.wayOut ?? ''),
  }
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

/**
 * The sentence of a verdict that waits for a figure: which one first, and from what value on it
 * passes.
 */
function measureFirst(settles: readonly Settle[]): string {
  const [first] = settles
  if (!first) return 'No figure of these parts settles it: look when it is in your hands.'
  if (!first.passes) return `Measure: ${settles.map(s => s.leaf.label).join(', ')}.`
  const from = first.passes.side === 'least' ? 'from' : 'up to'
  return `Measure the ${first.leaf.label}: passes ${from} ${quantity(first.passes.value, first.leaf.unit)}.`
}

/** A finding without a number: socket, key, generation. */
export function plain(said: Said, verdict: Verdict, basis: Basis = 'spec'): Finding {
  return {
    id: idOf(said),
    rule: said.rule,
    stage: said.stage,
    verdict,
    assumed: false,
    parts: said.about,
    joints: said.joints ?? [],
    demand: said.demand ?? null,
    need: null,
    have: null,
    margin: null,
    tol: 0,
    unit: null,
    basis,
    sentence: said.sentence,
    wayOut: said.wayOut ?? '',
    because: said.because ?? [],
    settles: [],
    where: said.where ?? null,
    accepted: null,
  }
}

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
  assumed: 'assumed until you enter it',
}
const round = (value: number): string => String(Math.round(value * 100) / 100)
