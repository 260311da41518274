import fc from 'fast-check'
import { mergeChange, sameContent } from './merge'

test('what nobody touched since is turned, and back', () => {
  const [from, to] = [
    { height: 65, room: { x: 1, y: 2 } },
    { height: 64, room: { x: 1, y: 2 } },
  ]
  expect(mergeChange(to, to, from)).toEqual({ value: from, left: [] })
  // Another field was changed meanwhile: it stays.
  expect(mergeChange({ ...to, price: 7 }, to, from)).toEqual({
    value: { ...from, price: 7 },
    left: [],
  })
})

test('what was changed since stays, and is named by its path', () => {
  const [from, to] = [{ room: { x: 1, y: 2 } }, { room: { x: 9, y: 2 } }]
  expect(mergeChange({ room: { x: 333, y: 2 } }, to, from)).toEqual({
    value: { room: { x: 333, y: 2 } },
    left: ['room.x'],
  })
  expect(mergeChange({ room: { x: 9, y: 5 } }, to, from)).toEqual({
    value: { room: { x: 1, y: 5 } },
    left: [],
  })
})

test('a field that came goes again; one that went comes back; lists are one value', () => {
  expect(mergeChange({ a: 1, b: 2 }, { a: 1, b: 2 }, { a: 1 })).toEqual({
    value: { a: 1 },
    left: [],
  })
  expect(mergeChange({ a: 1 }, { a: 1 }, { a: 1, b: 2 })).toEqual({
    value: { a: 1, b: 2 },
    left: [],
  })
  expect(mergeChange({ list: [1, 9] }, { list: [1, 2] }, { list: [1] }).left).toEqual(['list'])
})

test('a thing that came and was changed since is not taken away; one untouched is', () => {
  expect(mergeChange({ a: 2 }, { a: 1 }, null)).toEqual({ value: { a: 2 }, left: [''] })
  expect(mergeChange({ a: 1 }, { a: 1 }, null)).toEqual({ value: null, left: [] })
})

test('there and back again is where it was, whatever the values', () => {
  fc.assert(
    fc.property(fc.jsonValue(), fc.jsonValue(), (from, to) => {
      const there = mergeChange(from, from, to)
      expect(there.left).toEqual([])
      expect(sameContent(there.value, to)).toBe(true)
      expect(sameContent(mergeChange(there.value, to, from).value, from)).toBe(true)
    }),
  )
})
