import { readLines } from '../test-helpers/sheets'

const graphics = (...lines: readonly string[]) => readLines('Vantis R90 graphics card', ...lines)

test.each<[string, Readonly<Record<string, unknown>>]>([
  ['Interface: PCI Express 4.0 x16', { size: 'x16', generation: 4 }],
  ['Bus: PCIe 5.0 x16 (x8 electrical)', { size: 'x16', lanes: 8, generation: 5 }],
  ['PCIe 4.0 x8 (x16 connector)', { size: 'x16', lanes: 8, generation: 4 }],
  ['PCIe 4.0 x8 interface in an x16 slot', { size: 'x16', lanes: 8, generation: 4 }],
])('edge: %s', (line, edge) => expect(graphics(line)).toMatchObject(edge))
test('lanes in brackets behind the bus do not tell how long the edge is', () => {
  const read = graphics('Card bus: PCI-E 4.0 (x8)')
  expect(read).toMatchObject({ lanes: 8, generation: 4 })
  expect(read).not.toHaveProperty('size')
})

describe('sides', () => {
  const body = { length: 304, height: 137, thickness: 61 }
  test.each([
    'Size (L x H x D): 304 x 137 x 61 mm',
    'Dimensions: 304 x 137 x 61 mm',
    'Card size: L=304 W=137 H=61 mm',
    'Dimensions: 304 x 61 x 137 mm',
  ])('%s', line => expect(graphics(line)).toMatchObject(body))
  test('told one by one, the card standing or lying', () => {
    expect(graphics('Length: 304 mm', 'Height: 137 mm', 'Thickness: 61 mm')).toMatchObject(body)
    expect(graphics('Length: 304 mm', 'Width: 137 mm', 'Height: 3 slots (61 mm)')).toMatchObject({
      ...body,
      slots: 3,
    })
  })
  test('parts of a slot take the whole slot; the slot it sits in is none it takes', () => {
    expect(graphics('Slots: 2.5')).toMatchObject({ slots: 3 })
    expect(graphics('One x16 slot')).not.toHaveProperty('slots')
  })
})

describe('power', () => {
  test('its own sockets, not those of the adapter in the box', () => {
    for (const line of [
      'Aux power: one 12V-2x6 (16-pin), adapter from 2x 8-pin in box',
      '450 W, one 16-pin power connector (adapter to three 8-pin supplied)',
      'Power connectors: 1x 16-pin (2x 8-pin adapter included)',
    ]) {
      expect(graphics(line)).toMatchObject({ 'power.card-16': 1 })
      expect(graphics(line)).not.toHaveProperty(['power.card-8'])
    }
  })
  test('its draw, not what a supply should have', () => {
    expect(graphics('Board power: 355 W', 'Recommended PSU: 850 W')).toMatchObject({ watts: 355 })
    expect(graphics('Power: 1 x 8-pin, typical board power 225 W, PSU min 650 W')).toMatchObject({
      watts: 225,
      'power.card-8': 1,
    })
  })
})

test('outputs by their number, wherever it stands; inputs and ports of other cards are none', () => {
  const outputs = { 'rear.displayport': 3, 'rear.hdmi': 1 }
  for (const line of [
    'Outputs: 3x DP 1.4a, 1x HDMI 2.1',
    'Outputs: DisplayPort 2.1 *3, HDMI 2.1 *1',
    'Three DisplayPort 1.4a and one HDMI 2.1',
  ])
    expect(graphics(line)).toMatchObject(outputs)
  expect(readLines('Lantern capture card', 'Capture card with two HDMI inputs')).not.toHaveProperty(
    ['rear.hdmi'],
  )
  expect(
    readLines(
      'Weir U4 USB expansion card',
      'Ports at the rear: 2x USB-A 10 Gbps, 2x USB-C 10 Gbps',
    ),
  ).not.toHaveProperty(['rear.usb-a'])
})
