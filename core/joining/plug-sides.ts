// The side of each modular supply that its sockets are on, as it lies in the case.
import { INWARD, type Wall } from '../case/air'
import { along } from '../geometry/headings'
import { extentOf, nominalBox, type Extent } from '../geometry/solid'
import { isKind } from '../parts'
import { socketsInPlace, type SocketInPlace } from '../parts/supply-sockets'
import { kept } from '../pipeline/kept'
import { handAt, reachInto } from './hand-room'
import type { Joint } from './joint'
import type { Frames } from './places'
import {
  NO_SIDES,
  onSide,
  plugSideOf,
  type PlugSide,
  type PlugSides,
  type SocketOnSide,
} from './plug-field'
import { solidsOf, type Bodies, type Solid } from './solids'
import { supplyFansIn } from './supply-mouths'

/** The sides of plugs for one choice of seats. */
export const plugSidesAt = kept(
  'plug-sides',
  ({ supplies, shells, limiting }: Bodies, seats: readonly Joint[], frames: Frames): PlugSides => {
    if (supplies.length === 0) return NO_SIDES
    const solids = solidsOf(shells, seats)
    const seated = { items: supplies, seats, frames, solids }
    const fans = supplyFansIn(seated, limiting.filter(isKind('case')))
    return new Map(
      supplies.flatMap(({ id, part }) => {
        const fan = fans.get(id) ?? null
        const side = sideOf(id, fan, { frames, solids })
        if (!side) return []
        const bodies = solids
          .filter(o => o.nature === 'body' && o.item !== id)
          .map(o => extentOf(o))
        const sockets = socketsInPlace(part).map(socket => socketOn(side, socket, bodies))
        return [[id, { side, fan, sockets }] as const]
      }),
    )
  },
)

interface Placed {
  readonly frames: Frames
  readonly solids: readonly Solid[]
}

/** The side away from the wall that it is screwed to; its fan, or else its underside, is below. */
function sideOf(supply: string, fan: Wall | null, { frames, solids }: Placed): PlugSide | null {
  const frame = frames.get(supply)
  const body = solids.find(o => o.item === supply && o.key === 'supply')
  if (!frame || !body) return null
  return plugSideOf(nominalBox(body), frame.axes[0], fan ? INWARD[fan] : frame.axes[2])
}

function socketOn(
  side: PlugSide,
  { key, label, at }: SocketInPlace,
  bodies: readonly Extent[],
): SocketOnSide {
  const place = onSide(side, at)
  const out = along(side.axes[2])
  const hand = out && handAt(place, out)
  const lacks = hand ? bodies.map(body => Math.max(0, reachInto(hand, body))) : []
  return { key, label, onSide: at, at: place, lacks: Math.max(0, ...lacks) }
}
