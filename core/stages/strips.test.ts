// What a stage comes to before it is read, held against the findings themselves.
import { avocet, change, plover, then } from '../test-helpers/demos'

const gravest = ['harm', 'stop', 'measure', 'watch', 'tight', 'clear']

test('the counts of a stage are those of its findings, gravest first', () => {
  const { strips, findings } = then(avocet)
  for (const stage of ['fit', 'joints', 'power', 'panel', 'routes', 'proof'] as const) {
    const own = findings.filter(f => f.stage === stage)
    const { counts } = strips[stage]
    expect(counts.reduce((sum, c) => sum + c.count, 0)).toBe(own.length)
    for (const { verdict, count } of counts)
      expect(count).toBe(own.filter(f => f.verdict === verdict).length)
    const ranks = counts.map(c => gravest.indexOf(c.verdict))
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b))
  }
})

test('the worst is said in its own sentence and led to where it stands', () => {
  const { worst } = then(avocet).strips.fit
  expect(worst).toMatchObject({ verdict: 'harm', stage: 'fit', step: null })
  expect(worst?.sentence).toMatch(/^Standoffs of the Longreed 52 at B, R, S/)
  // The first stage speaks for the whole build.
  expect(then(avocet).strips.parts.worst).toEqual(worst)
})

test('what was accepted is counted, and is the worst no longer', () => {
  const { worst } = then(plover).strips.fit
  const accepted = change(plover, {
    ...{ do: 'accept', id: worst?.finding ?? '', title: '', reason: 'seen' },
  })
  const after = then(accepted).strips.fit
  expect(after.accepted).toBe(1)
  expect(after.worst?.finding).not.toBe(worst?.finding)
})

test('of the order the gravest step that is still to do is told, with why', () => {
  const { worst } = then(avocet).strips.order
  expect(worst).toMatchObject({ stage: 'order', finding: null, verdict: 'harm' })
  expect(worst?.step).toBe('board-in:board/mount~case/tray')
  expect(worst?.sentence).toMatch(/^Lay the Lagoon 6 into the Longreed 52: Standoffs/)
})
