// Fans that are fed by a drive's plug, by a header that only pulses, over splitters and hubs; coolers
// with several fans.
import type { Build } from '../../document/build'
import { part, then } from '../../test-helpers/demos'
import { buildFrom, type Fields } from '../../test-helpers/planted-machine'

const header = (key: string, more: Fields = {}): Fields => ({
  ...{ key, face: 'fan-4', label: key.toUpperCase(), amps: 2 },
  ...more,
})
const board = (...headers: readonly Fields[]): Fields => ({
  ...part('saltpan-inlet-3'),
  headers: [{ key: 'main', face: 'main-24', label: 'MAIN' }, ...headers],
})
const chain = (n: number, face = 'drive-4'): Fields => ({
  ...{ kind: 'supply', id: 's', model: 'Supply', form: 'ATX', watts: 600 },
  cables: [
    { key: 'main', plugs: [{ face: 'main-24' }] },
    { key: 'chain', gauge: 18, plugs: Array.from({ length: n }, () => ({ face })) },
  ],
})
const fan = (more: Fields): Fields => ({
  ...{ kind: 'fan', id: 'f', model: 'Fan', size: '120', amps: 0.2 },
  ...more,
})
const joined = (b: Build): Readonly<Record<string, string>> =>
  Object.fromEntries(then(b).joints.map(j => j.id.split('~') as [string, string]))
const told = (b: Build, rule: string) =>
  then(b)
    .findings.filter(f => f.rule === rule)
    .map(f => [f.verdict, f.sentence] as const)
/** Fans whose plug found no partner; of their frames nobody asks here. */
const unmet = (b: Build) =>
  then(b).findings.filter(
    f => /^joints\/unmet:fan-.*\/(lead|leads)$/.test(f.id) && f.verdict === 'stop',
  ).length

describe('a fan with two plugs, of which one is used', () => {
  const two = fan({ face: 'fan-4', other: { plug: 'drive-4' } })
  test('a header before a drive’s plug, where there is one', () => {
    const b = buildFrom(board(header('sys')), chain(1), two)
    expect(joined(b)).toMatchObject({ 'fan-2/lead': 'board-0/sys' })
    expect(unmet(b)).toBe(0)
  })
  test('the drive’s plug where headers run out: full speed, and nobody is told', () => {
    const b = buildFrom(board(), chain(1), two)
    expect(joined(b)).toMatchObject({ 'supply-1/chain.1': 'fan-2/other' })
    expect(unmet(b)).toBe(0)
    expect(told(b, 'joints/fan-speed')).toEqual([
      ['watch', expect.stringMatching(/full speed, and nobody is told/)],
    ])
  })
  test('its current hangs on the chain', () => {
    const strong = fan({ face: 'fan-4', amps: 3, other: { plug: 'drive-4' } })
    const b = buildFrom(board(), chain(1), strong)
    const [plug] = then(b).findings.filter(
      f => f.rule === 'power/plug' && f.parts.includes('fan-2'),
    )
    // 3 A of 12 V
    expect(plug?.need).toBeCloseTo(36, 1)
  })
})

test('a plug that hands on serves what comes behind it: two fans by one plug of the supply', () => {
  const through = fan({ face: 'drive-4', through: true })
  const b = buildFrom(board(), chain(1), through, fan({ face: 'drive-4' }))
  expect(unmet(b)).toBe(0)
  expect(Object.keys(joined(b)).filter(plug => plug.endsWith('/through'))).toHaveLength(1)
  // Without it one of them has no plug.
  expect(
    unmet(buildFrom(board(), chain(1), fan({ face: 'drive-4' }), fan({ face: 'drive-4' }))),
  ).toBe(1)
})

describe('what sets a fan’s speed', () => {
  test.each([
    ['fan-3', 'pulses', 'watch'],
    ['fan-3', 'voltage', 'clear'],
    ['fan-3', 'automatic', 'clear'],
    ['fan-4', 'pulses', 'clear'],
  ])('%s on a header that slows by %s: %s', (face, control, verdict) => {
    const b = buildFrom(board(header('sys', { control })), fan({ face }))
    expect(told(b, 'joints/fan-speed').map(([v]) => v)).toEqual([verdict])
  })
  test('of a header that does not say, nothing is said', () => {
    expect(
      told(buildFrom(board(header('sys')), fan({ face: 'fan-3' })), 'joints/fan-speed'),
    ).toEqual([])
  })
})

describe('on the way', () => {
  const splitter: Fields = {
    ...{ kind: 'adapter', id: 'y', model: 'Splitter' },
    inlets: [{ key: 'in', face: 'fan-4', label: 'plug' }],
    outlets: [1, 2].map(n => ({ key: `o${n}`, face: 'fan-4', label: `way ${n}` })),
  }
  const fans = [fan({ face: 'fan-4' }), fan({ face: 'fan-4' })]
  test('two fans on a splitter follow one speed, and one alone tells its own', () => {
    const b = buildFrom(board(header('sys')), splitter, ...fans)
    expect(told(b, 'joints/on-the-way')).toEqual([
      ['watch', expect.stringMatching(/2 fans follow one speed, and one alone tells/)],
    ])
  })
  test('a controller that reports all of them loses nothing', () => {
    const hub: Fields = {
      ...{ kind: 'hub', id: 'h', model: 'Hub', serves: 'fans', reports: 'all' },
      inlets: [{ key: 'in', face: 'fan-4', label: 'to the board' }],
      outlets: [1, 2].map(n => ({ key: `o${n}`, face: 'fan-4', label: `OUT${n}` })),
    }
    const b = buildFrom(board(header('sys')), hub, ...fans)
    expect(told(b, 'joints/on-the-way').map(([v]) => v)).toEqual(['clear'])
  })
  test('USB 2 in front of a wide lead is a step down', () => {
    const pc = {
      ...part('fenwright-reedbox-12'),
      leads: [{ key: 'usb', face: 'usb-3', label: 'front USB', ports: 2 }],
    }
    const b = buildFrom(
      board({ key: 'u', face: 'usb-2', label: 'USB2' }),
      pc,
      part('hollin-usb-down'),
    )
    expect(told(b, 'joints/on-the-way')).toEqual([
      ['watch', expect.stringMatching(/USB 2 speed, about a tenth/)],
    ])
  })
})

describe('a cooler with several fans', () => {
  const cooler: Fields = {
    ...part('ottery-lowbank-65'),
    fan: { face: 'fan-4', amps: 0.2 },
    moreFans: [{ face: 'fan-4', amps: 0.3 }],
  }
  const processor = part('quillmark-t2-65')
  const roles = [header('cpu', { role: 'processor' }), header('opt', { role: 'optional' })]
  test('the first on the processor’s header, the second on the optional one', () => {
    expect(joined(buildFrom(board(...roles), cooler, processor))).toMatchObject({
      'cooler-1/fan': 'board-0/cpu',
      'cooler-1/tower-fan-2': 'board-0/opt',
    })
  })
  test('each draws: 0.2 and 0.3 A of 12 V', () => {
    const one = { ...cooler, moreFans: [] }
    const watts = (own: Fields): number =>
      then(buildFrom(board(...roles), chain(1), own, processor)).power[0]?.rails.find(
        r => r.rail === '12',
      )?.worst ?? 0
    expect(watts(cooler) - watts(one)).toBeCloseTo(0.3 * 12, 3)
  })
  test('one that is not known is asked', () => {
    const asked = { ...cooler, moreFans: [{ face: null }] }
    const findings = then(buildFrom(board(...roles), asked, processor)).findings
    expect(
      findings.find(f => f.rule === 'joints/known' && f.parts.includes('cooler-1'))?.verdict,
    ).toBe('measure')
  })
})
