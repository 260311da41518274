// A build at a glance, for the page on which one chooses: how its steps stand, what is open, what each
// step that is still to do waits for.
import type { Step } from '../order/step'
import { order } from '../order/section'
import { stage } from '../pipeline/stage'
import { summaries } from '../rules/findings'

export interface Glance {
  readonly steps: readonly Pick<Step, 'id' | 'title' | 'verdict' | 'progress' | 'gate' | 'holds'>[]
  /** Matters that are not clear and that nobody accepted. */
  readonly open: number
  readonly made: number
}

export const glance = stage('glance', { order, summaries }, ({ order, summaries }): Glance => ({
  steps: order.steps.map(({ id, title, verdict, progress, gate, holds }) => ({
    ...{ id, title, verdict, progress, gate, holds },
  })),
  open: summaries.filter(f => f.verdict !== 'clear' && !f.accepted).length,
  made: order.made,
}))
