// Ways behind a tray that has channels: what is worth a little more length, and how it counts.
import type { Layout } from '../case/layout'
import type { Box, Vec3 } from '../geometry/space'
import { WEIGHT } from './choices'
import type { Field } from './field'
import { planOf, weightOf } from './room-plan'
import { wayBetween } from './way'

const ROOM = { key: 'chamber', min: [0, 0, -25], max: [300, 300, 0] } as const
const LAYOUT: Layout = {
  inner: { x: 300, y: 300, z: 180, behind: 25 },
  ...{ tray: [0, 0, 0], supply: [0, 0, 0], leadsFrom: [0, 0, 0] },
  ...{ rooms: [ROOM], openings: [], assumed: false, boardUnsure: 0, bayEnds: [], ties: null },
  channels: [],
}
const fieldWith = (...channels: readonly Box[]): Field => ({
  layout: LAYOUT,
  bodies: [],
  zones: channels.map(box => ({ box, weight: WEIGHT.channel })),
})
const level = (from: number, to: number): Box => ({ min: [20, from, -40], max: [280, to, 0] })
const FROM: Vec3 = [10, 10, -8]
const TO: Vec3 = [290, 10, -8]
const along = (field: Field, share: number) => wayBetween(field, FROM, TO, { share })

test('a lead takes a channel near its way, along the middle of it', () => {
  const way = along(fieldWith(level(40, 60)), 1)
  // Straight it is 280. 86 to the middle 75 along, 130 in it, 86 back: 302.
  expect(way?.length).toBeCloseTo(2 * Math.hypot(75, 40) + 130)
  expect(way?.points.filter(p => p[1] === 50)).not.toEqual([])
})

test('one that is far off, or a lead that is only just long enough, goes straight', () => {
  expect(along(fieldWith(level(200, 220)), 1)?.length).toBeCloseTo(280)
  expect(along(fieldWith(level(40, 60)), 0)?.length).toBeCloseTo(280)
})

test('a stretch that two channels hold is in one of them', () => {
  const [a, b] = [
    { x: 50, y: 50 },
    { x: 150, y: 50 },
  ]
  const weigh = (...channels: readonly Box[]): number =>
    weightOf(planOf(fieldWith(...channels), ROOM, 'low'), a, b)
  expect(weigh(level(40, 60))).toBeCloseTo(-30)
  expect(weigh(level(40, 60), level(45, 70))).toBeCloseTo(-30)
  expect(weigh()).toBe(0)
})
