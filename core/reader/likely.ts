// What a field of a kind can be: a value that was read and lies outside is doubtful, whatever words
// it came from.
import { keysOf } from '../parts/paths'
import type { PartKind } from '../parts'
import { fieldAt, formOf, type FormField } from '../forms/form'
import type { DoubtfulField, ReadField, ReadValue } from './notes'

/**
 * Parts the fields of a reading: those that may be so, and those whose value is hardly possible,
 * with why.
 */
export function doubtsOf(
  kind: PartKind | null,
  fields: readonly ReadField[],
): { readonly likely: readonly ReadField[]; readonly unlikely: readonly DoubtfulField[] } {
  const form = kind ? formOf(kind) : []
  const why = new Map(
    fields.flatMap(f => {
      const reason = whyNot(fieldAt(form, keysOf(f.path)), f)
      return reason === null ? [] : [[f, reason] as const]
    }),
  )
  return {
    likely: fields.filter(f => !why.has(f)),
    unlikely: [...why].map(([f, reason]) => ({ ...f, why: reason })),
  }
}

/** Named choice: of no thing that sheets count has a part more. */
const MOST_COUNTED = 32

function whyNot(field: FormField | null, { value, unit }: ReadField): string | null {
  if (field === null) return unit === 'pcs' ? whyNotCounted(value) : null
  if (field.takes === 'figure' && typeof value === 'number') {
    const { least, most } = field.about
    return value < least || value > most ? `mostly ${least} to ${most} ${field.about.unit}` : null
  }
  const isOption = field.takes !== 'choice' || field.options.some(o => o.value === value)
  return isOption ? null : 'none of what it can be'
}

const whyNotCounted = (value: ReadValue): string | null =>
  typeof value === 'number' && (value < 1 || value > MOST_COUNTED)
    ? `mostly 1 to ${MOST_COUNTED}`
    : null
