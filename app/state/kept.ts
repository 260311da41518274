// What this browser kept when it was last seen, remembered beside the store: one that was emptied begins
// like a first visit and says nothing of what it held.
import type { DeskState } from '../desk/acts'

/** Builds that a person worked on, by their ids. */
export type Remembered = Readonly<Record<string, string>>
type Place = Pick<Storage, 'getItem' | 'setItem'>

const KEY = 'juntura-kept'
/** Named choice: so many names are told. */
const NAMES = 3

/** Looks at what the store holds: at the first look whether it was emptied, then remembers it. */
export function looking(tell: (sentence: string) => void, place: Place | null) {
  // Read before the store is: what another window keeps between the two is in neither of them.
  const before = place ? rememberedIn(place) : {}
  let wasEmptied: boolean | null = null
  return (state: DeskState): void => {
    if (!place) return
    if (wasEmptied === null) {
      const sentence = emptied(state, before)
      wasEmptied = sentence !== null
      if (sentence !== null) tell(sentence)
    }
    // What was lost is remembered until something is kept again.
    if (!wasEmptied || ownOf(state).length > 0) remember(state, place)
  }
}

/** Where a browser remembers beside its store; null where it lets nobody do so. */
export function placeBeside(): Place | null {
  try {
    return globalThis.localStorage
  } catch {
    return null
  }
}

const ownOf = ({ builds, bin }: DeskState) => [...builds.filter(b => !b.demo), ...bin]

/** Remembers what is kept now. */
export function remember(state: DeskState, place: Place): void {
  const kept: Remembered = Object.fromEntries(ownOf(state).map(b => [b.id, b.name]))
  try {
    place.setItem(KEY, JSON.stringify(kept))
  } catch {
    // Without room beside the store nothing is remembered; what is kept in it is as safe as before.
  }
}

/** What to say where nothing of what was remembered is there any more; null where all is well. */
export function emptied(state: DeskState, before: Remembered): string | null {
  const names = Object.values(before)
  if (names.length === 0 || ownOf(state).some(b => b.id in before)) return null
  const named = names.slice(0, NAMES).join(', ')
  const more = names.length > NAMES ? ` and ${names.length - NAMES} more` : ''
  return (
    `This browser no longer holds what was kept in it (${named}${more}): its store was emptied, by ` +
    'the browser or by hand. Open the file that you saved last; Juntura begins anew otherwise.'
  )
}

/** What was kept when it was last remembered. */
export function rememberedIn(place: Place): Remembered {
  try {
    const found: unknown = JSON.parse(place.getItem(KEY) ?? '{}')
    const entries = typeof found === 'object' && found !== null ? Object.entries(found) : []
    return Object.fromEntries(entries.map(([id, name]) => [id, String(name)]))
  } catch {
    return {}
  }
}
