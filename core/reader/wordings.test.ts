// Data of parts, written out in many layouts and phrases, is read back: right, missing and listed, or
// doubtful; hardly ever wrong. Some phrases and layouts were kept while the reader was written.
import { readBack, type Outcome } from '../test-helpers/wordings/machine'
import { amountIn } from './money'
import { runs } from '../test-helpers/runs'

const ROUNDS = 40
const all = readBack(runs(ROUNDS))
const share = (of: readonly Outcome[], end: Outcome['end']): number =>
  of.filter(o => o.end === end).length / of.length

describe.each([
  ['kept', all.filter(o => o.isKept)],
  ['seen', all.filter(o => !o.isKept)],
] as const)('%s wordings', (_name, outcomes) => {
  test('there are enough of them, of every kind', () => {
    expect(outcomes.length).toBeGreaterThanOrEqual(2000)
    expect(new Set(outcomes.map(o => o.kind)).size).toBe(9)
  })
  test('at least 92 % are filled, at most 0.3 % are certain and wrong', () => {
    expect(share(outcomes, 'filled')).toBeGreaterThanOrEqual(0.92)
    expect(share(outcomes, 'wrong')).toBeLessThanOrEqual(0.003)
  })
  test('hardly a phrase is lost: what is not read is listed', () => {
    expect(share(outcomes, 'lost')).toBeLessThanOrEqual(0.002)
  })
})

test.each([
  ['€ 1.299,00', 1299],
  ['1,299.00 EUR', 1299],
  ['1 299,50 €', 1299.5],
  ["CHF 1'299.90", 1299.9],
  ['89,– €', 89],
  ['89.-', 89],
  ['$49.95', 49.95],
  ['2349', 2349],
  ['about a hundred', null],
] as const)('an amount as shops write it: %s', (text, amount) => {
  expect(amountIn(text)).toBe(amount)
})
