// Trying settles what a measurement would, for the demos' questions, and nothing else is touched.
import type { Build } from '../document/build'
import { avocet, change, plover, teal, then } from '../test-helpers/demos'
import { whenTried } from './tried'

const asked = (build: Build) =>
  then(build).findings.filter(f => f.verdict === 'measure' && whenTried(f) !== null)

describe.each([
  ['plover', plover],
  ['avocet', avocet],
  ['teal', teal],
])('%s', (_, build) => {
  test('what was tried is settled by it', () => {
    for (const finding of asked(build)) {
      const tried = whenTried(finding)
      const after = change(build, {
        do: 'setFigure',
        id: tried?.settles.item,
        path: tried?.settles.path,
        figure: { mm: tried?.value, basis: 'measured', tol: 0, on: '2031-03-02' },
      })
      const now = then(after).findings.find(f => f.id === finding.id)
      expect([finding.id, ['clear', 'tight', undefined].includes(now?.verdict)]).toEqual([
        finding.id,
        true,
      ])
    }
  })
})

test('there is something to try on each of two demos; what stops is not tried away', () => {
  expect(asked(plover).length).toBeGreaterThan(0)
  expect(asked(avocet).length).toBeGreaterThan(0)
  for (const finding of then(avocet).findings.filter(f => f.verdict !== 'measure'))
    expect(whenTried(finding)).toBeNull()
})
