// Where each joined item ends up in the case: frames handed down from seat to seat, bodies and ends with them.
import { frame, place, placeBox, within, type Box, type Frame, type Vec3 } from '../geometry/space'
import { kindOf, type Item } from '../parts'
import { itemOfRef, type EndOf, type Joint } from './joint'

/** A body in the case's frame. A kit of two modules has two. */
export interface Body { readonly id: string; readonly item: string; readonly box: Box }

export interface Places {
  /** One frame an item: where its own origin lies in the case. Items with several seats have the first. */
  readonly frames: ReadonlyMap<string, Frame>
  readonly bodies: readonly Body[]
}

const CASE_FRAME = frame([0, 0, 0])

/** Places everything that is seated, the case first, then what sits in it, then what sits on that. */
export function placesOf(items: readonly Item[], ends: ReadonlyMap<string, EndOf>, seats: readonly Joint[]): Places {
  const frames = new Map<string, Frame>()
  const bodies: Body[] = []
  const byId = new Map(items.map(i => [i.id, i]))
  for (const item of items) {
    if (item.part.kind !== 'case') continue
    frames.set(item.id, CASE_FRAME)
    const box = kindOf(item).body?.(item)
    if (box) bodies.push({ id: item.id, item: item.id, box })
  }
  let waiting = [...seats]
  for (let placed = true; placed; ) {
    placed = false
    const still: Joint[] = []
    for (const joint of waiting) {
      const outer = frames.get(itemOfRef(joint.b))
      const seat = ends.get(joint.b)?.end.seat
      const item = byId.get(itemOfRef(joint.a))
      if (!outer || !item) { still.push(joint); continue }
      placed = true
      if (!seat) continue
      const own = within(outer, seat)
      if (!frames.has(item.id)) frames.set(item.id, own)
      const box = kindOf(item).body?.(item)
      if (box) bodies.push({ id: joint.id, item: item.id, box: placeBox(own, box) })
    }
    waiting = still
  }
  return { frames, bodies }
}

/** Where an end is in the case, or null when its item is not placed or its place is not stated. */
export function pointOf(places: Places, { item, end }: EndOf): Vec3 | null {
  const outer = places.frames.get(item)
  return outer && end.at ? place(outer, end.at) : null
}

/** Where an end's lead leaves its item. */
export function exitOf(places: Places, { item, end }: EndOf): Vec3 | null {
  const outer = places.frames.get(item)
  return outer && end.lead ? place(outer, end.lead.exit) : null
}
