import { speedsByModules, speedsIn } from './speeds'

test.each<[string, readonly number[]]>([
  ['DDR5-6000 CL30', [6000]],
  ['DDR4 3200/2933/2666 MHz', [3200, 2933, 2666]],
  ['4800, 5200, 5600 MT/s', [4800, 5200, 5600]],
  // What is only reached by overclocking is no promise.
  ['DDR5 8000+(OC)/6400/5600 MHz', [6400, 5600]],
  ['5600 MT/s, 6400 MT/s (OC)', [5600]],
  ['4x DDR4 slots (max. 128 GB, up to 3200)', [3200]],
  ['up to 192 GB DDR5', []],
  ['66 MHz SDRAM', []],
  ['PC5-51200', []],
])('%s', (text, speeds) => expect(speedsIn(text)).toEqual(speeds))

test('by number of modules: before the speed, or in brackets behind it; the slower where ranks differ', () => {
  expect([...speedsByModules('2x1R DDR5-5200, 4x2R DDR5-3600')]).toEqual([
    [2, 5200],
    [4, 3600],
  ])
  expect([...speedsByModules('2x1R DDR5-5600, 2x2R DDR5-5200')]).toEqual([[2, 5200]])
  expect([...speedsByModules('DDR5-5200 (2 DIMMs), DDR5-3600 (4 DIMMs)')]).toEqual([
    [2, 5200],
    [4, 3600],
  ])
  expect([...speedsByModules('DDR5-5600, two channels')]).toEqual([])
})
