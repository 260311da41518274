// Where each joined item ends up in the case: frames handed down from seat to seat, ends with
// them.
import { endRef, itemOf } from '../ids/ids'
import { frame, place, within, type Frame, type Vec3 } from '../geometry/space'
import { type EndOf, type Joint } from './joint'

/**
 * Where the origins of items lie in the case: by item, which with several seats is in the first, and
 * by each plug that sits in a seat.
 */
export type Frames = ReadonlyMap<string, Frame>

/** What an end lies in, by its name among frames: its item, or the seat of it where it stays. */
export const stationOf = ({ item, end }: EndOf): string =>
  end.stays === null ? item : endRef(item, end.stays)

const CASE_FRAME = frame([0, 0, 0])

/**
 * Frames for everything that is seated: the case first, then what sits in it, then what sits on
 * that.
 */
export function framesOf(
  cases: readonly string[],
  ends: ReadonlyMap<string, EndOf>,
  seats: readonly Joint[],
): Frames {
  const frames = new Map(cases.map(id => [id, CASE_FRAME]))
  let waiting = [...seats]
  for (let before = Infinity; waiting.length < before;) {
    before = waiting.length
    waiting = waiting.filter(joint => {
      const own = seatFrame(frames, ends, joint)
      const item = itemOf(joint.a)
      if (!own) return true
      frames.set(joint.a, own)
      if (!frames.has(item)) frames.set(item, own)
      return false
    })
  }
  return frames
}

/** The frame of what sits at a joint, or null when its place is not known (yet). */
function seatFrame(frames: Frames, ends: ReadonlyMap<string, EndOf>, joint: Joint): Frame | null {
  const stands = ends.get(joint.a)?.end.standsAt
  if (stands) return stands
  const outer = frames.get(itemOf(joint.b))
  const seat = ends.get(joint.b)?.end.seat
  return outer && seat ? within(outer, seat) : null
}

/** Where an end is in the case, or null when its item is not placed or its place is not stated. */
export function pointOf(frames: Frames, of: EndOf): Vec3 | null {
  const outer = frames.get(stationOf(of))
  return outer && of.end.at ? place(outer, of.end.at) : null
}

/** Where an end's lead leaves its item. */
export function exitOf(frames: Frames, of: EndOf): Vec3 | null {
  const outer = frames.get(stationOf(of))
  return outer && of.end.lead ? place(outer, of.end.lead.exit) : null
}
