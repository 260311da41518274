// From ends to joints: where everything sits and what is plugged where, chosen together and
// exactly.
//
// Ways are known only once it is known what sits where. So the joint problem is solved in two
// layers. The plan: seats and plugs together, every lead allowed whatever it reaches from any place
// its part could take; its cost is a bound. The laying: the plugs once more with the plan's seats,
// now with true lengths, lines and chains. Where the laying costs no more than the plan, nothing
// better exists. Where it costs more, those seats are cut from the plan and it is drawn up again,
// until its bound reaches the best laying, or a limit is reached and the result says that it may
// not be the best. What meets in space is known only then as well: such seats are told to the plan,
// which takes others where there are any.
import type { Clause } from '../matching/candidate'
import { less, withoutLength } from '../matching/cost'
import type { Matching, MatchProblem } from '../matching/problem'
import { kept } from '../pipeline/kept'
import type { Field } from '../ways/field'
import { inOrder } from './interchangeable'
import { endsByRef, type Joint, type Unmet } from './joint'
import {
  byPairId,
  candidatesOf,
  isBodyEnd,
  jointsOf,
  mayStandFor,
  problemOf,
  type Joinable,
  type Unruled,
} from './joinable'
import { cutOf, layingFor, type Laying } from './laying'
import type { Line } from './lines'
import type { Frames } from './places'
import type { PlugSides } from './plug-field'
import { newIn, withClauses } from './plugging'
import { unmetOf } from './reasons'
import { solvedAt } from './solved'
import { strifesOf } from './strife'

export interface Joined {
  readonly seats: readonly Joint[]
  readonly plugs: readonly Joint[]
  readonly unmet: readonly Unmet[]
  readonly frames: Frames
  /** The space that leads are laid in; null where there is no case. */
  readonly field: Field | null
  /** The lines that the plugs make. */
  readonly lines: readonly Line[]
  /** The sides of plugs as they lie, and the sockets of each cable there, by its name. */
  readonly sides: PlugSides
  readonly sockets: ReadonlyMap<string, readonly string[]>
  /** False when a limit was reached: the result is good, perhaps not the best. */
  readonly exact: boolean
}

/**
 * Named choice: how often plugs are laid in all while seats are chosen anew. A whole build takes a
 * dozen or two; at the limit what was found is told as not proved.
 */
const LAYINGS_IN_ALL = 160

/** Named choice: how many sets of seats whose occupants meet one plan weighs. */
const STRIFES_IN_ALL = 60

/**
 * Joins all ends of a horizon. What cannot be joined comes back with the reasons. `name` tells this
 * plan from others, so that what stays of it is not worked out again.
 */
export function join(name: string, joinable: Joinable): Joined {
  const best = bestLaying(name, joinable)
  const { seats, plugs, frames, field, lines, sides, sockets, exact } = best
  const unmet = unmetIn(name, best, joinable)
  return { seats, plugs, frames, field, lines, sides, sockets, exact, unmet }
}

/** Plan and laying in turn until they meet. */
function bestLaying(name: string, joinable: Joinable): Laying {
  const { asking, pins, before, foremost, seatPairs, plugPairs } = joinable
  const base = baseProblem(name, { seatPairs, plugPairs, asking, pins, before, foremost })
  let best: Laying | null = null
  let cuts: readonly Clause[] = []
  let { booked, strifes } = joinable
  let layings = 0
  for (let round = 0; ; round++) {
    const at = `${name}/${round}`
    const planned = planInSpace(at, base, [...cuts, ...booked], { ...joinable, strifes })
    const { plan, seats } = planned
    strifes = planned.strifes
    const isBest = (laying: Laying): boolean => !less(withoutLength(plan.cost), laying.cost)
    if (best && isBest(best)) return best
    const laying = layingFor(at, seats, plan, { ...joinable, booked, strifes })
    best = cheaper(best, laying)
    if (isBest(best)) return best
    layings += laying.layings
    const fresh = newIn(laying.booked, booked)
    booked = laying.booked
    // The plan did not know yet how many cables its supply takes: it is drawn up again with that.
    if (fresh.length > 0 && layings < LAYINGS_IN_ALL) continue
    const cut = cutOf(laying, joinable)
    const isLast = layings >= LAYINGS_IN_ALL || cut.length === 0
    if (isLast) return { ...best, exact: best.exact && cut.length === 0 && plan.exact }
    cuts = [...cuts, cut]
  }
}

interface PlanInSpace {
  readonly plan: Matching
  readonly seats: readonly Joint[]
  readonly strifes: readonly Clause[]
}

/**
 * A plan that knows what meets in space where it puts things: drawn up again with what it did not
 * know, until there is nothing of that, or a limit is reached.
 */
function planInSpace(
  name: string,
  base: Unruled,
  clauses: readonly Clause[],
  joinable: Joinable,
): PlanInSpace {
  const { asking, pins, shapes } = joinable
  let { strifes } = joinable
  for (let round = 0; ; round++) {
    const at = round === 0 ? name : `${name}.${round}`
    const ruled = withClauses(`plan/${at}`, base, clauses, strifes)
    const plan = planAt(at, ruled, joinable)
    const seats = seatsOf(at, plan, { asking, pins, shapes })
    const met = newIn(strifesOf(at, seats, joinable), strifes)
    if (met.length === 0) return { plan, seats, strifes }
    if (strifes.length >= STRIFES_IN_ALL) return { plan: { ...plan, exact: false }, seats, strifes }
    strifes = [...strifes, ...met]
  }
}

const cheaper = (best: Laying | null, next: Laying): Laying =>
  !best || less(next.cost, best.cost) ? next : best

const planAt = (at: string, problem: MatchProblem, joinable: Joinable): Matching =>
  ordered(at, solvedAt(`plan/${at}`, problem), problem, mayStandFor(joinable).sameModel)

const baseProblem = kept(
  'base',
  (of: Pick<Joinable, 'seatPairs' | 'plugPairs' | 'asking' | 'pins' | 'before' | 'foremost'>) =>
    problemOf(candidatesOf([...of.seatPairs, ...of.plugPairs]), of.asking.demands, of),
)
const ordered = kept(
  'plan',
  (matched: Matching, problem: MatchProblem, sameModel: ReadonlyMap<string, string>): Matching =>
    inOrder(matched, sameModel, {
      problem,
      known: byPairId(problem.candidates),
      mayMove: () => true,
    }),
)
const seatsOf = kept(
  'seats',
  (plan: Matching, of: Pick<Joinable, 'asking' | 'pins' | 'shapes'>): readonly Joint[] =>
    jointsOf(
      plan.pairs.filter(c => isBodyEnd(of, c.plug)),
      of,
    ),
)

const unmetIn = (
  name: string,
  { seats, plugs, laid, shut, frames, field }: Laying,
  { asking, seatPairs, shapes }: Joinable,
): readonly Unmet[] =>
  reasoned(name, { seats, plugs, laid, shut, frames, field, asking, seatPairs, shapes })

const reasoned = kept(
  'unmet',
  ({
    seats,
    plugs,
    laid,
    shut,
    frames,
    field,
    asking,
    seatPairs,
    shapes,
  }: Pick<Laying, 'seats' | 'plugs' | 'laid' | 'shut' | 'frames' | 'field'> &
    Pick<Joinable, 'asking' | 'seatPairs' | 'shapes'>): readonly Unmet[] => {
    const all = [...seats, ...plugs]
    const joined = new Set(all.flatMap(j => [j.a, j.b]))
    const plugIn = new Map(all.map(j => [j.b, j.a]))
    const other = new Map(all.flatMap(j => [[j.a, j.b] as const, [j.b, j.a] as const]))
    return unmetOf(
      asking.demands.filter(d => !d.refs.some(ref => joined.has(ref))),
      {
        ends: asking.outlines,
        weighed: [...seatPairs, ...laid],
        shut,
        joined,
        budgets: asking.budgets,
        plugIn,
        binding: { ends: endsByRef(shapes), frames, field, other },
      },
    )
  },
)
