// The routes stage as people see it: each lead with its way, the holes it passes, need against
// length; and those that end short of what they should be joined to.
import { settledBy, type SettledBy } from '../rules/finding'
import type { Layout } from '../case/layout'
import { SLACK } from '../connectors/leads'
import type { Vec3 } from '../geometry/space'
import { counted, wholeMm } from '../figures/format'
import { valueOf, type Sum } from '../figures/quantity'
import { rounded } from '../figures/rounded'
import type { EndOf } from '../joining/joint'
import type { ShortLead } from '../laying/short-leads'
import { cutAt, distance, stretchesOf, type Stretch } from '../laying/stretches'
import { layout, names } from '../plan/items'
import { leads, shortLeads } from '../plan/leads'
import type { Situation } from '../plan/situation'
import { stage } from '../pipeline/stage'
import { summaries, type FindingSummary } from '../rules/findings'
import { isMechanical, isPower, type Face } from '../connectors/connectors'
import type { Reach } from '../ways/reach'
import { bendOf, thicknessOf } from '../ways/heads'
import { openingLabel } from '../ways/way'

export interface RouteRow {
  readonly id: string
  readonly joints: readonly string[]
  readonly item: string
  readonly carries: 'power' | 'signal'
  /** How thick it is as one bundle, mm. */
  readonly thick: number
  /** The radius that it is bent by where nothing forces it, mm. */
  readonly bend: number
  readonly label: string
  readonly to: string
  readonly need: number | null
  readonly have: number | null
  readonly through: readonly string[]
  /** The way as it lies, on the near side and behind the tray, as far as the lead reaches. */
  readonly stretches: readonly Stretch[]
  /** Where it leaves, the holes that it passes, where it ends: as far as it reaches. */
  readonly stops: readonly Stop[]
  /** What is missing of it, where it ends short. */
  readonly gap: Gap | null
  /** The best way through other holes, where it ends short. */
  readonly next: { readonly through: readonly string[]; readonly need: number } | null
  /** Whether it is not joined at all for being short. */
  readonly isShort: boolean
  readonly finding: string | null
  /** The figures of its length, to be measured. */
  readonly figures: readonly SettledBy[]
}
/** A point of a way that is numbered on the drawing, and what is there. */
export interface Stop {
  readonly at: Vec3
  readonly says: string
}
export interface Gap {
  readonly mm: number
  /** What would reach. */
  readonly wanted: string
  readonly points: readonly Vec3[]
}

interface RoutesFrom extends Pick<Situation, 'leads' | 'layout' | 'names'> {
  readonly summaries: readonly FindingSummary[]
  readonly shortLeads: readonly ShortLead[]
}

/** Each lead with the worst that is found about its way. */
export const routes = stage('routes', { leads, shortLeads, layout, names, summaries }, values =>
  rounded(routesOf(values)),
)

function routesOf(from: RoutesFrom): readonly RouteRow[] {
  const { leads, shortLeads, summaries } = from
  const about = new Map<string, FindingSummary>()
  for (const f of summaries)
    if (f.stage === 'routes') for (const id of f.joints) if (!about.has(id)) about.set(id, f)
  const byDemand = new Map(summaries.flatMap(f => (f.demand ? [[f.demand, f.id]] : [])))
  const laid = leads.map((lead): RouteRow => {
    const finding = lead.joints.flatMap(j => about.get(j.id) ?? [])[0]
    return {
      ...rowOf(from, lead, lead.plug, finding?.verdict === 'stop'),
      joints: lead.joints.map(j => j.id),
      label: lead.label,
      to: lead.to,
      isShort: false,
      finding: finding?.id ?? null,
    }
  })
  const short = shortLeads.map((lead): RouteRow => {
    const nameOf = (item: string): string => from.names.get(item) ?? ''
    return {
      ...rowOf(from, lead, lead.plug, true),
      id: `short:${lead.demand}`,
      joints: [],
      label: `${lead.plug.end.label} of the ${nameOf(lead.plug.item)}`,
      to: `${lead.socket.end.label} of the ${nameOf(lead.socket.item)} (not joined)`,
      isShort: true,
      finding: byDemand.get(lead.demand) ?? null,
    }
  })
  return [...short, ...laid]
}

/** Whether the holes hold all leads, and what that costs: said of all of them together. */
export const waysProved = stage('ways-proved', { leads }, ({ leads }): string => {
  const laid = leads.filter(l => l.reach?.way.through.length)
  const [crowded, detour] = [
    laid.filter(l => l.crowded).length,
    laid.reduce((sum, l) => sum + l.detour, 0),
  ]
  if (laid.length === 0) return ''
  if (crowded > 0)
    return `${counted(crowded, 'lead')} found no room in the holes, and no other could make it.`
  const yielding = laid.filter(l => l.givesWay).length
  if (yielding === 0) return 'Proved: the holes hold all leads, and none goes round for another.'
  return (
    `The holes hold all leads; ${counted(yielding, 'lead')} gave way to others, ` +
    `${wholeMm(detour)} longer in all. Less is not excluded.`
  )
})

interface Shown {
  readonly length: Sum
  readonly reach: Reach | null
  readonly next: Reach | null
  readonly need?: Sum
}

/** What a lead's way and length come to; `isCut` where it is told to end short. */
function rowOf(
  { layout }: Pick<RoutesFrom, 'layout'>,
  shown: Shown,
  plug: EndOf,
  isCut: boolean,
): Omit<RouteRow, 'joints' | 'label' | 'to' | 'isShort' | 'finding'> {
  const { length, reach, next } = shown
  const asked = shown.need ?? reach?.need
  const [need, have] = [asked ? valueOf(asked) : null, valueOf(length)]
  // Where bodies leave no way that is known there is none to draw.
  const points = reach?.isBlocked === false ? reach.way.points : []
  const laid = isCut ? cutShort(points, need, have) : { stretches: stretchesOf(points), gap: null }
  return {
    id: plug.ref,
    item: plug.item,
    carries: carriedBy(plug.end.face),
    thick: thicknessOf(plug.end.face),
    bend: bendOf(plug.end.face),
    need,
    have,
    through: throughOf(layout, reach),
    ...laid,
    stops: stopsOf(laid, reach?.way.through ?? [], layout),
    next: next && { through: throughOf(layout, next), need: valueOf(next.need) ?? 0 },
    figures: length.terms.flatMap(({ leaf: l }) => settledBy(l, null) ?? []),
  }
}

/** Where a way begins, the holes that it passes as far as it reaches, and where it ends. */
function stopsOf(
  { stretches, gap }: Pick<RouteRow, 'stretches' | 'gap'>,
  through: readonly string[],
  layout: Layout | null,
): readonly Stop[] {
  const laid = stretches.flatMap(s => s.points)
  const [first, last] = [laid[0], laid.at(-1)]
  if (!first || !last) return []
  const passed = through.flatMap((key): Stop[] => {
    const hole = layout?.openings.find(o => o.key === key)
    const at = hole && nearestTo(laid, hole.at)
    return at && distance(at, hole.at) <= AT_HOLE ? [{ at, says: hole.label }] : []
  })
  return [
    { at: first, says: 'where it leaves' },
    ...passed,
    { at: last, says: gap ? 'where it ends short' : 'its plug' },
  ]
}
/** Named choice: a way that passes a hole has a point so near to its middle, mm. */
const AT_HOLE = 60

const nearestTo = (points: readonly Vec3[], to: Vec3): Vec3 | undefined =>
  [...points].sort((a, b) => distance(a, to) - distance(b, to))[0]

/** A way as far as the lead gets, and what is missing of it. */
function cutShort(
  points: readonly Vec3[],
  need: number | null,
  have: number | null,
): Pick<RouteRow, 'stretches' | 'gap'> {
  if (need === null || have === null || need <= have)
    return { stretches: stretchesOf(points), gap: null }
  const { laid, rest } = cutAt(points, have - SLACK.mm)
  const mm = need - have
  return {
    stretches: stretchesOf(laid),
    gap: { mm, wanted: wantedFor(need, mm), points: rest },
  }
}

/** Leads are made in steps, and an extension brings a plug and a socket of its own. */
const wantedFor = (need: number, missing: number): string =>
  `a lead of at least ${wholeMm(upwards(need))}, or an extension of at least ${wholeMm(upwards(missing))}`
const upwards = (mm: number): number => Math.ceil(mm / STEP) * STEP
/** Named choice: lengths are asked for in whole centimetres, mm. */
const STEP = 10

const throughOf = (layout: Layout | null, reach: Reach | null): readonly string[] =>
  reach?.way.through.map(key => openingLabel(layout?.openings ?? [], key)) ?? []

const carriedBy = (face: Face): RouteRow['carries'] =>
  !isMechanical(face) && isPower(face) ? 'power' : 'signal'
