// A change done or taken back on something that may have changed since: only what nobody touched
// meanwhile is turned.

type Fields = Readonly<Record<string, unknown>>
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

/** Whether two values say the same; the order of fields does not count. */
export function sameContent(a: unknown, b: unknown): boolean {
  if (a === b) return true
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((inner, i) => sameContent(inner, b[i]))
  if (!isFields(a) || !isFields(b)) return false
  const keys = Object.keys(a)
  return (
    keys.length === Object.keys(b).length &&
    keys.every(key => Object.hasOwn(b, key) && sameContent(a[key], b[key]))
  )
}

export interface Merged {
  readonly value: unknown
  /** Where `now` was neither as before nor as after: left as it is. Dotted paths. */
  readonly left: readonly string[]
}

/**
 * Does to `now` what turned `from` into `to`: a field that is in `now` still as it is in `from`
 * becomes as in `to`, one that is otherwise stays and is named. Lists are one value. `undefined`
 * stands for a field that is not there.
 */
export function mergeChange(now: unknown, from: unknown, to: unknown, path = ''): Merged {
  if (sameContent(from, to) || sameContent(now, to)) return { value: now, left: [] }
  if (sameContent(now, from)) return { value: to, left: [] }
  if (!isFields(now) || !isFields(from) || !isFields(to)) return { value: now, left: [path] }
  const left: string[] = []
  const fields = [...new Set([...Object.keys(now), ...Object.keys(to)])].flatMap(key => {
    const of = (holder: Fields): unknown => (Object.hasOwn(holder, key) ? holder[key] : undefined)
    const inner = mergeChange(of(now), of(from), of(to), path ? `${path}.${key}` : key)
    left.push(...inner.left)
    return inner.value === undefined ? [] : [[key, inner.value] as const]
  })
  return { value: Object.fromEntries(fields), left }
}
