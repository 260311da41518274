// What a shop's page has beside the part.
import { withoutAsides } from './asides'
import { sheetsIn } from './paste/sheets-in'
import { readSheet } from './read'

const PAGE = [
  'Harrow Peak H5 mid tower case',
  '94,90 € incl. VAT',
  'Max. GPU length: 365 mm',
  'Similar products',
  'Fen Cube 3, 420 mm GPU, 139,00 €',
  'Technical data',
  'CPU cooler height: 170 mm',
  'Customer reviews (213)',
  '"My 190 mm cooler fits: CPU cooler height: 190 mm" – Tom',
].join('\n')

test('other products and what people write fill nothing, and are told as not read', () => {
  const { fields, doubtful, unread } = readSheet(PAGE)
  const found = Object.fromEntries(fields.map(f => [f.path, f.value]))
  expect(found).toMatchObject({ price: 94.9, cardRoom: 365, coolerRoom: 170 })
  expect(found).not.toHaveProperty('archetype')
  expect(doubtful.filter(d => d.isOther)).toEqual([])
  expect(unread).toEqual(
    expect.arrayContaining([
      'Fen Cube 3, 420 mm GPU, 139,00 €',
      '"My 190 mm cooler fits: CPU cooler height: 190 mm" – Tom',
    ]),
  )
})

test('it is one part, and nothing of the page is lost', () => {
  const sheets = sheetsIn(PAGE)
  expect(sheets).toHaveLength(1)
  for (const line of PAGE.split('\n')) expect(sheets[0]).toContain(line)
})

test('a sheet without asides stays as it is; its first line is never one', () => {
  for (const text of [
    'Dunlin A650\nRatings\n12 V: 54 A',
    'Harrow Peak H5\nReviewed: 2026',
    'Reviews\nHeight: 158 mm',
    '',
  ])
    expect(withoutAsides(text)).toEqual({ own: text, asides: [] })
})
