// The matching: which plug goes into which socket, chosen together and exactly.
//
// A branch and bound over the demands in their canonical order, one connected component at a time. Costs are compared
// part by part, the first part first. The bound of a partial choice is its cost plus, for every demand still open, the
// cheapest of its candidates; one pair that answers two demands counts at the first only. Worst case exponential in the demands of one component; in practice a component
// is a handful. The node limit turns a too hard component into the best found, with `exact: false`.
//
// Equal optima: the first in canonical order wins (demands by id, candidates by plug, then socket).

/** Parts of a cost, gravest first: unmet must, should, may; gravity of matings; wrong purpose; rank; length. */
export type Cost = readonly [must: number, should: number, may: number, gravity: number, purpose: number, rank: number, length: number]
export const FREE: Cost = [0, 0, 0, 0, 0, 0, 0]

export interface Candidate { readonly plug: string; readonly socket: string; readonly cost: Cost }

export interface MatchProblem {
  readonly demands: readonly { readonly id: string; readonly need: 'must' | 'should' | 'may'; readonly refs: readonly string[] }[]
  readonly candidates: readonly Candidate[]
  /** Pairs of ends that are never both joined: a whole plug and its half, two of a one-of group. */
  readonly excludes: readonly (readonly [string, string])[]
  /** Ends that are joined together or not at all: the two ends of a loose lead. */
  readonly together: readonly (readonly [string, string])[]
  /** Pairs that are given: made already, or pinned by hand. */
  readonly pins: readonly (readonly [plug: string, socket: string])[]
}

export interface Matching {
  readonly pairs: readonly Candidate[]
  readonly unmet: readonly string[]
  readonly cost: Cost
  readonly exact: boolean
  readonly nodes: number
}

/** How many partial choices one component may take before the best found so far is returned. */
export const NODE_LIMIT = 200_000

/** Solves the matching. Pins are kept wherever their pair is a candidate. */
export function match(problem: MatchProblem, nodeLimit = NODE_LIMIT): Matching {
  const parts = components(problem).map(part => solve(part, nodeLimit))
  return {
    pairs: parts.flatMap(p => p.pairs).sort(byPlug),
    unmet: parts.flatMap(p => p.unmet).sort(),
    cost: parts.reduce<Cost>((sum, p) => add(sum, p.cost), FREE),
    exact: parts.every(p => p.exact),
    nodes: parts.reduce((sum, p) => sum + p.nodes, 0),
  }
}

const UNMET: Record<'must' | 'should' | 'may', Cost> = { must: [1, 0, 0, 0, 0, 0, 0], should: [0, 1, 0, 0, 0, 0, 0], may: [0, 0, 1, 0, 0, 0, 0] }

function solve(problem: MatchProblem, nodeLimit: number): Matching {
  const { touching, partners, blocked } = indexed(problem)
  const pinned = new Map(problem.pins.flatMap(([a, b]) => [[a, b], [b, a]]))
  const allowed = (c: Candidate): boolean => (pinned.get(c.plug) ?? c.socket) === c.socket && (pinned.get(c.socket) ?? c.plug) === c.plug
  const demands = [...problem.demands].sort((a, b) => (a.id < b.id ? -1 : 1))
  const choices = demands.map(d => d.refs.flatMap(ref => touching.get(ref) ?? []).filter(allowed).sort(byPlug))
  const position = new Map(demands.flatMap((d, i) => d.refs.map(ref => [ref, i] as const)))
  const mayCostNothing = (c: Candidate, i: number): boolean => [c.plug, c.socket].some(ref => partners.has(ref) || (position.get(ref) ?? i) < i)
  const floors = suffixSums(choices.map((list, i) => cheapest([...list.map(c => (mayCostNothing(c, i) ? FREE : c.cost)), UNMET[demands[i]?.need ?? 'may']])))

  const taken = new Map<string, Candidate>()
  let best: { pairs: readonly Candidate[]; unmet: readonly string[]; cost: Cost } | null = null
  let nodes = 0

  const free = (ref: string): boolean => !taken.has(ref) && (blocked.get(ref) ?? []).every(other => !taken.has(other))
  const choose = (c: Candidate, then: () => void): void => {
    taken.set(c.plug, c)
    taken.set(c.socket, c)
    then()
    taken.delete(c.plug)
    taken.delete(c.socket)
  }

  const branch = (i: number, cost: Cost, unmet: readonly string[], owed: readonly string[]): void => {
    if (nodes >= nodeLimit) return
    nodes += 1
    if (best && !less(add(cost, floors[i] ?? FREE), best.cost)) return
    const due = owed.find(ref => !taken.has(ref))
    if (due !== undefined) {
      for (const c of (touching.get(due) ?? []).filter(allowed)) {
        if (free(c.plug) && free(c.socket)) choose(c, () => branch(i, add(cost, c.cost), unmet, owed))
      }
      return
    }
    const demand = demands[i]
    if (!demand) {
      best = { pairs: [...new Set(taken.values())], unmet, cost }
      return
    }
    if (demand.refs.some(ref => taken.has(ref))) { branch(i + 1, cost, unmet, owed); return }
    for (const c of choices[i] ?? []) {
      if (!free(c.plug) || !free(c.socket)) continue
      const follows = [c.plug, c.socket].flatMap(ref => partners.get(ref) ?? [])
      choose(c, () => branch(i + 1, add(cost, c.cost), unmet, [...owed, ...follows]))
    }
    branch(i + 1, add(cost, UNMET[demand.need]), [...unmet, demand.id], owed)
  }
  branch(0, FREE, [], [])

  const found = best as { pairs: readonly Candidate[]; unmet: readonly string[]; cost: Cost } | null
  return { pairs: found?.pairs ?? [], unmet: found?.unmet ?? demands.map(d => d.id), cost: found?.cost ?? FREE, exact: nodes < nodeLimit, nodes }
}

const byPlug = (a: Candidate, b: Candidate): number => (a.plug < b.plug ? -1 : a.plug > b.plug ? 1 : a.socket < b.socket ? -1 : a.socket > b.socket ? 1 : 0)

function indexed(problem: MatchProblem) {
  const touching = new Map<string, Candidate[]>()
  for (const c of [...problem.candidates].sort(byPlug)) for (const ref of [c.plug, c.socket]) (touching.get(ref) ?? touching.set(ref, []).get(ref))?.push(c)
  return { touching, partners: neighbours(problem.together), blocked: neighbours(problem.excludes) }
}

function neighbours(pairs: readonly (readonly [string, string])[]): Map<string, string[]> {
  const map = new Map<string, string[]>()
  for (const [a, b] of pairs) for (const [from, to] of [[a, b], [b, a]] as const) map.set(from, [...(map.get(from) ?? []), to])
  return map
}

/** Splits a problem into parts that share no end; demands without a candidate are a part each. */
function components(problem: MatchProblem): readonly MatchProblem[] {
  const root = new Map<string, string>()
  const find = (ref: string): string => {
    const up = root.get(ref) ?? ref
    if (up === ref) return ref
    const top = find(up)
    root.set(ref, top)
    return top
  }
  const join = (a: string, b: string): void => { root.set(find(a), find(b)) }
  for (const c of problem.candidates) join(c.plug, c.socket)
  for (const [a, b] of [...problem.excludes, ...problem.together]) join(a, b)
  for (const d of problem.demands) for (const ref of d.refs) join(d.refs[0] ?? ref, ref)
  const roots = [...new Set(problem.demands.map(d => find(d.refs[0] ?? d.id)))].sort()
  return roots.map(r => ({
    demands: problem.demands.filter(d => find(d.refs[0] ?? d.id) === r),
    candidates: problem.candidates.filter(c => find(c.plug) === r),
    excludes: problem.excludes.filter(([a]) => find(a) === r),
    together: problem.together.filter(([a]) => find(a) === r),
    pins: problem.pins.filter(([a]) => find(a) === r),
  }))
}

export const add = (a: Cost, b: Cost): Cost => a.map((v, i) => v + (b[i] ?? 0)) as unknown as Cost

export function less(a: Cost, b: Cost): boolean {
  for (let i = 0; i < a.length; i++) {
    const d = (a[i] ?? 0) - (b[i] ?? 0)
    if (d !== 0) return d < 0
  }
  return false
}

const cheapest = (costs: readonly Cost[]): Cost => costs.reduce((best, c) => (less(c, best) ? c : best))

/** For each position the sum of all that follow it, itself included. */
function suffixSums(costs: readonly Cost[]): readonly Cost[] {
  const sums: Cost[] = [FREE]
  for (const c of [...costs].reverse()) sums.push(add(sums.at(-1) ?? FREE, c))
  return sums.reverse()
}
