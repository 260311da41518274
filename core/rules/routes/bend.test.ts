// A screened lead that comes through the tray and turns back, one that goes on, and one of loose wires.
import type { Vec3 } from '../../geometry/space'
import { turningBack } from '../../laying/turning-back'
import type { LaidLead } from '../../laying/lay-lead'
import { runOn } from '../../analysis/analyse'
import { Memory } from '../../pipeline/memory'
import { leads } from '../../plan/leads'
import { doublingBack } from '../../test-helpers/plants/ways'
import { altered, buildOf, exact } from '../../test-helpers/planted-machine'
import { avocet, finding, then } from '../../test-helpers/demos'

const laid = runOn(avocet, 'then', new Memory()).values({ leads }).leads
const lead = (id: string, points: readonly Vec3[]): LaidLead => {
  const own = laid.find(l => l.plug.ref === id)
  if (!own?.reach) throw new Error(`no lead ${id}`)
  return { ...own, reach: { ...own.reach, way: { ...own.reach.way, points } } }
}
/** Along the tray’s front to a hole at 200, through it, and behind it to another place. */
const through = (to: number): readonly Vec3[] => [
  [100, 100, 14],
  [200, 100, 14],
  [200, 100, 0],
  [200, 100, -8],
  [to, 100, -8],
]

test('a front USB lead that goes on passes at a slant; one that turns back bends by 18', () => {
  expect(turningBack([lead('case/usb-a', through(300))], [])).toEqual([])
  expect(turningBack([lead('case/usb-a', through(120))], [])).toMatchObject([
    { bend: 18, holder: 'beside' },
  ])
})

test('wires that lie loose beside each other turn as they like', () => {
  expect(turningBack([lead('supply/main.1', through(120))], [])).toEqual([])
})

test('it turns back in the channel that the hole lies in', () => {
  const channel = { label: 'channel', min: [180, 0, -40], max: [220, 400, 0] } as const
  expect(turningBack([lead('case/usb-a', through(120))], [channel])).toMatchObject([{ holder: 0 }])
})

test('18 and half of 7, give or take 30 %: 30 deep is enough, at 22 nobody can tell, at 12 it springs', () => {
  const judged = (behind: number) =>
    finding(then(buildOf(doublingBack(behind))), 'routes/bend:case')
  expect(judged(30)).toMatchObject({ verdict: 'clear', need: 21.5, have: 30 })
  expect(judged(22)).toMatchObject({ verdict: 'measure' })
  expect(judged(12)).toMatchObject({ verdict: 'watch', assumed: true })
})

test('in a channel at the hole it is the depth of the channel that counts', () => {
  const place = { label: 'channel at the hole', at: [80, 80], width: 60, height: 60 }
  const machine = altered(doublingBack(12), {
    case: { channels: [{ ...place, depth: exact('mm', 40) }] },
  })
  expect(then(buildOf(machine)).findings.filter(f => f.rule === 'routes/bend')).toMatchObject([
    { id: 'routes/bend:case:channel-0', verdict: 'clear', have: 40 },
  ])
})
