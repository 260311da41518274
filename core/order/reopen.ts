// A machine that is closed and is worked in again: it is opened for that, started, and closed again.
// Real steps, put where the sequence needs them.
import { AGAIN, OUTSIDE, type PlannedStep, type StepKind } from './step'

/** What is done to a machine without opening it. */
const FROM_OUTSIDE: readonly StepKind[] = [
  'bench',
  'open',
  'first-power',
  'dress',
  'outer-plug',
  'record',
]
const isInside = ({ kind, label }: PlannedStep): boolean =>
  !FROM_OUTSIDE.includes(kind) && !(kind === 'give-back' && label === OUTSIDE)

export interface Reopening<S> {
  /** Whether a step was made: a case that was left open on purpose is not opened again. */
  readonly isMade: (step: S) => boolean
  /** Finds the words of a new step. */
  readonly worded: (step: PlannedStep) => S
}

/**
 * The sequence with a closed case opened before what is done inside, and with the start and the
 * closing that follow; each time anew. What is written down at the very end stays at the end.
 */
export function withReopening<S extends PlannedStep>(
  order: readonly S[],
  { isMade, worded }: Reopening<S>,
): readonly S[] {
  const list: S[] = []
  let closed: S | null = null
  let power: S | null = null
  /** The start and the closing that are due since it was opened again. */
  let ending: readonly S[] = []
  let times = 0
  const again = (step: S): S => {
    const id = `again:${times}:${step.id}`
    return worded({ ...step, id, marks: [id], label: AGAIN })
  }
  const opened = order.find(s => s.kind === 'panels-off')
  for (const step of order) {
    if (closed && opened && isInside(step)) {
      times += 1
      list.push(again(opened))
      ending = [...(power ? [again(power)] : []), again(closed)]
      closed = null
    }
    if (ending.length > 0 && step.kind === 'record' && !isMade(step)) {
      list.push(...ending)
      ending = []
    }
    list.push(step)
    if (step.kind === 'first-power') power = step
    if (step.kind === 'panels-on' && isMade(step)) closed = step
  }
  return [...list, ...ending]
}
