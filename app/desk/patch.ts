// What crosses from the worker to the page after a change: only what is otherwise than before. What
// did not change stays the very object it was.

/** How one value becomes another: as a whole, field by field, or item by item. */
export type Patch =
  | { readonly set: unknown }
  | { readonly fields: Readonly<Record<string, Patch>>; readonly gone: readonly string[] }
  | { readonly items: readonly ItemPatch[] }
/** An item of a list: where it stood before, where and what became of it, or something new. */
type ItemPatch = number | readonly [number, Patch] | { readonly set: unknown }

type Fields = Readonly<Record<string, unknown>>
const isFields = (value: unknown): value is Fields =>
  Object.prototype.toString.call(value) === '[object Object]'

/**
 * What turns `before` into `after`; null when they are equal. Plain data; anything else is one
 * value.
 */
export function patchOf(before: unknown, after: unknown): Patch | null {
  if (Object.is(before, after)) return null
  if (Array.isArray(before) && Array.isArray(after)) return listPatch(before, after)
  if (isFields(before) && isFields(after)) return fieldsPatch(before, after)
  return { set: after }
}

function fieldsPatch(before: Fields, after: Fields): Patch | null {
  const gone = Object.keys(before).filter(key => !Object.hasOwn(after, key))
  const fields = Object.keys(after).flatMap(key => {
    const was = Object.hasOwn(before, key)
    const patch = was ? patchOf(before[key], after[key]) : { set: after[key] }
    return patch === null ? [] : [[key, patch] as const]
  })
  return gone.length === 0 && fields.length === 0
    ? null
    : { fields: Object.fromEntries(fields), gone }
}

function listPatch(before: readonly unknown[], after: readonly unknown[]): Patch | null {
  const places = new Map(before.map((value, i) => [value, i]))
  const byId = new Map(before.map((value, i) => [idOf(value) ?? i, i]))
  const items = after.map((value, i): ItemPatch => {
    if (Object.is(value, before[i]) && i < before.length) return i
    const place = typeof value === 'object' && value !== null ? places.get(value) : undefined
    if (place !== undefined) return place
    const kin = byId.get(idOf(value) ?? i)
    if (kin === undefined) return { set: value }
    const patch = patchOf(before[kin], value)
    return patch === null ? kin : [kin, patch]
  })
  const same = items.length === before.length && items.every((item, i) => item === i)
  return same ? null : { items }
}

const idOf = (value: unknown): string | null =>
  isFields(value) && typeof value['id'] === 'string' ? value['id'] : null

/** `before` with a patch done to it. What the patch does not name is shared with `before`. */
export function patched(before: unknown, patch: Patch | null): unknown {
  if (patch === null) return before
  if ('set' in patch) return patch.set
  if ('items' in patch) {
    const list = Array.isArray(before) ? (before as readonly unknown[]) : []
    return patch.items.map(item => {
      if (typeof item === 'number') return list[item]
      if ('set' in item) return item.set
      const [before, inner] = item
      return patched(list[before], inner)
    })
  }
  const fields = isFields(before) ? before : {}
  const kept = Object.entries(fields).filter(([key]) => !patch.gone.includes(key))
  const changed = Object.entries(patch.fields).map(([key, inner]) => [
    key,
    patched(Object.hasOwn(fields, key) ? fields[key] : undefined, inner),
  ])
  return Object.fromEntries([...kept, ...changed])
}

/** One message of a series: the patch on the one before, or the whole when there is none. */
export interface Posted {
  readonly number: number
  readonly on: number | null
  readonly patch: Patch | null
}

/** The worker's end: turns each state into what is to be posted. */
export class Poster<T> {
  private last: { readonly value: T } | null = null
  private number = 0

  post(value: T): Posted {
    const { last } = this
    this.last = { value }
    this.number += 1
    return last
      ? { number: this.number, on: this.number - 1, patch: patchOf(last.value, value) }
      : { number: this.number, on: null, patch: { set: value } }
  }
  /** The next is posted whole. */
  forget(): void {
    this.last = null
  }
}

/** The page's end. */
export class Receiver<T> {
  private number = 0
  private value: T | null = null

  /**
   * The state that was posted; null when a message before it is missing: then the whole is to be
   * asked for.
   */
  receive({ number, on, patch }: Posted): T | null {
    if (on !== null && on !== this.number) return null
    this.value = patched(on === null ? null : this.value, patch) as T
    this.number = number
    return this.value
  }
}
