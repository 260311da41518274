// Parts of one sort, side by side in one table.
import { readSheet } from '../read'
import { sheetsIn } from './sheets-in'

const figures = (sheet: string, ...paths: string[]) => {
  const { kind, fields, doubtful } = readSheet(sheet)
  const all = [...fields, ...doubtful]
  return [kind, ...paths.map(path => all.find(f => f.path === path)?.value)]
}

test('a column for each', () => {
  const table = [
    'MODEL              TIDE 240            TIDE 360',
    'Radiator (mm)      277 x 120 x 27      397 x 120 x 27',
    'Fans               2 x 120 mm          3 x 120 mm',
    'Pump power         5 W                 5 W',
    'Tube length        380 mm              400 mm',
    'Price              89.00               119.00',
  ].join('\n')
  const sheets = sheetsIn(table)
  expect(
    sheets.map(s => figures(s, 'liquid.length', 'liquid.fans', 'liquid.tube', 'price')),
  ).toEqual([
    ['cooler', 277, 2, 380, 89],
    ['cooler', 397, 3, 400, 119],
  ])
})

test('what stands once in a row is said of all', () => {
  const table = [
    '| Specification | Reedmace 650 | Reedmace 750 |',
    '| --- | --- | --- |',
    '| Power | 650 W | 750 W |',
    '| Dimensions (W x H x D) | 150 x 86 x 140 mm | 150 x 86 x 160 mm |',
    '| SATA connectors | 6 | 8 |',
    '| Efficiency | 80 PLUS Gold |',
  ].join('\n')
  expect(sheetsIn(table).map(s => figures(s, 'watts', 'length', 'efficiency'))).toEqual([
    ['supply', 650, 140, 'gold'],
    ['supply', 750, 160, 'gold'],
  ])
})

test('a row for each', () => {
  const table = [
    'Product\tLength (mm)\tHeight (mm)\tSlots\tPower (W)\tPower connectors',
    'Petrel Swift 7600 graphics card\t240\t126\t2\t165\t1x 8-pin',
    'Petrel Swift 7800 graphics card\t302\t131\t3\t263\t2x 8-pin',
  ].join('\n')
  expect(sheetsIn(table).map(s => figures(s, 'length', 'height', 'watts', 'power.card-8'))).toEqual(
    [
      ['card', 240, 126, 165, 1],
      ['card', 302, 131, 263, 2],
    ],
  )
})

test.each([
  // Of one case, with and without what stands beside it.
  [
    'Clearance | Without radiator | With radiator',
    'GPU length | 400 mm | 345 mm',
    'CPU cooler height | 170 mm | 170 mm',
  ],
  // Of one supply, a row for each plug.
  ['Connector | Count | Length', 'ATX 24-pin | 1 | 600 mm', 'SATA | 6 | 500 mm'],
  // Columns of one board.
  ['Name | Slots', 'PCIEX16_1 | PCIe 5.0 x16', 'PCIEX16_2 | PCIe 4.0 x4'],
])('%s: one sheet', (...lines) => {
  expect(sheetsIn(lines.join('\n'))).toHaveLength(1)
})
