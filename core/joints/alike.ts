// Items that are alike: which of them takes which place is all one, so the first takes the first.
import { itemOfRef, keyOfRef } from './joint'
import { pairId, type Candidate, type Matching } from './match'

/** The matching with alike items put in order: those that join anything first, by where they join. Only items that `may` change are touched. */
export function inOrder(found: Matching, candidates: readonly Candidate[], alike: ReadonlyMap<string, string>, may: (item: string) => boolean): Matching {
  const classes = new Map<string, string[]>()
  for (const [item, kind] of alike) if (may(item)) (classes.get(kind) ?? classes.set(kind, []).get(kind))?.push(item)
  const known = new Map(candidates.map(c => [pairId(c), c]))
  let pairs = found.pairs
  for (const members of classes.values()) {
    if (members.length < 2) continue
    const bundles = [...members].sort().map(item => ({ item, key: keyOf(pairs, item) }))
    const byPlace = [...bundles].sort((a, b) => (a.key === b.key ? 0 : a.key === '' ? 1 : b.key === '' ? -1 : a.key < b.key ? -1 : 1))
    const to = new Map(byPlace.map((b, i) => [b.item, bundles[i]?.item ?? b.item]))
    const renamed = pairs.map(p => ({ plug: moved(p.plug, to), socket: moved(p.socket, to) }))
    const whole = renamed.flatMap(p => known.get(pairId(p)) ?? [])
    if (whole.length === pairs.length) pairs = whole
  }
  return pairs === found.pairs ? found : { ...found, pairs: [...pairs].sort((a, b) => (a.plug < b.plug ? -1 : a.plug > b.plug ? 1 : 0)) }
}

/** Where an item joins, as something to sort by; empty where it joins nothing. */
const keyOf = (pairs: readonly Candidate[], item: string): string =>
  pairs.flatMap(p => (itemOfRef(p.plug) === item ? [`${keyOfRef(p.plug)} ${p.socket}`] : itemOfRef(p.socket) === item ? [`${keyOfRef(p.socket)} ${p.plug}`] : [])).sort().join('|')

const moved = (ref: string, to: ReadonlyMap<string, string>): string => `${to.get(itemOfRef(ref)) ?? itemOfRef(ref)}/${keyOfRef(ref)}`
