import { readSheet, READABLE } from './read'
import { kindsOfSheet } from './kinds'
import { sheetOf } from './statements'
import { sheets } from '../test-helpers/sheets'

const kind = (text: string, makers: readonly string[] = []): string | null =>
  readSheet(text, { makers }).kind

describe('what a sheet is about', () => {
  test.each<[string, string]>([
    ['Mainboard X\nSocket: TERN-2\nDIMM: 4\nSATA: 6', 'board'],
    ['Tower Y\nMotherboard support: ATX\nCPU cooler height: 160 mm\nGPU length: 320 mm', 'case'],
    ['Z\nSocket: KNOT-5\nCores: 8\nThreads: 16\nTDP: 65 W', 'processor'],
    ['W\nSocket: KNOT-5\nHeight: 155 mm\nFan: 120 mm PWM\nThermal paste: included', 'cooler'],
    ['V\nDDR5-6000\n2 x 16 GB\n1.35 V', 'memory'],
    ['U graphics card\nPCIe 4.0 x16\nHDMI, DisplayPort\nPower: 200 W', 'card'],
    ['T\nCapacity: 4 TB\n7200 RPM\nSATA 6 Gb/s', 'drive'],
    ['S\n750 W\n80 PLUS Gold\nfully modular', 'supply'],
    ['R\nFrame: 120 mm\nConnector: 4-pin\n1500 RPM\n24 dBA', 'fan'],
    ['Q fan hub\nOutputs: 6\nPower: SATA', 'hub'],
    ['P LED strip\n5 V ARGB\n30 LEDs', 'light'],
  ])('%s', (text, expected) => expect(kind(text)).toBe(expected))

  test('a maker’s name does not decide, however it sounds', () => {
    expect(
      kind('Ottery Cooling Puff\nFrame: 140 mm\nThickness: 25 mm\nPlug: 3 pin', ['Ottery Cooling']),
    ).toBe('fan')
  })
  test('the person’s own word rules over what it seems', () => {
    const text = 'Thing\nSize: 120 x 120 x 25 mm\nConnector: 4-pin'
    expect(READABLE.map(k => readSheet(text, { kind: k }).kind)).toEqual(READABLE)
  })
  test('the first row of a table that is named further down is no title', () => {
    const rows = [
      'Memory | DDR5 up to 6400 MT/s',
      'Name | Wharf T9-170',
      'Cores | 24',
      'TDP | 125 W',
    ]
    expect(kind(rows.join('\n'))).toBe('processor')
  })
  test('nothing speaks for any kind: none', () => {
    expect([kind(''), kind('\n\n'), kind('a quiet morning on the marsh')]).toEqual([
      null,
      null,
      null,
    ])
  })
  test('the likeliest comes first, every other as a share of it', () => {
    for (const s of sheets('seen')) {
      const shares = kindsOfSheet(sheetOf(s.text)).map(k => k.share)
      expect(shares[0]).toBe(1)
      expect(shares).toEqual([...shares].sort((a, b) => b - a))
    }
  })
})

test('the first row of a table does not say alone what it is, the word before a name does', () => {
  const card = [
    'Controller: Marlowe M5',
    'Memory: 16 GB GDDR6',
    'Bus interface: PCIe 4.0 x16',
    'Board power: 220 W',
    'Outputs: 3x DisplayPort, 1x HDMI',
    'Length: 267 mm',
  ].join('\n')
  expect(kindsOfSheet(sheetOf(card)).map(k => k.kind)).toContain('card')
  // In a list it is the word for the part that follows.
  expect(kindsOfSheet(sheetOf('PSU: Marlowe M5, 850 W')).map(k => k.kind)).toEqual(['supply'])
})

test('a cable by itself is none of the kinds, a supply with one is a supply', () => {
  const kindOf = (text: string) => readSheet(text).kind
  expect(kindOf('12V-2x6 cable for modular supplies, 2x 8-pin to 16-pin, 600 mm')).toBeNull()
  expect(kindOf('Sleeved extension kit: 1x 24-pin (300 mm), 2x 4+4 EPS (300 mm)')).toBeNull()
  expect(kindOf('Reedmace 850 Gold power supply and 12V-2x6 cable\n850 W')).toBe('supply')
  expect(kindOf('Reedmace 850W Gold, fully modular, with 12V-2x6 cable')).toBe('supply')
})

test.each([
  ['Gust Quiet 140 (fan)', 'fan'],
  ['Weir 650W ATX 3.1 (Netzteil) ab € 79,99', 'supply'],
  ['Quill 7-7700X processor, boxed without cooler', 'processor'],
  ['Quill 7-7700X processor with the boxed cooler', 'processor'],
])('“%s” is a %s', (title, kind) => {
  expect(readSheet(title).kind).toBe(kind)
})
