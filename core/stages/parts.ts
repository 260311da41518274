// The parts stage as people see it: every item with its state, price, worst verdict and the figures
// it has.
import { at } from '../collections/at'
import { pushTo } from '../collections/groups'
import type { StoredItem } from '../document/build'
import { rounded } from '../figures/rounded'
import { budget, storedItems } from '../plan/given'
import { allItems, alone, items } from '../plan/items'
import { stage, stageOfEach } from '../pipeline/stage'
import { summaries } from '../rules/findings'
import type { Finding } from '../rules/finding'
import { toolFor } from '../standards/tools'
import {
  readFigure,
  type Basis,
  type FigureAbout,
  type StoredFigure,
  type Unit,
} from '../figures/units'
import { worst, type Verdict } from '../figures/verdict'
import { notStated, type NotStated } from '../parts/not-stated'
import { kindOf, PART_KINDS, type Item, type PartKind } from '../parts'
import { BEYOND, cutWords } from '../parts/beyond'
import { jumpersOf, type JumperOf } from '../parts/jumpers'
import { piecesOf, type Piece } from '../parts/pieces'
import { uprightPlaceIn } from '../plan/standing'
import { turnsOf, type TurnOf } from '../parts/turned'
import type { Turn } from '../geometry/turn'
import type { MarkedAs } from '../parts/mark'
import { at as valueAt, keysOf } from '../parts/paths'
import { placesOf, type PlaceOf } from '../parts/places'
import { missingOf } from './comes-with'
import { costsOf } from './costs'
import { figureName, type Condition, type State } from '../parts/kind'

export interface FigureRow {
  readonly path: string
  readonly label: string
  readonly unit: Unit
  readonly take: string
  readonly value: number | null
  readonly tol: number
  readonly basis: Basis | null
  readonly likely: readonly [number, number]
  /** What it is taken with. */
  readonly tool: string
}

export interface PartRow {
  readonly id: string
  readonly name: string
  readonly maker: string
  readonly kind: PartKind
  readonly title: string
  readonly state: State
  readonly condition: Condition
  readonly price: number | null
  readonly paid: number | null
  /**
   * What it costs this build: paid, else its price, of a pack its share; null where that is not known,
   * or it is lent.
   */
  readonly costs: number | null
  /** How many are sold together. */
  readonly pack: number | null
  /** Null when the horizon does not count the item. */
  readonly verdict: Verdict | null
  readonly findings: readonly string[]
  readonly figures: readonly FigureRow[]
  /** What of it was taken as usual until somebody looks. */
  readonly notStated: readonly NotStated[]
  /** Its places by name: what can be marked broken or reserved. */
  readonly places: readonly PlaceOf[]
  readonly marked: readonly MarkedPlace[]
  /** What it could be declared to run at beyond its rating; null where it has none. */
  readonly beyond: Beyond | null
  /** Its jumpers, and how they stand. */
  readonly jumpers: readonly JumperOf[]
  /** Of a case the pieces that come out, and whether they are. */
  readonly pieces: readonly (Piece & { readonly out: boolean })[]
  /** The ways in which it could be put in turned about, and the one it is. */
  readonly turns: readonly TurnOf[]
  readonly turned: Turn | null
  /** Whether a card stands upright; null for what does not. */
  readonly upright: boolean | null
  /** What was cut or filed off it, for good. */
  readonly cuts: readonly string[]
}
export interface Beyond {
  readonly label: string
  readonly unit: Unit
  readonly rated: number | null
  /** What was declared; null where it keeps to its rating. */
  readonly runs: number | null
}

/** A place that is marked, as it is told. */
export interface MarkedPlace extends PlaceOf {
  readonly as: MarkedAs
  readonly why: string
}

export interface PartsSection {
  readonly rows: readonly PartRow[]
  readonly total: number
  readonly left: number
  readonly unpriced: number
  /** What the whole may cost, and what is left of that; null where nobody said. */
  readonly budget: { readonly of: number; readonly left: number } | null
  /** What comes with parts and is not in the build. */
  readonly missing: readonly MissingLine[]
}
export interface MissingLine {
  /** The item that it comes with. */
  readonly item: string
  readonly name: string
  readonly count: number
}

/**
 * Every figure an item has a place for, with what stands there. Array places are those the part
 * has.
 */
export function figureRows(item: Item): readonly FigureRow[] {
  return [...kindOf(item).figures].flatMap(([pattern, about]) =>
    pathsFor(item.part, keysOf(pattern)).map(path => row(item, path, about)),
  )
}

function pathsFor(value: unknown, [head, ...rest]: readonly string[]): readonly string[] {
  if (head === undefined) return ['']
  const glue = (key: string, inner: readonly string[]) =>
    inner.map(p => (p === '' ? key : `${key}.${p}`))
  if (head === '*')
    return Array.isArray(value) ? value.flatMap((v, i) => glue(String(i), pathsFor(v, rest))) : []
  const inner = valueAt(value, head)
  return inner === undefined && rest.length > 0 ? [] : glue(head, pathsFor(inner, rest))
}

function row(item: Item, path: string, about: FigureAbout): FigureRow {
  const figure = readFigure(valueAt(item.part, path) as StoredFigure | undefined, about.unit)
  return {
    path,
    label: figureName(item.part, path, about),
    unit: about.unit,
    take: about.take,
    likely: [about.least, about.most],
    value: figure?.value ?? null,
    tol: figure?.tol ?? 0,
    basis: figure?.basis ?? null,
    tool: toolFor(about.unit, figure?.value ?? null, null),
  }
}

/** An item with all that its row tells. */
interface InRow {
  readonly id: string
  readonly stored: StoredItem
  readonly item: Item
  readonly figures: readonly FigureRow[]
  readonly places: readonly PlaceOf[]
  /** The findings about the item. */
  readonly own: readonly Pick<Finding, 'id' | 'verdict' | 'accepted'>[]
  /** Whether the horizon counts it. */
  readonly counted: boolean
  /** Whether a case of the build has a place for upright cards. */
  readonly canStand: boolean
  readonly costs: number | null
}

const figures = stageOfEach(
  'figures',
  { of: allItems, key: i => i.id },
  {},
  (item): readonly FigureRow[] => figureRows(item),
)
const places = stage('places', { allItems, alone }, ({ allItems, alone }) =>
  allItems.map((item, n) =>
    placesOf(
      item,
      at(alone, n).ends.map(e => e.end),
    ),
  ),
)
const inRows = stage(
  'in-rows',
  { storedItems, allItems, items, figures, places, summaries },
  ({ storedItems, allItems, items, figures, places, summaries }): readonly InRow[] => {
    const about = new Map<string, Pick<Finding, 'id' | 'verdict' | 'accepted'>[]>()
    for (const { id, verdict, accepted, parts } of summaries)
      for (const part of new Set(parts)) pushTo(about, part, { id, verdict, accepted })
    const canStand = uprightPlaceIn(items) !== null
    const costs = costsOf(storedItems)
    return storedItems.map((stored, n) => ({
      id: stored.id,
      stored,
      item: at(allItems, n),
      figures: at(figures, n),
      places: at(places, n),
      own: about.get(stored.id) ?? [],
      counted: items.some(i => i.id === stored.id),
      canStand,
      costs: costs.get(stored.id) ?? null,
    }))
  },
)
const rows = stageOfEach('part-row', { of: inRows, key: r => r.id }, {}, r => rounded(rowOf(r)))

const missing = stage('missing', { storedItems }, ({ storedItems }) =>
  missingOf(storedItems).map(({ item, part, count }) => ({ item, name: part.model, count })),
)

/** Every item of the build, whether the horizon counts it or not. */
export const parts = stage('parts', { rows, budget, missing }, ({ rows, budget, missing }) =>
  rounded(partsSection(rows, budget, missing)),
)

function rowOf({ stored, item, figures, places, own, counted, canStand, costs }: InRow): PartRow {
  const kind = kindOf(item)
  return {
    id: item.id,
    name: item.name,
    maker: item.part.maker,
    kind: item.part.kind,
    title: kind.title,
    state: item.state,
    condition: item.condition,
    price: stored.part.price ?? null,
    paid: stored.paid ?? null,
    costs,
    pack: stored.part.pack ?? null,
    figures,
    notStated: notStated(stored.part),
    places,
    marked: markedIn(item, places),
    jumpers: jumpersOf(item),
    pieces: piecesOf(item.part).map(p => ({ ...p, out: item.out?.includes(p.key) === true })),
    turns: turnsOf(item.part),
    turned: item.turned ?? null,
    upright:
      item.part.kind === 'card' && (canStand || item.upright === true)
        ? item.upright === true
        : null,
    beyond: beyondOf(item),
    cuts: (item.cuts ?? []).map(path => cutWords(item.part, path)),
    verdict: counted ? worst(own.filter(f => !f.accepted).map(f => f.verdict)) : null,
    findings: own.map(f => f.id),
  }
}

function beyondOf(item: Item): Beyond | null {
  const path = BEYOND[item.part.kind]
  const about = path === undefined ? undefined : kindOf(item).figures.get(path)
  if (path === undefined || !about) return null
  const valueOf = (stored: unknown): number | null =>
    readFigure(stored as StoredFigure | undefined, about.unit)?.value ?? null
  const here = valueOf(valueAt(item.part, path))
  const isDeclared = item.rated !== undefined
  return {
    label: about.label,
    unit: about.unit,
    rated: isDeclared ? valueOf(item.rated) : here,
    runs: isDeclared ? here : null,
  }
}

/** Every mark, that of a place which its part no longer has among them. */
export const markedIn = ({ marks }: Item, places: readonly PlaceOf[]): readonly MarkedPlace[] =>
  Object.entries(marks ?? {}).map(([key, { as, why }]) => ({
    key,
    label: places.find(p => p.key === key)?.label ?? key,
    as,
    why: why ?? '',
  }))

function partsSection(
  rows: readonly PartRow[],
  budget: number | null,
  missing: readonly MissingLine[],
): PartsSection {
  const costs = (r: PartRow): number => r.costs ?? 0
  const total = rows.reduce((sum, r) => sum + costs(r), 0)
  return {
    rows: [...rows].sort((a, b) => PART_KINDS.indexOf(a.kind) - PART_KINDS.indexOf(b.kind)),
    total,
    budget: budget === null ? null : { of: budget, left: budget - total },
    missing,
    left: rows
      .filter(
        r =>
          r.paid === null && (r.state === 'wanted' || r.state === 'later' || r.state === 'ordered'),
      )
      .reduce((sum, r) => sum + costs(r), 0),
    unpriced: rows.filter(r => r.state !== 'lent' && r.paid === null && r.price === null).length,
  }
}
