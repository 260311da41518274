import { phrasesOf } from './phrases'
import { sheetOf } from './statements'

const pairs = (text: string) => sheetOf(text).statements.map(s => [s.under, s.label, s.value])

describe('label and value', () => {
  test.each<[string, readonly [string, string]]>([
    ['Height: 155 mm', ['Height', '155 mm']],
    ['Height:155 mm', ['Height', '155 mm']],
    ['Height\t155 mm', ['Height', '155 mm']],
    ['| Height | 155 mm |', ['Height', '155 mm']],
    ['Height    155 mm', ['Height', '155 mm']],
    ['• Height: 155 mm', ['Height', '155 mm']],
    ['- 3.5" bays: 2', ['3.5" bays', '2']],
    ['+12V: 70.8A', ['+12V', '70.8A']],
    [
      'Radiator support: Front: up to 360mm; Top: up to 240mm',
      ['Radiator support', 'Front: up to 360mm; Top: up to 240mm'],
    ],
  ])('%s', (line, [label, value]) => expect(pairs(line)).toEqual([['', label, value]]))
})

test('values beside one another on a line are told apart by their labels', () => {
  expect(pairs('Height: 158mm; width: 125mm')).toEqual([
    ['', 'Height', '158mm'],
    ['', 'width', '125mm'],
  ])
})

test('sentences are told apart, "max. 192" is not two', () => {
  expect(pairs('It takes max. 192 GB. Two slots are free.').map(p => p[2])).toEqual([
    'It takes max. 192 GB.',
    'Two slots are free.',
  ])
})

test('headings stand over what follows: with a colon, in capitals, or over an indented line', () => {
  expect(pairs('Holt\nSlots:\n1x PCIe')).toEqual([
    ['', '', 'Holt'],
    ['Slots', '', '1x PCIe'],
  ])
  expect(pairs('Holt\nMEMORY\n2x DIMM\nPOWER\n24-pin')).toEqual([
    ['', '', 'Holt'],
    ['MEMORY', '', '2x DIMM'],
    ['POWER', '', '24-pin'],
  ])
  expect(pairs('Holt\n- Socket\n  KNOT-5')).toEqual([
    ['', '', 'Holt'],
    ['Socket', '', 'KNOT-5'],
  ])
})

test('a footnote belongs to its mark; a bullet is none', () => {
  const { footnotes, statements } = sheetOf(
    '6 x SATA ports*\n* SATA5 is off when M2_1 is used\n* another line',
  )
  expect(footnotes).toEqual([
    { mark: '*', says: 'SATA5 is off when M2_1 is used' },
    { mark: '*', says: 'another line' },
  ])
  expect(statements.map(s => s.value)).toEqual(['6 x SATA ports*'])
  expect(sheetOf('* 2 fans\n* 3 lights').footnotes).toEqual([])
})

test('rules of a table and empty lines say nothing; odd spaces and line ends are read', () => {
  expect(pairs('|---|---|\n\nHeight:\u00a0155\u2009mm\r\nWidth: 3 in')).toEqual([
    ['', 'Height', '155 mm'],
    ['', 'Width', '3 in'],
  ])
})

test('phrases: decimal commas and brackets stay whole', () => {
  expect(phrasesOf('92 mm, 4 pin, 0,16 A')).toEqual(['92 mm', '4 pin', '0,16 A'])
  expect(phrasesOf('2x M.2 (2280, Gen 4), 4x SATA')).toEqual(['2x M.2 (2280, Gen 4)', '4x SATA'])
  expect(phrasesOf('24-pin + 8-pin / 2x SATA')).toEqual(['24-pin', '8-pin', '2x SATA'])
})

test('several footnotes in one line, each behind its mark', () => {
  const { footnotes } = sheetOf(
    'Slots: 2 (1)\nPorts: 4 (2)\n(1) One is used by the card.  (2) Two are off with M2_3.',
  )
  expect(footnotes).toEqual([
    { mark: '(1)', says: 'One is used by the card.' },
    { mark: '(2)', says: 'Two are off with M2_3.' },
  ])
})
