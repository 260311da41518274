// The findings of one stage, and what a person can do about one.
import { computed, type Ref } from 'vue'
import type { Finding, Stage } from '../../core/rules/finding'
import type { StepProgress } from '../../core/order/step'
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
export const PROGRESS_WORD: Record<StepProgress, string> = {
  planned: 'planned',
  ready: 'ready',
  made: 'made',
  proved: 'proved',
  crossed: 'crossed off',
}
const ORDER: readonly Verdict[] = ['clear', 'tight', 'measure', 'watch', 'stop', 'harm']

export function useFindings(stage: Stage | Ref<Stage>) {
  const desk = useDesk()
  const findings = computed<readonly Finding[]>(() =>
    (desk.analysis?.findings ?? []).filter(
      f => f.stage === (typeof stage === 'string' ? stage : stage.value),
    ),
  )
  const summary = computed(() => {
    const counts = ORDER.map(
      v => [v, findings.value.filter(f => f.verdict === v).length] as const,
    ).filter(([, n]) => n > 0)
    return counts
      .map(([v, n]) => `${n} ${v === 'measure' || v === 'watch' ? `to ${v}` : v}`)
      .join(', ')
  })
  return { findings, summary }
}
