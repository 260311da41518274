// The order as people see it: steps in their sequence with words, reasons, verdict and progress.
import type { Build, Progress } from '../build/build'
import type { Finding } from '../finding'
import type { Item } from '../parts'
import type { Situation } from '../situation'
import { FIRST_TIME_FACTOR } from '../standards/minutes'
import { worst } from '../verdict'
import { HANDS } from './hands'
import { plannedSteps } from './plan'
import { edgesOf } from './precedence'
import { sorted } from './sort'
import type { Edge, PlannedStep, Step, StepProgress } from './step'

export interface OrderSection {
  readonly steps: readonly Step[]
  readonly minutes: number
  readonly firstTimeMinutes: number
  readonly made: number
  readonly open: number
}

/** A planned step with its words. */
export type WordedStep = PlannedStep & Pick<Step, 'title' | 'does' | 'feel' | 'why' | 'cautions' | 'tools' | 'fasteners' | 'minutes' | 'after'>
export type Plan = readonly WordedStep[]
/** What changes of a step while its words stay. */
export type StepState = Pick<Step, 'verdict' | 'findings' | 'progress' | 'missing' | 'places'>

/** The steps in their order, with their words and reasons; depends on items and joints only, not on progress. */
export function plan(s: Situation): Plan {
  const steps = plannedSteps(s)
  const edges = edgesOf(steps)
  const titles = new Map(steps.map(step => [step.id, HANDS[step.kind].title(step)]))
  return sorted(steps, edges).map(step => ({ ...step, ...words(step, titles), after: reasonsOf(step, edges, titles) }))
}

function words(step: PlannedStep, titles: ReadonlyMap<string, string>) {
  const { does, feel, why, cautions = [], tools = [], fasteners = [], minutes } = HANDS[step.kind]
  return { title: titles.get(step.id) ?? '', does: does(step), feel: feel?.(step) ?? null, why, cautions, tools, fasteners: typeof fasteners === 'function' ? fasteners(step) : fasteners, minutes: typeof minutes === 'function' ? minutes(step) : minutes }
}

const reasonsOf = (step: PlannedStep, edges: readonly Edge[], titles: ReadonlyMap<string, string>): Step['after'] =>
  edges.filter(e => e.after === step.id).map(e => ({ step: e.before, title: titles.get(e.before) ?? '', reason: e.reason, basis: e.basis }))

/** What the order asks of a finding. */
type Told = Pick<Finding, 'id' | 'verdict' | 'joints' | 'demand' | 'accepted'>

/** Lays findings and progress over the plan. `keepStep` lets a step whose state is the same stay the same object. */
export function orderSection(
  steps: Plan, items: readonly Pick<Item, 'id' | 'name' | 'state'>[], findings: readonly Told[], build: Pick<Build, 'progress' | 'choices'>,
  keepStep: (step: WordedStep, state: StepState) => Step = (step, stateOfIt) => ({ ...step, ...stateOfIt }),
): OrderSection {
  const state = new Map(steps.map(step => [step.id, progressOf(step, build)]))
  const settled = (id: string): boolean => ['made', 'proved', 'crossed'].includes(state.get(id) ?? 'planned')
  const about = new Map<string, Told[]>()
  for (const f of findings) for (const id of f.demand === null ? f.joints : [f.demand]) (about.get(id) ?? about.set(id, []).get(id))?.push(f)
  const rows = steps.map((step): Step => {
    const own = [...new Set((step.demand === null ? step.joints : [step.demand]).flatMap(id => about.get(id) ?? []))]
    const plain = state.get(step.id) ?? 'planned'
    return keepStep(step, {
      verdict: worst(own.filter(f => !f.accepted).map(f => f.verdict)), findings: own.map(f => f.id),
      progress: plain === 'planned' && step.after.every(a => settled(a.step)) ? 'ready' : plain,
      missing: items.filter(i => step.items.includes(i.id) && i.state !== 'have').map(i => `${i.name} (${i.state})`),
      places: step.joints.map((joint, n) => ({ joint, title: step.details[n] ?? joint, progress: markProgress(build.progress[joint]) })),
    })
  })
  const minutes = rows.reduce((sum, r) => sum + r.minutes, 0)
  return { steps: rows, minutes, firstTimeMinutes: minutes * FIRST_TIME_FACTOR, made: rows.filter(r => settled(r.id)).length, open: rows.filter(r => !settled(r.id)).length }
}

const markProgress = (p: Progress | undefined): StepProgress => p?.state ?? 'planned'

/** A step is as far as the least of its marks; an open place counts as crossed off once it is left open. */
function progressOf(step: PlannedStep, build: Pick<Build, 'progress' | 'choices'>): StepProgress {
  if (step.demand !== null) return build.choices.leftOpen[step.demand] ? 'crossed' : 'planned'
  const states = step.marks.map(m => markProgress(build.progress[m]))
  if (states.includes('planned')) return 'planned'
  if (states.every(x => x === 'crossed')) return 'crossed'
  return states.every(x => x === 'proved' || x === 'crossed') ? 'proved' : 'made'
}
