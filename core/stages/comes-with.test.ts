// What comes with a part is counted once for each copy, and comes and goes with it.
import { buildSchema, type StoredItem } from '../document/build'
import { part } from '../test-helpers/demos'
import { added, alongWith, missingOf } from './comes-with'

const items = (...list: readonly object[]): readonly StoredItem[] =>
  buildSchema.parse({ id: 'own', name: 'Own', items: list }).items
const FAN = { ...part('ottery-breeze-120'), price: 30, pack: 3 }

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

describe('what comes and goes with a part', () => {
  const fan = { kind: 'fan', id: 'case-fan', model: 'Case fan', size: '120', price: 0 }
  const lead = { kind: 'fan', id: 'other-fan', model: 'Other fan', size: '140' }
  const pc = { ...part('brackwater-harbour-4'), includes: [{ count: 2, part: fan }] }
  const other = { ...part('brackwater-quay-30'), includes: [{ count: 1, part: lead }] }
  const wanted = (...ids: readonly string[]) =>
    ids.map(id => ({ id, part: fan, state: 'wanted' as const }))
  const holder = { id: 'case', part: pc, state: 'wanted' as const }
  const removed = (before: readonly StoredItem[], after: readonly StoredItem[]) =>
    alongWith(before, after).flatMap(c => (c.do === 'removeItem' ? [c.id] : []))

  test('a case that is not bought leaves with its fans', () => {
    const all = items(holder, ...wanted('a', 'b'))
    expect(removed(all, all.slice(1))).toEqual(['a', 'b'])
  })
  test('another case brings its own in the state that it has', () => {
    const all = items(holder, ...wanted('a', 'b'))
    const after = items({ ...holder, part: other }, ...wanted('a', 'b'))
    expect(alongWith(all, after)).toMatchObject([
      { do: 'removeItem', id: 'a' },
      { do: 'removeItem', id: 'b' },
      { do: 'addItem', item: { part: { id: 'other-fan', price: 0 }, state: 'wanted' } },
    ])
  })
  test('what sits in its place is said to; what stays in hand does not sit there any more', () => {
    const sitting = { ...pc, includes: [{ count: 2, part: fan, fitted: true }] }
    const [one] = missingOf(items({ id: 'case', part: sitting }))
    if (!one) throw new Error('two fans are missing')
    expect(added(one, [])).toMatchObject([
      { item: { part: { id: 'case-fan' }, fitted: true } },
      { item: { part: { id: 'case-fan' }, fitted: true } },
    ])
    const mine = { id: 'a', part: fan, state: 'have' as const, fitted: true }
    const all = items({ ...holder, part: sitting }, mine)
    expect(alongWith(all, all.slice(1))).toEqual([{ do: 'comeFitted', id: 'a', fitted: false }])
  })
  test('what comes with both stays', () => {
    const both = { ...other, includes: [{ count: 3, part: fan }] }
    const all = items(holder, ...wanted('a', 'b'))
    const after = items({ ...holder, part: both }, ...wanted('a', 'b'))
    expect(alongWith(all, after)).toMatchObject([
      { do: 'addItem', item: { part: { id: 'case-fan' } } },
    ])
  })
  test('what is in hand, paid, or bought at a price stays', () => {
    const kept = [
      { id: 'a', part: fan, state: 'have' as const },
      { id: 'b', part: fan, state: 'wanted' as const, paid: 9 },
      { id: 'c', part: { ...fan, price: 12 }, state: 'wanted' as const },
    ]
    const all = items(holder, ...kept)
    expect(removed(all, all.slice(1))).toEqual([])
  })
  test('one that was bought beside those that came along stays, and so does what was not there', () => {
    const all = items(holder, ...wanted('a', 'b', 'c'))
    expect(removed(all, all.slice(1))).toEqual(['b', 'c'])
    // What was left out of the build before is not asked for again.
    const few = items(holder, ...wanted('a'))
    expect(alongWith(few, few)).toEqual([])
  })
})
