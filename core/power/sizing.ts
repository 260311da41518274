// How large the supply has to be: each school's demand on its label.
import type { ItemOf } from '../parts/kind'
import { supply as supplyKind } from '../parts/supply'
import type { Supply } from '../parts/supply-schema'
import { of, plus, times, type Sum } from '../figures/quantity'
import { SCHOOL, SCHOOLS, type School } from '../standards/supplies'
import { graver, judge, type Judgement, type Verdict } from '../figures/verdict'
import type { Load } from './loads'

export const NOTHING: Sum = { unit: 'W', terms: [] }
export const total = (loads: readonly Load[], when: 'rest' | 'work' | 'worst' | 'start'): Sum =>
  plus(NOTHING, ...loads.map(l => l[when]))

export interface Sizing {
  readonly school: School
  readonly verdict: Verdict
  /** Need against have: the label for lean and roomy, the band's nearer edge for quiet. */
  readonly judgement: Judgement
  readonly need: Sum
  readonly have: Sum
}

/**
 * What one school says of a supply under these loads. Lean and roomy: factor × worst ≤ label.
 * Quiet: work inside its band of the label.
 */
export function sizing(school: School, supply: ItemOf<Supply>, loads: readonly Load[]): Sizing {
  const label = of(supplyKind.leaf(supply, 'watts'))
  const { factor, band } = SCHOOL[school]
  if (factor !== null || band === null) {
    const need = times(total(loads, 'worst'), factor ?? 1)
    const judgement = judge(need, label)
    return { school, verdict: judgement.verdict, judgement, need, have: label }
  }
  const work = total(loads, 'work')
  const low = { need: times(label, band[0]), have: work }
  const high = { need: work, have: times(label, band[1]) }
  const [below, above] = [judge(low.need, low.have, 'watch'), judge(high.need, high.have, 'watch')]
  const decides =
    graver(below.verdict, above.verdict) === above.verdict
      ? { ...high, judgement: above }
      : { ...low, judgement: below }
  return { school, verdict: decides.judgement.verdict, ...decides }
}

export const sizings = (supply: ItemOf<Supply>, loads: readonly Load[]): readonly Sizing[] =>
  SCHOOLS.map(s => sizing(s, supply, loads))
