// Parts side by side: every field that any of them states, those that differ marked.
import type { Part } from '../parts'
import { KINDS } from '../parts'
import { figureName, patternOf } from '../parts/kind'
import { quantity, tolerance } from '../figures/format'
import { labelOfField } from '../reader/labels'
import { CONNECTORS, type PlugFace } from '../connectors/connectors'
import { readFigure, type StoredFigure } from '../figures/units'

/** At most so many are laid side by side: more do not fit a screen. */
export const MOST_COMPARED = 4

export interface SideRow { readonly path: string; readonly label: string; readonly cells: readonly string[]; readonly differs: boolean }

/** Every field of up to four parts as text, in the order in which the first states them. */
export function sideBySide(parts: readonly Part[]): readonly SideRow[] {
  const flat = parts.slice(0, MOST_COMPARED).map(flatten)
  const paths = [...new Set(flat.flatMap(f => [...f.keys()]))]
  return paths.map(path => {
    const cells = flat.map(f => f.get(path)?.text ?? '–')
    return { path, label: flat.flatMap(f => f.get(path)?.label ?? [])[0] ?? path, cells, differs: new Set(cells).size > 1 }
  })
}

interface Cell { readonly label: string; readonly text: string }
const SKIPPED = new Set(['id', 'kind', 'pages', 'at', 'axes', 'min', 'max', 'key', 'pins', 'places'])

function flatten(part: Part): ReadonlyMap<string, Cell> {
  const cells = new Map<string, Cell>()
  const { figures } = KINDS[part.kind]
  const walk = (value: unknown, path: readonly string[]): void => {
    const at = path.join('.')
    const about = figures.get(patternOf(at))
    if (about) {
      const figure = readFigure(value as StoredFigure, about.unit)
      cells.set(at, { label: figureName(part, at, about), text: figure ? `${quantity(figure.value, about.unit)}${figure.basis === 'assumed' ? ` assumed ${tolerance(figure.tol, about.unit)}` : ''}` : 'not stated' })
      return
    }
    if (value === null || value === undefined) return
    if (Array.isArray(value)) {
      if (value.every(v => typeof v !== 'object')) { if (value.length > 0) cells.set(at, { label: labelOfField(part.kind, at), text: value.join(', ') }); return }
      cells.set(at, { label: labelOfField(part.kind, at), text: countsOf(value) })
      return
    }
    if (typeof value === 'object') { for (const [key, inner] of Object.entries(value)) if (!SKIPPED.has(key)) walk(inner, [...path, key]); return }
    cells.set(at, { label: labelOfField(part.kind, at), text: value === true ? 'yes' : value === false ? 'no' : nameOf(value) })
  }
  for (const [key, value] of Object.entries(part)) if (!SKIPPED.has(key)) walk(value, [key])
  return cells
}


/** A connector by its name, anything else as it is. */
const nameOf = (value: unknown): string => (typeof value === 'string' && value in CONNECTORS ? CONNECTORS[value as PlugFace].name : String(value))

/** A list of things as counts of what tells them apart: "4 × SATA data, 2 × 4-wire fan". */
function countsOf(list: readonly unknown[]): string {
  const namesOf = (one: unknown): readonly string[] => {
    const o = one as Readonly<Record<string, unknown>>
    if (Array.isArray(o['plugs'])) return (o['plugs'] as readonly unknown[]).flatMap(namesOf)
    return [nameOf(o['face'] ?? o['size'] ?? o['piece'] ?? o['processor'] ?? o['label'] ?? 'one')]
  }
  const names = list.flatMap(namesOf)
  return [...new Set(names)].map(n => { const count = names.filter(x => x === n).length; return count > 1 ? `${count} × ${n}` : n }).join(', ')
}
