// What a person said of values that were read holds, and only for the value of which it was said.
import { answered } from './answers'
import type { ReadField } from './notes'

const field = (path: string, value: number): ReadField => ({
  ...{ path, value, unit: 'mm', basis: 'spec' },
  words: `${path}: ${value}`,
})
const READ = {
  fields: [field('height', 158), field('width', 130)],
  doubtful: [
    { ...field('height', 155), why: 'the sheet also says 158', isOther: true as const },
    { ...field('depth', 900), why: 'more than is usual' },
  ],
}
const values = (reading: ReturnType<typeof answered<typeof READ>>) => [
  reading.fields.map(f => [f.path, f.value]),
  reading.doubtful.map(f => [f.path, f.value]),
]

test('nothing was said: it stays as it was read', () => {
  expect(answered(READ, [])).toBe(READ)
})
test('of two, the one that is right is the only one, and certain', () => {
  const right = answered(READ, [{ path: 'height', value: 155, says: 'right' }])
  expect(values(right)).toEqual([
    [
      ['width', 130],
      ['height', 155],
    ],
    [['depth', 900]],
  ])
})
test('of two, one is wrong: the other is meant', () => {
  const [fields] = values(answered(READ, [{ path: 'height', value: 158, says: 'wrong' }]))
  expect(fields).toEqual([
    ['width', 130],
    ['height', 155],
  ])
})
test('one that is wrong is not known; one doubtful that is right is certain', () => {
  const after = answered(READ, [
    { path: 'width', value: 130, says: 'wrong' },
    { path: 'depth', value: 900, says: 'right' },
  ])
  expect(values(after)).toEqual([
    [
      ['height', 158],
      ['depth', 900],
    ],
    [['height', 155]],
  ])
})
test('an answer about another value says nothing', () => {
  expect(values(answered(READ, [{ path: 'width', value: 131, says: 'wrong' }]))).toEqual(
    values(READ),
  )
})
