// The one order of names: by their code units, so that no locale has a say.

export function compare<T extends string | number>(a: T, b: T): number {
  if (a < b) return -1
  return a > b ? 1 : 0
}

/** An order by what is read off each value, the first reading first. */
export const compareBy =
  <T>(...readings: readonly ((value: T) => string | number)[]) =>
  (a: T, b: T): number => {
    for (const reading of readings) {
      const order = compare(reading(a), reading(b))
      if (order !== 0) return order
    }
    return 0
  }
