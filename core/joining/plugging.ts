// Plugs where all seats are fixed: matched, and matched again without lines that turn out too short
// and sets of sockets that no cables serve.
import { groupBy } from '../collections/groups'
import { clauseName, pairId, type Candidate, type Clause } from '../matching/candidate'
import type { Matching, MatchProblem } from '../matching/problem'
import { kept } from '../pipeline/kept'
import type { Field } from '../ways/field'
import { inOrder } from './interchangeable'
import { chainedPairs } from './cables'
import { conflicts } from './conflicts'
import { endsByRef, type EndOf } from './joint'
import {
  byPairId,
  isBodyEnd,
  leadEnds,
  mayStandFor,
  problemOf,
  type Joinable,
  type Unruled,
} from './joinable'
import { linesOf, type Line } from './lines'
import type { Frames } from './places'
import { solvedAt } from './solved'
import {
  cableAtSupply,
  eachOnce,
  intoSockets,
  likeSets,
  type CableAtSupply,
} from './supply-sockets'

/**
 * Named choice: how often plugs are laid anew for one choice of seats because leads end short.
 */
const LAYINGS = 40

export interface Plugged {
  readonly found: Matching
  readonly lines: readonly Line[]
  readonly clauses: readonly Clause[]
  /** Those of them that hold wherever things sit: too many cables for their supply. */
  readonly booked: readonly Clause[]
  /** How often plugs were laid to find this. */
  readonly layings: number
}

const fixedProblem = kept('fixed', ({ candidates, of }: Fixing): Unruled =>
  problemOf(
    candidates,
    of.asking.demands.filter(d => d.refs.some(ref => !isBodyEnd(of, ref))),
    of,
  ),
)
interface Fixing {
  readonly candidates: readonly Candidate[]
  readonly of: Pick<Joinable, 'asking' | 'pins' | 'before' | 'foremost' | 'shapes'>
}

/** Where everything sits, and the space that leads are laid in. */
interface Whereabouts {
  readonly frames: Frames
  readonly field: Field | null
}

/** The matching of plugs for one choice of seats. */
export function pluggedIn(
  at: string,
  candidates: readonly Candidate[],
  { frames, field }: Whereabouts,
  joinable: Joinable,
): Plugged {
  const { asking, pins, before, foremost, shapes } = joinable
  const fixed = fixedProblem(at, { candidates, of: { asking, pins, before, foremost, shapes } })
  let booked = joinable.booked
  let clauses = booked
  for (let again = 0; ; again++) {
    const here = `${at}/${again}`
    const problem = withClauses(here, fixed, clauses, NO_STRIFES)
    const matched = solvedAt(here, problem)
    const { interchangeable, sameModel } = mayStandFor(joinable)
    const { found, lines, ...wrong } = laidOut(here, {
      ...{ at: here, matched, problem, frames },
      ...{ shapes, field, pins, interchangeable, sameModel },
    })
    const broken = [...wrong.broken, ...wrong.booked]
    const fresh = newIn(broken, clauses)
    booked = [...booked, ...newIn(wrong.booked, booked)]
    if (fresh.length === 0 || again === LAYINGS)
      return {
        found: { ...found, exact: found.exact && broken.length === 0 },
        lines,
        clauses,
        booked,
        layings: again + 1,
      }
    clauses = [...clauses, ...fresh]
  }
}

/** The clauses that are not known yet. */
export function newIn(found: readonly Clause[], known: readonly Clause[]): readonly Clause[] {
  const names = new Set(known.map(clauseName))
  return found.filter(c => !names.has(clauseName(c)))
}

export const withClauses = kept(
  'problem',
  (problem: Unruled, clauses: readonly Clause[], strifes: readonly Clause[]): MatchProblem => ({
    ...problem,
    clauses,
    strifes,
  }),
)
/** Where things sit is settled when plugs are laid: what does not get along was weighed before. */
const NO_STRIFES: readonly Clause[] = []

/** A matching, and all that tells how its leads lie. */
interface LayingOut extends Pick<Joinable, 'shapes' | 'pins' | 'interchangeable' | 'sameModel'> {
  readonly field: Field | null
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
  readonly booked: readonly Clause[]
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
  const chained = alongCables(about, matched.pairs)
  const isServed = 'pairs' in chained
  const unserved = isServed
    ? []
    : chained.blocked.map(set => set.map(socket => pairsInto(problem, socket)))
  const plugged = isServed ? { ...matched, pairs: chained.pairs } : matched
  const isLoose = (item: string): boolean => !frames.has(item)
  const order = { problem, known: pairs, mayMove: isLoose }
  const settled = inOrder(plugged, about.sameModel, order)
  const settledLines = settled.pairs === matched.pairs ? asMatched : linesBy(settled.pairs)
  const broken = [...tooShort, ...unserved]
  const booked = overbooked(about, settled.pairs)
  // Copies that were measured may not stand for each other where that makes a lead too short.
  const nowShort =
    settled !== plugged && tooShort.length === 0 && shortOf(about, ends, settledLines).length > 0
  if (!nowShort) return { found: settled, lines: settledLines, broken, booked }
  const found = inOrder(plugged, about.interchangeable, order)
  return { found, lines: linesBy(found.pairs), broken, booked }
})

/**
 * The plugs along each cable, of all cables; where those are more than the supply has sockets for,
 * of the cables that the matching has taken.
 */
function alongCables(
  about: LayingOut,
  pairs: readonly Candidate[],
): ReturnType<typeof chainedPairs> {
  const plugs = leadEnds(about.shapes)
  const found = chainedPairs(about.at, pairs, { ...about, plugs })
  if ('pairs' in found && overbooked(about, found.pairs).length === 0) return found
  const taken = new Set(cablesOf(about, pairs).map(nameOfCable))
  return chainedPairs(`${about.at}/taken`, pairs, {
    ...about,
    plugs: plugs.filter(({ item, end }) => {
      const cable = cableAtSupply(item, end.lead)
      return cable === null || taken.has(nameOfCable(cable))
    }),
  })
}

const nameOfCable = ({ supply, cable }: CableAtSupply): string => `${supply} ${cable}`
/** The cables that pairs hang on, each once. */
function cablesOf(
  { shapes }: LayingOut,
  pairs: readonly Pick<Candidate, 'plug'>[],
): readonly CableAtSupply[] {
  const ends = endsByRef(shapes)
  return eachOnce(
    pairs.flatMap(({ plug }) => {
      const e = ends.get(plug)
      return e ? (cableAtSupply(e.item, e.end.lead) ?? []) : []
    }),
  )
}

/**
 * Sets of cables of which one at least stays in the box: together they want more sockets than their
 * supply has. What a hand has plugged is not argued with.
 */
function overbooked(about: LayingOut, pairs: readonly Candidate[]): readonly Clause[] {
  const { problem, pins } = about
  const all = cablesOf(about, problem.candidates)
  if (all.length === 0) return []
  const given = new Set(
    cablesOf(
      about,
      pairs.filter(p => pins[p.plug] === p.socket),
    ).map(nameOfCable),
  )
  const bySupply = groupBy(cablesOf(about, pairs), c => c.supply)
  return [...bySupply.values()].flatMap(cables => {
    const found = intoSockets(cables)
    if (!('tooMany' in found)) return []
    return likeSets(found.tooMany, all)
      .filter(set => !set.every(c => given.has(nameOfCable(c))))
      .map(set => set.map(cable => pairsOn(about, cable)))
  })
}

const pairsOn = ({ problem, shapes }: LayingOut, cable: CableAtSupply): readonly string[] => {
  const ends = endsByRef(shapes)
  return problem.candidates.flatMap(c => {
    const e = ends.get(c.plug)
    return e?.item === cable.supply && e.end.lead?.chain === cable.cable ? [pairId(c)] : []
  })
}

const pairsInto = ({ candidates }: MatchProblem, socket: string): readonly string[] =>
  candidates.filter(c => c.socket === socket).map(pairId)

function shortOf(
  { field, pins, problem }: LayingOut,
  ends: ReadonlyMap<string, EndOf>,
  lines: readonly Line[],
): readonly Clause[] {
  if (!field) return []
  const pairs = byPairId(problem.candidates)
  return conflicts(ends, lines, field, p => pins[p.plug] === p.socket)
    .filter(set => set.every(p => pairs.has(p)))
    .map(set => set.map(p => [p]))
}
