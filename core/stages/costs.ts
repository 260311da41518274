// What the parts cost, a pack bought whole; and what comes with them and is not in the build.
import { groupBy } from '../collections/groups'
import type { Part } from '../parts'
import type { StoredItem } from '../document/build'
import { includedWith } from '../parts/included'

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

/** What comes with items and is not in the build. */
export interface Missing {
  /** The first item that it comes with. */
  readonly item: string
  readonly part: Part
  readonly count: number
}

/**
 * What comes with the items and is not in the build: what is left out on purpose is not asked for,
 * nor what makes no part. One that is there stands for one, whichever of them it came with.
 */
export function missingOf(items: readonly StoredItem[]): readonly Missing[] {
  const holders = items.filter(i => i.bare !== true && i.state !== 'spare')
  const coming = [...groupBy(holders, i => i.part.id).values()].flatMap(comingWith)
  return [...groupBy(coming, c => c.part.id).values()].flatMap(alike => {
    const [first] = alike
    if (!first) return []
    const here = items.filter(i => i.part.id === first.part.id).length
    const count = alike.reduce((sum, c) => sum + c.count, 0) - here
    return count > 0 ? [{ ...first, count }] : []
  })
}

/** What comes with items of one part: with each, or with each pack. */
const comingWith = (alike: readonly StoredItem[]): readonly Missing[] =>
  alike
    .slice(0, 1)
    .flatMap(({ id, part: holder }) =>
      includedWith(holder, alike.length).map(({ part, count }) => ({ item: id, part, count })),
    )
