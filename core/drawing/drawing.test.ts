import fc from 'fast-check'
import { change, finding, part, plover, swap, then } from '../test-helpers/demos'
import { overlap, placeLabels } from './labels'

const [near, above] = then(plover).drawings

test('the drawing is to scale: the board 170.18 × 170.18 at the tray’s corner, 12 mm margin', () => {
  // Case 320 × 230: the board’s top edge lies at 230 − 185 = 45 below the top.
  expect(near?.shapes.find(s => s.item === 'board')?.rect).toEqual({
    x: 12,
    y: 57,
    w: expect.closeTo(170.18, 3) as number,
    h: expect.closeTo(170.18, 3) as number,
  })
  expect([near?.width, near?.height, above?.height]).toEqual([344, 254, 108])
})

test('the supply lies where its mount puts it, the cooler around its socket', () => {
  expect(near?.shapes.find(s => s.item === 'supply')?.rect).toEqual({
    x: 227,
    y: 107,
    w: 100,
    h: 125,
  })
  // Socket at (82, 60) of the board, 95 × 95, 47 of it before the socket’s middle: x 82 + 47 − 95
  // + 12, y 45 + 60 − 47.5 + 12; the last 25 of it are its fan
  expect(near?.shapes.filter(s => s.item === 'cooler').map(s => s.rect)).toEqual([
    { x: 46, y: 69.5, w: 70, h: 95 },
    { x: 116, y: 69.5, w: 25, h: 95 },
  ])
})

test('distances: the board’s in the near view, the cooler’s to the panel from above', () => {
  expect(near?.dimensions.map(d => d.text)).toEqual([
    // A stick of 80 from x 62, a module of 7 around x 152: 148.5 − 142.
    '6.5\u2009mm',
    '9.8\u2009mm',
    // Rear sockets of 24, fins from 82 + 47 − 95 on.
    '10.0\u2009mm',
    '14.8\u2009mm',
  ])
  expect(above?.dimensions.map(d => [d.finding, d.text])).toEqual([
    [finding(then(plover), 'fit/cooler-height').id, '2.0\u2009mm'],
  ])
})

test('standoffs: four to fit; what has to go is marked', () => {
  expect(near?.marks.filter(m => m.what === 'fit').map(m => m.name)).toEqual(['C', 'F', 'H', 'J'])
  const old = then(
    change(plover, {
      do: 'swapPart',
      id: 'case',
      part: { ...part('fenwright-reedbox-12'), standoffs: { fitted: ['C', 'G'], supplied: 4 } },
      figures: {},
    }),
  )
  expect(old.drawings[0]?.marks.filter(m => m.what === 'keep').map(m => m.name)).toEqual(['C'])
})

test('ways of leads lie where they are laid: from the supply’s plugs through the upper hole to PWR2', () => {
  const { paths, routes } = then(plover)
  expect(paths.length).toBe(routes.length)
  const way = paths
    .find(p => p.id === 'supply/cpu.1a')
    ?.strokes.flatMap(s => s.points.map(p => p.map(Math.round)))
  // (215, 72.5), (182, 190), (16, 179): 12 of margin, y from the top at 230.
  expect(way?.at(0)).toEqual([215 + 12, Math.round(230 - 72.5 + 12)])
  expect(way).toContainEqual([182 + 12, 230 - 190 + 12])
  expect(way?.at(-1)).toEqual([16 + 12, 230 - 179 + 12])
})

test.each([
  ['Plover', plover],
  [
    'a tower',
    change(
      plover,
      swap('case', 'fenwright-tall-40'),
      swap('board', 'saltpan-estuary-7'),
      swap('supply', 'dunlin-a550'),
    ),
  ],
])('no two labels of %s lie on each other, all lie on the sheet', (_, build) => {
  for (const d of then(build).drawings) {
    for (const [i, a] of d.labels.entries()) {
      expect([a.x >= 0, a.y >= 0, a.x + a.w <= d.width, a.y + a.h <= d.height]).toEqual([
        true,
        true,
        true,
        true,
      ])
      for (const b of d.labels.slice(i + 1))
        expect([a.text, b.text, overlap(a, b)]).toEqual([a.text, b.text, false])
    }
  }
})

test('labels never overlap, whatever is to be named', () => {
  const rect = fc.record({
    x: fc.integer({ min: 0, max: 250 }),
    y: fc.integer({ min: 0, max: 250 }),
    w: fc.integer({ min: 2, max: 150 }),
    h: fc.integer({ min: 2, max: 150 }),
  })
  fc.assert(
    fc.property(fc.array(rect, { maxLength: 12 }), rects => {
      const labels = placeLabels(
        { width: 400, height: 400 },
        8,
        rects.map((inside, i) => ({ id: `${i}`, text: `part ${i}`, inside })),
        rects,
      )
      for (const [i, a] of labels.entries())
        for (const b of labels.slice(i + 1)) expect(overlap(a, b)).toBe(false)
    }),
  )
})

test(
  'a thing is called by its name where there is room on it, else by its kind; only ' +
    'then by its name beside it',
  () => {
    // Letters of 10 are 6.2 wide, the gap on either side is 3.5: “Breeze 120” takes 62 + 7, “fan”
    // 18.6 + 7.
    const called = (w: number) =>
      placeLabels(
        { width: 300, height: 100 },
        10,
        [{ id: 'a', text: 'Breeze 120', shorter: 'fan', inside: { x: 20, y: 20, w, h: 40 } }],
        [],
      ).map(l => [l.text, l.x > 20 + w])
    expect([70, 68, 26, 25].map(called)).toEqual([
      [['Breeze 120', false]],
      [['fan', false]],
      [['fan', false]],
      [['Breeze 120', true]],
    ])
    expect(near?.labels.map(l => l.text)).toEqual(
      expect.arrayContaining(['Lowbank 65', 'Inlet 2', 'S300']),
    )
  },
)

test('no case, no drawing', () => {
  expect(then(change(plover, { do: 'removeItem', id: 'case' })).drawings).toEqual([])
})
