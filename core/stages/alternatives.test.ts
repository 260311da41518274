import { placesFor } from '../analysis/analyse'
import { Memory } from '../pipeline/memory'
import { avocet, plover } from '../test-helpers/demos'

const places = (plug: string, build = avocet) => placesFor(build, 'then', plug, new Memory())

test('a plug’s other sockets, the harmless first, each with what it means and what holds it now', () => {
  const strip = places('strip-1/lead')
  expect(strip.filter(p => p.verdict === 'clear').map(p => p.label)).toEqual([
    'LED_1 of the Lagoon 6',
    'lights 1 of the Glow hub 4',
    'lights 2 of the Glow hub 4',
    'lights 3 of the Glow hub 4',
    'lights 4 of the Glow hub 4',
  ])
  expect(
    strip.find(p => p.ref === 'light-hub/out-2')?.taken ??
      strip.find(p => p.label.startsWith('lights 2'))?.taken,
  ).toBe('lights lead of the Glow strip 5 V (2)')
  // Its own place is not taken from it.
  expect(strip.find(p => p.label.startsWith('lights 1'))?.taken).toBeNull()
})

test('the card’s plug in the processor’s socket is offered as what it is: harm', () => {
  const harmful = places('supply/card-1.1').filter(p => p.verdict === 'harm')
  expect(harmful.map(p => p.ref)).toContain('board/cpu-power')
  expect(harmful.every(p => p.note.includes('wired the opposite way'))).toBe(true)
})

test('what is covered or switched off says so, and comes after what works', () => {
  const board = places('sata-1/board')
  expect(board.map(p => [p.label.split(' ')[0], p.shut])).toEqual([
    ['SATA1', null],
    ['SATA2', null],
    ['SATA3', null],
    ['SATA4', null],
    ['SATA5', 'is switched off while M2_2 is in use'],
    ['SATA6', 'is switched off while M2_2 is in use'],
    ['SATA7', 'lies under the Spindrift 310'],
    ['SATA8', 'lies under the Spindrift 310'],
  ])
  expect(board.filter(p => p.planned).map(p => p.ref)).toEqual(['board/sata-1'])
})

test('a socket has no places, nor has what is not here', () => {
  expect(places('board/sata-1')).toEqual([])
  expect(places('nothing/at-all', plover)).toEqual([])
})
