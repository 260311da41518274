// The marks of the seam: one a step; of a very long build runs of clear steps become one mark with their
// count, so that what is troubled stays in sight.
import type { Step } from '../../core/order/step'
import { isDone } from '../ui/steps'

export interface Mark {
  /** The step it leads to. */
  readonly step: Step
  /** How many steps it stands for. */
  readonly count: number
}

/** Named choices: from how many steps on runs are one mark, and how long a run is at least. */
const MANY = 80
const RUN = 3

const isPlain = (s: Step, present: string | null): boolean =>
  s.verdict === 'clear' && s.id !== present

export function marksOf(steps: readonly Step[], present: string | null): readonly Mark[] {
  const single = (step: Step): Mark => ({ step, count: 1 })
  if (steps.length <= MANY) return steps.map(single)
  return runsOf(steps, present).flatMap(run => {
    const [step] = run
    const isOne = step !== undefined && run.length >= RUN && isPlain(step, present)
    return isOne ? [{ step, count: run.length }] : run.map(single)
  })
}

/** Steps of one part of the work that stand side by side, all clear and as far as each other. */
function runsOf(steps: readonly Step[], present: string | null): readonly (readonly Step[])[] {
  const runs: Step[][] = []
  for (const step of steps) {
    const last = runs.at(-1)
    const before = last?.at(-1)
    const goesOn =
      before !== undefined &&
      isPlain(step, present) &&
      isPlain(before, present) &&
      step.group === before.group &&
      isDone(step) === isDone(before)
    if (goesOn) last?.push(step)
    else runs.push([step])
  }
  return runs
}

/** Named choice: a shorter run of one part of the work has no room for its word. */
const LONG = 3

/** The steps with which another part of the work begins, for long enough to be named. */
export function beginningsIn(steps: readonly Step[]): ReadonlySet<string> {
  const runs = steps.filter((s, i) => s.group !== steps[i - 1]?.group)
  const isLong = (s: Step): boolean => {
    const at = steps.indexOf(s)
    return steps.slice(at, at + LONG).every(other => other.group === s.group)
  }
  // A short run between two of one part of the work does not part them.
  const named = runs.filter(isLong)
  return new Set(named.filter((s, i) => s.group !== named[i - 1]?.group).map(s => s.id))
}
