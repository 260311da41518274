// The pairs that a hand has joined, among all that were weighed.
import { oncePer } from '../collections/once'
import { groupBy } from '../collections/groups'
import { jointId, type EndRef } from '../ids/ids'
import { pairId } from '../matching/candidate'
import { kept } from '../pipeline/kept'
import { endsByRef } from './joint'
import { placedPlug, placesOfEnd, weigh, type Weighed, type Whereabouts } from './weigh'
import type { Weighing } from './weighing'

export type Pins = Readonly<Record<EndRef, EndRef>>
type Pair = readonly [plug: EndRef, socket: EndRef]
export const pinned = (pins: Pins) => Object.entries(pins) as [plug: EndRef, socket: EndRef][]

/** What was weighed, and pairs that count whatever speaks against them. */
interface Given extends Weighing {
  readonly weighed: readonly Weighed[]
  readonly pairs: readonly Pair[]
  readonly where: Whereabouts
}

/** What was weighed; and what a hand has joined of it may be joined in any case. */
export function withPins(
  at: string,
  weighed: readonly Weighed[],
  pins: Pins,
  of: Pick<Given, 'ends' | 'all' | 'where'>,
): readonly Weighed[] {
  const [joinable, ends] = [joinableOf(weighed), endsByRef(of.ends)]
  const pairs = pinned(pins).filter(
    ([plug, socket]) => !joinable.has(jointId(plug, socket)) && ends.has(plug) && ends.has(socket),
  )
  return pairs.length === 0 ? weighed : withGiven(at, { weighed, pairs, ...of })
}

const joinableOf = oncePer(
  (weighed: readonly Weighed[]): ReadonlySet<string> =>
    new Set(weighed.flatMap(w => (w.candidate ? [pairId(w.candidate)] : []))),
)

const withGiven = kept(
  'with-pins',
  ({ weighed, pairs, ends, all, where }: Given): readonly Weighed[] => {
    const byRef = endsByRef(ends)
    const ofItem = groupBy(all, e => e.item)
    const given = pairs.flatMap(([a, b]) => {
      const [plug, socket] = [byRef.get(a), byRef.get(b)]
      if (!plug || !socket) return []
      const siblings = ofItem.get(socket.item) ?? []
      const how = { ...where, isPinned: true }
      const taking = { end: socket, where: placesOfEnd(where, socket), siblings }
      return weigh(placedPlug(plug, where), taking, how) ?? []
    })
    const anew = new Set<string>(given.map(pairId))
    return [...weighed.filter(w => !anew.has(pairId(w))), ...given]
  },
)
