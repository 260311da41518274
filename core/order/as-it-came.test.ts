// What came with a case in its place is no work: it is looked at, its lead is plugged.
import { orderSchools } from '../analysis/analyse'
import type { Build } from '../document/build'
import { endsOfJoint } from '../ids/ids'
import { change, plover, then } from '../test-helpers/demos'
import type { Step } from './step'

const FAN = plover.items.find(i => i.part.kind === 'fan')?.id ?? ''
const came = change(plover, { do: 'comeFitted', id: FAN, fitted: true })
const seatOf = (build: Build): Step | undefined =>
  then(build).order.steps.find(s => s.kind === 'fan' && s.items.includes(FAN))
const screwsOf = (build: Build): string =>
  JSON.stringify(then(build).toHand.groups.find(g => g.title === 'Screws'))

test('a fan that came in its place is done before anything is, and only looked at', () => {
  expect(seatOf(plover)?.progress).not.toBe('made')
  const seat = seatOf(came)
  expect(seat).toMatchObject({ progress: 'made', minutes: 0, screws: [], tools: [], holds: [] })
  expect(seat?.title).toMatch(/ sits at the /)
  expect(seat?.does).toEqual([
    'It came in its place: look that it sits fast and which way it blows.',
  ])
  const [own, before] = [then(came), then(plover)]
  const plug = own.order.steps.find(s => s.kind === 'fan-plug' && s.items.includes(FAN))
  expect(plug?.progress).not.toBe('made')
  expect(screwsOf(came)).not.toBe(screwsOf(plover))
  expect(own.record.done).toEqual(before.record.done)
  expect(own.record.remaining).toBe(before.record.remaining - 1)
  expect(own.record.orphans).toEqual([])
})

test('it came at its wall: planned at another, it is put in there', () => {
  const wall = (fitted: 'top' | 'floor'): Step | undefined =>
    seatOf(change(plover, { do: 'comeFitted', id: FAN, fitted }))
  expect([wall('top')?.progress, wall('top')?.to]).toEqual(['made', seatOf(plover)?.to])
  expect(wall('floor')?.progress).not.toBe('made')
})

test('it takes no time in any build order', () => {
  const minutes = (build: Build): number =>
    orderSchools(build, 'then').find(r => r.school === build.choices.orderSchool)?.minutes ?? 0
  expect(minutes(plover) - minutes(came)).toBeCloseTo(seatOf(plover)?.minutes ?? 0, 6)
})

test('one whose place a hand chose is put in', () => {
  const [plug = '', socket = ''] = endsOfJoint(seatOf(came)?.joints[0] ?? '') ?? []
  const pinned = change(came, { do: 'pinJoint', plug, socket, title: '' })
  expect(seatOf(pinned)?.progress).not.toBe('made')
  expect(seatOf(pinned)?.does).toEqual(seatOf(plover)?.does)
})

test('taken back it is put in by hand; another fan in its place did not come there', () => {
  const back = change(came, { do: 'comeFitted', id: FAN, fitted: false })
  expect(back).toEqual(plover)
  const fan = plover.items.find(i => i.id === FAN)
  if (!fan) throw new Error('Plover has a fan')
  const other = change(came, {
    do: 'swapPart',
    id: FAN,
    part: { ...fan.part, id: 'other-fan', model: 'Other fan' },
    figures: {},
  })
  expect(other.items.find(i => i.id === FAN)?.fitted).toBeUndefined()
})
