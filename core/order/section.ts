// The order as people see it: steps in their sequence with words, reasons, verdict and progress.
import type { Build, Progress } from '../document/build'
import { pairLine } from '../figures/format'
import { buildOrder, leftOpen, orderPins, progress } from '../plan/given'
import { items } from '../plan/items'
import { stage, stageOfEach, type ValuesOf } from '../pipeline/stage'
import { rounded } from '../figures/rounded'
import { summaries, type FindingSummary } from '../rules/findings'
import { worst } from '../figures/verdict'
import { STEP_WORDS } from './step-words'
import { plannedSteps, STEPS_FROM, type StepsFrom } from './plan'
import { edgesOf } from './precedence'
import { withRefits } from './refit'
import { HABITS } from './habits'
import { BUILD_ORDER, BUILD_ORDERS, type BuildOrder } from '../document/build-orders'
import { groupBy, pushTo } from '../collections/groups'
import { paceOf, type Pace } from './pace'
import { sequenced } from './sequence'
import type { Edge, PlannedStep, Step, StepKind, StepProgress } from './step'

export interface OrderSection extends Pace {
  readonly steps: readonly Step[]
  readonly school: BuildOrder
  readonly label: string
  readonly says: string
  readonly made: number
  readonly open: number
  /** How far the sequence may be from the best one, in minutes; 0 when it is the best. */
  readonly gap: number
  readonly pins: readonly PinnedPair[]
}

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
    'title' | 'does' | 'feel' | 'why' | 'cautions' | 'tools' | 'fasteners' | 'minutes' | 'after'
  >
export interface Plan {
  readonly steps: readonly WordedStep[]
  readonly pace: Pace
  readonly school: BuildOrder
  readonly gap: number
  readonly pins: readonly PinnedPair[]
}
/** What changes of a step while its words stay. */
export type StepState = Pick<
  Step,
  'verdict' | 'findings' | 'progress' | 'missing' | 'places' | 'gate'
>

/**
 * What a plan is made by besides the joints: the school, what is pinned by hand, what is done
 * already and when.
 */
export interface Wishes {
  readonly school: BuildOrder
  readonly pins: Build['choices']['orderPins']
  readonly progress: Build['progress']
}

/** The steps in their order by a school, with their words and reasons. */
export function plan(s: StepsFrom, { school, pins, progress }: Wishes): Plan {
  const ways = HABITS[school]
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
    [...edgesOf(steps, ways), ...pinned],
    ways.weights,
    doneAt(steps, progress),
  )
  const order = withRefits(found.steps, worded)
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
function worded(step: PlannedStep) {
  const {
    title,
    does,
    feel,
    why,
    cautions = [],
    tools = [],
    fasteners = [],
    minutes,
  } = STEP_WORDS[step.kind]
  return {
    ...step,
    title: title(step),
    does: does(step),
    feel: feel?.(step) ?? null,
    why,
    cautions,
    tools,
    fasteners: typeof fasteners === 'function' ? fasteners(step) : fasteners,
    minutes: typeof minutes === 'function' ? minutes(step) : minutes,
  }
}

/** Steps before which nothing may be forgotten: every joint made, or crossed off with a reason. */
const GATES: readonly StepKind[] = ['first-power', 'panels-on']
/** What may be forgotten: joints, open places, standoffs. */
const isPlanned = (step: WordedStep): boolean =>
  step.joints.length > 0 || step.demand !== null || step.kind === 'standoffs'

/** The steps in their order, with their words and reasons. */
export const stepPlan = stage(
  'plan',
  { ...STEPS_FROM, buildOrder, orderPins, progress },
  ({ buildOrder, orderPins, progress, ...from }) =>
    plan(from, { school: buildOrder, pins: orderPins, progress }),
)

/** What of the items a step shows: whether each is here yet. */
const arrivals = stage('arrivals', { items }, ({ items }) =>
  items.map(({ id, name, state }) => ({ id, name, state })),
)

const LAID_OVER = { plan: stepPlan, arrivals, summaries, progress, leftOpen } as const
type LaidOver = ValuesOf<typeof LAID_OVER>

/** Each step with its state: findings and progress laid over the plan. */
const stepsWithState = stage('steps-with-state', LAID_OVER, around => {
  const settled = settledIn(around)
  const about = findingsByStep(around.summaries)
  return around.plan.steps.map((step, at) => ({
    id: step.id,
    step,
    state: stateOf(step, at, { ...around, settled, about }),
  }))
})
const steps = stageOfEach(
  'step',
  { of: stepsWithState, key: s => s.id },
  {},
  ({ step, state }): Step => rounded({ ...step, ...state }),
)

export const order = stage('order', { ...LAID_OVER, steps }, (values): OrderSection => {
  const { steps: rows, plan: found } = values
  const { school, gap, pins, pace } = found
  const settled = settledIn(values)
  return {
    ...rounded(pace),
    steps: rows,
    school,
    ...BUILD_ORDER[school],
    gap: rounded(gap),
    pins,
    made: rows.filter(r => settled(r.id)).length,
    open: rows.filter(r => !settled(r.id)).length,
  }
})

type Settled = (step: string) => boolean
/** Which steps are done with: made, proved or crossed off. */
function settledIn({ plan: { steps }, ...on }: Pick<LaidOver, 'plan' | keyof Marks>): Settled {
  const state = new Map(steps.map(step => [step.id, progressOf(step, on)]))
  return id => ['made', 'proved', 'crossed'].includes(state.get(id) ?? 'planned')
}

/** Findings by what they are about: a joint, or a demand that found no partner. */
function findingsByStep(
  summaries: readonly FindingSummary[],
): ReadonlyMap<string, readonly FindingSummary[]> {
  const about = new Map<string, FindingSummary[]>()
  for (const f of summaries)
    for (const id of f.demand === null ? f.joints : [f.demand]) pushTo(about, id, f)
  return about
}

interface Around extends LaidOver {
  readonly settled: Settled
  readonly about: ReadonlyMap<string, readonly FindingSummary[]>
}

function stateOf(step: WordedStep, at: number, around: Around): StepState {
  const { plan: found, arrivals, progress, settled, about } = around
  const marks = step.demand === null ? step.joints : [step.demand]
  const own = [...new Set(marks.flatMap(id => about.get(id) ?? []))]
  const plain = progressOf(step, around)
  const isReady = plain === 'planned' && step.after.every(a => settled(a.step))
  const isGate = GATES.includes(step.kind) && !settled(step.id)
  return {
    verdict: worst(own.filter(f => !f.accepted).map(f => f.verdict)),
    findings: own.map(f => f.id),
    progress: isReady ? 'ready' : plain,
    missing: arrivals
      .filter(i => step.items.includes(i.id) && i.state !== 'have')
      .map(i => `${i.name} (${i.state})`),
    gate: isGate ? openBefore(found.steps.slice(0, at), settled) : [],
    places: step.joints.map((joint, n) => ({
      joint,
      title: step.details[n] ?? joint,
      progress: markProgress(progress[joint]),
    })),
  }
}

const openBefore = (before: readonly WordedStep[], settled: Settled): Step['gate'] =>
  before.filter(s => isPlanned(s) && !settled(s.id)).map(s => ({ step: s.id, title: s.title }))

/** What tells how far a step is. */
interface Marks {
  readonly progress: Build['progress']
  readonly leftOpen: Build['choices']['leftOpen']
}

const markProgress = (p: Progress | undefined): StepProgress => p?.state ?? 'planned'

/**
 * A step is as far as the least of its marks; an open place counts as crossed off once it is left
 * open.
 */
function progressOf(step: PlannedStep, { progress, leftOpen }: Marks): StepProgress {
  if (step.demand !== null) return leftOpen[step.demand] ? 'crossed' : 'planned'
  const states = step.marks.map(m => markProgress(progress[m]))
  if (states.includes('planned')) return 'planned'
  if (states.every(x => x === 'crossed')) return 'crossed'
  return states.every(x => x === 'proved' || x === 'crossed') ? 'proved' : 'made'
}

/** When each step of a plan was done: the last of its marks; steps with an open mark are not. */
function doneAt(
  steps: readonly Pick<PlannedStep, 'id' | 'marks' | 'demand'>[],
  progress: Build['progress'],
): ReadonlyMap<string, string> {
  return new Map(
    steps.flatMap(step => {
      const at = step.marks.map(m => progress[m]?.at)
      const last = at.every(x => x !== undefined)
        ? at.reduce<string>((a, b) => (b !== undefined && b > a ? b : a), '')
        : ''
      return last === '' || step.demand !== null ? [] : [[step.id, last] as const]
    }),
  )
}

export interface SchoolRow extends Pace {
  readonly school: BuildOrder
  readonly label: string
  readonly says: string
  readonly gap: number
}

/** All schools on this build, from the first step on. */
export const schoolRows = (s: StepsFrom, pins: Wishes['pins']): readonly SchoolRow[] =>
  BUILD_ORDERS.map(school => {
    const { pace, gap } = plan(s, { school, pins, progress: {} })
    return {
      school,
      label: BUILD_ORDER[school].label,
      says: BUILD_ORDER[school].says,
      gap,
      ...pace,
    }
  })
