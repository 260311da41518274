// What a machine still lacks is named in the order of building.
import { avocet, change, shelf, then } from '../test-helpers/demos'
import type { Build } from '../document/build'

const kinds = (build: Build) => then(build).stillMissing.map(m => m.kind)
const without = (...gone: readonly string[]): Build => ({
  ...avocet,
  items: avocet.items.filter(i => !gone.includes(i.part.kind)),
})

test('a whole machine lacks nothing; an empty one everything, the case first', () => {
  expect(kinds(avocet)).toEqual([])
  expect(kinds({ ...avocet, items: [] })).toEqual([
    'case',
    'board',
    'processor',
    'memory',
    'cooler',
    'supply',
    'drive',
  ])
})

test('a graphics card is missing only where the processor draws no picture', () => {
  const dark = shelf.find(p => p.kind === 'processor' && p.picture === false)
  const lit = shelf.find(p => p.kind === 'processor' && p.picture === true)
  if (!dark || !lit) throw new Error('the shelf has processors of both sorts')
  const bare = without('card', 'processor')
  const add = (part: typeof dark) =>
    change(bare, { do: 'addItem', item: { part, state: 'wanted' } })
  expect(kinds(add(dark))).toEqual(['card'])
  expect(kinds(add(lit))).toEqual([])
})
