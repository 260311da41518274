// Stored items made ready for analysis: this copy's measurements laid over its part, names told
// apart, horizons chosen.
import type { Item, Part } from '../parts'
import { put } from '../parts/paths'
import type { State } from '../parts/kind'
import type { Build, StoredItem } from './build'

export const HORIZONS = ['now', 'then'] as const
export type Horizon = (typeof HORIZONS)[number]

const COUNTS: Record<Horizon, readonly State[]> = {
  now: ['have', 'ordered'],
  then: ['have', 'ordered', 'wanted', 'later'],
}

/** The items that a horizon counts; spares join nothing. */
export const itemsOf = (build: Build, horizon: Horizon): readonly StoredItem[] =>
  build.items.filter(i => COUNTS[horizon].includes(i.state))

/** Names for all items of a build; equal models are numbered. */
export function namesOf(build: Build): ReadonlyMap<string, string> {
  const sameModel = new Map<string, number>()
  for (const i of build.items) sameModel.set(i.part.model, (sameModel.get(i.part.model) ?? 0) + 1)
  const seen = new Map<string, number>()
  return new Map(
    build.items.map(i => {
      const model = i.part.model
      const n = (seen.get(model) ?? 0) + 1
      seen.set(model, n)
      return [i.id, (sameModel.get(model) ?? 1) > 1 ? `${model} (${n})` : model]
    }),
  )
}

/** One item with its copy's figures laid over the part's. */
export function resolve(stored: StoredItem, name: string): Item {
  const part = Object.entries(stored.figures).reduce<unknown>(
    (p, [path, value]) => put(p, path.split('.'), value),
    stored.part,
  ) as Part
  return { id: stored.id, name, part, state: stored.state, condition: stored.condition } as Item
}
