// A whole machine listed in one text, each part under what it is.
import { readSheet } from '../read'
import { sheetsIn } from './sheets-in'
import { timesIn } from '../times'

const LIST = [
  'My build list',
  '',
  'Case: Zephyr Works Harrier 5',
  '- ATX, mATX, mITX',
  '- GPU max 400 mm, cooler max 175 mm',
  '- top 360 radiator / 3x120 or 2x140, front 3x140 or 3x120 (3 included), rear 1x120/140',
  '',
  'CPU: Quill Q9 9900',
  '- socket TERN-3',
  '',
  'Cooler: Zephyr Works Floe 360',
  '- AIO 360 mm, 3x 120x25 fans, 4-pin',
  '- TERN-2/3, KNOT-6',
  '',
  'SSD: Tarn N9 2TB, Gen5 x4 M.2 2280',
  'HDD: Tarn R5 8TB 3.5" SATA',
  'Fans: 3x Gust Larch 140 (140x140x28, 4-pin)',
].join('\n')

const pieces = sheetsIn(LIST)
const readings = pieces.map(piece => readSheet(piece))
const valueOf = (n: number, path: string): unknown =>
  [...(readings[n]?.fields ?? []), ...(readings[n]?.doubtful ?? [])].find(f => f.path === path)
    ?.value

test('every part is one, of the kind that stands before it', () => {
  expect(readings.map(r => r.kind)).toEqual([
    'case',
    'processor',
    'cooler',
    'drive',
    'drive',
    'fan',
  ])
  expect(pieces.map(timesIn)).toEqual([null, null, null, null, null, 3])
})

test('nothing that stands around a list is lost', () => {
  expect(pieces[0]).toContain('My build list')
  const fan = 'Gust Larch 120 case fan\nSize: 120 x 120 x 25 mm\nPlug: 4-pin PWM\nCurrent: 0.2 A'
  const around = sheetsIn(`${fan}\n\n${LIST}\n\n${fan}`)
  // What is said of no part goes with what stands before it.
  expect(around[0]).toBe(`${fan}\n\nMy build list`)
  expect(around.at(-1)).toBe(fan)
  expect(around).toHaveLength(pieces.length + 2)
})

test('what stands behind the word for a part is what it is called, doubtful without a known maker', () => {
  expect([valueOf(0, 'maker'), valueOf(0, 'model')]).toEqual(['Zephyr', 'Works Harrier 5'])
  expect(readings[0]?.fields.some(f => f.path === 'model')).toBe(false)
  expect(valueOf(1, 'model')).toBe('Q9 9900')
})

test('lines that only list forms, sockets, or what goes on which wall are read', () => {
  expect(valueOf(0, 'boards')).toEqual(['ATX', 'microATX', 'Mini-ITX'])
  expect(valueOf(2, 'sockets')).toEqual(['TERN-2', 'TERN-3', 'KNOT-6'])
  expect([valueOf(0, 'radiators.top'), valueOf(0, 'radiators.front')]).toEqual(['360', undefined])
  expect([valueOf(0, 'fans.top.sizes'), valueOf(0, 'fans.rear.sizes')]).toEqual([
    ['120', '140'],
    ['120', '140'],
  ])
  // Whether the three are of 140 or of 120 mm is not said.
  expect(readings[0]?.fields.some(f => f.path.startsWith('includes.fan'))).toBe(false)
})

test('what one part says under such words is no list', () => {
  const board = [
    'Tarn Reef X7 motherboard',
    'CPU: Socket TERN-3',
    'Memory: 4 x DIMM, DDR5',
    'Graphics: HDMI, DisplayPort',
    'Storage: 4 x SATA',
    'Case: ATX',
    'PSU: for 24-pin and 8-pin plugs',
  ].join('\n')
  expect(sheetsIn(board)).toEqual([board])
})
