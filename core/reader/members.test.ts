// Small tables for one list of a part, as people copy them from manuals.
import { canBePasted, membersIn } from './members'

const faces = (members: readonly object[]): readonly unknown[] =>
  members.map(m => (m as { face?: unknown }).face)
interface Cable {
  readonly length?: unknown
  readonly plugs: readonly { readonly face: string }[]
}
const cables = (text: string) =>
  (membersIn('supply', 'cables', text).members as readonly Cable[]).map(c => [
    c.plugs[0]?.face,
    c.plugs.length,
    c.length,
  ])

const CABLES = [
  ['main-24', 1, 600],
  ['cpu-8', 1, 700],
  ['cpu-8', 1, 700],
  ['card-8', 2, 550],
  ['card-8', 2, 550],
  ['sata-power', 4, 450],
  ['sata-power', 4, 450],
  ['sata-power', 4, 450],
]
describe('a supply’s cables', () => {
  test.each([
    [
      'with a head, by tabs',
      'Connector\tCables\tPlugs\tLength\n24-pin ATX\t1\t1\t600 mm\nEPS 4+4\t2\t1\t700 mm\n' +
        'PCIe 6+2\t2\t2\t550\nSATA\t3\t4\t450 mm',
    ],
    [
      'as Markdown',
      '| Connector | Cables | Plugs per cable | Length |\n|---|---|---|---|\n| 24-pin ATX | 1 | 1 | 600 mm |\n' +
        '| EPS 4+4 | 2 | 1 | 700 mm |\n| PCIe 6+2 | 2 | 2 | 550 mm |\n| SATA | 3 | 4 | 450 mm |',
    ],
  ])('%s', (_, text) => {
    expect(cables(text)).toEqual(CABLES)
  })
  test('distances from plug to plug', () => {
    const { members } = membersIn('supply', 'cables', '4 x SATA, 450 + 150 + 150 + 150 mm')
    expect(members).toMatchObject([
      { length: 450, plugs: [{ after: 150 }, { after: 150 }, { after: 150 }, {}] },
    ])
  })
})

test('sockets at the rear, line by line', () => {
  const { members, unread } = membersIn(
    'board',
    'rear',
    '2 x USB 3.2 Gen 1 Type-A\n1 x USB-C 20 Gbps\n1 x HDMI\n2.5G LAN | 1\nAudio jack | 3',
  )
  expect(faces(members)).toEqual([
    ...['usb-a', 'usb-a', 'usb-c-socket', 'hdmi', 'network'],
    ...['audio-jack', 'audio-jack', 'audio-jack'],
  ])
  expect(unread).toEqual([])
})
test('headers with their counts', () => {
  const { members } = membersIn(
    'board',
    'headers',
    'Header\tCount\nSYS_FAN\t2\nUSB 2.0\t2\nUSB 3.2 Gen 1\t1',
  )
  expect([...faces(members)].sort()).toEqual(['fan-4', 'fan-4', 'usb-2', 'usb-2', 'usb-3'])
})
test('sockets for sticks, leads of a case', () => {
  expect(
    membersIn('board', 'm2', 'M2_1: 2280, PCIe 5.0 x4\nM2_2: 2280, PCIe 4.0 x4').members,
  ).toHaveLength(2)
  expect(
    faces(membersIn('case', 'leads', '2 x USB-A 3.0\nUSB-C x 1\nAudio combo jack').members),
  ).toEqual([...['usb-3', 'usb-c', 'audio-hd']])
})
test('a text without rows gives none, and says what was not read', () => {
  expect(membersIn('board', 'rear', 'The tide was low.')).toEqual({
    members: [],
    unread: ['The tide was low.'],
  })
  expect([canBePasted('board', 'rear'), canBePasted('board', 'notes')]).toEqual([true, false])
})
