// Parts side by side: every field that any of them states, those that differ marked.
import { type Part, KINDS } from '../parts'
import { figureName, patternOf } from '../parts/kind'
import { labelOfField } from '../reader/labels'
import { readFigure, type StoredFigure } from '../figures/units'
import { figureText, textOf } from './field-text'

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
