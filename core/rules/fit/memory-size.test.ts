import { avocet, change, finding, flipped, measure, then } from '../../test-helpers/demos'

const id = 'fit/memory-size:memory:board'

test('clear: 2 × 24 GB of 192; counts are exact', () => {
  expect(finding(then(avocet), id)).toMatchObject({
    ...{ verdict: 'clear', need: 48, have: 192, margin: 144, tol: 0 },
  })
})

test('as much as it takes is clear; one module more than that is a stop', () => {
  const takes = (most: number) => change(avocet, measure('board', 'memory.most', most, 'GB'))
  // 48 of 48 leaves nothing, and needs nothing
  expect(finding(then(takes(48)), id)).toMatchObject({ verdict: 'clear', margin: 0 })
  // 48 of 32: 16 too many
  expect(finding(then(takes(32)), id)).toMatchObject({ verdict: 'stop', margin: -16 })
  expect(flipped(avocet, takes(32))).toEqual([id])
})
