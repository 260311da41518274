// The seam's groups: whatever lies on the table is of the table; the rest by what is done.
import { avocet, then } from '../test-helpers/demos'
import { groupOf } from './step-group'

test.each([
  ['cooler-plug', 'table', 'table'],
  ['cooler-plug', 'lying', 'cables'],
  ['board-in', 'lying', 'case'],
  ['hub', 'behind', 'case'],
  ['covers', 'lying', 'cards'],
  ['dress', 'behind', 'test'],
  ['outer-plug', 'standing', 'test'],
] as const)('%s, %s: %s', (kind, pose, group) => {
  expect(groupOf({ kind, pose })).toBe(group)
})

test('Avocet by its groups: from the table into the case, to cables, cards, and the test', () => {
  const groups = then(avocet).order.steps.map(s => s.group)
  const runs = groups.filter((g, i) => g !== groups[i - 1])
  expect([runs[0], runs[1], runs.at(-2), runs.at(-1)]).toEqual(['table', 'case', 'cables', 'test'])
})
