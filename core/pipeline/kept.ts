// Where results are remembered while something is worked out, and functions that make use of it.
import type { Memory } from './memory'

interface Place {
  readonly memory: Memory
  /** What every name begins with here. */
  readonly scope: string
}
let place: Place | null = null

/** Does something with its results remembered at a place; where it was before, it is again after. */
export function rememberingAt<R>(here: Place, work: () => R): R {
  const before = place
  place = here
  try {
    return work()
  } finally {
    place = before
  }
}

/**
 * A function whose results are remembered within an analysis, by a key and its arguments. It has to
 * be made of its arguments alone: what it would find elsewhere could change unseen. Outside of an
 * analysis it is just computed.
 */
export const kept =
  <A extends unknown[], R>(name: string, make: (...own: A) => R) =>
  (key: string, ...values: A): R =>
    place ? place.memory.keep(`${place.scope}${name}/${key}`, values, make) : make(...values)
