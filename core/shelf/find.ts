// Finding a part: words anywhere in its name and its figures, a group, bounds on what matters, an
// order. Fast enough for every keystroke.
import { compare } from '../collections/compare'
import type { Part, PartKind } from '../parts'
import { facetsOf, groupOf, valuesAt, type ShownFacet, type Group } from './groups'

/** A part made ready to be found: what it says as one text, and the values that matter. */
interface Entry {
  readonly part: Part
  readonly group: Group
  readonly text: string
  readonly values: ReadonlyMap<string, readonly (string | number)[]>
}
export interface ShelfIndex {
  readonly entries: readonly Entry[]
}

export interface Bound {
  readonly path: string
  readonly least?: number | null | undefined
  readonly most?: number | null | undefined
  readonly words?: readonly string[] | undefined
}
export interface Query {
  readonly text: string
  readonly kind: PartKind | null
  readonly group: string | null
  readonly bounds: readonly Bound[]
  readonly sort: string
  readonly down: boolean
}
export const EVERYTHING: Query = {
  text: '',
  kind: null,
  group: null,
  bounds: [],
  sort: 'name',
  down: false,
}

const plain = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()

function entryOf(part: Part): Entry {
  const group = groupOf(part)
  const values = new Map(facetsOf(part.kind).map(f => [f.path, valuesAt(part, f)] as const))
  return {
    part,
    group,
    values,
    text: plain(
      [group.title, part.maker, part.model, ...[...values.values()].flat(), part.note ?? ''].join(
        ' ',
      ),
    ),
  }
}

/** Entries of parts that were there before are kept: a changed shelf is indexed by what changed. */
export function indexOf(parts: readonly Part[], before: ShelfIndex | null = null): ShelfIndex {
  const known = new Map(before?.entries.map(e => [e.part, e]))
  return { entries: parts.map(p => known.get(p) ?? entryOf(p)) }
}

function meets({ values }: Entry, { path, least, most, words }: Bound): boolean {
  const own = values.get(path) ?? []
  if (words && words.length > 0 && !own.some(v => words.includes(String(v)))) return false
  if ((least === null || least === undefined) && (most === null || most === undefined)) return true
  return own.some(
    v => typeof v === 'number' && v >= (least ?? -Infinity) && v <= (most ?? Infinity),
  )
}

const nameOf = ({ part }: Entry): string => `${part.maker} ${part.model}`.toLowerCase()

/**
 * Places in the index of what is asked for, in the order asked for. What has no value there comes
 * last, either way round. O(n log n).
 */
export function find(
  { entries }: ShelfIndex,
  { text, kind, group, bounds, sort, down }: Query,
): readonly number[] {
  const words = plain(text).split(/\s+/).filter(Boolean)
  const found = entries.flatMap((e, i) =>
    (kind === null || e.part.kind === kind) &&
    (group === null || e.group.id === group) &&
    words.every(w => e.text.includes(w)) &&
    bounds.every(b => meets(e, b))
      ? [i]
      : [],
  )
  const keys = new Map(found.map(i => [i, keyOf(entries[i], sort)]))
  return found.sort((a, b) => {
    const [x, y] = [keys.get(a) ?? null, keys.get(b) ?? null]
    if (x === null || y === null) return Number(x === null) - Number(y === null) || a - b
    return (down ? compare(y, x) : compare(x, y)) || a - b
  })
}

function keyOf(e: Entry | undefined, sort: string): string | number | null {
  if (!e) return null
  if (sort === 'name') return nameOf(e)
  if (sort === 'group') return `${e.group.title} ${nameOf(e)}`
  if (sort === 'price') return e.part.price ?? null
  return e.values.get(sort)?.[0] ?? null
}

/** What the parts of a group say at each facet: the words there are, or the least and the most. */
export interface FacetRange {
  readonly facet: ShownFacet
  readonly words: readonly string[]
  readonly least: number | null
  readonly most: number | null
}
export function rangesOf({ entries }: ShelfIndex, group: Group): readonly FacetRange[] {
  const own = entries.filter(e => e.group.id === group.id)
  return facetsOf(group.kind).map(facet => {
    const values = own.flatMap(e => e.values.get(facet.path) ?? [])
    const numbers = values.filter((v): v is number => typeof v === 'number')
    return {
      facet,
      words: facet.takes === 'words' ? [...new Set(values.map(String))].sort() : [],
      least: numbers.length > 0 ? Math.min(...numbers) : null,
      most: numbers.length > 0 ? Math.max(...numbers) : null,
    }
  })
}
