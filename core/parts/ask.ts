// What is not known of a part and decides what can be joined to it. Blank is not none: it fits
// nothing and it is asked.
import type { Face } from '../connectors/connectors'

export interface Ask {
  /** The field that would answer it. */
  readonly path: string
  /** What could be there. */
  readonly faces: readonly Face[]
  readonly question: string
  /** Where to look for the answer. */
  readonly take: string
  /** Asked in any case, or only where something else needs what could be there. */
  readonly when: 'always' | 'needed'
}

/** A list that is not known, or of which only a part is. */
export const isOpen = (
  part: { readonly partly?: readonly string[] | undefined },
  path: string,
  list: readonly unknown[] | null | undefined,
): boolean => list === undefined || list === null || part.partly?.includes(path) === true

/** A word that somebody wrote; null where nobody did. */
export const written = (text: string | null | undefined): string | null =>
  text === undefined || text === null || text.trim() === '' ? null : text

/** A field that is blank, as the question that it leaves. */
export const blank = (
  value: unknown,
  path: string,
  faces: readonly Face[],
  asked: { readonly question: string; readonly take: string },
): readonly Ask[] =>
  value === undefined || value === null || value === ''
    ? [{ path, faces, ...asked, when: 'always' }]
    : []
