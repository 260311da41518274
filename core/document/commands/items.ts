// Commands on the items of a build: what is in it, and in what state.
import { entriesOf, itemInOrder, withEntries } from '../canonical'
import type { Build, StoredItem } from '../build'
import type { About, Problem, Specs } from '../command'
import { confirmed } from '../../parts/not-stated'
import { placesOf } from '../../parts/places'
import { freshName } from '../../ids/ids'
import { resolve } from '../resolve'
import { putBack, stayingIn, takenOut, type Before } from './taken-out'

/** A build with one item changed. */
export const withItem = (
  build: Build,
  id: string,
  change: (item: StoredItem) => StoredItem,
): Build => ({
  ...build,
  items: build.items.map(i => (i.id === id ? itemInOrder(change(i)) : i)),
})

export const findItem = (build: Build, id: string): StoredItem | Problem =>
  build.items.find(i => i.id === id) ?? {
    problem: `No item "${id}" in ${build.name}. It may have been removed elsewhere meanwhile.`,
  }
export const isItem = (found: StoredItem | Problem): found is StoredItem => 'part' in found

/** What the line of a command on one item needs: how the item's part is called. */
export const named = (item: StoredItem): About => ({ item: item.part.model })

/** An id for a new item: its kind, numbered where there are several. */
export const freshId = (build: Pick<Build, 'items'>, kind: string): string =>
  freshName(
    build.items.map(i => i.id),
    kind,
  )

/** What a command that takes back has to say of a build as it stood. */
const asIt = (build: Build, entries: Readonly<Record<string, unknown>>): Taken => ({
  build,
  before: {
    entries: entriesOf(build.progress, Object.keys(entries)),
    leaving: build.leaving ?? [],
  },
})
type Taken = ReturnType<typeof takenOut>
const sent = ({ entries, leaving }: Before) => ({ entries, leaving: [...leaving] })

/** What a change of state does to the machine: only what turns spare, or is wanted again, moves. */
function laidAside(
  build: Build,
  { item, state, at }: { item: StoredItem; state: StoredItem['state']; at: string },
): Taken {
  if (state === 'spare') return item.state === 'spare' ? asIt(build, {}) : takenOut(build, item)
  if (item.state !== 'spare') return asIt(build, {})
  return stayingIn(build, l => l.item.id === item.id && l.item.part.id === item.part.id, at)
}

/** What holds for the old copy alone, where there is any of it. */
const ofCopy = ({ marks, beyond, cuts, jumpers, out, bare, fitted }: StoredItem) => ({
  ...(marks && { marks }),
  ...(beyond !== undefined && { beyond }),
  ...(cuts && { cuts }),
  ...(jumpers && { jumpers }),
  ...(out && { out }),
  ...(bare && { bare }),
  ...(fitted && { fitted }),
})

const likeForLike = (is: StoredItem['part'], other: StoredItem['part']): Problem => ({
  problem: `${is.model} is a ${is.kind}; ${other.model} is a ${other.kind}. Swap like for like, or remove and add.`,
})

export const itemCommands: Specs<
  | 'addItem'
  | 'removeItem'
  | 'swapPart'
  | 'setState'
  | 'setCondition'
  | 'setPaid'
  | 'setParts'
  | 'markEnd'
  | 'confirm'
  | 'leaveIncluded'
  | 'comeFitted'
> = {
  /** An item without an id gets a fresh one. */
  addItem: {
    run(build, { item: { id, ...rest }, place, ...before }) {
      const item = itemInOrder({ ...rest, id: id ?? freshId(build, rest.part.kind) })
      if (build.items.some(i => i.id === item.id))
        return {
          problem: `${build.name} already has an item "${item.id}". Give the new one another id.`,
        }
      const items = build.items.toSpliced(place ?? build.items.length, 0, item)
      return {
        build: putBack({ ...build, items }, before),
        back: { do: 'removeItem', id: item.id },
      }
    },
    line: ({ item }) => `Added ${item.part.model}`,
  },

  removeItem: {
    run(build, { id }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const { build: without, before } = takenOut(build, item)
      return {
        build: { ...without, items: build.items.filter(i => i.id !== id) },
        back: { do: 'addItem', item, place: build.items.indexOf(item), ...sent(before) },
        about: named(item),
      }
    },
    line: (_, { item }) => `Removed ${item}`,
  },

  /**
   * Another model in an item's place. What was measured and marked on the old copy does not hold for
   * the new one, and what was joined with the old one is not joined with it: `entries` puts that as
   * it was.
   */
  swapPart: {
    run(build, { id, part, entries, leaving, ...copy }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      if (item.part.kind !== part.kind) return likeForLike(item.part, part)
      const isOther = item.part.id !== part.id && entries === undefined
      const { build: rest, before } = isOther ? takenOut(build, item) : asIt(build, entries ?? {})
      const { figures, marks, beyond, cuts, jumpers, out, bare, fitted } = copy
      const swapped = withItem(rest, id, i => ({
        ...i,
        ...{ part, figures, marks, beyond, cuts, jumpers, out, bare, fitted },
      }))
      return {
        build: isOther ? swapped : putBack(swapped, { entries, leaving }),
        back: {
          do: 'swapPart',
          id,
          part: item.part,
          figures: item.figures,
          ...ofCopy(item),
          ...sent(before),
        },
        about: named(item),
      }
    },
    line: ({ part }, { item }) => `Swapped ${item} for ${part.model}`,
  },

  setState: {
    /** What is laid aside comes out where it was in; what is in still and is wanted again stays. */
    run(build, { id, state, entries, leaving }, at) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const isTakenBack = entries !== undefined || leaving !== undefined
      const { build: rest, before } = isTakenBack
        ? asIt(build, entries ?? {})
        : laidAside(build, { item, state, at })
      const changed = withItem(rest, id, i => ({ ...i, state }))
      const isAsBefore = rest === build && !isTakenBack
      return {
        build: isTakenBack ? putBack(changed, { entries, leaving }) : changed,
        back: { do: 'setState', id, state: item.state, ...(isAsBefore ? {} : sent(before)) },
        about: named(item),
      }
    },
    line: ({ state }, { item }) => `${item}: ${state}`,
  },

  setCondition: {
    run(build, { id, condition }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withItem(build, id, i => ({ ...i, condition })),
        back: { do: 'setCondition', id, condition: item.condition },
        about: named(item),
      }
    },
    line: ({ condition }, { item }) => `${item}: condition ${condition}`,
  },

  setPaid: {
    run(build, { id, paid }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withItem(build, id, ({ paid: _before, ...i }) =>
          paid === null ? i : { ...i, paid },
        ),
        back: { do: 'setPaid', id, paid: item.paid ?? null },
        about: { ...named(item), currency: build.currency },
      }
    },
    line: ({ paid }, { item, currency }) =>
      paid === null
        ? `${item}: price paid cleared`
        : `${item}: paid ${paid.toFixed(2)} ${currency}`,
  },

  /** A place of one copy, broken or kept free; `null` takes the mark off. */
  markEnd: {
    run(build, { id, end, mark, title }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const before = entriesOf(item.marks ?? {}, [end])[end] ?? null
      const isThere = placesOf(resolve(item, item.part.model)).some(p => p.key === end)
      if (mark !== null && !isThere)
        return { problem: `${item.part.model} has no place "${end}". Choose one of its sockets.` }
      return {
        build: withItem(build, id, i => ({
          ...i,
          marks: withEntries(i.marks ?? {}, { [end]: mark }),
        })),
        back: { do: 'markEnd', id, end, mark: before, title },
        about: named(item),
      }
    },
    line: ({ end, mark, title }, { item }) => {
      const place = `${title || end} of the ${item}`
      if (!mark) return `${place}: no longer marked`
      return `${place}: ${mark.as}${mark.why ? ` (${mark.why})` : ''}`
    },
  },

  /** What comes with its part is left out on purpose, or is asked for again. */
  leaveIncluded: {
    run(build, { id, out }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withItem(build, id, ({ bare: _, ...i }) => (out ? { ...i, bare: true } : i)),
        back: { do: 'leaveIncluded', id, out: item.bare === true },
        about: named(item),
      }
    },
    line: ({ out }, { item }) =>
      out ? `What comes with ${item} is left out` : `What comes with ${item} belongs to it`,
  },

  /** It came in its place and is not put in; or it was taken out of there and is. */
  comeFitted: {
    run(build, { id, fitted }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      return {
        build: withItem(build, id, ({ fitted: _, ...i }) => (fitted ? { ...i, fitted } : i)),
        back: { do: 'comeFitted', id, fitted: item.fitted ?? false },
        about: named(item),
      }
    },
    line: ({ fitted }, { item }) =>
      fitted
        ? `${item} came in its place${fitted === true ? '' : ` (${fitted})`}`
        : `${item} is put in by hand`,
  },

  /** Other data for the parts of some items; what was measured on each copy stays. */
  confirm: {
    run(build, { id, what, title }) {
      const item = findItem(build, id)
      if (!isItem(item)) return item
      const part = confirmed(item.part, what)
      if (part === item.part)
        return {
          problem: `Of the ${item.part.model} that is stated already: ${title}. Nothing was changed.`,
        }
      return {
        build: withItem(build, id, i => ({ ...i, part })),
        back: { do: 'setParts', parts: { [id]: item.part }, title },
        about: named(item),
      }
    },
    line: ({ title }, { item }) => `Looked at ${item}: ${title}`,
  },
  setParts: {
    run(build, { parts, title }) {
      const ids = Object.keys(parts)
      const found = ids.map(id => findItem(build, id))
      const missing = found.find(i => !isItem(i))
      if (missing) return missing as Problem
      const items = found.filter(isItem)
      const partFor = (item: StoredItem): StoredItem['part'] =>
        Object.hasOwn(parts, item.id) ? (parts[item.id] ?? item.part) : item.part
      const other = items.find(i => i.part.kind !== partFor(i).kind)
      if (other) return likeForLike(other.part, partFor(other))
      return {
        build: {
          ...build,
          items: build.items.map(i => (partFor(i) === i.part ? i : { ...i, part: partFor(i) })),
        },
        back: {
          do: 'setParts',
          parts: Object.fromEntries(items.map(i => [i.id, i.part])),
          title,
        },
      }
    },
    line: ({ title }) => title,
  },
}
