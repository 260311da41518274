// The record: what was made when and by whom, what was crossed off and why, what no longer belongs,
// what is left over.
import { isHand, isProof, taskId } from '../ids/ids'
import { compareBy } from '../collections/compare'
import { counted } from '../figures/format'
import { rounded } from '../figures/rounded'
import { standoffPlan } from '../plan/standoffs'
import { isAsItCame, progressSoFar } from '../order/as-it-came'
import { stepPlan } from '../order/section'
import type { StepProgress } from '../order/step'
import { leaving, progress, storedItems } from '../plan/given'
import { placesOf } from '../parts/places'
import { allItems, plainItems } from '../plan/items'
import { markedIn } from './parts'
import { plugs, seats } from '../plan/joints'
import { piecesOff } from '../plan/pieces-off'
import { joinedBy } from '../plan/situation'
import { stage, type ValuesOf } from '../pipeline/stage'

export interface RecordSection {
  readonly done: readonly {
    readonly step: string
    readonly title: string
    readonly state: StepProgress
    readonly at: string
    readonly took: number | null
    readonly by: string | null
    readonly how: string | null
  }[]
  /** Made once, but not in today's plan: its item was removed or it joins elsewhere now. */
  readonly orphans: readonly { readonly id: string; readonly at: string }[]
  readonly leftOver: readonly string[]
  /** Places that are broken or kept free, as sentences. */
  readonly marked: readonly string[]
  readonly remaining: number
  readonly minutesTaken: number
}

/** The models that lie beside the build. */
const spares = stage('spares', { storedItems }, ({ storedItems }) =>
  storedItems.filter(i => i.state === 'spare').map(i => i.part.model),
)

/** What is marked, whether or not the horizon counts its item. */
const marks = stage('marks', { allItems }, ({ allItems }) =>
  allItems.flatMap(item =>
    (item.marks ? markedIn(item, placesOf(item)) : []).map(
      ({ label, as, why }) => `${label} of the ${item.name}: ${as}${why === '' ? '' : ` (${why})`}`,
    ),
  ),
)

const NEEDS = {
  marks,
  seats,
  plugs,
  piecesOff,
  leaving,
  items: plainItems,
  plan: stepPlan,
  progress,
  soFar: progressSoFar,
  spares,
} as const

/** What was done and what is left over. */
export const record = stage('record', NEEDS, values => rounded(recordOf(values)))

function recordOf(s: ValuesOf<typeof NEEDS>): RecordSection {
  const { progress, soFar } = s
  const { steps } = s.plan
  const done = steps
    .flatMap(step => {
      const entries = step.marks.flatMap(m => progress[m] ?? [])
      const last = entries.reduce<(typeof entries)[number] | null>(
        (a, b) => (a && a.at > b.at ? a : b),
        null,
      )
      if (!last || entries.length < step.marks.length) return []
      return [
        {
          step: step.id,
          title: step.title,
          state: last.state,
          at: last.at,
          took: last.took ?? null,
          by: last.by ?? null,
          how: last.how ?? null,
        },
      ]
    })
    .sort(compareBy(d => d.at))
  const joined = new Set([...s.seats, ...s.plugs].flatMap(j => j.items))
  const idle = s.items
    .filter(i => i.part.kind !== 'sundry' && !joined.has(i.id))
    .map(i => `${i.name} (joins nothing)`)
  const known = new Set(steps.flatMap(step => step.marks))
  const takenOut = joinedBy(s, 'tray', 'board', 'case').flatMap(({ plug, socket }) =>
    standoffPlan(plug, socket).takeOut.map(h => `standoff from ${h.label}`),
  )
  const stayOut = s.piecesOff
    .filter(p => p.then === 'stays out')
    .map(p => `${p.label}${p.screws === null ? '' : ` with its ${counted(p.screws, 'screw')}`}`)
  const old = s.leaving
    .filter(l => !s.items.some(i => i.id === l.item.id && i.part.id === l.item.part.id))
    .filter(l => progress[taskId('take-old', l.id)]?.state === 'made')
    .map(l => `${l.item.part.model} (taken out)`)
  return {
    done,
    marked: s.marks,
    leftOver: [...s.spares, ...takenOut, ...stayOut, ...old, ...idle],
    remaining: steps.filter(step => !isAsItCame(step, soFar)).length - done.length,
    orphans: Object.entries(progress)
      .filter(([id]) => !known.has(id) && !isProof(id) && !isHand(id))
      .map(([id, p]) => ({ id, at: p.at })),
    minutesTaken: done.reduce((sum, d) => sum + (d.took ?? 0), 0) / 60,
  }
}
