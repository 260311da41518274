// Numbers are rounded once, at the door of the core: what goes out is the same on every machine.

/** Decimals that leave the core: far below any tolerance, far above what adding up loses. */
const SCALE = 1e4

/** A copy of a value with every number in it rounded. */
export function rounded<T>(value: T): T {
  return round(value) as T
}

function round(value: unknown): unknown {
  if (typeof value === 'number') return Math.round(value * SCALE) / SCALE + 0
  if (Array.isArray(value)) return value.map(round)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, round(inner)]))
}
