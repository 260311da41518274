import type { EndRef } from '../ids/ids'
import { inOrder, type Ordering } from './interchangeable'
import { pairId, type Candidate } from '../matching/candidate'
import { FREE } from '../matching/cost'
import type { Matching } from '../matching/problem'

const pair = (plug: EndRef, socket: EndRef, rank = 0): Candidate => ({
  plug,
  socket,
  cost: [0, 0, 0, 0, 0, 0, 0, rank, 0],
})
const all = ['fan-1', 'fan-2', 'fan-3'].flatMap(f =>
  ['a', 'b', 'c'].map(s => pair(`${f}/frame`, `case/${s}`)),
)
const known = new Map(all.map(c => [pairId(c), c]))
const found = (...pairs: readonly Candidate[]): Matching => ({
  pairs,
  unmet: [],
  cost: FREE,
  exact: true,
  nodes: 1,
})
const alike = new Map(['fan-1', 'fan-2', 'fan-3'].map(f => [f, 'fan-1']))
const placed = (m: Matching): readonly string[] =>
  m.pairs.map(p => `${p.plug.split('/')[0]} ${p.socket}`)
const NONE = { clauses: [], strifes: [], budgets: [] }
const ordered = (matching: Matching, but: Partial<Ordering> = {}): Matching =>
  inOrder(matching, alike, { problem: NONE, known, mayMove: () => true, ...but })

test('of alike items the first takes the first place, and those without one are the last', () => {
  const shuffled = found(pair('fan-2/frame', 'case/b'), pair('fan-3/frame', 'case/a'))
  expect(placed(ordered(shuffled))).toEqual(['fan-1 case/a', 'fan-2 case/b'])
})
test('what is in order stays the very same', () => {
  const tidy = found(pair('fan-1/frame', 'case/a'), pair('fan-2/frame', 'case/b'))
  expect(ordered(tidy).pairs.map(pairId)).toEqual(tidy.pairs.map(pairId))
})
test('copies of which one was measured stay apart where their places share a limit that the swap would pass', () => {
  // 0.3 A at the limited header a, 0.9 A at b: swapped, a would carry 0.9 A of its 0.5 A.
  const measured = found(pair('fan-1/frame', 'case/b'), pair('fan-2/frame', 'case/a'))
  const limited = (limit: number) => ({
    ...NONE,
    budgets: [{ sockets: ['case/a'], limit, takes: { 'fan-1/frame': 0.9, 'fan-2/frame': 0.3 } }],
  })
  expect(ordered(measured, { problem: limited(0.5) })).toEqual(measured)
  expect(placed(ordered(measured, { problem: limited(0.9) }))).toEqual([
    'fan-1 case/a',
    'fan-2 case/b',
  ])
})
test('nothing is moved to where it costs more, where a clause forbids it, or where it may not', () => {
  const shuffled = found(pair('fan-1/frame', 'case/b'), pair('fan-2/frame', 'case/a'))
  const dearer = new Map(known).set('fan-1/frame~case/a', pair('fan-1/frame', 'case/a', 5))
  expect(ordered(shuffled, { known: dearer })).toEqual(shuffled)
  expect(ordered(shuffled, { problem: { ...NONE, clauses: [[['fan-1/frame~case/a']]] } })).toEqual(
    shuffled,
  )
  expect(ordered(shuffled, { mayMove: item => item !== 'fan-1' })).toEqual(shuffled)
})
