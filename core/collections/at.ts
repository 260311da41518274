// What must be there is there, or it is said: a wrong index never becomes a wrong sum.

/** The value at an index. Throws a RangeError where there is none. */
export function at<T>(list: ArrayLike<T>, index: number): T {
  const found = list[index]
  if (found === undefined) throw new RangeError(`nothing at ${index} of ${list.length}`)
  return found
}

/** The value under a key. Throws a RangeError where there is none. */
export function known<K, V>(map: ReadonlyMap<K, V>, key: K): V {
  const found = map.get(key)
  if (found === undefined) throw new RangeError(`nothing under ${String(key)}`)
  return found
}
