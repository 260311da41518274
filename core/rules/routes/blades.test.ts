// Leads before the blades of a fan: one that passes between the fan and what it blows at, one that
// goes by its frame, one that belongs to it.
import type { Vec3 } from '../../geometry/space'
import { beforeBlades } from '../../ways/blades'
import { lengthBefore } from '../../laying/blades'
import type { LaidLead } from '../../laying/lay-lead'
import { runOn } from '../../analysis/analyse'
import { Memory } from '../../pipeline/memory'
import { leads } from '../../plan/leads'
import { avocet, then } from '../../test-helpers/demos'

const laid = runOn(avocet, 'then', new Memory()).values({ leads }).leads
const along = (points: readonly Vec3[], ref = 'supply/main.1'): LaidLead => {
  const own = laid.find(l => l.plug.ref === ref)
  if (!own?.reach) throw new Error(`no lead ${ref}`)
  return { ...own, reach: { ...own.reach, way: { ...own.reach.way, points } } }
}
/** A fan of 120 × 120 × 25 at the front: its blades need 10 before and behind it. */
const box = beforeBlades({ min: [400, 100, 20], max: [425, 220, 140] })
const fan = { item: 'some-fan', box }
const past = (x: number, y = 160): readonly Vec3[] => [
  [x, y, 0],
  [x, y, 200],
]

test('the space of the blades is the frame, 10 farther along its axis', () => {
  expect(box).toEqual({ min: [390, 100, 20], max: [435, 220, 140] })
})

test('5 before the blades it hangs there for the width of the fan; 15 before, or beside, it does not', () => {
  expect(lengthBefore(fan, along(past(395)))).toBeCloseTo(120)
  expect(lengthBefore(fan, along(past(385)))).toBe(0)
  expect(lengthBefore(fan, along(past(395, 224)))).toBe(0)
})

test('what begins at the fan, and its own lead, are where they have to be', () => {
  const from: readonly Vec3[] = [
    [395, 160, 60],
    [395, 160, 200],
  ]
  expect(lengthBefore(fan, along(from))).toBe(0)
  const own = laid.find(l => l.joints.some(j => j.items.includes('fan-1')))
  expect(
    own &&
      lengthBefore({ ...fan, item: 'fan-1' }, { ...own, ...along(past(395)), joints: own.joints }),
  ).toBe(0)
})

test('Avocet: three fans are free, before two the lead of a strip is to be tied down', () => {
  const found = then(avocet).findings.filter(f => f.rule === 'routes/blades')
  expect(found.map(f => f.verdict).sort()).toEqual(['clear', 'clear', 'clear', 'watch', 'watch'])
})
