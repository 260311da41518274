import { readLines } from '../test-helpers/sheets'

describe('a hub for fans', () => {
  const hub = (...lines: readonly string[]) => readLines('Ninebark fan hub', ...lines)
  test('outlets by label, in a sentence, or in its title', () => {
    for (const line of [
      'Fan ports: 6x 4-pin PWM',
      '6 x 4-pin PWM fan outputs',
      'Outputs: 6 x 4-pin',
    ])
      expect(hub(line)).toMatchObject({ serves: 'fans', 'outlets.fan-4': 6 })
    expect(readLines('6 port PWM fan hub, SATA powered')).toMatchObject({
      'outlets.fan-4': 6,
      'inlets.sata-power': 1,
    })
  })
  test('what it takes in: power, and the board’s signal', () => {
    expect(
      hub('Power input: Molex', 'Signal input: 4-pin PWM lead to the motherboard'),
    ).toMatchObject({ 'inlets.drive-4': 1, 'inlets.fan-4': 1 })
  })
  test('amps of all together, not of one outlet', () => {
    expect(hub('Max. output 54 W (4.5 A), per port 1 A')).toMatchObject({ amps: 4.5 })
    expect(hub('6 x 4-pin fan outputs, max. 2 A per channel, 6 A in total')).toMatchObject({
      amps: 6,
    })
    expect(hub('Fan current: max. 1 A per channel')).not.toHaveProperty('amps')
  })
  test('lights beside the fans are outlets of their own', () => {
    expect(
      hub(
        '8x 4-pin PWM fan ports',
        '8x ARGB 5V 3-pin ports',
        'Motherboard inputs: 1x ARGB, 1x PWM',
      ),
    ).toMatchObject({
      'outlets.fan-4': 8,
      'outlets.light-5': 8,
      'inlets.light-5': 1,
      'inlets.fan-4': 1,
    })
  })
})
test('a hub for lights, and one for USB', () => {
  expect(
    readLines(
      'Glim ARGB hub',
      'Ports: 5 x 3-pin 5 V ARGB',
      'Input: SATA power, 3-pin ARGB from the board',
      'Max. 3 A in total',
    ),
  ).toMatchObject({
    serves: 'lights',
    'outlets.light-5': 5,
    'inlets.light-5': 1,
    'inlets.sata-power': 1,
    amps: 3,
  })
  // "3-way" is no generation of USB.
  expect(
    readLines(
      'Weir USB 3-way',
      'Internal USB 2.0 hub, 3 ports',
      'Connects to a 9-pin USB 2.0 header',
    ),
  ).toMatchObject({ serves: 'USB', 'outlets.usb-2': 3, 'inlets.usb-2': 1 })
})
