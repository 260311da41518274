// The places of the sockets of a supply: all of them on its side, or none is used, and it is said.
import { altered, avocet, change, finding, then } from '../../test-helpers/demos'

const id = 'routes/socket-places:supply'
type Socket = Readonly<Record<string, unknown>>
/** Avocet with one of its supply's nine sockets stated otherwise. */
const stated = (at: readonly [number, number] | undefined) =>
  change(
    avocet,
    altered(avocet, 'supply', p => ({
      sockets: (p['sockets'] as readonly Socket[]).map(s =>
        s['key'] === 'board' ? { ...s, at } : s,
      ),
    })),
  )

test('all of them on a side of 150 × 86: clear', () => {
  expect(finding(then(avocet), id)).toMatchObject({ verdict: 'clear' })
  expect(finding(then(stated([150, 86])), id).verdict).toBe('clear')
})

test('151 from the left is outside: it is said, and no place of the supply is used', () => {
  const after = then(stated([151, 40]))
  const found = finding(after, id)
  expect(found.verdict).toBe('measure')
  expect(found.sentence).toMatch(/151 mm from the left and 40 mm up.*150 × 86 mm/)
  expect(found.asks).toMatchObject([{ item: 'supply', path: 'sockets' }])
  expect(after.supplyPlugs).toEqual([])
})

test('one of them is not stated: it is named', () => {
  expect(finding(then(stated(undefined)), id)).toMatchObject({
    ...{ verdict: 'measure', sentence: expect.stringMatching(/not known where .+ (is|are)\./) },
  })
})

test('none of them is stated: nothing is asked', () => {
  const none = change(
    avocet,
    altered(avocet, 'supply', p => ({
      sockets: (p['sockets'] as readonly Socket[]).map(({ at: _, ...s }) => s),
    })),
  )
  expect(then(none).findings.filter(f => f.rule === 'routes/socket-places')).toEqual([])
})
