import {
  bytes,
  capital,
  clock,
  counted,
  passing,
  margin,
  minutes,
  money,
  comesTo,
  number,
  pairLine,
  quantity,
  tolerance,
} from './format'
import { rounded } from './rounded'

test('numbers have a true minus sign, and no minus before nothing', () => {
  expect(number(-15.04)).toBe('−15.0')
  expect(number(-0.04)).toBe('0.0')
  expect(number(3, 0)).toBe('3')
  expect(number(9999, 0)).toBe('9999')
  expect(number(10_000, 0)).toBe('10\u2009000')
  expect(number(-1234567.891, 2)).toBe('−1\u2009234\u2009567.89')
})
test('quantities take a thin space and the decimals of their unit', () => {
  expect(quantity(165, 'mm')).toBe('165.0\u2009mm')
  expect(quantity(0.15, 'A')).toBe('0.15\u2009A')
  expect(quantity(4, 'pcs')).toBe('4')
  expect(quantity(5600, 'MTs')).toBe('5600\u2009MT/s')
  expect(margin(7, 'mm')).toBe('+7.0\u2009mm')
  expect(margin(-1, 'pcs')).toBe('−1')
})
test('a tolerance is written in its unit’s decimals, and never as nothing where it is something', () => {
  expect([tolerance(6, 'mm'), tolerance(0, 'mm'), tolerance(0.5, 'pcs')]).toEqual([
    '± 6.0',
    '± 0.0',
    '± 0.5',
  ])
  // 3 % of 0.18 A, and of 0.1 A.
  expect([tolerance(0.0054, 'A'), tolerance(0.003, 'A')]).toEqual(['± 0.01', '± 0.003'])
})
test('two steps in a sequence, and one that is gone', () => {
  expect([pairLine('Seat it', 'Close it'), pairLine('Seat it', undefined)]).toEqual([
    '“Seat it” before “Close it”',
    '“Seat it” before a step that is not there now',
  ])
})
test('minutes, clocks, money, counts', () => {
  expect(minutes(59.6)).toBe('1\u2009h 0\u2009min')
  expect(minutes(142)).toBe('2\u2009h 22\u2009min')
  expect(clock(125.9)).toBe('2:05')
  expect(money(4, 'EUR')).toBe('4.00\u2009EUR')
  expect(counted(1, 'joint')).toBe('1 joint')
  expect(counted(2, 'has', 'have')).toBe('2 have')
  expect(capital('power light')).toBe('Power light')
})
test('rounding leaves what is round alone and copies only what is not', () => {
  const fine = { a: [1, 2.5], b: 'x' }
  expect(rounded(fine)).toBe(fine)
  const sum = { margin: 0.1 + 0.2, whole: fine }
  const out = rounded(sum)
  expect(out.margin).toBe(0.3)
  expect(out.whole).toBe(fine)
  expect(sum.margin).not.toBe(0.3)
  expect(Object.is(rounded(-0), 0)).toBe(true)
})

test('a size of stored data in the unit that fits', () => {
  expect([999, 1499, 999_999, 1_500_000, 10_737_500_000].map(bytes)).toEqual([
    '999 B',
    '1 kB',
    '1000 kB',
    '1.5 MB',
    '10.7 GB',
  ])
})

test('from which value on it passes: lengths fit, all else is enough', () => {
  expect(passing({ side: 'least', value: 166.6 }, 'mm')).toBe('fits if at least 166.6\u2009mm')
  expect(passing({ side: 'most', value: 0.9 }, 'A')).toBe('enough if at most 0.90\u2009A')
})

test('a finding comes to a margin; of counts it is so many of so many', () => {
  const of = { need: 13, have: 14, margin: 1 }
  expect(comesTo({ ...of, unit: 'pcs' })).toBe('13 of 14')
  expect(comesTo({ ...of, unit: 'mm' })).toBe('+1.0\u2009mm')
  expect(comesTo({ ...of, margin: null, unit: 'mm' })).toBe('')
})
