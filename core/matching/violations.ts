// What a cheapest assignment breaks of what it does not know, and the branches that mend it.
import { clauseName, isHeldBy, pairId, type Candidate, type Clause } from './candidate'
import { overdrawn } from './budget'
import { fixPair, forbid, leaveFree, pay, requireEnd, waive, type Branch } from './branch'
import type { MatchProblem } from './problem'
import type { Relaxation } from './relaxation'

/** What a violation is looked for in: the problem, what was chosen, and on which branch. */
interface Choice {
  readonly problem: MatchProblem
  readonly relaxation: Relaxation
  readonly branch: Branch
  readonly pairs: readonly Candidate[]
  /** The chosen pairs by each of their ends, and by name. */
  readonly used: ReadonlyMap<string, Candidate>
  readonly chosen: ReadonlyMap<string, Candidate>
}
/** Ways to go on, no two of which overlap; null where this kind of violation does not occur. */
type Mending = readonly Branch[] | null

/** The kinds of violation, in the order in which they are looked for. */
const LOOKS: readonly ((choice: Choice) => Mending)[] = [
  exclusion,
  shutEnd,
  missingFollower,
  unmetGroup,
  brokenClause,
  passedLimit,
  ring,
  strife,
]

/**
 * The first thing that an assignment breaks, as the ways to mend it; null when it breaks nothing.
 */
export function mendings(
  problem: MatchProblem,
  relaxation: Relaxation,
  { pairs, used, branch }: Pick<Choice, 'pairs' | 'used' | 'branch'>,
): Mending {
  const choice: Choice = {
    problem,
    relaxation,
    branch,
    pairs,
    used,
    chosen: new Map(pairs.map(p => [pairId(p), p])),
  }
  for (const look of LOOKS) {
    const ways = look(choice)
    if (ways) return ways
  }
  return null
}

function exclusion({ problem, used, branch }: Choice): Mending {
  const found = problem.excludes.find(([a, b]) => used.has(a) && used.has(b))
  if (!found) return null
  const [a, b] = found
  return [leaveFree(branch, b), leaveFree(requireEnd(branch, b), a)]
}

function shutEnd({ pairs, used, branch }: Choice): Mending {
  const pair = pairs.find(p => p.shuts?.some(ref => used.has(ref)))
  if (!pair) return null
  const without = forbid(branch, pairId(pair))
  return branch.fixed.has(pair.plug) ? [without] : [fixPair(branch, pair), without]
}

function missingFollower({ problem, relaxation, used, branch }: Choice): Mending {
  const found = problem.follows.find(([a, b]) => used.has(a) && !used.has(b))
  if (!found) return null
  const [, inlet] = found
  // Without the inlet, nothing that follows it: one decision for all outlets of a hub.
  const outlets = problem.follows.filter(([, into]) => into === inlet).map(([outlet]) => outlet)
  const without = [inlet, ...outlets].reduce(leaveFree, branch)
  return relaxation.joinable(inlet) && !branch.free.has(inlet)
    ? [requireEnd(branch, inlet), without]
    : [without]
}

function unmetGroup({ relaxation, used, branch }: Choice): Mending {
  const group = relaxation.groups.find(
    g => !branch.waived.has(g.id) && !g.refs.some(ref => used.has(ref)),
  )
  if (!group) return null
  const joined = group.refs
    .filter(ref => !branch.free.has(ref))
    .map((ref, i, refs) => requireEnd(refs.slice(0, i).reduce(leaveFree, branch), ref))
  return [...joined, waive(branch, group.id)]
}

function brokenClause({ problem, chosen, branch }: Choice): Mending {
  const clause = problem.clauses.find(c => isHeldBy(c, chosen))
  return clause ? oneGoes(branch, standingOf(clause, chosen)) : null
}

const standingOf = (clause: Clause, chosen: Choice['chosen']): readonly Standing[] =>
  clause.map(set => ({ set, pair: set.flatMap(p => chosen.get(p) ?? [])[0] }))

/** What does not get along: one of it goes, or all of it stays and is paid for. */
function strife({ problem, chosen, branch }: Choice): Mending {
  const found = problem.strifes.find(c => isHeldBy(c, chosen) && !branch.paid.has(clauseName(c)))
  if (!found) return null
  return [...oneGoes(branch, standingOf(found, chosen)), pay(branch, clauseName(found))]
}

function passedLimit({ problem, pairs, branch }: Choice): Mending {
  for (const budget of problem.budgets) {
    const over = overdrawn(budget, pairs)
    if (over) return oneGoes(branch, over.map(single))
  }
  return null
}

/** Hubs and adapters that feed each other in a ring: a line must come from somewhere. */
function ring({ problem, used, chosen, branch }: Choice): Mending {
  for (const [outlet] of problem.follows) {
    const found = ringFrom(outlet, problem.follows, used)
    if (found) return oneGoes(branch, found.flatMap(p => chosen.get(p) ?? []).map(single))
  }
  return null
}

/** The pairs of a ring that is reached from an outlet, by name; null where the way up ends. */
function ringFrom(
  outlet: string,
  follows: MatchProblem['follows'],
  used: ReadonlyMap<string, Candidate>,
): readonly string[] | null {
  /** The inlet that feeds an outlet; the two ends of a loose lead feed nobody. */
  const inletOf = (ref: string): string | undefined =>
    follows.find(
      ([out, into]) => out === ref && !follows.some(([o, i]) => o === into && i === out),
    )?.[1]
  const passed: string[] = []
  for (let ref = outlet; ;) {
    const inlet = inletOf(ref)
    const pair = inlet === undefined ? undefined : used.get(inlet)
    if (!pair) return null
    const id = pairId(pair)
    if (passed.includes(id)) return passed.slice(passed.indexOf(id))
    passed.push(id)
    ref = pair.plug === inlet ? pair.socket : pair.plug
  }
}

/** A set of pairs of which one is chosen. */
interface Standing {
  readonly set: readonly string[]
  readonly pair: Candidate | undefined
}
const single = (pair: Candidate): Standing => ({ set: [pairId(pair)], pair })

/**
 * Of sets that cannot all stay, the first goes; or the first stays and the second goes; and so on.
 * What stays is known only of sets of one.
 */
function oneGoes(branch: Branch, standing: readonly Standing[]): readonly Branch[] {
  const stays = (b: Branch, { set, pair }: Standing): Branch =>
    pair && set.length === 1 ? fixPair(b, pair) : b
  const mayGo = ({ set, pair }: Standing): boolean =>
    !(pair && branch.fixed.has(pair.plug) && set.length === 1)
  return standing.flatMap((s, i) =>
    mayGo(s) ? [forbid(standing.slice(0, i).reduce(stays, branch), ...s.set)] : [],
  )
}
