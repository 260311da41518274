import { measured, settledBy } from './finding'
import { fact, of, type Leaf } from '../figures/quantity'
import { toolFor } from '../standards/tools'
import { assume, type Unit } from '../figures/units'

const leaf = (value: number | null, unit: Unit = 'mm', tol = 8): Leaf => ({
  ref: 'case:room',
  item: 'case',
  path: 'room',
  label: 'room of the case',
  unit,
  figure: value === null ? null : assume(value, unit, tol),
  about: { unit, label: 'room', take: 'From here to there.', least: 1, most: 400 },
})
const need = (value: number) =>
  of(fact('need', 'what is needed', 'mm', { value, basis: 'spec', tol: 1 }))

describe('what would settle a finding', () => {
  test('from where to where, with what, how finely, from which value on', () => {
    // need 165 ± 1, have 172 assumed ± 8: passes from 165 + 1 + 0.5, the next tenth; 172 is 5.4
    // away from that
    const [s] = measured({
      rule: 'r',
      stage: 'fit',
      about: ['case'],
      sentence: 's',
      source: 'x',
      need: need(165),
      have: of(leaf(172)),
    }).settles
    expect(s).toMatchObject({
      take: 'From here to there.',
      now: 172,
      passes: { side: 'least', value: 166.6 },
      within: 5,
      tool: 'a steel rule',
    })
  })
  test('the nearer to the value that passes, the finer it matters', () => {
    const within = (have: number) =>
      measured({
        rule: 'r',
        stage: 'fit',
        about: ['case'],
        sentence: 's',
        source: 'x',
        need: need(100),
        have: of(leaf(have)),
      }).settles[0]
    // passes from 101.6
    expect([within(109)?.within, within(104)?.within, within(101.5)?.within]).toEqual([7, 2, 0.5])
    expect(within(101.5)?.tool).toBe('a caliper')
  })
  test('what is not stated is read as finely as it can be', () => {
    const [s] = measured({
      rule: 'r',
      stage: 'fit',
      about: ['case'],
      sentence: 's',
      source: 'x',
      need: need(100),
      have: of(leaf(null)),
    }).settles
    expect(s).toMatchObject({ now: null, within: 0.5 })
  })
  test('a fact of a standard is nobody’s to measure', () => {
    expect(
      settledBy(fact('x', 'x', 'mm', { value: 1, basis: 'standard', tol: 0 }), null),
    ).toBeNull()
  })
})

test('the tool follows what is measured, how long it is, and how finely', () => {
  expect([
    toolFor('mm', 65, 0.5),
    toolFor('mm', 200, 0.5),
    toolFor('mm', 450, 2),
    toolFor('mm', 65, 4),
    toolFor('g', 600, 5),
    toolFor('pcs', 4, 1),
    toolFor('W', 65, 1),
    toolFor('GB', 16, null),
  ]).toEqual([
    'a caliper',
    'a steel rule',
    'a tape measure',
    'a steel rule',
    'a kitchen scale',
    'your eyes: count',
    'its label',
    'its label or its sheet',
  ])
})
