// The drawing is to scale, seen from the right sides, and its names lie on nothing: on no line, no number
// and no other name, for any case of the shelf and every demo.
import fc from 'fast-check'
import type { Build } from '../document/build'
import {
  avocet,
  change,
  curlew,
  finding,
  part,
  plover,
  shelf,
  swap,
  teal,
  then,
} from '../test-helpers/demos'
import { runs } from '../test-helpers/runs'
import { captioned, crossing, cuts, rectOfName, told, type Named } from './captions'
import type { Drawing, Layout } from './drawing'
import { overlap } from './rect'
import type { View } from './views'

const seen = (build: Build, view: View): Drawing => {
  const found = then(build).drawings.find(d => d.view === view)
  if (!found) throw new Error(`not seen from ${view}`)
  return found
}
const bodyOf = (d: Drawing, item: string) =>
  d.shapes.find(s => s.item === item && !['zone', 'socket', 'air'].includes(s.kind))?.rect

describe('to scale', () => {
  const near = seen(plover, 'near')
  test('the board 170.18 × 170.18, its upper edge at 185 over the floor', () => {
    expect(bodyOf(near, 'board')).toEqual({
      ...{ x: 0, y: -185 },
      w: expect.closeTo(170.18, 3) as number,
      h: expect.closeTo(170.18, 3) as number,
    })
  })
  test('the supply lies where its mount puts it, the cooler around its socket', () => {
    // Mounted at x 315, its 100 toward the rear, 125 up from 10.
    expect(bodyOf(near, 'supply')).toEqual({ x: 215, y: -135, w: 100, h: 125 })
    // Socket at (82, 60) of the board, 95 × 95, 47 of it before the socket’s middle: x 82 + 47 − 95,
    // y 60 − 47.5 below 185; the last 25 of it are its fan.
    const cooler = near.shapes.filter(s => s.item === 'cooler' && s.kind === 'cooler')
    expect(cooler.map(s => s.rect)).toEqual([
      { x: 34, y: -172.5, w: 70, h: 95 },
      { x: 104, y: -172.5, w: 25, h: 95 },
    ])
  })
  test('headers stand where the board has them, with their contacts', () => {
    // USB3_A at (166, 140), 20 pins of which one is missing; at the front edge, so it runs down.
    const header = near.shapes.find(s => s.id === 'board/usb3')
    const contacts = header?.inks.filter(s => s.tone === 'contact').flatMap(s => s.d.match(/M/g))
    expect(contacts).toHaveLength(19)
    const { x = 0, y = 0, w = 0, h = 0 } = header?.rect ?? {}
    expect([x + w / 2, -(y + h / 2)]).toEqual([
      expect.closeTo(166, 3) as number,
      expect.closeTo(185 - 140, 3) as number,
    ])
    expect(h).toBeGreaterThan(w)
  })
})

describe('from every side', () => {
  const mid = (d: Drawing, item: string): number => {
    const { x = 0, w = 0 } = bodyOf(d, item) ?? {}
    return x + w / 2
  }
  test('near: the front at the right; from behind: at the left', () => {
    expect(mid(seen(plover, 'near'), 'supply')).toBeGreaterThan(mid(seen(plover, 'near'), 'cooler'))
    const behind = seen(plover, 'behind')
    expect(behind.hidden.map(h => h.item)).toEqual(expect.arrayContaining(['supply', 'cooler']))
    const at = (item: string): number => behind.hidden.find(h => h.item === item)?.rect.x ?? 0
    expect(at('supply')).toBeLessThan(at('cooler'))
  })
  test('from above the near side is below: the tray, where the board lies, above', () => {
    const above = seen(plover, 'above')
    const [board, cooler] = [bodyOf(above, 'board'), bodyOf(above, 'cooler')]
    // 6.5 of standoff, 1.6 of board.
    expect([board?.y, board?.h]).toEqual([6.5, expect.closeTo(1.6, 2) as number])
    expect(cooler?.y).toBeGreaterThan(board?.y ?? 0)
    // The fan at the top is seen from its face: blades; from the near side it is an edge.
    const circles = (d: Drawing) =>
      d.shapes
        .filter(s => s.item === 'fan')
        .flatMap(s => s.inks.flatMap(ink => ink.d.match(/a/g) ?? [])).length
    expect(circles(above)).toBeGreaterThan(4)
    expect(circles(seen(plover, 'near'))).toBe(0)
  })
  test('what the tray hides is dashed, and not drawn as if it lay before it', () => {
    const near = seen(avocet, 'near')
    const isHub = (s: { readonly item: string | null }): boolean => s.item === 'fan-hub'
    expect(near.shapes.some(isHub)).toBe(false)
    expect(near.hidden.some(isHub)).toBe(true)
    expect(seen(avocet, 'behind').shapes.some(isHub)).toBe(true)
  })
  test('what a card hides is dashed: the stick under it', () => {
    expect(seen(avocet, 'near').hidden.map(h => h.item)).toContain('work-stick')
  })
})

test('a socket in use is named with what goes there', () => {
  const layout = seen(plover, 'near').layouts[1]
  expect(layout?.sockets.map(c => [c.name, c.note])).toContainEqual(['PWR1', '24-pin main…'])
  expect(layout?.sockets.find(c => c.name === 'PWR1')?.line[1]).toEqual([166, -85])
})

test('air goes the way of its place: out at the rear, in at the front', () => {
  const arrows = (item: string, build = avocet) => {
    const air = seen(build, 'near').shapes.find(s => s.kind === 'air' && s.item === item)
    // The first line of the first arrow is its shaft.
    const [, from, to] = /^M(\S+) [^L]+L(\S+) /.exec(air?.inks[0]?.d ?? '') ?? []
    return Math.sign(Number(to) - Number(from))
  }
  // To the rear is to the left.
  expect([arrows('fan-3'), arrows('fan-1')]).toEqual([-1, -1])
  const turned = change(avocet, { do: 'chooseAir', id: 'case', place: 'rear', way: 'in' })
  expect(arrows('fan-3', turned)).toBe(1)
})

test('distances: the board’s in the near view, the cooler’s to the panel from above', () => {
  expect(seen(plover, 'near').dimensions.map(d => d.text)).toEqual([
    // A stick of 80 from x 62, a module of 7 around x 152: 148.5 − 142.
    '6.5\u2009mm',
    '9.8\u2009mm',
    // Rear sockets of 24, fins from 82 + 47 − 95 on.
    '10.0\u2009mm',
    '14.8\u2009mm',
  ])
  expect(seen(plover, 'above').dimensions.map(d => [d.finding, d.text])).toEqual([
    [finding(then(plover), 'fit/cooler-height').id, '2.0\u2009mm'],
  ])
})

test('on a large screen every distance has its number, beside a ledger at least half', () => {
  for (const build of [plover, avocet, teal, curlew]) {
    const { dimensions, layouts } = seen(build, 'near')
    const [, pane, wide] = layouts.map(l => l.numbers.length)
    expect(wide).toBe(dimensions.length)
    expect(2 * (pane ?? 0)).toBeGreaterThanOrEqual(dimensions.length)
  }
})

test('standoffs: four to fit; what has to go is marked', () => {
  const fitted = seen(plover, 'near').marks.filter(m => m.what === 'fit')
  expect(fitted.map(m => m.name)).toEqual(['C', 'F', 'H', 'J'])
  const old = change(plover, {
    do: 'swapPart',
    id: 'case',
    part: { ...part('fenwright-reedbox-12'), standoffs: { fitted: ['C', 'G'], supplied: 4 } },
    figures: {},
  })
  expect(
    seen(old, 'near')
      .marks.filter(m => m.what === 'keep')
      .map(m => m.name),
  ).toEqual(['C'])
})

test('ways of leads lie where they are laid: from the supply’s plugs through the upper hole to PWR2', () => {
  const { paths, routes } = then(plover)
  expect(paths.filter(p => p.view === 'near')).toHaveLength(routes.length)
  const way = paths
    .find(p => p.id === 'supply/cpu.1a')
    ?.strokes.flatMap(s => s.points.map(p => p.map(Math.round)))
  expect(way?.at(0)).toEqual([215, Math.round(-72.5)])
  expect(way).toContainEqual([182, -190])
  expect(way?.at(-1)).toEqual([16, -179])
  // From behind the same way is mirrored, and what lies before the tray is the hidden part.
  const behind = paths.filter(p => p.id === 'supply/cpu.1a')[1]
  expect(behind?.view).toBe('behind')
  expect(behind?.ends[1]).toEqual([-16, -179])
  expect(behind?.strokes.every(s => s.isHidden)).toBe(true)
})

/** What is wrong with the names of a layout. */
function faults({ captions, numbers, paper, letter }: Layout): readonly string[] {
  const names = captions.map(c => ({ id: c.name, rect: rectOfName(c, letter), line: c.line }))
  const texts = [...names, ...numbers.map(n => ({ id: n.text, rect: n.rect }))]
  const pairs = texts.flatMap((a, i) => texts.slice(i + 1).map(b => [a, b] as const))
  const { x, y, w, h } = paper
  return [
    ...pairs.flatMap(([a, b]) => (overlap(a.rect, b.rect) ? [`${a.id} on ${b.id}`] : [])),
    ...names.flatMap((a, i) =>
      names
        .slice(i + 1)
        .flatMap(b => (crossing(...a.line, ...b.line) ? [`${a.id} crosses ${b.id}`] : [])),
    ),
    ...names.flatMap(a =>
      names.flatMap(b => (a !== b && cuts(b.line, a.rect) ? [`${a.id} under a line`] : [])),
    ),
    ...texts.flatMap(({ id, rect: r }) =>
      r.x < x - 0.1 || r.y < y - 0.1 || r.x + r.w > x + w + 0.1 || r.y + r.h > y + h + letter
        ? [`${id} off the paper`]
        : [],
    ),
  ]
}

test.each(Object.entries({ plover, avocet, teal, curlew }))(
  'names of %s lie on nothing, from every side and at every size',
  (_name, build) => {
    for (const d of then(build).drawings) {
      expect(d.layouts.map(l => l.forWidth)).toEqual([360, 550, 900])
      // On a phone the machine has the width, and no name beside it.
      expect(d.layouts[0]?.captions).toEqual([])
      expect(d.layouts[2]?.captions.length).toBeGreaterThan(3)
      for (const l of d.layouts) {
        expect([d.view, faults(l)]).toEqual([d.view, []])
        const sockets = faults({ ...l, captions: l.sockets, numbers: [] })
        expect([d.view, sockets]).toEqual([d.view, []])
      }
    }
  },
)

const cases = shelf.filter(p => p.kind === 'case').map(p => p.id)
test.each(cases.slice(0, runs(cases.length)))('names in a %s lie on nothing', id => {
  for (const build of [change(avocet, swap('case', id)), change(plover, swap('case', id))])
    for (const d of then(build).drawings)
      for (const l of d.layouts) expect([d.view, faults(l)]).toEqual([d.view, []])
})

test('whatever is named, no two lines cross and no two names meet', () => {
  const tip = fc.tuple(fc.integer({ min: 0, max: 400 }), fc.integer({ min: 0, max: 300 }))
  fc.assert(
    fc.property(fc.array(tip, { maxLength: 30 }), tips => {
      const named = tips.map(([x, y], i): Named => ({
        ...{ id: `${i}`, item: null, name: `part ${i}`, note: 'somewhere' },
        tip: [x + i / 97, y + i / 89],
      }))
      const machine = { x: 0, y: 0, w: 400, h: 300 }
      const captions = captioned(named, { machine, letter: 9 })
      const layout = { forWidth: 550, letter: 9, captions, sockets: [], numbers: [], words: [] }
      const paper = { x: -400, y: -100, w: 1200, h: 600 }
      expect(faults({ ...layout, paper })).toEqual([])
      // Two columns of 300 and 18 more, 24.3 each: what finds room is named.
      expect(captions).toHaveLength(Math.min(named.length, 26))
    }),
    // Lines that just passed each other crossed once they were rounded.
    {
      examples: [
        [[...Array.from({ length: 5 }, (): [number, number] => [0, 0]), [0, 300], [1, 300]]],
      ],
    },
  )
})

test('a number stands beside its line, clear of names and of other numbers, or not at all', () => {
  const machine = { x: 0, y: 0, w: 200, h: 200 }
  const measure = (id: string, y: number) => ({
    ...{ id, text: '12.0 mm' },
    from: [40, y] as const,
    to: [160, y] as const,
  })
  const around = { letter: 10, lines: [], names: [], within: machine }
  expect(told([measure('a', 100), measure('b', 104)], around)).toHaveLength(2)
  const [a, b] = told([measure('a', 100), measure('b', 104)], around)
  expect(a && b && overlap(a.rect, b.rect)).toBe(false)
  expect(told([measure('a', 100)], { ...around, names: [machine] })).toEqual([])
})

test('no case, no drawing', () => {
  expect(then(change(plover, { do: 'removeItem', id: 'case' })).drawings).toEqual([])
})
