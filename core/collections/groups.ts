// Lists under keys.

/** The values under each key, in the order in which they came. */
export function groupBy<T, K>(values: Iterable<T>, keyOf: (value: T) => K): Map<K, T[]> {
  const groups = new Map<K, T[]>()
  for (const value of values) pushTo(groups, keyOf(value), value)
  return groups
}

/** Puts a value at the end of the list under a key; the list is made where there is none. */
export function pushTo<K, T>(groups: Map<K, T[]>, key: K, value: T): void {
  const known = groups.get(key)
  if (known) known.push(value)
  else groups.set(key, [value])
}
