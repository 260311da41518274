// The matching: which plug goes into which socket, seats and leads chosen together and exactly.
// How: README.md beside this.
import { byEnd, isHeldBy, pairId, type Candidate, type Clause } from './candidate'
import { components } from './components'
import { add, FREE, STRIFE, unmetCost } from './cost'
import { byName, type Matching, type MatchProblem } from './problem'
import { relaxationOf } from './relaxation'
import { ROOT, type Branch } from './branch'
import { mendings } from './violations'

/** How many partial choices one component may take before the best found so far is returned. */
export const NODE_LIMIT = 4000

/** How a component is solved: at once, or by somebody who remembers what he solved under a name. */
export type Solving = (name: string, part: MatchProblem) => Matching

/** Solves the matching. Pins are kept wherever their pair is a candidate and nothing forbids it. */
export function match(
  problem: MatchProblem,
  nodeLimit = NODE_LIMIT,
  solving: Solving = (_name, part) => solve(part, nodeLimit),
): Matching {
  const nameOf = (part: MatchProblem): string =>
    part.candidates[0]?.plug ?? part.demands[0]?.id ?? ''
  const parts = components(problem).map(part => solving(nameOf(part), part))
  return {
    pairs: parts.flatMap(p => p.pairs).sort(byName),
    unmet: parts.flatMap(p => p.unmet).sort(),
    cost: parts.map(p => p.cost).reduce(add, FREE),
    exact: parts.every(p => p.exact),
    nodes: parts.reduce((sum, p) => sum + p.nodes, 0),
  }
}

const NOTHING_TO_DO: Matching = { pairs: [], unmet: [], cost: FREE, exact: true, nodes: 0 }

/** Whether nobody asks for anything and no pair has to do with another: then nothing is joined. */
function isIdle({
  candidates,
  demands,
  follows,
  clauses,
  strifes,
  budgets,
}: MatchProblem): boolean {
  if (demands.length > 0) return false
  const [only, ...more] = candidates
  if (!only) return true
  const alone = more.length === 0 && (only.shuts ?? []).length === 0
  return alone && follows.length + clauses.length + strifes.length + budgets.length === 0
}

/** Solves a problem whose parts all have to do with each other. */
export function solve(problem: MatchProblem, nodeLimit: number): Matching {
  if (isIdle(problem)) return NOTHING_TO_DO
  const relaxation = relaxationOf(problem)
  let best: { readonly pairs: readonly Candidate[]; readonly price: number } | null = null
  let nodes = 0
  const open: Branch[] = [ROOT]
  for (let branch = open.pop(); branch && nodes < nodeLimit; branch = open.pop()) {
    nodes += 1
    const { pairs, price } = relaxation.solve(branch)
    const used = byEnd(pairs)
    const failed = [...branch.required].some(ref => !used.has(ref))
    if (failed || (best && relaxation.level(price) >= relaxation.level(best.price))) continue
    const ways = mendings(problem, relaxation, { pairs, used, branch })
    if (ways === null) best = { pairs, price }
    else open.push(...[...ways].reverse())
  }
  const pairs = best?.pairs ?? []
  const used = byEnd(pairs)
  const unmet = problem.demands.filter(d => !d.refs.some(ref => used.has(ref)))
  return {
    pairs,
    unmet: unmet.map(d => d.id),
    cost: [
      ...pairs.map(p => p.cost),
      ...unmet.map(unmetCost),
      ...heldStrifes(problem.strifes, pairs).map(() => STRIFE),
    ].reduce(add, FREE),
    exact: open.length === 0 || nodes < nodeLimit,
    nodes,
  }
}

/** The sets that do not get along and are joined all the same. */
export function heldStrifes(
  strifes: readonly Clause[],
  pairs: readonly Pick<Candidate, 'plug' | 'socket'>[],
): readonly Clause[] {
  const names = new Set<string>(pairs.map(pairId))
  return strifes.filter(s => isHeldBy(s, names))
}
