// Times and proofs of the order: how long it takes, how often it is the best by a table over all
// sets, and how far it may be from the best on the demos.
import { HORIZONS } from '../core/document/resolve'
import { BUILD_ORDERS } from '../core/document/build-orders'
import type { Build } from '../core/document/build'
import { runOn } from '../core/analysis/analyse'
import { Memory } from '../core/pipeline/memory'
import { plan, type Wishes } from '../core/order/plan'
import { searched } from '../core/order/set-search'
import { STEPS_FROM } from '../core/order/steps/from'
import { leastByTable, orderPuzzle } from '../core/test-helpers/order-puzzles'
import { clocked, median, type Row } from './bench-rows'

const RUNS = 31
const WARM_UP = 10
const LIMIT = 150

const wishesOf = ({ choices, progress }: Build): Wishes => ({
  school: choices.orderSchool,
  pins: choices.orderPins,
  weights: choices.orderWeights,
  practices: choices.practices ?? {},
  progress,
})

/** Ordering alone: steps from the joints, their reasons, the sequence, the words. */
export function orderRow(name: string, build: Build): Row {
  const from = runOn(build, 'then', new Memory()).values(STEPS_FROM)
  const wishes = wishesOf(build)
  const times = Array.from({ length: WARM_UP + RUNS }, () => clocked(() => plan(from, wishes)))
  const value = median(times.slice(WARM_UP))
  return {
    ...{ name: `order/${name}`, value, unit: 'ms', against: LIMIT },
    ...{ ratio: value / LIMIT, n: RUNS },
  }
}

const SEEDS = 200
/** As many states as the product gives an order of sixteen steps. */
const STATES = 3900
const HAIR = 1e-6
export function oracleRow(): Row {
  const equal = Array.from({ length: SEEDS }, (_, i) => orderPuzzle(i + 1)).filter(
    puzzle => Math.abs(searched(puzzle, STATES).cost - leastByTable(puzzle)) < HAIR,
  ).length
  return {
    ...{ name: `order/oracle (equal of ${SEEDS})`, value: equal, unit: 'orders', against: SEEDS },
    ...{ ratio: equal / SEEDS, n: SEEDS },
  }
}

/** Named choice: so far from the best a sequence may be that is not proved, of its weighed minutes. */
const GAP = 0.03
/** Of the build orders of a demo the one that is proved the least. */
export function gapRow(name: string, build: Build): Row {
  const gaps = HORIZONS.flatMap(horizon => {
    const from = runOn(build, horizon, new Memory()).values(STEPS_FROM)
    return BUILD_ORDERS.map(school => {
      const { gap, cost, pace } = plan(from, { ...wishesOf(build), school })
      return { label: `${school}, ${horizon}`, share: gap / Math.max(1, pace.minutes + cost) }
    })
  })
  const worst = gaps.reduce((a, b) => (b.share > a.share ? b : a))
  const proved = gaps.filter(g => g.share === 0).length
  return {
    name: `order/gap/${name} (${proved} of ${gaps.length} proved; ${worst.label})`,
    ...{ value: worst.share, unit: 'share', against: GAP },
    ...{ ratio: worst.share / GAP, n: gaps.length },
  }
}
