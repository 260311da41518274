// Parts side by side: every field that any of them states, those that differ marked.
import { type Part, KINDS } from '../parts'
import { figureName, patternOf } from '../parts/kind'
import { quantity, tolerance } from '../figures/format'
import { labelOfField } from '../reader/labels'
import { CONNECTORS, type PlugFace } from '../connectors/connectors'
import { readFigure, type Figure, type StoredFigure, type Unit } from '../figures/units'
import { groupBy } from '../collections/groups'

/** At most so many are laid side by side: more do not fit a screen. */
export const MOST_COMPARED = 4

export interface SideRow {
  readonly path: string
  readonly label: string
  readonly cells: readonly string[]
  readonly differs: boolean
}

/** Every field of up to four parts as text, in the order in which the first states them. */
export function sideBySide(parts: readonly Part[]): readonly SideRow[] {
  const flat = parts.slice(0, MOST_COMPARED).map(flatten)
  const paths = [...new Set(flat.flatMap(f => [...f.keys()]))]
  return paths.map(path => {
    const cells = flat.map(f => f.get(path)?.text ?? '–')
    return {
      path,
      label: flat.flatMap(f => f.get(path)?.label ?? [])[0] ?? path,
      cells,
      differs: new Set(cells).size > 1,
    }
  })
}

interface Cell {
  readonly label: string
  readonly text: string
}
const SKIPPED = new Set([
  'id',
  'kind',
  'pages',
  'at',
  'axes',
  'min',
  'max',
  'key',
  'pins',
  'places',
])

function flatten(part: Part): ReadonlyMap<string, Cell> {
  const cells = new Map<string, Cell>()
  const { figures } = KINDS[part.kind]
  const inside = (value: object, path: readonly string[]): void => {
    for (const [key, inner] of Object.entries(value))
      if (!SKIPPED.has(key)) walk(inner, [...path, key])
  }
  const walk = (value: unknown, path: readonly string[]): void => {
    const at = path.join('.')
    const about = figures.get(patternOf(at))
    if (about) {
      const text = figureText(readFigure(value as StoredFigure, about.unit), about.unit)
      cells.set(at, { label: figureName(part, at, about), text })
    } else if (typeof value === 'object' && value !== null && !Array.isArray(value))
      inside(value, path)
    else {
      const text = textOf(value)
      if (text !== null) cells.set(at, { label: labelOfField(part.kind, at), text })
    }
  }
  inside(part, [])
  return cells
}

function figureText(figure: Figure | null, unit: Unit): string {
  if (!figure) return 'not stated'
  const text = quantity(figure.value, unit)
  return figure.basis === 'assumed' ? `${text} assumed ${tolerance(figure.tol, unit)}` : text
}

/** A value in words; null for what says nothing. */
function textOf(value: unknown): string | null {
  if (value === null || value === undefined) return null
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (!Array.isArray(value)) return nameOf(value)
  if (value.some(v => typeof v === 'object')) return countsOf(value)
  return value.length > 0 ? value.join(', ') : null
}

/** A connector by its name, anything else as it is. */
const nameOf = (value: unknown): string =>
  typeof value === 'string' && value in CONNECTORS
    ? CONNECTORS[value as PlugFace].name
    : String(value)

/** What tells the things of a list apart, the most telling first. */
const TELLING = ['face', 'size', 'piece', 'processor', 'label'] as const

function namesOf(one: unknown): readonly string[] {
  const fields = one as Readonly<Record<string, unknown>>
  if (Array.isArray(fields['plugs']))
    return (fields['plugs'] as readonly unknown[]).flatMap(namesOf)
  return [nameOf(TELLING.map(key => fields[key]).find(v => v !== undefined && v !== null) ?? 'one')]
}

/** A list of things as counts of what tells them apart: "4 × SATA data, 2 × 4-wire fan". */
function countsOf(list: readonly unknown[]): string {
  const groups = groupBy(list.flatMap(namesOf), name => name)
  return [...groups]
    .map(([name, all]) => (all.length > 1 ? `${all.length} × ${name}` : name))
    .join(', ')
}
