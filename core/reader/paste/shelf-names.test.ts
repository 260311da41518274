// A line that only names a part of the shelf is that part.
import { sheetsIn } from './sheets-in'
import { namedAmong } from './shelf-names'

const SHELF = [
  { id: 'h5', maker: 'Harrow', model: 'Peak H5' },
  { id: 's9', maker: 'Granite', model: 'S9 2TB' },
  { id: 'gust', maker: 'Gust', model: '140' },
  { id: 'b8', maker: 'Sorrel', model: 'B8 Pro' },
  { id: 'b8-other', maker: 'Merlin', model: 'B8 Pro' },
]
const named = namedAmong(SHELF)

test.each([
  ['Harrow Peak H5', 'h5'],
  ['- harrow  peak h5', 'h5'],
  ['Case: Harrow Peak H5 - $94.90', 'h5'],
  ['3x Gust 140', 'gust'],
  ['Granite S9 2TB\nQty: 2   €139.00', 's9'],
  ['**SSD**: S9 2TB', 's9'],
  // Two have that model: which is meant is not said.
  ['B8 Pro', null],
  ['Sorrel B8 Pro', 'b8'],
  // One word is no name by itself.
  ['140', null],
  // More is said: that is a sheet.
  ['Harrow Peak H5, GPU up to 380 mm', null],
  ['Harrow Peak H5\nGPU length: 380 mm', null],
])('%j names %s', (text, id) => {
  expect(named(text)).toBe(id)
})

test('a list of names that are known is told apart; what stands between them is a name as well', () => {
  const list = ['- Harrow Peak H5', '- Tern Five 700X', '- 2x Granite S9 2TB', '- Gust 140']
  const isName = (line: string): boolean => named(line) !== null
  expect(sheetsIn(`Hello, does this fit?\n\n${list.join('\n')}`, { isName })).toEqual([
    `${list[0] ?? ''}\nHello, does this fit?`,
    ...list.slice(1),
  ])
})
