// The chamber behind a tray and the leads that cross in it: a 24-pin's is 14 thick, a card's 9.
import type { Vec3 } from '../../geometry/space'
import { thickestBehind } from '../../laying/crossings'
import type { LaidLead } from '../../laying/lay-lead'
import { avocet, change, finding, measure, then } from '../../test-helpers/demos'
import { runOn } from '../../analysis/analyse'
import { Memory } from '../../pipeline/memory'
import { leads } from '../../plan/joints'

const laid = runOn(avocet, 'then', new Memory()).values({ leads }).leads
const lead = (id: string, points: readonly Vec3[]): LaidLead => {
  const own = laid.find(l => l.plug.ref === id)
  if (!own?.reach) throw new Error(`no lead ${id}`)
  return { ...own, reach: { ...own.reach, way: { ...own.reach.way, points } } }
}
const across = (y: number, z = -8): readonly Vec3[] => [
  [0, y, z],
  [200, y, z],
]
const UP: readonly Vec3[] = [
  [100, 0, -8],
  [100, 200, -8],
]

test('what crosses lies one over the other, what lies beside or before the tray does not', () => {
  const main = lead('supply/main.1', across(100))
  const beside = lead('supply/card-1.1', across(150))
  expect(thickestBehind([main, beside])?.thick).toBe(14)
  expect(thickestBehind([main, lead('supply/card-1.1', UP)])?.thick).toBe(23)
  expect(thickestBehind([lead('supply/main.1', across(100, 14))])).toBeNull()
})

test('26 is enough for a 24-pin’s lead; at 12 the panel presses on it', () => {
  expect(finding(then(avocet), 'routes/chamber-depth')).toMatchObject({
    ...{ verdict: 'clear', need: 14, have: 26 },
  })
  const shallow = then(change(avocet, measure('case', 'inner.behind', 10.5)))
  expect(finding(shallow, 'routes/chamber-depth')).toMatchObject({ verdict: 'watch', have: 10.5 })
})
