import { altered, avocet, change, finding, then } from '../../test-helpers/demos'

const id = 'fit/memory-table:memory:board'
const memoryOf = (part: Readonly<Record<string, unknown>>) => part['memory'] as object

test('two modules, a row for two: they sit where it says', () => {
  expect(finding(then(avocet), id)).toMatchObject({
    verdict: 'clear',
    sentence: expect.stringContaining('A2 and B2') as string,
  })
})

test('one of them by hand in A1, the other in the slot that comes first: the table says A2 and B2', () => {
  const joint = then(avocet).joints.find(j => j.id.endsWith('~board/memory-A2'))
  const [plug = ''] = joint?.id.split('~') ?? []
  const moved = change(avocet, { do: 'pinJoint', plug, socket: 'board/memory-A1', title: 'x' })
  expect(finding(then(moved), id)).toMatchObject({
    verdict: 'watch',
    sentence: expect.stringContaining('A1, A2 of the Lagoon 6; its table says A2, B2') as string,
    wayOut: 'Move them to A2, B2.',
  })
})

test('a table without a row for two says nothing of two; no table asks nothing', () => {
  const table = (rows: readonly object[]) =>
    change(
      avocet,
      altered(avocet, 'board', p => ({ memory: { ...memoryOf(p), table: rows } })),
    )
  const four = { modules: 4, slots: ['A1', 'A2', 'B1', 'B2'] }
  expect(finding(then(table([four])), id)).toMatchObject({
    verdict: 'watch',
    sentence: expect.stringContaining('no row for 2 modules') as string,
  })
  expect(then(table([])).findings.filter(f => f.rule === 'fit/memory-table')).toEqual([])
})
