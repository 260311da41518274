import fc from 'fast-check'
import { fact, of, plus, type Leaf } from './quantity'
import type { Basis } from './units'
import { graver, judge, worst, type Failing } from './verdict'

const item = (ref: string, value: number | null, basis: Basis = 'spec', tol = 1): Leaf => ({
  ...fact(ref, ref, 'mm', { value: 0, basis, tol }),
  item: 'x',
  figure: value === null ? null : { value, basis, tol },
})

describe('need ≤ have: the table of verdicts', () => {
  // Tolerances 1 + 1 = 2 throughout.
  test.each<[number, number, Basis, Failing, string, boolean]>([
    [160, 163, 'spec', 'stop', 'clear', false], // margin 3 > 2
    [160, 162, 'spec', 'stop', 'tight', false], // margin 2 = 2
    [160, 158, 'spec', 'stop', 'tight', false], // margin −2 = −2
    [160, 157.9, 'spec', 'stop', 'stop', false], // margin −2.1 < −2
    [160, 157.9, 'spec', 'watch', 'watch', false],
    [160, 157.9, 'spec', 'harm', 'harm', false],
    [160, 163, 'assumed', 'stop', 'clear', true],
    [160, 162, 'assumed', 'stop', 'measure', true],
    [160, 157.9, 'assumed', 'stop', 'stop', true],
  ])('need %d, have %d (%s), failing %s: %s', (need, have, basis, failing, verdict, assumed) => {
    const j = judge(of(item('need', need)), of(item('have', have, basis)), failing)
    expect([j.verdict, j.assumed, j.tol]).toEqual([verdict, assumed, 2])
    expect(j.margin).toBeCloseTo(have - need, 9)
  })

  test('a missing figure: measure, and from which value on it passes', () => {
    // need 160 ± 1; a measured have is ± 0.5: passes beyond 161.5, the next tenth is 161.6
    const j = judge(of(item('need', 160)), of(item('have', null)))
    expect(j.verdict).toBe('measure')
    expect(j.settles.map(s => s.passes)).toEqual([{ side: 'least', value: 161.6 }])
  })

  test('two missing figures: both named, no value given', () => {
    const j = judge(of(item('need', null)), of(item('have', null)))
    expect(j.settles.map(s => [s.leaf.ref, s.passes])).toEqual([
      ['have', null],
      ['need', null],
    ])
  })

  test('counts without tolerance: as many as needed is clear', () => {
    const count = (ref: string, n: number) =>
      of({ ...fact(ref, ref, 'pcs', { value: n, basis: 'spec', tol: 0 }), item: 'x' })
    expect(judge(count('need', 4), count('have', 4)).verdict).toBe('clear')
    expect(judge(count('need', 4), count('have', 3), 'watch').verdict).toBe('watch')
  })
})

test('the value given as passing passes, and a tenth less does not', () => {
  const values = fc.double({ min: 20, max: 300, noNaN: true })
  fc.assert(
    fc.property(
      values,
      fc.double({ min: 0, max: 3, noNaN: true }),
      fc.boolean(),
      (known, tol, unknownIsNeed) => {
        const fixed = item('known', known, 'spec', tol)
        const ask = (value: number | null) => {
          const asked = item('asked', value, 'measured', 0.5)
          return unknownIsNeed ? judge(of(asked), of(fixed)) : judge(of(fixed), of(asked))
        }
        const passes = ask(null).settles[0]?.passes
        if (!passes) throw new Error('no threshold')
        expect(ask(passes.value).verdict).toBe('clear')
        expect(
          ask(passes.value + (passes.side === 'least' ? -0.100001 : 0.100001)).verdict,
        ).not.toBe('clear')
      },
    ),
  )
})

test('gravity: harm, stop, measure, watch, tight, clear', () => {
  expect(worst(['clear', 'tight', 'watch'])).toBe('watch')
  expect(graver('measure', 'stop')).toBe('stop')
  expect(graver('harm', 'stop')).toBe('harm')
  expect(worst([])).toBe('clear')
})

test('a figure that would have to be below nothing settles nothing', () => {
  const leaf = (name: string, value: number, tol: number) =>
    of({
      ref: name,
      item: 'x',
      path: name,
      label: name,
      unit: 'W',
      figure: { value, basis: 'spec', tol },
      about: null,
    })
  // 100 ± 6 and 2 ± 0.06 of 102.5. The large one passes below 102.5 − 2 − 0.06; the small one only
  // below 102.5 − 100 − 6 = −3.5.
  const { verdict, settles } = judge(
    plus(leaf('large', 100, 6), leaf('small', 2, 0.06)),
    leaf('label', 102.5, 0),
  )
  expect(verdict).toBe('tight')
  // The label, read without an error, would have to be another one.
  expect(settles.map(s => s.leaf.path)).toEqual(['large'])
})

describe('what nobody stated', () => {
  const figure = (value: number, more: object) =>
    of({
      ...{ ref: `${value}`, item: 'x', path: `${value}`, label: 'x', unit: 'A', about: null },
      figure: { value, basis: 'spec', tol: 0, ...more },
    })
  const by = (basis: 'assumed' | 'told', usual = false) => ({
    basis,
    ...(usual ? { usual: true } : {}),
  })
  const missing = of({
    ...{ ref: 'm', item: 'x', path: 'm', label: 'm', unit: 'A', about: null, figure: null },
  })
  test('a limit that is custom, or hearsay, stops nothing; what works at a price may be told of it', () => {
    const need = figure(2, {})
    expect(judge(need, figure(1, by('assumed')), 'harm').verdict).toBe('harm')
    expect(judge(need, figure(1, by('assumed', true)), 'harm').verdict).toBe('measure')
    expect(judge(need, figure(1, by('told')), 'stop').verdict).toBe('measure')
    expect(judge(need, figure(1, by('assumed', true)), 'watch').verdict).toBe('watch')
  })
  test('of a need what is usual or missing counts for nothing: the rest must fail by itself', () => {
    const have = figure(3, {})
    const usual = figure(2, by('assumed', true))
    // 2 + 2 of 3; then 4 + 2 of 3
    expect(judge(plus(figure(2.5, {}), usual), have).verdict).toBe('measure')
    expect(judge(plus(figure(4, {}), usual), have).verdict).toBe('stop')
    expect(judge(plus(figure(2.5, {}), missing), have)).toMatchObject({
      ...{ verdict: 'measure', need: null, atLeast: 2.5 },
    })
    expect(judge(plus(figure(4, {}), missing), have)).toMatchObject({
      ...{ verdict: 'stop', atLeast: 4 },
    })
  })
  test('what is missing of the room is never held against it', () => {
    expect(judge(figure(4, {}), plus(figure(1, {}), missing)).verdict).toBe('measure')
  })
})
