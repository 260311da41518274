// Limits that several sockets share.
import type { Candidate } from './candidate'

/** Sockets that share a limit, and what each plug takes of it. */
export interface Budget {
  readonly sockets: readonly string[]
  readonly limit: number
  readonly takes: Readonly<Record<string, number>>
}

/**
 * The limits as they are for what is still to be chosen: what is given takes its share first, even
 * where it takes too much.
 */
export const lessGiven = (
  budgets: readonly Budget[],
  given: readonly (readonly [plug: string, socket: string])[],
): readonly Budget[] =>
  budgets.map(budget => {
    const own = given.filter(
      ([plug, socket]) => budget.sockets.includes(socket) && budget.takes[plug],
    )
    if (own.length === 0) return budget
    const taken = own.reduce((sum, [plug]) => sum + (budget.takes[plug] ?? 0), 0)
    const free = Object.fromEntries(own.map(([plug]) => [plug, 0]))
    return { ...budget, limit: budget.limit - taken, takes: { ...budget.takes, ...free } }
  })

/**
 * The limits that could be passed at all: by the plugs that take the most, one in each socket. The
 * others ask nothing, whatever their figures.
 */
export function binding(
  budgets: readonly Budget[],
  candidates: readonly Candidate[],
): readonly Budget[] {
  return budgets.filter(({ sockets, limit, takes }) => {
    const plugs = new Set(candidates.flatMap(c => (sockets.includes(c.socket) ? [c.plug] : [])))
    const most = [...plugs]
      .map(plug => takes[plug] ?? 0)
      .sort((a, b) => b - a)
      .slice(0, sockets.length)
    return most.reduce((sum, amps) => sum + amps, 0) > limit
  })
}

/** The pairs that together pass a limit, those that take the most first; null while it holds. */
export function overdrawn(
  { sockets, limit, takes }: Budget,
  pairs: readonly Candidate[],
): readonly Candidate[] | null {
  const on = pairs
    .filter(p => sockets.includes(p.socket) && (takes[p.plug] ?? 0) > 0)
    .sort((a, b) => (takes[b.plug] ?? 0) - (takes[a.plug] ?? 0))
  let sum = 0
  const over = on.findIndex(p => (sum += takes[p.plug] ?? 0) > limit)
  return over < 0 ? null : on.slice(0, over + 1)
}
