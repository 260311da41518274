import { rowsOf } from './rows'

const rows = (text: string): readonly string[] => rowsOf(text).lines.filter(l => l !== '')

describe('tables as they are copied', () => {
  test('cell by cell: label and value in turn become one row, its words are both lines', () => {
    const text =
      'Vale 300 case\nMotherboard\nMicro-ATX, 2 forms\nDrive Bays (3.5")\n2\n\nPCI ' +
      'Slots\n4\nMax. CPU Cooler Height\n160 mm\nI/O Ports\nUSB 3.0 x 2'
    expect(rows(text)).toEqual([
      'Vale 300 case',
      'Motherboard\tMicro-ATX, 2 forms',
      'Drive Bays (3.5")\t2',
      'PCI Slots\t4',
      'Max. CPU Cooler Height\t160 mm',
      'I/O Ports\tUSB 3.0 x 2',
    ])
    expect(rowsOf(text).asWritten(6)).toBe('PCI Slots 4')
  })
  test('values in a row stand under a heading: nothing is paired', () => {
    const text = 'Marram Holt\nRAM\n2x DDR4 DIMM\n64GB max\n3200 MT/s\nDRIVES\n1x M.2\n4x SATA'
    expect(rows(text)).toEqual(text.split('\n'))
  })
  test.each([
    [';', 'Size;120 mm'],
    [' - ', 'Size - 120 mm'],
    [' – ', 'Size – 120 mm'],
  ])('rows held apart by "%s"', (sign, size) => {
    const text = ['Socket', 'Cores', 'Memory'].map((label, i) => `${label}${sign}${i} x`).join('\n')
    expect(rows(`${text}\n${size}`)).toEqual([
      'Socket\t0 x',
      'Cores\t1 x',
      'Memory\t2 x',
      'Size\t120 mm',
    ])
    expect(rowsOf(`${text}\n${size}`).asWritten(3)).toBe(size)
  })
  test('a dash in one line of many is part of its words', () => {
    const text = 'Crag – the cooler\nHeight: 155 mm\nWidth: 120 mm\nSocket: TERN-2'
    expect(rows(text)).toEqual(text.split('\n'))
  })
  test('stars of bold words say nothing', () =>
    expect(rows('**Height** 155 mm')).toEqual(['Height 155 mm']))
})

test.each([
  ['questions by letters', 'Kestrel P9\n\nQ: How long is it? A: 140 mm.\n\nQ: Fan? A: 120 mm.'],
  ['the head of a table', 'Property | Value\n\nLength | 140 mm\n\nFan | 120 mm'],
  ['settings in sections', '[Body]\n\nlength=140 mm\n\n[Fan]\nsize=120 mm\ncount=1'],
  ['numbered sections', '1.1 Body: steel\n\n1.2 Length: 140 mm\n\n2.1 Fan: 120 mm\n2.2 Plug: none'],
])('beside empty lines each row keeps its own words: %s', (_, text) => {
  const { lines, asWritten } = rowsOf(text)
  expect(lines).toHaveLength(text.split('\n').length)
  const at = lines.findIndex(l => l.includes('140 mm'))
  expect(asWritten(at)).toContain('140 mm')
})

test('on a page with other lines the cells behind “Technical data” are rows, several values in one', () => {
  const page = [
    'Petrel 7800 graphics card',
    'In stock – delivered by Friday',
    'Add to basket',
    'Technical data',
    'Connections',
    '3x DisplayPort 1.4a',
    '1x HDMI 2.1',
    'Power connectors',
    '2x 8-pin',
    'Length',
    '302 mm',
    'Height',
    '131 mm',
  ].join('\n')
  const { lines, asWritten } = rowsOf(page)
  expect(lines[4]).toBe('Connections\t3x DisplayPort 1.4a, 1x HDMI 2.1')
  expect(asWritten(4)).toBe('Connections 3x DisplayPort 1.4a 1x HDMI 2.1')
  expect(lines[9]).toBe('Length\t302 mm')
  expect(lines[2]).toBe('Add to basket')
})
