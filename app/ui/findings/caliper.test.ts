import fc from 'fast-check'
import { jaws } from './caliper'

test('jaws stand inside the beam, in the order of their values, the hatch around have', () => {
  const mm = fc.double({ min: 0.5, max: 2000, noNaN: true })
  fc.assert(
    fc.property(mm, mm, fc.double({ min: 0, max: 60, noNaN: true }), (need, have, tol) => {
      const j = jaws(need, have, tol)
      for (const at of [j.need, j.have, ...j.hatch]) expect(at >= 0 && at <= 1).toBe(true)
      if (need < have) expect(j.need).toBeLessThanOrEqual(j.have)
      expect(j.hatch[0]).toBeLessThanOrEqual(j.have)
      expect(j.hatch[1]).toBeGreaterThanOrEqual(j.have)
    }),
  )
})

test('two values close together are seen apart: the beam then does not start at zero', () => {
  const close = jaws(165, 166, 2)
  expect(close.fromZero).toBe(false)
  expect(close.have - close.need).toBeGreaterThan(0.05)
  expect(jaws(20, 100, 1).fromZero).toBe(true)
})
