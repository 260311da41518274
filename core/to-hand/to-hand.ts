// What lies ready before the first screw is turned: tools, screws by thread and number, standoffs,
// paste, ties, small parts, manuals, and what the set-up needs. What is there is told from the build;
// what nobody can know is looked at and ticked.
import { isHand } from '../ids/ids'
import { stepPlan } from '../order/section'
import { dressing } from '../plan/dressing'
import { practices, progress, storedItems } from '../plan/given'
import { items } from '../plan/items'
import { standoffsToFit } from '../plan/standoffs-to-fit'
import { stage, type ValuesOf } from '../pipeline/stage'
import { screwRows, standoffRows } from './fasteners'
import type { HandGroup, HandRow } from './row'
import { SCREW_SHEET, type ScrewSheet } from './screw-sheet'
import { manualRows, pasteRows, setUpRows, smallRows, tieRows, toolRows } from './things'

export interface ToHand {
  readonly groups: readonly HandGroup[]
  /** How many rows are not there: missing, on their way, and not looked at yet. */
  readonly open: number
  readonly sheet: ScrewSheet
}

const planned = stage(
  'planned-items',
  { items },
  ({ items }): ReadonlySet<string> => new Set(items.map(i => i.id)),
)
/** What is ticked. */
const ticked = stage('ticked', { progress }, ({ progress }): readonly string[] =>
  Object.keys(progress).filter(isHand),
)

const NEEDS = {
  ...{ plan: stepPlan, storedItems, planned, dressing, standoffsToFit },
  ...{ practices, ticked },
} as const

export const toHand = stage('to-hand', NEEDS, (s): ToHand => {
  const groups = groupsOf(s)
    .map(({ title, rows }) => ({ title, rows: rows.map(r => asTicked(r, s.ticked)) }))
    .filter(g => g.rows.length > 0)
  const open = groups.flatMap(g => g.rows).filter(r => r.ready !== 'have').length
  return { groups, open, sheet: SCREW_SHEET }
})

function groupsOf(s: ValuesOf<typeof NEEDS>): readonly HandGroup[] {
  const { steps } = s.plan
  const used = s.storedItems.filter(i => s.planned.has(i.id) || i.part.kind === 'sundry')
  const standoffs = s.standoffsToFit
  return [
    { title: 'Tools', rows: toolRows(steps, used, s.practices) },
    { title: 'Screws', rows: [...screwRows(steps, used), ...standoffRows(standoffs, used)] },
    { title: 'Paste and ties', rows: [...pasteRows(steps, used), ...tieRows(s.dressing, used)] },
    { title: 'Small parts', rows: smallRows(used, id => s.planned.has(id)) },
    {
      title: 'Manuals',
      rows: manualRows(used.filter(i => s.planned.has(i.id))),
    },
    { title: 'For the first start', rows: setUpRows(steps, used) },
  ]
}

/** What was looked at and found is there, whatever the build knows of it. */
const asTicked = (row: HandRow, ticked: readonly string[]): HandRow =>
  ticked.includes(row.id) && row.ready !== 'coming'
    ? { ...row, ready: 'have', from: 'you looked', buy: null }
    : row
