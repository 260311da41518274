// The routes stage as people see it: each lead with its way, the holes it passes, need against
// length.
import { settledBy, type Finding, type SettledBy } from '../rules/finding'
import type { Vec3 } from '../geometry/space'
import { valueOf } from '../figures/quantity'
import type { Situation } from '../plan/situation'
import type { PlugFace } from '../connectors/connectors'
import { isMechanical } from '../connectors/connectors'
import { openingLabel } from '../case/way'

export interface RouteRow {
  readonly id: string
  readonly joints: readonly string[]
  readonly item: string
  readonly face: PlugFace | null
  readonly label: string
  readonly to: string
  readonly need: number | null
  readonly have: number | null
  readonly through: readonly string[]
  readonly points: readonly Vec3[]
  readonly finding: string | null
  /** The figures of its length, to be measured. */
  readonly figures: readonly SettledBy[]
}

export function routesSection(
  s: Pick<Situation, 'leads' | 'layout'>,
  findings: readonly Pick<Finding, 'id' | 'stage' | 'joints'>[],
): readonly RouteRow[] {
  const about = new Map<string, string>()
  for (const f of findings)
    if (f.stage === 'routes') for (const id of f.joints) if (!about.has(id)) about.set(id, f.id)
  return s.leads.map(lead => ({
    id: lead.plug.ref,
    joints: lead.joints.map(j => j.id),
    item: lead.plug.item,
    face: isMechanical(lead.plug.end.face) ? null : lead.plug.end.face,
    label: lead.label,
    to: lead.to,
    need: lead.reach ? valueOf(lead.reach.need) : null,
    have: valueOf(lead.length),
    through: lead.reach?.way.through.map(key => openingLabel(s.layout?.openings ?? [], key)) ?? [],
    points: lead.reach?.way.points ?? [],
    figures: lead.length.terms.flatMap(({ leaf: l }) => settledBy(l, null) ?? []),
    finding: lead.joints.flatMap(j => about.get(j.id) ?? [])[0] ?? null,
  }))
}
