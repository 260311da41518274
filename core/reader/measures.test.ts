// Numbers with their units.
import { firstOf, measuresIn, plainNumber } from './measures'

describe('numbers', () => {
  test.each<[string, number]>([
    ['1,234', 1234],
    ['12,500', 12500],
    ['16,5', 16.5],
    ['0,250', 0.25],
    ['7.2', 7.2],
    ['1234', 1234],
  ])('%s', (text, value) => expect(plainNumber(text)).toBe(value))
})

describe('with their units, in the unit that is kept', () => {
  test.each<[string, number | null, string]>([
    ['16,5 cm', 165, 'mm'],
    ['0.4 m', 400, 'mm'],
    ['12.9"', 327.66, 'mm'],
    ['6 1/2 in', 165.1, 'mm'],
    ['3/4 inch', 19.05, 'mm'],
    // A metre is not the first half of an M.2.
    ['1 m.2 stick', null, 'mm'],
    ['1.2 kg', 1200, 'g'],
    ['2 lbs', 907.184, 'g'],
    ['150 mA', 0.15, 'A'],
    ['50 mW', 0.05, 'W'],
    ['4.5 watts', 4.5, 'W'],
    ['6000 MT/s', 6000, 'MTs'],
    ['2.4 GHz', 2400, 'MHz'],
    ['7,300 MB/s', 7300, 'MBs'],
    ['2 TB', 2000, 'GB'],
    ['512MB', 0.512, 'GB'],
    ['40 dB(A)', null, 'A'],
  ])('%s', (text, value, unit) => expect(firstOf(text, unit as 'mm')?.value ?? null).toBe(value))
  test('the unit behind a bar is that of both', () => {
    expect(measuresIn('3,500/2,900 MB/s').map(m => [m.value, m.unit])).toEqual([
      [3500, 'MBs'],
      [2900, 'MBs'],
    ])
    expect(measuresIn('30/45 cm').map(m => m.value)).toEqual([300, 450])
  })
})

test('a length in inches beside that in millimetres is told once, by these', () => {
  expect(measuresIn('12.6 in (320 mm)').map(m => m.value)).toEqual([320])
  expect(measuresIn('8.7 in / 220 mm').map(m => m.value)).toEqual([220])
  // Two lengths are two.
  expect(measuresIn('12.6 in (300 mm)').map(m => m.value)).toEqual([320.04, 300])
})
