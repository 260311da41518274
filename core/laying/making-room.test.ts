// Two holes between two rooms: the near one holds two leads of a card (63.6 mm² each in 18 × 14.2 × 0.65
// = 166), the far one more. Three leads want the near one, and only the last has no other way.
import type { Layout, Opening } from '../case/layout'
import { fact, of } from '../figures/quantity'
import type { Vec3 } from '../geometry/space'
import { endRef } from '../ids/ids'
import type { Line } from '../joining/lines'
import { end } from '../parts/end'
import type { Field } from '../ways/field'
import { leadsOf } from './leads'

const hole = (key: string, y: number, width: number): Opening => ({
  ...{ key, label: key, at: [100, y, 14], joins: ['a', 'b'], width, height: 14.2 },
})
const layout: Layout = {
  inner: { x: 200, y: 100, z: 50, behind: 0 },
  ...{ tray: [0, 0, 0], supply: [0, 0, 0], leadsFrom: [0, 0, 0] },
  rooms: [
    { key: 'a', min: [0, 0, 0], max: [100, 100, 50] },
    { key: 'b', min: [100, 0, 0], max: [200, 100, 50] },
  ],
  openings: [hole('near', 50, 18), hole('far', 95, 60)],
  ...{ ties: null, channels: [], assumed: false, boardUnsure: 0, bayEnds: [] },
}
const field: Field = { layout, bodies: [], zones: [] }

/** A lead straight across, at such a height, so long. */
function across(item: string, y: number, mm: number): Line {
  const length = of(
    fact(`${item}:length`, 'length', 'mm', { value: mm, basis: 'measured', tol: 0 }),
  )
  const [from, to]: readonly [Vec3, Vec3] = [
    [10, y, 14],
    [190, y, 14],
  ]
  const plug = end({
    ...{ key: 'plug', face: 'card-8', sex: 'plug', label: 'card plug' },
    lead: { length, exit: [0, 0, 0] },
  })
  const socket = end({ key: 'socket', face: 'card-8', sex: 'socket', label: 'card socket' })
  const ref = endRef(item, 'plug')
  return {
    pairs: [{ plug: ref, socket: endRef(`for-${item}`, 'socket') }],
    first: { ref, item, end: plug },
    goal: { ref: endRef(`for-${item}`, 'socket'), item: `for-${item}`, end: socket },
    ...{ from, to, length, after: null },
  }
}
const laid = (...lines: readonly Line[]) =>
  Object.fromEntries(
    leadsOf({ plugs: [], lines, field, names: new Map() }).map(l => [
      l.plug.item,
      { through: l.reach?.way.through, crowded: l.crowded, detour: l.detour, givesWay: l.givesWay },
    ]),
  )
/** By the far hole the last needs twice 105.5 and 20: more than its 225; by the near one 201. */
const SHORT = across('c', 40, 225)

test('two leads lie in the near hole', () => {
  const found = laid(across('a', 50, 400), across('b', 60, 400))
  expect([found['a']?.through, found['b']?.through]).toEqual([['near'], ['near']])
})

test('the third has no other way: of the two the one makes room that loses the least', () => {
  const found = laid(across('a', 50, 400), across('b', 60, 400), SHORT)
  expect(found['c']).toEqual({
    ...{ through: ['near'], crowded: false, detour: 0, givesWay: false },
  })
  expect(found['a']).toMatchObject({ through: ['near'], crowded: false })
  // Up to the far hole and down again instead of by the near one.
  expect(found['b']).toMatchObject({ through: ['far'], crowded: false, givesWay: true })
  expect(found['b']?.detour).toBeCloseTo(2 * (Math.hypot(90, 35) - Math.hypot(90, 10)), 6)
})

test('where nobody can make room it is pressed through, and told as crowding', () => {
  const found = laid(across('a', 50, 203), across('b', 60, 205), SHORT)
  expect(Object.values(found).filter(l => l.crowded)).toHaveLength(1)
  expect(Object.values(found).map(l => l.through)).toEqual([['near'], ['near'], ['near']])
})
