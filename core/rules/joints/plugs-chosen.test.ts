// Plugs chosen as a builder would: whole before halves, what is advised where a lead is there, a pump
// that keeps its speed, a header that is not left empty, a must before a should.
import type { Build } from '../../document/build'
import { part, then } from '../../test-helpers/demos'
import { buildFrom as build, type Fields } from '../../test-helpers/planted-machine'

const board = (...headers: readonly Fields[]): Fields => ({
  ...part('saltpan-inlet-3'),
  headers: [{ key: 'main', face: 'main-24', label: 'MAIN' }, ...headers],
})
const supply = (...faces: readonly string[]): Fields => ({
  ...{ kind: 'supply', id: 's', model: 'Supply', form: 'ATX', watts: 600 },
  cables: ['main-24', ...faces].map((face, i) => ({
    key: `c${i}`,
    plugs: [{ face, ...(face === 'cpu-8' ? { split: ['cpu-4', 'cpu-4'] } : {}) }],
  })),
})
const eight = (key: string, need = 'must'): Fields => ({ key, face: 'cpu-8', label: key, need })
const joined = (b: Build): Readonly<Record<string, string>> =>
  Object.fromEntries(then(b).joints.map(j => j.id.split('~').reverse() as [string, string]))

describe('power of the processor', () => {
  test('one lead of 4+4 and two sockets of eight: one whole, the other open, no halves', () => {
    const b = build(board(eight('P1'), eight('P2')), supply('cpu-8'))
    expect(joined(b)).toMatchObject({ 'board-0/P1': 'supply-1/c1.1' })
    expect('board-0/P2' in joined(b)).toBe(false)
    const [unmet] = then(b).findings.filter(f => f.rule === 'joints/unmet')
    expect(unmet).toMatchObject({ verdict: 'stop', parts: ['board-0'] })
  })
  test('an advised second one is joined where a lead is there, and missed without a word of alarm', () => {
    const two = board(eight('P1'), eight('P2', 'may'))
    expect(joined(build(two, supply('cpu-8', 'cpu-8')))).toHaveProperty('board-0/P2')
    const one = then(build(two, supply('cpu-8')))
    const said = one.findings.filter(f => f.id === 'joints/unmet:board-0:board-0/P2')
    expect(said.map(f => f.verdict)).toEqual(['clear'])
  })
  test('four contacts are served by a half of the lead', () => {
    const four = board({ key: 'P1', face: 'cpu-4', label: 'P1' })
    expect(joined(build(four, supply('cpu-8')))['board-0/P1']).toMatch(/c1\.1[ab]$/)
  })
})

describe('a pump and the processor’s header', () => {
  const fans = (...roles: readonly string[]): readonly Fields[] =>
    roles.map((role, i) => ({ key: `f${i}`, face: 'fan-4', label: `FAN${i}`, role, amps: 2 }))
  const wet: Fields = {
    ...{ kind: 'cooler', id: 'c', model: 'Brook', sockets: ['TERN-2'], fastening: 'screws' },
    fan: null,
    liquid: { radiator: '240', pump: { face: 'fan-4' }, fans: [{ face: 'fan-4', size: '120' }] },
  }
  const hub: Fields = {
    ...{ kind: 'hub', id: 'h', model: 'Hub', serves: 'fans' },
    inlets: [{ key: 'in', face: 'fan-4', label: 'to the board' }],
    outlets: [1, 2, 3].map(n => ({ key: `o${n}`, face: 'fan-4', label: `OUT${n}` })),
  }
  const verdict = (b: Build, rule: string) =>
    then(b)
      .findings.filter(f => f.rule === rule)
      .map(f => f.verdict)
  test('its own header before any other, the radiator’s fan on the processor’s', () => {
    const b = build(board(...fans('case', 'processor', 'pump')), wet, hub)
    expect(joined(b)).toMatchObject({
      'board-0/f2': 'cooler-1/pump',
      'board-0/f1': 'cooler-1/fan-1',
    })
    expect(verdict(b, 'joints/pump-header')).toEqual(['clear'])
    expect(verdict(b, 'joints/processor-fan')).toEqual(['clear'])
  })
  test('on a hub, put there by hand, it slows with the fans; the processor’s header stays empty', () => {
    const b = build(board(...fans('processor', 'case')), wet, hub)
    const pins = {
      ...{ 'cooler-1/pump': 'hub-2/o1', 'cooler-1/fan-1': 'hub-2/o2' },
      'hub-2/in': 'board-0/f1',
    }
    const byHand = { ...b, choices: { ...b.choices, pins } }
    expect(verdict(byHand, 'joints/pump-header')).toEqual(['watch'])
    expect(verdict(byHand, 'joints/processor-fan')).toEqual(['watch'])
  })
})

test('a radiator keeps its place: fans that would stand there wait', () => {
  const places = ['a', 'b', 'c'].map(key => ({ key, label: key, sizes: ['120'] }))
  const pc = {
    ...part('brackwater-harbour-m'),
    fans: places,
    radiators: [{ key: 'r', label: 'front', sizes: ['360'], instead: ['a', 'b', 'c'] }],
  }
  const cooler = {
    ...{ kind: 'cooler', id: 'c', model: 'Rill', sockets: ['TERN-2'], fan: null },
    liquid: { radiator: '360', pump: { face: 'fan-4' } },
  }
  const fans = [1, 2, 3].map(n => ({ ...part('ottery-breeze-120'), id: `fan-${n}` }))
  const b = build(pc, part('marram-dune-m'), cooler, ...fans)
  expect(joined(b)['case-0/r']).toBe('cooler-2/radiator')
})
