import fc from 'fast-check'
import {
  basisOf,
  converted,
  fact,
  minus,
  missingIn,
  of,
  plus,
  sum,
  times,
  toleranceOf,
  valueOf,
  type Leaf,
} from './quantity'

const leaf = (
  ref: string,
  value: number | null,
  tol = 1,
  basis: 'spec' | 'assumed' = 'spec',
): Leaf => ({
  ...fact(ref, ref, 'mm', { value: value ?? 0, basis, tol }),
  figure: value === null ? null : { value, basis, tol },
})

test('tolerances add up, each leaf once with its coefficient', () => {
  const a = leaf('a', 10, 1)
  const b = leaf('b', 4, 0.5)
  // 2 × 10 − 4 = 16; 2 × 1 + 0.5 = 2.5
  const s = minus(times(of(a), 2), of(b))
  expect(valueOf(s)).toBe(16)
  expect(toleranceOf(s)).toBe(2.5)
})

test('what stands on both sides cancels, with its tolerance', () => {
  const shared = leaf('standoff', 6.5, 0.5, 'assumed')
  const margin = minus(
    plus(of(leaf('room', 80)), of(shared)),
    plus(of(leaf('cooler', 70)), of(shared)),
  )
  expect(valueOf(margin)).toBe(10)
  expect(toleranceOf(margin)).toBe(2)
  expect(basisOf(margin)).toBe('spec')
})

test('a missing figure makes the sum unknown and is named', () => {
  const s = sum('mm', leaf('a', 10), leaf('b', null))
  expect(valueOf(s)).toBeNull()
  expect(missingIn(s).map(l => l.ref)).toEqual(['b'])
})

test('watts are not added to amps; amps at a voltage are watts', () => {
  const amps = of({ ...leaf('fan', 0.2), unit: 'A' })
  const watts = of({ ...leaf('card', 10), unit: 'W' })
  expect(() => plus(watts, amps)).toThrow('A cannot be added to W')
  // 10 W + 0.2 A × 12 V
  expect(valueOf(plus(watts, converted(amps, 12, 'W')))).toBeCloseTo(12.4)
})

test('adding is commutative and a sum minus itself is nothing', () => {
  const leaves = fc.array(
    fc.record({ ref: fc.constantFrom('a', 'b', 'c', 'd'), by: fc.integer({ min: -3, max: 3 }) }),
    { maxLength: 8 },
  )
  fc.assert(
    fc.property(leaves, leaves, (xs, ys) => {
      const make = (parts: typeof xs) =>
        plus(
          { unit: 'mm', terms: [] },
          ...parts.map(p => times(of(leaf(p.ref, p.ref.charCodeAt(0), 2)), p.by)),
        )
      const [a, b] = [make(xs), make(ys)]
      expect(valueOf(plus(a, b))).toBeCloseTo(valueOf(plus(b, a)) ?? NaN, 9)
      expect(toleranceOf(plus(a, b))).toBeCloseTo(toleranceOf(plus(b, a)), 9)
      expect(minus(a, a).terms).toEqual([])
    }),
  )
})
