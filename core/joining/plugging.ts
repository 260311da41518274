// Plugs where all seats are fixed: matched, and matched again without lines that turn out too short
// and sets of sockets that no cables serve.
import { clauseName, pairId, type Candidate, type Clause } from '../matching/candidate'
import type { Matching, MatchProblem } from '../matching/problem'
import { kept } from '../pipeline/kept'
import type { Field } from '../ways/field'
import { inOrder } from './interchangeable'
import { chainedPairs } from './cables'
import {
  byPairId,
  isBodyEnd,
  leadEnds,
  mayStandFor,
  problemOf,
  type Joinable,
  type Unruled,
} from './joinable'
import type { Lying } from './exits'
import { cablesOf, overbooked } from './overbooked'
import { reached, type LayingOut, type Reached } from './reached'
import { solvedAt } from './solved'
import { cableAtSupply, nameOfCable } from './supply-sockets'

/**
 * Named choice: how often plugs are laid anew for one choice of seats because leads end short.
 */
const LAYINGS = 40

export interface Plugged extends Pick<Reached, 'lines' | 'sockets'> {
  readonly found: Matching
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
interface Whereabouts extends Lying {
  readonly field: Field | null
}

/** The matching of plugs for one choice of seats. */
export function pluggedIn(
  at: string,
  candidates: readonly Candidate[],
  { frames, sides, field }: Whereabouts,
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
    const { found, lines, sockets, ...wrong } = laidOut(here, {
      ...{ at: here, matched, problem, frames, sides },
      ...{ shapes, field, pins, interchangeable, sameModel },
    })
    const broken = [...wrong.broken, ...wrong.booked]
    const fresh = newIn(broken, clauses)
    booked = [...booked, ...newIn(wrong.booked, booked)]
    if (fresh.length === 0 || again === LAYINGS)
      return {
        found: { ...found, exact: found.exact && broken.length === 0 },
        lines,
        sockets,
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

interface LaidOut extends Pick<Reached, 'lines' | 'sockets'> {
  readonly found: Matching
  /** Sets of pairs that cannot all be joined: what the next matching has to heed. */
  readonly broken: readonly Clause[]
  readonly booked: readonly Clause[]
}

/** A matching with its cables chosen and interchangeable items in order, and what of it does not reach. */
const laidOut = kept('laid-out', (about: LayingOut): LaidOut => {
  const { matched, problem, frames } = about
  const pairs = byPairId(problem.candidates)
  const asMatched = reached(about, matched.pairs)
  const tooShort = asMatched.broken
  const chained = alongCables(about, matched.pairs)
  const isServed = 'pairs' in chained
  const unserved = isServed
    ? []
    : chained.blocked.map(set => set.map(socket => pairsInto(problem, socket)))
  const plugged = isServed ? { ...matched, pairs: chained.pairs } : matched
  const isLoose = (item: string): boolean => !frames.has(item)
  const order = { problem, known: pairs, mayMove: isLoose }
  const asPlugged = plugged.pairs === matched.pairs ? asMatched : reached(about, plugged.pairs)
  const settled = inOrder(plugged, about.sameModel, order)
  const asSettled = settled.pairs === plugged.pairs ? asPlugged : reached(about, settled.pairs)
  const broken = [...tooShort, ...unserved, ...newIn(asPlugged.broken, tooShort)]
  const booked = overbooked(about, settled.pairs)
  // Copies that were measured may not stand for each other where that makes a lead too short.
  const nowShort = settled !== plugged && broken.length === 0 && asSettled.broken.length > 0
  if (!nowShort) return { ...asSettled, found: settled, broken, booked }
  const found = inOrder(plugged, about.interchangeable, order)
  return { ...reached(about, found.pairs), found, broken, booked }
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

const pairsInto = ({ candidates }: MatchProblem, socket: string): readonly string[] =>
  candidates.filter(c => c.socket === socket).map(pairId)
