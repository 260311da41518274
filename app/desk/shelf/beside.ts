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

/** Of parts by their ids: whose field is taken, by its path. */
export type Takes = Readonly<Record<string, Readonly<Record<string, Side>>>>

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
export function besideShelf(shelf: Shelf, part: Part, takes: Takes[string] = {}): Part {
  const here = shelf.part(part.id)
  if (here?.kind !== part.kind) return part
  const merged = openPart(mergedWith(here, part, takes), VERSION)
  return isProblem(merged) ? part : merged
}
