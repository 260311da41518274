// The search of the best order against a table over all sets, on orders drawn from seeds.
import { runs } from '../test-helpers/runs'
import { costOf, leastByTable, orderPuzzle } from '../test-helpers/order-puzzles'
import type { Puzzle } from './puzzle'
import { HAIR, searched } from './set-search'

/** Named choice: as many states as an order of sixteen steps is given. */
const STATES = 3900

test('on 200 orders it is as good as the table, and says what it costs', () => {
  for (let seed = 1; seed <= 200; seed++) {
    const puzzle = orderPuzzle(seed)
    const { order, cost, bound } = searched(puzzle, STATES)
    expect([seed, costOf(puzzle, order)]).toEqual([seed, expect.closeTo(cost, 9)])
    expect([seed, cost, bound]).toEqual([
      ...[seed, expect.closeTo(leastByTable(puzzle), 9), expect.closeTo(cost, 9)],
    ])
  }
})

test('ended early, its bound is never above the best, and what it found never below', () => {
  for (let seed = 1; seed <= runs(60); seed++) {
    const puzzle = orderPuzzle(seed)
    const best = leastByTable(puzzle)
    for (const states of [0, 1, 3, 10]) {
      const { cost, bound, order } = searched(puzzle, states)
      expect(bound).toBeLessThanOrEqual(best + HAIR)
      expect(cost).toBeGreaterThanOrEqual(best - HAIR)
      expect(costOf(puzzle, order)).toBeCloseTo(cost, 9)
    }
  }
})

test('a fault is looked for back to the last start: where nothing else decides, it parts the work evenly', () => {
  // Four steps that join and one start, in any order: 2² + 2² is less than 4², 1² + 3².
  const five = Array.from({ length: 5 }, (_, i) => i)
  const puzzle: Puzzle = {
    ...{ minutes: five.map(() => 1), poses: five.map(() => 'lying'), tools: five.map(() => null) },
    ...{ proofs: five.map(i => i === 0), joins: five.map(i => i > 0) },
    ...{ musts: five.map(() => []), wishes: five.map(() => []) },
    ...{ turn: 2, tool: 0.5, proof: 0, loss: 1, isProved: false },
    start: { pose: 'lying', tool: null, untried: 0 },
  }
  const { order, cost, bound } = searched(puzzle, STATES)
  expect([order.indexOf(0), cost, bound]).toEqual([2, 8, 8])
  // Two are untried already: the start comes after one more. 3² + 3², less 2² that were lost before.
  const begun = { ...puzzle, start: { ...puzzle.start, untried: 2 } }
  const on = searched(begun, STATES)
  expect([on.order.indexOf(0), on.cost]).toEqual([1, 14])
})

test('what must come first of itself is told', () => {
  const puzzle = orderPuzzle(3)
  const circle = { ...puzzle, musts: puzzle.musts.with(0, [1]).with(1, [0]) }
  expect(() => searched(circle, STATES)).toThrow(/around in a circle/)
})
