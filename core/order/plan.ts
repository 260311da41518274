// The plan: steps in the best sequence by a build order, each with its words and with what it waits
// for.
import type { Build } from '../document/build'
import { BUILD_ORDER, BUILD_ORDERS, type BuildOrder } from '../document/build-orders'
import { groupBy } from '../collections/groups'
import { pairLine } from '../figures/format'
import { screwLine } from '../standards/screws'
import { HABITS } from './habits'
import { paceOf, type Pace } from './pace'
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

/**
 * Two steps put in a sequence by hand, and what became of it: refused where a fact is against it,
 * idle while one of them is no step.
 */
export interface PinnedPair {
  readonly before: string
  readonly after: string
  readonly state: 'kept' | 'refused' | 'idle'
  readonly line: string
}

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
}

/** The steps in their order by a school, with their words and reasons. */
export function plan(s: StepsFrom, { school, pins, progress, practices }: Wishes): Plan {
  const ways = HABITS[school]
  const worded = (step: PlannedStep) => wordedBy(step, practices)
  const steps = plannedSteps(s, ways).map(worded)
  const pinned = pins.map(([before, after]): Edge => ({
    before,
    after,
    reason: 'you put it so',
    basis: 'pin',
    rule: 'pinned',
  }))
  const found = sequenced(
    steps,
    [...edgesOf(steps, { school: ways, practised: practices, waysIn: s.goesFirst }), ...pinned],
    { weights: ways.weights, done: doneAt(steps, progress) },
  )
  const madeAt = (step: PlannedStep): string | null =>
    ['made', 'proved'].includes(progressOf(step, { progress, leftOpen: {} }))
      ? (doneAt([step], progress).get(step.id) ?? null)
      : null
  const about = { madeAt, worded }
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
    gap: Math.max(0, found.cost - found.bound),
    pins: pins.map(([before, after]) => pinnedPair({ before, after }, titles, found.refused)),
  }
}

function pinnedPair(
  { before, after }: Pick<Edge, 'before' | 'after'>,
  titles: ReadonlyMap<string, string>,
  refused: readonly Edge[],
): PinnedPair {
  const stateOf = (): PinnedPair['state'] => {
    if (!titles.has(before) || !titles.has(after)) return 'idle'
    const isRefused = refused.some(e => e.before === before && e.after === after)
    return isRefused ? 'refused' : 'kept'
  }
  return {
    before,
    after,
    line: pairLine(titles.get(before), titles.get(after)),
    state: stateOf(),
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
      ...step.lacks.map(l => `Its ${l} has no partner: settle that before it goes in.`),
      ...(typeof cautions === 'function' ? cautions(step) : cautions),
    ],
    tools,
    screws: inHand,
    fasteners: inHand.map(screwLine),
    minutes: typeof minutes === 'function' ? minutes(step) : minutes,
  }
}

export interface SchoolRow extends Pace {
  readonly school: BuildOrder
  readonly label: string
  readonly says: string
  readonly gap: number
}

/** All schools on this build, from the first step on. */
export const schoolRows = (
  s: StepsFrom,
  { pins, practices }: Pick<Wishes, 'pins' | 'practices'>,
): readonly SchoolRow[] =>
  BUILD_ORDERS.map(school => {
    const { pace, gap } = plan(s, { school, pins, progress: {}, practices })
    return {
      school,
      label: BUILD_ORDER[school].label,
      says: BUILD_ORDER[school].says,
      gap,
      ...pace,
    }
  })
