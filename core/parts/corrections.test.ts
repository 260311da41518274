import fc from 'fast-check'
import { runs } from '../test-helpers/runs'
import { corrected, correctionsOf } from './corrections'

const read = {
  id: 'a',
  kind: 'fan',
  model: 'Breeze 120',
  amps: { A: 0.2 },
  cables: [{ n: 1 }, { n: 2 }],
}

test('what a hand changed is carried over to what was read anew', () => {
  const now = { ...read, amps: { A: 0.3 }, flow: { m3h: 90 } }
  const anew = { ...read, model: 'Breeze 140', amps: { A: 0.25 } }
  expect(corrected(anew, correctionsOf(read, now))).toEqual({
    part: { ...anew, amps: { A: 0.3 }, flow: { m3h: 90 } },
    left: [],
  })
})

test('a value that was taken out stays out; an entry that is gone is told', () => {
  const { amps: _, ...without } = read
  expect(corrected({ ...read }, correctionsOf(read, without)).part).toEqual(without)
  const second = { ...read, cables: [{ n: 1 }, { n: 5 }] }
  expect(corrected({ ...read, cables: [{ n: 1 }] }, correctionsOf(read, second)).left).toEqual([
    { path: ['cables', '1', 'n'], value: 5 },
  ])
})

test('what it is called on the shelf is no correction', () => {
  expect(correctionsOf(read, { ...read, id: 'b' })).toEqual([])
})

test('a name that is special to the language is a name like any other', () => {
  const before = JSON.parse('{"b":{"__proto__":null}}') as unknown
  for (const after of [{ b: {} }, JSON.parse('{"b":{"__proto__":{"c":1}}}') as unknown]) {
    const { part } = corrected(before, correctionsOf(before, after))
    expect(JSON.stringify(part)).toBe(JSON.stringify(after))
  }
})

test('corrections on what they were made on give what the hand left, whatever it is', () => {
  const values = fc.dictionary(fc.constantFrom('a', 'b', 'c'), fc.jsonValue({ maxDepth: 3 }))
  fc.assert(
    fc.property(values, values, (before, after) => {
      const plain = JSON.parse(JSON.stringify(after)) as unknown
      expect(corrected(before, correctionsOf(before, plain)).part).toEqual(plain)
    }),
    { numRuns: runs(500) },
  )
})
