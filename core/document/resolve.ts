// Stored items made ready for analysis: this copy's measurements laid over its part, names told
// apart, horizons chosen.
import type { Item, Part } from '../parts'
import { BEYOND, cutTo } from '../parts/beyond'
import { PLACE_JUMPER } from '../parts/jumpers'
import { at, put } from '../parts/paths'
import type { State } from '../parts/kind'
import { groupBy } from '../collections/groups'
import type { StoredItem } from './build'

export const HORIZONS = ['now', 'then'] as const
export type Horizon = (typeof HORIZONS)[number]

const COUNTS: Record<Horizon, readonly State[]> = {
  now: ['have', 'ordered', 'lent'],
  then: ['have', 'ordered', 'wanted', 'later', 'lent'],
}

/** Whether a horizon counts what is in this state; spares join nothing. */
export const counts = (horizon: Horizon, state: State): boolean => COUNTS[horizon].includes(state)

/** Names for all items of a build; equal models are numbered. */
export function namesOf(items: readonly StoredItem[]): ReadonlyMap<string, string> {
  const copies = groupBy(items, i => i.part.model)
  return new Map(
    items.map(i => {
      const { model } = i.part
      const own = copies.get(model) ?? []
      return [i.id, own.length > 1 ? `${model} (${own.indexOf(i) + 1})` : model]
    }),
  )
}

/** One item with its copy's figures laid over the part's. */
export function resolve(stored: StoredItem, name: string): Item {
  const part = Object.entries(stored.figures).reduce<unknown>(
    (p, [path, value]) => put(p, path, value),
    stored.part,
  ) as Part
  const { id, state, condition, cuts, jumpers } = stored
  const rest = { ...{ id, name, state, condition }, ...saidOf(stored) }
  const cut = (cuts ?? []).reduce<unknown>((p, path) => put(p, path, cutTo(path)), part)
  const place = part.kind === 'drive' ? jumpers?.[PLACE_JUMPER] : undefined
  const whole = place === undefined ? cut : put(cut, 'jumper', place)
  const declared = BEYOND[part.kind]
  if (stored.beyond === undefined || declared === undefined) return { ...rest, part: whole } as Item
  const rated = at(whole, declared) ?? null
  return { ...rest, rated, part: put(whole, declared, stored.beyond) } as Item
}

/** What is said of a copy, as far as anything is. */
function saidOf(stored: StoredItem): Partial<StoredItem> {
  const { marks, cuts, jumpers, out, turned, airs, upright, fitted } = stored
  const said = Object.entries({ marks, cuts, jumpers, out, turned, airs, upright, fitted })
  return Object.fromEntries(said.filter(([, value]) => value !== undefined))
}
