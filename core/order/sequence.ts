// One sequence of the steps: it keeps every fact and every reach, and costs the least in broken
// habits, turns of the work, changes of tool, waiting for the first trial and looking for faults.
//
// First the wishes that go together are taken for musts: that leaves little to search, and finds a
// sequence that is seldom far from the best. Then all wishes are weighed against everything else, from
// there on: mostly to the very best; where the search ends before, to a bound that none undercuts.
import { known, at } from '../collections/at'
import { compare, compareBy } from '../collections/compare'
import type { Weights } from './habits'
import { isProof, joins, type Timed } from './pace'
import { searched } from './set-search'
import { STEP_KINDS, type Edge, type PlannedStep } from './step'
import { puzzleOf, takenUp, type GoingOn, type TakenUp } from './taken-up'

export interface Sequence<S> {
  readonly steps: readonly S[]
  /** The edges that the sequence keeps. */
  readonly kept: readonly Edge[]
  /** Pins that contradict a fact. */
  readonly refused: readonly Edge[]
  /** Broken habits, turns, changes of tool and waiting, in minutes. */
  readonly cost: number
  /** No sequence costs less; the cost itself where it is the best. */
  readonly bound: number
}

/** Named choice: how much is searched; a state of many steps takes longer to open. */
const EFFORT = 1_000_000
const statesFor = (steps: readonly unknown[], effort: number): number =>
  Math.ceil(effort / Math.max(1, steps.length) ** 2)

/** What a sequence is made by besides its steps and reasons. */
export interface Given {
  readonly weights: Weights
  /** What was done already and when. */
  readonly done: ReadonlyMap<string, string>
  /** How many times the usual effort the search may take. */
  readonly patience?: number
}

/**
 * Sequences steps. What was done stands first, as it was done, and the rest as it was planned; where
 * it was done otherwise, the rest is sequenced anew from there. Throws RangeError when facts
 * contradict each other.
 */
export function sequenced<S extends Timed>(
  all: readonly S[],
  edges: readonly Edge[],
  { weights, done, patience = 1 }: Given,
): Sequence<S> {
  const steps = [...all].sort(byKind)
  const taken = takenUp(steps, edges, weights)
  const search = (these: readonly S[], on: GoingOn) =>
    bestOf(these, taken, { ...on, weights, effort: EFFORT * patience })
  const planned = search(steps, { after: undefined, isProved: false, untried: 0 })
  const past = planned.steps
    .filter(s => done.has(s.id))
    .sort((a, b) => compare(known(done, a.id), known(done, b.id)))
  const rest = planned.steps.filter(s => !done.has(s.id))
  const found = isAsPlanned(planned.steps, done)
    ? { ...planned, steps: rest }
    : search(rest, {
        ...{ after: past.at(-1), isProved: past.some(isProof) },
        untried: past.slice(past.findLastIndex(isProof) + 1).filter(joins).length,
      })
  const order = [...past, ...found.steps]
  return { ...found, steps: order, kept: keptBy(order, taken), refused: taken.refused }
}

const byKind = compareBy<PlannedStep>(
  s => STEP_KINDS.indexOf(s.kind),
  s => s.id,
)

/** Whether all that is done stands before all that is not; an open place cannot be done. */
function isAsPlanned(planned: readonly PlannedStep[], done: ReadonlyMap<string, string>): boolean {
  const last = planned.findLastIndex(s => done.has(s.id))
  return planned.slice(0, last).every(s => done.has(s.id) || s.demand !== null)
}

interface Search extends GoingOn {
  readonly weights: Weights
  readonly effort: number
}

function bestOf<S extends Timed>(
  steps: readonly S[],
  taken: TakenUp,
  search: Search,
): Pick<Sequence<S>, 'steps' | 'cost' | 'bound'> {
  const { musts, wishes, together } = taken
  const states = statesFor(steps, search.effort)
  const strict = puzzleOf(steps, { musts: [...musts, ...together], wishes: [] }, search)
  const first = searched(strict, states)
  const found = searched(puzzleOf(steps, { musts, wishes }, search), states, first.order)
  return { steps: found.order.map(i => at(steps, i)), cost: found.cost, bound: found.bound }
}

/** What a sequence keeps of what must be and of what is wished. */
function keptBy(order: readonly PlannedStep[], { musts, wishes }: TakenUp): readonly Edge[] {
  const place = new Map(order.map((s, i) => [s.id, i]))
  return [...musts, ...wishes].filter(e => known(place, e.before) < known(place, e.after))
}
