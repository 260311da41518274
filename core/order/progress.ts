// How far steps are: planned, made, proved or crossed off, by their marks.
import type { Build, Progress } from '../document/build'
import type { PlannedStep, StepProgress } from './step'

/** What tells how far a step is. */
export interface Marks {
  readonly progress: Build['progress']
  readonly leftOpen: Build['choices']['leftOpen']
}

export const markProgress = (p: Progress | undefined): StepProgress => p?.state ?? 'planned'

/**
 * A step is as far as the least of its marks; an open place counts as crossed off once it is left
 * open.
 */
export function progressOf(step: PlannedStep, { progress, leftOpen }: Marks): StepProgress {
  if (step.demand !== null) return leftOpen[step.demand] ? 'crossed' : 'planned'
  const states = step.marks.map(m => markProgress(progress[m]))
  if (states.includes('planned')) return 'planned'
  if (states.every(x => x === 'crossed')) return 'crossed'
  return states.every(x => x === 'proved' || x === 'crossed') ? 'proved' : 'made'
}

export type Settled = (step: string) => boolean
/** Which steps are done with: made, proved or crossed off. */
export function settledIn(steps: readonly PlannedStep[], on: Marks): Settled {
  const state = new Map(steps.map(step => [step.id, progressOf(step, on)]))
  return id => ['made', 'proved', 'crossed'].includes(state.get(id) ?? 'planned')
}

/**
 * When each step of a plan was done: the last of its marks; what was crossed off counts where nothing
 * of it was made. Steps with an open mark are not done.
 */
export function doneAt(
  steps: readonly Pick<PlannedStep, 'id' | 'marks' | 'demand'>[],
  progress: Build['progress'],
): ReadonlyMap<string, string> {
  return new Map(
    steps.flatMap(step => {
      const known = step.marks.flatMap(m => progress[m] ?? [])
      if (step.demand !== null || known.length < step.marks.length) return []
      const made = known.filter(p => p.state !== 'crossed')
      const last = lastOf((made.length > 0 ? made : known).map(p => p.at))
      return last === null ? [] : [[step.id, last] as const]
    }),
  )
}

const lastOf = (times: readonly string[]): string | null =>
  times.reduce<string | null>((a, b) => (a === null || b > a ? b : a), null)
