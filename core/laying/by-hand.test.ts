// The ways laid by hand hold together: each passes through no body, and from room to room only where
// there is a hole; and the ways that are worked out agree with them.
import { runOn } from '../analysis/analyse'
import type { Build } from '../document/build'
import { inside, type Box, type Vec3 } from '../geometry/space'
import { nominalBox } from '../geometry/solid'
import { Memory } from '../pipeline/memory'
import { layout } from '../plan/items'
import { field, solids } from '../plan/joints'
import { leads } from '../plan/leads'
import { avocet, curlew, plover, teal } from '../test-helpers/demos'
import type { Field } from '../ways/field'
import { WAY_TOLERANCE } from '../ways/reach'
import { wayBetween } from '../ways/way'
import { BY_HAND, lengthByHand, type LaidByHand } from '../test-helpers/laid-by-hand'

const BUILDS: Readonly<Record<keyof typeof BY_HAND, Build>> = { avocet, plover, teal, curlew }
const LAID = Object.entries(BY_HAND).flatMap(([name, list]) =>
  list.map(laid => ({ name: name as keyof typeof BY_HAND, laid, lead: laid.lead })),
)
const machines = new Map(
  Object.entries(BUILDS).map(([name, build]) => {
    return [name, runOn(build, 'then', new Memory()).values({ field, layout, leads, solids })]
  }),
)

/** Named choice: so deep a lead may press into what a figure makes of a body, mm. */
const PRESS = 4
const STEP = 2
/** Points along a way, close to each other. */
const along = ({ corners }: LaidByHand): readonly Vec3[] =>
  corners.slice(1).flatMap((to, i) => {
    const from = corners[i] ?? to
    const steps = Math.ceil(Math.hypot(...to.map((v, k) => v - (from[k] ?? v))) / STEP)
    return Array.from({ length: steps + 1 }, (_, n): Vec3 => {
      const at = (k: 0 | 1 | 2): number => from[k] + ((to[k] - from[k]) * n) / Math.max(1, steps)
      return [at(0), at(1), at(2)]
    })
  })

test('there are ten of each large demo and three of each other', () => {
  expect(Object.values(BY_HAND).map(list => list.length)).toEqual([10, 10, 3, 3])
})

test.each(LAID)('$name $lead', ({ name, laid }) => {
  const machine = machines.get(name)
  const found = machine?.leads.find(l => l.plug.ref === laid.lead)
  if (!machine?.layout || !found) throw new Error('no such lead is laid')
  const own = new Set(found.joints.flatMap(j => j.items))
  own.add(found.plug.item)
  const inTheWay = (p: Vec3): readonly string[] =>
    machine.solids
      .filter(s => s.nature === 'body' && s.kind !== 'case' && !own.has(s.item))
      .filter(s => inside(nominalBox(s), p, -PRESS))
      .map(s => `${s.item} ${s.what} at ${p.map(Math.round).join(', ')}`)
  expect([...new Set(along(laid).flatMap(inTheWay))]).toEqual([])

  const { openings, rooms } = machine.layout
  const roomsAt = (p: Vec3): readonly string[] =>
    rooms.filter(r => inside(r as Box, p, 15)).map(r => r.key)
  for (const p of along(laid)) expect(roomsAt(p)).not.toEqual([])
  const passed = laid.through.map(key => openings.find(o => o.key === key)?.at)
  for (const at of passed) {
    const nearest = Math.min(
      ...along(laid).map(p => Math.hypot(...p.map((v, k) => v - (at?.[k] ?? Infinity)))),
    )
    expect(nearest).toBeLessThan(15)
  }
  // No longer than the lead is.
  const have = found.length.terms.reduce((sum, t) => sum + (t.leaf.figure?.value ?? 0), 0)
  expect(lengthByHand(laid)).toBeLessThan(have)
})

/** The sum of the ways from hole to hole, each within one room. */
function byTheSameHoles({ corners, through }: LaidByHand, within: Field): number | null {
  const { openings } = within.layout
  const holes = through.map(key => openings.find(o => o.key === key)?.at)
  const stops = [corners[0], ...holes, corners.at(-1)]
  const shut = openings.map(o => o.key)
  return stops.slice(1).reduce<number | null>((sum, to, i) => {
    const from = stops[i]
    const way = from && to && wayBetween(within, from, to, { shut, share: 1, isThin: true })
    return sum === null || !way ? null : sum + way.length
  }, 0)
}

describe('the ways that are worked out agree with them', () => {
  test.each(LAID)(
    '$name $lead: as long by the same holes, within what such ways are good to',
    of => {
      const within = machines.get(of.name)?.field
      const found = within ? byTheSameHoles(of.laid, within) : null
      const byHand = lengthByHand(of.laid)
      expect(Math.abs((found ?? Infinity) - byHand)).toBeLessThanOrEqual(
        WAY_TOLERANCE.mm + WAY_TOLERANCE.share * byHand,
      )
    },
  )

  test('three of four go through the same holes as by hand', () => {
    const same = LAID.filter(({ name, laid }) => {
      const machine = machines.get(name)
      const found = machine?.leads.find(l => l.plug.ref === laid.lead)
      return found?.reach?.way.through.join() === laid.through.join()
    })
    expect(same.length).toBeGreaterThanOrEqual(20)
  })
})
