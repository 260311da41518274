// What a matching is asked and what it answers: plugs and sockets by name, and what choosing a pair
// of them costs.
import { compareBy } from '../collections/compare'
import type { Budget } from './budget'
import type { Candidate, Clause } from './candidate'
import type { Cost, Need } from './cost'

/** Something that wants to be joined: one of its ends is enough. */
export interface Demand {
  readonly id: string
  readonly need: Need
  readonly refs: readonly string[]
  /** Whether it is a place for all that hangs on it: met first among equally many musts. */
  readonly seat?: boolean
  /** Whether it sits in its place already. */
  readonly sits?: boolean
}

export interface MatchProblem {
  readonly demands: readonly Demand[]
  readonly candidates: readonly Candidate[]
  /** Pairs of ends that are never both joined: a whole plug and its half, two of a one-of group. */
  readonly excludes: readonly (readonly [string, string])[]
  /**
   * Where the first is joined, the second is: the two ends of a loose lead, what a hub gives and
   * its inlet.
   */
  readonly follows: readonly (readonly [string, string])[]
  /** Pairs that are given: made already, or pinned by hand. */
  readonly pins: readonly (readonly [plug: string, socket: string])[]
  /** Pairs, by name, that are kept wherever that costs nothing: those of an earlier plan. */
  readonly before: readonly string[]
  /** Ends that come first in the order of names. */
  readonly foremost: readonly string[]
  readonly budgets: readonly Budget[]
  readonly clauses: readonly Clause[]
  /** Sets of pairs that do not get along: they may all be joined, at a price. */
  readonly strifes: readonly Clause[]
}

export const NO_RULES: Omit<MatchProblem, 'demands' | 'candidates'> = {
  excludes: [],
  follows: [],
  pins: [],
  before: [],
  foremost: [],
  budgets: [],
  clauses: [],
  strifes: [],
}

export interface Matching {
  readonly pairs: readonly Candidate[]
  /** Demands that found no pair, by id. */
  readonly unmet: readonly string[]
  readonly cost: Cost
  /** False when the search ended at its node limit: what it found is good, perhaps not the best. */
  readonly exact: boolean
  readonly nodes: number
}

/** The canonical order of pairs. */
export const byName = compareBy<Candidate>(
  c => c.plug,
  c => c.socket,
)
