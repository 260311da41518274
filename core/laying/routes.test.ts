import type { HorizonAnalysis } from '../analysis/analyse'
import {
  avocet,
  change,
  finding,
  flipped,
  measure,
  part,
  plover,
  teal,
  then,
} from '../test-helpers/demos'
import type { Vec3 } from '../geometry/space'
import type { Layout, Opening } from '../case/layout'
import { Filling, passes, roomOf, sectionOf } from '../case/holes'

describe('Plover’s leads', () => {
  const route = (id: string, build = plover) => then(build).routes.find(r => r.id === id)
  /** The socket's place, the plug's height and the edges of bodies are known to a tenth or two. */
  const NEAR = 0
  test('24-pin: out of the supply at (215, 72.5, 36.75), by the lower hole (182, 40, 40), to (166, 85, 8.1)', () => {
    // 4 out, slanting to the hole, 3 up; down to 14, past the end of the memory at 39.4, down and along
    // it to the socket beside it; 20 slack.
    const toHole = 4 + Math.hypot(29, 32.5) + 3.25
    const past = 26 + Math.hypot(13, 0.6) + 3 + 5.9 + (85 - 39.4)
    const found = route('supply/main.1')
    expect(found).toMatchObject({ have: 300, through: ['lower hole in the middle wall'] })
    expect(found?.need).toBeCloseTo(toHole + past + 20, NEAR)
  })
  test('processor four: by the upper hole (182, 190, 40) to (16, 179, 8.1): 349.9 of 350, to be measured', () => {
    // Up along the supply to 139, slanting to the hole, 3 up; down to 14, over the corner of the memory
    // at (135, 195) — the fan above it is passed beneath —, to the rear sockets, 12 in; 20 slack.
    const toHole = 66.5 + Math.hypot(33, 51) + 3.25
    const past = 26 + Math.hypot(47, 5) + Math.hypot(107, 16) + 12 + 5.9
    const f = finding(then(plover), 'routes/lead-length:supply:board:supply/cpu.1a')
    expect(f).toMatchObject({ verdict: 'measure', have: 350 })
    expect(f.need).toBeCloseTo(toHole + past + 20, NEAR)
    // A way that was worked out is good to 5 for its places, 40, and 12 % of it; the lead to 1.
    expect(f.tol).toBeCloseTo(5 + 40 + 0.12 * (toHole + past) + 1, NEAR)
  })
  test('front audio: 471 of an assumed 550 ± 50: measure, and from 571 it passes', () => {
    // (315, 200, 42): 2 down, over the end of the disk at (213, 161), to the lower hole; down to 14,
    // along the lower edge of the board at 15, and square into it, up to (20, 20); 20 slack.
    const way =
      2 + Math.hypot(102, 39) + Math.hypot(31, 121) + 26 + Math.hypot(12, 25) + 150 + 5 + 5.9
    const f = finding(then(plover), 'routes/lead-length:case:board:case/audio-hd')
    expect(f).toMatchObject({ verdict: 'measure', have: 550 })
    expect(f.need).toBeCloseTo(way + 20, NEAR)
    expect(f.tol).toBeCloseTo(50 + 5 + 40 + 0.12 * way, NEAR)
    const passes = f.settles[0]?.passes?.value ?? 0
    // 471.2 + 5 + 40 + 54.1 + 0.5
    expect(passes).toBeCloseTo((f.need ?? 0) + 5 + 40 + 0.12 * way + 0.5, NEAR)
    const settled = change(plover, measure('case', 'leads.4.length', passes + 9))
    expect(flipped(plover, settled)).toEqual([f.id])
  })
  test('a loose lead goes from socket to socket', () => {
    // (217, 153, 31.4) out by 7 and around the supply at (211, 139), to the lower hole; to SATA1.
    const way = 7 + Math.hypot(6, 7) + Math.hypot(29, 99) + 8.6 + 26 + Math.hypot(22, 5) + 5.9
    expect(route('sata/board')?.need).toBeCloseTo(way + 20, NEAR)
    // One of 60 does not reach: more than 140 short.
    const short = then(
      change(
        plover,
        { do: 'swapPart', id: 'sata', part: part('hollin-sata-150'), figures: {} },
        measure('sata', 'length', 60),
      ),
    )
    expect(finding(short, 'joints/unmet:disk:disk/data')).toMatchObject({
      verdict: 'stop',
      sentence: expect.stringMatching(/ends 142 mm short of SATA/) as string,
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
    const round = route('supply/main.1', walled(['wall-high']))
    expect(round?.through).toEqual(['upper hole in the middle wall'])
    expect(round?.need).toBeGreaterThan(route('supply/main.1')?.need ?? Infinity)
    expect(finding(then(walled([])), 'joints/unmet:board:board/main').sentence).toMatch(
      /no hole leads/,
    )
  })
  test('where bodies leave no way that is known it is asked, and nothing stops', () => {
    const pc = part('fenwright-reedbox-12') as { pieces: object[] } & object
    // A block from wall to wall before the supply's plugs.
    const box = {
      ...{ key: 'box', label: 'box', piece: 'cage', fixed: true },
      ...{ begins: { x: 186 }, ends: { x: 214 } },
    }
    const boxed = change(plover, {
      ...{ do: 'swapPart', id: 'case', figures: {} },
      part: { ...pc, pieces: [...pc.pieces, box] },
    })
    expect(finding(then(boxed), 'routes/lead-length:supply:board:supply/main.1')).toMatchObject({
      verdict: 'measure',
      sentence:
        '24-pin main power of the S300 to PWR1 of the Inlet 2: what stands there leaves no way that is known',
    })
    expect(
      then(boxed)
        .findings.filter(f => f.rule === 'joints/unmet')
        .map(f => f.id),
    ).toEqual([])
  })
  test('a derived layout is assumed, ± 15', () => {
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
  const opening = (key: string, at: Vec3): Opening => ({
    ...{ key, label: key, at, joins: ['a', 'b'], width: 30, height: 30 },
  })
  const box: Layout = {
    inner: { x: 200, y: 100, z: 50, behind: 0 },
    tray: [0, 0, 0],
    supply: [0, 0, 0],
    leadsFrom: [0, 0, 0],
    rooms: [
      { key: 'a', min: [0, 0, 0], max: [100, 100, 50] },
      { key: 'b', min: [100, 0, 0], max: [200, 100, 50] },
    ],
    assumed: false,
    boardUnsure: 0,
    bayEnds: [],
    ties: null,
    channels: [],
    openings: [
      { ...opening('near', [100, 50, 25]), width: 20, height: 15 },
      { ...opening('far', [100, 95, 25]), width: 50, height: 40 },
    ],
  }
  test('a head goes through either way round, or not at all', () => {
    // Of 4.2 mm pitch: the whole 24-pin is 51.6 × 14, its 20 43.2 × 14, the processor’s eight 18 × 14.
    expect([
      passes({ width: 52, height: 14 }, 'main-24'),
      passes({ width: 14, height: 52 }, 'main-24'),
      passes({ width: 46, height: 14 }, 'main-24'),
      passes({ width: 46, height: 14 }, 'main-20'),
      passes({ width: 40, height: 40 }, 'main-20'),
      passes({ width: 20, height: 15 }, 'cpu-8'),
    ]).toEqual([true, true, false, true, false, true])
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
  )('without the %s its leads go another way, or none', (label, key) => {
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
      else expect(without.routes.find(r => r.id === lead.id)?.through).not.toContain(label)
    }
  })
  test('the 24-pin goes behind the tray, by the hole beside its socket', () => {
    // From its socket at (160, 8 + 64, 170 − 36): 4 out, down to 14, to the opening behind the supply at
    // (187.5, 55), 14 and 8 in; slanting to (262, 330), 8 and 14 out, to (238, 360), 5.9 down; 20 slack.
    const way =
      4 + 120 + Math.hypot(23.5, 17) + 22 + Math.hypot(74.5, 275) + 22 + Math.hypot(24, 30) + 5.9
    const lead = whole.routes.find(r => r.id === 'supply/main.1')
    expect(lead?.through).toEqual(['opening behind the supply', 'middle side hole'])
    expect(lead?.need).toBeCloseTo(way + 20, 0)
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

test('the holes of the demos hold all leads, and none goes round for another', () => {
  for (const build of [avocet, plover, teal])
    expect(then(build).waysProved).toBe(
      'Proved: the holes hold all leads, and none goes round for another.',
    )
})
