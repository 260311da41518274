// The one door: a build in, everything that can be said of it out. Pure and the same to the byte for the same build.
import type { Build } from './build/build'
import { HORIZONS, itemsOf, namesOf, resolve, type Horizon } from './build/resolve'
import { drawings, type Drawing } from './drawing/drawing'
import { STAGES, type Finding, type Stage } from './finding'
import { joinPlugs, joinSeats } from './joints/join'
import { endsOf, type EndOf, type Joint } from './joints/joint'
import { placesOf } from './joints/places'
import { Memo } from './memo'
import { orderSection, plan, type OrderSection } from './order/section'
import { panelBlocks, type PanelBlock } from './panel/block'
import { layoutOf } from './parts/archetype'
import { isKind, kindOf, type Item } from './parts'
import { partRow, partsSection, type PartsSection } from './parts/section'
import { loadsOf } from './power/loads'
import { powerSection, type SupplyPower } from './power/section'
import { firstPower, type Check } from './proof/first-power'
import { recordSection, type RecordSection } from './record/section'
import { rounded } from './rounded'
import { routesSection, type RouteRow } from './routes/section'
import { RULES } from './rules'
import type { Situation } from './situation'
import { gravity, VERDICTS, type Verdict } from './verdict'

export interface JointRow { readonly id: string; readonly kind: Joint['kind']; readonly face: string; readonly from: string; readonly to: string; readonly items: readonly string[]; readonly count: number; readonly pinned: boolean; readonly finding: string | null }

/** Everything about one horizon: what is here or on its way, or also what is wanted. */
export interface HorizonAnalysis {
  readonly findings: readonly Finding[]
  readonly counts: Readonly<Record<Verdict, number>>
  /** Open matters a stage: unaccepted findings that are not clear. */
  readonly open: Readonly<Record<Stage, number>>
  readonly parts: PartsSection
  readonly joints: readonly JointRow[]
  readonly power: readonly SupplyPower[]
  readonly order: OrderSection
  readonly panel: readonly PanelBlock[]
  readonly routes: readonly RouteRow[]
  readonly drawings: readonly Drawing[]
  readonly proof: readonly Check[]
  readonly record: RecordSection
  /** False when a solver stopped at its node limit: what it found is good, perhaps not the best. */
  readonly exact: boolean
}

export interface Analysis { readonly build: string; readonly name: string; readonly horizons: Readonly<Record<Horizon, HorizonAnalysis>> }

/** Analyses a build. With a memo, what did not change since the last call is not computed again; the result is the same. */
export function analyse(build: Build, memo: Memo = new Memo()): Analysis {
  const [now, then] = HORIZONS.map(h => analyseHorizon(build, h, memo))
  if (!now || !then) throw new RangeError('a build has two horizons')
  return { build: build.id, name: build.name, horizons: { now, then } }
}

function analyseHorizon(build: Build, horizon: Horizon, memo: Memo): HorizonAnalysis {
  const names = namesOf(build)
  const stored = itemsOf(build, horizon)
  const items = stored.map(i => memo.keep(`item/${i.id}`, [i, names.get(i.id)], () => resolve(i, names.get(i.id) ?? i.part.model)))
  const situation = situationOf(items, build, horizon, memo)
  const findings = memo.keep(`${horizon}/findings`, [situation, build.choices.accepted], () => sortedFindings(RULES.flatMap(r => r.findings(situation, memo, horizon)), build.choices.accepted))
  const section = <R>(name: string, inputs: readonly unknown[], compute: () => R): R => memo.keep(`${horizon}/${name}`, inputs, () => rounded(compute()))
  const routes = memo.keep(`${horizon}/routes-raw`, [situation, findings], () => routesSection(situation, findings))
  const steps = memo.keep(`${horizon}/plan`, [situation.items, situation.seats, situation.plugs, situation.unmet], () => plan(situation))
  const order = section('order', [steps, situation.items, findings, build.progress, build.choices.leftOpen], () => orderSection(steps, situation, findings, build))
  const all = build.items.map(i => items.find(r => r.id === i.id) ?? memo.keep(`item/${i.id}`, [i, names.get(i.id)], () => resolve(i, names.get(i.id) ?? i.part.model)))
  const rows = build.items.map((i, n) => {
    const item = all[n]
    return item ? section(`part/${i.id}`, [i, item, findings.filter(f => f.parts.includes(i.id)), items.includes(item)], () => partRow(i, item, findings, items.includes(item))) : null
  })
  return {
    findings: section('findings-out', [findings], () => findings),
    counts: section('counts', [findings], () => tally(findings)),
    open: section('open', [findings], () => openMatters(findings)),
    parts: section('parts', [rows], () => partsSection(rows.filter(r => r !== null))),
    joints: section('joints', [situation.seats, situation.plugs, items, findings], () => jointRows(situation, findings)),
    power: section('power', [situation.loads, situation.plugs, items, build.choices.school], () => powerSection(situation)),
    order,
    panel: section('panel', [situation.plugs, items], () => panelBlocks(situation)),
    routes: section('routes', [routes], () => routes),
    drawings: section('drawings', [situation.places, situation.layout, items, situation.seats, findings, routes], () => drawings(situation, findings, routes)),
    proof: section('proof', [situation.seats, situation.plugs, items, build.progress], () => firstPower(situation, build.progress)),
    record: section('record', [situation.seats, items, order, build.progress, build.items], () => recordSection(situation, order.steps, build)),
    exact: situation.exact,
  }
}

/** Seats, then reach, then plugs, then loads: the pipeline up to what rules look at. */
function situationOf(items: readonly Item[], build: Build, horizon: Horizon, memo: Memo): Situation & { readonly exact: boolean } {
  const keep = <R>(name: string, inputs: readonly unknown[], compute: () => R): R => memo.keep(`${horizon}/${name}`, inputs, compute)
  const all = keep('ends', [items], () => items.flatMap(i => memo.keep(`ends/${i.id}`, [i], () => endsOf(i, kindOf(i).ends(i)))))
  const ends: ReadonlyMap<string, EndOf> = keep('ends-by-ref', [all], () => new Map(all.map(e => [e.ref, e])))
  const pins = keep('pins', [build.choices.pins, build.progress], () => pinsOf(build))
  const pc = items.find(isKind('case'))
  const layout = pc ? keep('layout', [pc.part], () => layoutOf(pc.part)) : null
  const seats = keep('seats', [all, pins], () => joinSeats(all, { pins, reach: null }))
  const places = keep('places', [items, all, seats.joints], () => placesOf(items, ends, seats.joints))
  const plugs = keep('plugs', [all, pins, layout, places], () => joinPlugs(all, { pins, reach: layout && { layout, places } }))
  const loads = keep('loads', [items, all, seats.joints, plugs.joints], () => loadsOf(items, [...seats.joints, ...plugs.joints], ends))
  const unmet = keep('unmet', [seats.unmet, plugs.unmet], () => [...seats.unmet, ...plugs.unmet])
  return keep('situation', [items, all, seats, plugs, places, layout, loads, unmet, build.choices.leftOpen, build.choices.school], () => ({
    items, ends, seats: seats.joints, plugs: plugs.joints, unmet, places, layout, loads, choices: build.choices, exact: seats.exact && plugs.exact,
  }))
}

/** What was made is pinned hard; what was pinned by hand comes after it. */
function pinsOf(build: Build): Readonly<Record<string, string>> {
  const made = Object.entries(build.progress).flatMap(([id, p]) => {
    const [plug, socket] = id.split('~')
    return plug && socket && p.state !== 'crossed' ? [[plug, socket] as const] : []
  })
  return { ...build.choices.pins, ...Object.fromEntries(made) }
}

/** Gravest first, accepted last, then by id; acceptance laid over. */
function sortedFindings(findings: readonly Finding[], accepted: Build['choices']['accepted']): readonly Finding[] {
  return findings
    .map(f => (accepted[f.id] ? { ...f, accepted: accepted[f.id] ?? null } : f))
    .sort((a, b) => Number(a.accepted !== null) - Number(b.accepted !== null) || gravity(b.verdict) - gravity(a.verdict) || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0))
}

const tally = (findings: readonly Finding[]): Record<Verdict, number> =>
  Object.fromEntries(VERDICTS.map(v => [v, findings.filter(f => f.verdict === v).length])) as Record<Verdict, number>

const openMatters = (findings: readonly Finding[]): Record<Stage, number> =>
  Object.fromEntries(STAGES.map(stage => [stage, findings.filter(f => f.stage === stage && f.verdict !== 'clear' && !f.accepted).length])) as Record<Stage, number>

function jointRows(s: Situation, findings: readonly Finding[]): readonly JointRow[] {
  const name = (ref: string): string => {
    const end = s.ends.get(ref)
    const item = s.items.find(i => i.id === end?.item)
    return `${item?.name ?? ''}: ${end?.end.label ?? ''}`
  }
  return [...s.seats, ...s.plugs].map(j => ({
    id: j.id, kind: j.kind, face: j.face, from: name(j.a), to: name(j.b), items: j.items, count: j.count, pinned: j.pinned,
    finding: findings.find(f => f.joints.includes(j.id))?.id ?? null,
  }))
}
