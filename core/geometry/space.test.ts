import { frame, inside, middle, place, placeBox, within } from './space'

test('a board lies mirrored in the case: its y runs down, the case’s up', () => {
  // Tray corner at (0, 185, 8.1); hole C at (10.16, 163.83) of the board.
  const board = frame([0, 185, 8.1], '+x -y +z')
  const [x, y, z] = place(board, [10.16, 163.83, 0])
  expect([x, y, z].map(v => Math.round(v * 100) / 100)).toEqual([10.16, 21.17, 8.1])
})

test('a frame in a frame: what is placed twice is placed by both', () => {
  const board = frame([0, 185, 8.1], '+x -y +z')
  const slot = frame([152, 75, 0], '+y +x +z')
  const both = within(board, slot)
  expect(place(both, [10, 0, 5])).toEqual(place(board, place(slot, [10, 0, 5])))
  // Ten along the slot is ten further down the board: y = 185 − 75 − 10.
  expect(place(both, [10, 0, 5])[1]).toBeCloseTo(100, 9)
})

test('a box keeps its size however it is turned', () => {
  const supply = frame([315, 10, 5], '-x +y +z')
  const box = placeBox(supply, { min: [0, 0, 0], max: [100, 125, 63.5] })
  expect(box).toEqual({ min: [215, 10, 5], max: [315, 135, 68.5] })
  expect(middle(box)).toEqual([265, 72.5, 36.75])
})

test('boxes have slack', () => {
  expect(inside({ min: [0, 0, 0], max: [1, 1, 1] }, [1.4, 0, 0])).toBe(false)
  expect(inside({ min: [0, 0, 0], max: [1, 1, 1] }, [1.4, 0, 0], 0.5)).toBe(true)
})

test('axes that are none are refused', () => {
  expect(() => frame([0, 0, 0], '+x +q +z')).toThrow(RangeError)
})
