import { MAKERS, readLines } from '../test-helpers/sheets'
import { draftOf } from './draft/draft'
import { readSheet } from './read'

const pcCase = (...lines: readonly string[]) =>
  readLines('Brackwater Jetty 9 case', 'Boards: ATX', ...lines)

describe('fan places by wall', () => {
  const wide = { 'fans.front': 3, 'fans.front.sizes': ['120', '140'], 'fans.front.140': 2 }
  test.each<[string, string]>([
    ['one line for each wall', 'Front fans: 3 x 120 mm or 2 x 140 mm'],
    ['walls in one line', 'Fan support: Front: 3 x 120mm / 2 x 140mm; Rear: 1 x 92mm'],
    ['counts behind', 'Front fan: 120mm*3 / 140mm*2'],
    ['units left out', 'Fan support: Front 3x120/2x140, Rear 1x120'],
  ])('%s: fewer of the larger size are told apart', (_, line) =>
    expect(pcCase(line)).toMatchObject(wide),
  )
  test('sizes of one count are choices of each place', () => {
    const read = pcCase('Front: 3 x 120/140 mm')
    expect(read).toMatchObject({ 'fans.front': 3, 'fans.front.sizes': ['120', '140'] })
    expect(read).not.toHaveProperty(['fans.front.140'])
  })
  test('counts before the wall, in figures or words', () => {
    for (const line of [
      'Fans: 2x 120 mm bottom, 1x 92 mm rear',
      'Fans: two 120 mm at the bottom, one 92 mm at the rear',
    ])
      expect(pcCase(line)).toMatchObject({
        'fans.bottom': 2,
        'fans.bottom.sizes': ['120'],
        'fans.rear': 1,
        'fans.rear.sizes': ['92'],
      })
  })
  test('a table with a column for fans and one for radiators', () => {
    for (const sign of [' | ', '\t', '    '])
      expect(
        pcCase(
          ['Position', 'Fans', 'Radiator'].join(sign),
          ['Front', '3x 120 / 2x 140', '240/360'].join(sign),
          ['Top', '2x 120', '–'].join(sign),
        ),
      ).toMatchObject({ ...wide, 'radiators.front.sizes': ['240', '360'], 'fans.top': 2 })
    const none = pcCase('Position | Fans | Radiator', 'Top | 2x 120 | none')
    expect(none).not.toHaveProperty(['radiators.top'])
  })
  test('fans in the box are no places', () =>
    expect(
      Object.keys(pcCase('Pre-installed fans: 2x 120 mm front')).some(path =>
        path.startsWith('fans.'),
      ),
    ).toBe(false))
  test('a radiator’s largest size by wall; walls may share a figure', () => {
    expect(pcCase('Radiator: Front: up to 360 / 280 mm; Rear 120 mm')).toMatchObject({
      'radiators.front': '360',
      'radiators.rear': '120',
    })
    expect(pcCase('Radiators up to 420 mm at the front and top')).toMatchObject({
      'radiators.front': '420',
      'radiators.top': '420',
    })
  })
  test('beside fans at the same wall a radiator’s size is its own', () => {
    for (const line of [
      'Top: 2 x 120 mm fan or 240 mm radiator (max. 52 mm thick incl. fan)',
      'The top takes two 120 mm fans, or a 240 mm radiator.',
    ]) {
      const read = pcCase(line)
      expect(read).toMatchObject({ 'radiators.top': '240' })
      expect(read).not.toHaveProperty(['radiators.top.sizes'])
      expect(Object.keys(read).filter(path => path.startsWith('includes.'))).toEqual([])
    }
  })
})
test('a desktop lies where it is wider than high; one that is higher stands', () => {
  const lying = pcCase('Type: desktop', 'Dimensions (WxHxD): 430 x 140 x 380 mm')
  expect(lying).toMatchObject({ archetype: 'desktop', 'outer.y': 430, 'outer.z': 140 })
  const standing = pcCase('Type: desktop', 'Dimensions (WxHxD): 170 x 262 x 350 mm')
  expect(standing).toMatchObject({ 'outer.y': 262, 'outer.z': 170 })
  expect(standing).not.toHaveProperty(['archetype'])
  expect(pcCase('Type: desktop')).toMatchObject({ '? archetype': 'desktop' })
})
describe('clearances', () => {
  test('with what stands at the front', () => {
    expect(pcCase('Max. GPU length 355mm (w/o radiator)')).toMatchObject({
      cardRoom: 355,
      cardRoomMeans: 'front empty',
    })
    expect(pcCase('GPU clearance: up to 381 mm (with front fan installed)')).toMatchObject({
      cardRoom: 381,
      cardRoomMeans: 'fans at the front',
    })
  })
  test('a card’s three sides give the room along the case', () =>
    expect(pcCase('Graphics card: max. 12.7 x 5.3 x 2.4 in')).toMatchObject({ cardRoom: 322.58 }))
  test('the first figure stands where one is told for a cage in place', () =>
    expect(pcCase('PSU clearance: 200mm (with HDD cage), 230mm (without)')).toMatchObject({
      'supply.room': 200,
    }))
})
test('sides in an order that is told are read, in one that is not they are doubtful', () => {
  expect(pcCase('Dimensions (HxWxD): 494 x 231 x 462 mm')).toMatchObject({
    'outer.y': 494,
    'outer.z': 231,
    'outer.x': 462,
  })
  expect(pcCase('Dimensions: 494 x 231 x 462 mm')).toMatchObject({
    '? outer.x': 494,
    '? outer.z': 231,
    '? outer.y': 462,
  })
  expect(pcCase('Size: 14.6 in deep, 5.9 in wide, 9.1 in high')).toMatchObject({
    'outer.x': 370.84,
    'outer.z': 149.86,
    'outer.y': 231.14,
  })
})
test('front ports, however they are counted', () => {
  const ports = { 'leads.usb-3': 2, 'leads.usb-c': 1, 'leads.audio-hd': 1 }
  for (const line of [
    'Front I/O: 2x Type-A 5Gbps, 1x Type-C 10Gbps, audio in/out',
    'Ports: two USB-A 5 Gb/s, one USB-C, headset',
    'USB3.0*2, Type-C*1, HD AUDIO',
  ])
    expect(pcCase(line)).toMatchObject(ports)
  expect(
    pcCase('PORTS', '2x USB 3.2 Gen 1 Type-A', '1x USB 3.2 Gen 2 Type-C', '1x Headphone/mic'),
  ).toMatchObject(ports)
})

describe('a room with and without what stands beside it', () => {
  const rooms = (line: string) => {
    const { fields, doubtful } = readSheet(`Own tower case\nMotherboards: ATX\n${line}`, {
      kind: 'case',
    })
    const of = (list: readonly { path: string; value: unknown }[]) =>
      Object.fromEntries(list.filter(f => /room/i.test(f.path)).map(f => [f.path, f.value]))
    return [of(fields), of(doubtful)]
  }
  test.each([
    [
      'Max GPU length: 400 mm (w/o front radiator) / 345 mm (with front radiator)',
      { cardRoom: 400, cardRoomMeans: 'front empty' },
    ],
    [
      'GPU clearance: 345 mm with front radiator, 400 mm without',
      { cardRoom: 345, cardRoomMeans: 'radiator at the front' },
    ],
    [
      'Graphics card: up to 400 mm; 370 mm with radiator',
      { cardRoom: 400, cardRoomMeans: 'front empty' },
    ],
    ['GPU clearance: 355 mm / 13.98 in', { cardRoom: 355 }],
  ])('%s', (line, expected) => {
    expect(rooms(line)).toEqual([expected, {}])
  })
  test('three rooms in one row, and one that is less with a cage in', () => {
    expect(
      rooms('Clearances: CPU cooler 170 mm, GPU 380 mm, PSU 200 mm (180 mm with HDD cage)'),
    ).toEqual([{ coolerRoom: 170, cardRoom: 380, 'supply.room': 200 }, { 'supply.room': 180 }])
  })
  test('less under some condition is not lost', () => {
    expect(rooms('CPU cooler height: 175 mm (165 mm with glass panel)')).toEqual([
      { coolerRoom: 175 },
      { coolerRoom: 165 },
    ])
  })
})

describe('standoffs', () => {
  const standoffs = (line: string) => {
    const text = `Fenwright Mast L mid tower case\nMotherboards: ATX, microATX\n${line}`
    const reading = readSheet(text, { makers: MAKERS })
    return draftOf(reading, 'case', 'own').part
  }
  test.each([
    ['in the bag', 'Contents: 9 x standoffs (6-32), 12 x fan screws', { supplied: 9 }],
    ['in words', 'Accessories: screw set, six brass spacers M3', { supplied: 6 }],
    [
      'standing for a form, and more',
      'Standoffs: pre-installed for microATX, 3 more in the box',
      { fitted: ['B', 'C', 'F', 'H', 'J', 'L', 'M', 'R', 'S'], supplied: 3 },
    ],
    ['none standing', 'Standoffs: none pre-installed, 10 supplied', { fitted: [], supplied: 10 }],
  ])('%s', (_, line, expected) => {
    expect(standoffs(line)).toMatchObject({ standoffs: expected, boards: ['ATX', 'microATX'] })
  })
})

test('a line that begins with praise counts its places like every other', () => {
  expect(
    pcCase(
      [
        'MAX COOLING: Room for 3 x 120 mm fans up front, 2 x 120/140 mm up top',
        'and 1 x 120 mm at the back (one 120 mm fan included at the back)',
      ].join(' '),
    ),
  ).toMatchObject({
    'fans.front': 3,
    'fans.top': 2,
    'fans.top.sizes': ['120', '140'],
    'fans.rear': 1,
  })
})
test('a fan that is included is at the wall that stands with it', () => {
  expect(pcCase('Fans: 2x 120 top (none included), 1x 92 rear (included)')).toMatchObject({
    'includes.fan.92': 1,
    'includes.fan.92.rear': 1,
  })
})
test('how wide a board may be is no side of the case', () => {
  const read = readLines(
    'Brackwater Jetty 9 case',
    'Board sizes: ATX, EATX (max width 277 mm)',
    'Size (D x W x H): 451 x 225 x 480 mm',
  )
  expect(read).toMatchObject({ 'tray.roomX': 277, 'outer.z': 225 })
})

test('a title that names one form is no list of what goes in; from one form to another all between are', () => {
  const title = readSheet('Alder 2 ATX mid tower case\nCPU cooler: 165 mm\nGPU length: 360 mm')
  expect(title.fields.find(f => f.path === 'boards')).toBeUndefined()
  expect(title.doubtful.find(f => f.path === 'boards')?.value).toEqual([
    'ATX',
    'microATX',
    'Mini-ITX',
  ])
  const range = readSheet('Bay 4 case\nMotherboards: microATX to E-ATX\nCPU cooler: 165 mm')
  expect(range.fields.find(f => f.path === 'boards')?.value).toEqual(['microATX', 'E-ATX', 'ATX'])
})
