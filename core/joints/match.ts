// The matching: which plug goes into which socket, seats and leads chosen together and exactly.
//
// A branch and bound. Its bound is the cheapest assignment (assignment.ts) that heeds only "one plug, one socket" and the
// demands; where that assignment breaks nothing else it is the best there is. Where it breaks something (two ends that
// exclude each other, an inlet left free, a port shut by a card, a limit) the search branches on just that. One connected
// component at a time. Worst case exponential in what is broken at once; the node limit turns a too hard component into
// the best found, with its bound. Costs are compared part by part, the first part first: they become one whole number by
// mixed radix, so nothing is traded. Equal optima: the first in canonical order (rows and columns by name).
import { assign, type Pairing } from './assignment'
import { overdrawn, type Budget } from './joining-rules'

/** Parts of a cost, gravest first: unmet must, should, may; gravity of matings; wrong purpose; rank; length. */
export type Cost = readonly [
  must: number,
  should: number,
  may: number,
  gravity: number,
  purpose: number,
  rank: number,
  length: number,
]
export const FREE: Cost = [0, 0, 0, 0, 0, 0, 0]

/** A pair that could be joined; choosing it shuts the ends it names. */
export interface Candidate {
  readonly plug: string
  readonly socket: string
  readonly cost: Cost
  readonly shuts?: readonly string[]
}
export const pairId = (c: Pick<Candidate, 'plug' | 'socket'>): string => `${c.plug}~${c.socket}`

export interface MatchProblem {
  readonly demands: readonly {
    readonly id: string
    readonly need: 'must' | 'should' | 'may'
    readonly refs: readonly string[]
  }[]
  readonly candidates: readonly Candidate[]
  /** Pairs of ends that are never both joined: a whole plug and its half, two of a one-of group. */
  readonly excludes: readonly (readonly [string, string])[]
  /** Where the first is joined, the second is: the two ends of a loose lead, what a hub gives and its inlet. */
  readonly follows: readonly (readonly [string, string])[]
  /** Pairs that are given: made already, or pinned by hand. */
  readonly pins: readonly (readonly [plug: string, socket: string])[]
  readonly budgets: readonly Budget[]
  /** Sets of pairs (by `plug~socket`), a pair of each of which cannot all be joined at once. */
  readonly clauses: readonly Clause[]
}
export type Clause = readonly (readonly string[])[]
export const NO_RULES: Omit<MatchProblem, 'demands' | 'candidates'> = {
  excludes: [],
  follows: [],
  pins: [],
  budgets: [],
  clauses: [],
}

export interface Matching {
  readonly pairs: readonly Candidate[]
  readonly unmet: readonly string[]
  readonly cost: Cost
  readonly exact: boolean
  readonly nodes: number
}

/** How many partial choices one component may take before the best found so far is returned. */
export const NODE_LIMIT = 4000

/** Solves the matching. Pins are kept wherever their pair is a candidate and nothing forbids it. `once` may remember a component's solution by its name. */
export function match(
  problem: MatchProblem,
  nodeLimit = NODE_LIMIT,
  once: (name: string, part: MatchProblem, solved: () => Matching) => Matching = (
    _name,
    _part,
    solved,
  ) => solved(),
): Matching {
  const parts = components(problem).map(part =>
    once(part.candidates[0]?.plug ?? part.demands[0]?.id ?? '', part, () => solve(part, nodeLimit)),
  )
  return {
    pairs: parts.flatMap(p => p.pairs).sort(byPlug),
    unmet: parts.flatMap(p => p.unmet).sort(),
    cost: parts.reduce<Cost>((sum, p) => add(sum, p.cost), FREE),
    exact: parts.every(p => p.exact),
    nodes: parts.reduce((sum, p) => sum + p.nodes, 0),
  }
}

export const UNMET: Record<'must' | 'should' | 'may', Cost> = {
  must: [1, 0, 0, 0, 0, 0, 0],
  should: [0, 1, 0, 0, 0, 0, 0],
  may: [0, 0, 1, 0, 0, 0, 0],
}
type Demand = MatchProblem['demands'][number]

/** What a branch adds to the problem. */
interface Branch {
  /** Ends that stay free, pairs that are not chosen, ends that are joined, demands that are gone without, ends whose pair is settled. */
  readonly banned: ReadonlySet<string>
  readonly barred: ReadonlySet<string>
  readonly forced: ReadonlySet<string>
  readonly given: ReadonlySet<string>
  readonly kept: ReadonlyMap<string, string>
}
const ROOT: Branch = {
  banned: new Set(),
  barred: new Set(),
  forced: new Set(),
  given: new Set(),
  kept: new Map(),
}
const ban = (b: Branch, ref: string): Branch => ({ ...b, banned: new Set(b.banned).add(ref) })
const bar = (b: Branch, ...pairs: readonly string[]): Branch => ({
  ...b,
  barred: new Set([...b.barred, ...pairs]),
})
const force = (b: Branch, ref: string): Branch => ({ ...b, forced: new Set(b.forced).add(ref) })
/** A pair that stays, with all it shuts. */
const keepPair = (b: Branch, { plug, socket, shuts = [] }: Candidate): Branch => ({
  ...b,
  banned: new Set([...b.banned, ...shuts]),
  forced: new Set(b.forced).add(plug),
  kept: new Map(b.kept).set(plug, socket).set(socket, plug),
})
/** The plan goes without this demand. */
const give = (b: Branch, demand: string): Branch => ({ ...b, given: new Set(b.given).add(demand) })

function solve(problem: MatchProblem, nodeLimit: number): Matching {
  const single = problem.candidates[0]
  const easy =
    problem.candidates.length === 0 ||
    (problem.candidates.length === 1 &&
      single &&
      (single.shuts ?? []).length === 0 &&
      problem.follows.length + problem.clauses.length + problem.budgets.length === 0)
  if (easy && problem.demands.length === 0)
    return { pairs: [], unmet: [], cost: FREE, exact: true, nodes: 0 }
  const table = tabled(problem)
  let best: { pairs: readonly Candidate[]; price: number } | null = null
  let nodes = 0
  const open: Branch[] = [ROOT]
  for (let branch = open.pop(); branch && nodes < nodeLimit; branch = open.pop()) {
    nodes += 1
    const { pairs, price } = table.relax(branch)
    const used = new Set(pairs.flatMap(p => [p.plug, p.socket]))
    const failed = [...branch.forced].some(ref => !used.has(ref))
    if (failed || (best && table.level(price) >= table.level(best.price))) continue
    const ways = broken(problem, table, pairs, branch)
    if (ways === null) best = { pairs, price }
    else open.push(...[...ways].reverse())
  }
  const pairs = best?.pairs ?? []
  const used = new Set(pairs.flatMap(p => [p.plug, p.socket]))
  const unmet = problem.demands.filter(d => !d.refs.some(ref => used.has(ref)))
  return {
    pairs,
    unmet: unmet.map(d => d.id),
    cost: [...pairs.map(p => p.cost), ...unmet.map(d => UNMET[d.need])].reduce(add, FREE),
    exact: open.length === 0 || nodes < nodeLimit,
    nodes,
  }
}

/** The first thing that an assignment breaks, as the ways to mend it, no two of which overlap; null when it breaks nothing. */
function broken(
  problem: MatchProblem,
  { groups, joinable }: Table,
  pairs: readonly Candidate[],
  branch: Branch,
): readonly Branch[] | null {
  const used = new Map(
    pairs.flatMap(
      p =>
        [
          [p.plug, p],
          [p.socket, p],
        ] as const,
    ),
  )
  for (const [a, b] of problem.excludes)
    if (used.has(a) && used.has(b)) return [ban(branch, b), ban(force(branch, b), a)]
  for (const pair of pairs) {
    if (pair.shuts?.some(ref => used.has(ref)))
      return [
        ...(branch.kept.has(pair.plug) ? [] : [keepPair(branch, pair)]),
        bar(branch, pairId(pair)),
      ]
  }
  for (const [a, b] of problem.follows) {
    if (!used.has(a) || used.has(b)) continue
    // Without b, nothing that follows it: one decision for all outlets of a hub.
    const without = [
      b,
      ...problem.follows.filter(([, inlet]) => inlet === b).map(([outlet]) => outlet),
    ].reduce(ban, branch)
    return [...(joinable(b) && !branch.banned.has(b) ? [force(branch, b)] : []), without]
  }
  for (const group of groups) {
    if (!branch.given.has(group.id) && !group.refs.some(ref => used.has(ref)))
      return [
        ...group.refs
          .filter(ref => !branch.banned.has(ref))
          .map((ref, i, refs) => force(refs.slice(0, i).reduce(ban, branch), ref)),
        give(branch, group.id),
      ]
  }
  const chosen = new Map(pairs.map(p => [pairId(p), p]))
  for (const clause of problem.clauses)
    if (clause.every(set => set.some(p => chosen.has(p))))
      return oneGoes(
        branch,
        clause.map(set => ({ set, pair: set.flatMap(p => chosen.get(p) ?? [])[0] })),
      )
  for (const budget of problem.budgets) {
    const over = overdrawn(budget, pairs)
    if (over) return oneGoes(branch, over.map(single))
  }
  const ring = loop(problem, pairs)
  return ring ? oneGoes(branch, ring.flatMap(p => chosen.get(p) ?? []).map(single)) : null
}

interface Standing {
  readonly set: readonly string[]
  readonly pair: Candidate | undefined
}
const single = (pair: Candidate): Standing => ({ set: [pairId(pair)], pair })

/** Of sets that cannot all stay, the first goes; or the first stays and the second goes; and so on. What stays is known only of sets of one. */
function oneGoes(branch: Branch, standing: readonly Standing[]): readonly Branch[] {
  const stays = (b: Branch, { set, pair }: Standing): Branch =>
    pair && set.length === 1 ? keepPair(b, pair) : b
  return standing.flatMap(({ set, pair }, i) =>
    pair && branch.kept.has(pair.plug) && set.length === 1
      ? []
      : [bar(standing.slice(0, i).reduce(stays, branch), ...set)],
  )
}

/** Hubs and adapters that feed each other in a ring: a line must come from somewhere. */
function loop(problem: MatchProblem, pairs: readonly Candidate[]): readonly string[] | null {
  const by = new Map(
    pairs.flatMap(
      p =>
        [
          [p.plug, p],
          [p.socket, p],
        ] as const,
    ),
  )
  for (const [outlet] of problem.follows) {
    const passed: string[] = []
    for (let ref: string | undefined = outlet; ref !== undefined;) {
      const inlet: string | undefined = problem.follows.find(
        ([out, into]) => out === ref && !problem.follows.some(([o, i]) => o === into && i === out),
      )?.[1]
      const pair: Candidate | undefined = inlet === undefined ? undefined : by.get(inlet)
      if (!pair) break
      if (passed.includes(pairId(pair))) return passed.slice(passed.indexOf(pairId(pair)))
      passed.push(pairId(pair))
      ref = pair.plug === inlet ? pair.socket : pair.plug
    }
  }
  return null
}

interface Table {
  /** Demands of which any end is enough: not priced in the assignment, looked at afterwards. */
  readonly groups: readonly Demand[]
  /** Whether an end is in any pair. */
  joinable(ref: string): boolean
  /** A price without the order of names: what is equal here is equally good. */
  level(price: number): number
  relax(branch: Branch): { readonly pairs: readonly Candidate[]; readonly price: number }
}

/** The problem as numbers: rows are plugs, columns sockets, prices whole numbers that keep the order of costs. */
function tabled(problem: MatchProblem): Table {
  const pinned = new Map(
    problem.pins.flatMap(
      ([a, b]) =>
        [
          [a, b],
          [b, a],
        ] as const,
    ),
  )
  const candidates = [...problem.candidates]
    .filter(
      c =>
        (pinned.get(c.plug) ?? c.socket) === c.socket &&
        (pinned.get(c.socket) ?? c.plug) === c.plug,
    )
    .sort(byPlug)
  const rows = [...new Set(candidates.map(c => c.plug))].sort()
  const columns = [...new Set(candidates.map(c => c.socket))].sort()
  const rowAt = new Map(rows.map((ref, i) => [ref, i]))
  const columnAt = new Map(columns.map((ref, i) => [ref, i]))
  const joinable = (ref: string): boolean => rowAt.has(ref) || columnAt.has(ref)
  const { priceOf, pin, names } = pricing(
    problem,
    candidates,
    rows.length * (rows.length + columns.length),
  )

  const freeOf = new Map<string, number>()
  let base = 0
  const groups: Demand[] = []
  const addFree = (ref: string, price: number): void => {
    freeOf.set(ref, (freeOf.get(ref) ?? 0) + price)
  }
  const apart = new Set(problem.excludes.flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`]))
  for (const demand of problem.demands) {
    const refs = demand.refs.filter(joinable)
    const price = priceOf(UNMET[demand.need])
    const exclusive = refs.every((a, i) => refs.slice(i + 1).every(b => apart.has(`${a} ${b}`)))
    if (refs.length === 0) base += price
    else if (exclusive) {
      refs.forEach(ref => addFree(ref, price))
      base -= (refs.length - 1) * price
    } else groups.push({ ...demand, refs })
  }
  for (const [plug] of problem.pins) if (joinable(plug)) addFree(plug, pin)
  const impossible = pin * (problem.pins.length + 1)
  const moved = shifts(problem, candidates, freeOf)
  const indexed = candidates.map(c => ({
    row: rowAt.get(c.plug) ?? 0,
    column: columnAt.get(c.socket) ?? 0,
    cost:
      priceOf(c.cost) +
      (moved.get(c.plug) ?? 0) +
      (rowAt.get(c.plug) ?? 0) +
      (columnAt.get(c.socket) ?? 0),
    id: pairId(c),
    c,
  }))
  const byRow = rows.map((_, row) => indexed.filter(p => p.row === row))
  const groupPrice = new Map(groups.map(g => [g.id, priceOf(UNMET[g.need])]))

  return {
    groups,
    joinable,
    level: price => Math.floor(price / names),
    relax({ banned, barred, forced, given, kept }) {
      const settled = ({ plug, socket }: Candidate): boolean =>
        kept.size > 0 &&
        ((kept.get(plug) ?? socket) !== socket || (kept.get(socket) ?? plug) !== plug)
      const free = (ref: string): number =>
        (freeOf.get(ref) ?? 0) + (forced.has(ref) ? impossible : 0)
      const { cost, chosen } = assign({
        pairs:
          banned.size + barred.size + kept.size === 0
            ? byRow
            : byRow.map((list, row) =>
                banned.has(rows[row] ?? '')
                  ? NO_PAIRS
                  : list.filter(p => !barred.has(p.id) && !banned.has(p.c.socket) && !settled(p.c)),
              ),
        freeRow: rows.map(free),
        freeColumn: columns.map(free),
      })
      const pairs = (chosen as readonly (Pairing & { readonly c: Candidate })[]).map(p => p.c)
      return {
        pairs,
        price: cost + base + [...given].reduce((sum, id) => sum + (groupPrice.get(id) ?? 0), 0),
      }
    },
  }
}

const NO_PAIRS: readonly never[] = []

/**
 * The two ends of a loose lead are joined together or not at all, so what one end earns may be credited to both: the sum
 * stays, and the assignment sees that a lead which finds no port serves no drive. Half of what the demanded end earns.
 */
function shifts(
  { follows }: MatchProblem,
  candidates: readonly Candidate[],
  freeOf: ReadonlyMap<string, number>,
): ReadonlyMap<string, number> {
  const follow = new Set(follows.map(([a, b]) => `${a} ${b}`))
  const earns = (plug: string): number =>
    candidates.reduce(
      (most, c) => (c.plug === plug ? Math.max(most, freeOf.get(c.socket) ?? 0) : most),
      0,
    )
  return new Map(
    follows
      .filter(([a, b]) => a < b && follow.has(`${b} ${a}`))
      .flatMap(([a, b]) => {
        const [x, y] = [earns(a), earns(b)]
        const half = Math.floor(Math.abs(x - y) / 2)
        return x >= y
          ? ([
              [a, half],
              [b, -half],
            ] as const)
          : ([
              [b, half],
              [a, -half],
            ] as const)
      }),
  )
}

/** Whole numbers at most this large add up exactly. */
const EXACT = 2 ** 50

/** How a cost becomes one number: each part weighs more than all lower parts of this problem together, the last more than the order of names. */
function pricing(
  problem: MatchProblem,
  candidates: readonly Candidate[],
  names: number,
): { priceOf(cost: Cost): number; readonly pin: number; readonly names: number } {
  const most = new Map<string, Cost>()
  for (const c of candidates)
    most.set(
      c.plug,
      c.cost.map((v, i) => Math.max(v, most.get(c.plug)?.[i] ?? 0)) as unknown as Cost,
    )
  const highest = [...most.values(), ...problem.demands.map(d => UNMET[d.need])].reduce(add, FREE)
  const scaled = (coarse: number) => {
    const tops = highest.map((top, i) =>
      i === LENGTH ? Math.ceil(top / coarse) + candidates.length : top,
    )
    const weights = tops.map((_, i) =>
      tops.slice(i + 1).reduce((product, top) => product * (top + 1), names + 1),
    )
    return { weights, pin: (weights[0] ?? 1) * ((tops[0] ?? 0) + 1), coarse }
  }
  let scale = scaled(1)
  while (scale.pin * (problem.pins.length + 1) * 2 > EXACT && scale.coarse < 1e4)
    scale = scaled(scale.coarse * 10)
  const { weights, pin, coarse } = scale
  return {
    pin,
    names: names + 1,
    priceOf: cost =>
      cost.reduce(
        (sum, v, i) => sum + (i === LENGTH ? Math.round(v / coarse) : v) * (weights[i] ?? 0),
        0,
      ),
  }
}
const LENGTH = 6

const byPlug = (a: Candidate, b: Candidate): number =>
  a.plug < b.plug
    ? -1
    : a.plug > b.plug
      ? 1
      : a.socket < b.socket
        ? -1
        : a.socket > b.socket
          ? 1
          : 0

/** Splits a problem into parts that share nothing; demands without a candidate are a part each. */
function components(problem: MatchProblem): readonly MatchProblem[] {
  const root = new Map<string, string>()
  const find = (ref: string): string => {
    const up = root.get(ref) ?? ref
    if (up === ref) return ref
    const top = find(up)
    root.set(ref, top)
    return top
  }
  const join = (a: string, b: string): void => {
    root.set(find(a), find(b))
  }
  const known = new Set(problem.candidates.flatMap(c => [c.plug, c.socket]))
  const plugOf = new Map(
    problem.clauses.length > 0 ? problem.candidates.map(c => [pairId(c), c.plug]) : [],
  )
  for (const c of problem.candidates) {
    join(c.plug, c.socket)
    for (const ref of c.shuts ?? []) if (known.has(ref)) join(c.plug, ref)
  }
  for (const [a, b] of [...problem.excludes, ...problem.follows]) join(a, b)
  for (const d of problem.demands) for (const ref of d.refs) join(d.refs[0] ?? ref, ref)
  for (const { sockets } of problem.budgets) for (const ref of sockets) join(sockets[0] ?? ref, ref)
  const firstOf = (clause: Clause): string => clause[0]?.[0] ?? ''
  for (const clause of problem.clauses)
    for (const pair of clause.flat())
      join(plugOf.get(firstOf(clause)) ?? pair, plugOf.get(pair) ?? pair)
  const parts = new Map<
    string,
    { -readonly [K in keyof MatchProblem]: MatchProblem[K][number][] }
  >()
  const part = (ref: string) => {
    const at = find(ref)
    const found = parts.get(at) ?? {
      demands: [],
      candidates: [],
      excludes: [],
      follows: [],
      pins: [],
      budgets: [],
      clauses: [],
    }
    parts.set(at, found)
    return found
  }
  for (const d of problem.demands) part(d.refs[0] ?? d.id).demands.push(d)
  for (const c of problem.candidates) part(c.plug).candidates.push(c)
  for (const pair of problem.excludes) part(pair[0]).excludes.push(pair)
  for (const pair of problem.follows) part(pair[0]).follows.push(pair)
  for (const pin of problem.pins) part(pin[0]).pins.push(pin)
  for (const budget of problem.budgets) part(budget.sockets[0] ?? '').budgets.push(budget)
  for (const clause of problem.clauses) part(plugOf.get(firstOf(clause)) ?? '').clauses.push(clause)
  return [...parts.entries()].sort(([a], [b]) => (a < b ? -1 : 1)).map(([, p]) => p)
}

export const add = (a: Cost, b: Cost): Cost => a.map((v, i) => v + (b[i] ?? 0)) as unknown as Cost

export function less(a: Cost, b: Cost): boolean {
  for (let i = 0; i < a.length; i++) {
    const d = (a[i] ?? 0) - (b[i] ?? 0)
    if (d !== 0) return d < 0
  }
  return false
}
