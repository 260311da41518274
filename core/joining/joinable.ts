// What there is to be joined in one horizon: all that the choice of seats and plugs is made from.
import { pinned, type Pins } from './pinned-pairs'
import type { Weighed } from './weigh'
import type { Layout } from '../case/layout'
import { oncePer } from '../collections/once'
import { isMechanical } from '../connectors/connectors'
import { binding, lessGiven } from '../matching/budget'
import { pairId, type Candidate, type Clause } from '../matching/candidate'
import type { MatchProblem } from '../matching/problem'
import { itemOf, type EndRef } from '../ids/ids'
import type { Arrangements } from './arrangements'
import type { Asking } from './asking'
import type { Bodies } from './solids'
import { endsByRef, jointOf, type Demand, type EndOf, type Joint } from './joint'

export interface Joinable {
  readonly asking: Asking
  /** Every end without what it takes and gives. */
  readonly shapes: readonly EndOf[]
  /** Pairs made already or pinned by hand, plug → socket. */
  readonly pins: Pins
  /** Joints of the plan before, by id: of equally good plans the one that keeps most of them. */
  readonly before: ReadonlySet<string>
  readonly layout: Layout | null
  readonly cases: readonly string[]
  /** Items that are the same in all respects share a name here. */
  readonly interchangeable: ReadonlyMap<string, string>
  /**
   * Copies of one model share a name here, whatever was measured on them: a measured copy moves no
   * other one.
   */
  readonly sameModel: ReadonlyMap<string, string>
  /** Ends of the drive that the system starts from: they come first where all is equal. */
  readonly foremost: readonly EndRef[]
  /** Sets of cables that are too many for their supply, wherever things sit, as far as known. */
  readonly booked: readonly Clause[]
  /** Sets of seats whose occupants meet in space. */
  readonly strifes: readonly Clause[]
  /** What things are made of, and what limits the space that they have. */
  readonly bodies: Bodies
  readonly arrangements: Arrangements
  /** Every pair of a seat and what could sit in it, and every pair of a plug and a socket. */
  readonly seatPairs: readonly Weighed[]
  readonly plugPairs: readonly Weighed[]
}

/**
 * Which items are put in order once the plan stands: none, where an earlier plan says which takes
 * which place.
 */
export const mayStandFor = ({
  before,
  interchangeable,
  sameModel,
}: Joinable): Pick<Joinable, 'interchangeable' | 'sameModel'> =>
  before.size === 0
    ? { interchangeable, sameModel }
    : { interchangeable: NOBODY, sameModel: NOBODY }
const NOBODY: ReadonlyMap<string, string> = new Map()

/** The ends that bodies rest on, and those that leads hang from or go to. */
export const bodyEnds = oncePer((shapes: readonly EndOf[]): readonly EndOf[] =>
  shapes.filter(e => isMechanical(e.end.face)),
)
export const leadEnds = oncePer((shapes: readonly EndOf[]): readonly EndOf[] =>
  shapes.filter(e => !isMechanical(e.end.face)),
)

export const isBodyEnd = ({ shapes }: Pick<Joinable, 'shapes'>, ref: string): boolean =>
  isMechanical(endsByRef(shapes).get(ref)?.end.face ?? 'tray')

/**
 * The pairs of which one is chosen where a seat is taken so, by name: alike items stand for each
 * other.
 */
export function pairsLike(
  { a, b }: Pick<Joint, 'a' | 'b'>,
  { seatPairs, interchangeable }: Pick<Joinable, 'seatPairs' | 'interchangeable'>,
): readonly string[] {
  const kin = interchangeable.get(itemOf(a))
  const standsFor = (plug: EndRef): boolean =>
    plug === a || (kin !== undefined && interchangeable.get(itemOf(plug)) === kin)
  return seatPairs.filter(w => w.candidate && w.socket === b && standsFor(w.plug)).map(pairId)
}

/** Whether a seat could be taken otherwise: its plug has another place, and no hand has pinned it. */
export const isChosen = (
  { a }: Pick<Joint, 'a'>,
  { seatPairs, pins }: Pick<Joinable, 'seatPairs' | 'pins'>,
): boolean => pins[a] === undefined && seatPairs.filter(w => w.candidate && w.plug === a).length > 1

export const candidatesOf = (weighed: readonly Weighed[]): readonly Candidate[] =>
  weighed.flatMap(w => w.candidate ?? [])

export const byPairId = oncePer(
  (candidates: readonly Candidate[]): ReadonlyMap<string, Candidate> =>
    new Map(candidates.map(c => [pairId(c), c])),
)

/** A problem before it is known what does not go together in it. */
export type Unruled = Omit<MatchProblem, 'clauses' | 'strifes'>

/** The matching that these candidates and demands pose, as far as the rules have to do with them. */
export function problemOf(
  candidates: readonly Candidate[],
  demands: readonly Demand[],
  { asking, pins, before, foremost }: Pick<Joinable, 'asking' | 'pins' | 'before' | 'foremost'>,
): Unruled {
  const able = new Set<string>(candidates.flatMap(c => [c.plug, c.socket]))
  const given = pinned(pins).filter(([a, b]) =>
    candidates.some(c => c.plug === a && c.socket === b),
  )
  return {
    demands,
    candidates,
    budgets: binding(lessGiven(asking.budgets, given), candidates),
    excludes: asking.excludes.filter(([a, b]) => able.has(a) && able.has(b)),
    follows: asking.follows.filter(([a, b]) => able.has(a) || able.has(b)),
    pins: given,
    before: before.size > 0 ? candidates.map(pairId).filter(id => before.has(id)) : [],
    foremost: foremost.filter(ref => able.has(ref)),
  }
}

export const jointsOf = (
  pairs: readonly Pick<Candidate, 'plug' | 'socket'>[],
  { asking, pins }: Pick<Joinable, 'asking' | 'pins'>,
): readonly Joint[] =>
  pairs.flatMap(({ plug, socket }) => {
    const [a, b] = [asking.outlines.get(plug), asking.outlines.get(socket)]
    return a && b ? [jointOf(a, b, pins[plug] === socket)] : []
  })
