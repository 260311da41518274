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
  /** When a step was made; null where it was not: a case left open on purpose is not opened again. */
  readonly madeAt: (step: S) => string | null
  /** Finds the words of a new step. */
  readonly worded: (step: PlannedStep) => S
}

/**
 * The sequence with a closed case opened before what is done inside, and with the start and the
 * closing that follow; each time anew. What is written down at the very end stays at the end.
 */
export function withReopening<S extends PlannedStep>(
  order: readonly S[],
  { madeAt, worded }: Reopening<S>,
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
  /** Whether it had been closed again before a step was done. */
  const wasClosed = (step: S): boolean => {
    const closing = ending.at(-1)
    const [close, done] = [closing ? madeAt(closing) : null, madeAt(step)]
    return close !== null && (done === null || done > close)
  }
  const opened = order.find(s => s.kind === 'panels-off')
  const closing = order.find(s => s.kind === 'panels-on')
  for (const step of order) {
    const isOpen = closed === null && !(isInside(step) && wasClosed(step))
    if (!isOpen && opened && closing && isInside(step)) {
      list.push(...ending)
      times += 1
      list.push(again(opened))
      ending = [...(power ? [again(power)] : []), again(closing)]
      closed = null
    }
    if (step.kind === 'record' && madeAt(step) === null) {
      list.push(...ending)
      ending = []
    }
    list.push(step)
    if (step.kind === 'first-power') power = step
    if (step.kind === 'panels-on' && madeAt(step) !== null) closed = step
  }
  return [...list, ...ending]
}
