// The findings of one stage, and what a person can do about one.
import { computed, type Ref } from 'vue'
import type { Finding, Stage } from '../../core/rules/finding'
import type { Verdict } from '../../core/figures/verdict'
import { useDesk } from '../state/desk'

export const VERDICT_WORD: Record<Verdict, string> = {
  harm: 'Harm',
  stop: 'Stop',
  measure: 'Measure',
  watch: 'Watch',
  tight: 'Tight',
  clear: 'Clear',
}
/** The verdicts as their words stand: the gravest first. */
export const GRAVEST_FIRST = Object.keys(VERDICT_WORD) as Verdict[]
/** What each verdict means, said once on a screen. */
export const VERDICT_MEANS: Record<Verdict, string> = {
  harm: 'can be done and destroys',
  stop: 'cannot be done',
  measure: 'a figure is missing',
  watch: 'works, at a price',
  tight: 'fits within tolerance',
  clear: 'fits',
}
export function useFindings(stage: Stage | Ref<Stage>) {
  const desk = useDesk()
  const findings = computed<readonly Finding[]>(() =>
    (desk.analysis?.findings ?? []).filter(
      f => f.stage === (typeof stage === 'string' ? stage : stage.value),
    ),
  )
  return { findings }
}
