// The sockets of a modular supply: which of them take a cable, and where they are on its side.
import { SUPPLY_SIZE, type SupplyForm } from '../standards/supplies'
import type { AtSupply } from './end'
import type { Cable, Supply } from './supply-schema'

type Socket = NonNullable<Supply['sockets']>[number]
export type SocketInPlace = Socket & { readonly at: NonNullable<Socket['at']> }

/** Whether a place, mm from the left and from the lower edge, is on the side of such a supply. */
export function isOnSide(form: SupplyForm, [across, up]: SocketInPlace['at']): boolean {
  const { width, height } = SUPPLY_SIZE[form]
  return across >= 0 && across <= width && up >= 0 && up <= height
}

/** The sockets of a supply, where each of them has a place on its side; else none. */
export function socketsInPlace({ form, sockets = [] }: Supply): readonly SocketInPlace[] {
  if (!form) return []
  const places = sockets.flatMap(({ at, ...socket }) =>
    at && isOnSide(form, at) ? [{ ...socket, at }] : [],
  )
  return places.length === sockets.length ? places : []
}

/**
 * The sockets that a cable may go into; undefined where it is fixed, or where nobody stated the
 * sockets.
 */
export function socketsFor(
  { modular, sockets }: Supply,
  cable: Cable,
): Pick<AtSupply, 'into' | 'takes'> | undefined {
  const takes = cable.sockets ?? 1
  if (modular === 'fixed' || !sockets || takes === 0) return undefined
  if (cable.socket !== undefined) return { into: [cable.socket], takes }
  const into = sockets.filter(s => cable.plugs.some(p => s.for.includes(p.face))).map(s => s.key)
  // Of a supply some of whose cables are fixed, that is one of them.
  return into.length === 0 && modular === 'part' ? undefined : { into, takes }
}

/** The same, and how far from the middle of their side the farthest of them is, mm. */
export function atSupply(part: Supply, cable: Cable): AtSupply | undefined {
  const own = socketsFor(part, cable)
  if (!own) return undefined
  const { width, height } = part.form ? SUPPLY_SIZE[part.form] : { width: 0, height: 0 }
  const far = socketsInPlace(part)
    .filter(s => own.into.includes(s.key))
    .map(({ at }) => Math.hypot(at[0] - width / 2, at[1] - height / 2))
  return { ...own, fromMiddle: Math.max(0, ...far) }
}
