import { readLines } from '../test-helpers/sheets'

const supply = (...lines: readonly string[]) =>
  readLines('Dunlin A750 power supply, 80 PLUS Gold', ...lines)

test('rails: watts as told, else amps times volts; what the small ones carry together', () => {
  expect(supply('+12V: 62.5A (750W)', '+5V: 20 A', '+3.3V: 20 A')).toMatchObject({
    'rails.W12': 750,
    'rails.W5': 100,
    'rails.W3': 66,
  })
  expect(supply('+3.3V@15A, +5V@16A, +12V@54A')).toMatchObject({
    'rails.W3': 49.5,
    'rails.W5': 80,
    'rails.W12': 648,
  })
  expect(supply('DC output: +3.3V 20A, +5V 20A (120W combined); +12V 70.8A (850W)')).toMatchObject({
    'rails.combined': 120,
    'rails.W3': 66,
    'rails.W5': 100,
  })
  expect(supply('5 V and 3.3 V combined: 103 W')).toMatchObject({ 'rails.combined': 103 })
})
test('the length is what is neither the form’s width nor its height, unless letters tell', () => {
  expect(supply('Form factor: ATX', 'Dimensions: 150 x 86 x 140 mm')).toMatchObject({
    form: 'ATX',
    length: 140,
  })
  expect(supply('Form factor: SFX', 'Dimensions: 100 x 125 x 63.5 mm')).toMatchObject({
    form: 'SFX',
    length: 100,
  })
  expect(supply('Size (W x H x L): 150 x 86 x 150 mm')).toMatchObject({ length: 150 })
  expect(supply('PSU depth (mm): 160')).toMatchObject({ length: 160 })
})
describe('cables', () => {
  test('a version names no plug; another one stands behind the verb', () => {
    expect(supply('ATX version: ATX 3.1 / EPS12V', '2 x EPS 4+4 pin (700 mm)')).toMatchObject({
      'cables.cpu-8': 2,
    })
    const prose =
      'Apart from the 24-pin main cable (52 cm) it brings one 8-pin EPS plug on a 60 cm lead.'
    expect(supply(prose)).toMatchObject({
      ...{ 'cables.main-24': 1, 'cables.main-24.length': 520 },
      ...{ 'cables.cpu-8': 1, 'cables.cpu-8.length': 600 },
    })
  })
  test('counts before, behind, in the label; lengths beside them', () => {
    expect(
      supply(
        'Cables: 1x 24-pin (600mm), 2x 4+4-pin EPS (700mm), 4x 6+2-pin PCIe (650mm), 1x 12V-2x6 (650mm)',
      ),
    ).toMatchObject({
      'cables.main-24': 1,
      'cables.main-24.length': 600,
      'cables.cpu-8': 2,
      'cables.cpu-8.length': 700,
      'cables.card-8': 4,
      'cables.card-8.length': 650,
      'cables.card-16': 1,
      'cables.card-16.length': 650,
    })
    expect(
      supply(
        'ATX connector (24-pin): 1, 550 mm',
        'SATA power connector: 5',
        'Peripheral connector (4-pin): 2',
      ),
    ).toMatchObject({
      'cables.main-24': 1,
      'cables.main-24.length': 550,
      'cables.sata-power': 5,
      'cables.drive-4': 2,
    })
  })
  test('chains: distances added, told in words, or a number to a cable', () => {
    const chain = {
      'cables.sata-power': 8,
      'cables.sata-power.length': 500,
      'cables.sata-power.after': 150,
      'cables.sata-power.each': 4,
    }
    expect(supply('SATA: 8 (2 cables, 500+150+150+150 mm)')).toMatchObject(chain)
    expect(supply('SATA: 8 (2 cables, 50 + 15 + 15 + 15 cm)')).toMatchObject(chain)
    expect(supply('2x SATA chain of 4 (500 mm, then every 150 mm)')).toMatchObject(chain)
    expect(supply('SATA: 6 (3 per cable)')).toMatchObject({
      'cables.sata-power': 6,
      'cables.sata-power.each': 3,
    })
    // Unlike steps have no one distance.
    expect(supply('SATA: 3 (450+100+150 mm)')).not.toHaveProperty(['cables.sata-power.after'])
  })
  test('a line of lengths counts no plug', () => {
    expect(supply('SATA: 6', 'Cable lengths: ATX 550 mm, SATA 450 mm')).toMatchObject({
      'cables.sata-power': 6,
      'cables.sata-power.length': 450,
      'cables.main-24.length': 550,
    })
  })
  test('"20+4" is a plug, no sum of lengths', () => {
    expect(supply('20+4-pin main, 300 mm')).toMatchObject({
      'cables.main-24': 1,
      'cables.main-24.length': 300,
    })
  })
})
test.each<[string, string]>([
  ['Modular: Semi', 'part'],
  ['Cabling: Fully modular', 'full'],
  ['Cables: fixed', 'fixed'],
  ['Non-modular', 'fixed'],
])('%s', (line, modular) => expect(supply(line)).toMatchObject({ modular }))

test('rails one after the other in a line, the small ones in the order of their currents', () => {
  expect(supply('+12 V: 62.5 A, +5 V/+3.3 V: 20 A/18 A (110 W combined)')).toMatchObject({
    'rails.W12': 750,
    'rails.W5': 100,
    'rails.W3': 59.4,
    'rails.combined': 110,
  })
})
test('plugs of two kinds on one cable, counts in front; a version of the standard is no plug', () => {
  const read = supply('Form factor: ATX 3.1 (EPS 2.92)', '1 x 4 SATA', '1 x 2 SATA + 1 HDD 4pin')
  expect(read).toMatchObject({ 'cables.drive-4': 1, 'cables.sata-power': 6 })
  expect(read).not.toHaveProperty(['cables.cpu-8'])
})
