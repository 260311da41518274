// Packs are bought whole; what comes with a part is counted once for each copy.
import { buildSchema, type StoredItem } from '../document/build'
import { part } from '../test-helpers/demos'
import { costsOf, missingOf, packsOf } from './costs'

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

describe('what comes with a part', () => {
  const own = { kind: 'fan', id: 'case-fan', model: 'Case fan', size: '120' }
  const pc = { ...part('brackwater-harbour-4'), includes: [{ count: 2, part: own }] }
  test('is asked for until it is there, for each copy', () => {
    expect(missingOf(items({ id: 'case', part: pc }))).toMatchObject([
      { item: 'case', part: { id: 'case-fan', price: 0 }, count: 2 },
    ])
    const one = { id: 'f', part: { ...own, kind: 'fan' } }
    expect(missingOf(items({ id: 'a', part: pc }, { id: 'b', part: pc }, one))[0]?.count).toBe(3)
  })
  test('two cases of which one is a part of its own: what is there is counted once', () => {
    const own2 = { ...pc, id: 'own-case' }
    const fans = ['f1', 'f2', 'f3'].map(id => ({ id, part: own }))
    const all = items({ id: 'a', part: pc }, { id: 'b', part: own2 }, ...fans)
    expect(missingOf(all)).toMatchObject([{ item: 'a', count: 1 }])
  })
  test('a controller comes with each pack, not with each fan', () => {
    const hub = { kind: 'hub', id: 'own-hub', model: 'Own hub' }
    const packed = { ...FAN, includes: [{ count: 1, part: hub }] }
    const all = items(...[1, 2, 3, 4].map(n => ({ id: `p${n}`, part: packed })))
    expect(missingOf(all)).toMatchObject([{ part: { id: 'own-hub' }, count: 2 }])
  })
  test('is not asked for where it is left out on purpose, nor where it makes no part', () => {
    expect(missingOf(items({ id: 'case', part: pc, bare: true }))).toEqual([])
    const odd = { ...pc, includes: [{ count: 1, part: { kind: 'sail', model: 'Odd' } }] }
    expect(missingOf(items({ id: 'case', part: odd }))).toEqual([])
  })
})
