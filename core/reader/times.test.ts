import { readSheet } from './read'
import { timesIn } from './times'

test('a count before a title is how many there are; the name begins behind it', () => {
  expect(timesIn('3x Ottery Breeze 120 PWM fan, 4-pin')).toBe(3)
  expect(timesIn('- 2 × Merewick D5 kit\n2 x 16 GB')).toBe(2)
  const { fields } = readSheet('3x Ottery Breeze 120 PWM fan\nSize: 120 x 120 x 25 mm', {
    makers: ['Ottery'],
  })
  expect(fields.filter(f => f.path === 'maker' || f.path === 'model').map(f => f.value)).toEqual([
    'Ottery',
    'Breeze 120',
  ])
})

test('what a part has so many of is no count of the part', () => {
  expect(timesIn('2 x 8-pin EPS')).toBeNull()
  expect(timesIn('4 x DIMM, DDR5')).toBeNull()
  expect(timesIn('2x16GB DDR5 kit')).toBeNull()
  expect(timesIn('Breeze 120')).toBeNull()
})

test('a list of headers keeps its counts', () => {
  const line = 'Headers: 1 x CPU fan, 2 x system fan, 1 x front audio, 1 x COM'
  const { fields, doubtful } = readSheet(line)
  expect(timesIn(line)).toBeNull()
  for (const { words } of [...fields, ...doubtful]) expect(line).toContain(words)
})

test('a count behind a bare name; lanes are none', () => {
  expect(timesIn('Kite Gen4 NVMe 2TB x2')).toBe(2)
  expect(timesIn('Gust 140 PWM fans x3')).toBe(3)
  expect(timesIn('Kite NVMe PCIe 4.0 x4')).toBeNull()
  expect(timesIn('Merle card, USB ports x2')).toBeNull()
})
