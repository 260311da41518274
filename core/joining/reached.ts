// The lines that plugs make once it is known where everything sits, and what of them does not reach.
import { pairId, type Candidate, type Clause } from '../matching/candidate'
import type { Matching, MatchProblem } from '../matching/problem'
import { valueOf } from '../figures/quantity'
import type { Field } from '../ways/field'
import { fromSockets, type AtSockets } from './at-sockets'
import { isChained } from './chains'
import { conflicts } from './conflicts'
import type { Lying } from './exits'
import { endsByRef, type EndOf } from './joint'
import { byPairId, type Joinable } from './joinable'
import { linesOf, type Line, type Pair } from './lines'

/** A matching, and all that tells how its leads lie. */
export interface LayingOut
  extends Lying, Pick<Joinable, 'shapes' | 'pins' | 'interchangeable' | 'sameModel'> {
  readonly field: Field | null
  readonly at: string
  readonly matched: Matching
  readonly problem: MatchProblem
}

export interface Reached extends Pick<AtSockets, 'lines' | 'sockets'> {
  /** Sets of pairs that cannot all be joined: what the next matching has to heed. */
  readonly broken: readonly Clause[]
}

/** The lines of some pairs, each from the socket that its cable goes into, and what ends short. */
export function reached(about: LayingOut, pairs: readonly Candidate[]): Reached {
  const { frames, sides, field, pins, shapes } = about
  const isByHand = ({ plug, socket }: Pair): boolean => pins[plug] === socket
  const lines = linesOf({ ends: endsByRef(shapes), pairs, frames })
  const isGiven = (line: Line): boolean => line.pairs.some(isByHand)
  const at = fromSockets(lines, { sides, field, isGiven })
  return {
    lines: at.lines,
    sockets: at.sockets,
    broken: [...shortOf(about, at.nearest), ...at.tooMany.map(set => clauseOf(about, set))],
  }
}

/** Lines that end short from the nearest of the sockets that their cables go into. */
function shortOf(
  { field, pins, problem, shapes }: LayingOut,
  lines: readonly Line[],
): readonly Clause[] {
  if (!field) return []
  const pairs = byPairId(problem.candidates)
  return conflicts(endsByRef(shapes), lines, field, p => pins[p.plug] === p.socket)
    .filter(set => set.every(p => pairs.has(p)))
    .map(set => set.map(p => [p]))
}

/** Lines of which one at least has to go: all of their pairs, and what is as bad in their place. */
function clauseOf(about: LayingOut, lines: readonly Line[]): Clause {
  const groups = lines.flatMap(line => line.pairs.map(pair => noBetter(about, line, pair)))
  return [...new Map(groups.map(group => [group.join(), group])).values()]
}

/**
 * A pair, and others that would not help: another cable of the supply that has one whole plug, goes
 * into the same sockets and is no longer.
 */
function noBetter({ problem, shapes }: LayingOut, { first }: Line, pair: Pair): readonly string[] {
  const own = pairId(pair)
  if (pair.plug !== first.ref || !isAlone(first)) return [own]
  const ends = endsByRef(shapes)
  const kin = problem.candidates.filter(c => {
    const other = ends.get(c.plug)
    return c.socket === pair.socket && other && isAlone(other) && isNoLonger(other, first)
  })
  return [...new Set([own, ...kin.map(pairId)])]
}

/** Whether it is the only plug of its cable, and whole. */
const isAlone = (plug: EndOf): boolean =>
  !isChained(plug) && (plug.end.among === null || plug.end.among.whole === true)

function isNoLonger({ item, end }: EndOf, first: EndOf): boolean {
  const [a, b] = [end.lead, first.end.lead]
  if (item !== first.item || !a?.atSupply || !b?.atSupply) return false
  const [own, known] = [valueOf(a.length), valueOf(b.length)]
  const isLike = a.atSupply.into.join() === b.atSupply.into.join()
  return (
    isLike && a.atSupply.takes === b.atSupply.takes && (own ?? Infinity) <= (known ?? -Infinity)
  )
}
