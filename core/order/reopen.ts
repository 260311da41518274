// A machine that is worked in after it ran: started again before it is closed; one that is closed is
// opened for it, started, and closed again. Real steps, put where the sequence needs them.
import { COMES_OUT } from './reasons/reason'
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
  !FROM_OUTSIDE.includes(kind) && label !== OUTSIDE

export interface Reopening<S> {
  /** When a step was made; null where it was not: a case left open on purpose is not opened again. */
  readonly madeAt: (step: S) => string | null
  /** Whether a step was crossed off: nothing was done there, and nothing is due. */
  readonly isCrossed: (step: S) => boolean
  /** Finds the words of a new step. */
  readonly worded: (step: PlannedStep) => S
}

/**
 * The sequence with a closed case opened before what is done inside, and with the start and the
 * closing that follow; each time anew. What is written down at the very end stays at the end.
 */
export function withReopening<S extends PlannedStep>(
  order: readonly S[],
  about: Reopening<S>,
): readonly S[] {
  const rounds = new Rounds(order, about)
  const list = order.flatMap(step => {
    const before = rounds.before(step)
    rounds.pass(step)
    return [...before, step]
  })
  return [...list, ...rounds.ending]
}

/** Whether a start has to prove it: what joins inside, or comes out there. */
const isProvedByStart = (step: PlannedStep): boolean =>
  isInside(step) && (step.joints.length > 0 || COMES_OUT.includes(step.kind))

/** After every time that is known: not done yet. */
const STILL_OPEN = '\uffff'

/** Where a walk through a sequence stands: open or closed, and what is due. */
class Rounds<S extends PlannedStep> {
  /** The start and the closing that are due since it was opened again. */
  ending: readonly S[] = []
  private isClosed = false
  private power: S | null = null
  private times = 0
  /** When the last thing was done inside that a start has to prove. */
  private lastInside = ''
  private readonly opening: S | undefined
  private readonly closing: S | undefined

  constructor(
    order: readonly S[],
    private readonly about: Reopening<S>,
  ) {
    this.opening = order.find(s => s.kind === 'panels-off')
    this.closing = order.find(s => s.kind === 'panels-on')
  }

  /** What comes before a step: the case opened, or what is due before all is written down. */
  before(step: S): readonly S[] {
    const due = this.ending
    if (step.kind === 'panels-on') return this.provedOnceMore(step)
    const isDone = isInside(step) && !this.about.isCrossed(step)
    if (isDone && (this.isClosed || this.wasClosedBefore(step))) return [...due, ...this.open()]
    if (step.kind !== 'record' || this.about.madeAt(step) !== null) return []
    this.ending = []
    return due
  }

  pass(step: S): void {
    if (step.kind === 'first-power') this.power = step
    if (isProvedByStart(step) && !this.about.isCrossed(step)) {
      const done = this.about.madeAt(step) ?? STILL_OPEN
      if (done > this.lastInside) this.lastInside = done
    }
    if (step.kind === 'panels-on' && this.about.madeAt(step) !== null) this.isClosed = true
  }

  /** The starts that are due before it is closed, since something was done inside after the last. */
  private provedOnceMore(closing: S): readonly S[] {
    const starts: S[] = []
    let last = this.power
    for (let n = 1; last && this.power; n += 1) {
      const proved = this.about.madeAt(last)
      if (proved === null || this.lastInside <= proved) break
      last = this.again(this.power, `again:0:${n}:${this.power.id}`)
      const isHistory = this.about.madeAt(closing) !== null && this.about.madeAt(last) === null
      if (isHistory) break
      starts.push(last)
    }
    return starts
  }

  private open(): readonly S[] {
    const { opening, closing, power } = this
    if (!opening || !closing) return []
    this.times += 1
    this.isClosed = false
    this.ending = [...(power ? [this.again(power)] : []), this.again(closing)]
    return [this.again(opening)]
  }

  /** Whether it had been closed again before a step was done. */
  private wasClosedBefore(step: S): boolean {
    const closing = this.ending.at(-1)
    const close = closing ? this.about.madeAt(closing) : null
    const done = this.about.madeAt(step)
    return close !== null && (done === null || done > close)
  }

  private again(step: S, id = `again:${this.times}:${step.id}`): S {
    return this.about.worded({ ...step, id, marks: [id], label: AGAIN })
  }
}
