import { type EndRef, endRef, itemOf, jointId, keyOf } from '../ids/ids'
import { end } from '../parts/end'
import { fact, of } from '../figures/quantity'
import { demandsOf, jointOf, outlineOf, type EndOf } from './joint'
import { binding, overdrawn } from '../matching/budget'
import type { Candidate } from '../matching/candidate'
import { FREE } from '../matching/cost'
import { mate } from './mate'
import { exitOf, framesOf, pointOf } from './places'
import { frame } from '../geometry/space'

const at = (item: string, key: string, about: Partial<Parameters<typeof end>[0]> = {}): EndOf => ({
  ref: endRef(item, key),
  item,
  end: end({ key, face: 'usb-2', sex: 'plug', label: key, ...about }),
})

test('a joint’s id is made of its two items and end keys, plug first', () => {
  const joint = jointOf(
    outlineOf(at('case', 'usb', { count: 1 })),
    outlineOf(at('board', 'usb2', { sex: 'socket' })),
    true,
  )
  expect(joint).toMatchObject({
    id: 'case/usb~board/usb2',
    items: ['case', 'board'],
    kind: 'plug',
    pinned: true,
    count: 1,
  })
  expect([itemOf('case/usb'), keyOf('case/usb'), jointId('a/b', 'c/d')]).toEqual([
    'case',
    'usb',
    'a/b~c/d',
  ])
})

describe('what asks to be joined', () => {
  test('musts and shoulds ask; a socket that may be used does not; a lead that may be joined asks last', () => {
    const demands = demandsOf([
      at('a', 'x', { need: 'must' }),
      at('a', 'y', { sex: 'socket' }),
      at('a', 'z', { need: 'may' }),
    ])
    expect(demands.map(d => [d.id, d.need])).toEqual([
      ['a/x', 'must'],
      ['a/z', 'may'],
    ])
  })
  test('a supply’s spare plug and a loose lead do not ask', () => {
    const gives = { class: of(fact('l', 'l', 'W', { value: 1, basis: 'standard', tol: 0 })) }
    expect(
      demandsOf([
        at('s', 'p', { face: 'cpu-8', gives }),
        at('s', 'd', { face: 'sata-power' }),
        at('l', 'a', { face: 'sata-data', among: { group: 'lead', how: 'both' } }),
      ]),
    ).toEqual([])
  })
  test('of a group one is enough, and the strongest need speaks for it', () => {
    const demands = demandsOf([
      at('c', 'hd', { need: 'should', among: { group: 'audio', how: 'one-of' } }),
      at('c', 'old', { need: 'must', among: { group: 'audio', how: 'one-of' } }),
    ])
    expect(demands).toEqual([
      {
        id: 'c/audio',
        item: 'c',
        need: 'must',
        refs: ['c/hd', 'c/old'],
        label: 'audio',
        seat: false,
        sits: false,
      },
    ])
  })
  test('a card’s own place is told from its plugs, and from the slot that takes it', () => {
    const demands = demandsOf([
      at('card', 'edge', { face: 'slot', need: 'must' }),
      at('card', 'power', { face: 'cpu-8', need: 'must' }),
      at('board', 'socket', { face: 'processor-socket', sex: 'socket', need: 'must' }),
    ])
    expect(demands.map(d => d.seat)).toEqual([true, false, false])
  })
})

describe('whether two ends meet', () => {
  const socket = (about = {}) => at('board', 's', { sex: 'socket', ...about })
  test('traits that both name must share a value; what one does not name is no matter', () => {
    const stick = at('m', 'seat', { face: 'm2-slot', traits: { key: ['M'], length: ['2280'] } })
    expect(
      mate(
        stick,
        socket({
          face: 'm2-slot',
          label: 'M2_1',
          traits: { key: ['M', 'B'], length: ['2242', '2280'] },
        }),
      ),
    ).toMatchObject({ ok: true, verdict: 'clear' })
    expect(
      mate(
        stick,
        socket({ face: 'm2-slot', label: 'M2_1', traits: { key: ['M'], length: ['2242'] } }),
      ),
    ).toEqual({ ok: false, reason: 'M2_1 takes length 2242, not 2280' })
    expect(mate(stick, socket({ face: 'm2-slot' }))).toMatchObject({ ok: true })
  })
  test('other shapes, the same item and two plugs have nothing to do with each other', () => {
    expect(mate(at('c', 'u'), socket({ face: 'usb-3' }))).toBeNull()
    expect(mate(at('board', 'u'), socket())).toBeNull()
    expect(mate(at('c', 'u'), at('d', 'u'))).toBeNull()
  })
  test('an older audio plug on the newer header works at a price', () => {
    expect(mate(at('c', 'a', { face: 'audio-97' }), socket({ face: 'audio-hd' }))).toMatchObject({
      ok: true,
      verdict: 'watch',
      note: expect.stringMatching(/without jack sensing/) as string,
    })
  })
})

describe('places', () => {
  const tray = at('case', 'tray', {
    face: 'tray',
    sex: 'socket',
    seat: frame([0, 185, 8], '+x -y +z'),
  })
  const mount = at('board', 'mount', { face: 'tray' })
  const slot = at('board', 'slot', {
    face: 'm2-slot',
    sex: 'socket',
    at: [60, 130, 0],
    seat: frame([60, 130, 0]),
  })
  const stick = at('stick', 'seat', {
    face: 'm2-slot',
    lead: {
      length: of(fact('x', 'x', 'mm', { value: 1, basis: 'spec', tol: 0 })),
      exit: [80, 0, 0],
    },
  })
  const ends = new Map([tray, mount, slot, stick].map(e => [e.ref, e]))
  const seats = [
    jointOf(outlineOf(stick), outlineOf(slot), false),
    jointOf(outlineOf(mount), outlineOf(tray), false),
  ] // the stick first: its board is not placed yet
  const frames = framesOf(['case'], ends, seats)

  test('frames are handed down from seat to seat, in whatever order they are given', () => {
    expect(pointOf(frames, slot)).toEqual([60, 55, 8])
    expect(exitOf(frames, stick)).toEqual([140, 55, 8])
  })
  test('what is not placed has no point', () => {
    expect(pointOf(framesOf([], ends, seats), slot)).toBeNull()
    expect(pointOf(frames, at('board', 'header', { sex: 'socket' }))).toBeNull()
  })
})

describe('limits that sockets share', () => {
  const pair = (plug: EndRef, socket: EndRef): Candidate => ({ plug, socket, cost: FREE })
  const budget = (limit: number) => ({
    sockets: ['hub/1', 'hub/2'],
    limit,
    takes: { 'a/lead': 0.9, 'b/lead': 0.6, 'c/lead': 0.2 },
  })
  const all = (['a/lead', 'b/lead', 'c/lead'] as const).flatMap(p =>
    (['hub/1', 'hub/2', 'board/fan'] as const).map(s => pair(p, s)),
  )

  test('only those bind that the hungriest plugs could pass together: 0.9 + 0.6 A in two places', () => {
    expect(binding([budget(1.4), budget(1.5), budget(3)], all)).toEqual([budget(1.4)])
    // Without a there, 0.6 + 0.2 A is the most.
    expect(
      binding(
        [budget(1.4)],
        all.filter(c => c.plug !== 'a/lead'),
      ),
    ).toEqual([])
  })
  test('what passes a limit is named, the hungriest first, no further than to where it passes', () => {
    const on = [pair('c/lead', 'hub/1'), pair('b/lead', 'hub/2'), pair('a/lead', 'board/fan')]
    expect(overdrawn(budget(0.7), on)?.map(p => p.plug)).toEqual(['b/lead', 'c/lead'])
    expect(overdrawn(budget(0.5), on)?.map(p => p.plug)).toEqual(['b/lead'])
    expect(overdrawn(budget(0.8), on)).toBeNull()
  })
})
