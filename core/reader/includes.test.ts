// What comes with a part, how many are in a pack, lights with a lead of their own: read, and laid out as parts.
import { MAKERS } from '../test-helpers/sheets'
import { draftOf } from './draft/draft'
import { readSheet } from './read'

function read(text: string) {
  const reading = readSheet(text, { makers: MAKERS })
  const { kind } = reading
  if (!kind) throw new Error('no kind')
  const { part } = draftOf(reading, kind, 'own')
  return { part, unread: reading.unread, doubtful: reading.doubtful }
}
const included = (text: string) =>
  (read(text).part.includes ?? []).map(i => [
    i.count,
    i.part.kind,
    i.part['size'] ?? i.part['face'],
  ])

describe('fans that are in a case', () => {
  const CASE =
    'Fenwright Mast L mid tower case\nMotherboards: ATX, microATX\nMax GPU length: 355 mm\n'
  test.each<[string, string, unknown]>([
    [
      'summed over the walls',
      'Included fans: 3 x 120 mm (front), 1 x 120 mm (rear)',
      [
        [1, 'fan', '120'],
        [3, 'fan', '120'],
      ],
    ],
    [
      'wall by wall under a heading',
      'Fans pre-installed\nFront: 2 x 140mm\nRear: 1 x 120mm',
      [
        [2, 'fan', '140'],
        [1, 'fan', '120'],
      ],
    ],
    ['of those that fit only some', 'Front fans: 3 x 120 mm (1 included)', [[1, 'fan', '120']]],
    ['in words', 'Comes with two 120 mm fans.', [[2, 'fan', '120']]],
    [
      'at one wall none, at another one',
      'Fans: 2 x 120 mm side (none included), 1 x 92 mm rear (included)',
      [[1, 'fan', '92']],
    ],
    ['none', 'Included fans: none', []],
    ['filters, not fans', 'Front fans: 3 x 120 mm, dust filters included', []],
    ['places only', 'Front fans: 3 x 120 mm', []],
  ])('%s', (_, line, expected) => {
    expect(included(CASE + line)).toEqual(expected)
  })
  test('places are read beside them', () => {
    expect(read(`${CASE}Front fans: 3 x 120 mm (1 included)`).part).toMatchObject({
      fans: expect.arrayContaining([expect.objectContaining({ sizes: ['120'] })]),
    })
  })
  test('what comes in a case sits in its place; what lies in a box does not', () => {
    const fitted = (text: string) => read(text).part.includes?.map(i => [i.part.kind, i.fitted])
    expect(fitted(`${CASE}Pre-installed fans: 2 x 120 mm\nFan hub: included`)).toEqual([
      ['hub', true],
      ['fan', true],
    ])
    const walls = 'Front fans: 3 x 120 mm (2 pre-installed)\nRear fans: 1 x 120 mm (1 included)'
    expect(fitted(CASE + walls)).toEqual([
      ['fan', 'rear'],
      ['fan', 'front'],
    ])
    const kit = 'Glim Arc 120 fan, pack of 3\nPackage contents: 3 fans, 1 controller'
    expect(fitted(kit)).toEqual([['hub', undefined]])
  })
  test('a controller in a case is read like one by itself', () => {
    const hub =
      'Fan hub: 6-port, SATA powered, PWM signal from the motherboard, behind the tray; included'
    for (const line of [
      hub,
      'Included 6-port PWM fan hub, SATA powered, PWM signal from the motherboard',
    ])
      expect(read(CASE + line).part.includes).toMatchObject([
        {
          ...{ count: 1, fitted: true },
          part: {
            ...{ kind: 'hub', serves: 'fans' },
            inlets: expect.arrayContaining([
              expect.objectContaining({ face: 'sata-power' }),
              expect.objectContaining({ face: 'fan-4' }),
            ]),
            outlets: Array.from({ length: 6 }, () => expect.objectContaining({ face: 'fan-4' })),
          },
        },
      ])
  })
  test.each([
    [
      'wall by wall, and all in all',
      'Front fans: 3 x 120 mm (2 pre-installed)\nIncluded fans: 3 x 120 mm',
      3,
    ],
    [
      'in a table, and in a sentence',
      'Included fans: 2 x 120 mm, 1 x 120 mm\nComes with three 120 mm fans.',
      3,
    ],
    [
      'at a wall, and in all more',
      'Front fans: 3 x 120 mm (2 pre-installed)\nTotal fans included: 3 x 120 mm',
      3,
    ],
    [
      'at one wall in two lines',
      'Front fans: 3 x 120 mm (2 included)\nFans, front: 2 x 120 mm pre-installed',
      2,
    ],
  ])('told twice they are there once: %s', (_, lines, count) => {
    const found = read(CASE + lines).part.includes ?? []
    expect(found.reduce((sum, i) => sum + i.count, 0)).toBe(count)
  })
  test('a sheet that says less in all than by its walls is asked', () => {
    const lines = 'Front fans: 3 x 120 mm (3 pre-installed)\nIncluded fans: 2 x 120 mm'
    expect(read(CASE + lines).doubtful).toMatchObject([{ path: 'includes.fan.120', value: 2 }])
  })
  test('with lights by a lead of their own, and a plug that is said', () => {
    const { part } = read(`${CASE}Pre-installed fans: 3 x 120 mm ARGB PWM`)
    expect(part.includes?.[0]?.part).toMatchObject({
      ...{ kind: 'fan', face: 'fan-4', lights: { face: 'light-5' } },
    })
  })
})

test('leads in a board’s box, an adapter in a card’s, a controller in a fan’s', () => {
  expect(
    included(
      'Saltpan Estuary 9 motherboard\nForm: ATX\nMemory: 4 x DDR5 DIMM\nPackage contents: 2 x SATA cables',
    ),
  ).toEqual([[2, 'lead', 'sata-data']])
  expect(
    included(
      'Strandline Tempest 1 graphics card\nLength: 330 mm\nPackage contents: 16-pin to 3 x 8-pin adapter',
    ),
  ).toEqual([[1, 'adapter', undefined]])
  expect(
    included('Ottery Breeze 9 case fan\nSize: 120 x 120 x 25 mm\nPackage contents: 1 controller'),
  ).toEqual([[1, 'hub', undefined]])
})

const FAN = 'Ottery Breeze 9 case fan\nSize: 120 x 120 x 25 mm\nCurrent: 0.2 A\n'
describe('packs', () => {
  test.each([
    ['Pack of 3', 3],
    ['3-pack', 3],
    ['Triple pack', 3],
    ['Package quantity: 5', 5],
    ['Set of three fans', 3],
    ['Single fan', undefined],
    ['Accessories: set of 4 screws', undefined],
  ])('%s', (line, pack) => {
    expect(read(FAN + line).part.pack).toBe(pack)
  })
})

describe('lights of a fan and a cooler', () => {
  test('the fan’s plug and that of its lights stand in one line', () => {
    const { part, unread } = read(
      `${FAN}Connector: 4-pin PWM, 3-pin 5V ARGB\nLEDs: 12\nLED current: 0.5 A`,
    )
    expect(part).toMatchObject({
      ...{ face: 'fan-4', amps: 0.2 },
      lights: { face: 'light-5', lights: 12, amps: 0.5 },
    })
    expect(unread).toEqual([])
  })
  test('what is said of the fan in the words of its lights is read all the same', () => {
    const { part } = read(
      'Ottery Glow 12\nSize: 120 mm ARGB case fan\nConnector: 4-pin\nCurrent: 0.2 A',
    )
    expect(part).toMatchObject({ size: '120', face: 'fan-4', lights: { face: 'light-5' } })
  })
  test('light of one colour hangs on the fan’s own lead', () => {
    expect(read(`${FAN}LED colour: white`).part).not.toHaveProperty('lights')
    expect(read(`${FAN}RGB: none`).part).not.toHaveProperty('lights')
  })
  test('RGB alone may be either', () => {
    const { part, doubtful } = read(`${FAN}Lighting: RGB`)
    expect(part).toMatchObject({ lights: { face: 'light-12' } })
    expect(doubtful.map(d => d.path)).toContain('lights.face')
  })
  test('of a cooler in a list', () => {
    const { part } = read(
      'Ottery Lowbank 7 CPU cooler\nHeight: 155 mm\nFan: 120 mm, 4-pin PWM\nLighting: addressable RGB, 5V 3-pin',
    )
    expect(part).toMatchObject({ fan: { face: 'fan-4' }, lights: [{ face: 'light-5' }] })
  })
})
