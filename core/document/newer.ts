// When the shelf's part is otherwise than the snapshot in a build: told, and taken over without
// what belongs to the copy.
import type { Part } from '../parts'

/**
 * The shelf's part for a copy: what is true of this very copy stays with it, such as the firmware
 * that is on it.
 */
export function asOnShelf(own: Part, shelf: Part): Part {
  if (own.kind !== 'board' || shelf.kind !== 'board' || !shelf.firmware) return shelf
  const { version: _shelfs, ...firmware } = shelf.firmware
  const version = own.firmware?.version
  return { ...shelf, firmware: version === undefined ? firmware : { ...firmware, version } }
}

/**
 * Whether the shelf knows a part otherwise than this snapshot of it. The order of fields does not
 * count.
 */
export const isNewer = (own: Part, shelf: Part): boolean =>
  sorted(asOnShelf(own, shelf)) !== sorted(own)

const kept = new WeakMap<object, string>()
function sorted(part: Part): string {
  const known =
    kept.get(part) ??
    JSON.stringify(part, (_, value: unknown) =>
      typeof value === 'object' && value !== null && !Array.isArray(value)
        ? Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)))
        : value,
    )
  kept.set(part, known)
  return known
}
