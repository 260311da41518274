// Plugs where all seats are fixed: matched, and matched again without lines that turn out too short
// and sets of sockets that no cables serve.
import { pairId, type Candidate, type Clause } from '../matching/candidate'
import type { Matching, MatchProblem } from '../matching/problem'
import { kept } from '../pipeline/kept'
import { inOrder } from './interchangeable'
import { chainedPairs } from './cables'
import { conflicts } from './conflicts'
import { endsByRef, type EndOf } from './joint'
import { byPairId, isBodyEnd, leadEnds, mayStandFor, problemOf, type Joinable } from './joinable'
import { linesOf, type Line } from './lines'
import type { Frames } from './places'
import { solvedAt } from './solved'

/**
 * Named choice: how often plugs are laid anew for one choice of seats because leads end short.
 */
const LAYINGS = 40

export interface Plugged {
  readonly found: Matching
  readonly lines: readonly Line[]
  readonly clauses: readonly Clause[]
  /** How often plugs were laid to find this. */
  readonly layings: number
}

const fixedProblem = kept('fixed', ({ candidates, of }: Fixing): Omit<MatchProblem, 'clauses'> =>
  problemOf(
    candidates,
    of.asking.demands.filter(d => d.refs.some(ref => !isBodyEnd(of, ref))),
    of,
  ),
)
interface Fixing {
  readonly candidates: readonly Candidate[]
  readonly of: Pick<Joinable, 'asking' | 'pins' | 'before' | 'shapes'>
}

/** The matching of plugs for one choice of seats. */
export function pluggedIn(
  at: string,
  candidates: readonly Candidate[],
  frames: Frames,
  joinable: Joinable,
): Plugged {
  const { asking, pins, before, shapes } = joinable
  const fixed = fixedProblem(at, { candidates, of: { asking, pins, before, shapes } })
  let clauses: readonly Clause[] = []
  for (let again = 0; ; again++) {
    const here = `${at}/${again}`
    const problem = withClauses(here, fixed, clauses)
    const matched = solvedAt(here, problem)
    const { layout } = joinable
    const { interchangeable, sameModel } = mayStandFor(joinable)
    const { found, lines, broken } = laidOut(here, {
      ...{ at: here, matched, problem, frames },
      ...{ shapes, layout, pins, interchangeable, sameModel },
    })
    const known = new Set(clauses.map(c => c.join(' ')))
    const fresh = broken.filter(c => !known.has(c.join(' ')))
    if (fresh.length === 0 || again === LAYINGS)
      return {
        found: { ...found, exact: found.exact && broken.length === 0 },
        lines,
        clauses,
        layings: again + 1,
      }
    clauses = [...clauses, ...fresh]
  }
}

export const withClauses = kept(
  'problem',
  (problem: Omit<MatchProblem, 'clauses'>, clauses: readonly Clause[]): MatchProblem => ({
    ...problem,
    clauses,
  }),
)

/** A matching, and all that tells how its leads lie. */
interface LayingOut extends Pick<
  Joinable,
  'shapes' | 'layout' | 'pins' | 'interchangeable' | 'sameModel'
> {
  readonly at: string
  readonly matched: Matching
  readonly problem: MatchProblem
  readonly frames: Frames
}
interface LaidOut {
  readonly found: Matching
  readonly lines: readonly Line[]
  /** Sets of pairs that cannot all be joined: what the next matching has to heed. */
  readonly broken: readonly Clause[]
}

/** A matching with its cables chosen and interchangeable items in order, and what of it does not reach. */
const laidOut = kept('laid-out', (about: LayingOut): LaidOut => {
  const { matched, problem, frames, shapes } = about
  const ends = endsByRef(shapes)
  const pairs = byPairId(problem.candidates)
  const linesBy = (chosen: readonly Candidate[]): readonly Line[] =>
    linesOf({ ends, pairs: chosen, frames })
  const asMatched = linesBy(matched.pairs)
  const tooShort = shortOf(about, ends, asMatched)
  const chained = chainedPairs(about.at, matched.pairs, { ...about, plugs: leadEnds(shapes) })
  const isServed = 'pairs' in chained
  const unserved = isServed ? [] : [chained.blocked.map(ref => pairsInto(problem, ref))]
  const plugged = isServed ? { ...matched, pairs: chained.pairs } : matched
  const isLoose = (item: string): boolean => !frames.has(item)
  const order = { problem, known: pairs, mayMove: isLoose }
  const settled = inOrder(plugged, about.sameModel, order)
  const settledLines = settled.pairs === matched.pairs ? asMatched : linesBy(settled.pairs)
  const broken = [...tooShort, ...unserved]
  // Copies that were measured may not stand for each other where that makes a lead too short.
  const nowShort =
    settled !== plugged && tooShort.length === 0 && shortOf(about, ends, settledLines).length > 0
  if (!nowShort) return { found: settled, lines: settledLines, broken }
  const found = inOrder(plugged, about.interchangeable, order)
  return { found, lines: linesBy(found.pairs), broken }
})

const pairsInto = ({ candidates }: MatchProblem, socket: string): readonly string[] =>
  candidates.filter(c => c.socket === socket).map(pairId)

function shortOf(
  { layout, pins, problem }: LayingOut,
  ends: ReadonlyMap<string, EndOf>,
  lines: readonly Line[],
): readonly Clause[] {
  if (!layout) return []
  const pairs = byPairId(problem.candidates)
  return conflicts(ends, lines, layout, p => pins[p.plug] === p.socket)
    .filter(set => set.every(p => pairs.has(p)))
    .map(set => set.map(p => [p]))
}
