// What rules look at: the items of one horizon, their ends, the joints chosen, where everything
// lies.
import type { Build } from '../document/build'
import type { EndOf, Joint, Unmet } from '../joining/joint'
import type { Body, Frames } from '../joining/places'
import type { Load } from '../power/loads'
import type { LaidLead } from '../laying/leads'
import type { Layout } from '../case/layout'
import { isKind, type Item, type PartKind, type PartOf } from '../parts'
import type { ItemOf } from '../parts/kind'

export interface Situation {
  readonly items: readonly Item[]
  readonly names: ReadonlyMap<string, string>
  readonly ends: ReadonlyMap<string, EndOf>
  readonly seats: readonly Joint[]
  readonly plugs: readonly Joint[]
  readonly unmet: readonly Unmet[]
  readonly frames: Frames
  readonly bodies: readonly Body[]
  readonly layout: Layout | null
  readonly loads: readonly Load[]
  readonly leads: readonly LaidLead[]
  readonly choices: Build['choices']
  /** Tasks that make no joint and are made: `task:…`. */
  readonly done: readonly string[]
}

export const every = <K extends PartKind>(
  s: Pick<Situation, 'items'>,
  kind: K,
): readonly ItemOf<PartOf[K]>[] => s.items.filter(isKind(kind))
export const joints = (s: Situation): readonly Joint[] => [...s.seats, ...s.plugs]

/** Pairs of items that a joint of one face connects, plug's item first. */
export function joinedBy<A extends PartKind, B extends PartKind>(
  s: Situation,
  face: string,
  a: A,
  b: B,
): readonly {
  readonly joint: Joint
  readonly plug: ItemOf<PartOf[A]>
  readonly socket: ItemOf<PartOf[B]>
}[] {
  return joints(s)
    .filter(j => j.face === face)
    .flatMap(joint => {
      const plug = every(s, a).find(i => i.id === joint.items[0])
      const socket = every(s, b).find(i => i.id === joint.items[1])
      return plug && socket ? [{ joint, plug, socket }] : []
    })
}
