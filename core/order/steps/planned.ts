// The steps of a plan, in no order yet.
import type { Habits } from '../habits'
import type { PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { joinedSteps } from './joined'
import { leavingSteps, overOld } from './leaving'
import { openPlaces, tasksOf } from './tasks'

/**
 * The steps of a plan as a build order wants them, in no order yet. Every joint is in exactly one.
 */
export function plannedSteps(s: StepsFrom, habits: Habits): readonly PlannedStep[] {
  if (s.items.length === 0) return []
  const made = joinedSteps(s)
  const stepOf = new Map(made.flatMap(step => step.joints.map(j => [j, step.id] as const)))
  const covers = [...s.under].flatMap(([seat, joints]) =>
    joints.map(j => [stepOf.get(j), stepOf.get(seat)] as const),
  )
  const under = (step: PlannedStep): readonly string[] => [
    ...new Set(
      covers.flatMap(([below, above]) => (below === step.id && above !== undefined ? [above] : [])),
    ),
  ]
  const joined = made.map(step => ({ ...step, under: under(step) }))
  return [
    ...tasksOf(s, habits),
    ...leavingSteps(s).map(old => ({ ...old, under: overOld(old, joined) })),
    ...joined,
    ...openPlaces(s),
  ]
}
