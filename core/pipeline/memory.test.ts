import fc from 'fast-check'
import { oncePer } from '../collections/once'
import { Memory } from './memory'
import { share } from './share'

const data = fc.letrec(tie => ({
  value: fc.oneof(
    { maxDepth: 3 },
    fc.integer({ min: 0, max: 3 }),
    fc.constantFrom('a', 'b', null),
    fc.array(tie('value'), { maxLength: 4 }),
    fc.dictionary(fc.constantFrom('id', 'x', 'y'), tie('value'), { maxKeys: 3 }),
  ),
})).value

test('sharing never changes what a value says, and equal values become the same object', () => {
  fc.assert(
    fc.property(data, data, (before, next) => {
      expect(share(before, next)).toEqual(next)
      const copy = structuredClone(next)
      expect(share(next, copy)).toEqual(next)
      if (typeof next === 'object' && next !== null) expect(share(next, copy)).toBe(next)
    }),
    { numRuns: 500 },
  )
})

test('parts that did not change stay the same objects, wherever they stand now', () => {
  const before = [
    { id: 'a', n: { v: 1 } },
    { id: 'b', n: { v: 2 } },
  ]
  const next = share(before, [
    { id: 'b', n: { v: 2 } },
    { id: 'a', n: { v: 9 } },
  ]) as typeof before
  expect(next[0]).toBe(before[1])
  expect(next[1]).not.toBe(before[0])
})

test('maps are shared entry by entry', () => {
  const before = new Map([
    ['a', { v: 1 }],
    ['b', { v: 2 }],
  ])
  expect(share(before, new Map(structuredClone([...before])))).toBe(before)
  const next = share(
    before,
    new Map([
      ['a', { v: 1 }],
      ['b', { v: 3 }],
    ]),
  ) as typeof before
  expect(next.get('a')).toBe(before.get('a'))
  expect(next.get('b')).toEqual({ v: 3 })
})

test('a map in another order is another map; a set is never taken for an earlier one', () => {
  const before = new Map([
    ['a', { v: 1 }],
    ['b', { v: 2 }],
  ])
  const turned = share(
    before,
    new Map([
      ['b', { v: 2 }],
      ['a', { v: 1 }],
    ]),
  ) as typeof before
  expect([...turned.keys()]).toEqual(['b', 'a'])
  expect(turned.get('b')).toBe(before.get('b'))
  expect(share({ done: new Set() }, { done: new Set(['x']) })).toEqual({ done: new Set(['x']) })
})

test('computes again only when an input is otherwise, and cuts off where the result is equal', () => {
  const memo = new Memory()
  let runs = 0
  const ask = (x: { readonly v: number }) =>
    memo.keep('sign', [x], ({ v }) => {
      runs += 1
      return { positive: v > 0 }
    })
  const first = ask({ v: 1 })
  expect(ask({ v: 1 })).toBe(first) // another object that says the same
  expect(runs).toBe(1)
  expect(ask({ v: 2 })).toBe(first) // computed again: the result is equal, and so the same object
  expect(runs).toBe(2)
  expect(ask({ v: -2 })).not.toBe(first)
})

test('what goes in is handed on as the object that it equals', () => {
  const memo = new Memory()
  const doc = (items: readonly { readonly id: string }[]) =>
    memo.keep('doc', [items], own => ({ own, first: own[0] }))
  const before = doc([{ id: 'a' }, { id: 'b' }])
  const after = doc([{ id: 'a' }, { id: 'c' }])
  expect(after.first).toBe(before.first)
})

test('a result found inside another one is taken as it is, and the other is shared all the same', () => {
  const memo = new Memory()
  let looks = 0
  const inner = (v: number) =>
    memo.keep('inner', [v], () => ({
      get v() {
        looks += 1
        return v
      },
    }))
  const outer = (of: object) => memo.keep('outer', [of], () => ({ inner: of, fixed: { a: 1 } }))
  const first = outer(inner(1))
  expect(outer(inner(1))).toBe(first)
  const changed = inner(2)
  looks = 0
  const other = outer(changed)
  expect([other.inner, looks]).toEqual([changed, 0])
  expect(other.fixed).toBe(first.fixed)
})

test('what is done once for an object is not done again for it, and is for an equal one', () => {
  let runs = 0
  const size = oncePer((list: readonly number[]) => {
    runs += 1
    return list.length
  })
  const list = [1, 2]
  expect([size(list), size(list), size([1, 2]), runs]).toEqual([2, 2, 2, 2])
})

test('the bound holds, and what was asked last stays', () => {
  const memo = new Memory(4)
  let runs = 0
  const input = {}
  const ask = (name: string) =>
    memo.keep(name, [input], () => {
      runs += 1
      return { name }
    })
  for (const name of ['a', 'b', 'c', 'd']) ask(name)
  ask('a')
  ask('e') // b falls out, a was asked later
  runs = 0
  ask('a')
  expect(runs).toBe(0)
  ask('b')
  expect(runs).toBe(1)
})
