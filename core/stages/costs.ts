// What the parts cost, a pack bought whole.
import { groupBy } from '../collections/groups'
import type { StoredItem } from '../document/build'

/** Of each item what it costs: paid, else its price; of a pack its share of as many as are bought. */
export function costsOf(items: readonly StoredItem[]): ReadonlyMap<string, number | null> {
  const unpaid = items.filter(i => i.state !== 'lent' && (i.paid ?? null) === null)
  const shares = [...groupBy(unpaid, i => i.part.id).values()].flatMap(alike => {
    const [first] = alike
    const { price = null, pack } = first?.part ?? {}
    const packs = pack ? Math.ceil(alike.length / pack) / alike.length : 1
    return alike.map(i => [i.id, price === null ? null : price * packs] as const)
  })
  const own = new Map(shares)
  return new Map(
    items.map(i => [i.id, i.state === 'lent' ? null : (i.paid ?? own.get(i.id) ?? null)]),
  )
}

/** How many packs of a part are bought for those of its items that are not paid. */
export const packsOf = (items: readonly StoredItem[], part: StoredItem['part']): number | null => {
  if (!part.pack) return null
  const alike = items.filter(i => i.part.id === part.id && (i.paid ?? null) === null)
  return Math.ceil(alike.length / part.pack)
}
