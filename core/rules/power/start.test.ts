import { avocet, change, finding, flipped, measure, then } from '../../test-helpers/demos'

const id = 'power/start:supply'
const need = (...commands: Parameters<typeof change>[1][]) =>
  finding(then(change(avocet, ...commands)), id).need ?? 0

test('one ampere more for one disk while it spins up is 12 W more', () => {
  expect(need(measure('disk-1', 'start.A12', 3, 'A')) - need()).toBeCloseTo(3 * 12 - 2 * 12)
})

test('a disk less is its 2 A × 12 V less', () => {
  expect(need() - need({ do: 'setState', id: 'disk-4', state: 'spare' })).toBeCloseTo(24)
})

test('without a disk that spins nothing is asked', () => {
  const disks = ['disk-1', 'disk-2', 'disk-3', 'disk-4']
  const still = change(avocet, ...disks.map(d => ({ do: 'setState', id: d, state: 'spare' })))
  expect(then(still).findings.filter(f => f.rule === 'power/start')).toEqual([])
})

test('stop: a rail measured 20 W below what is needed, with ± 9.5 on the need', () => {
  const { need: most, verdict } = finding(then(avocet), id)
  expect(verdict).toBe('clear')
  const weak = change(avocet, measure('supply', 'rails.W12', (most ?? 0) - 20, 'W'))
  expect(finding(then(weak), id)).toMatchObject({ verdict: 'stop', margin: -20 })
  expect(flipped(avocet, weak)).toContain(id)
})
