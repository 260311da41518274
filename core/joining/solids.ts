// The solids of a machine where its parts sit: each with its faces in the case's frame, and with the
// seats that it rests in, one in the other.
import { groupBy } from '../collections/groups'
import { itemOf, type EndRef } from '../ids/ids'
import { HERE, placedAt, spotIn, type Faces, type Spot } from '../geometry/solid'
import type { Item, PartKind } from '../parts'
import type { PartSolid } from '../parts/bodies/solid'
import type { ItemOf } from '../parts/kind'
import type { Supply } from '../parts/supply-schema'
import { kept } from '../pipeline/kept'
import type { Joint } from './joint'

/** What an item is made of, in its own frame, and where its sockets hold what sits in them. */
export interface Shell {
  readonly id: string
  readonly kind: PartKind
  readonly solids: readonly PartSolid[]
  readonly seats: readonly { readonly ref: EndRef; readonly spot: Spot }[]
  /** The place of the case where it stands, where that is not at what it is plugged into. */
  readonly standsIn?: EndRef
}

/** What things are made of, and the items whose figures limit the space that they have. */
export interface Bodies {
  readonly shells: readonly Shell[]
  /** Cases and coolers. */
  readonly limiting: readonly Item[]
  /** The supplies of which it is stated where their sockets are. */
  readonly supplies: readonly ItemOf<Supply>[]
}

export interface Solid
  extends Faces, Pick<PartSolid, 'key' | 'what' | 'nature' | 'piece' | 'oversize' | 'turned'> {
  /** One a seat of the item: of a kit of modules each module has its own. */
  readonly id: string
  readonly item: string
  readonly kind: PartKind
  /** The joint by which it sits; null for the case. */
  readonly joint: string | null
  /** Sockets whose occupants may touch it. */
  readonly holds: readonly EndRef[]
  /** The sockets it sits in: its own first, then that of what it sits in, up to the case. */
  readonly within: readonly EndRef[]
}

interface Seated {
  readonly spot: Spot
  readonly within: readonly EndRef[]
}

const IN_THE_CASE: Seated = { spot: HERE, within: [] }

/** All solids of what is seated, from the case inwards. */
export function solidsOf(shells: readonly Shell[], seats: readonly Joint[]): readonly Solid[] {
  const shellOf = new Map(shells.map(s => [s.id, s]))
  const spotAt = (socket: EndRef): Spot | undefined =>
    shellOf.get(itemOf(socket))?.seats.find(seat => seat.ref === socket)?.spot
  const stands = new Map(shells.flatMap(s => (s.standsIn ? [[s.id, s.standsIn] as const] : [])))
  const first = new Map<string, Seated>(
    shells.filter(s => s.kind === 'case').map(s => [s.id, IN_THE_CASE]),
  )
  const seatedBy = new Map<string, Seated>()
  let waiting = [...seats]
  for (let before = Infinity; waiting.length < before;) {
    before = waiting.length
    waiting = waiting.filter(joint => {
      const socket = stands.get(joint.items[0]) ?? joint.b
      const outer = first.get(itemOf(socket))
      const spot = spotAt(socket)
      if (!outer || !spot) return true
      const seated = seatedIn(joint.id, outer, spot, socket)
      seatedBy.set(joint.id, seated)
      const item = itemOf(joint.a)
      if (!first.has(item)) first.set(item, seated)
      return false
    })
  }
  const seatsOf = groupBy(seats, joint => joint.items[0])
  return shells.flatMap(shell => {
    if (shell.kind === 'case') return placed(shell.id, shell, null, IN_THE_CASE)
    return (seatsOf.get(shell.id) ?? []).flatMap(joint => {
      const own = seatedBy.get(joint.id)
      return own ? placed(joint.id, shell, joint, own) : []
    })
  })
}

/** Where an item sits by one of its joints: the same again as long as nothing beneath it moves. */
const seatedIn = kept('seated', (outer: Seated, spot: Spot, socket: EndRef): Seated => ({
  spot: spotIn(outer.spot, spot),
  within: [socket, ...outer.within],
}))

/** The solids that an item has by one of its joints; worked out again where the item or its spot moved. */
const placed = kept(
  'placed',
  (shell: Shell, joint: Joint | null, { spot, within }: Seated): readonly Solid[] =>
    shell.solids
      .filter(s => s.by === null || joint?.a === `${shell.id}/${s.by}`)
      .map(s => ({
        ...{
          id: `${joint?.id ?? shell.id}#${s.key}`,
          key: s.key,
          what: s.what,
          nature: s.nature,
          piece: s.piece,
          oversize: s.oversize,
          turned: s.turned || shell.standsIn !== undefined,
        },
        ...{ item: shell.id, kind: shell.kind, joint: joint?.id ?? null, within },
        holds: holdsOf(shell, s),
        ...placedAt(spot, s),
      })),
)

const holdsOf = ({ id, seats }: Shell, { holds }: PartSolid): readonly EndRef[] =>
  holds === 'whatever sits on it'
    ? seats.map(s => s.ref)
    : seats.map(s => s.ref).filter(ref => holds.some(key => ref === `${id}/${key}`))
