import { countAround, leadingCount, thingsIn, wordNumber, type Thing } from './things'

const around = (phrase: string, named: RegExp): number | null => {
  const m = named.exec(phrase)
  return m ? countAround(phrase, m.index, m.index + m[0].length) : null
}

describe('a count stands before, behind, in words, or not at all', () => {
  test.each<[string, RegExp, number | null]>([
    ['4 x DIMM', /DIMM/, 4],
    ['4x DIMM', /DIMM/, 4],
    ['4 DIMM', /DIMM/, 4],
    ['2 x DDR5 U-DIMM', /U-DIMM/, 2],
    ['3x 4-pin fan', /fan/, 3],
    ['SATA x5', /SATA/, 5],
    ['DisplayPort 2.1 x 3', /DisplayPort/, 3],
    ['USB-A (5 Gb/s) x4', /USB-A/, 4],
    ['SATA ports: 6', /SATA ports/, 6],
    ['two SATA ports', /SATA/, 2],
    ['one 24-pin', /24-pin/, 1],
    ['dual fan', /fan/, 2],
    ['SATA 6 Gb/s', /SATA/, null],
    ['HDMI 2.1', /HDMI/, null],
    ['PCIe 4.0 x4', /PCIe/, 4],
    ['5V LED', /LED/, null],
  ])('%s', (phrase, named, count) => expect(around(phrase, named)).toBe(count))
})

test('a value whose label has named the thing begins with its count, and not with its size', () => {
  expect(
    ['6', '4x 6 Gb/s', '2 (4-pin)', 'two', '1 x 8-pin', '8-pin', '120 mm', '500 W', 'yes'].map(
      leadingCount,
    ),
  ).toEqual([6, 4, 2, 2, 1, null, null, null, null])
})

test('every thing of a phrase once, each word used once', () => {
  const things: readonly Thing<'c' | 'three'>[] = [
    { key: 'c', named: /USB-C/ },
    { key: 'three', named: /USB/ },
  ]
  expect(thingsIn('2x USB-C', things).map(t => [t.key, t.count])).toEqual([['c', 2]])
  expect(thingsIn('1x USB-C 2x USB', things).map(t => t.key)).toEqual(['c', 'three'])
  expect(thingsIn('no plug here', things)).toEqual([])
})

test('numbers in words', () => {
  expect(['one', 'Twelve', 'dual', 'a', 'many'].map(wordNumber)).toEqual([1, 12, 2, 1, null])
})
