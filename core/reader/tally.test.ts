// What one list of a sheet counts and another lists again is there once; what is told apart adds up.
import { MAKERS } from '../test-helpers/sheets'
import { readSheet } from './read'

const fields = (text: string): Readonly<Record<string, unknown>> =>
  Object.fromEntries(readSheet(text, { makers: MAKERS }).fields.map(f => [f.path, f.value]))

const BOARD = 'Saltpan Estuary 9 motherboard\nForm: ATX\nMemory: 4 x DDR5 DIMM\n'

describe('headers and sockets of a board', () => {
  test.each([
    [
      'storage, and the list of connectors',
      'Storage: 4 x SATA 6Gb/s\nInternal connectors: 4 x SATA 6Gb/s, 2 x USB 2.0 headers',
      4,
    ],
    [
      'two controllers',
      'SATA (chipset): 4 x SATA 6Gb/s\nSATA (second controller): 4 x SATA 6Gb/s',
      8,
    ],
    [
      'what its chipset serves, and the list of all that is inside',
      'Storage Interface\nChipset:\n4 x SATA 6Gb/s connectors\n' +
        'Internal I/O Connectors\n1 x 24-pin ATX main power connector\n4 x SATA 6Gb/s connectors',
      4,
    ],
    ['two numbers', 'Storage: 4 x SATA 6Gb/s\nInternal connectors: 2 x SATA 6Gb/s', 6],
  ])('SATA in %s', (_, lines, count) => {
    expect(fields(BOARD + lines)['headers.sata-data']).toBe(count)
  })
  test('the second list has nothing else', () => {
    const lines = 'Storage: 4 x SATA 6Gb/s\nOn board: 4 x SATA 6Gb/s'
    expect(fields(BOARD + lines)['headers.sata-data']).toBe(4)
  })
  test('a summary of USB beside the rear’s own list', () => {
    const rear = 'Rear I/O: 4x USB 3.2 Gen 1 Type-A, 2x USB 2.0 Type-A, 1x USB 3.2 Gen 2 Type-C'
    const summary = 'USB rear: 4x USB 3.2 Gen 1, 2x USB 2.0, 1x USB Type-C'
    expect(fields(`${BOARD}${rear}\n${summary}`)).toMatchObject({
      ...{ 'rear.usb-a': 6, 'rear.usb-c-socket': 1 },
    })
  })
  test('lines of one list add up', () => {
    const lines = 'Rear I/O:\n- 4x USB 3.2 Gen 1 Type-A\n- 4x USB 2.0 Type-A'
    expect(fields(BOARD + lines)['rear.usb-a']).toBe(8)
  })
  test('a name over lines that count is no line of the list before', () => {
    const lines =
      'I/O Ports (rear)\n- 5x audio jacks\nInternal connectors\n1 x Front panel audio\n4 x SATA 6Gb/s'
    expect(fields(BOARD + lines)).toMatchObject({
      ...{ 'rear.audio-jack': 5, 'headers.audio-hd': 1, 'headers.sata-data': 4 },
    })
  })
})

test('what lies in the box is no header', () => {
  const lines = 'Storage: 4 x SATA 6Gb/s\nContents: 2 x SATA cables'
  expect(fields(BOARD + lines)).toMatchObject({ 'headers.sata-data': 4, 'includes.lead': 2 })
})

describe('plugs of a supply', () => {
  const SUPPLY = 'Sterling Hearth 550 power supply, 550 W\n'
  test('a sum below the cables counts none', () => {
    const lines = 'EPS: 2 x 4+4-pin, 650 mm\nSATA: 6 x, 500 mm\nIn total: 2 x EPS 4+4, 6 x SATA'
    expect(fields(SUPPLY + lines)).toMatchObject({ 'cables.cpu-8': 2, 'cables.sata-power': 6 })
  })
  test('two cables alike are two', () => {
    const lines = 'Cable 1: 3 x SATA, 500 mm\nCable 2: 3 x SATA, 500 mm'
    expect(fields(SUPPLY + lines)['cables.sata-power']).toBe(6)
  })
})

test('a doubt that another line settles is listed as not read', () => {
  const { fields: read, unread } = readSheet(
    'Processor Smew 7900\nSocket: TERN-3\nBase power: 65 W\nMaximum turbo power: 182 W',
  )
  expect(read).toContainEqual(expect.objectContaining({ path: 'power.sustained', value: 182 }))
  expect(unread).toEqual(['Base power: 65 W'])
})
