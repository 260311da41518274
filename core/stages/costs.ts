// What the parts cost: a pack is bought whole, what comes with a part is not in the build yet, what a budget
// leaves.
import { groupBy } from '../collections/groups'
import type { StoredItem } from '../document/build'
import { includedIn } from '../parts/included'

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

/** What comes with an item and is not in the build. */
export interface Missing {
  /** The item that it comes with. */
  readonly item: string
  readonly name: string
  readonly title: string
  readonly count: number
}

/**
 * What comes with the items and is not in the build: what is left out on purpose is not asked for,
 * nor what makes no part.
 */
export function missingOf(items: readonly StoredItem[]): readonly Missing[] {
  const holders = items.filter(i => i.bare !== true && i.state !== 'spare')
  return [...groupBy(holders, i => i.part.id).values()].flatMap(alike => {
    const [first] = alike
    if (!first) return []
    return includedIn(first.part).flatMap(({ part, count, name, title }) => {
      // A controller is in each pack, not with each fan.
      const here = items.filter(i => i.part.id === part?.id).length
      const left = count * Math.ceil(alike.length / (first.part.pack ?? 1)) - here
      return part && left > 0 ? [{ item: first.id, name, title, count: left }] : []
    })
  })
}
