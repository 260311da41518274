// Each step is shown where it is done: the socket or the part itself, from the side where the hand is.
import { avocet, plover, teal, then } from '../test-helpers/demos'

const at = (build: typeof avocet, step: string) =>
  then(build).stepPlaces.places.find(p => p.step.startsWith(step))

test('a plug: the header where it stands, in a window around it', () => {
  const place = at(plover, 'small-plug:case/usb~board/usb3')
  const [target] = place?.targets ?? []
  // USB3_A at (166, 140) of a board whose upper edge is 185 over the floor.
  expect([
    (target?.x ?? 0) + (target?.w ?? 0) / 2,
    (target?.y ?? 0) + (target?.h ?? 0) / 2,
  ]).toEqual([expect.closeTo(166, 2) as number, expect.closeTo(-45, 2) as number])
  const { window: w, view } = place ?? {}
  expect(view).toBe('near')
  expect([
    (w?.x ?? 0) <= (target?.x ?? 0),
    (w?.x ?? 0) + (w?.w ?? 0) >= (target?.x ?? 0) + (target?.w ?? 0),
    (w?.w ?? 0) >= 130,
  ]).toEqual([true, true, true])
})

test('the board of a step on the table is shown, though it is in the case later', () => {
  const place = at(avocet, 'processor:')
  expect(place?.items).toContain('board')
  expect(then(avocet).stepPlaces.madeAt['board/mount~case/tray']).toBeGreaterThan(place?.at ?? 99)
})

test('what is done behind the tray is shown from there', () => {
  expect(at(avocet, 'hub:fan-hub')?.view).toBe('behind')
  expect(at(avocet, 'fan-plug:fan-1/lead')?.view).toBe('behind')
})

test('loose leads are shown at their block, once for each that is wired', () => {
  const place = at(plover, 'panel:board')
  expect(place?.targets.length).toBeGreaterThan(2)
  expect(new Set(place?.targets.map(t => `${t.x} ${t.y}`)).size).toBe(1)
})

test.each([
  ['Plover', plover],
  ['Avocet', avocet],
  ['Teal', teal],
] as const)('%s: every step that seats or plugs something inside has its place', (_name, build) => {
  const { order, stepPlaces } = then(build)
  const shown = new Set(stepPlaces.places.map(p => p.step))
  const missing = order.steps.filter(
    s => s.joints.length > 0 && s.pose !== 'standing' && !shown.has(s.id),
  )
  // An adapter that lies free has no place of its own.
  const placed = missing.filter(s => s.to !== '3 × 8 to 16')
  expect(placed.map(s => s.title)).toEqual([])
})

test('what comes later is told apart by the step that makes its joint', () => {
  const { order, stepPlaces } = then(plover)
  order.steps.forEach((step, i) => {
    for (const joint of step.joints) expect(stepPlaces.madeAt[joint]).toBe(i)
  })
})

describe('which way a hand pushes', () => {
  test('into the board: straight away from who looks on the near side', () => {
    const along = (step: string) => at(plover, step)?.enters.map(e => e.along)
    expect(along('processor:')).toEqual([null])
    // Two modules, each in its socket.
    expect(along('memory:')).toEqual([null, null])
    expect(along('small-plug:case/usb~board/usb3')).toEqual([null])
  })
  test('over the front edge: a socket that lies on its side takes its plug from there, rearwards', () => {
    // SATA1 to SATA6 of the board lie on their sides at its front edge: x is 243 of 244.
    expect(at(avocet, 'data-plug:sata-1:port')?.enters[0]?.along).toEqual([-1, 0])
  })
  test('what is fastened to the case has none: the model does not know it', () => {
    expect(at(plover, 'fan:')?.enters).toEqual([])
  })
})

const holesOf = (build: typeof avocet, step: string): readonly string[] =>
  at(build, step)?.holes.map(h => `${h.letter} ${h.at.join(' ')}`) ?? []

test('a fan is shown from its wall, its four holes crosswise, 105 apart', () => {
  // The rear fan stands from 64 to 184 over the tray and up to 460 over the floor.
  expect([at(avocet, 'fan:fan-3')?.view, at(avocet, 'fan:fan-1')?.view]).toEqual(['rear', 'front'])
  expect(holesOf(avocet, 'fan:fan-3')).toEqual([
    'A 71.5 -452.5',
    'B 176.5 -347.5',
    'C 176.5 -452.5',
    'D 71.5 -347.5',
  ])
})

test('a radiator for three fans has twelve, from the middle outwards', () => {
  const holes = at(teal, 'radiator:')?.holes ?? []
  expect(holes.map(h => h.letter).join('')).toBe('ABCDEFGHIJKL')
  // Three fans of 120: 105 in each, 15 between, 345 from the first to the last.
  const ys = holes.map(h => h.at[1])
  expect(Math.max(...ys) - Math.min(...ys)).toBe(345)
})

test('a disk on its side is shown with the holes of that side, from its connectors on', () => {
  // The disk lies from 272 to 419 from the rear, its plugs at the rear: 28.5 and 130.1 from there.
  expect(holesOf(avocet, 'drive:disk-1').map(h => h.split(' ')[1])).toEqual(['300.5', '402.1'])
})

test('a supply in the rear wall is shown from there; one elsewhere has no letters', () => {
  expect(at(avocet, 'supply-in:')?.view).toBe('rear')
  expect(holesOf(avocet, 'supply-in:')).toHaveLength(4)
  expect(holesOf(plover, 'supply-in:')).toEqual([])
})
