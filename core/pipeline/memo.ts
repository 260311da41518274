// Results kept between analyses: by value, with early cut-off, in bounded caches.

/**
 * How many results are kept; the one not asked for longest goes first. A large build needs about a
 * thousand.
 */
const KEPT = 8192
/**
 * Up to this share of the bound nothing can fall out soon, and asking need not mark an entry as
 * fresh.
 */
const ROOMY = 0.75

/**
 * A bench of remembered computations, each under a name. Whatever comes out of it is shared with
 * what came out before: parts that are equal are the very same objects. So inputs that came out of
 * the bench are compared by identity alone, and what depends on an unchanged result is not computed
 * again.
 */
export class Memo {
  private readonly kept = new Map<
    string,
    { readonly inputs: readonly unknown[]; readonly result: unknown }
  >()
  /** All that came out: where it is found inside another result, it is shared already. */
  private readonly out = new WeakSet<object>()

  constructor(private readonly most = KEPT) {}

  /**
   * The result for these inputs: the kept one when each input is the same object as before, else
   * computed and shared with it.
   */
  keep<R>(name: string, inputs: readonly unknown[], compute: () => R): R {
    const known = this.kept.get(name)
    const same =
      known &&
      known.inputs.length === inputs.length &&
      known.inputs.every((input, i) => input === inputs[i])
    if (same && this.kept.size < this.most * ROOMY) return known.result as R
    const result = same ? known.result : share(known?.result, compute(), this.out)
    if (typeof result === 'object' && result !== null) this.out.add(result)
    this.kept.delete(name)
    this.kept.set(name, { inputs, result })
    const oldest = this.kept.keys().next()
    if (this.kept.size > this.most && !oldest.done) this.kept.delete(oldest.value)
    return result as R
  }

  /**
   * Lets a value in from outside: where it equals what came in before, the earlier objects stand
   * for it.
   */
  enter<T>(name: string, value: T): T {
    const known = this.kept.get(name)
    return known && known.inputs[0] === value
      ? (known.result as T)
      : this.keep(name, [value], () => value)
  }
}

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
