// Several sheets in one paste are told apart; one sheet stays one, whatever stands in it.
import fc from 'fast-check'
import { MAKERS, sheets } from '../test-helpers/sheets'
import { runs } from '../test-helpers/runs'
import { readSheet } from './read'
import { sheetsIn } from './sheets-in'

const all = [...sheets('seen'), ...sheets('kept')]

test('one sheet stays one', () => {
  const split = all.filter(s => sheetsIn(s.text, MAKERS).length !== 1).map(s => s.name)
  expect(split).toEqual([])
})

test('sheets one after the other, held apart by an empty line, are as many and of the same kinds', () => {
  const titled = all.filter(s => {
    const [first = ''] = s.text.trim().split('\n')
    return (
      MAKERS.some(m => first.toLowerCase().startsWith(m.toLowerCase())) && !/[:|\t]/.test(first)
    )
  })
  expect(titled.length).toBeGreaterThan(20)
  const some = fc.shuffledSubarray(titled, { minLength: 2, maxLength: 5 })
  fc.assert(
    fc.property(some, chosen => {
      const text = chosen.map(s => s.text.trim()).join('\n\n')
      const kinds = sheetsIn(text, MAKERS).map(piece => readSheet(piece, { makers: MAKERS }).kind)
      expect(kinds).toEqual(chosen.map(s => s.says.get('kind')))
    }),
    { numRuns: runs(60) },
  )
})

test('a page with two parts, a rule between them, and talk before and behind', () => {
  const page = [
    'Welcome to the shop',
    '',
    'Kelder Breeze 120 case fan',
    'Size: 120 x 120 x 25 mm',
    'Connector: 4-pin PWM',
    'Current: 0.2 A',
    '-----',
    'Dunlin A650 power supply',
    'Wattage: 650 W',
    'Form: ATX',
    'Length: 140 mm',
    'Modular: fully',
    '',
    'Terms and conditions apply',
  ].join('\n')
  expect(sheetsIn(page, MAKERS).map(piece => readSheet(piece, { makers: MAKERS }).kind)).toEqual([
    'fan',
    'supply',
  ])
})

test('a part of another kind is one however little is said of it; a section of a sheet is none', () => {
  const board = 'Saltpan Creek M5 motherboard\nSocket TERN-2\n4x DDR5\nM.2: 2x PCIe 4.0 x4'
  const cooler = 'Kelder Spar 120 tower cooler\nHeight 154 mm'
  const makers = ['Saltpan', 'Kelder']
  expect(sheetsIn(`${board}\n\n${cooler}`, makers)).toEqual([board, cooler])
  const pc = 'Saltpan Dune 3 mid tower case\nBoards: ATX\nGPU length: 330 mm'
  const section = 'CPU cooler\nmax. 162 mm'
  expect(sheetsIn(`${pc}\n\n${section}`, makers)).toEqual([`${pc}\n\n${section}`])
})
