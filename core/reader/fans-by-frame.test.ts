import { byFrame } from './fans-by-frame'
import { sheetOf } from './statements'

test('frames one by one are put together wall by wall, where the first of them stands', () => {
  const { statements } = sheetOf(
    [
      'A case',
      '120mm fan mounts: 3x Front, 1x Rear',
      'Slots: 7',
      '140mm fan mounts: 2x Front',
    ].join('\n'),
  )
  expect(byFrame(statements).map(s => [s.label, s.value])).toEqual([
    ['', 'A case'],
    ['Fan support', 'front: 3 x 120 mm / 2 x 140 mm, rear: 1 x 120 mm'],
    ['Slots', '7'],
  ])
  expect(byFrame(statements)[1]?.words).toBe(
    '120mm fan mounts: 3x Front, 1x Rear; 140mm fan mounts: 2x Front',
  )
})

test('a sheet without such lines stays as it is', () => {
  const { statements } = sheetOf('A case\nFront fans: 3 x 120 mm')
  expect(byFrame(statements)).toBe(statements)
})
