import { z } from 'zod'
import { assume, defaultTolerance, figure, figuresOf, readFigure, weakest } from './units'

describe('reading a figure', () => {
  test('a bare number is the spec sheet’s, ± 1 mm', () => {
    expect(readFigure(167, 'mm')).toEqual({ value: 167, basis: 'spec', tol: 1 })
  })
  test('a full figure keeps its basis and tolerance', () => {
    expect(readFigure({ mm: 166.5, basis: 'measured', tol: 0.2, on: '2031-03-02' }, 'mm')).toEqual({
      value: 166.5,
      basis: 'measured',
      tol: 0.2,
    })
  })
  test('null, absent and another unit are not stated', () => {
    expect(readFigure(null, 'mm')).toBeNull()
    expect(readFigure(undefined, 'mm')).toBeNull()
    expect(readFigure({ W: 20 }, 'mm')).toBeNull()
  })
})

describe('default tolerances', () => {
  test.each([
    ['mm', 'standard', 0.25],
    ['mm', 'spec', 1],
    ['mm', 'measured', 0.5],
    ['mm', 'assumed', 15],
    ['W', 'standard', 0],
    ['W', 'spec', 6],
    ['A', 'assumed', 50],
    ['pcs', 'assumed', 0],
  ] as const)('200 %s by %s: ± %d', (unit, basis, tol) => {
    // 3 % of 200 = 6; 25 % of 200 = 50; counts are exact.
    expect(defaultTolerance(unit, 200, basis)).toBeCloseTo(tol, 9)
  })
  test('an assumption may bring the tolerance of what derived it', () => {
    expect(assume(500, 'mm', 50)).toEqual({ value: 500, basis: 'assumed', tol: 50 })
  })
})

test('the weakest basis wins: measured, standard, spec, assumed', () => {
  expect(weakest(['standard', 'measured'])).toBe('standard')
  expect(weakest(['spec', 'assumed', 'measured'])).toBe('assumed')
  expect(weakest([])).toBe('measured')
})

test('a schema knows its figures by path, also inside arrays and optional objects', () => {
  const schema = z.looseObject({
    height: figure('mm', 'height', 'From foot to top.', [1, 9]),
    fan: z.looseObject({ amps: figure('A', 'current', 'On the label.', [0, 1]) }).nullish(),
    leads: z
      .array(z.looseObject({ length: figure('mm', 'lead length', 'Straightened.', [1, 9]) }))
      .default([]),
    name: z.string(),
  })
  expect([...figuresOf(schema)].map(([path, f]) => [path, f.unit, f.label])).toEqual([
    ['height', 'mm', 'height'],
    ['fan.amps', 'A', 'current'],
    ['leads.*.length', 'mm', 'lead length'],
  ])
})

test('a figure field refuses what is no figure', () => {
  const field = figure('mm', 'height', '', [1, 9])
  expect(field.safeParse('tall').success).toBe(false)
  expect(field.safeParse({ mm: 3, basis: 'guessed' }).success).toBe(false)
  expect(field.safeParse({ mm: 3, tol: -1 }).success).toBe(false)
  expect(field.safeParse(undefined).success).toBe(true)
})
