// What a row of the bench is, and the arithmetic behind it: medians, and how a cost grows.

export interface Row {
  readonly name: string
  readonly value: number
  readonly unit: 'ms' | 'kB' | 'exponent' | 'orders' | 'share'
  /** What the value is held against. */
  readonly against: number | null
  readonly ratio: number | null
  readonly n: number
}

export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0

/** How long something takes, ms. What is to be waited for is waited for. */
export function clocked(run: () => Promise<unknown>): Promise<number>
export function clocked(run: () => unknown): number
export function clocked(run: () => unknown): number | Promise<number> {
  const start = performance.now()
  const done = run()
  return done instanceof Promise
    ? done.then(() => performance.now() - start)
    : performance.now() - start
}

/**
 * The exponent with which a cost grows in a size: the slope of a straight line through both
 * logarithms, by least squares.
 */
export function exponentOf(points: readonly (readonly [size: number, cost: number])[]): number {
  const logs = points.map(([size, cost]) => [Math.log(size), Math.log(cost)] as const)
  const mean = (of: 0 | 1): number => logs.reduce((sum, p) => sum + p[of], 0) / logs.length
  const [x, y] = [mean(0), mean(1)]
  const over = logs.reduce((sum, p) => sum + (p[0] - x) * (p[1] - y), 0)
  const under = logs.reduce((sum, p) => sum + (p[0] - x) ** 2, 0)
  return over / under
}
