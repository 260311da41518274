// Sums by hand for Plover, then both outcomes of every power rule.
import {
  altered,
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

const power = (build = plover) => {
  const [section] = then(build).power
  if (!section) throw new Error('no supply')
  return section
}

describe('loads of Plover, W', () => {
  // processor 65 / 0.88 = 73.8636; board 9 + 8 + 6; memory 2 × 4; stick 6; disk 3; fans 12 × 0.15
  // and 12 × 0.12
  const expected = {
    processor: 73.8636,
    board: 23,
    memory: 8,
    stick: 6,
    disk: 3,
    cooler: 1.8,
    fan: 1.44,
  }
  test.each(Object.entries(expected))('%s: %d', (item, watts) => {
    expect(power().loads.find(l => l.item === item)?.worst).toBeCloseTo(watts, 3)
  })
  test('rails: 12 V 73.8636 + 9 + 1.8 + 1.44; 5 V 8 + 8 + 3; 3.3 V 6 + 6', () => {
    expect(power().rails.map(r => [r.rail, r.worst, r.limit])).toEqual([
      ['12', expect.closeTo(86.1036, 3), 276],
      ['5', 19, 75],
      ['3.3', 12, 49.5],
    ])
    expect(power().worst).toBeCloseTo(86.1036 + 19 + 12, 3)
  })
  test('rest: processor 9 / 0.88, board 23 × 12 / 25, memory half, stick 1.5, disk 0.5, fans half', () => {
    // 10.2273 + 11.04 + 4 + 1.5 + 0.5 + 0.9 + 0.72
    expect(power().rest).toBeCloseTo(28.8873, 3)
  })
  test('what a line does not reach is counted and marked', () => {
    const loose = change(
      plover,
      altered(plover, 'supply', p => ({ cables: (p['cables'] as readonly object[]).slice(0, 2) })),
    )
    expect(power(loose).loads.find(l => l.item === 'disk')).toMatchObject({ fed: false, worst: 3 })
  })
  test('plugs: one of two SATA plugs is used, the halved one counts as used', () => {
    expect(power().plugs.map(p => [p.face, p.used, p.there])).toEqual([
      ['main-24', 1, 1],
      ['cpu-8', 1, 1],
      ['sata-power', 1, 2],
    ])
  })
})

describe('schools: lean 1.15 ×, roomy 1.33 × worst; quiet: work in 40 to 60 % of the label', () => {
  test('the three on 300 W', () => {
    const [lean, roomy, quiet] = power().schools
    expect(lean).toMatchObject({
      verdict: 'clear',
      need: expect.closeTo(117.1036 * 1.15, 3) as number,
      have: 300,
    })
    expect(roomy).toMatchObject({
      verdict: 'clear',
      need: expect.closeTo(117.1036 * 1.33, 3) as number,
    })
    // work: 38 / 0.88 + 23 + 8 + 6 + 3 + 1.8 + 1.44 = 86.42 of 120 to 180
    expect(quiet).toMatchObject({
      verdict: 'watch',
      band: { work: expect.closeTo(86.4218, 3) as number, low: 120, high: 180 },
    })
  })
  test('lean passes where roomy stops: a label measured as 144 W', () => {
    // 134.7 ± 8.1 and 155.7 ± 9.4: the sum, its 3 %, and how far off the converters may be
    const small = change(plover, measure('supply', 'watts', 144, 'W', 0))
    expect(
      power(small)
        .schools.map(s => s.verdict)
        .slice(0, 2),
    ).toEqual(['clear', 'stop'])
    expect(
      finding(then(change(small, { do: 'chooseSchool', school: 'roomy' })), 'power/supply-size')
        .verdict,
    ).toBe('stop')
    expect(flipped(plover, small)).toEqual([])
  })
  test('its figure flips exactly it', () => {
    expect(flipped(plover, change(plover, measure('supply', 'watts', 100, 'W', 0)))).toEqual([
      'power/supply-size:supply:lean',
    ])
  })
  test('quiet is watched, never stopped', () => {
    expect(
      finding(then(change(plover, { do: 'chooseSchool', school: 'quiet' })), 'power/supply-size'),
    ).toMatchObject({ verdict: 'watch', id: 'power/supply-size:supply:quiet' })
  })
})

describe('power/rail', () => {
  test.each([
    ['rails.W12', 76, 'power/rail:supply:12'], // 86.1 > 76, however the converters do
    ['rails.W5', 15, 'power/rail:supply:5'], // 19 > 15
    ['rails.W3', 10, 'power/rail:supply:3.3'], // 12 > 10
    ['rails.combined', 28, 'power/rail:supply:combined'], // 31 > 28
  ])('%s at %d W stops exactly %s', (path, watts, id) => {
    expect(finding(then(plover), id).verdict).toBe('clear')
    const weak = change(plover, measure('supply', path, watts, 'W', 0))
    expect(finding(then(weak), id).verdict).toBe('stop')
    expect(flipped(plover, weak)).toEqual([id])
  })
})

describe('power/plug', () => {
  const id = 'power/plug:supply:board:supply/cpu.1a~board/cpu-power'
  test('four contacts: 73.9 of 168 W', () => {
    expect(finding(then(plover), id)).toMatchObject({
      verdict: 'clear',
      need: expect.closeTo(73.8636, 3) as number,
      have: 168,
    })
  })
  test('160 W sustained are 181.8 W of 12 V: more than custom allows four contacts, clear through eight', () => {
    const hot = measure('processor', 'power.sustained', 160, 'W', 0)
    // What four contacts stand is custom, no standard: by itself it stops nothing.
    expect(finding(then(change(plover, hot)), id).verdict).toBe('measure')
    // The low cooler carries 95 W away.
    expect(flipped(plover, change(plover, hot))).toEqual([
      'fit/cooler-capacity:processor:cooler',
      id,
    ])
    expect(
      finding(
        then(change(plover, swap('board', 'saltpan-inlet-3'), hot)),
        'power/plug:supply:board:supply/cpu.1~',
      ).verdict,
    ).toBe('clear')
  })
  test('not stated: measure, up to what it passes', () => {
    const unsaid = change(plover, {
      do: 'swapPart',
      id: 'processor',
      part: { ...part('quillmark-t2-65'), power: {} },
      figures: {},
    })
    // 168 × 0.88 = 147.84; the next tenth below is 147.8
    expect(finding(then(unsaid), id)).toMatchObject({ verdict: 'measure' })
    expect(finding(then(unsaid), id).settles[0]?.passes).toEqual({ side: 'most', value: 147.8 })
  })
})

describe('moment by moment', () => {
  const [supply] = then(avocet).power
  const watts = (label: string) => supply?.moments.find(m => m.label === label)

  test('long moments stand against the rating, short ones against what is ridden through', () => {
    expect(watts('working')?.watts).toBeCloseTo(supply?.work ?? 0)
    expect(watts('worst for long')).toMatchObject({ limit: supply?.label })
    // For 100 µs a card of 310 W may take three times that: 2 × 310 W more than for long.
    const more = (watts('for 100 µs')?.watts ?? 0) - (watts('worst for long')?.watts ?? 0)
    expect(more).toBeCloseTo(620, 0)
    expect(watts('for 100 µs')?.limit).toBeGreaterThan(supply?.label ?? 0)
  })
  test('disks that spin up draw more than at rest', () => {
    expect(watts('first seconds, disks spin up')?.watts).toBeGreaterThan(
      watts('at rest')?.watts ?? 0,
    )
  })
})
