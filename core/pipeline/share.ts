// What is equal is the same object: a new value with the parts of an earlier one wherever they are
// equal.

/**
 * `next`, with every part that equals its counterpart in `before` replaced by that counterpart.
 * Plain data and maps; a set has no fields to compare by, and stays the new one; so does what is
 * `done` already.
 */
export function share(before: unknown, next: unknown, done?: WeakSet<object>): unknown {
  if (
    before === next ||
    typeof next !== 'object' ||
    next === null ||
    typeof before !== 'object' ||
    before === null
  )
    return next
  if (Array.isArray(next)) return Array.isArray(before) ? shareItems(before, next, done) : next
  if (next instanceof Set) return next
  if (next instanceof Map) return before instanceof Map ? shareEntries(before, next, done) : next
  return Array.isArray(before) || before instanceof Map
    ? next
    : shareFields(before as Fields, next as Fields, done)
}

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
    if (was === is && (was !== undefined || key in before)) continue
    const shared = part(was, is, done)
    if (shared !== was || !(key in before)) asBefore = false
    if (shared !== is) (copy ??= { ...next })[key] = shared
  }
  return asBefore && missing === 0 ? before : (copy ?? next)
}
