// The routes stage as people see it: each lead with its way, the holes it passes, need against
// length.
import { settledBy, type SettledBy } from '../rules/finding'
import type { Vec3 } from '../geometry/space'
import { valueOf } from '../figures/quantity'
import { rounded } from '../figures/rounded'
import { layout } from '../plan/items'
import { leads } from '../plan/joints'
import type { Situation } from '../plan/situation'
import { stage } from '../pipeline/stage'
import { summaries, type FindingSummary } from '../rules/findings'
import { isMechanical, isPower, type Face } from '../connectors/connectors'
import { openingLabel } from '../ways/way'

export interface RouteRow {
  readonly id: string
  readonly joints: readonly string[]
  readonly item: string
  readonly carries: 'power' | 'signal'
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

interface RoutesFrom extends Pick<Situation, 'leads' | 'layout'> {
  readonly summaries: readonly FindingSummary[]
}

/** Each lead with the worst that is found about its way. */
export const routes = stage('routes', { leads, layout, summaries }, values =>
  rounded(routesOf(values)),
)

function routesOf({ leads, layout, summaries }: RoutesFrom): readonly RouteRow[] {
  const about = new Map<string, string>()
  for (const f of summaries)
    if (f.stage === 'routes') for (const id of f.joints) if (!about.has(id)) about.set(id, f.id)
  return leads.map(lead => ({
    id: lead.plug.ref,
    joints: lead.joints.map(j => j.id),
    item: lead.plug.item,
    carries: carriedBy(lead.plug.end.face),
    label: lead.label,
    to: lead.to,
    need: lead.reach ? valueOf(lead.reach.need) : null,
    have: valueOf(lead.length),
    through: lead.reach?.way.through.map(key => openingLabel(layout?.openings ?? [], key)) ?? [],
    // Where bodies leave no way that is known there is none to draw.
    points: lead.reach?.isBlocked === false ? lead.reach.way.points : [],
    figures: lead.length.terms.flatMap(({ leaf: l }) => settledBy(l, null) ?? []),
    finding: lead.joints.flatMap(j => about.get(j.id) ?? [])[0] ?? null,
  }))
}

const carriedBy = (face: Face): RouteRow['carries'] =>
  !isMechanical(face) && isPower(face) ? 'power' : 'signal'
