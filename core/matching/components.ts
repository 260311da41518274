// A problem taken apart into problems that share nothing.
import { at } from '../collections/at'
import { compareBy } from '../collections/compare'
import { pairId, type Clause } from './candidate'
import { NO_RULES, type MatchProblem } from './problem'

/** Sets that grow together: which ends have anything to do with each other. */
class Unions {
  private readonly above = new Map<string, string>()

  rootOf(ref: string): string {
    const up = this.above.get(ref) ?? ref
    if (up === ref) return ref
    const root = this.rootOf(up)
    this.above.set(ref, root)
    return root
  }

  unite(first: string, ...others: readonly string[]): void {
    for (const other of others) this.above.set(this.rootOf(first), this.rootOf(other))
  }
}

type Parts = { -readonly [K in keyof MatchProblem]: MatchProblem[K][number][] }

/**
 * Splits a problem into parts that share nothing, in the order of their names; demands without a
 * candidate are a part each.
 */
export function components(problem: MatchProblem): readonly MatchProblem[] {
  const endOf = endsByPair(problem)
  const homeOf = (clause: Clause): string => endOf(at(at(clause, 0), 0))
  const unions = united(problem, endOf, homeOf)
  const parts = new Map<string, Parts>()
  const part = (ref: string): Parts => {
    const root = unions.rootOf(ref)
    const found = parts.get(root) ?? emptyPart()
    parts.set(root, found)
    return found
  }
  for (const d of problem.demands) part(d.refs[0] ?? d.id).demands.push(d)
  for (const c of problem.candidates) part(c.plug).candidates.push(c)
  for (const pair of problem.excludes) part(pair[0]).excludes.push(pair)
  for (const pair of problem.follows) part(pair[0]).follows.push(pair)
  for (const pin of problem.pins) part(pin[0]).pins.push(pin)
  for (const pair of problem.before) part(endOf(pair)).before.push(pair)
  for (const ref of problem.foremost) part(ref).foremost.push(ref)
  for (const budget of problem.budgets) part(at(budget.sockets, 0)).budgets.push(budget)
  for (const clause of problem.clauses) part(homeOf(clause)).clauses.push(clause)
  for (const strife of problem.strifes) part(homeOf(strife)).strifes.push(strife)
  return [...parts].sort(compareBy(([root]) => root)).map(([, found]) => found)
}

/** The plug of a pair, or the pair's own name where it is no candidate. */
function endsByPair({ clauses, strifes, before, candidates }: MatchProblem) {
  const isAsked = clauses.length + strifes.length + before.length > 0
  const plugOf = new Map<string, string>(isAsked ? candidates.map(c => [pairId(c), c.plug]) : [])
  return (pair: string): string => plugOf.get(pair) ?? pair
}

const emptyPart = (): Parts => ({
  demands: [],
  candidates: [],
  ...(Object.fromEntries(Object.keys(NO_RULES).map(key => [key, []])) as unknown as Omit<
    Parts,
    'demands' | 'candidates'
  >),
})

function united(
  problem: MatchProblem,
  endOf: (pair: string) => string,
  homeOf: (clause: Clause) => string,
): Unions {
  const unions = new Unions()
  const inPairs = new Set<string>(problem.candidates.flatMap(c => [c.plug, c.socket]))
  for (const c of problem.candidates) {
    unions.unite(c.plug, c.socket)
    for (const ref of c.shuts ?? []) if (inPairs.has(ref)) unions.unite(c.plug, ref)
  }
  for (const [a, b] of [...problem.excludes, ...problem.follows]) unions.unite(a, b)
  for (const { refs } of problem.demands) for (const ref of refs) unions.unite(at(refs, 0), ref)
  for (const { sockets } of problem.budgets)
    for (const ref of sockets) unions.unite(at(sockets, 0), ref)
  for (const clause of [...problem.clauses, ...problem.strifes])
    for (const pair of clause.flat()) unions.unite(homeOf(clause), endOf(pair))
  return unions
}
