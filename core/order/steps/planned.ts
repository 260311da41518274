// The steps of a plan, in no order yet.
import type { Habits } from '../habits'
import type { PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { cameOutSteps } from './came-out'
import { joinedSteps } from './joined'
import { leavingSteps, overOld } from './leaving'
import { openPlaces, tasksOf } from './tasks'

/** A cooler that lies over what is plugged in the case goes on in the case, and so do its plugs. */
function mountedLate(step: PlannedStep, all: readonly PlannedStep[]): PlannedStep {
  const cooler = all.find(c => c.kind === 'cooler' && c.items[0] === step.items[0])
  const isOf = step.kind === 'cooler' || step.kind === 'cooler-plug'
  const isLate = all.some(s => cooler && s.under.includes(cooler.id) && s.pose !== 'table')
  return isOf && isLate ? { ...step, pose: 'lying', onBoard: true } : step
}

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
  const tasks = tasksOf(s, habits)
  const startsOnTable = tasks.some(t => t.kind === 'bench-start')
  const joined = made
    .map(step => ({ ...step, under: under(step) }))
    .map((step, _, all) => (startsOnTable ? step : mountedLate(step, all)))
  return [
    ...tasks,
    ...leavingSteps(s).map(old => ({ ...old, under: overOld(old, joined) })),
    ...cameOutSteps(s),
    ...joined,
    ...openPlaces(s),
  ]
}
