import { boardOf } from '../outlines/board'
import { confirmed, notStated } from './not-stated'

const board = boardOf(
  {
    ...{ form: 'ATX', socket: 'TERN-2', memory: { type: 'DDR5', slots: 4 } },
    ...{ m2: null, headers: { 'usb-c': 1 }, usual: 'what its size has' },
  },
  { id: 'x', maker: 'Saltpan', model: 'X' },
)
const ids = (part: unknown) => notStated(part).map(n => n.id)

test('a board by its form says what was made up: headers, places, print, pins', () => {
  expect(ids(board)).toEqual(
    expect.arrayContaining(['more:headers', 'places', 'headers.*.label', 'panel.pins']),
  )
  const member = notStated(board).find(
    n => n.id.startsWith('headers.') && n.id !== 'headers.*.label',
  )
  expect(member?.says).toMatch(/^that it has: /)
  for (const { says } of notStated(board)) expect(says).toMatch(/\S/)
})

test.each(['more:headers', 'panel.pins', 'headers.0'])('%s confirmed: exactly it is gone', id => {
  const before = ids(board)
  expect(before).toContain(id)
  expect(ids(confirmed(board, id))).toEqual(before.filter(other => other !== id))
})

test('what is wholly stated says nothing', () => {
  expect(notStated({ kind: 'fan', model: 'X' })).toEqual([])
})
