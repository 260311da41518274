import { change, measure, part, plover } from '../test-helpers/demos'
import { counts, HORIZONS, namesOf, resolve } from './resolve'

const item = (id: string, build = plover) => {
  const found = build.items.find(i => i.id === id)
  if (!found) throw new Error(id)
  return found
}

test('a horizon counts items by their state', () => {
  const states = ['have', 'ordered', 'wanted', 'later', 'spare'] as const
  expect(HORIZONS.map(h => states.filter(state => counts(h, state)))).toEqual([
    ['have', 'ordered'],
    ['have', 'ordered', 'wanted', 'later'],
  ])
})

test('equal models are told apart by number, others keep their name', () => {
  const two = change(plover, {
    do: 'addItem',
    item: { id: 'fan-2', part: part('ottery-breeze-80') },
  })
  const names = namesOf(two.items)
  expect([names.get('fan'), names.get('fan-2'), names.get('board')]).toEqual([
    'Breeze 80 (1)',
    'Breeze 80 (2)',
    'Inlet 2',
  ])
})

test('a measurement is laid over this copy alone; the part’s own data stays, what lies beside is shared', () => {
  const build = change(
    plover,
    measure('supply', 'cables.1.length', 365),
    measure('case', 'inner.x', 322),
  )
  const supply = resolve(item('supply', build), 'S300')
  expect(supply.part).toMatchObject({
    cables: [{ length: 300 }, { length: { mm: 365, basis: 'measured' } }, { length: 300 }],
  })
  expect(item('supply', build).part).toMatchObject({
    cables: [{ length: 300 }, { length: 350 }, { length: 300 }],
  })
  expect(resolve(item('case', build), 'x').part).toMatchObject({
    inner: { x: { mm: 322 }, y: 230 },
  })
  const before = item('supply', build).part as { cables: unknown[]; rails: unknown }
  const after = supply.part as { cables: unknown[]; rails: unknown }
  expect(after.rails).toBe(before.rails)
  expect(after.cables[0]).toBe(before.cables[0])
})

test('a figure that the part does not have yet gets its place', () => {
  const build = change(plover, measure('processor', 'lidWidth', 38.2))
  expect(resolve(item('processor', build), 'x').part).toMatchObject({ lidWidth: { mm: 38.2 } })
})
