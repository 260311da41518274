// Interchangeable items: which of them takes which place is all one, so the first takes the first.
import { endRef, itemOf, keyOf, type EndRef } from '../ids/ids'
import { at } from '../collections/at'
import { compare, compareBy } from '../collections/compare'
import { groupBy } from '../collections/groups'
import { overdrawn } from '../matching/budget'
import { isHeldBy, pairId, type Candidate } from '../matching/candidate'
import { heldStrifes } from '../matching/match'
import { byName, type Matching, type MatchProblem } from '../matching/problem'

/** What a new order has to keep to. */
export interface Ordering {
  readonly problem: Pick<MatchProblem, 'clauses' | 'strifes' | 'budgets'>
  /** The candidates that stand for pairs, by name. */
  readonly known: ReadonlyMap<string, Candidate>
  /** Whether an item may take another place than it has. */
  readonly mayMove: (item: string) => boolean
}

/**
 * The matching with interchangeable items put in order: those that join anything first, by where they join.
 * `interchangeable` names the class of each item that has its like. Only items that may move are touched, and
 * only where known candidates stand for them: each pair for one that costs the same and shuts the
 * same, neither a clause nor a shared limit is broken, and no more is at strife.
 */
export function inOrder(
  found: Matching,
  interchangeable: ReadonlyMap<string, string>,
  { problem, known, mayMove }: Ordering,
): Matching {
  const classes = groupBy(
    [...interchangeable].filter(([item]) => mayMove(item)),
    ([, kind]) => kind,
  )
  const pairs = [...classes.values()].reduce((before, members) => {
    const renamed = rearranged(
      before,
      members.map(([item]) => item),
    )
    const whole = renamed.flatMap((p, i) => {
      const c = known.get(pairId(p))
      return c && isSameWorth(c, at(before, i)) ? [c] : []
    })
    return whole.length === before.length && keepsTo(problem, whole, before) ? whole : before
  }, found.pairs)
  return pairs === found.pairs ? found : { ...found, pairs: [...pairs].sort(byName) }
}

/** The pairs with the members of one class put in the order of where they join. */
function rearranged(
  pairs: readonly Candidate[],
  members: readonly string[],
): readonly Pick<Candidate, 'plug' | 'socket'>[] {
  const inLine = [...members].sort(compare)
  const byPlace = inLine
    .map(item => ({ item, where: whereJoined(pairs, item) }))
    .sort(
      compareBy(
        m => (m.where === '' ? 1 : 0),
        m => m.where,
      ),
    )
  const to = new Map(byPlace.map((m, i) => [m.item, at(inLine, i)]))
  const moved = (ref: EndRef): EndRef => {
    const item = itemOf(ref)
    return endRef(to.get(item) ?? item, keyOf(ref))
  }
  return pairs.map(p => ({ plug: moved(p.plug), socket: moved(p.socket) }))
}

const isSameWorth = (a: Candidate, b: Candidate): boolean =>
  a.cost.every((c, i) => c === b.cost[i]) && (a.shuts ?? []).join() === (b.shuts ?? []).join()

function keepsTo(
  { clauses, strifes, budgets }: Ordering['problem'],
  pairs: readonly Candidate[],
  before: readonly Candidate[],
): boolean {
  const names = new Set<string>(pairs.map(pairId))
  return (
    !clauses.some(clause => isHeldBy(clause, names)) &&
    !budgets.some(budget => overdrawn(budget, pairs)) &&
    heldStrifes(strifes, pairs).length <= heldStrifes(strifes, before).length
  )
}

/** Where an item joins, as something to sort by; empty where it joins nothing. */
const whereJoined = (pairs: readonly Candidate[], item: string): string =>
  pairs
    .flatMap(({ plug, socket }) => {
      if (itemOf(plug) === item) return [`${keyOf(plug)} ${socket}`]
      return itemOf(socket) === item ? [`${keyOf(socket)} ${plug}`] : []
    })
    .sort()
    .join('|')
