// The sockets of a modular supply: which of them take a cable, and where they are on its side.
import type { Box } from '../geometry/space'
import type { AtSupply } from './end'
import type { Cable, Supply } from './supply-schema'

type Socket = NonNullable<Supply['sockets']>[number]
export type SocketInPlace = Socket & { readonly at: NonNullable<Socket['at']> }

/** The sockets of a supply, where it is stated of each of them where it is; else none. */
export function socketsInPlace({ sockets = [] }: Supply): readonly SocketInPlace[] {
  const places = sockets.flatMap(({ at, ...socket }) => (at ? [{ ...socket, at }] : []))
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

/** The same, and how far from the middle of their side the farthest of them is, of a body so large, mm. */
export function atSupply(part: Supply, cable: Cable, { min, max }: Box): AtSupply | undefined {
  const own = socketsFor(part, cable)
  if (!own) return undefined
  const [across, up] = [(max[1] - min[1]) / 2, (max[2] - min[2]) / 2]
  const far = socketsInPlace(part)
    .filter(s => own.into.includes(s.key))
    .map(({ at }) => Math.hypot(at[0] - across, at[1] - up))
  return { ...own, fromMiddle: Math.max(0, ...far) }
}
