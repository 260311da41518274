// What came with a case in its place is no work: it is looked at, its lead is plugged.
import { orderSchools } from '../analysis/analyse'
import type { Build } from '../document/build'
import { endsOfJoint } from '../ids/ids'
import type { Fitted } from '../parts/kind'
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

test.each(['a-fan', 'z-fan'])('where there is one place too few, it stays and %s has none', id => {
  const part = plover.items.find(i => i.id === FAN)?.part
  const atTop = change(plover, { do: 'comeFitted', id: FAN, fitted: 'top' })
  const build = change(atTop, { do: 'addItem', item: { id, part, state: 'have' } })
  const { joints, findings } = then(build)
  expect(joints.some(j => j.id.startsWith(`${FAN}/frame~`))).toBe(true)
  expect(joints.some(j => j.id.startsWith(`${id}/frame~`))).toBe(false)
  const stops = findings.filter(f => f.verdict === 'stop')
  expect([...new Set(stops.map(f => f.parts[0]))]).toEqual([id])
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

const pc = plover.items.find(i => i.part.kind === 'case')
const fan = plover.items.find(i => i.id === FAN)
if (!pc || !fan) throw new Error('Plover has a case and a fan')
/** Plover whose case comes with such a fan, or with two, each in its place. */
const inCase = (count: number, fitted: Fitted = true): Build => ({
  ...plover,
  items: plover.items.map(i =>
    i.id === pc.id
      ? { ...i, part: { ...i.part, includes: [{ count, part: fan.part, fitted }] } }
      : i,
  ),
})
const outOf = (build: Build): readonly Step[] =>
  then(build).order.steps.filter(s => s.kind === 'came-out')

test('what sits in a case and is in the build is not taken out', () => {
  expect(outOf(came)).toEqual([])
  expect(outOf(inCase(1))).toEqual([])
})

test('what sits in a case and is not in the build comes out before its place is taken', () => {
  const build = inCase(2)
  const { steps } = then(build).order
  const [out, ...more] = outOf(build)
  expect(more).toEqual([])
  expect(out).toMatchObject({ what: fan.part.model, label: '', progress: 'planned' })
  const at = (id: string | undefined): number => steps.findIndex(s => s.id === id)
  expect(at(out?.id)).toBeLessThan(at(seatOf(build)?.id))
  expect(at(out?.id)).toBeGreaterThan(steps.findIndex(s => s.kind === 'panels-off'))
  expect(out?.does.join(' ')).toMatch(/not in this build/)
  const names = outOf(inCase(3)).map(s => s.what)
  expect(names).toEqual([1, 2].map(n => `${fan.part.model} (${n})`))
  const without = change(inCase(1), { do: 'removeItem', id: FAN })
  expect(outOf(without)).toHaveLength(1)
  expect(outOf(inCase(2, 'floor'))[0]?.title).toMatch(/, at the floor$/)
  const made = change(build, {
    do: 'setProgress',
    entries: { [out?.id ?? '']: { state: 'made', at: '2031-03-02T09:00:00.000Z' } },
    title: '',
  })
  expect(outOf(made)[0]?.progress).toBe('made')
  const other = change(made, { do: 'removeItem', id: pc.id })
  expect(other.progress[out?.id ?? '']).toBeUndefined()
})

test('one planned at another wall than it came at is unscrewed there first', () => {
  const build = change(plover, { do: 'comeFitted', id: FAN, fitted: 'floor' })
  const [out] = outOf(build)
  expect(out?.does.join(' ')).toMatch(/planned at another place/)
  expect(seatOf(build)?.after.map(a => a.step)).toContain(out?.id)
  const joint = seatOf(build)?.joints[0] ?? ''
  const put = change(build, {
    do: 'setProgress',
    entries: { [joint]: { state: 'made', at: '2031-03-02T09:00:00.000Z' } },
    title: '',
  })
  expect(outOf(put)[0]?.progress).toBe('made')
})
