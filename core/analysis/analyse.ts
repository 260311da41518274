// The one door: a build in, everything that can be said of it out. Pure and the same to the byte
// for the same build.
import type { Build } from '../document/build'
import { HORIZONS, itemsOf, namesOf, resolve, type Horizon } from '../document/resolve'
import { drawings, paths, type Drawing, type Path } from '../drawing/drawing'
import { STAGES, type Finding, type Stage } from '../rules/finding'
import { alternativesFor, type Alternative } from '../stages/alternatives'
import { join } from '../joining/join'
import {
  endsByRef,
  endsOf,
  itemOfRef,
  type EndOf,
  type Joint,
  type Outline,
} from '../joining/joint'
import { bodiesOf } from '../joining/places'
import { oncePer } from '../collections/once'
import { Memo } from '../pipeline/memo'
import { coveredBy } from '../order/access'
import { mannerOf } from '../order/plan'
import { orderSection, plan, schoolRows, type OrderSection, type SchoolRow } from '../order/section'
import { panelBlocks, type PanelBlock } from '../panel/block'
import { layoutOf } from '../case/layout'
import { isKind, kindOf, type Item } from '../parts'
import { buyingSection, offersOf, type BuyingSection } from '../stages/buying'
import { measuringSection, type MeasuringRow } from '../stages/measuring'
import type { Box } from '../geometry/space'
import { figureRows, partRow, partsSection, type PartRow, type PartsSection } from '../stages/parts'
import { loadsOf, sourceOf, type Source } from '../power/loads'
import { rated } from '../rules/power/rules'
import { powerSection, type SupplyPower } from '../stages/power'
import { firstPower, type Check } from '../proof/first-power'
import { recordSection, type RecordSection } from '../stages/record'
import { rounded } from '../figures/rounded'
import { leadsOf } from '../laying/leads'
import { routesSection, type RouteRow } from '../stages/routes'
import { RULES } from '../rules/registry'
import type { Situation } from '../plan/situation'
import { isMechanical } from '../connectors/connectors'
import { gravity, VERDICTS, type Verdict } from '../figures/verdict'

export interface JointRow {
  readonly id: string
  readonly plug: string
  readonly kind: Joint['kind']
  readonly face: string
  readonly from: string
  readonly to: string
  readonly items: readonly string[]
  readonly count: number
  readonly pinned: boolean
  readonly finding: string | null
}

/** Everything about one horizon: what is here or on its way, or also what is wanted. */
export interface HorizonAnalysis {
  readonly findings: readonly Finding[]
  readonly counts: Readonly<Record<Verdict, number>>
  /** Open matters a stage: unaccepted findings that are not clear. */
  readonly open: Readonly<Record<Stage, number>>
  readonly parts: PartsSection
  readonly buying: BuyingSection
  readonly measuring: readonly MeasuringRow[]
  readonly joints: readonly JointRow[]
  /** Plugs of demands that found no partner, to be joined by hand. */
  readonly loose: readonly { readonly plug: string; readonly label: string }[]
  readonly power: readonly SupplyPower[]
  readonly order: OrderSection
  readonly panel: readonly PanelBlock[]
  readonly routes: readonly RouteRow[]
  readonly drawings: readonly Drawing[]
  /** The ways of leads, for the view from the near side. */
  readonly paths: readonly Path[]
  readonly proof: readonly Check[]
  readonly record: RecordSection
  /** False when a solver stopped at its node limit: what it found is good, perhaps not the best. */
  readonly exact: boolean
}

export interface Analysis {
  readonly build: string
  readonly name: string
  readonly horizons: Readonly<Record<Horizon, HorizonAnalysis>>
}

/**
 * Analyses a build. With a memo, what did not change since the last call is not computed again; the
 * result is the same.
 */
export function analyse(build: Build, memo: Memo = new Memo()): Analysis {
  const known = memo.enter('build', build)
  const [now, then] = HORIZONS.map(h => analyseHorizon(known, h, memo))
  if (!now || !then) throw new RangeError('a build has two horizons')
  return { build: build.id, name: build.name, horizons: { now, then } }
}

/** One horizon by itself. */
export const analyseIn = (build: Build, horizon: Horizon, memo: Memo): HorizonAnalysis =>
  analyseHorizon(memo.enter('build', build), horizon, memo)

/** What rules look at in one horizon. */
export function situationIn(build: Build, horizon: Horizon, memo: Memo): Situation {
  const known = memo.enter('build', build)
  return situationOf(countedItems(known, horizon, memo).items, known, horizon, memo)
}

/** Where a plug could go instead, in one horizon: asked for on demand. */
export const placesFor = (
  build: Build,
  horizon: Horizon,
  plug: string,
  memo: Memo,
): readonly Alternative[] => alternativesFor(situationIn(build, horizon, memo), plug)

/**
 * All schools of order on one horizon of a build, side by side: asked for on demand, outside the
 * base analysis.
 */
export function orderSchools(
  build: Build,
  horizon: Horizon,
  memo: Memo = new Memo(),
): readonly SchoolRow[] {
  return rounded(schoolRows(situationIn(build, horizon, memo), build.choices.orderPins))
}

/** All items ready for analysis, and those that a horizon counts. */
function countedItems(
  build: Build,
  horizon: Horizon,
  memo: Memo,
): { readonly all: readonly Item[]; readonly items: readonly Item[] } {
  const all = memo.enter('all-items', resolveAll(build, memo))
  return {
    all,
    items: memo.enter(
      `${horizon}/items`,
      itemsOf(build, horizon).flatMap(i => all.filter(item => item.id === i.id)),
    ),
  }
}

function analyseHorizon(build: Build, horizon: Horizon, memo: Memo): HorizonAnalysis {
  const keep = <R>(name: string, inputs: readonly unknown[], compute: () => R): R =>
    memo.keep(`${horizon}/${name}`, inputs, compute)
  const enter = <T>(name: string, value: T): T => memo.enter(`${horizon}/${name}`, value)
  const section = <R>(name: string, inputs: readonly unknown[], compute: () => R): R =>
    keep(name, inputs, () => rounded(compute()))

  const { all, items } = countedItems(build, horizon, memo)
  const situation = situationOf(items, build, horizon, memo)
  const findings = keep('findings', [situation, build.choices.accepted], () =>
    sortedFindings(
      RULES.flatMap(r => r.findings(situation, memo, horizon)),
      build.choices.accepted,
    ),
  )
  const { seats, plugs, unmet, frames, bodies, layout, loads, leads, ends, outlines } = situation
  const states = enter(
    'states',
    items.map(i => ({ id: i.id, name: i.name, state: i.state })),
  )
  const told = enter('told', findings.map(toldOf))
  const housing = enter(
    'housing',
    items.filter(i => i.part.kind === 'case' || i.part.kind === 'board'),
  )
  const kinds = enter(
    'kinds',
    items.map(i => ({
      id: i.id,
      name: i.name,
      kind: i.part.kind,
      manner: mannerOf(i),
      about: plannedBy(i),
    })),
  )
  const modules = enter('modules', items.map(shownAtStart))
  const spares = enter(
    'spares',
    build.items.filter(i => i.state === 'spare').map(i => i.part.model),
  )
  const supplies = enter('supplies', items.filter(isKind('supply')).map(rated))
  const distances = enter(
    'distances',
    findings.filter(f => f.where !== null && f.stage === 'fit'),
  )
  const routes = section('routes', [leads, layout, told], () => routesSection(situation, told))
  const ways = enter(
    'ways',
    routes.map(({ id, item, label, to, points }) => ({ id, item, label, to, points })),
  )
  const wishes = {
    school: build.choices.orderSchool,
    pins: build.choices.orderPins,
    progress: build.progress,
  }
  const under = enter('under', coveredBy(situation))
  const steps = keep(
    'plan',
    [
      kinds,
      under,
      housing,
      outlines,
      seats,
      plugs,
      unmet,
      frames,
      wishes.school,
      wishes.pins,
      wishes.progress,
    ],
    () => plan(situation, wishes),
  )
  const order = section(
    'order',
    [steps, states, told, build.progress, build.choices.leftOpen],
    () =>
      orderSection(steps, states, told, build, (step, state) =>
        keep(`step/${step.id}`, [step, enter(`state/${step.id}`, state)], () =>
          rounded({ ...step, ...state }),
        ),
      ),
  )
  const settling = enter(
    'settling',
    findings.filter(f => f.settles.length > 0),
  )
  const parts = section('parts', [build.items, all, told, items], () =>
    partsSection(partRows(build, all, items, told, horizon, memo)),
  )
  const offers = enter('offers', offersOf(build.items, parts.rows))
  return {
    findings,
    counts: keep('counts', [told], () => tally(told)),
    open: keep('open', [told], () => openMatters(told)),
    parts,
    buying: section('buying', [offers, steps, parts.left, parts.unpriced], () =>
      buyingSection(offers, steps.steps, { left: parts.left, unpriced: parts.unpriced }),
    ),
    measuring: section('measuring', [settling], () => measuringSection(settling)),
    joints: section('joints', [seats, plugs, states, told, outlines], () =>
      jointRows(situation, told),
    ),
    loose: section('loose', [unmet, ends, situation.names], () => looseRows(situation)),
    power: section('power', [loads, plugs, kinds, supplies, build.choices.school], () =>
      powerSection(situation),
    ),
    order,
    panel: section('panel', [plugs, housing], () => panelBlocks(situation)),
    routes,
    drawings: keep('drawings', [bodies, frames, layout, kinds, housing, seats, distances], () =>
      drawings(situation, distances, { keep, enter }),
    ),
    paths: section('paths', [layout, ways], () => paths(layout, ways)),
    proof: section('proof', [seats, plugs, kinds, outlines, housing, modules, build.progress], () =>
      firstPower(situation, build.progress),
    ),
    record: section('record', [seats, plugs, kinds, housing, steps, build.progress, spares], () =>
      recordSection(situation, steps.steps, build.progress, spares),
    ),
    exact: situation.exact,
  }
}

/** Every item of the build ready for analysis, whichever horizon counts it. */
function resolveAll(build: Build, memo: Memo): readonly Item[] {
  const names = namesOf(build)
  return build.items.map(i => {
    const name = names.get(i.id) ?? i.part.model
    return memo.keep(`item/${i.id}`, [i, name], () => resolve(i, name))
  })
}

/**
 * What the sections ask of a finding: all but its figures, so that a margin that moves changes none
 * of them.
 */
type Told = Pick<Finding, 'id' | 'stage' | 'verdict' | 'parts' | 'joints' | 'demand' | 'accepted'>

/** What of a part steps are made from besides its kind and manner. */
function plannedBy({ part: p }: Item): readonly unknown[] {
  if (p.kind === 'card') return [p.slots]
  if (p.kind === 'processor') return [p.id, p.picture]
  return p.kind === 'supply' ? [p.modular] : []
}

/** What of a part the first power-on shows: nothing else of it changes the list. */
function shownAtStart({ part: p }: Item): readonly unknown[] {
  if (p.kind === 'memory') return [p.modules, p.each]
  if (p.kind === 'processor') return [p.picture]
  return p.kind === 'drive' ? [p.shape] : []
}

/** A finding that stays the same object is told by the same object. */
const toldOf = oncePer(
  ({ id, stage, verdict, parts, joints, demand, accepted }: Finding): Told => ({
    id,
    stage,
    verdict,
    parts,
    joints,
    demand,
    accepted,
  }),
)

function partRows(
  build: Build,
  all: readonly Item[],
  counted: readonly Item[],
  told: readonly Told[],
  horizon: Horizon,
  memo: Memo,
): readonly PartRow[] {
  const about = new Map<string, Told[]>(build.items.map(i => [i.id, []]))
  for (const f of told) for (const id of new Set(f.parts)) about.get(id)?.push(f)
  return build.items.flatMap((stored, n) => {
    const item = all[n]
    if (!item) return []
    const own = about.get(item.id) ?? []
    const said = own.map(f => `${f.id} ${f.verdict} ${f.accepted !== null}`).join()
    const counts = counted.includes(item)
    return [
      memo.keep(`${horizon}/part/${item.id}`, [stored, item, said, counts], () =>
        rounded(
          partRow(
            stored,
            item,
            memo.keep(`figures/${item.id}`, [item], () => figureRows(item)),
            own,
            counts,
          ),
        ),
      ),
    ]
  })
}

/** Seats, then reach, then plugs, then loads: the pipeline up to what rules look at. */
function situationOf(
  items: readonly Item[],
  build: Build,
  horizon: Horizon,
  memo: Memo,
): Situation & { readonly exact: boolean; readonly outlines: ReadonlyMap<string, Outline> } {
  const keep = <R>(name: string, inputs: readonly unknown[], compute: () => R): R =>
    memo.keep(`${horizon}/${name}`, inputs, compute)
  const enter = <T>(name: string, value: T): T => memo.enter(`${horizon}/${name}`, value)
  const copies = items.map(item => ({ item, ...aloneOf(item, memo) }))
  const all = enter(
    'ends',
    copies.flatMap(c => c.ends),
  )
  const ends: ReadonlyMap<string, EndOf> = endsByRef(all)
  const pins = keep('pins', [build.choices.pins, build.progress], () => pinsOf(build))
  const pc = items.find(isKind('case'))
  const boardDerived = items.some(i => i.part.kind === 'board' && i.part.places === 'derived')
  const layout = pc
    ? keep('layout', [pc.part, boardDerived], () => layoutOf(pc.part, boardDerived))
    : null
  const cases = enter(
    'cases',
    items.filter(isKind('case')).map(i => i.id),
  )
  const stored = enter(
    'stored',
    build.items.filter(i => items.some(item => item.id === i.id)),
  )
  const alike = enter(
    'alike',
    groupsOf(
      copies.map(c => [c.item.id, c.print]),
      pins,
    ),
  )
  const kindred = enter(
    'kindred',
    groupsOf(
      stored.map(i => [i.id, memo.keep(`model/${i.id}`, [i.part], () => JSON.stringify(i.part))]),
      pins,
    ),
  )
  const { seats, plugs, unmet, frames, lines, outlines, exact } = keep(
    'joined',
    [all, pins, layout, cases, alike, kindred],
    () =>
      join(all, {
        pins,
        layout,
        cases,
        alike,
        kindred,
        keep: (name, inputs, compute) => keep(`join/${name}`, inputs, compute),
        enter: (name, value) => enter(`join/${name}`, value),
      }),
  )
  const mechanical = enter(
    'mechanical',
    all.filter(e => isMechanical(e.end.face)),
  )
  const shells = enter(
    'shells',
    copies.map(({ item, body }) => ({ id: item.id, kind: item.part.kind, box: body })),
  )
  const bodies = keep('bodies', [shells, frames, mechanical, seats], () =>
    bodiesOf(shells, frames, ends, seats),
  )
  const sources = enter(
    'sources',
    copies.map(c => c.source),
  )
  const loads = keep('loads', [sources, seats, plugs], () => loadsOf(sources, [...seats, ...plugs]))
  const done = enter(
    'done',
    Object.entries(build.progress)
      .filter(([id, p]) => id.startsWith('task:') && p.state !== 'crossed')
      .map(([id]) => id),
  )
  const names = keep('names', [items], () => new Map(items.map(i => [i.id, i.name])))
  const leads = keep('leads', [plugs, lines, layout, names], () =>
    leadsOf({ plugs, lines, layout, names }, keep),
  )
  return keep(
    'situation',
    [
      items,
      all,
      seats,
      plugs,
      frames,
      bodies,
      layout,
      loads,
      leads,
      unmet,
      build.choices.leftOpen,
      build.choices.school,
      done,
    ],
    () => ({
      items,
      names,
      ends,
      seats,
      plugs,
      unmet,
      frames,
      bodies,
      layout,
      loads,
      leads,
      choices: build.choices,
      done,
      exact,
      outlines,
    }),
  )
}

/** What a copy tells by itself, whatever it is joined with. */
interface Alone {
  readonly ends: readonly EndOf[]
  readonly body: Box | null
  readonly source: Source
  readonly print: string
}
const aloneOf = (item: Item, memo: Memo): Alone =>
  memo.keep(`alone/${item.id}`, [item], () => {
    const kind = kindOf(item)
    const ends = kind.ends(item)
    return {
      ends: endsOf(item, ends),
      body: kind.body?.(item) ?? null,
      source: sourceOf(item, ends),
      print: JSON.stringify(item.part),
    }
  })

/**
 * Items of which one may stand for the other: those with the same print, and nothing of theirs
 * pinned. Each is named after the first of them.
 */
function groupsOf(
  prints: readonly (readonly [item: string, print: string])[],
  pins: Readonly<Record<string, string>>,
): ReadonlyMap<string, string> {
  const pinned = new Set(Object.entries(pins).flat().map(itemOfRef))
  const groups = new Map<string, string[]>()
  for (const [id, print] of prints)
    if (!pinned.has(id)) (groups.get(print) ?? groups.set(print, []).get(print))?.push(id)
  return new Map(
    [...groups.values()]
      .filter(g => g.length > 1)
      .flatMap(g => g.map(id => [id, g[0] ?? id] as const)),
  )
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
function sortedFindings(
  findings: readonly Finding[],
  accepted: Build['choices']['accepted'],
): readonly Finding[] {
  return findings
    .map(f => (accepted[f.id] ? { ...f, accepted: accepted[f.id] ?? null } : f))
    .sort(
      (a, b) =>
        Number(a.accepted !== null) - Number(b.accepted !== null) ||
        gravity(b.verdict) - gravity(a.verdict) ||
        (a.id < b.id ? -1 : a.id > b.id ? 1 : 0),
    )
}

const tally = (findings: readonly Pick<Finding, 'verdict'>[]): Record<Verdict, number> =>
  Object.fromEntries(
    VERDICTS.map(v => [v, findings.filter(f => f.verdict === v).length]),
  ) as Record<Verdict, number>

const openMatters = (
  findings: readonly Pick<Finding, 'stage' | 'verdict' | 'accepted'>[],
): Record<Stage, number> =>
  Object.fromEntries(
    STAGES.map(stage => [
      stage,
      findings.filter(f => f.stage === stage && f.verdict !== 'clear' && !f.accepted).length,
    ]),
  ) as Record<Stage, number>

/** Every plug that a demand without a partner has. */
const looseRows = (s: Situation): HorizonAnalysis['loose'] =>
  s.unmet
    .flatMap(u => u.demand.refs)
    .flatMap(ref => {
      const end = s.ends.get(ref)
      return end?.end.sex === 'plug' && !isMechanical(end.end.face)
        ? [{ plug: ref, label: `${end.end.label} of the ${s.names.get(end.item) ?? end.item}` }]
        : []
    })

function jointRows(
  s: Situation,
  findings: readonly Pick<Finding, 'id' | 'joints'>[],
): readonly JointRow[] {
  const name = (ref: string): string => {
    const end = s.ends.get(ref)
    return `${s.names.get(end?.item ?? '') ?? ''}: ${end?.end.label ?? ''}`
  }
  const about = new Map<string, string>()
  for (const f of findings) for (const id of f.joints) if (!about.has(id)) about.set(id, f.id)
  return [...s.seats, ...s.plugs].map(j => ({
    id: j.id,
    plug: j.a,
    kind: j.kind,
    face: j.face,
    from: name(j.a),
    to: name(j.b),
    items: j.items,
    count: j.count,
    pinned: j.pinned,
    finding: about.get(j.id) ?? null,
  }))
}
