// The order as people see it: steps in their sequence with words, reasons, verdict and progress.
import type { Build, Progress } from '../build/build'
import type { Finding } from '../finding'
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

export interface Plan { readonly steps: readonly PlannedStep[]; readonly edges: readonly Edge[] }

/** Steps and edges, ordered; depends on items and joints only, not on progress. */
export function plan(s: Situation): Plan {
  const steps = plannedSteps(s)
  const edges = edgesOf(steps)
  return { steps: sorted(steps, edges), edges }
}

/** Lays findings and progress over the plan. */
export function orderSection({ steps, edges }: Plan, s: Situation, findings: readonly Finding[], build: Pick<Build, 'progress' | 'choices'>): OrderSection {
  const state = new Map(steps.map(step => [step.id, progressOf(step, build)]))
  const settled = (id: string): boolean => ['made', 'proved', 'crossed'].includes(state.get(id) ?? 'planned')
  const titles = new Map(steps.map(step => [step.id, HANDS[step.kind].title(step)]))
  const rows = steps.map((step): Step => {
    const hands = HANDS[step.kind]
    const own = findings.filter(f => (step.demand !== null && f.demand === step.demand) || f.joints.some(j => step.joints.includes(j)))
    const after = edges.filter(e => e.after === step.id)
    const plain = state.get(step.id) ?? 'planned'
    const { id, kind, items, joints, marks, demand } = step
    return {
      id, kind, items, joints, marks, demand,
      title: titles.get(id) ?? '', does: hands.does(step), feel: hands.feel?.(step) ?? null, why: hands.why,
      cautions: hands.cautions ?? [], tools: hands.tools ?? [], fasteners: hands.fasteners ?? [], minutes: hands.minutes,
      after: after.map(e => ({ step: e.before, title: titles.get(e.before) ?? '', reason: e.reason, basis: e.basis })),
      verdict: worst(own.filter(f => !f.accepted).map(f => f.verdict)), findings: own.map(f => f.id),
      progress: plain === 'planned' && after.every(e => settled(e.before)) ? 'ready' : plain,
      missing: s.items.filter(i => items.includes(i.id) && i.state !== 'have').map(i => `${i.name} (${i.state})`),
      places: joints.map((joint, n) => ({ joint, title: step.details[n] ?? joint, progress: markProgress(build.progress[joint]) })),
    }
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
