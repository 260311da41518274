// A lead from the near side through the tray and back: 100 along, 14 down to the tray, 8 deeper, 200 up
// behind it, 8 and 14 forward again.
import type { Vec3 } from '../geometry/space'
import { cutAt, lengthOf, stretchesOf } from './stretches'

const WAY: readonly Vec3[] = [
  [0, 0, 14],
  [100, 0, 14],
  [100, 0, 0],
  [100, 0, -8],
  [100, 200, -8],
  [100, 200, 0],
  [100, 200, 14],
]

test('a way is cut where it passes the tray', () => {
  const stretches = stretchesOf(WAY)
  expect(stretches.map(s => s.side)).toEqual(['near', 'behind', 'near'])
  expect(stretches.map(s => lengthOf(s.points))).toEqual([114, 216, 14])
})

test('a lead of 222 ends 100 up behind the tray, and 122 are missing', () => {
  const { laid, rest } = cutAt(WAY, 222)
  expect(laid.at(-1)).toEqual([100, 100, -8])
  expect(rest[0]).toEqual([100, 100, -8])
  expect(lengthOf(laid)).toBeCloseTo(222)
  expect(lengthOf(rest)).toBeCloseTo(122)
})

test('one that is long enough leaves no rest, one of nothing is all rest', () => {
  expect(cutAt(WAY, 400)).toEqual({ laid: WAY, rest: [] })
  expect(lengthOf(cutAt(WAY, 0).rest)).toBeCloseTo(344)
})
