// The rows of the bench that tell what ways cost: all leads of a build laid anew, and how that grows in
// their number.
import { runOn } from '../core/analysis/analyse'
import type { Layout, Opening, Room } from '../core/case/layout'
import { at } from '../core/collections/at'
import type { Build } from '../core/document/build'
import type { Box, Vec3 } from '../core/geometry/space'
import { leadsOf } from '../core/laying/leads'
import { Memory } from '../core/pipeline/memory'
import { field, lines, plugs } from '../core/plan/joints'
import { names } from '../core/plan/items'
import type { Field } from '../core/ways/field'
import { wayBetween } from '../core/ways/way'
import { clocked, exponentOf, median, type Row } from './bench-rows'

const RUNS = 31
const WHOLE = 60

/** What it takes to lay every lead in a space of which nothing is known yet, ms. */
export function routesRow(name: string, build: Build): Row {
  const laid = runOn(build, 'then', new Memory()).values({ field, lines, plugs, names })
  const value = median(
    Array.from({ length: RUNS }, () => {
      const fresh = laid.field && { ...laid.field }
      return clocked(() => leadsOf({ ...laid, field: fresh }))
    }),
  )
  return {
    ...{ name: `routes/${name}`, value, against: WHOLE, unit: 'ms', n: RUNS },
    ratio: value / WHOLE,
  }
}

const LEADS = [16, 32, 64, 128, 256]
const GROWTH_RUNS = 5
const GROWTH_LIMIT = 1.3
/** Rooms in a row, each of a board's size with four bodies, four leads and a hole to the next. */
const ROOM = { x: 300, y: 300, z: 180 } as const
const IN_A_ROOM = 4

const roomAt = (i: number): Room => ({
  key: `room-${i}`,
  min: [i * ROOM.x, 0, 0],
  max: [(i + 1) * ROOM.x, ROOM.y, ROOM.z],
})
const holeAt = (i: number): Opening => ({
  ...{ key: `hole-${i}`, label: `hole ${i}`, width: 40, height: 40 },
  at: [(i + 1) * ROOM.x, ROOM.y / 2, 20],
  joins: [`room-${i}`, `room-${i + 1}`],
})
const bodiesAt = (i: number): readonly Box[] =>
  Array.from({ length: IN_A_ROOM }, (_, k): Box => {
    const [x, y] = [i * ROOM.x + 60 + 110 * (k % 2), 60 + 110 * Math.floor(k / 2)]
    return { min: [x, y, 0], max: [x + 60, y + 60, 100] }
  })
/** Each lead goes from the rear of its room into the next one. */
const leadsAt = (i: number): readonly (readonly [Vec3, Vec3])[] =>
  Array.from({ length: IN_A_ROOM }, (_, k) => [
    [i * ROOM.x + 20, 40 + 60 * k, 14],
    [(i + 1) * ROOM.x + 30, 250 - 60 * k, 14],
  ])

function spaceFor(count: number): Field {
  const rooms = Array.from({ length: count / IN_A_ROOM + 1 }, (_, i) => roomAt(i))
  const layout: Layout = {
    inner: { x: rooms.length * ROOM.x, y: ROOM.y, z: ROOM.z, behind: 0 },
    ...{ tray: [0, 0, 0], supply: [0, 0, 0], leadsFrom: [0, 0, 0], ties: null, channels: [] },
    ...{ rooms, openings: rooms.slice(1).map((_, i) => holeAt(i)) },
    ...{ assumed: false, boardUnsure: 0, bayEnds: [] },
  }
  return { layout, bodies: rooms.flatMap((_, i) => bodiesAt(i)), zones: [] }
}

/** How the cost of laying leads grows in their number, where they stand equally dense. */
export function routesGrowth(): Row {
  const points = LEADS.map(count => {
    const leads = Array.from({ length: count / IN_A_ROOM }, (_, i) => leadsAt(i)).flat()
    const lay = (space: Field): number =>
      leads.filter(([from, to]) => wayBetween(space, from, to) !== null).length
    if (lay(spaceFor(count)) !== count) throw new Error('a lead of the bench finds no way')
    const times = Array.from({ length: GROWTH_RUNS }, () => {
      const space = spaceFor(count)
      return clocked(() => lay(space))
    })
    return [count, median(times)] as const
  })
  const value = exponentOf(points)
  const most = at(points, points.length - 1)[0]
  return {
    name: `routes/growth/${most} (N leads; ${points.map(([, ms]) => ms.toFixed(1)).join(', ')} ms)`,
    ...{ value, unit: 'exponent', against: GROWTH_LIMIT, n: points.length },
    ratio: value / GROWTH_LIMIT,
  }
}
