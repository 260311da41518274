// Several sheets in one paste are told apart; one sheet stays one, whatever stands in it.
import fc from 'fast-check'
import { at } from '../../collections/at'
import { chance } from '../../test-helpers/random-builds'
import { MAKERS, sheets } from '../../test-helpers/sheets'
import { runs } from '../../test-helpers/runs'
import { readSheet } from '../read'
import { sheetsIn } from './sheets-in'

const all = [...sheets('seen'), ...sheets('kept')]

test.each([
  ['known', MAKERS],
  ['unknown', []],
])('one sheet stays one, its maker %s', (_, makers) => {
  const split = all.filter(s => sheetsIn(s.text, { makers }).length !== 1).map(s => s.name)
  expect(split).toEqual([])
})

/** Named choices: of so many pairs; so many begin with a line that may be a title. */
const PAIRS = runs(200)
const TOLD_APART = 0.9
test.each([
  ['known', MAKERS],
  ['unknown', []],
])(
  'two of all sorts, one after the other, makers %s: mostly told apart, and no line is lost',
  (_, makers) => {
    const next = chance(11)
    const one = () => at(all, Math.floor(next() * all.length)).text.trim()
    const words = (text: string): string => text.replace(/\s+/g, ' ').trim()
    const pairs = Array.from({ length: PAIRS }, () => [one(), one()] as const)
    const apart = pairs.filter(([first, second]) => {
      const pieces = sheetsIn(`${first}\n\n${second}`, { makers })
      expect(words(pieces.join(' ')).length).toBeGreaterThan(
        0.9 * words(`${first} ${second}`).length,
      )
      return pieces.length === 2 && pieces[1]?.startsWith(second.slice(0, 20))
    })
    expect(apart.length / PAIRS).toBeGreaterThan(TOLD_APART)
  },
)

test('two of one kind are told apart by what they say otherwise; a section that repeats is none', () => {
  const drives = ['Tarn Pond 870 1TB', 'Merlin Noon 5 2TB'].map(
    (name, i) =>
      `${name}\nM.2 2280 SSD, PCIe ${4 + i}.0 x4\nCapacity: ${1 + i} TB\nRead: ${7000 * (1 + i)} MB/s`,
  )
  expect(sheetsIn(drives.join('\n\n'))).toEqual(drives)
  const again = `${drives[0] ?? ''}\n\nPond 870 1TB at a glance\nM.2 2280 SSD, PCIe 4.0 x4\nCapacity: 1 TB`
  expect(sheetsIn(again)).toHaveLength(1)
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
      const kinds = sheetsIn(text, { makers: MAKERS }).map(
        piece => readSheet(piece, { makers: MAKERS }).kind,
      )
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
  expect(
    sheetsIn(page, { makers: MAKERS }).map(piece => readSheet(piece, { makers: MAKERS }).kind),
  ).toEqual(['fan', 'supply'])
})

test('a part of another kind is one however little is said of it; a section of a sheet is none', () => {
  const board = 'Saltpan Creek M5 motherboard\nSocket TERN-2\n4x DDR5\nM.2: 2x PCIe 4.0 x4'
  const cooler = 'Kelder Spar 120 tower cooler\nHeight 154 mm'
  const makers = ['Saltpan', 'Kelder']
  expect(sheetsIn(`${board}\n\n${cooler}`, { makers })).toEqual([board, cooler])
  const pc = 'Saltpan Dune 3 mid tower case\nBoards: ATX\nGPU length: 330 mm'
  const section = 'CPU cooler\nmax. 162 mm'
  expect(sheetsIn(`${pc}\n\n${section}`, { makers })).toEqual([`${pc}\n\n${section}`])
})
