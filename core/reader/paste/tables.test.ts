// Parts in a table as lists, orders and spreadsheets have it.
import { readSheet } from '../read'
import { timesIn } from '../times'
import { sheetsIn } from './sheets-in'

const valueOf = (sheet: string, path: string): unknown => {
  const { fields, doubtful } = readSheet(sheet)
  return [...fields, ...doubtful].find(f => f.path === path)?.value
}
const said = (sheet: string) => [
  readSheet(sheet).kind,
  timesIn(sheet) ?? 1,
  valueOf(sheet, 'price'),
]

const DRAWN = [
  '| Type | Item | Price |',
  '|------|------|------:|',
  '| **CPU** | Tern Five 700X 8-core, TERN-5, 105 W | $289.00 |',
  '| Case | [Harrow Peak H5](https://shop.test/h5) ATX Mid Tower | $94.90 |',
  '| Storage | Granite S9 2 TB M.2-2280 PCIe 4.0 x4 NVMe SSD | $139.00 |',
  '|  | Boulder 8 TB 3.5" SATA hard disk | $149.00 |',
  '| **Total** | | **$671.90** |',
].join('\n')

test('a drawn table: the word for the kind, the name, the price; an empty word is that above it', () => {
  const sheets = sheetsIn(DRAWN)
  expect(sheets.map(said)).toEqual([
    ['processor', 1, 289],
    ['case', 1, 94.9],
    ['drive', 1, 139],
    ['drive', 1, 149],
  ])
  expect(sheets.map(sheet => valueOf(sheet, 'medium'))).toEqual([
    undefined,
    undefined,
    'flash',
    'disk',
  ])
  expect(valueOf(sheets[0] ?? '', 'socket')).toBe('TERN-5')
  expect(valueOf(sheets[1] ?? '', 'model')).toBe('Peak H5')
  // What adds up is kept with the last, and is no price of it.
  expect(sheets[3]).toContain('$671.90')
})

test('an order by columns of spaces: how many, and what one costs', () => {
  const order = [
    'Order confirmation no. 2026-118823',
    '',
    'Qty  Item                                          Unit price   Total',
    '1    Sorrel B8 Pro WiFi (mainboard, TERN-5, ATX)       189.00   189.00',
    '2    Pebble Flow 16GB DDR5-6000 DIMM CL30               59.50   119.00',
    '3    Gust 140 PWM case fan 140x140x25 mm 4-pin          14.90    44.70',
    '',
    'Subtotal 352.70',
  ].join('\n')
  const sheets = sheetsIn(order)
  expect(sheets.map(said)).toEqual([
    ['board', 1, 189],
    ['memory', 2, 59.5],
    ['fan', 3, 14.9],
  ])
  expect([sheets[0], sheets[2]].map(sheet => sheet?.includes('1'))).toEqual([true, true])
  expect(sheets.join('\n')).toContain('2026-118823')
  expect(sheets.join('\n')).toContain('Subtotal')
})

test('where only the sum of a row is told, one costs its share', () => {
  const table = (sum: string): string =>
    [
      'Menge\tArtikel\tGesamt',
      `3\tGust 140 Gehäuselüfter\t${sum}`,
      '1\tHarrow Peak H5 Gehäuse\t94,90 €',
    ].join('\n')
  expect(sheetsIn(table('44,70 €')).map(said)).toEqual([
    ['fan', 3, 14.9],
    ['case', 1, 94.9],
  ])
  // What does not come out even is told, and not taken.
  expect(said(sheetsIn(table('44,71 €'))[0] ?? '')).toEqual(['fan', 3, undefined])
  expect(sheetsIn(table('44,71 €'))[0]).toContain('44,71')
})

test('a table of a program, with commas in its cells, and columns of its own', () => {
  const table = [
    'Component,Model,Price,Notes',
    'Case,"Harrow Peak H5, ATX mid tower",94.90,',
    'Graphics Card,"Bittern GX 70, 312 mm, 2x 8-pin",579.00,263 W',
    'Power Supply,Reedmace 850W Gold,129.00,',
  ].join('\n')
  const sheets = sheetsIn(table)
  expect(sheets.map(said)).toEqual([
    ['case', 1, 94.9],
    ['card', 1, 579],
    ['supply', 1, 129],
  ])
  expect(valueOf(sheets[1] ?? '', 'length')).toBe(312)
  expect(valueOf(sheets[1] ?? '', 'power.card-8')).toBe(2)
})

test('without a head the columns are known by what stands in them; numbers in a row are no counts', () => {
  const table = [
    '1 | CPU | Tern Five 700X | 289,00 €',
    '2 | Case | Harrow Peak H5 | 94,90 €',
    '3 | GPU | Bittern GX 70 | 579,00 €',
  ].join('\n')
  expect(sheetsIn(table).map(said)).toEqual([
    ['processor', 1, 289],
    ['case', 1, 94.9],
    ['card', 1, 579],
  ])
})

test('a sheet in cells is no table of parts', () => {
  const cables = [
    'Dunlin A650 power supply',
    'Qty  Connector        Length',
    '1    ATX 24-pin       600 mm',
    '2    EPS 4+4-pin      700 mm',
    '6    SATA             500 mm',
  ].join('\n')
  expect(sheetsIn(cables)).toEqual([cables])
  const board = ['| Feature | Details |', '| CPU | Socket TERN-3 |', '| Memory | 4 x DDR5 |'].join(
    '\n',
  )
  expect(sheetsIn(board)).toHaveLength(1)
})

test('maker and model in columns of their own; what a part is under “Part”', () => {
  const table = [
    '| Part | Model | Maker | State | Price |',
    '| --- | --- | --- | --- | --- |',
    '| Processor (CPU) | Five 700X | Tern | have | 289.00 EUR |',
    '| Case | Harrow Peak H5 | Harrow | have | 94.90 EUR |',
    '| Card | GX 70 | Bittern | have | 579.00 EUR |',
  ].join('\n')
  const sheets = sheetsIn(table)
  expect(sheets.map(said)).toEqual([
    ['processor', 1, 289],
    ['case', 1, 94.9],
    ['card', 1, 579],
  ])
  expect(sheets.map(sheet => [valueOf(sheet, 'maker'), valueOf(sheet, 'model')])).toEqual([
    ['Tern', 'Five 700X'],
    ['Harrow', 'Peak H5'],
    ['Bittern', 'GX 70'],
  ])
})

test('a bar in a name is none between cells', () => {
  const table = [
    '| Type | Item |',
    '| CPU | Tern Five \\| Pro |',
    '| Case | Harrow Peak H5 |',
  ].join('\n')
  expect(sheetsIn(table)).toEqual(['CPU: Tern Five | Pro', 'Case: Harrow Peak H5'])
})
