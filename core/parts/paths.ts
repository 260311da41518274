// Paths into a part, `cables.2.length`: reading a value, and a copy with another value there.

/** The value at a dotted path, or undefined. */
export function at(value: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>(
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
export function put(value: unknown, [key, ...rest]: readonly string[], leaf: unknown): unknown {
  if (key === undefined) return leaf
  if (key === '__proto__') return value
  if (Array.isArray(value))
    return value.map((inner: unknown, i) => (String(i) === key ? put(inner, rest, leaf) : inner))
  const object = (typeof value === 'object' && value !== null ? value : {}) as Record<
    string,
    unknown
  >
  return { ...object, [key]: put(object[key], rest, leaf) }
}
