// The parts stage as people see it: every item with its state, price, worst verdict and the figures
// it has.
import type { StoredItem } from '../document/build'
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
import { kindOf, PART_KINDS, type Item, type PartKind } from '../parts'
import { at } from '../parts/paths'
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
  /** Null when the horizon does not count the item. */
  readonly verdict: Verdict | null
  readonly findings: readonly string[]
  readonly figures: readonly FigureRow[]
}

export interface PartsSection {
  readonly rows: readonly PartRow[]
  readonly total: number
  readonly left: number
  readonly unpriced: number
}

/**
 * Every figure an item has a place for, with what stands there. Array places are those the part
 * has.
 */
export function figureRows(item: Item): readonly FigureRow[] {
  return [...kindOf(item).figures].flatMap(([pattern, about]) =>
    pathsFor(item.part, pattern.split('.')).map(path => row(item, path, about)),
  )
}

function pathsFor(value: unknown, [head, ...rest]: readonly string[]): readonly string[] {
  if (head === undefined) return ['']
  const glue = (key: string, inner: readonly string[]) =>
    inner.map(p => (p === '' ? key : `${key}.${p}`))
  if (head === '*')
    return Array.isArray(value) ? value.flatMap((v, i) => glue(String(i), pathsFor(v, rest))) : []
  const inner = at(value, head)
  return inner === undefined && rest.length > 0 ? [] : glue(head, pathsFor(inner, rest))
}

function row(item: Item, path: string, about: FigureAbout): FigureRow {
  const figure = readFigure(at(item.part, path) as StoredFigure | undefined, about.unit)
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

/** One row; `own` are the findings about the item, `counted` whether the horizon counts it. */
export function partRow(
  stored: StoredItem,
  item: Item,
  figures: readonly FigureRow[],
  own: readonly Pick<Finding, 'id' | 'verdict' | 'accepted'>[],
  counted: boolean,
): PartRow {
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
    figures,
    verdict: counted ? worst(own.filter(f => !f.accepted).map(f => f.verdict)) : null,
    findings: own.map(f => f.id),
  }
}

export function partsSection(rows: readonly PartRow[]): PartsSection {
  const costs = (r: PartRow): number => r.paid ?? r.price ?? 0
  return {
    rows: [...rows].sort((a, b) => PART_KINDS.indexOf(a.kind) - PART_KINDS.indexOf(b.kind)),
    total: rows.reduce((sum, r) => sum + costs(r), 0),
    left: rows
      .filter(
        r =>
          r.paid === null && (r.state === 'wanted' || r.state === 'later' || r.state === 'ordered'),
      )
      .reduce((sum, r) => sum + costs(r), 0),
    unpriced: rows.filter(r => r.paid === null && r.price === null).length,
  }
}
