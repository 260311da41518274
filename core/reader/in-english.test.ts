// German sheets, whole or line by line, are read as English ones are; what is shown stays as it is written.
import { MAKERS } from '../test-helpers/sheets'
import { inEnglish } from './in-english'
import { readSheet } from './read'

test.each([
  ['Max. CPU-Kühlerhöhe: 167 mm', 'Max. CPU cooler height: 167 mm'],
  ['Lüfter hinten: 1x 120 mm (vorinstalliert)', 'fans rear: 1x 120 mm (pre-installed)'],
  ['3x 120 mm oder 2x 140 mm', '3x 120 mm or 2x 140 mm'],
])('%s', (german, english) => {
  expect(inEnglish(german)).toBe(english)
})

test.each([
  'Front: up to 360mm; Top: up to 240mm',
  'Two units fit for it; the mount is internal',
  'Included: bracket, manual, Mainboard tray',
])('what is English stays as it is: %s', line => {
  expect(inEnglish(line)).toBe(line)
})

test('fields and what is not read show the words of the sheet', () => {
  const { fields, unread } = readSheet(
    'CPU-Kühler Kelder Block 120\nHöhe: 155 mm\nSockel: TERN-2\nLüfter: 1x 120 mm, 4-polig PWM\nFarbe: grün',
    { makers: MAKERS },
  )
  const height = fields.find(f => f.path === 'height')
  expect(height).toMatchObject({ value: 155, words: 'Höhe: 155 mm' })
  expect(unread).toContain('Farbe: grün')
})
