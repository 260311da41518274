// Numbers are rounded once, on their way out of the core: what goes out is the same on every
// machine.

/** Decimals that leave the core: far below any tolerance, far above what adding up loses. */
const SCALE = 1e6

/** What went out already: met again inside something else, it is not walked again. */
const out = new WeakSet<object>()

/** The value with every number in it rounded; what is round already is not copied. */
export function rounded<T>(value: T): T {
  const result = round(value)
  if (typeof result === 'object' && result !== null) out.add(result)
  return result as T
}

function round(value: unknown): unknown {
  if (typeof value === 'number') return Math.round(value * SCALE) / SCALE + 0
  if (typeof value !== 'object' || value === null || out.has(value)) return value
  return Array.isArray(value) ? roundItems(value) : roundFields(value as Record<string, unknown>)
}

/** Copies are made only where a number changed; the rest goes out as it is. */
function roundItems(value: readonly unknown[]): readonly unknown[] {
  const copy = value.map(inner => round(inner))
  return copy.every((inner, i) => inner === value[i]) ? value : copy
}

function roundFields(value: Record<string, unknown>): Record<string, unknown> {
  let copy: Record<string, unknown> | null = null
  for (const key in value) {
    const inner = round(value[key])
    if (inner !== value[key]) (copy ??= { ...value })[key] = inner
  }
  return copy ?? value
}
