import {
  avocet,
  change,
  finding,
  flipped,
  measure,
  part,
  plover,
  swap,
  then,
} from '../test-helpers/demos'

const joined = (build = plover) =>
  new Map(then(build).joints.map(j => j.id.split('~') as [string, string]))

describe('Plover’s joints', () => {
  test('every plug has its socket; of the two audio plugs exactly one, the newer', () => {
    const j = joined()
    expect(j.get('case/audio-hd')).toBe('board/audio')
    expect(j.has('case/audio-97')).toBe(false)
    expect([j.get('cooler/fan'), j.get('fan/lead')]).toEqual(['board/cpu-fan', 'board/sys-fan'])
  })
  test('four contacts from the 4+4 lead: a half, not the whole', () => {
    const j = joined()
    expect(j.get('supply/cpu.1a')).toBe('board/cpu-power')
    expect(j.has('supply/cpu.1') || j.has('supply/cpu.1b')).toBe(false)
  })
  test('on a board with eight contacts the whole plug goes in', () => {
    expect(joined(change(plover, swap('board', 'saltpan-inlet-3'))).get('supply/cpu.1')).toBe(
      'board/cpu-power',
    )
  })
  test('modules by the board’s table: B1 before A1; one module alone takes B1', () => {
    const single = change(plover, {
      do: 'swapPart',
      id: 'memory',
      part: { ...part('merewick-d5-2x8'), modules: 1 },
      figures: {},
    })
    expect(joined(single).get('memory/module-1')).toBe('board/memory-B1')
    expect([joined().get('memory/module-1'), joined().get('memory/module-2')].sort()).toEqual([
      'board/memory-A1',
      'board/memory-B1',
    ])
  })
  test('a loose lead joins at both ends or at none', () => {
    expect([joined().get('sata/board'), joined().get('sata/device')]).toEqual([
      'board/sata-1',
      'disk/data',
    ])
    const j = joined(change(plover, { do: 'removeItem', id: 'disk' }))
    expect([j.has('sata/board'), j.has('sata/device')]).toEqual([false, false])
  })
  test('a socket that another sheet spells otherwise is the same', () => {
    const cooler = plover.items.find(item => item.id === 'cooler')?.part
    if (cooler?.kind !== 'cooler') throw new Error('no cooler')
    const spelt = change(plover, {
      do: 'swapPart',
      id: 'cooler',
      part: { ...cooler, sockets: ['Socket Tern 2'] },
      figures: {},
    })
    expect(joined(spelt).get('cooler/mount')).toBe('board/cooler')
    expect(joined(spelt)).toEqual(joined())
  })
  test('nine standoffs are one joint with a count: here four', () => {
    expect(then(plover).joints.find(j => j.id === 'board/mount~case/tray')?.count).toBe(4)
  })
  test('a copy of several that is measured stays where it is, and so do the others', () => {
    // Avocet has fans of one model. What one of them really draws is no reason to plug them
    // otherwise.
    const placed = joined(avocet)
    for (const [path, unit, value] of [
      ['amps', 'A', 0.17],
      ['lead', 'mm', 652],
    ] as const) {
      for (const fan of ['fan-2', 'fan-3', 'fan-5'])
        expect(joined(change(avocet, measure(fan, path, value, unit)))).toEqual(placed)
    }
  })
  test('removing one item changes no joint but its own', () => {
    for (const id of ['fan', 'disk', 'memory', 'stick']) {
      const after = joined(change(plover, { do: 'removeItem', id }))
      for (const [plug, socket] of after) expect([plug, joined().get(plug)]).toEqual([plug, socket])
    }
  })
})

describe('what finds no partner is short, with the reason', () => {
  test.each([
    [
      'a board too large for the tray',
      swap('board', 'saltpan-estuary-7'),
      'joints/unmet:board:board/mount',
      /takes form Mini-ITX, not ATX/,
    ],
    [
      'a processor for another socket',
      swap('processor', 'quillmark-k5-45'),
      'joints/unmet:processor:processor/seat',
      /takes socket TERN-2, not KNOT-5/,
    ],
    [
      'memory of another generation',
      swap('memory', 'merewick-d4-2x8'),
      'joints/unmet:memory:memory/module-1',
      /takes type DDR5, not DDR4/,
    ],
    [
      'a supply of another form',
      swap('supply', 'dunlin-a550'),
      'joints/unmet:supply:supply/mount',
      /takes form SFX or SFX-L, not ATX/,
    ],
    [
      'a disk that finds no bay',
      swap('disk', 'sedgeline-r3-4000'),
      'joints/unmet:disk:disk/bay',
      /takes size 2.5, not 3.5/,
    ],
    [
      'a fan too large for its place',
      swap('fan', 'ottery-breeze-120'),
      'joints/unmet:fan:fan/frame',
      /takes size 80, not 120/,
    ],
    [
      'a disk without a data lead',
      { do: 'removeItem', id: 'sata' },
      'joints/unmet:disk:disk/data',
      /no plug for SATA data/,
    ],
  ])('%s', (_, ask, id, sentence) => {
    const found = finding(then(change(plover, ask)), id)
    expect(found.verdict).toBe('stop')
    expect(found.sentence).toMatch(sentence)
  })

  test('a port too many: every one that fits is taken', () => {
    const two = change(plover, {
      do: 'addItem',
      item: { id: 'fan-2', part: part('ottery-breeze-80') },
    })
    // One place for an 80 mm fan; two 4-pin headers, of which the cooler has one.
    expect(finding(then(two), 'joints/unmet:fan-2:fan-2/lead').sentence).toMatch(/is taken by/)
  })

  test('what should be joined is a stop until it is left open with a reason, then watch', () => {
    const front = change(plover, {
      do: 'swapPart',
      id: 'board',
      part: {
        ...part('saltpan-inlet-2'),
        headers: (part('saltpan-inlet-2') as { headers: { key: string }[] }).headers.filter(
          h => h.key !== 'usb3',
        ),
      },
      figures: {},
    })
    const id = 'joints/unmet:case:case/usb'
    expect(finding(then(front), id).verdict).toBe('stop')
    const open = change(front, { do: 'leaveOpen', id: 'case/usb', reason: 'rear ports will do' })
    expect([finding(then(open), id).verdict, finding(then(open), id).wayOut]).toEqual([
      'watch',
      'Left open: rear ports will do',
    ])
    expect(flipped(front, open)).toEqual([id])
  })

  test('a lead that ends short is no partner, and says by how much', () => {
    // 24-pin: 132.2 by the lower hole + 20 slack = 152.2 needed; 85 measured ± 0.5, the way ± 5, 40
    // and 12 % of it: short by 67.2, more than 61.4
    const short = change(plover, measure('supply', 'cables.0.length', 85))
    expect(finding(then(short), 'joints/unmet:board:board/main').sentence).toMatch(
      /ends 67 mm short of PWR1/,
    )
  })
})

test('what is made stays joined, even where a better plan would join otherwise', () => {
  const made = change(plover, { do: 'make', ids: ['fan/lead~board/cpu-fan'] })
  const j = joined(made)
  expect([j.get('fan/lead'), j.get('cooler/fan')]).toEqual(['board/cpu-fan', 'board/sys-fan'])
  expect(
    joined(change(plover, { do: 'pinJoint', plug: 'fan/lead', socket: 'board/cpu-fan' })).get(
      'fan/lead',
    ),
  ).toBe('board/cpu-fan')
})

test('a pin to something that is gone is no hindrance', () => {
  expect(
    joined(change(plover, { do: 'pinJoint', plug: 'fan/lead', socket: 'ghost/fan' })).get(
      'fan/lead',
    ),
  ).toBe('board/sys-fan')
})

describe('joints/joined', () => {
  const leads = (keys: string[]) => {
    const pc = part('fenwright-reedbox-12') as { leads: { key: string }[] } & object
    return { ...pc, leads: pc.leads.filter(l => keys.includes(l.key)) }
  }
  const newer = 'joints/joined:case:board:case/audio-hd~board/audio'
  test('same shape into same shape is clear; the older audio plug on the newer header is watched', () => {
    expect(finding(then(plover), newer).verdict).toBe('clear')
    const older = change(plover, {
      do: 'swapPart',
      id: 'case',
      part: leads(['power-switch', 'power-light', 'disk-light', 'usb', 'audio-97']),
      figures: { 'standoffs.supplied': { pcs: 3, basis: 'measured' } },
    })
    expect(
      finding(then(older), 'joints/joined:case:board:case/audio-97~board/audio'),
    ).toMatchObject({
      verdict: 'watch',
      sentence: expect.stringMatching(/works here without jack sensing/) as string,
    })
  })
  test('a four into a socket of eight is watched: half of it stays empty', () => {
    const four = part('dunlin-s300') as { cables: { key: string }[] } & object
    const half = change(plover, swap('board', 'saltpan-inlet-3'), {
      do: 'swapPart',
      id: 'supply',
      part: {
        ...four,
        cables: four.cables.map(c =>
          c.key === 'cpu' ? { key: 'cpu', length: 350, plugs: [{ face: 'cpu-4' }] } : c,
        ),
      },
      figures: {},
    })
    expect(
      finding(then(half), 'joints/joined:supply:board:supply/cpu.1~board/cpu-power'),
    ).toMatchObject({ verdict: 'watch', sentence: expect.stringMatching(/168 W/) as string })
  })
})

describe('current of a header', () => {
  test('0.15 A of 1 A is clear; 1.2 A destroys', () => {
    const id = 'joints/header-current:cooler:board'
    expect(finding(then(plover), id)).toMatchObject({
      verdict: 'clear',
      need: 0.15,
      have: 1,
      margin: 0.85,
    })
    const strong = change(plover, measure('cooler', 'fan.amps', 1.2, 'A', 0))
    expect(finding(then(strong), id).verdict).toBe('harm')
    expect(flipped(plover, strong)).toEqual([finding(then(plover), id).id])
  })
})
