// Every place that a part could take, before seats are chosen: from the case inwards.
import { itemOf } from '../ids/ids'
import { frame, within, type Frame } from '../geometry/space'
import { type EndOf } from './joint'
import type { Places, Weighed } from './weigh'

/** One part in a seat of another, as it could be. */
export interface Sitting {
  readonly item: string
  /** What holds it; null where its frame is already the case's own. */
  readonly in: string | null
  readonly seat: Frame
}
export const sittingsOf = (
  weighed: readonly Weighed[],
  ends: ReadonlyMap<string, EndOf>,
): readonly Sitting[] =>
  weighed.flatMap(({ candidate, plug, socket }): readonly Sitting[] => {
    const stands = ends.get(plug)?.end.standsAt
    if (candidate && stands) return [{ item: itemOf(plug), in: null, seat: stands }]
    const holder = ends.get(socket)
    return candidate && holder?.end.seat
      ? [{ item: itemOf(plug), in: holder.item, seat: holder.end.seat }]
      : []
  })

const CASE_FRAME = frame([0, 0, 0])

/** Every way each part could sit, from the case inwards. */
export function placesOf(cases: readonly string[], sittings: readonly Sitting[]): Places {
  const places = new Map<string, readonly Frame[]>(cases.map(id => [id, [CASE_FRAME]]))
  // Parts sit in parts that sit in the case: as deep as that goes, and never deeper than there are
  // parts.
  for (let before = -1; places.size > before;) {
    before = places.size
    const fresh = new Map<string, Frame[]>()
    for (const { item, in: holder, seat } of sittings) {
      const outer = holder === null ? [CASE_FRAME] : places.get(holder)
      if (!outer || places.has(item)) continue
      const found = fresh.get(item) ?? []
      fresh.set(item, found)
      found.push(...outer.map(f => within(f, seat)))
    }
    for (const [item, frames] of fresh) places.set(item, frames)
  }
  return places
}
