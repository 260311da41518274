// Items that are alike: which of them takes which place is all one, so the first takes the first.
import { overdrawn } from '../matching/budget'
import { itemOfRef, keyOfRef } from './joint'
import { pairId, type Candidate, type Clause } from '../matching/candidate'
import type { Matching, MatchProblem } from '../matching/problem'

/**
 * The matching with alike items put in order: those that join anything first, by where they join.
 * Only items that `may` change are touched, and only where `known` candidates stand for them: each
 * pair for one that costs the same and shuts the same, and neither a clause nor a shared limit is
 * broken.
 */
export function inOrder(
  found: Matching,
  { clauses, budgets }: Pick<MatchProblem, 'clauses' | 'budgets'>,
  known: ReadonlyMap<string, Candidate>,
  alike: ReadonlyMap<string, string>,
  may: (item: string) => boolean,
): Matching {
  const classes = new Map<string, string[]>()
  for (const [item, kind] of alike)
    if (may(item)) (classes.get(kind) ?? classes.set(kind, []).get(kind))?.push(item)
  let pairs = found.pairs
  for (const members of classes.values()) {
    if (members.length < 2) continue
    const bundles = [...members].sort().map(item => ({ item, key: keyOf(pairs, item) }))
    const byPlace = [...bundles].sort((a, b) =>
      a.key === b.key ? 0 : a.key === '' ? 1 : b.key === '' ? -1 : a.key < b.key ? -1 : 1,
    )
    const to = new Map(byPlace.map((b, i) => [b.item, bundles[i]?.item ?? b.item]))
    const renamed = pairs.map(p => ({ plug: moved(p.plug, to), socket: moved(p.socket, to) }))
    const whole = renamed.flatMap((p, i) => {
      const c = known.get(pairId(p))
      return c && sameWorth(c, pairs[i]) ? [c] : []
    })
    if (
      whole.length === pairs.length &&
      !clauses.some(c => breaks(whole, c)) &&
      !budgets.some(b => overdrawn(b, whole))
    )
      pairs = whole
  }
  return pairs === found.pairs
    ? found
    : {
        ...found,
        pairs: [...pairs].sort((a, b) => (a.plug < b.plug ? -1 : a.plug > b.plug ? 1 : 0)),
      }
}

const sameWorth = (a: Candidate, b: Candidate | undefined): boolean =>
  b !== undefined &&
  a.cost.every((c, i) => c === b.cost[i]) &&
  (a.shuts ?? []).join() === (b.shuts ?? []).join()
const breaks = (pairs: readonly Candidate[], clause: Clause): boolean =>
  clause.every(set => pairs.some(p => set.includes(pairId(p))))

/** Where an item joins, as something to sort by; empty where it joins nothing. */
const keyOf = (pairs: readonly Candidate[], item: string): string =>
  pairs
    .flatMap(p =>
      itemOfRef(p.plug) === item
        ? [`${keyOfRef(p.plug)} ${p.socket}`]
        : itemOfRef(p.socket) === item
          ? [`${keyOfRef(p.socket)} ${p.plug}`]
          : [],
    )
    .sort()
    .join('|')

const moved = (ref: string, to: ReadonlyMap<string, string>): string =>
  `${to.get(itemOfRef(ref)) ?? itemOfRef(ref)}/${keyOfRef(ref)}`
