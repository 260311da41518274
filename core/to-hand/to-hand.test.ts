// The list before the first screw: counted by hand for Plover and Avocet.
import type { Build } from '../document/build'
import { change, part, plover, avocet, curlew, teal, then, type Sent } from '../test-helpers/demos'
import type { HandRow } from './row'

const rows = (build: Build): readonly HandRow[] => then(build).toHand.groups.flatMap(g => g.rows)
const row = (build: Build, what: string): HandRow | undefined =>
  rows(build).find(r => r.what === what)

test('screws by thread: Plover’s four of the supply, four of the disk, four of the board', () => {
  expect(row(plover, 'Screws 6-32 UNC')).toMatchObject({
    need: '4 × 6 mm for the supply',
    ready: 'look',
    from: 'count them in the case’s bag',
  })
  // A board for small cases has four holes.
  expect(row(plover, 'Screws M3')?.need).toBe(
    '8: 4 × 3 mm for 2.5-inch disks and 4 × 6 mm for the board',
  )
  expect(row(plover, 'Screws self-tapping')?.need).toBe('4 × 10 mm for fans')
  // Four disks at their corners; a card three covers wide, and one of one.
  expect(row(avocet, 'Screws 6-32 UNC')?.need).toMatch(
    /^28: 20 × 5 mm for 3\.5-inch disks, 4 × 6 mm for the supply and 4 × 6 mm for brackets/,
  )
  expect(row(teal, 'Screws M3 or 6-32 UNC')?.need).toBe('some for the radiator')
})

test('four or five board screws, where that was chosen', () => {
  const some = change(avocet, { do: 'choosePractice', practice: 'screws', option: 'some' })
  expect(row(avocet, 'Screws M3')?.need).toMatch(/9 × 6 mm for the board/)
  expect(row(some, 'Screws M3')?.need).toMatch(/5 × 6 mm for the board/)
})

test('standoffs against the bag: three of four are there, the fourth goes on the buying list', () => {
  const missing = row(plover, 'Standoffs 6-32 UNC')
  expect(missing).toMatchObject({ need: '4 for the Inlet 2', ready: 'missing' })
  expect(missing?.buy).toMatchObject({ kind: 'sundry', use: 'standoff', count: 1 })
  const put = (state: string): Sent => ({ do: 'addItem', item: { part: missing?.buy, state } })
  expect(row(change(plover, put('wanted')), 'Standoffs 6-32 UNC')?.ready).toBe('coming')
  const bought = row(change(plover, put('have')), 'Standoffs 6-32 UNC')
  expect(bought).toMatchObject({ ready: 'have', buy: null })
  // What is to be bought is bought by the list for buying.
  expect(then(change(plover, put('wanted'))).buying.next.map(r => r.name)).toContain(
    'Standoffs 6-32 UNC, 6.5 mm',
  )
})

test('paste: a new cooler brings it, a used one wants a tube', () => {
  expect(row(plover, 'Paste for the Lowbank 65')).toMatchObject({ ready: 'look', buy: null })
  const used = change(plover, { do: 'setCondition', id: 'cooler', condition: 'known good' })
  expect(row(used, 'Paste for the Lowbank 65')).toMatchObject({ ready: 'missing' })
  const tube = { do: 'addItem', item: { part: part('hollin-paste-2g'), state: 'have' } }
  expect(row(change(used, tube), 'Paste for the Lowbank 65')).toMatchObject({
    ...{ ready: 'have', from: 'Paste, 2 g' },
  })
})

test('what was looked at is ticked, counts no more, and comes back when it is taken back', () => {
  const torch = row(plover, 'Torch')
  const seen = change(plover, { do: 'make', ids: [torch?.id], title: 'Torch: here' })
  expect(row(seen, 'Torch')).toMatchObject({ ready: 'have', from: 'you looked' })
  expect(then(seen).toHand.open).toBe(then(plover).toHand.open - 1)
  expect(then(seen).record.orphans).toEqual([])
  const back = change(seen, {
    ...{ do: 'setProgress', entries: { [torch?.id ?? '']: null }, title: '' },
  })
  expect(then(back).toHand).toEqual(then(plover).toHand)
})

test('no part of this machine: no row of it', () => {
  expect(rows(plover).some(r => r.what.startsWith('Paste for'))).toBe(true)
  expect(row(curlew, 'Floppies with the system')).toBeDefined()
  expect(row(curlew, 'A USB stick with the system')).toBeUndefined()
  expect(row(plover, 'A USB stick with the firmware')).toBeUndefined()
  expect(row(avocet, 'A USB stick with the firmware')?.need).toMatch(/^1\.10 or later/)
  expect(row(teal, 'A screen and its lead')?.ready).toBe('have')
  expect(row(plover, 'Strap with its lead')).toBeUndefined()
  const strap = change(plover, { do: 'choosePractice', practice: 'static', option: 'strap' })
  expect(row(strap, 'Strap with its lead')?.ready).toBe('look')
})
