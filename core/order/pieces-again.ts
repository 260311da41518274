// Pieces of a case that are back on when something is put in behind them: off and on once more.
import { AGAIN, type PlannedStep, type StepKind } from './step'
import type { Reopening } from './reopen'

/** Before these everything that came off is on again. */
const WHOLE: readonly StepKind[] = ['first-power', 'dress', 'panels-on', 'record']

/**
 * The sequence with each piece that was put back already taken off again before what it is in the
 * way of, and put back before the machine is whole.
 */
export function withPiecesAgain<S extends PlannedStep>(
  order: readonly S[],
  { madeAt, worded }: Reopening<S>,
): readonly S[] {
  const pieces = order.filter(s => s.kind === 'piece-off')
  const list: S[] = []
  const out = new Map<string, S>()
  const times = new Map<string, number>()
  const again = (step: S): S => {
    const id = `again:${times.get(step.label) ?? 1}:${step.id}`
    return worded({ ...step, id, marks: [id], label: `${step.label} ${AGAIN}` })
  }
  const close = (): void => {
    for (const [key, on] of out) {
      list.push(again(on))
      times.set(key, (times.get(key) ?? 1) + 1)
    }
    out.clear()
  }
  for (const step of order) {
    if (WHOLE.includes(step.kind) && madeAt(step) === null) close()
    for (const off of pieces.filter(p => isNeeded(p, step))) {
      const on = order.find(s => s.kind === 'piece-on' && s.label === off.label)
      const back = on ? madeAt(on) : null
      if (!on || back === null || out.has(off.label) || wasBefore(madeAt(step), back)) continue
      list.push(again(off))
      out.set(off.label, on)
    }
    list.push(step)
  }
  close()
  return list
}

const isNeeded = (piece: PlannedStep, step: PlannedStep): boolean =>
  step.joints.some(joint => piece.opens.includes(joint))
const wasBefore = (made: string | null, back: string): boolean => made !== null && made < back
