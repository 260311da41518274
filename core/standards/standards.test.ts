import { FORM, HOLE_AT, HOLES } from './boards'
import { cardsFor } from './cards'
import {
  CONNECTORS,
  faceName,
  mating,
  MATINGS,
  socketFaces,
  type PlugFace,
} from '../connectors/connectors'
import { SCHOOL } from './supplies'

describe('board forms', () => {
  test('each form’s holes lie inside its outline', () => {
    for (const form of Object.values(FORM)) {
      for (const hole of form.holes ?? []) {
        const [x, y] = HOLE_AT[hole]
        expect([x > 0, x < form.depth, y > 0, y < form.edge]).toEqual([true, true, true, true])
      }
    }
  })
  test('ATX has nine, microATX nine, FlexATX six, Mini-ITX four', () => {
    expect(
      (['ATX', 'microATX', 'FlexATX', 'Mini-ITX'] as const).map(f => FORM[f].holes?.length),
    ).toEqual([9, 9, 6, 4])
  })
  test('forms without promised holes say so', () => {
    expect(
      (['SSI-CEB', 'E-ATX', 'XL', 'Baby-AT', 'AT'] as const).every(f => FORM[f].holes === null),
    ).toBe(true)
  })
  test('the rows of holes stand 154.94 and 227.33 apart along the depth', () => {
    // 165.10 − 10.16 and 237.49 − 10.16
    expect(HOLE_AT.H[0] - HOLE_AT.C[0]).toBeCloseTo(154.94, 9)
    expect(HOLE_AT.L[0] - HOLE_AT.C[0]).toBeCloseTo(227.33, 9)
    expect(HOLES).toHaveLength(12)
  })
})

describe('connectors', () => {
  test('limits are contacts times amps', () => {
    // processor 4: 2 contacts × 7 A; processor 8: 4 × 7; 24-pin: 2 × 6
    expect([
      CONNECTORS['cpu-4'].limit.rails.amps['12'],
      CONNECTORS['cpu-8'].limit.rails.amps['12'],
      CONNECTORS['main-24'].limit.rails.amps['12'],
    ]).toEqual([2 * 7, 4 * 7, 2 * 6])
  })
  test('same goes into same; a processor four into an eight is watched; a fan does not go into lights', () => {
    expect(mating('usb-3', 'usb-3')?.verdict).toBe('clear')
    expect(mating('cpu-4', 'cpu-8')?.verdict).toBe('watch')
    expect(mating('cpu-8', 'cpu-4')).toBeNull()
    expect(mating('usb-2', 'usb-3')).toBeNull()
  })
  test('socket faces are exactly those that mate', () => {
    const faces = Object.keys(CONNECTORS) as (keyof typeof CONNECTORS)[]
    for (const plug of faces)
      expect([...socketFaces(plug)].sort()).toEqual(faces.filter(s => mating(plug, s)).sort())
  })
  test('every row has its source and its name', () => {
    expect(Object.values(CONNECTORS).every(c => c.source.length > 0 && c.key.length > 0)).toBe(true)
    expect(MATINGS.every(m => m.source.length > 0 && m.note.length > 0)).toBe(true)
    expect(faceName('tray')).toBe('board on standoffs')
  })
})

test('each school either multiplies or keeps a band', () => {
  expect(Object.values(SCHOOL).every(s => (s.factor === null) !== (s.band === null))).toBe(true)
})

describe('connectors, old and new', () => {
  const faces = Object.keys(CONNECTORS) as PlugFace[]
  test('each says what it is, how it seats, where that is from; each has a lead and a head', () => {
    for (const face of faces) {
      const c = CONNECTORS[face]
      expect([face, /\.$/.test(c.seat), c.source.length > 3]).toEqual([face, true, true])
      expect(c.lead.thick).toBeGreaterThan(0)
    }
    expect(new Set(faces.map(f => CONNECTORS[f].name)).size).toBe(faces.length)
  })
  test('FireWire on a USB 2 header and the reverse go in, and destroy', () => {
    expect([mating('firewire', 'usb-2')?.verdict, mating('usb-2', 'firewire')?.verdict]).toEqual([
      'harm',
      'harm',
    ])
  })
  test('twenty in twenty-four and the reverse run, at a price', () => {
    expect([mating('main-20', 'main-24')?.verdict, mating('main-24', 'main-20')?.verdict]).toEqual([
      'watch',
      'watch',
    ])
  })
  test('an old card goes into its own slot, the short ISA card into the long slot too', () => {
    expect([cardsFor('ISA-16', false), cardsFor('ISA-8', false), cardsFor('PCI', true)]).toEqual([
      ['ISA-16', 'ISA-8'],
      ['ISA-8'],
      ['PCI'],
    ])
  })
})
