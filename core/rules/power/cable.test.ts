import { altered, avocet, change, finding, flipped, then } from '../../test-helpers/demos'

const id = 'power/cable:supply:sata-2'
type Cable = Readonly<Record<string, unknown>>
const gauge = (awg: number) =>
  change(
    avocet,
    altered(avocet, 'supply', p => ({
      cables: (p['cables'] as readonly Cable[]).map(c =>
        c['key'] === 'sata-2' ? { ...c, gauge: awg } : c,
      ),
    })),
  )

test('clear: three disks spinning up, 3 × 2 A × 12 V, over one wire of 18 AWG: 10 A × 12 V', () => {
  expect(finding(then(avocet), id)).toMatchObject({
    ...{ verdict: 'clear', need: 72, have: 120, margin: 48 },
  })
})

test('four wires of 16 AWG carry 4 × 13 A × 12 V to the processor', () => {
  expect(finding(then(avocet), 'power/cable:supply:cpu-1').have).toBe(624)
})

test('over a wire of 24 AWG, 3.5 A × 12 V = 42, the disks are 30 W more than custom allows', () => {
  const found = finding(then(gauge(24)), id)
  expect(found).toMatchObject({ verdict: 'measure', have: 42, margin: -30 })
  expect(found.wayOut).toMatch(/no standard. Spread what hangs on it/)
  expect(flipped(avocet, gauge(24))).toEqual([id])
})
