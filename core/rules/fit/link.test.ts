import { altered, avocet, change, finding, flipped, then } from '../../test-helpers/demos'

const id = 'fit/link:card:board'
type Slot = Readonly<Record<string, unknown>>
const firstSlot = (as: object) =>
  change(
    avocet,
    altered(avocet, 'board', p => ({
      slots: (p['slots'] as readonly Slot[]).map((s, i) => (i === 0 ? { ...s, ...as } : s)),
    })),
  )

test('a card for sixteen lanes of generation 4 in a slot of sixteen of generation 5 gets all', () => {
  expect(finding(then(avocet), id)).toMatchObject({
    verdict: 'clear',
    sentence: expect.stringContaining('16 lanes of generation 4') as string,
  })
})

test('eight lanes: half of it. A lane of generation 4: 16 GT/s × 128/130 ÷ 8 = 1.97 GB/s', () => {
  const halved = firstSlot({ lanes: 8 })
  // 8 × 1.969 = 15.8; 16 × 1.969 = 31.5
  expect(finding(then(halved), id)).toMatchObject({
    verdict: 'watch',
    sentence: expect.stringContaining('15.8 of 31.5 GB/s') as string,
  })
  expect(flipped(avocet, halved)).toEqual([id])
})

test('an older slot: the slower of the two. Generation 3: 8 GT/s × 128/130 ÷ 8 = 0.985 GB/s', () => {
  // 16 × 0.985 = 15.8 of 31.5
  expect(finding(then(firstSlot({ generation: 3 })), id).sentence).toContain('15.8 of 31.5')
})
