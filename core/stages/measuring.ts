// The measuring round: every figure that could settle an open finding, once, the most decisive
// first.
import type { Finding, SettledBy } from '../rules/finding'
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

/**
 * Figures by what they decide: those that settle a finding alone before those that need another
 * with them, then by the gravest finding, by how many, and by how far down a finding's own list
 * they stand (that is widest tolerance first).
 */
export function measuringSection(findings: readonly Finding[]): readonly MeasuringRow[] {
  const rows = new Map<string, { row: MeasuringRow; rank: number }>()
  for (const f of findings.filter(x => x.accepted === null)) {
    f.settles.forEach(({ passes, ...figure }, place) => {
      const key = `${figure.item}:${figure.path}`
      const known = rows.get(key)
      const decides = { finding: f.id, sentence: f.sentence, verdict: f.verdict, passes }
      rows.set(
        key,
        known
          ? {
              row: { ...known.row, decides: [...known.row.decides, decides] },
              rank: Math.min(known.rank, place),
            }
          : { row: { ...figure, decides: [decides] }, rank: place },
      )
    })
  }
  return [...rows.values()]
    .sort(
      (a, b) =>
        alone(b.row) - alone(a.row) ||
        gravest(b.row) - gravest(a.row) ||
        b.row.decides.length - a.row.decides.length ||
        a.rank - b.rank ||
        (a.row.label < b.row.label ? -1 : 1),
    )
    .map(r => r.row)
}

const alone = (row: MeasuringRow): number =>
  Number(row.decides.some(d => d.passes !== null && d.verdict === 'measure'))
const gravest = (row: MeasuringRow): number => Math.max(...row.decides.map(d => gravity(d.verdict)))
