import { buildOf, TOWER } from '../../test-helpers/planted-machine'
import { then } from '../../test-helpers/demos'

function saidOf(conditions: Readonly<Record<string, string>>) {
  const build = buildOf(TOWER)
  const items = build.items.map(i => ({ ...i, condition: conditions[i.id] ?? 'new' }))
  const told = then({ ...build, items } as typeof build)
  const own = told.findings
    .filter(f => f.rule === 'proof/condition')
    .sort((a, b) => a.id.localeCompare(b.id))
  return { own, proof: told.proof }
}

test('new says nothing, known good is clear, unknown and suspect are tried early', () => {
  expect(saidOf({}).own).toEqual([])
  const { own } = saidOf({ board: 'known good', memory: 'suspect', supply: 'unknown' })
  expect(own.map(f => [f.parts, f.verdict])).toEqual([
    [['board'], 'clear'],
    [['memory'], 'watch'],
    [['supply'], 'watch'],
  ])
  expect(own[1]).toMatchObject({
    sentence: 'There is a doubt about the D5 2 × 8',
    wayOut: 'One module at a time, then a memory test of an hour.',
  })
  expect(own[2]?.sentence).toBe('Nobody knows whether the A550 works')
})

test('when nothing happens, what was doubted is looked at first', () => {
  const look = (conditions: Readonly<Record<string, string>>) =>
    saidOf(conditions).proof.find(c => c.do.startsWith('Press the button'))?.ifNot ?? []
  expect(look({})[0]).toBe('mains switch of the supply, and the socket')
  expect(look({ memory: 'suspect', case: 'unknown' }).slice(0, 2)).toEqual([
    'the D5 2 × 8, suspect: another in its place',
    'mains switch of the supply, and the socket',
  ])
})
