// What is worked out once for each object it is asked about.

/**
 * A computation that is done once for each object it is asked about, for what is cheap and needs no
 * sharing.
 */
export function oncePer<K extends object, V>(compute: (key: K) => V): (key: K) => V {
  const known = new WeakMap<K, { readonly value: V }>()
  return key => {
    const found = known.get(key) ?? { value: compute(key) }
    known.set(key, found)
    return found.value
  }
}
