// What hangs on a line is added up: over splitters, hubs and adapters, on every rail, against what
// each joint on the way stands. Sums by hand.
import type { Build } from '../../document/build'
import type { Finding } from '../finding'
import { finding, part, then } from '../../test-helpers/demos'
import { buildFrom as build, type Fields } from '../../test-helpers/planted-machine'

const board = (headers: readonly Fields[], more: Fields = {}): Fields => ({
  ...part('saltpan-inlet-2'),
  id: 'board-here',
  headers: [
    { key: 'main', face: 'main-24', label: 'ATX_PWR' },
    { key: 'cpu', face: 'cpu-8', label: 'CPU_PWR' },
    ...headers,
  ],
  ...more,
})
const fan = (amps: number, more: Fields = {}): Fields => ({
  ...{ kind: 'fan', id: `fan-${amps}`, model: `Fan ${amps}`, size: '120', face: 'fan-4' },
  amps: { A: amps, basis: 'measured', tol: 0 },
  ...more,
})
const splitter = (face: string, ways: number, more: Fields = {}): Fields => ({
  ...{ kind: 'adapter', id: 'splitter', model: 'Splitter' },
  inlets: [{ key: 'in', face, label: 'plug' }],
  outlets: Array.from({ length: ways }, (_, i) => ({ key: `out-${i}`, face, label: `way ${i}` })),
  ...more,
})
const strip = (amps: number, lights = 30): Fields => ({
  ...{ kind: 'light', id: `strip-${amps}`, model: `Strip ${amps}`, face: 'light-5', lights },
  amps: { A: amps, basis: 'measured', tol: 0 },
})
const of = (b: Build, rule: string): readonly Finding[] =>
  then(b).findings.filter(f => f.rule === rule)
const fanHeader = { key: 'fan-1', face: 'fan-4', label: 'FAN1', amps: 1 }

describe('two fans on a splitter on one header of 1 A', () => {
  const on = (amps: number, more: Fields = {}) =>
    of(
      build(board([fanHeader]), splitter('fan-4', 2, more), fan(amps), fan(amps)),
      'joints/header-current',
    )
  test('0.4 A each: 0.8 A by the splitter’s plug, and each of its ways gives its own', () => {
    const found = on(0.4)
    expect(found.map(f => f.verdict)).toEqual(found.map(() => 'clear'))
    expect(Math.max(...found.map(f => f.need ?? 0))).toBeCloseTo(0.8)
  })
  test('0.8 A each: 1.6 A is harm at the header, where each fan alone would pass', () => {
    const harm = on(0.8).filter(f => f.verdict === 'harm')
    expect(harm).toHaveLength(1)
    expect(harm[0]).toMatchObject({ need: 1.6, have: 1 })
    // It names the header's board, the splitter, and both fans.
    expect([...(harm[0]?.parts ?? [])].sort()).toEqual(['adapter-1', 'board-0', 'fan-2', 'fan-3'])
    expect(harm[0]?.sentence).toMatch(/Fan 0.8 \(1\), Fan 0.8 \(2\), over the Splitter, on FAN1/)
  })
  test('a header that states nothing: custom says 1 A, and custom stops nothing', () => {
    const silent = build(
      board([{ ...fanHeader, amps: null }]),
      splitter('fan-4', 2),
      fan(0.8),
      fan(0.8),
    )
    const found = of(silent, 'joints/header-current').filter(f => (f.need ?? 0) > 1)
    expect(found.map(f => [f.verdict, f.have])).toEqual([['measure', 1]])
    expect(found[0]?.wayOut).toMatch(/no standard/)
  })
  test('in their first second two fans take more than their label says', () => {
    const starting = [fan(0.4, { startAmps: { A: 0.7, basis: 'measured', tol: 0 } })]
    const found = of(
      build(board([fanHeader]), splitter('fan-4', 2), ...starting, ...starting),
      'joints/header-current',
    ).find(f => f.verdict === 'harm')
    expect(found).toMatchObject({ need: 1.4, have: 1 })
    expect(found?.sentence).toMatch(/in the first seconds/)
  })
})

describe('a hub that gives 2 A in all', () => {
  const hub: Fields = {
    ...{ kind: 'hub', id: 'hub', model: 'Hub', serves: 'lights', amps: 2 },
    inlets: [{ key: 'power', face: 'sata-power', label: 'power' }],
    outlets: [1, 2, 3].map(n => ({ key: `out-${n}`, face: 'light-5', label: `OUT${n}` })),
  }
  const supply = part('dunlin-a550') as Fields
  test('0.9 and 0.9 A: 1.8 of 2 passes', () => {
    const b = build(board([]), supply, hub, strip(0.9), strip(0.9))
    expect(of(b, 'power/hub')).toMatchObject([{ verdict: 'clear', need: 1.8, have: 2 }])
  })
  test('joined by hand beyond it: 2.7 A of 2 is harm', () => {
    const b = build(board([]), supply, hub, strip(0.9), strip(0.9), strip(0.9))
    const pins = Object.fromEntries(
      [3, 4, 5].map((n, i) => [`light-${n}/lead`, `hub-2/out-${i + 1}`]),
    )
    const joined = { ...b, choices: { ...b.choices, pins } }
    expect(of(joined, 'power/hub')).toMatchObject([{ verdict: 'harm', have: 2 }])
  })
  test('left to the plan, the third finds no partner, and the limit is the reason', () => {
    const b = build(board([]), supply, hub, strip(0.9), strip(0.9), strip(0.9))
    const [unmet] = of(b, 'joints/unmet').filter(f => f.parts.some(p => p.startsWith('light')))
    expect(unmet?.verdict).toBe('stop')
    expect(unmet?.sentence).toMatch(/give no more than 2\.\d+ A in all, and 1\.80 A hang on them/)
  })
  test('8.4 A of 5 V come by one SATA plug: 42 of 22.5 W', () => {
    const strong = { ...hub, amps: 10 }
    const b = build(board([]), supply, strong, strip(2.8), strip(2.8), strip(2.8))
    const five = of(b, 'power/plug').filter(f => f.id.endsWith(':5') && f.parts.includes('hub-2'))
    expect(five).toMatchObject([{ verdict: 'harm', have: 22.5 }])
    expect(five[0]?.need).toBeCloseTo(42)
  })
})

describe('LEDs on a socket that says how many it drives', () => {
  const header = { key: 'led', face: 'light-5', label: 'LED1', amps: 3, lights: 80 }
  const with40 = { ...strip(0.5, 40) }
  const b = (ways: number) =>
    build(board([header]), splitter('light-5', 3), ...Array.from({ length: ways }, () => with40))
  test('two of 40 over a splitter are 80 of 80; three are 40 too many, and stay dark', () => {
    const most = (ways: number) =>
      of(b(ways), 'joints/light-count').filter(f => f.parts.includes('board-0'))
    expect(most(2)).toMatchObject([{ verdict: 'clear', need: 80, have: 80 }])
    expect(most(3)).toMatchObject([{ verdict: 'watch', need: 120, have: 80 }])
  })
})

describe('adapters between power plugs', () => {
  const card: Fields = {
    ...{ kind: 'card', id: 'card', model: 'Card', does: 'graphics', size: 'x16', watts: 120 },
    power: [{ key: 'power', face: 'card-6', label: '6-pin' }],
  }
  const adapter = (from: string, to: string, inlets: number): Fields => ({
    ...{ kind: 'adapter', id: 'adapter', model: 'Adapter' },
    inlets: Array.from({ length: inlets }, (_, i) => ({
      key: `in-${i}`,
      face: from,
      label: `inlet ${i}`,
      need: 'must',
    })),
    outlets: [{ key: 'out', face: to, label: 'to the card' }],
  })
  const supply = (faces: readonly string[]): Fields => ({
    ...{ kind: 'supply', id: 'supply', model: 'Supply', form: 'ATX', watts: 600 },
    cables: ['main-24', 'cpu-8', ...faces].map((face, i) => ({
      key: `c-${i}`,
      gauge: 18,
      plugs: [{ face }],
    })),
  })
  const said = (from: string, to: string, inlets = 1) => {
    const socket = { ...card, power: [{ key: 'power', face: to, label: to }] }
    const b = build(board([]), supply([from, from]), adapter(from, to, inlets), socket)
    return of(b, 'power/adapter')
  }
  test.each([
    ['sata-power', 'card-6', 'harm'],
    ['sata-power', 'card-8', 'harm'],
    ['drive-4', 'card-8', 'harm'],
    ['drive-4', 'card-6', 'watch'],
  ])('%s to %s: %s, naming the adapter and the card', (from, to, verdict) => {
    const [found, ...others] = said(from, to)
    expect(others).toEqual([])
    expect(found).toMatchObject({ verdict })
    expect(found?.parts).toEqual(expect.arrayContaining(['adapter-2', 'card-3']))
  })
  test('of the same sort it is asked nothing', () => {
    expect(said('card-6', 'card-6')).toEqual([])
  })
})

describe('a 16-contact plug’s class', () => {
  const card = (asks: number | null): Fields => ({
    ...{ kind: 'card', id: 'card', model: 'Card', does: 'graphics', size: 'x16' },
    ...{ watts: { W: 400, basis: 'measured', tol: 0 }, asks },
    fromSlot: { W: 60, basis: 'measured', tol: 0 },
    power: [{ key: 'power', face: 'card-16', label: '16-contact' }],
  })
  const supply = (watts: number | null): Fields => ({
    ...{ kind: 'supply', id: 'supply', model: 'Supply', form: 'ATX', watts: 1000 },
    cables: [
      { key: 'main', plugs: [{ face: 'main-24' }] },
      { key: 'cpu', plugs: [{ face: 'cpu-8' }] },
      { key: 'card', plugs: [{ face: 'card-16', ...(watts === null ? {} : { class: watts }) }] },
    ],
  })
  const said = (watts: number | null, asks: number | null = null) =>
    of(build(board([]), supply(watts), card(asks)), 'power/class')
  test('it counts what the card takes by it, the slot’s 60 W apart: 340 of 450, not of 300', () => {
    expect(said(450)).toMatchObject([{ verdict: 'clear', need: 340, have: 450 }])
    expect(said(300)).toMatchObject([{ verdict: 'watch', need: 340, have: 300 }])
  })
  test('what the card asks for rules; a plug whose class nobody stated is asked for', () => {
    expect(said(450, 600)).toMatchObject([{ verdict: 'watch', need: 600 }])
    const [found] = said(null)
    expect(found).toMatchObject({ verdict: 'measure', have: null })
    expect(found?.settles[0]).toMatchObject({ path: 'cables.2.plugs.0.class' })
  })
  test('both sense contacts open, second generation: nothing, and the card does not start', () => {
    expect(said(0)).toMatchObject([{ verdict: 'stop' }])
  })
})

describe('what a slot gives', () => {
  const slot = (more: Fields) =>
    of(
      build(
        board([], { slots: [{ key: 's', label: 'PCIE_1', row: 1, size: 'x16', graphics: true }] }),
        { ...{ kind: 'card', id: 'card', model: 'Card', size: 'x1', does: 'network' }, ...more },
      ),
      'power/slot',
    )
  test('10 W to a low card of one lane, 25 W to a full one once it is set up', () => {
    const watts = { W: 15, basis: 'measured', tol: 0 }
    expect(slot({ watts, profile: 'low' })).toMatchObject([{ verdict: 'stop', have: 10 }])
    expect(slot({ watts, profile: 'full' })).toMatchObject([{ verdict: 'clear', have: 25 }])
  })
  test('a graphics card with a plug, of which nobody says more: no card takes more than the slot gives', () => {
    const power = [{ key: 'p', face: 'card-8', label: '8-pin' }]
    const card = { size: 'x16', does: 'graphics', watts: 200, power }
    expect(slot(card)).toMatchObject([{ verdict: 'clear', need: null }])
  })
})

describe('main power of 24 contacts on a board of 20', () => {
  test('12 V over one contact: 72 W, on 5 V 120, on 3.3 V 59.4', () => {
    const old = {
      ...part('saltpan-inlet-2'),
      headers: [
        { key: 'main', face: 'main-20', label: 'ATX_PWR' },
        { key: 'cpu', face: 'cpu-8', label: 'CPU_PWR' },
      ],
      power: { W12: 80, W5: 50, W3: 20 },
    }
    const found = of(build(old, part('dunlin-a550')), 'power/plug')
    const on = (rail: string) => found.find(f => f.id.endsWith(rail))
    expect(on('main')).toMatchObject({ verdict: 'harm', have: 72 })
    expect(on(':5')).toMatchObject({ verdict: 'clear', have: 120 })
    expect(on(':3.3')?.have).toBeCloseTo(59.4)
  })
})

describe('standby', () => {
  const supply = (standby: number) =>
    build(board([], { power: { standby: { A: 2, basis: 'measured', tol: 0 } } }), {
      ...(part('dunlin-a550') as Fields),
      rails: { standby: { A: standby, basis: 'measured', tol: 0 } },
    })
  test('2 A of 2.5 passes, of 1.5 it does not', () => {
    expect(finding(then(supply(2.5)), 'power/standby').verdict).toBe('clear')
    expect(finding(then(supply(1.5)), 'power/standby')).toMatchObject({ verdict: 'stop' })
  })
})

describe('a card on one cable with two heads', () => {
  const card = (watts: number): Fields => ({
    ...{ kind: 'card', id: 'card', model: 'Card', does: 'graphics', size: 'x16' },
    watts: { W: watts, basis: 'measured', tol: 0 },
    fromSlot: { W: 50, basis: 'measured', tol: 0 },
    power: ['a', 'b'].map(key => ({ key, face: 'card-8', label: `8-pin ${key}` })),
  })
  const supply = (gauge: number | null): Fields => ({
    ...{ kind: 'supply', id: 'supply', model: 'Supply', form: 'ATX', watts: 900 },
    cables: [
      { key: 'main', plugs: [{ face: 'main-24' }] },
      { key: 'cpu', plugs: [{ face: 'cpu-8' }] },
      {
        ...{ key: 'card', plugs: [{ face: 'card-8', after: 100 }, { face: 'card-8' }] },
        ...(gauge === null ? {} : { gauge }),
      },
    ],
  })
  const slots = [{ key: 's', label: 'PCIE_1', row: 1, size: 'x16', graphics: true }]
  const said = (watts: number, gauge: number | null = 18) =>
    of(build(board([], { slots }), supply(gauge), card(watts)), 'power/heads')
  test('the slot’s 50 W apart: 140 of 150 passes, 200 is watched; 16 AWG carries 225', () => {
    expect(said(190)).toMatchObject([{ verdict: 'clear', need: 140, have: 150 }])
    expect(said(250)).toMatchObject([{ verdict: 'watch', need: 200, have: 150 }])
    expect(said(250)[0]?.parts).toEqual(['supply-1', 'card-2'])
    expect(said(250, 16)).toMatchObject([{ verdict: 'clear', need: 200, have: 225 }])
  })
})

describe('what a card takes from its slot is a range where its maker is silent', () => {
  const card = (watts: number): Fields => ({
    ...{ kind: 'card', id: 'card', model: 'Card', does: 'graphics', size: 'x16' },
    watts: { W: watts, basis: 'measured', tol: 0 },
    power: [{ key: 'p', face: 'card-8', label: '8-pin' }],
  })
  const supply: Fields = {
    ...{ kind: 'supply', id: 'supply', model: 'Supply', form: 'ATX', watts: 900 },
    cables: ['main-24', 'cpu-8', 'card-8'].map(face => ({ key: face, plugs: [{ face }] })),
  }
  const slots = [{ key: 's', label: 'PCIE_1', row: 1, size: 'x16', graphics: true }]
  const plug = (watts: number) =>
    of(build(board([], { slots }), supply, card(watts)), 'power/plug').find(f =>
      f.parts.includes('card-2'),
    )
  test('of 200 W between 134 and 200 come by the plug: 150 may be too little, so it is asked', () => {
    expect(plug(200)).toMatchObject({ verdict: 'measure', need: 167, have: 150, tol: 33 })
    expect(plug(140)?.verdict).toBe('clear')
    // At the best 234 of 150.
    expect(plug(300)?.verdict).toBe('harm')
  })
})
