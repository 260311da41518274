// Names that have to agree, as they are written.
import { isSameName, isSameSocket } from './names'

test.each([
  ['KNOT-1700', 'KNOT 1700'],
  ['KNOT-1700', 'KNOT1700'],
  ['TERN-5', 'Socket TERN-5'],
  ['TERN-5', 'tern5'],
  ['KNOT-115x', 'KNOT-1151'],
  ['KNOT 1150', 'KNOT-115X'],
])('%s is %s', (a, b) => {
  expect([isSameSocket(a, b), isSameSocket(b, a)]).toEqual([true, true])
})

test.each([
  ['KNOT-1700', 'KNOT-1200'],
  ['TERN-5', 'TERN-4'],
  ['TERN-5', 'KNOT-5'],
  ['KNOT-115x', 'KNOT-1200'],
  ['KNOT-115x', 'KNOT-115'],
  ['KNOT-115x', 'KNOT-11512'],
  ['TERN-X', 'TERN-5'],
])('%s is not %s', (a, b) => {
  expect([isSameSocket(a, b), isSameSocket(b, a)]).toEqual([false, false])
})

test('a maker’s own plug by any spelling of its name', () => {
  expect(isSameName('Gust Link', 'GUST-link')).toBe(true)
  expect(isSameName('Gust Link 2', 'Gust Link')).toBe(false)
})
