// What comes with the parts of a build: what of it is not there, and what comes and goes where a part is taken
// out or another stands in its place.
import { groupBy } from '../collections/groups'
import type { SingleCommand } from '../document/command-schema'
import type { StoredItem } from '../document/build'
import type { Part } from '../parts'
import { includedWith } from '../parts/included'
import type { Fitted } from '../parts/kind'

/** What comes with items and is not in the build. */
export interface Missing {
  /** The first item that it comes with. */
  readonly item: string
  readonly part: Part
  readonly count: number
  /** Of each of them whether it sits in its place when it comes, and where. */
  readonly fitted: readonly Fitted[]
}

/**
 * What comes with the items and is not in the build: what is left out on purpose is not asked for,
 * nor what makes no part. One that is there stands for one, whichever of them it came with.
 */
export function missingOf(items: readonly StoredItem[]): readonly Missing[] {
  return owed(items).flatMap(coming => {
    const here = items.filter(i => i.part.id === coming.part.id)
    const count = coming.count - here.length
    return count > 0 ? [{ ...coming, count, fitted: notTaken(coming.fitted, here, count) }] : []
  })
}

/** Of the places in which such parts come, so many that none of those that are here came in. */
function notTaken(
  all: readonly Fitted[],
  here: readonly StoredItem[],
  count: number,
): readonly Fitted[] {
  const left = here.reduce<readonly Fitted[]>((places, { fitted }) => {
    const at = places.indexOf(fitted ?? false)
    return at < 0 ? places : places.toSpliced(at, 1)
  }, all)
  return left.slice(-count)
}

/** All that comes with the items, each part once. */
function owed(items: readonly StoredItem[]): readonly Missing[] {
  const holders = items.filter(i => i.bare !== true && i.state !== 'spare')
  const coming = [...groupBy(holders, i => i.part.id).values()].flatMap(comingWith)
  return [...groupBy(coming, c => c.part.id).values()].flatMap(alike => {
    const [first] = alike
    const count = alike.reduce((sum, c) => sum + c.count, 0)
    return first ? [{ ...first, count, fitted: alike.flatMap(c => c.fitted) }] : []
  })
}

/** What comes with items of one part: with each, or with each pack. */
const comingWith = (alike: readonly StoredItem[]): readonly Missing[] =>
  alike.slice(0, 1).flatMap(({ id, part: holder }) =>
    includedWith(holder, alike.length).map(({ part, count, fitted }) => ({
      ...{ item: id, part, count },
      fitted: Array.from({ length: count }, () => fitted),
    })),
  )

const isInHand = ({ state }: StoredItem): boolean => state === 'have' || state === 'spare'

/**
 * What follows from other items in a build: what came with a part that is not bought now leaves
 * with it, the last first; what comes with a new one is added in its state. What is in hand stays,
 * no longer in the place where it came, and so does what is paid or has a price of its own: that was
 * bought by itself.
 */
export function alongWith(
  before: readonly StoredItem[],
  after: readonly StoredItem[],
): readonly SingleCommand[] {
  const owedNow = new Map(owed(after).map(m => [m.part.id, m.count]))
  const leaving = owed(before).flatMap(({ part, count }) => {
    const now = owedNow.get(part.id) ?? 0
    const cameWith = after.filter(i => i.part.id === part.id && (i.part.price ?? 0) === 0)
    const over = Math.min(count - now, cameWith.length - now)
    const free = cameWith.filter(i => !isInHand(i) && (i.paid ?? 0) === 0)
    return over > 0 ? free.slice(-over) : []
  })
  const left = after.filter(i => !leaving.includes(i))
  const loose = left.filter(i => i.fitted && (owedNow.get(i.part.id) ?? 0) === 0)
  const known = new Set(missingOf(before).map(m => m.part.id))
  const coming = missingOf(left).filter(m => !known.has(m.part.id))
  return [
    ...leaving.map(({ id }) => ({ do: 'removeItem' as const, id })),
    ...loose.map(({ id }) => ({ do: 'comeFitted' as const, id, fitted: false })),
    ...coming.flatMap(m => added(m, left)),
  ]
}

/** So many of what comes with an item, in the state that it has. */
export function added(
  { item, part, fitted }: Missing,
  items: readonly StoredItem[],
): readonly SingleCommand[] {
  const { state, condition } = items.find(i => i.id === item) ?? {}
  return fitted.map(sits => ({
    do: 'addItem' as const,
    item: { part, state, condition, ...(sits ? { fitted: sits } : {}) },
  }))
}
