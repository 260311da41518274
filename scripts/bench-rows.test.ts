import { clocked, exponentOf, median } from './bench-rows'

test('a cost that grows with the square has the exponent 2, whatever its factor', () => {
  const sizes = [10, 20, 40, 80, 160]
  expect(exponentOf(sizes.map(n => [n, 3 * n ** 2]))).toBeCloseTo(2, 10)
  expect(exponentOf(sizes.map(n => [n, 0.5 * n]))).toBeCloseTo(1, 10)
  expect(exponentOf(sizes.map(n => [n, 7]))).toBeCloseTo(0, 10)
})
test('the middle one, and a time that waits', async () => {
  expect(median([9, 1, 5])).toBe(5)
  const waited = await clocked(() => new Promise(done => setTimeout(done, 20)))
  expect(waited).toBeGreaterThan(15)
})
