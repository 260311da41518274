// Following the plan to the letter changes nothing of the rest; doing it differently changes only what
// it has to.
import { BUILD_ORDERS } from '../document/build-orders'
import { apply } from '../document/apply'
import type { Build } from '../document/build'
import type { Command } from '../document/command-schema'
import { isProblem } from '../document/command'
import { Memory } from '../pipeline/memory'
import { avocet, change, curlew, lazily, plover } from '../test-helpers/demos'
import { runs } from '../test-helpers/runs'
import type { HorizonAnalysis } from './analyse'

/** Every prefix is looked at in `npm run deep`, one in so many in `npm test`. */
const ONE_IN = 5 / runs(5)
const isLookedAt = (nth: number): boolean => nth % ONE_IN === 0

const DEMOS = { plover, curlew, avocet }
const START = Date.parse('2031-03-02T09:00:00.000Z')

/** A command done so many minutes after the start. */
function after(build: Build, minutes: number, command: Command): Build {
  const changed = apply(build, command, new Date(START + minutes * 60_000).toISOString())
  if (isProblem(changed)) throw new Error(changed.problem)
  return changed.build
}
const fresh = (build: Build): Build => ({ ...build, progress: {} })

const joinedIn = (h: HorizonAnalysis): readonly string[] => h.joints.map(j => j.id).sort()
/** What is still to be done, by name and in its order. */
const restOf = (h: HorizonAnalysis): readonly string[] =>
  h.order.steps
    .filter(s => s.progress === 'planned' || s.progress === 'ready')
    .map(s => `${s.id} ${s.title}`)

const ways = Object.entries(DEMOS).flatMap(([name, demo]) =>
  BUILD_ORDERS.map(school => ({ name, school, demo })),
)

test.each(ways)('$name, $school: every prefix of the order leaves the rest as it is', way => {
  const memory = new Memory()
  let build = change(fresh(way.demo), { do: 'chooseOrder', school: way.school })
  const planned = lazily(build, memory)
  const joints = joinedIn(planned)
  let rest = restOf(planned)
  let made = 0
  planned.order.steps.forEach((step, minutes) => {
    if (step.demand !== null) return
    build = after(build, minutes, { do: 'make', ids: [...step.marks], title: step.title })
    made += 1
    rest = rest.filter(line => line !== `${step.id} ${step.title}`)
    if (!isLookedAt(made)) return
    const now = lazily(build, memory)
    expect(joinedIn(now)).toEqual(joints)
    expect(restOf(now)).toEqual(rest)
  })
  expect(made).toBeGreaterThan(20)
})

/** Plugs put elsewhere than planned, and what has to make room for it. */
const OTHERWISE = [
  ['a fan at another place', 'fan-3/frame', 'case/top-rear', ['fan-3/frame', 'fan-5/frame']],
  ['a fan at another outlet', 'fan-1/lead', 'fan-hub/out-4', ['fan-1/lead', 'fan-4/lead']],
  ['a lead in another port', 'sata-1/board', 'board/sata-2', ['sata-1/board', 'sata-2/board']],
] as const

describe.each(OTHERWISE)('%s', (_, plug, socket, moved) => {
  const before = fresh(avocet)
  const planned = joinedIn(lazily(before, new Memory()))
  const moves = (build: Build): readonly string[] =>
    joinedIn(lazily(build, new Memory()))
      .filter(id => !planned.includes(id))
      .map(id => id.split('~')[0] ?? '')

  test('moves that and what was there', () => {
    const pinned = after(before, 0, { do: 'pinJoint', plug, socket, title: 'x' })
    expect(moves(pinned)).toEqual(moved)
    const made = after(before, 0, { do: 'make', ids: [`${plug}~${socket}`], title: 'x' })
    expect(moves(made)).toEqual(moved)
  })

  test('and from then on nothing moves', () => {
    const memory = new Memory()
    let build = after(before, 0, { do: 'make', ids: [`${plug}~${socket}`], title: 'x' })
    const joints = joinedIn(lazily(build, memory))
    lazily(build, memory).order.steps.forEach((step, i) => {
      if (step.demand !== null) return
      build = after(build, i + 1, { do: 'make', ids: [...step.marks], title: step.title })
      if (!isLookedAt(i)) return
      expect(joinedIn(lazily(build, memory))).toEqual(joints)
    })
  })
})
