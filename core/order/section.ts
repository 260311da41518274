// The order as people see it: steps in their sequence with words, reasons, verdict and progress.
import type { Build, Progress } from '../document/build'
import type { Finding } from '../rules/finding'
import { pairLine } from '../figures/format'
import type { Item } from '../parts'
import type { Situation } from '../plan/situation'
import { worst } from '../figures/verdict'
import { HANDS } from './hands'
import { plannedSteps } from './plan'
import { edgesOf } from './precedence'
import { withRefits } from './refit'
import { HABITS } from './habits'
import { BUILD_ORDER, BUILD_ORDERS, type BuildOrder } from '../document/build-orders'
import { groupBy, pushTo } from '../collections/groups'
import { paceOf, type Pace, type Timed } from './pace'
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
export function plan(s: Situation, { school, pins, progress }: Wishes): Plan {
  const ways = HABITS[school]
  const worded = (step: PlannedStep): Timed & ReturnType<typeof words> => ({
    ...step,
    ...words(step),
  })
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

function words(step: PlannedStep) {
  const {
    title,
    does,
    feel,
    why,
    cautions = [],
    tools = [],
    fasteners = [],
    minutes,
  } = HANDS[step.kind]
  return {
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

/** What the order asks of a finding. */
type Told = Pick<Finding, 'id' | 'verdict' | 'joints' | 'demand' | 'accepted'>

/**
 * Lays findings and progress over the plan. `keepStep` lets a step whose state is the same stay the
 * same object.
 */
export function orderSection(
  { steps, pace, school, gap, pins }: Plan,
  items: readonly Pick<Item, 'id' | 'name' | 'state'>[],
  findings: readonly Told[],
  build: Pick<Build, 'progress' | 'choices'>,
  keepStep: (step: WordedStep, state: StepState) => Step = (step, stateOfIt) => ({
    ...step,
    ...stateOfIt,
  }),
): OrderSection {
  const state = new Map(steps.map(step => [step.id, progressOf(step, build)]))
  const settled = (id: string): boolean =>
    ['made', 'proved', 'crossed'].includes(state.get(id) ?? 'planned')
  const about = new Map<string, Told[]>()
  for (const f of findings)
    for (const id of f.demand === null ? f.joints : [f.demand]) pushTo(about, id, f)
  const openBefore = (at: number): Step['gate'] =>
    steps
      .slice(0, at)
      .filter(s => isPlanned(s) && !settled(s.id))
      .map(s => ({ step: s.id, title: s.title }))
  const rows = steps.map((step, at): Step => {
    const own = [
      ...new Set(
        (step.demand === null ? step.joints : [step.demand]).flatMap(id => about.get(id) ?? []),
      ),
    ]
    const plain = state.get(step.id) ?? 'planned'
    return keepStep(step, {
      verdict: worst(own.filter(f => !f.accepted).map(f => f.verdict)),
      findings: own.map(f => f.id),
      progress: plain === 'planned' && step.after.every(a => settled(a.step)) ? 'ready' : plain,
      missing: items
        .filter(i => step.items.includes(i.id) && i.state !== 'have')
        .map(i => `${i.name} (${i.state})`),
      gate: GATES.includes(step.kind) && !settled(step.id) ? openBefore(at) : [],
      places: step.joints.map((joint, n) => ({
        joint,
        title: step.details[n] ?? joint,
        progress: markProgress(build.progress[joint]),
      })),
    })
  })
  return {
    ...pace,
    steps: rows,
    school,
    label: BUILD_ORDER[school].label,
    says: BUILD_ORDER[school].says,
    gap,
    pins,
    made: rows.filter(r => settled(r.id)).length,
    open: rows.filter(r => !settled(r.id)).length,
  }
}

const markProgress = (p: Progress | undefined): StepProgress => p?.state ?? 'planned'

/**
 * A step is as far as the least of its marks; an open place counts as crossed off once it is left
 * open.
 */
function progressOf(step: PlannedStep, build: Pick<Build, 'progress' | 'choices'>): StepProgress {
  if (step.demand !== null) return build.choices.leftOpen[step.demand] ? 'crossed' : 'planned'
  const states = step.marks.map(m => markProgress(build.progress[m]))
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
export const schoolRows = (s: Situation, pins: Wishes['pins']): readonly SchoolRow[] =>
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
