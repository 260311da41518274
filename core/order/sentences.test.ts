// Any order, of any machine, by what a practised assembler says: the demos, sound machines of the
// shelf, and machines thrown together by a seed, in every build order.
import { BUILD_ORDERS } from '../document/build-orders'
import type { Build } from '../document/build'
import { avocet, change, curlew, plover, teal, then } from '../test-helpers/demos'
import { brokenIn, SENTENCES } from '../test-helpers/order-sentences'
import { buildOf, SOUND } from '../test-helpers/planted-machine'
import { randomBuild } from '../test-helpers/random-builds'
import { runs } from '../test-helpers/runs'

/** What each build order of a machine breaks. */
const broken = (build: Build): readonly string[] =>
  BUILD_ORDERS.flatMap(school =>
    brokenIn(then(change(build, { do: 'chooseOrder', school })).order.steps).map(
      says => `${school}: ${says}`,
    ),
  )

test.each(Object.entries({ plover, avocet, teal, curlew }))('%s', (_name, build) => {
  expect(broken(build)).toEqual([])
})

test.each([...SOUND.towers, ...SOUND.boxes].map((machine, i) => [i, buildOf(machine)] as const))(
  'sound machine %i',
  (_i, build) => {
    expect(broken(build)).toEqual([])
  },
)

/**
 * Seeds that broke a sentence once: a panel wired after the start, a lead laid from a supply that has
 * no place, a flash before the bench was ready, plugs into a closed case, a cooler "on the table" with
 * the board in the case.
 */
const BROKE = [7001, 7010, 7021, 7031, 7102]
test.each([...BROKE, ...Array.from({ length: runs(60) }, (_, i) => 7300 + i)])(
  'a machine thrown together, seed %i',
  seed => {
    expect(broken(randomBuild(seed))).toEqual([])
  },
)

test('each sentence sees an order that breaks it', () => {
  const supplyFirst = { do: 'chooseOrder', school: 'supply-first' } as const
  const orders = [plover, avocet, teal, curlew].map(
    build => then(change(build, supplyFirst)).order.steps,
  )
  const turned = orders.map(steps => [...steps].reverse())
  const twice = orders.map(steps => [...steps, ...steps.filter(s => s.kind === 'panel')])
  const standing = orders.map(steps => steps.map(s => ({ ...s, pose: 'lying' as const })))
  const seen = [...turned, ...twice, ...standing].flatMap(brokenIn)
  for (const says of Object.keys(SENTENCES))
    expect([says, seen.some(s => s.startsWith(says))]).toEqual([says, true])
})
