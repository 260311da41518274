// Paths into a part, `cables.2.length`: the one place that takes them apart; reading a value, and a
// copy with another value there.

/** The keys of a path, outermost first; none of the empty path. */
export const keysOf = (path: string): readonly string[] => (path === '' ? [] : path.split('.'))
/** The path of what holds the value at a path. */
export const holderOf = (path: string): string => keysOf(path).slice(0, -1).join('.')
/** The innermost key of a path. */
export const lastKey = (path: string): string => keysOf(path).at(-1) ?? ''

/** The value at a dotted path, or undefined. */
export function at(value: unknown, path: string): unknown {
  return keysOf(path).reduce<unknown>(
    (inner, key) =>
      typeof inner === 'object' && inner !== null
        ? (inner as Record<string, unknown>)[key]
        : undefined,
    value,
  )
}

/**
 * A copy of `value` with `leaf` at the path; what lies beside it is shared. Names that stand for an
 * object's own making are refused.
 */
export const put = (value: unknown, path: string, leaf: unknown): unknown =>
  putAt(value, keysOf(path), leaf)

function putAt(value: unknown, [key, ...rest]: readonly string[], leaf: unknown): unknown {
  if (key === undefined) return leaf
  if (key === '__proto__') return value
  if (Array.isArray(value))
    return value.map((inner: unknown, i) => (String(i) === key ? putAt(inner, rest, leaf) : inner))
  const object = (typeof value === 'object' && value !== null ? value : {}) as Record<
    string,
    unknown
  >
  return { ...object, [key]: putAt(object[key], rest, leaf) }
}
