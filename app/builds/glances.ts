// Builds are looked at one after the other, so that whatever is done meanwhile goes between.
import type { Glance } from '../../core/stages/glance'
import { ask } from '../desk/remote'

let last: Promise<unknown> = Promise.resolve()

/** Null where nobody looks any more when its turn comes: what is done then does not wait for it. */
export function glanceAt(build: string, isLookedAt: () => boolean): Promise<Glance | null> {
  const next = last.then(() => (isLookedAt() ? ask('glance', build) : null)).catch(() => null)
  last = next
  return next
}
