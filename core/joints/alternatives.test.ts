import { placesFor } from '../analyse'
import { Memo } from '../memo'
import { avocet, plover } from '../test-helpers/demos'

const places = (plug: string, build = avocet) => placesFor(build, 'then', plug, new Memo())

test('a plug’s other sockets, the harmless first, each with what it means and what holds it now', () => {
  const strip = places('strip-1/lead')
  expect(strip.filter(p => p.verdict === 'clear').map(p => p.label)).toEqual(['LED_1 of the Lagoon 6', 'lights 1 of the Glow hub 4', 'lights 2 of the Glow hub 4', 'lights 3 of the Glow hub 4', 'lights 4 of the Glow hub 4'])
  expect(strip.find(p => p.ref === 'light-hub/out-2')?.taken ?? strip.find(p => p.label.startsWith('lights 2'))?.taken).toBe('lights lead of the Glow strip 5 V (2)')
  // Its own place is not taken from it.
  expect(strip.find(p => p.label.startsWith('lights 1'))?.taken).toBeNull()
})

test('the card’s plug in the processor’s socket is offered as what it is: harm', () => {
  const harmful = places('supply/card-1.1').filter(p => p.verdict === 'harm')
  expect(harmful.map(p => p.ref)).toContain('board/cpu-power')
  expect(harmful.every(p => p.note.includes('wired the opposite way'))).toBe(true)
})

test('a socket has no places, nor has what is not here', () => {
  expect(places('board/sata-1')).toEqual([])
  expect(places('nothing/at-all', plover)).toEqual([])
})
