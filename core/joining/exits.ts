// Where a lead may begin once it is known what sits where: at any socket of its supply that takes its
// cable, where those are known, else where it leaves its part.
import type { Vec3 } from '../geometry/space'
import type { Field } from '../ways/field'
import { passageOf } from '../ways/heads'
import { needOf, type Needed } from '../ways/reach'
import type { EndOf } from './joint'
import { exitOf, type Frames } from './places'
import type { PlugSides, SocketThere } from './plug-field'

/** Where items lie in the case, and the sockets of supplies with them. */
export interface Lying {
  readonly frames: Frames
  readonly sides: PlugSides
}

/** The sockets at its supply that a lead's cable goes into, where their places are known. */
export function ownSockets(sides: PlugSides, { item, end }: EndOf): readonly SocketThere[] {
  const into = end.lead?.atSupply?.into ?? []
  return (sides.get(item)?.sockets ?? []).filter(s => into.includes(s.key))
}

/** Every place in the case where a lead may begin; none where its part hangs loose. */
export function exitsOf({ frames, sides }: Lying, plug: EndOf): readonly Vec3[] {
  const own = ownSockets(sides, plug)
  if (own.length > 0) return own.map(s => s.at)
  const exit = exitOf(frames, plug)
  return exit ? [exit] : []
}

/**
 * The place of those from which a lead has least to go, and what it needs from there; null need where
 * no way leads to its goal. Null without a place.
 */
export function nearestExit(
  field: Field,
  lying: Lying,
  plug: EndOf,
  to: Vec3,
): { readonly from: Vec3; readonly need: Needed | null } | null {
  return nearestOf(field, exitsOf(lying, plug), plug, to)
}

/** The same of some places where it may begin. */
export function nearestOf(
  field: Field,
  starts: readonly Vec3[],
  plug: EndOf,
  to: Vec3,
): ReturnType<typeof nearestExit> {
  const passage = passageOf(field.layout, plug.end)
  const found = starts.map(from => ({ from, need: needOf(field, from, to, passage) }))
  const lengthOf = ({ need }: (typeof found)[number]): number => need?.value ?? Infinity
  const [first, ...others] = found
  return first ? others.reduce((a, b) => (lengthOf(b) < lengthOf(a) ? b : a), first) : null
}
