// A store that the browser emptied is noticed by what is remembered beside it.
import type { DeskState } from '../desk/acts'
import { emptied, looking, remember, rememberedIn } from './kept'

const line = (id: string, demo = false) => ({
  ...{ id, name: id.toUpperCase(), note: '', items: 3, changed: '', aside: null, demo },
})
const binned = (id: string) => ({ id, name: id.toUpperCase(), items: 3, deleted: '' })
type Lists = Pick<DeskState, 'builds' | 'bin'>
const state = (builds: DeskState['builds'], bin: DeskState['bin'] = []): DeskState =>
  ({ builds, bin }) satisfies Lists as unknown as DeskState

function place() {
  const kept = new Map<string, string>()
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  }
}

test('a first visit, and one where a build is still there, say nothing', () => {
  const there = place()
  expect(emptied(state([line('demo', true)]), rememberedIn(there))).toBeNull()
  remember(state([line('a'), line('b'), line('demo', true)]), there)
  expect(emptied(state([line('b')]), rememberedIn(there))).toBeNull()
  expect(emptied(state([], [binned('a')]), rememberedIn(there))).toBeNull()
})

test('nothing of it is there any more: said with names; an example laid out anew is none of it', () => {
  const there = place()
  remember(state(['a', 'b', 'c', 'd', 'e'].map(id => line(id))), there)
  expect(emptied(state([line('a', true)]), rememberedIn(there))).toMatch(
    /no longer holds what was kept in it \(A, B, C and 2 more\)/,
  )
})

test('only examples, or what cannot be read, remembers nothing', () => {
  const there = place()
  remember(state([line('demo', true)]), there)
  expect(emptied(state([]), rememberedIn(there))).toBeNull()
  there.setItem('juntura-kept', '{broken')
  expect(emptied(state([]), rememberedIn(there))).toBeNull()
})

test('what was lost is remembered until something is kept again', () => {
  const there = place()
  remember(state([line('a')]), there)
  const told: string[] = []
  const visit = () => looking(sentence => told.push(sentence), there)
  visit()(state([line('a', true)]))
  const look = visit()
  look(state([]))
  expect(told).toHaveLength(2)
  look(state([line('b')]))
  visit()(state([line('b')]))
  // Whoever throws the last one away is not told that it is gone.
  visit()(state([line('b')]))
  const last = visit()
  last(state([line('b')]))
  last(state([]))
  visit()(state([]))
  expect(told).toHaveLength(2)
})

test('what another window keeps while this one opens is no loss', () => {
  const there = place()
  const told: string[] = []
  const look = looking(sentence => told.push(sentence), there)
  // The store was read with the example as it came; then the other window changed it.
  remember(state([line('plover')]), there)
  look(state([line('plover', true)]))
  expect(told).toEqual([])
})
