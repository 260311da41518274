// The jumpers of a copy: which there are, how each can stand, and how it stands.
import { PLACES_ON_RIBBON } from '../standards/jumpers'
import type { Item } from '.'

/** The one jumper of an old drive: its place on the ribbon. */
export const PLACE_JUMPER = 'place'

export interface JumperOf {
  readonly key: string
  /** Whether its name is printed beside it: a board has several, a drive the one. */
  readonly isPrinted: boolean
  /** What it sets. */
  readonly sets: string
  /** What it can stand for, by what is stored. */
  readonly positions: readonly { readonly key: string; readonly says: string }[]
  /** How it stands on this copy; null where nobody looked. */
  readonly stands: string | null
}

/** Every jumper of an item that a hand may set. */
export function jumpersOf({ part, jumpers }: Item): readonly JumperOf[] {
  if (part.kind === 'drive' && (part.protocol === 'IDE' || part.protocol === 'floppy')) {
    const positions = PLACES_ON_RIBBON.map(key => ({ key, says: key }))
    const about = { key: PLACE_JUMPER, isPrinted: false, sets: 'its place on the ribbon' }
    return [{ ...about, positions, stands: part.jumper ?? null }]
  }
  if (part.kind !== 'board') return []
  return (part.jumpers ?? []).map(({ label, sets, positions }) => ({
    ...{ key: label, isPrinted: true, sets },
    positions: positions.map(({ pins, means }) => ({ key: pins, says: `${pins}: ${means}` })),
    stands: jumpers?.[label] ?? null,
  }))
}
