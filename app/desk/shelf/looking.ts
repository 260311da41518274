// The shelf as it is looked at: its lines, its groups, what the figures of a group range over.
import { quantity } from '../../../core/figures/format'
import type { PartKind } from '../../../core/parts'
import { find, rangesOf, type FacetRange, type Query } from '../../../core/shelf/find'
import { facetsOf, GROUPS, valuesAt } from '../../../core/shelf/groups'
import { sideBySide, type SideRow } from '../../../core/shelf/side-by-side'
import type { Shelf } from './shelf'

/** A part as its line in the table: light enough that all of them go to the page at once. */
export interface ShelfRow {
  readonly id: string
  readonly kind: PartKind
  readonly group: string
  readonly title: string
  readonly maker: string
  readonly model: string
  readonly price: number | null
  readonly own: boolean
  readonly cells: Readonly<Record<string, string>>
}

export const rowsOf = (shelf: Shelf): readonly ShelfRow[] =>
  shelf.index.entries.map(({ part: p, group }) => ({
    id: p.id,
    kind: p.kind,
    group: group.id,
    title: group.title,
    maker: p.maker,
    model: p.model,
    price: p.price ?? null,
    own: shelf.isOwn(p.id),
    cells: Object.fromEntries(
      facetsOf(p.kind).map(f => [
        f.path,
        valuesAt(p, f)
          .map(v => (typeof v === 'number' ? quantity(v, f.unit ?? 'pcs') : v))
          .join(', '),
      ]),
    ),
  }))

export interface GroupCount {
  readonly id: string
  readonly title: string
  readonly kind: PartKind
  readonly count: number
}
export const groupsOf = (shelf: Shelf): readonly GroupCount[] =>
  GROUPS.map(g => ({
    id: g.id,
    title: g.title,
    kind: g.kind,
    count: shelf.index.entries.filter(e => e.group.id === g.id).length,
  }))

export const found = (shelf: Shelf, query: Query): Int32Array =>
  Int32Array.from(find(shelf.index, query))

export function rangesIn(shelf: Shelf, group: string): readonly FacetRange[] {
  const g = GROUPS.find(x => x.id === group)
  return g ? rangesOf(shelf.index, g) : []
}

export const compared = (shelf: Shelf, ids: readonly string[]): readonly SideRow[] =>
  sideBySide(shelf.parts(ids))
