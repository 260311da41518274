// Chance by a seed: the same choices every time, so that what failed can be done again.
import { chance } from '../../core/test-helpers/random-builds'

export interface Chance {
  /** From 0 to below 1. */
  share(): number
  /** A whole number from 0 to below `n`; 0 where `n` is 0. */
  below(n: number): number
  one<T>(list: readonly T[]): T
}

export function chanceOf(seed: number): Chance {
  const share = chance(seed)
  const below = (n: number): number => Math.floor(share() * n)
  return {
    share,
    below,
    one: list => {
      const found = list[below(list.length)]
      if (found === undefined) throw new Error('nothing to choose from')
      return found
    },
  }
}
