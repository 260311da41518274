// Bends of leads on the paper, worked out by hand.
import { bentPath } from './bends'

test('a right angle of radius 10 begins and ends 10 before and behind its corner', () => {
  expect(
    bentPath(
      [
        [0, 0],
        [100, 0],
        [100, 50],
      ],
      10,
    ),
  ).toBe('M0 0L90 0Q100 0 100 10L100 50')
})

test('a leg too short for its bends is shared by them, a way back bends as far as its legs go', () => {
  expect(
    bentPath(
      [
        [0, 0],
        [40, 0],
        [40, 6],
        [80, 6],
      ],
      10,
    ),
  ).toBe('M0 0L37 0Q40 0 40 3L40 3Q40 6 43 6L80 6')
  expect(
    bentPath(
      [
        [0, 0],
        [20, 0],
        [8, 0],
      ],
      10,
    ),
  ).toBe('M0 0L14 0Q20 0 14 0L8 0')
})

test('points that lie one over the other are one; a point alone is no way', () => {
  expect(
    bentPath(
      [
        [5, 5],
        [5, 5],
        [9, 5],
      ],
      10,
    ),
  ).toBe('M5 5L9 5')
  expect(bentPath([[5, 5]], 10)).toBe('M5 5')
})
