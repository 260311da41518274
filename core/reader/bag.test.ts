// Screws, ties and a beeper in the box are parts of their own: they are no sockets, bays or headers.
import { MAKERS, readLines } from '../test-helpers/sheets'
import { draftOf } from './draft/draft'
import { readSheet } from './read'

const CASE = ['Fenwright Mast L mid tower case', 'Boards: ATX'] as const
const BOARD = ['Saltpan Estuary 9 motherboard', 'Form factor: ATX', 'SATA: 4 ports'] as const

test.each([
  ['in one line', ['Accessories: 12 x M3x5 screws, 20 x 6-32 screws, 10 cable ties']],
  ['a line each', ['M3 x 5 mm screws (for 2.5" drives): 12', '6-32 UNC screws: 20']],
  ['under a heading', ['Screw kit:', '- M3x5: 12 pcs', '- 6-32x6: 20 pcs', '- Zip ties: 10 pcs']],
] as const)('screws are counted by their thread: %s', (_, lines) => {
  expect(readLines(...CASE, ...lines)).toMatchObject({
    'includes.screw.M3': 12,
    'includes.screw.6-32 UNC': 20,
  })
  expect(readLines(...CASE, ...lines)).not.toHaveProperty('bays.2\\.5')
})

test('what lies in a board’s box is no socket of it, whether listed below or in a line', () => {
  for (const list of [
    ['Package contents:', '- 2 x SATA cables', '- 2 x M.2 screws'],
    ['Package contents: 2 x SATA cables, 2 x M.2 screws'],
    ['PACKAGE CONTENTS', '2 x SATA cables', '2 x M.2 screws'],
  ]) {
    const read = readLines(...BOARD, ...list)
    expect(read).toMatchObject({
      ...{ 'headers.sata-data': 4, 'includes.lead': 2, 'includes.screw.M2': 2 },
    })
    expect(read).not.toHaveProperty('m2')
  }
})

test('what stands below the list of the box is the part’s own again', () => {
  const lines = ['Package contents:', '- 2 x SATA cables', 'Fan headers: 5 x 4-pin']
  expect(readLines(...BOARD, ...lines)).toMatchObject({ 'headers.fan-4': 5, 'includes.lead': 2 })
})

test('a figure under a label of its own is the part’s, though no other heading stands over it', () => {
  const lines = ['PACKAGE CONTENTS', '2 x SATA cables', 'USB cable: 1', 'Fan headers: 5 x 4-pin']
  expect(readLines(...BOARD, ...lines)).toMatchObject({
    'headers.fan-4': 5,
    'headers.sata-data': 4,
  })
})

test.each([
  ['that hold without', 'Tool-less bays: 2 x 3.5"'],
  ['of which nobody says the thread', 'Screws: a bag'],
  ['that are turned by hand', 'Side panel: 2 x thumb screws'],
])('screws %s are not in the bag', (_, line) => {
  expect(Object.keys(readLines(...CASE, line)).filter(p => p.startsWith('includes'))).toEqual([])
})

test('they become parts of their own, which do not sit in their place', () => {
  const text = [...CASE, 'Accessories: 12 x M3x5 screws, 1 x speaker'].join('\n')
  const { part } = draftOf(readSheet(text, { makers: MAKERS }), 'case', 'own')
  expect(part.includes).toMatchObject([
    { count: 1, part: { kind: 'sundry', use: 'screw', thread: 'M3', count: 12 } },
    { count: 1, part: { kind: 'beeper' } },
  ])
  expect(part.includes?.some(i => i.fitted)).toBe(false)
})
