// The order as people see it: the steps of the plan with findings and progress laid over.
import {
  BUILD_ORDER,
  WEIGHT,
  WEIGHTS,
  type BuildOrder,
  type WeightName,
} from '../document/build-orders'
import { pushTo } from '../collections/groups'
import { rounded } from '../figures/rounded'
import { worst } from '../figures/verdict'
import { buildOrder, leftOpen, orderPins, orderWeights, practices } from '../plan/given'
import { items } from '../plan/items'
import { stage, stageOfEach, type ValuesOf } from '../pipeline/stage'
import { summaries, type FindingSummary } from '../rules/findings'
import { progressSoFar as progress } from './as-it-came'
import { weightsOf } from './habits'
import type { Pace } from './pace'
import type { PinnedPair } from './pinned'
import { plan, type WordedStep } from './plan'
import { markProgress, progressOf, settledIn, type Settled } from './progress'
import type { State } from '../parts/kind'
import { STEP_GROUPS, type Hold, type Step, type StepGroup, type StepKind } from './step'
import { groupOf } from './step-group'
import { STEPS_FROM } from './steps/from'

export interface OrderSection extends Pace {
  readonly steps: readonly Step[]
  readonly school: BuildOrder
  readonly label: string
  readonly says: string
  readonly made: number
  readonly open: number
  /** The work by its parts, in minutes: all of it, and what of it is still to do. */
  readonly work: readonly {
    readonly group: StepGroup
    readonly minutes: number
    readonly left: number
  }[]
  /** How far the sequence may be from the best one, in minutes; 0 when it is the best. */
  readonly gap: number
  readonly pins: readonly PinnedPair[]
  /** What counts in it, and whether somebody set it so. */
  readonly weights: readonly {
    readonly weight: WeightName
    readonly label: string
    readonly minutes: number
    readonly isOwn: boolean
  }[]
}

/** What changes of a step while its words stay. */
type StepState = Pick<Step, 'verdict' | 'findings' | 'progress' | 'holds' | 'places' | 'gate'>

/** Steps before which nothing may be forgotten: every joint made, or crossed off with a reason. */
const GATES: readonly StepKind[] = ['first-power', 'panels-on']
/** What may be forgotten: joints, open places, standoffs. */
const isPlanned = (step: WordedStep): boolean =>
  step.joints.length > 0 || step.demand !== null || step.kind === 'standoffs'

/** The steps in their order, with their words and reasons. */
export const stepPlan = stage(
  'plan',
  { ...STEPS_FROM, buildOrder, orderPins, orderWeights, progress, practices },
  ({ buildOrder, orderPins, orderWeights, progress, practices, ...from }) =>
    plan(from, {
      ...{ school: buildOrder, pins: orderPins, weights: orderWeights },
      ...{ progress, practices },
    }),
)

/** What of the items a step shows: whether each is here yet. */
const arrivals = stage('arrivals', { items }, ({ items }) =>
  items.map(({ id, name, state }) => ({ id, name, state })),
)

const LAID_OVER = { plan: stepPlan, arrivals, summaries, progress, leftOpen } as const
type LaidOver = ValuesOf<typeof LAID_OVER>

/** Each step with its state: findings and progress laid over the plan. */
const stepsWithState = stage('steps-with-state', LAID_OVER, around => {
  const settled = settledIn(around.plan.steps, around)
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
  ({ step, state }): Step => rounded({ ...step, ...state, group: groupOf(step) }),
)

export const order = stage(
  'order',
  { ...LAID_OVER, orderWeights, steps },
  (values): OrderSection => {
    const { steps: rows, plan: found } = values
    const { school, gap, pins, pace } = found
    const settled = settledIn(found.steps, values)
    return {
      ...rounded(pace),
      steps: rows,
      school,
      ...BUILD_ORDER[school],
      gap: rounded(gap),
      pins: rounded(pins),
      weights: WEIGHTS.map(weight => ({
        weight,
        label: WEIGHT[weight].label,
        minutes: weightsOf({ school, weights: values.orderWeights })[weight],
        isOwn: values.orderWeights[weight] !== undefined,
      })),
      work: STEP_GROUPS.map(group => {
        const own = rows.filter(r => r.group === group)
        const sum = (some: readonly Step[]): number => some.reduce((all, r) => all + r.minutes, 0)
        return { group, minutes: sum(own), left: sum(own.filter(r => !settled(r.id))) }
      }).filter(part => part.minutes > 0),
      made: rows.filter(r => settled(r.id)).length,
      open: rows.filter(r => !settled(r.id)).length,
    }
  },
)

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
  const { plan: found, progress, settled, about } = around
  const marks = step.demand === null ? step.joints : [step.demand]
  const own = [...new Set(marks.flatMap(id => about.get(id) ?? []))]
  const plain = progressOf(step, around)
  const isReady = plain === 'planned' && step.after.every(a => settled(a.step))
  const isGate = GATES.includes(step.kind) && !settled(step.id)
  const gate = isGate ? openBefore(found.steps.slice(0, at), settled) : []
  return {
    verdict: worst(own.filter(f => !f.accepted).map(f => f.verdict)),
    findings: own.map(f => f.id),
    progress: isReady ? 'ready' : plain,
    holds: settled(step.id) ? [] : holdsOf(step, own, gate, around),
    gate,
    places: step.joints.map((joint, n) => ({
      joint,
      title: step.details[n] ?? joint,
      progress: markProgress(progress[joint]),
    })),
  }
}

const isGrave = ({ verdict, accepted }: FindingSummary): boolean =>
  accepted === null && (verdict === 'harm' || verdict === 'stop')
/** What is not in the house. */
const TO_COME: readonly State[] = ['ordered', 'wanted', 'later']

/** What an open place asks is settled at it; all else that stops or harms holds the first power-on. */
function holdsOf(
  step: WordedStep,
  own: readonly FindingSummary[],
  gate: Step['gate'],
  { plan, summaries, arrivals, settled }: Around,
): readonly Hold[] {
  if (step.demand !== null) return []
  const grave = concerning(step, own, summaries).filter(isGrave)
  const waits = new Set(gate.map(g => g.step))
  return [
    ...grave.filter(f => f.demand === null).map(f => ({ of: 'finding', finding: f.id }) as const),
    ...arrivals
      .filter(i => step.items.includes(i.id) && TO_COME.includes(i.state))
      .map(({ id, name, state }) => ({ of: 'part', item: id, name, state }) as const),
    ...nearest(
      step.after.filter(a => a.basis === 'fact' && !settled(a.step) && !waits.has(a.step)),
      plan.steps,
    ).map(({ step: id, title, reason }) => ({ of: 'step', step: id, title, reason }) as const),
  ]
}

/** What holds a start: of the whole machine everything, of a part of it what takes part. */
function concerning(
  { kind, items }: WordedStep,
  own: readonly FindingSummary[],
  all: readonly FindingSummary[],
): readonly FindingSummary[] {
  if (kind === 'first-power') return all
  if (kind !== 'milestone' && kind !== 'bench-start') return own
  return all.filter(f => f.parts.length > 0 && f.parts.every(i => items.includes(i)))
}

/** Of steps that come first those that no other of them waits for: the rest is told there. */
function nearest(
  first: WordedStep['after'],
  all: readonly WordedStep[],
): readonly WordedStep['after'][number][] {
  const beyond = new Set(
    first.flatMap(a => all.find(s => s.id === a.step)?.after.map(b => b.step) ?? []),
  )
  return first.filter(a => !beyond.has(a.step))
}

const openBefore = (before: readonly WordedStep[], settled: Settled): Step['gate'] =>
  before.filter(s => isPlanned(s) && !settled(s.id)).map(s => ({ step: s.id, title: s.title }))
