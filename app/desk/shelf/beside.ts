// Parts of a file beside those of the same ids on the shelf: what differs, and what is kept.
import { isProblem } from '../../../core/document/command'
import { VERSION } from '../../../core/document/file'
import { openPart } from '../../../core/document/open'
import type { Part } from '../../../core/parts'
import {
  differencesOf,
  mergedWith,
  proposed,
  type FieldDifference,
  type Side,
} from '../../../core/shelf/differences'
import type { Shelf } from './shelf'

/** Whose fields are taken: of parts by their ids, by the field’s path; and of all others. */
export interface Takes {
  readonly of: Readonly<Record<string, Readonly<Record<string, Side>>>>
  /** Null: each as it is proposed. */
  readonly all: Side | null
}
export const AS_PROPOSED: Takes = { of: {}, all: null }

/** One part that is here otherwise, field by field, with the side that is proposed. */
export interface PartDifferences {
  readonly id: string
  readonly name: string
  readonly fields: readonly (FieldDifference & { readonly proposed: Side })[]
}

export const differencesWith = (shelf: Shelf, parts: readonly Part[]): readonly PartDifferences[] =>
  parts.flatMap(part => {
    const here = shelf.part(part.id)
    const fields = here?.kind === part.kind ? differencesOf(here, part) : []
    if (fields.length === 0) return []
    const name = `${part.maker} ${part.model}`.trim()
    return [{ id: part.id, name, fields: fields.map(f => ({ ...f, proposed: proposed(f) })) }]
  })

/**
 * A part that comes in, as it is kept: one that is here otherwise with the fields that are taken, any
 * other as it is. What makes no part together comes in as the file has it.
 */
export function besideShelf(shelf: Shelf, part: Part, takes: Takes = AS_PROPOSED): Part {
  const here = shelf.part(part.id)
  if (here?.kind !== part.kind) return part
  const merged = openPart(mergedWith(here, part, takes.of[part.id] ?? {}, takes.all), VERSION)
  return isProblem(merged) ? part : merged
}
