// To which part of the work a step belongs, as the seam shows it.
import type { PlannedStep, StepGroup, StepKind } from './step'

const PLUGGED: readonly StepKind[] = [
  ...(['small-plug', 'panel', 'fan-plug', 'data-plug', 'power-plug', 'cooler-plug'] as const),
]
const CARDS: readonly StepKind[] = ['covers', 'card', 'retainer', 'take-out', 'refit']
const TRIED: readonly StepKind[] = [
  ...(['firmware', 'milestone', 'first-power', 'give-back', 'dress', 'panels-on'] as const),
  ...(['outer-plug', 'record'] as const),
]

/** What is done on the table; in the case; what is plugged there; cards; what is tried and closed. */
export function groupOf({ kind, pose }: Pick<PlannedStep, 'kind' | 'pose'>): StepGroup {
  if (pose === 'table') return 'table'
  if (PLUGGED.includes(kind)) return 'cables'
  if (CARDS.includes(kind)) return 'cards'
  return TRIED.includes(kind) ? 'test' : 'case'
}
