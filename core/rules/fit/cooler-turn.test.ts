// A tower cooler turned about: what it reaches over then, and whether its mounting lets it.
import type { Build } from '../../document/build'
import { remediesFor } from '../../remedies/remedies'
import { remedyCommand } from '../../remedies/remedy'
import { change, finding, then, tryCommand } from '../../test-helpers/demos'
import {
  altered,
  buildOf,
  exact,
  type Fields,
  type Machine,
  fieldsOf,
  machineIn,
} from '../../test-helpers/planted-machine'

const of = fieldsOf
/**
 * The processor 95 in and 85 down. A cooler of 100 × 120 whose fan reaches 85 toward the memory and
 * hangs 40 over it.
 */
const COOLER: Fields = {
  ...{ ...of('ottery-highbank-120'), turns: 'quarters', height: exact('mm', 140) },
  ...{ width: exact('mm', 120), depth: exact('mm', 100) },
  ...{ over: exact('mm', 85), memoryRoom: exact('mm', 40) },
}
const MACHINE: Machine = altered(machineIn(of('brackwater-harbour-4')), {
  board: { tall: [] },
  cooler: COOLER,
  memory: { height: exact('mm', 45) },
})
const turned = (turn: number | null, cooler: Fields = {}): Build =>
  buildOf(
    altered(MACHINE, { cooler }),
    {},
    turn === null ? {} : { copies: { cooler: { turned: turn } } },
  )
const OVER = 'fit/cooler-over-memory:memory:cooler'
const idsOf = (build: Build): readonly string[] => then(build).findings.map(f => f.id)

test('as its sheet has it modules of 45 stand in 40 of room', () => {
  expect(finding(then(turned(null)), OVER)).toMatchObject({ verdict: 'stop', margin: -5 })
})

test('with its front side to the rear it reaches over no module', () => {
  const build = turned(2)
  expect(idsOf(build)).not.toContain(OVER)
  const met = then(build).findings.filter(
    f => f.rule === 'fit/clearance' && f.parts.includes('cooler') && f.parts.includes('memory'),
  )
  expect(met.filter(f => f.verdict !== 'clear' && f.verdict !== 'tight')).toEqual([])
})

test('toward the rear its fan ends 10 from the rear wall: 95 − 85', () => {
  const rear = finding(
    then(
      buildOf(
        altered(MACHINE, { fan: of('ottery-breeze-120') }),
        { 'fan/frame': 'case/rear' },
        {
          copies: { cooler: { turned: 2 } },
        },
      ),
    ),
    'fit/clearance:cooler:fan',
  )
  // the fan at the rear is 25 thick
  expect(rear.have).toBeCloseTo(95 - 85, 6)
  expect(rear.need).toBeCloseTo(25, 6)
})

test('the way out of it: turned, as promised', () => {
  const build = turned(null)
  const remedies = remediesFor(build, 'then', OVER, []).filter(r => r.kind === 'turn')
  expect(remedies.map(r => r.title)).toContain(
    'Turn the Highbank 120 half: its front side toward the rear',
  )
  for (const remedy of remedies) {
    const after = change(build, remedyCommand(remedy))
    expect(idsOf(after)).not.toContain(OVER)
    expect(remedy.leaves).toBeNull()
  }
})

describe('whether the mounting lets it', () => {
  const verdicts = (turn: number, turns: string | null): readonly string[] =>
    then(turned(turn, { turns }))
      .findings.filter(f => f.rule === 'fit/cooler-turn')
      .map(f => f.verdict)
  test.each([
    [1, 'quarters', 'clear'],
    [2, 'half', 'clear'],
    [1, 'half', 'stop'],
    [2, 'none', 'stop'],
    [3, null, 'measure'],
  ] as const)('by %i quarters on a mounting for %s: %s', (turn, turns, verdict) => {
    expect(verdicts(turn, turns)).toEqual([verdict])
  })
  test('nobody asks of one that goes in as its sheet has it', () => {
    expect(
      idsOf(turned(null, { turns: null })).filter(id => id.startsWith('fit/cooler-turn')),
    ).toEqual([])
  })
  test('a way that it does not go is refused with a sentence', () => {
    const { problem } = tryCommand(turned(null, { turns: 'half' }), {
      ...{ do: 'turnPart', id: 'cooler', turned: 1 },
    }) as { problem: string }
    expect(problem).toMatch(/does not go in turned so\. Choose one of the ways/)
  })
})
