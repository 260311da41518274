// Packs are bought whole.
import { buildSchema, type StoredItem } from '../document/build'
import { part } from '../test-helpers/demos'
import { costsOf, packsOf } from './costs'

const items = (...list: readonly object[]): readonly StoredItem[] =>
  buildSchema.parse({ id: 'own', name: 'Own', items: list }).items
const FAN = { ...part('ottery-breeze-120'), price: 30, pack: 3 }
const fans = (n: number, more: object = {}) =>
  Array.from({ length: n }, (_, i) => ({ id: `fan-${i}`, part: FAN, ...more }))

describe('packs', () => {
  test.each([
    [1, 1, 30],
    [3, 1, 10],
    [4, 2, 15],
  ])('of %i fans %i packs of three are bought: each costs %f', (n, packs, each) => {
    const all = items(...fans(n))
    expect(packsOf(all, FAN)).toBe(packs)
    expect([...costsOf(all).values()]).toEqual(Array.from({ length: n }, () => each))
  })
  test('what is paid costs what was paid, what is lent nothing, what has no price is not known', () => {
    const all = items(
      { id: 'a', part: FAN, paid: 8 },
      { id: 'b', part: FAN, state: 'lent' },
      { id: 'c', part: { ...FAN, id: 'other', price: null } },
      { id: 'd', part: part('ottery-breeze-140') },
    )
    expect([...costsOf(all)]).toEqual([
      ['a', 8],
      ['b', null],
      ['c', null],
      ['d', 14],
    ])
  })
})
