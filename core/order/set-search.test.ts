// The search of the best order against a table over all sets, on orders drawn from seeds.
import { runs } from '../test-helpers/runs'
import { costOf, leastByTable, orderPuzzle } from '../test-helpers/order-puzzles'
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

test('what must come first of itself is told', () => {
  const puzzle = orderPuzzle(3)
  const circle = { ...puzzle, musts: puzzle.musts.with(0, [1]).with(1, [0]) }
  expect(() => searched(circle, STATES)).toThrow(/around in a circle/)
})
