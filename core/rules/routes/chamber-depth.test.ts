// The chamber behind a tray, its channels, and the leads that cross there: a 24-pin's is 14 thick, a
// card's 9.
import type { Channel } from '../../case/layout'
import type { Vec3 } from '../../geometry/space'
import { stacksBehind } from '../../laying/crossings'
import type { LaidLead } from '../../laying/lay-lead'
import { altered, exact, fieldsOf, machineIn, buildOf } from '../../test-helpers/planted-machine'
import { avocet, change, finding, measure, then } from '../../test-helpers/demos'
import { runOn } from '../../analysis/analyse'
import { Memory } from '../../pipeline/memory'
import { leads } from '../../plan/leads'

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
const thick = (leads: readonly LaidLead[], channels: readonly Channel[] = []) =>
  Object.fromEntries(stacksBehind(leads, channels).map(s => [s.holder, s.thick]))

test('what crosses lies one over the other, what lies beside or before the tray does not', () => {
  const main = lead('supply/main.1', across(100))
  const beside = lead('supply/card-1.1', across(150))
  expect(thick([main, beside])).toEqual({ beside: 14 })
  expect(thick([main, lead('supply/card-1.1', UP)])).toEqual({ beside: 23 })
  expect(thick([lead('supply/main.1', across(100, 14))])).toEqual({})
})

test('a channel holds what lies and crosses in it; 60 beside it is only the way into it', () => {
  const main = lead('supply/main.1', across(100))
  const crossing = [main, lead('supply/card-1.1', UP)]
  const channel = (from: number, to: number): Channel => ({
    ...{ label: 'channel', min: [from, 90, -20], max: [to, 110, 0] },
  })
  // The main lead lies in it from end to end; the other only crosses it, and lies beside it.
  expect(thick(crossing, [channel(0, 200)])).toEqual({ beside: 9, 0: 23 })
  expect(thick([main], [channel(0, 145)])).toEqual({ 0: 14 })
  expect(thick([main], [channel(0, 135)])).toEqual({ beside: 14, 0: 14 })
  // They cross at 100, beside a channel that ends at 90.
  expect(thick(crossing, [channel(0, 90)])).toEqual({ beside: 23, 0: 14 })
})

test('26 is enough for a 24-pin’s lead; at 12 the panel presses on it', () => {
  expect(finding(then(avocet), 'routes/chamber-depth')).toMatchObject({
    ...{ verdict: 'clear', need: 14, have: 26 },
  })
  const shallow = then(change(avocet, measure('case', 'inner.behind', 10.5)))
  expect(finding(shallow, 'routes/chamber-depth')).toMatchObject({ verdict: 'watch', have: 10.5 })
})

describe('a channel from the opening behind the supply to the holes of a case, leads of 900', () => {
  const machine = machineIn(fieldsOf('brackwater-estuary-xl'))
  const supply = fieldsOf('dunlin-a1000')
  const cables = (supply['cables'] as readonly object[]).map(c => ({
    ...{ ...c, length: exact('mm', 900) },
  }))
  const judged = (depth: number | null, behind = 9) => {
    const inner = { ...(machine['case']?.['inner'] as object), behind: exact('mm', behind) }
    const place = { label: 'long channel', at: [200, 20], width: 235, height: 520 }
    const channels = [{ ...place, ...(depth === null ? {} : { depth: exact('mm', depth) }) }]
    const build = buildOf(
      altered(machine, { case: { inner, channels }, supply: { ...supply, cables } }),
    )
    return then(build).findings.find(f => f.id === 'routes/chamber-depth:case:channel-0')
  }

  test('44 deep it holds the 24-pin’s, 10 deep the panel presses on it', () => {
    expect(judged(44)).toMatchObject({ verdict: 'clear', need: 14, have: 44 })
    expect(judged(10)).toMatchObject({ verdict: 'watch', need: 14, have: 10 })
  })
  test('nobody says how deep: at least as deep as beside it, else it is asked', () => {
    expect(judged(null, 32)).toMatchObject({ verdict: 'clear', need: 14, have: 32 })
    expect(judged(null)).toMatchObject({ verdict: 'measure', need: 14, have: null })
  })
})
