// What stands outside is read by the plugs of its leads: those that reach into the machine.
import { MAKERS, readLines } from '../test-helpers/sheets'
import { partSchema } from '../parts'
import { draftOf } from './draft/draft'
import { readSheet } from './read'

describe('a monitor', () => {
  const monitor = (...lines: readonly string[]) => readLines('Lumen 27 monitor', ...lines)
  test('hangs by the lead that lies in its box, though it takes others too', () => {
    expect(
      monitor('Inputs: 2 x HDMI, 1 x DisplayPort', 'Cable included: DisplayPort 1.8 m'),
    ).toMatchObject({ does: 'monitor', 'plugs.0.face': 'displayport', 'plugs.0.lead': 1800 })
    expect(monitor('Input: VGA', 'Refresh rate: 75 Hz')).toMatchObject({ 'plugs.0.face': 'vga' })
  })
  test('with several sockets and no lead it is asked which one is used', () => {
    const { fields, doubtful } = readSheet(
      'Lumen 27 monitor\nConnectivity: DisplayPort 1.4, HDMI 2.1\nPanel type: IPS',
      { makers: MAKERS },
    )
    expect(fields.map(f => f.path)).not.toContain('plugs.0.face')
    expect(doubtful).toContainEqual(
      expect.objectContaining({ path: 'plugs.0.face', value: 'displayport' }),
    )
  })
  test('one that hands USB on takes a socket of the machine for it, as a wish', () => {
    const reading = readSheet(
      'Lumen 27 monitor\nInputs: 1 x HDMI\nUSB hub: 1 x USB-B upstream, 2 x USB-A\nScreen size: 27 inch',
      { makers: MAKERS },
    )
    const { part } = draftOf(reading, 'device', 'own')
    expect(partSchema.safeParse(part).success).toBe(true)
    expect(part).toMatchObject({
      kind: 'device',
      does: 'monitor',
      plugs: [{ face: 'hdmi' }, { face: 'usb-a', need: 'may' }],
    })
  })
})

describe('what else is plugged in', () => {
  test.each([
    ['Peat mechanical keyboard', 'Interface: USB-C to USB-A cable, 1.8 m', 'usb-a'],
    ['Marsh mouse', 'Connection: USB, 1.5 m cable', 'usb-a'],
    ['Heath keyboard', 'Connection: PS/2', 'ps2'],
    ['Tern speakers', 'Input: 3.5 mm jack', 'audio-jack'],
    ['Vault portable SSD 2 TB', 'Interface: USB-C', 'usb-c-socket'],
  ])('%s: %s', (title, line, face) => {
    expect(readSheet(`${title}\n${line}`, { makers: MAKERS }).kind).toBe('device')
    expect(readLines(title, line)).toMatchObject({ 'plugs.0.face': face })
  })
  test('without a lead nothing is plugged in', () => {
    expect(readLines('Dune headset', 'Connection: Bluetooth 5.2')).toMatchObject({ plugs: [] })
  })
  test.each([
    ['board', 'Rime B9 mainboard\nForm factor: ATX\nBack panel: 1 x PS/2 keyboard/mouse port'],
    ['card', 'Opal Q5 graphics card\nLength: 300 mm\nMax monitors: 4'],
    ['case', 'Farrow V1 tower\nBoards: ATX\nFront panel: headphones, microphone'],
  ])('a %s that has sockets for it is none', (kind, text) => {
    expect(readSheet(text, { makers: MAKERS }).kind).toBe(kind)
  })
})
