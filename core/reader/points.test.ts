// One line that tells all of a part.
import { pointsOf } from './points'
import { readSheet } from './read'

test.each([
  [
    'Reedmace 850W Gold, fully modular, ATX 3.1, 140 mm deep',
    ['Reedmace 850W Gold', 'fully modular', 'ATX 3.1', '140 mm deep'],
  ],
  ['CPU: Quill Q9 (8c/16t, 105 W, TERN-5)', ['CPU: Quill Q9', '8c/16t', '105 W', 'TERN-5']],
  ['GPU - Bittern GX 70, 312 mm', ['GPU: Bittern GX 70', '312 mm']],
  ['N9-12 | 12C/24T | TERN-3 | 120W TDP', ['N9-12', '12C/24T', 'TERN-3', '120W TDP']],
  // Sockets and forms go on with those before them.
  ['Alder Spire 6, 158 mm, TERN-4, KNOT-2', ['Alder Spire 6', '158 mm', 'TERN-4, KNOT-2']],
])('%s', (line, points) => {
  expect(pointsOf(line)).toEqual(points)
})

test.each([
  'Alder Spire 6, 158 mm',
  'The Estuary Z4 is a board with four slots, two M.2 sockets, six SATA ports.',
  'Size: 120 x 120 x 25 mm, 0.2 A, 4-pin',
  'Supports ATX, microATX, Mini-ITX, up to 170 mm',
])('%s: not point by point', line => {
  expect(pointsOf(line)).toBeNull()
})

const doubtsIn = (text: string) =>
  Object.fromEntries(readSheet(text).doubtful.map(d => [d.path, d.value]))

test('what is said without a word for it comes in, marked', () => {
  expect(doubtsIn('Cooler: Alder Spire 6, 158 mm, 2x 120 mm')).toMatchObject({
    height: 158,
    'fan.count': 2,
  })
  expect(doubtsIn('GPU: Bittern GX 70, 312 mm')).toMatchObject({ length: 312 })
  expect(doubtsIn('CPU: Quill Q9, 105 W')).toMatchObject({ 'power.sustained': 105 })
  expect(doubtsIn('Fan: Gust 140 PWM')).toMatchObject({ size: '140' })
  expect(doubtsIn('Cooler: Floe 360 AIO, 3x 120 mm')).toMatchObject({
    'liquid.radiator': '360',
    'liquid.fans': 3,
  })
  expect(doubtsIn('Sorrel B8 Pro WiFi Motherboard ATX TERN-5 DDR5')).toMatchObject({
    'processor.socket': 'TERN-5',
  })
})

test('what some of several sockets are is not said of all', () => {
  const read = readSheet('Mobo: Sorrel B8 Pro – ATX, 4x DDR5, 3x M.2 (1x Gen5)')
  expect(read.fields.find(f => f.path === 'm2')?.value).toBe(3)
  expect(read.fields.filter(f => f.path.endsWith('.generation'))).toEqual([])
})

test('behind the word for its kind and a colon stand points as well', () => {
  expect(
    pointsOf('Lagoon 280 liquid cooler: two 140 mm fans (PWM, 0.25 A), tubes 400 mm, TERN-4'),
  ).toEqual(['Lagoon 280 liquid cooler', 'two 140 mm fans (PWM, 0.25 A)', 'tubes 400 mm', 'TERN-4'])
})
