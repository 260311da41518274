// What is equal is the same object: a new value with the parts of an earlier one wherever they are
// equal.

/**
 * `next`, with every part that equals its counterpart in `before` replaced by that counterpart.
 * Plain data and maps; a set has no fields to compare by, and stays the new one; so does what is
 * `done` already.
 */
export function share(before: unknown, next: unknown, done?: WeakSet<object>): unknown {
  if (before === next || !isObject(next) || !isObject(before)) return next
  const sort = sortOf(next)
  if (sort === 'set' || sort !== sortOf(before)) return next
  if (sort === 'list')
    return shareItems(before as readonly unknown[], next as readonly unknown[], done)
  return sort === 'map'
    ? shareEntries(before as Map<unknown, unknown>, next as Map<unknown, unknown>, done)
    : shareFields(before as Fields, next as Fields, done)
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null
type Sort = 'list' | 'map' | 'set' | 'fields'
/** What tells the sorts apart, taken once: it is asked for every part of every result. */
const { isArray } = Array
const SORTS: ReadonlyMap<unknown, Sort> = new Map<unknown, Sort>([
  [Map, 'map'],
  [Set, 'set'],
])
const sortOf = (value: object): Sort =>
  isArray(value) ? 'list' : (SORTS.get(value.constructor) ?? 'fields')

type Fields = Record<string, unknown>
const part = (before: unknown, next: unknown, done?: WeakSet<object>): unknown =>
  before === next || typeof next !== 'object' || next === null || done?.has(next)
    ? next
    : share(before, next, done)

/**
 * Things with an id are compared with the thing of that id, wherever it stood; others with what
 * stood in their place.
 */
function shareItems(
  before: readonly unknown[],
  next: readonly unknown[],
  done?: WeakSet<object>,
): readonly unknown[] {
  if (before.length === next.length && next.every((value, i) => value === before[i])) return before
  const byId = identified(before)
  const shared = next.map((value, i) => part(byId?.get(idOf(value)) ?? before[i], value, done))
  if (before.length === next.length && shared.every((value, i) => value === before[i]))
    return before
  return shared.every((value, i) => value === next[i]) ? next : shared
}

const idOf = (value: unknown): unknown =>
  typeof value === 'object' && value !== null && 'id' in value ? value.id : undefined

function identified(items: readonly unknown[]): ReadonlyMap<unknown, unknown> | null {
  if (idOf(items[0]) === undefined) return null
  const byId = new Map(items.map(item => [idOf(item), item]))
  return byId.size === items.length && !byId.has(undefined) ? byId : null
}

function shareEntries(
  before: ReadonlyMap<unknown, unknown>,
  next: ReadonlyMap<unknown, unknown>,
  done?: WeakSet<object>,
): ReadonlyMap<unknown, unknown> {
  const shared = new Map([...next].map(([key, value]) => [key, part(before.get(key), value, done)]))
  const order = before.keys()
  return before.size === next.size &&
    [...shared].every(([key, value]) => order.next().value === key && before.get(key) === value)
    ? before
    : shared
}

/**
 * Walks with `for in`, which makes no list of keys: this is where most of an analysis after a small
 * change is spent.
 */
function shareFields(before: Fields, next: Fields, done?: WeakSet<object>): Fields {
  let asBefore = true
  let missing = 0
  let copy: Fields | null = null
  for (const _key in before) missing += 1
  for (const key in next) {
    missing -= 1
    const was = before[key]
    const is = next[key]
    if (was === is && isThere(before, key, was)) continue
    const shared = part(was, is, done)
    if (shared !== was || !isThere(before, key, was)) asBefore = false
    if (shared !== is) (copy ??= { ...next })[key] = shared
  }
  return asBefore && missing === 0 ? before : (copy ?? next)
}
const isThere = (fields: Fields, key: string, value: unknown): boolean =>
  value !== undefined || key in fields
