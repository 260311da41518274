// What a field of a part says, in words.
import { CONNECTORS, type PlugFace } from '../connectors/connectors'
import { quantity, tolerance } from '../figures/format'
import type { Figure, Unit } from '../figures/units'
import { groupBy } from '../collections/groups'

export function figureText(figure: Figure | null, unit: Unit): string {
  if (!figure) return 'not stated'
  const text = quantity(figure.value, unit)
  return figure.basis === 'assumed' ? `${text} assumed ${tolerance(figure.tol, unit)}` : text
}

/** A value in words; null for what says nothing. */
export function textOf(value: unknown): string | null {
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
