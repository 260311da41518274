// What is drawn of each connector agrees with what its row says of it in words: how many contacts, how
// far apart, which is missing.
import { connector, PLUG_FACES, type PlugFace } from './connectors'
import type { LookStroke } from './look'

const middle = (s: LookStroke): readonly [number, number] => {
  if (s.of === 'box') return [s.x + s.w / 2, s.y + s.h / 2]
  return s.of === 'disc' ? [s.x, s.y] : [0, 0]
}
const places = (face: PlugFace, ...tones: readonly LookStroke['tone'][]) =>
  connector(face)
    .look.strokes.filter(s => tones.includes(s.tone))
    .map(middle)

test.each(PLUG_FACES)('%s: all contacts are within its walls', face => {
  const { size, strokes } = connector(face).look
  const contacts = strokes.filter(s => s.tone === 'contact' || s.tone === 'none').map(middle)
  expect(contacts.length).toBeGreaterThan(0)
  for (const [x, y] of contacts)
    expect([x > 0, x < size[0], y > 0, y < size[1]]).toEqual([true, true, true, true])
})

const counted = PLUG_FACES.flatMap(face => {
  const [, rows, cols] = /^(\d) × (\d+)/.exec(connector(face).shape) ?? []
  return rows && cols ? [[face, Number(rows), Number(cols)] as const] : []
})
test.each(counted)('%s: %i × %i places, as its words say', (face, rows, cols) => {
  const at = places(face, 'contact', 'none')
  expect(at).toHaveLength(rows * cols)
  expect(new Set(at.map(p => p[1].toFixed(2))).size).toBe(rows)
})

const pitched = PLUG_FACES.flatMap(face => {
  const [, mm] = /([\d.]+) mm/.exec(connector(face).shape) ?? []
  const inRow = connector(face).shape.includes('×')
  return mm && inRow ? [[face, Number(mm)] as const] : []
})
test.each(pitched)('%s: %f mm from contact to contact, as its words say', (face, mm) => {
  const xs = [...new Set(places(face, 'contact', 'none').map(p => p[0].toFixed(3)))]
    .map(Number)
    .sort((a, b) => a - b)
  const [first = 0, second = 0] = xs
  expect(second - first).toBeCloseTo(mm, 2)
})

describe('the missing pin', () => {
  const missing = (face: PlugFace) => {
    const look = connector(face).look
    const [at = [0, 0]] = places(face, 'none')
    const pitch = face === 'usb-3' ? 2 : 2.54
    const [x0 = 0, y0 = 0] = look.first ?? []
    return [Math.round((at[0] - x0) / pitch), Math.round((at[1] - y0) / pitch)]
  }
  // Two rows, numbered down each column: pin 9 is the upper of the fifth, 10 the lower, 8 the lower of
  // the fourth; of USB 3, numbered around, pin 20 lies beside pin 1.
  test.each([
    ['usb-2', [4, 0]],
    ['panel-block', [4, 1]],
    ['audio-hd', [3, 1]],
    ['serial', [4, 1]],
    ['usb-3', [0, 1]],
    ['light-5', [2, 0]],
    ['ribbon-40', [9, 1]],
  ] as const)('%s: column and row %j', (face, at) => {
    expect(missing(face)).toEqual(at)
  })
})

test('look-alikes differ in what they show: 12 V at the latch, or away from it', () => {
  const rows = (face: PlugFace) => connector(face).look.rows
  expect([rows('cpu-8')?.[0], rows('card-8')?.[1], rows('card-6')?.[1]]).toEqual([
    '12 V',
    '12 V',
    '12 V',
  ])
})
