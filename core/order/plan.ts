// The plan: steps in the best sequence by a build order, each with its words and with what it waits
// for.
import type { Build } from '../document/build'
import type { BuildOrder } from '../document/build-orders'
import { groupBy } from '../collections/groups'
import { screwLine } from '../standards/screws'
import { isAsItCame, lookedAt } from './as-it-came'
import { HABITS, weightsOf } from './habits'
import { paceOf, type Pace } from './pace'
import { pinnedPairs, type PinnedPair } from './pinned'
import { edgesOf } from './precedence'
import { doneAt, progressOf } from './progress'
import { withPiecesAgain } from './pieces-again'
import { withRefits } from './refit'
import { withReopening } from './reopen'
import { sequenced } from './sequence'
import type { Edge, PlannedStep, Step } from './step'
import { STEP_WORDS } from './step-words'
import type { Practised } from './step-words/words'
import type { StepsFrom } from './steps/from'
import { plannedSteps } from './steps/planned'

/** A planned step with its words. */
export type WordedStep = PlannedStep &
  Pick<
    Step,
    | ('title' | 'does' | 'feel' | 'why' | 'cautions' | 'tools' | 'screws' | 'fasteners')
    | ('minutes' | 'after')
  >
export interface Plan {
  readonly steps: readonly WordedStep[]
  readonly pace: Pace
  readonly school: BuildOrder
  /** Broken habits, turns, tools and waiting, in minutes; and how much of it the best may save. */
  readonly cost: number
  readonly gap: number
  readonly pins: readonly PinnedPair[]
}

/**
 * What a plan is made by besides the joints: the school, what is pinned by hand, what is done
 * already and when.
 */
export interface Wishes {
  readonly school: BuildOrder
  readonly pins: Build['choices']['orderPins']
  readonly progress: Build['progress']
  readonly practices: Practised
  /** What a turn, a tool, a habit and the rest count, where the school's own weight is not taken. */
  readonly weights: Build['choices']['orderWeights']
}

/**
 * The steps in their order by a school, with their words and reasons. `patience` is how many times the
 * usual effort the search for the best may take.
 */
export function plan(s: StepsFrom, wishes: Wishes, patience = 1): Plan {
  const { school, pins, progress, practices } = wishes
  const weights = weightsOf(wishes)
  const ways = HABITS[school]
  const worded = (step: PlannedStep) =>
    isAsItCame(step, progress) ? lookedAt(wordedBy(step, practices)) : wordedBy(step, practices)
  const steps = plannedSteps(s, ways).map(worded)
  const pinned = pins.map(([before, after]): Edge => ({
    before,
    after,
    reason: 'you put it so',
    basis: 'pin',
    rule: 'pinned',
  }))
  const reasons = edgesOf(steps, { school: ways, practised: practices, waysIn: s.goesFirst })
  const given = { weights, done: doneAt(steps, progress), patience }
  const found = sequenced(steps, [...reasons, ...pinned], given)
  const madeAt = (step: PlannedStep): string | null =>
    ['made', 'proved'].includes(progressOf(step, { progress, leftOpen: {} }))
      ? (doneAt([step], progress).get(step.id) ?? null)
      : null
  const isCrossed = (step: PlannedStep): boolean =>
    progressOf(step, { progress, leftOpen: {} }) === 'crossed'
  const about = { madeAt, isCrossed, worded }
  const order = withReopening(withPiecesAgain(withRefits(found.steps, worded), about), about)
  const titles = new Map(order.map(step => [step.id, step.title]))
  const after = groupBy(found.kept, e => e.after)
  return {
    steps: order.map(step => ({
      ...step,
      after: (after.get(step.id) ?? []).map(e => ({
        step: e.before,
        title: titles.get(e.before) ?? '',
        reason: e.reason,
        basis: e.basis,
      })),
    })),
    pace: paceOf(order),
    school,
    cost: found.cost,
    gap: Math.max(0, found.cost - found.bound),
    pins: pinnedPairs({ steps, reasons, pinned, given, titles, found }),
  }
}

/** A step with its words. */
function wordedBy(step: PlannedStep, chosen: Practised) {
  const {
    title,
    does,
    feel,
    why,
    cautions = [],
    tools = [],
    screws = () => [],
    minutes,
  } = STEP_WORDS[step.kind]
  const inHand = screws(step, chosen)
  return {
    ...step,
    title: title(step),
    does: does(step, chosen),
    feel: feel?.(step) ?? null,
    why,
    cautions: [
      ...step.lacks.map(l => `Its ${l} finds no free place: settle that before it goes in.`),
      ...(typeof cautions === 'function' ? cautions(step) : cautions),
    ],
    tools,
    screws: inHand,
    fasteners: inHand.map(screwLine),
    minutes: typeof minutes === 'function' ? minutes(step) : minutes,
  }
}
