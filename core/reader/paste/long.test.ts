// Pastes that are long or odd are told apart as soon as others: no row of signs stops the reader.
import { readSheet } from '../read'
import { sheetsIn } from './sheets-in'

/** Named choice: so long a row of one sign is, no shop's page has a longer one. */
const MANY = 4000
const LIST = ['CPU: Tern Five 700X', 'Case: Harrow Peak H5', 'PSU: Reedmace 850W']

test.each([
  ['dots', '.'],
  ['spaces', ' '],
  ['stars', '*'],
  ['dashes and spaces', ' - '],
  ['brackets that do not close', '(a, '],
  ['bars', '|'],
  ['commas', 'a, '],
  ['capitals', 'ABC-1 '],
])('%s in a row', (_, sign) => {
  const row = sign.repeat(MANY)
  const pieces = sheetsIn([`${LIST[0] ?? ''} ${row} end`, ...LIST.slice(1)].join('\n'))
  expect(pieces.length).toBeGreaterThan(0)
  expect(readSheet(`Reedmace 850W power supply ${row} end`).unlooked).toBeGreaterThanOrEqual(0)
})

/** Named choice: longer than any machine, and than what comes in at once. */
const LINES = 400
test('a list of hundreds of lines comes in whole', () => {
  const lines = Array.from({ length: LINES }, (_, i) => `${LIST[i % LIST.length] ?? ''} no. ${i}`)
  expect(sheetsIn(lines.join('\n'))).toHaveLength(LINES)
})
