import { runs } from '../test-helpers/runs'
import fc from 'fast-check'
import type { HorizonAnalysis } from '../analysis/analyse'
import {
  avocet,
  change,
  finding,
  flipped,
  measure,
  part,
  plover,
  then,
} from '../test-helpers/demos'
import { squareDistance, type Vec3 } from '../geometry/space'
import type { Layout, Opening } from '../case/layout'
import { Filling, passes, roomOf, sectionOf } from '../case/holes'
import { roomsOf, shortestWay } from '../case/way'

const rooms = [
  { key: 'a', min: [0, 0, 0], max: [100, 100, 50] },
  { key: 'b', min: [100, 0, 0], max: [200, 100, 50] },
  { key: 'c', min: [200, 0, 0], max: [300, 100, 50] },
] as const
const opening = (key: string, at: Vec3, joins: [string, string]): Opening => ({
  key,
  label: key,
  at,
  joins,
  width: 30,
  height: 30,
})

/** Every order of distinct openings, tried out. */
function tryAll(openings: readonly Opening[], from: Vec3, to: Vec3): number | null {
  let best: number | null = null
  const goal = roomsOf({ rooms }, to)
  const visit = (
    at: Vec3,
    here: readonly string[],
    left: readonly Opening[],
    length: number,
  ): void => {
    if (here.some(r => goal.includes(r)))
      best = Math.min(best ?? Infinity, length + squareDistance(at, to))
    for (const o of left)
      if (o.joins.some(r => here.includes(r)))
        visit(
          o.at,
          o.joins,
          left.filter(x => x !== o),
          length + squareDistance(at, o.at),
        )
  }
  visit(from, roomsOf({ rooms }, from), openings, 0)
  return best
}

const inRoom = (i: number) =>
  fc.tuple<[number, number, number]>(
    fc.integer({ min: i * 100 + 20, max: i * 100 + 80 }),
    fc.integer({ min: 5, max: 95 }),
    fc.integer({ min: 5, max: 45 }),
  )
const wall = (i: number) =>
  fc.tuple<[number, number, number]>(
    fc.constant(i * 100 + 100),
    fc.integer({ min: 5, max: 95 }),
    fc.integer({ min: 5, max: 45 }),
  )

test('the shortest of all ways, against trying them all; none where no hole leads', () => {
  const cases = fc.record({
    ab: fc.array(wall(0), { maxLength: 3 }),
    bc: fc.array(wall(1), { maxLength: 2 }),
    from: inRoom(0),
    to: fc.constantFrom(0, 1, 2).chain(inRoom),
  })
  fc.assert(
    fc.property(cases, ({ ab, bc, from, to }) => {
      const openings = [
        ...ab.map((at, i) => opening(`ab${i}`, at, ['a', 'b'])),
        ...bc.map((at, i) => opening(`bc${i}`, at, ['b', 'c'])),
      ]
      const way = shortestWay({ rooms, openings }, from, to)
      expect(way?.length ?? null).toBe(tryAll(openings, from, to))
      if (way)
        expect(
          way.points.slice(1).reduce((sum, p, i) => sum + squareDistance(way.points[i] ?? p, p), 0),
        ).toBe(way.length)
    }),
    { numRuns: runs(300) },
  )
})

test('taking away the hole in use lengthens the way or makes it impossible', () => {
  const all = [
    opening('near', [100, 50, 25], ['a', 'b']),
    opening('far', [100, 95, 25], ['a', 'b']),
  ]
  const length = (openings: Opening[]) =>
    shortestWay({ rooms, openings }, [50, 50, 25], [150, 50, 25])?.length
  // straight 100; by the far hole 45 up and 45 down more; by none not at all
  expect([length(all), length(all.slice(1)), length([])]).toEqual([100, 190, undefined])
})

describe('Plover’s leads', () => {
  const route = (id: string, build = plover) => then(build).routes.find(r => r.id === id)
  test('24-pin: (215, 135, 68.5) by the lower hole (182, 40, 40) to (166, 85, 8.1)', () => {
    // 33 + 95 + 28.5, then 16 + 45 + 31.9, then 20 slack = 269.4
    expect(route('supply/main.1')).toMatchObject({
      need: 269.4,
      have: 300,
      through: ['lower hole in the middle wall'],
    })
  })
  test('processor four: by the upper hole (182, 190, 40) to (16, 179, 8.1): 345.4 of 350, to be measured', () => {
    // 33 + 55 + 28.5, then 166 + 11 + 31.9, then 20. A way that was worked out is good to 5 a hole,
    // 25, and a fifth of its 325.4; the lead to 1
    expect(finding(then(plover), 'routes/lead-length:supply:board:supply/cpu.1a')).toMatchObject({
      verdict: 'measure',
      need: 345.4,
      have: 350,
      margin: 4.6,
      tol: 5 + 25 + 65.08 + 1,
    })
  })
  test('front audio: 528.9 of an assumed 550 ± 50: measure, and from 661.2 it passes', () => {
    // (315, 200, 42) by the lower hole: 133 + 160 + 2, then 162 + 20 + 31.9, then 20; 528.9 + 5 + 25
    // + 101.78 + 0.5 = 661.18
    const f = finding(then(plover), 'routes/lead-length:case:board:case/audio-hd')
    expect(f).toMatchObject({ verdict: 'measure', need: 528.9, have: 550 })
    expect(f.tol).toBeCloseTo(50 + 5 + 25 + 101.78)
    expect(f.settles).toMatchObject([
      { item: 'case', path: 'leads.4.length', passes: { side: 'least', value: 661.2 } },
    ])
    const settled = change(plover, measure('case', 'leads.4.length', 670))
    expect(flipped(plover, settled)).toEqual([f.id])
  })
  test('a loose lead goes from socket to socket', () => {
    // (217, 153, 31.4475) by the lower hole to (160, 35, 8.1): 35 + 113 + 8.5525, 22 + 5 + 31.9, 20
    expect(route('sata/board')).toMatchObject({
      need: expect.closeTo(235.4525, 3) as number,
      have: 300,
    })
    // one of 150 does not: 235.5 - 150 = 85 short
    const short = then(
      change(plover, { do: 'swapPart', id: 'sata', part: part('hollin-sata-150'), figures: {} }),
    )
    expect(finding(short, 'joints/unmet:disk:disk/data')).toMatchObject({
      verdict: 'stop',
      sentence: expect.stringMatching(/ends 85 mm short of SATA/) as string,
    })
  })
  test('without the lower hole everything goes through the upper one', () => {
    const pc = part('fenwright-reedbox-12') as { openings: { key: string }[] } & object
    const walled = (keys: string[]) =>
      change(plover, {
        do: 'swapPart',
        id: 'case',
        part: { ...pc, openings: pc.openings.filter(o => keys.includes(o.key)) },
        figures: {},
      })
    expect(route('supply/main.1', walled(['wall-high']))).toMatchObject({
      need: 289.4,
      through: ['upper hole in the middle wall'],
    })
    expect(finding(then(walled([])), 'joints/unmet:board:board/main').sentence).toMatch(
      /no hole leads/,
    )
  })
  test('a derived layout is assumed, ± 15 a hole', () => {
    const tall = change(
      plover,
      { do: 'swapPart', id: 'case', part: part('fenwright-tall-40'), figures: {} },
      { do: 'swapPart', id: 'supply', part: part('dunlin-a550'), figures: {} },
    )
    const f = finding(then(tall), 'routes/lead-length:supply:board:supply/main.1')
    expect(f.assumed).toBe(true)
    expect(f.tol).toBeGreaterThanOrEqual(16)
  })
})

describe('holes of limited size', () => {
  const box: Layout = {
    inner: { x: 200, y: 100, z: 50, behind: 0 },
    tray: [0, 0, 0],
    supply: [0, 0, 0],
    leadsFrom: [0, 0, 0],
    rooms: rooms.slice(0, 2),
    assumed: false,
    boardUnsure: 0,
    bayEnds: [],
    openings: [
      { ...opening('near', [100, 50, 25], ['a', 'b']), width: 20, height: 15 },
      { ...opening('far', [100, 95, 25], ['a', 'b']), width: 50, height: 40 },
    ],
  }
  test('a head goes through either way round, or not at all', () => {
    // The 24-pin’s head is 44 × 14, the processor’s 18 × 12.
    expect([
      passes({ width: 44, height: 14 }, 'main-24'),
      passes({ width: 14, height: 44 }, 'main-24'),
      passes({ width: 40, height: 40 }, 'main-24'),
      passes({ width: 20, height: 15 }, 'cpu-8'),
    ]).toEqual([true, true, false, true])
  })
  test('a full hole is shut to the next lead, not to a plug of a cable that lies there already', () => {
    const filling = new Filling(box)
    // 20 × 15 × 0.65 = 195 mm²; a card lead of 9 mm takes 63.6: three lie in it, a fourth does not.
    expect(roomOf({ width: 20, height: 15 })).toBeCloseTo(195)
    expect(sectionOf('card-8')).toBeCloseTo(63.6, 1)
    for (const cable of ['one', 'two']) filling.put(cable, 'card-8', ['near'])
    filling.put('two', 'card-8', ['near'])
    // A card plug of 20 × 12 passes 20 × 15.
    expect(filling.shutTo('three', 'card-8')).toEqual([])
    filling.put('three', 'card-8', ['near'])
    expect([filling.shutTo('four', 'card-8'), filling.shutTo('three', 'card-8')]).toEqual([
      ['near'],
      [],
    ])
  })
  test('a lead takes the next hole when the near one is full: 190 instead of 100', () => {
    const [from, to] = [
      [50, 50, 25],
      [150, 50, 25],
    ] as const
    expect([
      shortestWay(box, from, to)?.length,
      shortestWay(box, from, to, ['near'])?.length,
      shortestWay(box, from, to, ['near', 'far']),
    ]).toEqual([100, 190, null])
  })
})

describe('Avocet’s ways', () => {
  const pc = part('fenwright-longreed-52') as {
    openings: { key: string; label: string; width: number }[]
  } & object
  const withHoles = (openings: readonly object[], build = avocet) =>
    then(change(build, { do: 'swapPart', id: 'case', part: { ...pc, openings }, figures: {} }))
  const whole = withHoles(pc.openings)
  /** Everything stays where it is: what changes is the way alone. */
  const fixed = change(
    avocet,
    ...whole.joints.map(j => ({
      do: 'pinJoint',
      plug: j.plug,
      socket: j.id.slice(j.plug.length + 1),
    })),
  )
  const needs = (h: HorizonAnalysis) => new Map(h.routes.map(r => [r.id, r.need]))

  test.each(
    pc.openings
      .filter(o => whole.routes.some(r => r.through.includes(o.label)))
      .map(o => [o.label, o.key]),
  )('without the %s its leads go no shorter way, or none', (label, key) => {
    const without = withHoles(
      pc.openings.filter(o => o.key !== key),
      fixed,
    )
    const now = needs(without)
    for (const lead of whole.routes.filter(r => r.through.includes(label))) {
      const still = now.get(lead.id) ?? null
      if (still === null)
        expect(
          without.findings.some(
            f =>
              f.verdict === 'stop' &&
              f.joints.some(j => lead.joints.includes(j)) &&
              f.sentence.endsWith('no hole leads there'),
          ),
        ).toBe(true)
      // Ways are square: another hole may lie no further. Then it is another one; otherwise the way
      // is longer.
      else if (still === lead.need)
        expect(without.routes.find(r => r.id === lead.id)?.through).not.toEqual(lead.through)
      else expect(still).toBeGreaterThan(lead.need ?? Infinity)
    }
  })
  test('without the front slot in the shroud the 24-pin goes 60.0 further, by the rear slot', () => {
    const need = (h: HorizonAnalysis): number => needs(h).get('supply/main.1') ?? 0
    // (160, 94, 170) by (258, 100, 40) to (238, 360, 8.1): 98 + 6 + 130, then 20 + 260 + 31.9, then
    // 20 slack
    expect(need(whole)).toBeCloseTo(98 + 6 + 130 + 20 + 260 + 31.9 + 20, 1)
    // by (110, 100, 30): 50 + 6 + 140, then 128 + 260 + 21.9, then 20
    expect(
      need(
        withHoles(
          pc.openings.filter(o => o.key !== 'shroud-front'),
          fixed,
        ),
      ),
    ).toBeCloseTo(50 + 6 + 140 + 128 + 260 + 21.9 + 20, 1)
  })
  test('without any hole from the basement nothing leads out of it', () => {
    const shut = withHoles(
      pc.openings.filter(o => !['shroud-front', 'shroud-rear', 'basement-back'].includes(o.key)),
      fixed,
    )
    expect(finding(shut, 'routes/lead-length:supply:board:supply/main.1')).toMatchObject({
      verdict: 'stop',
      sentence: '24-pin main power of the A850 M to PWR_M of the Lagoon 6: no hole leads there',
    })
  })
  test('a hole too narrow for what lies in it is watched, and the thick leads go first', () => {
    const narrow = withHoles(
      pc.openings.map(o =>
        o.key === 'shroud-front' || o.key === 'shroud-rear' || o.key === 'basement-back'
          ? { ...o, width: 48, height: 15 }
          : o,
      ),
    )
    const crowded = narrow.findings.filter(
      f => f.rule === 'routes/hole-room' && f.verdict !== 'clear',
    )
    expect(crowded.length).toBeGreaterThan(0)
    expect(crowded.every(f => f.verdict === 'watch' || f.verdict === 'measure')).toBe(true)
  })
})
