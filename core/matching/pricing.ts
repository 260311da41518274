// A cost as one number, so that an assignment can add it up and still trade nothing against
// something graver.
import { at } from '../collections/at'
import { combine, FREE, LENGTH, STRIFE, unmetCost, add, type Cost } from './cost'
import type { Candidate } from './candidate'
import type { MatchProblem } from './problem'

export interface Pricing {
  readonly priceOf: (cost: Cost) => number
  /** What a pin weighs: more than everything else together. */
  readonly pin: number
  /** Prices below this tell only the order of names. */
  readonly names: number
}

/** Whole numbers at most this large add up exactly. */
const EXACT = 2 ** 50
/** Named choice: lengths are rounded at most to this many tenths of a millimetre. */
const COARSEST = 1e4

/**
 * Mixed radix: each part weighs more than all lower parts of this problem together, the last more
 * than the order of names.
 */
export function pricing(
  problem: MatchProblem,
  candidates: readonly Candidate[],
  names: number,
): Pricing {
  const highest = highestCost(problem, candidates)
  const scaled = (coarse: number) => {
    const tops = highest.map((top, i) =>
      i === LENGTH ? Math.ceil(top / coarse) + candidates.length : top,
    )
    const weights = tops.map((_, i) =>
      tops.slice(i + 1).reduce((product, top) => product * (top + 1), names + 1),
    )
    return { weights, pin: at(weights, 0) * (at(tops, 0) + 1), coarse }
  }
  let scale = scaled(1)
  while (scale.pin * (problem.pins.length + 1) * 2 > EXACT && scale.coarse < COARSEST)
    scale = scaled(scale.coarse * 10)
  const { weights, pin, coarse } = scale
  return {
    pin,
    names: names + 1,
    priceOf: cost =>
      cost.reduce(
        (sum, v, i) => sum + (i === LENGTH ? Math.round(v / coarse) : v) * at(weights, i),
        0,
      ),
  }
}

/** More than any choice can cost: each plug at its dearest, every demand unmet, nothing at peace. */
function highestCost({ demands, strifes }: MatchProblem, candidates: readonly Candidate[]): Cost {
  const dearest = new Map<string, Cost>()
  for (const { plug, cost } of candidates)
    dearest.set(plug, combine(cost, dearest.get(plug) ?? FREE, Math.max))
  return [...dearest.values(), ...demands.map(unmetCost), ...strifes.map(() => STRIFE)].reduce(
    add,
    FREE,
  )
}
