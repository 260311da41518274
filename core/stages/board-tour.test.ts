import { toursIn } from '../analysis/analyse'
import { avocet, change, plover } from '../test-helpers/demos'
import type { Build } from '../document/build'
import type { TourStop } from './board-tour'

const edgesOf = (build: Build) => toursIn(build, 'then')[0]?.edges ?? []
const stops = (build: Build): readonly TourStop[] => edgesOf(build).flatMap(e => e.stops)
const stop = (build: Build, label: string): TourStop | undefined =>
  stops(build).find(s => s.labels.includes(label))
const labelsAt = (build: Build, edge: string): readonly string[] =>
  edgesOf(build)
    .filter(e => e.edge === edge)
    .flatMap(e => e.stops.flatMap(s => s.labels))

describe('a tour of the board', () => {
  test('goes the way round: over the top to the front, down, back along the bottom', () => {
    expect(edgesOf(plover).map(e => e.edge)).toEqual(['rear', 'top', 'front', 'bottom', 'middle'])
    expect(labelsAt(plover, 'top')).toEqual(['PWR2', 'FAN_P'])
    expect(labelsAt(plover, 'bottom')).toEqual(['front-panel block', 'USB2_A', 'AUD'])
    expect(labelsAt(plover, 'middle')).toContain('M2_1')
  })
  test('says what of this build goes there, and what stays empty', () => {
    expect(stop(plover, 'FAN_1')?.here).toEqual(['Breeze 80: lead'])
    expect(stop(plover, 'SATA2')).toMatchObject({ here: [], why: '' })
    expect(stop(plover, 'front-panel block')?.here).toContain('Reedbox 12: power switch')
  })
  test('says why a socket is lost: covered, switched off, marked', () => {
    expect(stop(avocet, 'SATA5')?.why).toMatch(/^switched off for the /)
    expect(stop(avocet, 'SATA7')?.why).toMatch(/^covered by the /)
    const broken = change(plover, {
      ...{ do: 'markEnd', id: 'board', end: 'sata-2', title: 'SATA2 is broken' },
      mark: { as: 'broken', why: 'bent' },
    })
    expect(stop(broken, 'SATA2')?.why).toBe('it is marked broken')
  })
  test('says what it is mistaken for, in both ways', () => {
    const usb = stop(plover, 'USB2_A')
    expect(usb?.lookAlike).toContain('FireWire')
    const ways = new Map(usb?.mistaken.map(m => [m.face, m.way]))
    expect(ways.get('firewire')).toBe('here')
    expect(ways.size).toBe(usb?.mistaken.length)
    expect(stop(plover, 'SATA1')?.mistaken).toMatchObject([{ face: 'sas-drive', way: 'there' }])
  })
  test('like sockets outside that stay empty are one stop, and every socket has its stop', () => {
    expect(stop(plover, 'USB 2 3')?.labels).toHaveLength(4)
    const ids = stops(plover).map(s => s.id)
    expect(new Set(ids).size).toBe(ids.length)
  })
  test('a machine without a board has none', () => {
    const none = change(plover, { do: 'removeItem', id: 'board' })
    expect(toursIn(none, 'then')).toEqual([])
  })
})
