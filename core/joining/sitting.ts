// Every place that a part could take, before seats are chosen: from the case inwards.
import { itemOf, type EndRef } from '../ids/ids'
import { frame, within, type Frame } from '../geometry/space'
import { type EndOf } from './joint'
import type { Places, Weighed } from './weigh'

/** One part in a seat of another, as it could be. */
export interface Sitting {
  readonly plug: EndRef
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
    if (candidate && stands) return [{ plug, in: null, seat: stands }]
    const holder = ends.get(socket)
    return candidate && holder?.end.seat ? [{ plug, in: holder.item, seat: holder.end.seat }] : []
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
    for (const { plug, in: holder, seat } of sittings) {
      const outer = holder === null ? [CASE_FRAME] : places.get(holder)
      for (const station of outer ? [plug, itemOf(plug)] : []) {
        if (places.has(station)) continue
        const found = fresh.get(station) ?? []
        fresh.set(station, found)
        found.push(...(outer ?? []).map(f => within(f, seat)))
      }
    }
    for (const [station, frames] of fresh) places.set(station, frames)
  }
  return places
}
