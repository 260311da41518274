// The first power-on as a list: the monitor goes where a picture comes out.
import { altered, buildOf, TOWER, type Machine } from '../test-helpers/planted-machine'
import { SMALL_CARD } from '../test-helpers/plants/plant'
import { then } from '../test-helpers/demos'

const monitor = (machine: Machine): string | undefined =>
  then(buildOf(machine)).proof.find(c => c.do.startsWith('Monitor'))?.do

test('without a graphics card it goes to the board', () => {
  expect(monitor(TOWER)).toBe('Monitor and keyboard to the rear sockets of the Lagoon 6.')
  const capture = altered(TOWER, { card: SMALL_CARD })
  expect(monitor(capture)).toBe('Monitor and keyboard to the rear sockets of the Lagoon 6.')
})

test('with one it goes to the card, also where the processor draws a picture itself', () => {
  const card = { ...SMALL_CARD, does: 'graphics', size: 'x16', model: 'View' }
  expect(TOWER['processor']).toMatchObject({ picture: true })
  expect(monitor(altered(TOWER, { card }))).toContain('Monitor to the View, keyboard to the board')
})
