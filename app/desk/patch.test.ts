import fc from 'fast-check'
import { avocet, change, measure, plover } from '../../core/test-helpers/demos'
import { analyse } from '../../core/analysis/analyse'
import { Memory } from '../../core/pipeline/memory'
import { patched, patchOf, Poster, Receiver } from './patch'

/** Plain data with ids here and there, as states have them. */
const data = fc.letrec(tie => ({
  value: fc.oneof(
    { maxDepth: 3 },
    fc.integer(),
    fc.string({ maxLength: 3 }),
    fc.constant(null),
    fc.array(tie('value'), { maxLength: 4 }),
    fc
      .uniqueArray(fc.constantFrom('a', 'b', 'c', 'd'), { maxLength: 4 })
      .chain(ids => fc.tuple(...ids.map(id => tie('value').map(v => ({ id, v }))))),
    fc.dictionary(fc.constantFrom('x', 'y', 'z', '__proto__', 'constructor'), tie('value')),
  ),
})).value

test('a patch turns the one into the other, whatever they are', () => {
  fc.assert(
    fc.property(data, data, (before, after) => {
      expect(patched(before, patchOf(before, after))).toEqual(after)
      expect(patchOf(after, structuredClone(after))).toBeNull()
    }),
    { numRuns: 500 },
  )
})

test('what did not change stays the very object', () => {
  const before = {
    a: { deep: [1, 2] },
    list: [
      { id: 'x', n: 1 },
      { id: 'y', n: 2 },
    ],
  }
  const after = {
    a: before.a,
    list: [
      { id: 'y', n: 2 },
      { id: 'x', n: 9 },
    ],
  }
  const now = patched(before, patchOf(before, after)) as typeof before
  expect(now).toEqual(after)
  expect(now.a).toBe(before.a)
  expect(now.list[0]).toBe(before.list[1])
})

test('one figure of a whole build posts a small part of it', () => {
  const memo = new Memory()
  const before = { build: avocet, analysis: analyse(avocet, memo) }
  const build = change(avocet, measure('cooler', 'height', 164))
  const patch = patchOf(before, { build, analysis: analyse(build, memo) })
  // A higher cooler moves in every view that shows its height; the rest of the drawings stays.
  expect(JSON.stringify(patch).length).toBeLessThan(JSON.stringify(before).length / 40)
})

test('a message that is missing is noticed, and the whole mends it', () => {
  const [worker, page] = [new Poster<unknown>(), new Receiver<unknown>()]
  const states = [
    plover,
    { ...plover, name: 'A' },
    { ...plover, name: 'B' },
    { ...plover, name: 'C' },
  ]
  expect(page.receive(worker.post(states[0]))).toEqual(states[0])
  worker.post(states[1])
  expect(page.receive(worker.post(states[2]))).toBeNull()
  worker.forget()
  expect(page.receive(worker.post(states[2]))).toEqual(states[2])
  expect(page.receive(worker.post(states[3]))).toEqual(states[3])
})
