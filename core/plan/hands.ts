// The room that a hand needs at each plug, and what else stands in it once it is in.
import { isOuter } from '../connectors/connectors'
import { along, reversed } from '../geometry/headings'
import { extentOf, type Extent } from '../geometry/solid'
import { handAt, reachInto } from '../joining/hand-room'
import type { EndOf, Joint } from '../joining/joint'
import { pointOf, stationOf, type Frames } from '../joining/places'
import type { Solid } from '../joining/solids'
import type { PartKind } from '../parts'
import { HAND } from '../standards/hands'
import type { InTheWay } from './way-out'

interface Seated {
  readonly solids: readonly Solid[]
  readonly plugs: readonly Joint[]
  readonly frames: Frames
  readonly ends: ReadonlyMap<string, EndOf>
}

/** What is large enough to keep a hand out. */
const KEEPS_OUT: readonly PartKind[] = ['card', 'cooler', 'fan', 'drive', 'supply']

/** Plugs where a hand finds no room once something else is in. */
export function handsIn(s: Seated): readonly InTheWay[] {
  const there = s.solids
    .filter(o => o.nature === 'body' && o.joint !== null && KEEPS_OUT.includes(o.kind))
    .map(solid => ({ solid, extent: extentOf(solid) }))
  return s.plugs
    .filter(plug => !isOuter(plug.face))
    .flatMap(plug => {
      const hand = handFor(s, plug)
      if (!hand) return []
      return there.flatMap(({ solid, extent }): readonly InTheWay[] => {
        const reach = plug.items.includes(solid.item) ? 0 : reachInto(hand, extent)
        if (reach <= HAND.yields) return []
        return [
          {
            ...{ first: plug.id, then: solid.joint, piece: null, what: solid.what, of: 'hand' },
            items: [plug.items[0], solid.item],
            ...{ mm: reach, tol: 0, assumed: false },
          },
        ]
      })
    })
}

function handFor({ ends, frames, solids }: Seated, plug: Joint): Extent | null {
  const socket = ends.get(plug.b)
  const point = socket && pointOf(frames, socket)
  const frame = socket && frames.get(stationOf(socket))
  if (!point || !frame) return null
  const [way, up] = [along(frame.axes[0]), along(frame.axes[2])]
  const side = sideOf(solids.find(o => o.item === socket.item)?.kind, socket)
  if (side === 'up' || !way) return up && handAt(point, up)
  if (side === 'rear') return handAt(point, reversed(way))
  // Beneath a plug that leaves sideways lies the board: fingers take it from above.
  return handAt(point, way, up)
}

/** Where a plug is drawn from: a drive at its rear, a board upwards or over its front edge. */
function sideOf(kind: PartKind | undefined, { end }: EndOf): 'up' | 'rear' | 'front' {
  if (kind === 'drive') return 'rear'
  return kind === 'board' && end.joinedHeight === 0 ? 'front' : 'up'
}
