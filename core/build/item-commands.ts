// Commands on the items of a build: what is in it, in what state, measured how.
import { z } from 'zod'
import { kindOf, partSchema } from '../parts'
import { at as valueAt, put } from '../parts/paths'
import { CONDITIONS, patternOf, STATES } from '../parts/kind'
import { readFigure, type Figure, type FigureAbout } from '../units'
import { itemSchema, type Build, type StoredItem } from './build'
import { defineCommand, type Problem } from './command'

export const withItem = (
  build: Build,
  id: string,
  change: (item: StoredItem) => StoredItem,
): Build => ({ ...build, items: build.items.map(i => (i.id === id ? change(i) : i)) })
export const findItem = (build: Build, id: string): StoredItem | Problem =>
  build.items.find(i => i.id === id) ?? {
    problem: `No item "${id}" in ${build.name}. It may have been removed elsewhere meanwhile.`,
  }
export const isItem = (found: StoredItem | Problem): found is StoredItem => 'part' in found

/** An id for a new item: its kind, numbered where there are several. */
export function freshId(build: Pick<Build, 'items'>, kind: string): string {
  const taken = new Set(build.items.map(i => i.id))
  let n = 1
  while (taken.has(n === 1 ? kind : `${kind}-${n}`)) n += 1
  return n === 1 ? kind : `${kind}-${n}`
}

/** An item without an id gets a fresh one. */
export const addItem = defineCommand({
  name: 'addItem',
  args: z.looseObject({
    item: itemSchema.partial({ id: true }),
    at: z.string(),
    place: z.number().int().nonnegative().optional(),
  }),
  run(build, { item: { id, ...rest }, place }) {
    const item: StoredItem = { id: id ?? freshId(build, rest.part.kind), ...rest }
    if (build.items.some(i => i.id === item.id))
      return {
        problem: `${build.name} already has an item "${item.id}". Give the new one another id.`,
      }
    const items =
      place === undefined ? [...build.items, item] : build.items.toSpliced(place, 0, item)
    return {
      build: { ...build, items },
      inverse: { do: 'removeItem', id: item.id },
      line: `Added ${item.part.model}`,
    }
  },
})

export const removeItem = defineCommand({
  name: 'removeItem',
  args: z.looseObject({ id: z.string(), at: z.string() }),
  run(build, { id }) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    return {
      build: { ...build, items: build.items.filter(i => i.id !== id) },
      inverse: { do: 'addItem', item, place: build.items.indexOf(item) },
      line: `Removed ${item.part.model}`,
    }
  },
})

/** Another model in an item's place. What was measured on the old copy does not hold for the new one. */
export const swapPart = defineCommand({
  name: 'swapPart',
  args: z.looseObject({
    id: z.string(),
    part: partSchema,
    figures: itemSchema.shape.figures,
    at: z.string(),
  }),
  run(build, { id, part, figures }) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    if (item.part.kind !== part.kind)
      return {
        problem: `${item.part.model} is a ${item.part.kind}; ${part.model} is a ${part.kind}. Swap like for like, or remove and add.`,
      }
    return {
      build: withItem(build, id, i => ({ ...i, part, figures })),
      inverse: { do: 'swapPart', id, part: item.part, figures: item.figures },
      line: `Swapped ${item.part.model} for ${part.model}`,
    }
  },
})

export const setState = defineCommand({
  name: 'setState',
  args: z.looseObject({ id: z.string(), state: z.enum(STATES), at: z.string() }),
  run(build, { id, state }) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    return {
      build: withItem(build, id, i => ({ ...i, state })),
      inverse: { do: 'setState', id, state: item.state },
      line: `${item.part.model}: ${state}`,
    }
  },
})

export const setCondition = defineCommand({
  name: 'setCondition',
  args: z.looseObject({ id: z.string(), condition: z.enum(CONDITIONS), at: z.string() }),
  run(build, { id, condition }) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    return {
      build: withItem(build, id, i => ({ ...i, condition })),
      inverse: { do: 'setCondition', id, condition: item.condition },
      line: `${item.part.model}: condition ${condition}`,
    }
  },
})

export const setPaid = defineCommand({
  name: 'setPaid',
  args: z.looseObject({
    id: z.string(),
    paid: z.number().nonnegative().nullable(),
    at: z.string(),
  }),
  run(build, { id, paid }) {
    const item = findItem(build, id)
    if (!isItem(item)) return item
    return {
      build: withItem(build, id, ({ paid: _before, ...i }) => (paid === null ? i : { ...i, paid })),
      inverse: { do: 'setPaid', id, paid: item.paid ?? null },
      line:
        paid === null
          ? `${item.part.model}: price paid cleared`
          : `${item.part.model}: paid ${paid.toFixed(2)} ${build.currency}`,
    }
  },
})

/** Other data for the parts of some items; what was measured on each copy stays. */
export const setParts = defineCommand({
  name: 'setParts',
  args: z.looseObject({
    parts: z.record(z.string(), partSchema),
    title: z.string().min(1),
    at: z.string(),
  }),
  run(build, { parts, title }) {
    const items = Object.keys(parts).map(id => findItem(build, id))
    const missing = items.find((i): i is Problem => !isItem(i))
    if (missing) return missing
    const other = items.filter(isItem).find(i => i.part.kind !== parts[i.id]?.kind)
    if (other)
      return {
        problem: `${other.part.model} is a ${other.part.kind}. Swap like for like, or remove and add.`,
      }
    return {
      build: {
        ...build,
        items: build.items.map(i => {
          const part = parts[i.id]
          return part ? { ...i, part } : i
        }),
      },
      inverse: {
        do: 'setParts',
        parts: Object.fromEntries(items.filter(isItem).map(i => [i.id, i.part])),
        title,
      },
      line: title,
    }
  },
})

const figureArgs = z.looseObject({
  id: z.string(),
  path: z.string(),
  figure: itemSchema.shape.figures.unwrap().valueType.nullable(),
  at: z.string(),
})

/** The item a figure is set on, what is known of the figure, and the value it is to get; or why it cannot have it. */
function figureAt(
  build: Build,
  { id, path, figure }: z.infer<typeof figureArgs>,
):
  | { readonly item: StoredItem; readonly about: FigureAbout; readonly read: Figure | null }
  | Problem {
  const item = findItem(build, id)
  if (!isItem(item)) return item
  const about = kindOf(item).figures.get(patternOf(path))
  if (!about)
    return { problem: `${item.part.model} has no figure "${path}". Choose one of its figures.` }
  if (
    valueAt(item.part, path.split('.').slice(0, -1).join('.')) === undefined &&
    path.includes('.')
  )
    return { problem: `${item.part.model} has no "${path}". Choose one of its figures.` }
  const read = readFigure(figure, about.unit)
  if (figure !== null && !read)
    return { problem: `A ${about.label} is given in ${about.unit}: { "${about.unit}": 12.5 }.` }
  if (read && read.value < 0)
    return {
      problem: `A ${about.label} cannot be ${read.value} ${about.unit}. Enter it without a sign.`,
    }
  return { item, about, read }
}

/** A figure that holds for every copy: it changes the part of all items of its model; what was measured on one copy still goes before. */
export const setPartFigure = defineCommand({
  name: 'setPartFigure',
  args: figureArgs,
  run(build, asked) {
    const known = figureAt(build, asked)
    if ('problem' in known) return known
    const { item, about, read } = known
    const { path, figure } = asked
    const copies = build.items.filter(i => i.part.id === item.part.id)
    const line = `${about.label} of every ${item.part.model}: ${read ? `${read.value} ${about.unit}` : 'not stated'}`
    return {
      build: {
        ...build,
        items: build.items.map(i =>
          copies.includes(i)
            ? { ...i, part: partSchema.parse(put(i.part, path.split('.'), figure)) }
            : i,
        ),
      },
      inverse: {
        do: 'setParts',
        parts: Object.fromEntries(copies.map(i => [i.id, i.part])),
        title: line,
      },
      line,
    }
  },
})

/** A figure measured on this copy; `null` goes back to the part's own. */
export const setFigure = defineCommand({
  name: 'setFigure',
  args: figureArgs,
  run(build, asked) {
    const known = figureAt(build, asked)
    if ('problem' in known) return known
    const { item, about, read } = known
    const { id, path, figure } = asked
    const figures = { ...item.figures }
    if (figure === null) delete figures[path]
    else figures[path] = figure
    return {
      build: withItem(build, id, i => ({ ...i, figures })),
      inverse: { do: 'setFigure', id, path, figure: item.figures[path] ?? null },
      line: read
        ? `${read.basis === 'measured' ? 'Measured' : 'Entered'} ${about.label} of ${item.part.model}: ${read.value} ${about.unit}`
        : `${about.label} of ${item.part.model}: back to its sheet`,
    }
  },
})
