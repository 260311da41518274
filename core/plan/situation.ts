// The plan as a whole, for those who look at all of it: rules look at what they name, remedies and
// the order by hand at everything.
import type { Joint } from '../joining/joint'
import { isKind, type PartKind, type PartOf } from '../parts'
import type { ItemOf } from '../parts/kind'
import type { Member } from '../parts/end'
import type { ValuesOf } from '../pipeline/stage'
import { leftOpen, school } from './given'
import { ends, items, layout, names } from './items'
import { frames, loads, outlines, plugs, seats, solids, tasksDone, unmet } from './joints'
import { leads } from './leads'

/** The stages of the plan that others are made from. */
export const PLAN = {
  items,
  names,
  ends,
  outlines,
  seats,
  plugs,
  unmet,
  frames,
  solids,
  layout,
  loads,
  leads,
  leftOpen,
  school,
  tasksDone,
} as const
export type Situation = ValuesOf<typeof PLAN>

/** The joints between items; and where everything sits. */
export const JOINED = { items, seats, plugs } as const
export type Joined = ValuesOf<typeof JOINED>
export const SEATED = { ...JOINED, frames } as const
export type Seated = ValuesOf<typeof SEATED>

export const every = <K extends PartKind>(
  s: Pick<Situation, 'items'>,
  kind: K,
): readonly ItemOf<PartOf[K]>[] => s.items.filter(isKind(kind))

export const joints = (s: Pick<Situation, 'seats' | 'plugs'>): readonly Joint[] => [
  ...s.seats,
  ...s.plugs,
]

/** A joint between items of two kinds. */
export interface JoinedPair<A extends PartKind, B extends PartKind> {
  readonly joint: Joint
  readonly plug: ItemOf<PartOf[A]>
  readonly socket: ItemOf<PartOf[B]>
}

/** The member of a list of the socket's part that a joint goes to; of the plug's part likewise. */
type Members<T> = readonly T[] | null | undefined
export const socketIn = <T>(joint: Joint, list: string, members: Members<T>): T | undefined =>
  memberIn(joint.members[1], list, members)
export const plugIn = <T>(joint: Joint, list: string, members: Members<T>): T | undefined =>
  memberIn(joint.members[0], list, members)
const memberIn = <T>(from: Member | null, list: string, members: Members<T>): T | undefined =>
  from?.list === list ? members?.[from.index] : undefined

/** Pairs of items that a joint of one face connects, plug's item first. */
export function joinedBy<A extends PartKind, B extends PartKind>(
  s: Joined,
  face: string,
  a: A,
  b: B,
): readonly JoinedPair<A, B>[] {
  return joints(s)
    .filter(j => j.face === face)
    .flatMap(joint => {
      const plug = every(s, a).find(i => i.id === joint.items[0])
      const socket = every(s, b).find(i => i.id === joint.items[1])
      return plug && socket ? [{ joint, plug, socket }] : []
    })
}
