// The measuring round: every figure that could settle an open finding, once, the most decisive
// first.
import { at } from '../collections/at'
import { compareBy } from '../collections/compare'
import { groupBy } from '../collections/groups'
import { rounded } from '../figures/rounded'
import { stage } from '../pipeline/stage'
import type { Asked, Finding, SettledBy } from '../rules/finding'
import { findings } from '../rules/findings'
import { jointsKnown } from '../rules/joints/known'
import { gravity, type Verdict } from '../figures/verdict'

export interface MeasuringRow extends Omit<SettledBy, 'passes'> {
  /**
   * What this figure decides: each finding with the value from which, or up to which, it passes.
   */
  readonly decides: readonly {
    readonly finding: string
    readonly sentence: string
    readonly verdict: Verdict
    readonly passes: SettledBy['passes']
  }[]
}

const settling = stage('settling', { findings }, ({ findings }) =>
  findings.filter(f => f.settles.length > 0),
)
export const measuring = stage('measuring', { settling }, ({ settling }) =>
  rounded(measuringRows(settling)),
)

/**
 * What has to be known first: each question once, what parts can be joined to at all before the
 * rest, and of the rest those of the most findings first.
 */
export const asking = stage('asking-first', { findings }, ({ findings }) =>
  askingRows(findings.filter(f => f.asks.length > 0 && f.accepted === null)),
)

function askingRows(findings: readonly Finding[]): readonly Asked[] {
  const all = findings.flatMap(f =>
    f.asks.map(ask => ({ ask, isOfAll: f.rule === jointsKnown.id })),
  )
  const groups = [
    ...groupBy(all, ({ ask }) => `${ask.item}:${ask.path}:${ask.jumper ?? ''}`).values(),
  ]
  return groups
    .sort(
      compareBy(
        group => (group.some(a => a.isOfAll) ? 0 : 1),
        group => (group.some(a => a.ask.path === FRONT) ? 0 : 1),
        group => -group.length,
      ),
    )
    .map(group => (group.find(a => a.isOfAll) ?? at(group, 0)).ask)
}
/** The leads of a case's front: what hangs there is asked before anything else. */
const FRONT = 'leads'

/** A figure at one of the findings that it settles. */
interface Settling {
  readonly finding: Finding
  readonly settles: SettledBy
  /** How far down it stands in the finding's own list. */
  readonly place: number
}

/**
 * Figures by what they decide: those that settle a finding alone before those that need another
 * with them, then by the gravest finding, by how many they settle, and by how far down a finding's own list
 * they stand (that is widest tolerance first).
 */
export function measuringRows(findings: readonly Finding[]): readonly MeasuringRow[] {
  const all = findings
    .filter(f => f.accepted === null)
    .flatMap(finding =>
      finding.settles.map((settles, place): Settling => ({ finding, settles, place })),
    )
  return [...groupBy(all, s => `${s.settles.item}:${s.settles.path}`).values()]
    .map(group => ({ row: rowOf(group), place: Math.min(...group.map(s => s.place)) }))
    .sort(
      compareBy(
        r => -alone(r.row),
        r => -gravest(r.row),
        r => -decisive(r.row),
        r => r.place,
        r => r.row.label,
      ),
    )
    .map(r => r.row)
}

function rowOf(group: readonly Settling[]): MeasuringRow {
  const { passes: _, ...figure } = at(group, 0).settles
  return {
    ...figure,
    decides: group.map(({ finding: f, settles: { passes } }) => ({
      finding: f.id,
      sentence: f.sentence,
      verdict: f.verdict,
      passes,
    })),
  }
}

const decisive = (row: MeasuringRow): number => row.decides.filter(d => d.passes !== null).length
const alone = (row: MeasuringRow): number =>
  Number(row.decides.some(d => d.passes !== null && d.verdict === 'measure'))
const gravest = (row: MeasuringRow): number => Math.max(...row.decides.map(d => gravity(d.verdict)))
