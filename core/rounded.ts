// Numbers are rounded once, at the door of the core: what goes out is the same on every machine.

/** Decimals that leave the core: far below any tolerance, far above what adding up loses. */
const SCALE = 1e4

/** Rounded copies already made, by the object they were made of: unchanged parts are not walked again. */
export type Roundings = WeakMap<object, unknown>

/** The value with every number in it rounded; what is round already is not copied. */
export function rounded<T>(value: T, done: Roundings = new WeakMap()): T {
  return round(value, done) as T
}

function round(value: unknown, done: Roundings): unknown {
  if (typeof value === 'number') return Math.round(value * SCALE) / SCALE + 0
  if (typeof value !== 'object' || value === null) return value
  const known = done.get(value)
  if (known !== undefined) return known
  const result = Array.isArray(value) ? roundItems(value, done) : roundFields(value as Record<string, unknown>, done)
  done.set(value, result)
  return result
}

/** Copies are made only where a number changed; the rest goes out as it is. */
function roundItems(value: readonly unknown[], done: Roundings): readonly unknown[] {
  const copy = value.map(inner => round(inner, done))
  return copy.every((inner, i) => inner === value[i]) ? value : copy
}

function roundFields(value: Record<string, unknown>, done: Roundings): Record<string, unknown> {
  let copy: Record<string, unknown> | null = null
  for (const key of Object.keys(value)) {
    const inner = round(value[key], done)
    if (inner !== value[key]) (copy ??= { ...value })[key] = inner
  }
  return copy ?? value
}
