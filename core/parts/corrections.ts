// What a hand changed of a part that was read: carried over when it is read again otherwise.
import { at } from './paths'

type Values = Readonly<Record<string, unknown>>
const isObject = (value: unknown): value is Values =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** One value that was changed by hand; without a value it was taken out. */
export interface Correction {
  readonly path: readonly string[]
  readonly value: unknown
}

/**
 * What differs of a part from what it was read as, the smallest values that do: lists whose length
 * is the same entry by entry, others as a whole. What it is called here (`id`) is no correction.
 */
export function correctionsOf(read: unknown, now: unknown): readonly Correction[] {
  return differing(read, now, []).filter(c => c.path[0] !== 'id')
}

/** What is a field of its own; what every object has is none. */
const own = (values: Values, key: string): unknown =>
  Object.hasOwn(values, key) ? values[key] : undefined

function differing(a: unknown, b: unknown, path: readonly string[]): readonly Correction[] {
  if (JSON.stringify(a) === JSON.stringify(b)) return []
  if (isObject(a) && isObject(b))
    return [...new Set([...Object.keys(a), ...Object.keys(b)])].flatMap(key =>
      differing(own(a, key), own(b, key), [...path, key]),
    )
  if (Array.isArray(a) && Array.isArray(b) && a.length === b.length)
    return a.flatMap((one, i) => differing(one, b[i], [...path, String(i)]))
  return [{ path, value: b }]
}

/**
 * A part that was read anew, with the corrections in it. Of one whose place is not there any more
 * (an entry of a list that has fewer now) nothing is done: it is in `left`.
 */
export function corrected<T>(
  part: T,
  corrections: readonly Correction[],
): { readonly part: T; readonly left: readonly Correction[] } {
  return corrections.reduce<{ readonly part: T; readonly left: readonly Correction[] }>(
    (before, correction) =>
      hasPlace(before.part, correction.path)
        ? { ...before, part: withValue(before.part, correction.path, correction.value) as T }
        : { ...before, left: [...before.left, correction] },
    { part, left: [] },
  )
}

/** Whether every list on the way has the entry that the path names. */
const hasPlace = (part: unknown, path: readonly string[]): boolean =>
  path.every((key, i) => {
    const holder = at(part, path.slice(0, i).join('.'))
    return !Array.isArray(holder) || Number(key) < holder.length
  })

function withValue(value: unknown, [key, ...rest]: readonly string[], leaf: unknown): unknown {
  if (key === undefined) return leaf
  if (Array.isArray(value))
    return value.map((inner: unknown, i) =>
      String(i) === key ? withValue(inner, rest, leaf) : inner,
    )
  const { [key]: inner, ...others } = isObject(value) ? value : {}
  const next = withValue(inner, rest, leaf)
  return next === undefined ? others : { ...others, [key]: next }
}
