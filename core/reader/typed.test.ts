import { question, readTyped, readTypedAmount } from './typed'

const value = (text: string, unit: Parameters<typeof readTyped>[1]) => {
  const t = readTyped(text, unit)
  return 'value' in t ? t.value : t.problem
}

test.each([
  ['166.5', 'mm', 166.5],
  ['16,5 cm', 'mm', 165],
  ['6 1/2 in', 'mm', 165.1],
  ['6 1/2"', 'mm', 165.1],
  ['12.9"', 'mm', 327.66],
  ['3/4 in', 'mm', 19.05],
  ['0.4 m', 'mm', 400],
  ['1 200', 'mm', 'no'],
  ['0,64 kg', 'g', 640],
  ['200 mA', 'A', 0.2],
  ['2 TB', 'GB', 2000],
  ['1,200', 'pcs', 1200],
  ['0,300', 'A', 0.3],
  ['6000 MHz', 'MTs', 6000],
  ['3.5 GB/s', 'MBs', 3500],
  ['.5', 'mm', 0.5],
  ['7.', 'mm', 7],
] as const)('%s as %s', (text, unit, expected) => {
  if (expected === 'no') expect(value(text, unit)).toMatch(/such as/)
  else expect(value(text, unit)).toBeCloseTo(expected, 9)
})

test.each([
  ['', 'mm'],
  ['tall', 'mm'],
  ['5 W', 'mm'],
  ['-3', 'mm'],
  ['3 mm 4 mm', 'mm'],
  ['1e3', 'mm'],
  ['3 x 4 mm', 'mm'],
] as const)('%s is no %s, and says what would be', (text, unit) => {
  expect(value(text, unit)).toMatch(/such as 166\.5, 16,5 cm or 6 1\/2 in/)
})

const HEIGHT = { unit: 'mm', label: 'height', likely: [20, 200] } as const

test('an unlikely value is questioned, with the slip that is most likely', () => {
  expect(question(165, HEIGHT)).toBeNull()
  expect(question(1650, HEIGHT)).toBe(
    'Unusual: a height is mostly 20 to 200 mm, not 1650. Is it 165?',
  )
  expect(question(16.5, HEIGHT)).toMatch(/Is it 165\?$/)
  expect(question(9999, HEIGHT)).toMatch(/Is it right\?$/)
})

test.each([
  ['1299', 1299],
  ['12.5', 12.5],
  ['0,99', 0.99],
  ['1.299,50', 1299.5],
  ['1,299.50', 1299.5],
  ['1 299', 1299],
  ['1.299', 1299],
  ['€ 49,-', 49],
  ['89.90 EUR', 89.9],
])('%s as the amount %d', (text, amount) => {
  expect(readTypedAmount(text)).toMatchObject({ value: amount })
})

test.each(['much', '-3', '12.34.5', '3 x 40', '1e3', ''])('%s is no amount', text => {
  expect(readTypedAmount(text)).toHaveProperty('problem')
})
