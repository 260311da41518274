// The side of each modular supply that its sockets are on, as it lies in the case.
import { INWARD, type Wall } from '../case/air'
import { extentOf, nominalBox, type Extent } from '../geometry/solid'
import type { Frames } from '../joining/places'
import type { Solid } from '../joining/solids'
import { onSide, plugSideOf, type PlugSide } from '../laying/plug-field'
import { isKind } from '../parts'
import type { Supply } from '../parts/supply-schema'
import { stage } from '../pipeline/stage'
import { handAt, reachInto } from './hands'
import { plainItems } from './items'
import { frames, solids } from './joints'
import { supplyFans } from './supply-fans'
import { along } from './way-out'

type Socket = NonNullable<Supply['sockets']>[number]
/** A socket of a supply: where on its side, where in the case, and what a hand lacks there, mm. */
export interface SocketOnSide {
  readonly key: string
  readonly label: string
  readonly onSide: readonly [across: number, up: number]
  readonly at: readonly [number, number, number]
  readonly lacks: number
}
export interface SideOfPlugs {
  readonly side: PlugSide
  /** The wall that its fan looks at, which is below as one looks at the plugs; null without one. */
  readonly fan: Wall | null
  readonly sockets: readonly SocketOnSide[]
}

/** By supply; none where it is not known how it lies, or where one of its sockets is. */
export const plugSides = stage(
  'plug-sides',
  { plainItems, frames, solids, supplyFans },
  (s): ReadonlyMap<string, SideOfPlugs> =>
    new Map(
      s.plainItems.filter(isKind('supply')).flatMap(({ id, part: { sockets = [] } }) => {
        const places = sockets.flatMap(({ at, ...socket }) => (at ? [{ ...socket, at }] : []))
        const side = places.length === sockets.length && places.length > 0 ? sideOf(id, s) : null
        if (!side) return []
        const bodies = s.solids
          .filter(o => o.nature === 'body' && o.item !== id)
          .map(o => extentOf(o))
        const there = places.map(socket => socketOn(side, socket, bodies))
        return [[id, { side, fan: s.supplyFans.get(id) ?? null, sockets: there }] as const]
      }),
    ),
)

interface Placed {
  readonly frames: Frames
  readonly solids: readonly Solid[]
  readonly supplyFans: ReadonlyMap<string, Wall>
}

/** The side away from the wall that it is screwed to; its fan, or else its underside, is below. */
function sideOf(supply: string, { frames, solids, supplyFans }: Placed): PlugSide | null {
  const frame = frames.get(supply)
  const body = solids.find(o => o.item === supply && o.key === 'supply')
  if (!frame || !body) return null
  const fan = supplyFans.get(supply)
  return plugSideOf(nominalBox(body), frame.axes[0], fan ? INWARD[fan] : frame.axes[2])
}

function socketOn(
  side: PlugSide,
  { key, label, at }: Socket & { readonly at: readonly [number, number] },
  bodies: readonly Extent[],
): SocketOnSide {
  const place = onSide(side, at)
  const out = along(side.axes[2])
  const hand = out && handAt(place, out)
  const lacks = hand ? bodies.map(body => Math.max(0, reachInto(hand, body))) : []
  return { key, label, onSide: at, at: place, lacks: Math.max(0, ...lacks) }
}
