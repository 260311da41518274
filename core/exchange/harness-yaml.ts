// The harness of a machine as YAML: its leads with their plugs, ways and lengths, the ties, and what is
// missing. Lengths and places in millimetres, places in the case's frame.
import { stringify } from 'yaml'
import type { HorizonAnalysis } from '../analysis/analyse'
import type { Build } from '../document/build'

/** The version of this shape; whatever reads it can tell. */
const VERSION = 1

type Harness = Pick<HorizonAnalysis, 'routes' | 'dressing'>
type Row = Harness['routes'][number]

/**
 * The leads of one horizon as a YAML document: `leads` in the order of their rows, `dressing` side by
 * side in the order of laying, `missing` with the least length that would reach.
 */
export function harnessYaml({ name }: Pick<Build, 'name'>, { routes, dressing }: Harness): string {
  return stringify(
    {
      harness: VERSION,
      machine: name,
      unit: 'mm',
      leads: routes.filter(r => !r.isShort).map(leadOf),
      dressing: dressing.sides.map(({ side, leads, ties }) => ({
        side,
        laid: leads.map(l => ({ lead: l.id, length: whole(l.mm), notes: l.notes })),
        ties: ties.map(t => ({ at: t.label, holds: t.leads })),
      })),
      missing: routes.filter(r => r.gap !== null).map(missingOf),
    },
    { lineWidth: 0, aliasDuplicateObjects: false },
  )
}

const leadOf = (row: Row): object => ({
  id: row.id,
  plug: row.label,
  to: row.to,
  carries: row.carries,
  length: row.have,
  needs: row.need === null ? null : whole(row.need),
  through: row.through,
  way: row.stretches.map(s => ({ side: s.side, points: s.points.map(p => p.map(whole)) })),
})

const missingOf = (row: Row): object => ({
  plug: row.label,
  to: row.to,
  length: row.have,
  needs: row.need === null ? null : whole(row.need),
  short: whole(row.gap?.mm ?? 0),
  otherwise: row.next && { through: row.next.through, needs: whole(row.next.need) },
})

const whole = (mm: number): number => Math.round(mm)
