// Avocet does not come out clean: each matter planted in it, its sum written out, and the figure
// that removes exactly it.
import { analyse } from './analyse'
import {
  altered,
  avocet,
  change,
  finding,
  measure,
  opened,
  swap,
  then,
  type Sent,
} from '../test-helpers/demos'

const h = then(avocet)
const matters = (verdict: string) => h.findings.filter(f => f.verdict === verdict).map(f => f.id)
/** Of a card so short the capture card covers more than half: it stands before its fans. */
const SHORT_CARD = 'air/room:card:capture'
/** The matter goes, and nothing else changes. */
const removesExactly = (ids: string | readonly string[], ...commands: readonly Sent[]): void =>
  expect(opened(avocet, change(avocet, ...commands))).toEqual({
    gone: [ids].flat().sort(),
    come: [],
  })

/** Cables of the supply go around the card: where that ends, another plug of theirs may be nearer. */
const butForChains = ({ gone, come }: ReturnType<typeof opened>): ReturnType<typeof opened> => {
  const isOther = (id: string): boolean => !id.startsWith('routes/lead-length:supply:')
  return { gone: gone.filter(isOther), come: come.filter(isOther) }
}

test('one harm, four stops, what is to be measured, and what works at a price or just so', () => {
  expect(matters('harm')).toEqual(['fit/standoff-stray:board:case'])
  expect(matters('stop')).toEqual([
    'joints/unmet:case:case/usb-b',
    'joints/unmet:disk-4:disk-4/data',
    'joints/unmet:strip-12:strip-12/lead',
    'routes/lead-length:sata-optical:optical:board:sata-optical/board',
  ])
  expect(matters('measure')).toEqual([
    'fit/cooler-height:cooler:case',
    'power/supply-size:supply:roomy',
    'power/surge:supply:roomy',
    'routes/lead-length:sata-1:disk-1:board:sata-1/board',
    'routes/lead-length:supply:board:supply/main.1',
    'routes/lead-length:supply:disk-3:supply/sata-2.4',
  ])
  expect(matters('watch')).toEqual([
    'air/balance:case',
    'fit/card-plug:card:case',
    'fit/covered:card:board:covered:ports',
    'fit/covered:work-stick:board:switched off:ports',
    'fit/firmware:processor:board',
    'fit/memory-speed:memory:board',
    'joints/on-the-way:fan-hub',
    'panel/plug-width:case:board:power-light',
    // carried over, and nobody knows
    'proof/condition:optical',
    'routes/blades:fan-1',
    'routes/blades:fan-4',
  ])
  expect(matters('tight')).toEqual(['fit/cooler-over-memory:memory:cooler'])
  expect(h.exact).toBe(true)
})

describe('harm: standoffs of a smaller board', () => {
  const id = 'fit/standoff-stray:board:case'
  test('fitted B C F H J L M R S; this board has A C F G H J K L M: B, R, S stand under it', () => {
    expect(finding(h, id).sentence).toBe(
      'Standoffs of the Longreed 52 at B, R, S stand under the Lagoon 6 where it has no hole',
    )
  })
  test('gone once they are taken out, by the sheet or at the bench', () => {
    // Taken out, they are no longer in the bag: the three that are missing are bought.
    removesExactly(
      id,
      altered(avocet, 'case', p => ({
        standoffs: {
          ...(p['standoffs'] as object),
          fitted: ['C', 'F', 'H', 'J', 'L', 'M'],
          supplied: 3,
        },
      })),
    )
    removesExactly(id, { do: 'make', ids: ['task:standoffs:board'], title: 'Set the standoffs' })
  })
})

describe('stop: the second wide USB lead', () => {
  const id = 'joints/unmet:case:case/usb-b'
  test('two wide leads, one header', () => {
    expect(finding(h, id)).toMatchObject({
      verdict: 'stop',
      sentence:
        'Front USB, right pair of the Longreed 52: no free USB 3 header; USB3_A is taken by front USB, left pair',
    })
    expect(finding(h, id).because).toEqual([
      {
        fact: 'asks for',
        value: 'USB 3 header',
        basis: 'standard',
        source: 'USB 2.0 and 3.2 header guides',
      },
      {
        fact: 'USB3_A of the Lagoon 6',
        value: 'taken by front USB, left pair of the Longreed 52',
        basis: 'plan',
        source: '',
      },
    ])
  })
  test('a second header removes exactly it', () => {
    removesExactly(
      id,
      altered(avocet, 'board', p => ({
        headers: [
          ...(p['headers'] as object[]),
          { key: 'usb3-b', face: 'usb-3', label: 'USB3_B', at: [238, 175] },
        ],
      })),
    )
  })
})

describe('stop: the fourth disk', () => {
  const id = 'joints/unmet:disk-4:disk-4/data'
  test('eight ports, two switched off by M2_2, two under the card: four for five drives', () => {
    expect(finding(h, id).sentence).toBe(
      'Data of the R3 8 TB (4): no plug for it; no port is left for its lead: SATA5, SATA6 are ' +
        'switched off while M2_2 is in use; SATA7, SATA8 lie under the card in PCIE_1; ' +
        'SATA1, SATA2, SATA3, SATA4 are taken',
    )
    expect(
      finding(h, id)
        .because.filter(b => b.basis === 'plan')
        .map(b => b.fact),
    ).toEqual([1, 2, 3, 4].map(n => `SATA${n} of the Lagoon 6`))
    expect(8 - 2 - 2).toBe(
      h.joints.filter(j => j.face === 'sata-data' && j.to.startsWith('Lagoon 6')).length,
    )
  })
  test('one more port removes exactly it', () => {
    removesExactly(
      id,
      altered(avocet, 'board', p => ({
        headers: [
          ...(p['headers'] as object[]),
          { key: 'sata-9', face: 'sata-data', label: 'SATA9', at: [243, 262], points: 'side' },
        ],
      })),
    )
  })
  test('so does each of the causes, with what it says itself', () => {
    removesExactly(
      [id, 'fit/covered:work-stick:board:switched off:ports'],
      altered(avocet, 'board', p => ({
        m2: (p['m2'] as object[]).map(slot => ({ ...slot, shuts: [] })),
      })),
    )
    // The ports stand at x = 226: a card of 210 ends before them.
    const shorter = change(avocet, measure('card', 'length', 210))
    expect(butForChains(opened(avocet, shorter))).toEqual({
      gone: ['fit/covered:card:board:covered:ports', id].sort(),
      come: [SHORT_CARD],
    })
  })
})

describe('stop: a 12 V strip beside a 5 V header', () => {
  const id = 'joints/unmet:strip-12:strip-12/lead'
  test('the header and the hub’s places look alike; the strip would stay dark', () => {
    expect(finding(h, id)).toMatchObject({
      verdict: 'stop',
      sentence:
        'Lights lead of the Glow strip 12 V: no free 12 V RGB header; LED_1, lights 1, lights 2 and 2 ' +
        'more look alike, but: a 12 V RGB strip stays dark on 5 V',
    })
  })
  test('put there by hand it is a stop; a 5 V strip on 12 V, and the processor’s plug in the card, are harm', () => {
    const dark = then(
      change(avocet, { do: 'pinJoint', plug: 'strip-12/lead', socket: 'board/led-1' }),
    )
    expect(finding(dark, 'joints/joined:strip-12:board')).toMatchObject({
      verdict: 'stop',
      sentence:
        'Lights lead of the Glow strip 12 V in LED_1 of the Lagoon 6: a 12 V RGB strip stays dark on 5 V',
    })
    const board12 = altered(avocet, 'board', p => ({
      headers: (p['headers'] as { key: string }[]).map(x =>
        x.key === 'led-1' ? { ...x, face: 'light-12' } : x,
      ),
    }))
    const dead = then(
      change(avocet, board12, { do: 'pinJoint', plug: 'strip-1/lead', socket: 'board/led-1' }),
    )
    expect(finding(dead, 'joints/joined:strip-1:board')).toMatchObject({
      verdict: 'harm',
      sentence: expect.stringMatching(/12 V on a 5 V strip: the strip dies/) as string,
    })
    const crossed = then(
      change(avocet, { do: 'pinJoint', plug: 'supply/card-1.1', socket: 'board/cpu-power' }),
    )
    expect(finding(crossed, 'joints/joined:supply:board:supply/card-1.1')).toMatchObject({
      verdict: 'harm',
      sentence: expect.stringMatching(/wired the opposite way/) as string,
    })
  })
  test('a strip of 5 V in its place removes exactly it, and its own watts of 12 V', () => {
    removesExactly([id, 'power/surge:supply:roomy'], swap('strip-12', 'hollin-glow-strip-5'))
  })
})

/**
 * At the worst moment, W: board, processor behind converters of 88 %, its fan, memory, cards,
 * sticks, disks, disc, reader, fans, strips.
 */
const WORST =
  12 +
  8 +
  8 +
  142 / 0.88 +
  0.2 * 12 +
  2 * 4.5 +
  310 +
  24 +
  2 * 7.5 +
  4 * 7.5 +
  18 +
  2 +
  5 * 0.18 * 12 +
  2 * 1.2 * 5 +
  1 * 12

describe('measure: what the graphics card takes for moments', () => {
  const id = 'power/surge:supply:roomy'
  test('three times its draw for 100 µs: 634.6 + 2 × 310 of 850 × 1.5; the small card does not surge', () => {
    const need = WORST + 2 * 310
    expect(finding(h, id).need).toBeCloseTo(need, 4)
    expect(finding(h, id)).toMatchObject({ verdict: 'measure', have: 850 * 1.5, assumed: true })
    expect(finding(h, id).margin).toBeCloseTo(850 * 1.5 - need, 4)
    // 3 % of each figure with its part in the sum; the graphics card’s own ± 3, three times; a
    // quarter of what the processor’s converters keep.
    const sheet = 28 + 142 / 0.88 + 2.4 + 9 + 24 + 15 + 30 + 18 + 2 + 10.8 + 12 + 12
    const converters = 0.25 * 142 * (1 / 0.88 - 1)
    expect(finding(h, id).tol).toBeCloseTo(0.03 * sheet + 3 * 3 + converters, 4)
  })
  test('lean counts the largest alone, and so the same', () => {
    const lean = then(change(avocet, { do: 'chooseSchool', school: 'lean' }))
    expect(finding(lean, 'power/surge:supply:lean').need).toBeCloseTo(WORST + 2 * 310, 4)
    expect(finding(lean, 'power/supply-size:supply:lean').verdict).toBe('clear')
  })
  test('a supply with a 16-contact plug of its own rides through twice its label: exactly it is gone', () => {
    removesExactly(
      id,
      altered(avocet, 'supply', p => ({
        cables: [
          ...(p['cables'] as object[]),
          { key: 'card-16', length: 100, plugs: [{ face: 'card-16' }] },
        ],
      })),
    )
  })
})

describe('stop: the lead of the optical drive', () => {
  const id = 'routes/lead-length:sata-optical:optical:board:sata-optical/board'
  test('from (260, 453, 73.135) to SATA4 at (243, 245, 8.1): 273.8 and 20 slack, of 150: 143.8 short', () => {
    // 7 out behind the drive (4 clear of its plugs' side at 450), down to 14, slanting along the board
    // and down to the socket.
    const way = 453 - (449.925 - 4) + (73.135 - 14) + Math.hypot(17, 445.925 - 245) + (14 - 8.1)
    expect(finding(h, id)).toMatchObject({
      verdict: 'stop',
      have: 150,
      where: { from: [260, 453, 73.135], to: [243, 245, 8.1] },
    })
    expect(finding(h, id).need).toBeCloseTo(way + 20, 0)
    expect(finding(h, id).margin).toBeCloseTo(150 - way - 20, 0)
    // A way that was worked out is good to 5 for its places, 40, and 12 %; the lead to 1.
    expect(finding(h, id).tol).toBeCloseTo(5 + 40 + 0.12 * way + 1, 0)
  })
  test('a lead of 410 removes exactly it', () =>
    removesExactly(id, measure('sata-optical', 'length', 410)))
})

describe('measure: the cooler under the panel', () => {
  const id = 'fit/cooler-height:cooler:case'
  test('165 of an assumed 172 ± 8: margin 7 within 1 + 8; fits if at least 165 + 1 + 0.5, the next tenth', () => {
    expect(finding(h, id)).toMatchObject({
      need: 165,
      have: 172,
      margin: 172 - 165,
      tol: 1 + 8,
      assumed: true,
    })
    expect(finding(h, id).settles[0]).toMatchObject({
      item: 'case',
      path: 'coolerRoom',
      passes: { side: 'least', value: 166.6 },
    })
  })
  test('measured there it is settled, exactly it; a tenth less and it is not', () => {
    removesExactly(id, measure('case', 'coolerRoom', 166.6))
    expect(finding(then(change(avocet, measure('case', 'coolerRoom', 166.5))), id).verdict).toBe(
      'tight',
    )
  })
})

describe('watch: what the card and the stick take away', () => {
  const card = 'fit/covered:card:board:covered:ports'
  const stick = 'fit/covered:work-stick:board:switched off:ports'
  test('the card covers SATA7 and SATA8, the stick in M2_2 switches off SATA5 and SATA6', () => {
    expect(finding(h, card).sentence).toBe(
      'Spindrift 310 in PCIE_1 covers SATA7 and SATA8 of the Lagoon 6',
    )
    expect(finding(h, stick).sentence).toBe(
      'N5 2 TB in M2_2 switches off SATA5 and SATA6 of the Lagoon 6',
    )
  })
  test('where no disk waits for a port, each figure removes exactly its own', () => {
    const without = change(avocet, { do: 'setState', id: 'disk-4', state: 'spare' })
    const removed = (...commands: readonly Sent[]) => opened(without, change(without, ...commands))
    expect(butForChains(removed(measure('card', 'length', 210)))).toEqual({
      gone: [card],
      come: [SHORT_CARD],
    })
    expect(
      removed(
        altered(avocet, 'board', p => ({
          m2: (p['m2'] as object[]).map(slot => ({ ...slot, shuts: [] })),
        })),
      ),
    ).toEqual({ gone: [stick], come: [] })
  })
  test('the plug on the card: 140 + 35 + 6.5 + 1.6 + 12 = 195.1 of 190: it bends', () => {
    const id = 'fit/card-plug:card:case'
    expect(finding(h, id)).toMatchObject({ have: 190 })
    expect(finding(h, id).need).toBeCloseTo(140 + 35 + 6.5 + 1.6 + 12, 6)
    expect(finding(h, id).tol).toBeCloseTo(1 + 0.5 + 0.25 + 2 + 1, 6)
    removesExactly(id, measure('card', 'height', 130))
  })
})

test('watch: firmware 1.04, the processor is known from 1.10 on', () => {
  expect(finding(h, 'fit/firmware:processor:board').sentence).toBe(
    'Firmware 1.04 of the Lagoon 6 is older than the T2-105N: known from 1.10 on',
  )
  removesExactly(
    'fit/firmware:processor:board',
    altered(avocet, 'board', p => ({
      firmware: { ...(p['firmware'] as object), version: '1.10' },
    })),
  )
  // 1.9 comes before 1.10: versions are counted part by part.
  expect(
    opened(
      avocet,
      change(
        avocet,
        altered(avocet, 'board', p => ({
          firmware: { ...(p['firmware'] as object), version: '1.9' },
        })),
      ),
    ).gone,
  ).toEqual([])
})

test('watch: memory of 6000 where two modules run at 5600', () => {
  expect(finding(h, 'fit/memory-speed:memory:board')).toMatchObject({
    need: 6000,
    have: 5600,
    margin: 5600 - 6000,
  })
  removesExactly('fit/memory-speed:memory:board', measure('memory', 'speed', 5600, 'MTs'))
})

test('watch: a power light three wide on two pins', () => {
  removesExactly(
    'panel/plug-width:case:board:power-light',
    altered(avocet, 'case', p => ({
      leads: (p['leads'] as { key: string }[]).map(l =>
        l.key === 'power-light' ? { ...l, wide: 2 } : l,
      ),
    })),
  )
})

test('tight: 44 of memory under 45 of room, each ± 1; measured at 45.6 it passes', () => {
  const id = 'fit/cooler-over-memory:memory:cooler'
  expect(finding(h, id)).toMatchObject({ need: 44, have: 45, margin: 45 - 44, tol: 1 + 1 })
  expect(finding(h, id).settles.map(s => [s.path, s.passes?.value])).toEqual([
    ['memoryRoom', 45.6],
    ['height', 43.4],
  ])
  removesExactly(id, measure('cooler', 'memoryRoom', 45.6))
})

test('measure: a third more than 634.6 is 844.0 of 850, and how good the converters are is assumed', () => {
  const id = 'power/supply-size:supply:roomy'
  expect(finding(h, id).need).toBeCloseTo(1.33 * WORST, 4)
  expect(finding(h, id).margin).toBeCloseTo(850 - 1.33 * WORST, 4)
  const both = [id, 'power/surge:supply:roomy']
  removesExactly(both, measure('processor', 'power.sustained', 130, 'W'))
})

describe('two horizons', () => {
  test('now, without what is wanted or for spring, there are ports enough, and no stick in M2_2', () => {
    const now = avocet.items.filter(i => i.state === 'have' || i.state === 'ordered').map(i => i.id)
    expect(['work-stick', 'disk-3', 'disk-4'].some(id => now.includes(id))).toBe(false)
    const open = (b = avocet) =>
      analyse(b)
        .horizons.now.findings.filter(f => f.verdict !== 'clear')
        .map(f => f.id)
    expect(open()).not.toContain('joints/unmet:disk-4:disk-4/data')
    expect(open()).not.toContain('fit/covered:work-stick:board:switched off:ports')
    expect(open()).toContain('fit/standoff-stray:board:case')
    // Bought, it counts at once.
    expect(open(change(avocet, { do: 'setState', id: 'work-stick', state: 'ordered' }))).toContain(
      'fit/covered:work-stick:board:switched off:ports',
    )
  })
  test('a finding accepted with a reason stays in sight, and no longer counts as open', () => {
    const accepted = then(
      change(avocet, { do: 'accept', id: 'fit/memory-speed:memory:board', reason: 'fast enough' }),
    )
    expect(finding(accepted, 'fit/memory-speed:memory:board').accepted?.reason).toBe('fast enough')
    expect(accepted.open.fit).toBe(h.open.fit - 1)
  })
})

describe('with another supply every way is tried to the end: no stop rests on a search that was left off', () => {
  // Counted with all ways tried: what stops are left with each, and how many joints are made.
  test.each([
    ['dunlin-a550', 10, 56],
    ['dunlin-a750g', 5, 61],
    ['teazle-t750p', 7, 60],
  ])('%s', (supply, stops, joints) => {
    const plan = then(change(avocet, swap('supply', supply)))
    expect([
      plan.exact,
      plan.findings.filter(f => f.verdict === 'stop').length,
      plan.joints.length,
    ]).toEqual([true, stops, joints])
  })
})
