// The machine in space: the bodies are where the plan has them, and nothing stands for air.
import { blocksIn } from '../analysis/analyse'
import { avocet, change, plover } from '../test-helpers/demos'

const found = blocksIn(avocet, 'then')
const blockOf = (item: string) => found?.blocks.filter(b => b.item === item) ?? []

test('every part that sits in the case is there, in its boxes', () => {
  for (const item of ['board', 'cooler', 'card', 'supply', 'disk-1', 'fan-3'])
    expect(blockOf(item).flatMap(b => b.boxes).length).toBeGreaterThan(0)
  expect(new Set(found?.blocks.map(b => b.kind)).has('air')).toBe(false)
})

test('boxes lie within the case, a hand’s breadth for what looks out of it', () => {
  const { min, max } = found?.inside ?? { min: [0, 0, 0], max: [0, 0, 0] }
  for (const { boxes } of found?.blocks ?? [])
    for (const { box } of boxes)
      for (const axis of [0, 1, 2] as const) {
        expect(box.min[axis]).toBeGreaterThan(min[axis] - 100)
        expect(box.max[axis]).toBeLessThan(max[axis] + 100)
      }
})

test('the disks stand one over the other, the supply on the floor', () => {
  const middle = (item: string): number => {
    const { min, max } = blockOf(item)[0]?.boxes[0]?.box ?? { min: [0, 0, 0], max: [0, 0, 0] }
    return (min[1] + max[1]) / 2
  }
  expect(middle('disk-2')).toBeGreaterThan(middle('disk-1'))
  expect(middle('supply')).toBeLessThan(middle('board'))
})

test('without a case there is nothing to be seen', () => {
  expect(blocksIn(change(plover, { do: 'removeItem', id: 'case' }), 'then')).toBeNull()
})
