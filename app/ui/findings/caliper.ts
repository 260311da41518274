// Where the jaws of a caliper stand: a window around need and have, wide enough to show the
// tolerance between them.
export interface Jaws {
  readonly need: number
  readonly have: number
  readonly hatch: readonly [number, number]
  readonly fromZero: boolean
}

/** Share of the beam that is kept free at each side. */
const FREE = 0.12

/**
 * Positions from 0 to 1 along the beam. Starts at zero unless that would press the jaws together.
 */
export function jaws(need: number, have: number, tol: number): Jaws {
  const low = Math.min(need, have) - tol
  const high = Math.max(need, have) + tol
  const spread = Math.max(high - low, Math.abs(high) * 0.002, 1e-6)
  const fromZero = spread > high * 0.25
  const start = fromZero ? 0 : low - spread * 0.6
  const end = high + spread * (fromZero ? FREE : 0.3)
  const at = (value: number): number => Math.min(1, Math.max(0, (value - start) / (end - start)))
  return { need: at(need), have: at(have), hatch: [at(have - tol), at(have + tol)], fromZero }
}
