// How parts are grouped for those who look for one, and which of their figures and words matter
// then.
import { type Part, type PartKind, KINDS, PART_KINDS, specOf } from '../parts'
import type { Facet } from '../parts/facets'
import { at } from '../parts/paths'
import { readFigure, type StoredFigure, type Unit } from '../figures/units'

/** A thing to look for: a kind, or those of a kind that do one thing. */
export interface Group {
  readonly id: string
  readonly title: string
  readonly kind: PartKind
  readonly of: (part: Part) => boolean
}

const all = (kind: PartKind): Group => ({
  id: kind,
  title: KINDS[kind].title,
  kind,
  of: p => p.kind === kind,
})
export const GROUPS: readonly Group[] = PART_KINDS.flatMap(kind => {
  const groups = specOf(kind).groups?.map((group): Group => ({
    ...group,
    kind,
    of: p => p.kind === kind && group.of(p),
  }))
  return groups ?? [all(kind)]
})
export const groupOf = (part: Part): Group => GROUPS.find(g => g.of(part)) ?? all(part.kind)

/** What a kind is chosen by, with the names and units of its figures. */
export const facetsOf = (kind: PartKind): readonly ShownFacet[] =>
  specOf(kind).facets.map(facet => {
    const about = specOf(kind).figures.get(facet.path)
    const label = facet.label ?? about?.label ?? facet.path
    return { ...facet, label, unit: facet.unit ?? about?.unit ?? null }
  })
export interface ShownFacet extends Facet {
  readonly label: string
}

/** What a part has at a facet: words, or one number; none where it does not say. */
export function valuesAt(part: Part, facet: Facet): readonly (string | number)[] {
  const [list, inside] = facet.path.split('.*.')
  const found =
    list !== undefined && inside !== undefined
      ? ((at(part, list) ?? []) as readonly unknown[]).map(one => at(one, inside))
      : [at(part, facet.path)]
  const said = (v: unknown): readonly (string | number)[] =>
    facet.takes === 'words' ? wordsOf(v) : numberOf(v, facet.unit)
  return [...new Set(found.flatMap(said))]
}

function wordsOf(value: unknown): readonly string[] {
  if (Array.isArray(value)) return value.map(String)
  if (typeof value === 'boolean') return [value ? 'yes' : 'no']
  return typeof value === 'string' || typeof value === 'number' ? [String(value)] : []
}

function numberOf(value: unknown, unit: Unit | null): readonly number[] {
  if (typeof value === 'number') return [value]
  const figure = unit === null ? null : readFigure(value as StoredFigure, unit)
  return figure ? [figure.value] : []
}
