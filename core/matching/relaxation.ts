// The problem without what pairs have to do with each other: a cheapest assignment, whose price no
// solution falls below.
import { known } from '../collections/at'
import { compareBy } from '../collections/compare'
import { assign, type Pairing } from './assignment'
import type { Branch } from './branch'
import { pairId, type Candidate } from './candidate'
import { STRIFE, unmetCost } from './cost'
import { pricing, type Pricing } from './pricing'
import { byName, type Demand, type MatchProblem } from './problem'

export interface Relaxation {
  /** Demands of which any end is enough: not priced in the assignment, looked at afterwards. */
  readonly groups: readonly Demand[]
  /** Whether an end is in any pair. */
  readonly joinable: (ref: string) => boolean
  /** A price without the order of names: what is equal here is equally good. */
  readonly level: (price: number) => number
  solve(branch: Branch): { readonly pairs: readonly Candidate[]; readonly price: number }
}

interface Indexed extends Pairing {
  readonly id: string
  readonly candidate: Candidate
}

/**
 * The problem as numbers: rows are plugs, columns sockets, prices whole numbers that keep the order
 * of costs.
 */
export function relaxationOf(problem: MatchProblem): Relaxation {
  const candidates = allowedByPins(problem)
  const foremost = new Set(problem.foremost)
  const inOrder = compareBy<string>(
    ref => (foremost.has(ref) ? 0 : 1),
    ref => ref,
  )
  const rows = [...new Set<string>(candidates.map(c => c.plug))].sort(inOrder)
  const columns = [...new Set<string>(candidates.map(c => c.socket))].sort(inOrder)
  const ends = new Set<string>([...rows, ...columns])
  const joinable = (ref: string): boolean => ends.has(ref)
  const names = namesOf(rows.length, columns.length, new Set(problem.before))
  const prices = pricing(problem, candidates, rows.length * names.most)
  const { freeOf, base, groups } = pricesOfFreedom(problem, joinable, prices)
  const impossible = prices.pin * (problem.pins.length + 1)
  const priceOf = (c: Candidate): number => prices.priceOf(c.cost) + (earned.get(c.plug) ?? 0)
  const earned = shifts(problem, candidates, freeOf)
  const byRow = indexed(candidates, { rows, columns }, priceOf, names.of)
  const groupPrice = new Map(groups.map(g => [g.id, prices.priceOf(unmetCost(g))]))

  return {
    groups,
    joinable,
    level: price => (problem.before.length > 0 ? price : Math.floor(price / prices.names)),
    solve(branch) {
      const free = (ref: string): number =>
        (freeOf.get(ref) ?? 0) + (branch.required.has(ref) ? impossible : 0)
      const { cost, chosen } = assign({
        pairs: allowedBy(branch, rows, byRow),
        freeRow: rows.map(free),
        freeColumn: columns.map(free),
      })
      const waived = [...branch.waived].reduce((sum, id) => sum + known(groupPrice, id), 0)
      const paid = branch.paid.size * prices.priceOf(STRIFE)
      return { pairs: chosen.map(p => p.candidate), price: cost + base + waived + paid }
    },
  }
}

function allowedByPins({ pins, candidates }: MatchProblem): readonly Candidate[] {
  const pinned = new Map(pins.flatMap(([a, b]) => [[a, b] as const, [b, a] as const]))
  const agrees = (end: string, other: string): boolean => (pinned.get(end) ?? other) === other
  return candidates.filter(c => agrees(c.plug, c.socket) && agrees(c.socket, c.plug)).sort(byName)
}

interface Freedom {
  /** What an end costs that stays free. */
  readonly freeOf: ReadonlyMap<string, number>
  /** What no choice can save. */
  readonly base: number
  readonly groups: readonly Demand[]
}

/** Demands as prices of staying free, as far as one end has one price; the rest are groups. */
function pricesOfFreedom(
  { demands, excludes, pins }: MatchProblem,
  joinable: (ref: string) => boolean,
  { priceOf, pin }: Pricing,
): Freedom {
  const freeOf = new Map<string, number>()
  const groups: Demand[] = []
  let base = 0
  const dearer = (ref: string, price: number): void => {
    freeOf.set(ref, (freeOf.get(ref) ?? 0) + price)
  }
  const apart = new Set(excludes.flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`]))
  for (const demand of demands) {
    const refs = demand.refs.filter(joinable)
    const price = priceOf(unmetCost(demand))
    const exclusive = refs.every((a, i) => refs.slice(i + 1).every(b => apart.has(`${a} ${b}`)))
    if (refs.length === 0) base += price
    else if (exclusive) {
      refs.forEach(ref => {
        dearer(ref, price)
      })
      base -= (refs.length - 1) * price
    } else groups.push({ ...demand, refs })
  }
  for (const [plug] of pins) if (joinable(plug)) dearer(plug, pin)
  return { freeOf, base, groups }
}

/** What a pair costs for its name, and the most that is. */
interface Names {
  readonly most: number
  readonly of: (row: number, column: number, id: string) => number
}
/**
 * Of equally good choices the one that keeps most of an earlier plan, then the one in the order of
 * names. The price grows with both numbers, so that the first are joined; least so where both are
 * large, so that the first plugs go into the first sockets.
 */
function namesOf(rows: number, columns: number, before: ReadonlySet<string>): Names {
  const inOrder = (row: number, column: number): number => rows * column + row * (columns - column)
  const most = rows * columns
  if (before.size === 0) return { most, of: inOrder }
  const anew = rows * most
  return {
    most: anew + most,
    of: (row, column, id) => (before.has(id) ? 0 : anew) + inOrder(row, column),
  }
}

/** The pairs of each row with their prices, which end in the order of names. */
function indexed(
  candidates: readonly Candidate[],
  { rows, columns }: { readonly rows: readonly string[]; readonly columns: readonly string[] },
  priceOf: (candidate: Candidate) => number,
  nameOf: Names['of'],
): readonly (readonly Indexed[])[] {
  const rowAt = new Map(rows.map((ref, i) => [ref, i]))
  const columnAt = new Map(columns.map((ref, i) => [ref, i]))
  const all = candidates.map((candidate): Indexed => {
    const row = known(rowAt, candidate.plug)
    const column = known(columnAt, candidate.socket)
    const id = pairId(candidate)
    return { row, column, cost: priceOf(candidate) + nameOf(row, column, id), id, candidate }
  })
  return rows.map((_, row) => all.filter(p => p.row === row))
}

const NO_PAIRS: readonly never[] = []

function allowedBy(
  { free, forbidden, fixed }: Branch,
  rows: readonly string[],
  byRow: readonly (readonly Indexed[])[],
): readonly (readonly Indexed[])[] {
  if (free.size + forbidden.size + fixed.size === 0) return byRow
  const elsewhere = ({ plug, socket }: Candidate): boolean =>
    fixed.size > 0 &&
    ((fixed.get(plug) ?? socket) !== socket || (fixed.get(socket) ?? plug) !== plug)
  return rows.map((plug, row) =>
    free.has(plug)
      ? NO_PAIRS
      : (byRow[row] ?? NO_PAIRS).filter(
          p => !forbidden.has(p.id) && !free.has(p.candidate.socket) && !elsewhere(p.candidate),
        ),
  )
}

/**
 * The two ends of a loose lead are joined together or not at all, so what one end earns may be
 * credited to both: the sum stays, and the assignment sees that a lead which finds no port serves
 * no drive. Half of what the demanded end earns.
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
        const gain = earns(a) - earns(b)
        const half = Math.floor(Math.abs(gain) / 2)
        const [richer, poorer] = gain >= 0 ? [a, b] : [b, a]
        return [[richer, half] as const, [poorer, -half] as const]
      }),
  )
}
