// The shortest way of a lead through a case: straight and square within a room, through openings
// from room to room.
import TinyQueue from 'tinyqueue'
import { inside, squareDistance, type Vec3 } from '../geometry/space'
import type { Layout, Opening } from './layout'

export interface Way {
  readonly length: number
  /** The openings passed, in order. */
  readonly through: readonly string[]
  readonly points: readonly Vec3[]
}

/**
 * How far outside a room's box a point may lie and still count as in it, mm: plugs stick out of
 * boards and walls.
 */
const EDGE = 15

/** The rooms a point lies in; the nearest room when it lies in none. */
export function roomsOf(layout: Pick<Layout, 'rooms'>, p: Vec3): readonly string[] {
  const holding = layout.rooms.filter(r => inside(r, p, EDGE))
  const exact = holding.filter(r => inside(r, p))
  return (exact.length > 0 ? exact : holding).map(r => r.key)
}

interface Visit {
  readonly at: string
  readonly point: Vec3
  readonly rooms: readonly string[]
  readonly length: number
  readonly before: Visit | null
}

/**
 * Ways already found, by the layout they lie in: joining, laying and a second horizon ask for the
 * same ones.
 */
const found = new WeakMap<object, Map<string, Way | null>>()

/**
 * The shortest way between two points through a layout's openings, those in `shut` left out; null
 * when none leads there. Lengths in mm.
 */
export function shortestWay(
  layout: Pick<Layout, 'rooms' | 'openings'>,
  from: Vec3,
  to: Vec3,
  shut: readonly string[] = [],
): Way | null {
  const known = found.get(layout) ?? new Map<string, Way | null>()
  found.set(layout, known)
  const key = `${from.join()}>${to.join()}>${shut.join()}`
  const way = known.get(key)
  if (way !== undefined) return way
  const fresh = search(
    shut.length === 0
      ? layout
      : { rooms: layout.rooms, openings: layout.openings.filter(o => !shut.includes(o.key)) },
    from,
    to,
  )
  known.set(key, fresh)
  return fresh
}

/** Dijkstra over the openings. O(n² log n) for n openings, and a case has a dozen. */
function search(layout: Pick<Layout, 'rooms' | 'openings'>, from: Vec3, to: Vec3): Way | null {
  const goal = new Set(roomsOf(layout, to))
  const queue = new TinyQueue<Visit>(
    [{ at: '', point: from, rooms: roomsOf(layout, from), length: 0, before: null }],
    (a, b) => a.length - b.length || (a.at < b.at ? -1 : 1),
  )
  const settled = new Set<string>()
  for (let visit = queue.pop(); visit; visit = queue.pop()) {
    if (settled.has(visit.at)) continue
    settled.add(visit.at)
    if (visit.at === GOAL) return wayOf(visit)
    const here = visit
    if (here.rooms.some(r => goal.has(r)))
      queue.push({
        at: GOAL,
        point: to,
        rooms: [],
        length: here.length + squareDistance(here.point, to),
        before: here,
      })
    for (const opening of layout.openings) {
      if (settled.has(opening.key) || !opening.joins.some(r => here.rooms.includes(r))) continue
      queue.push({
        at: opening.key,
        point: opening.at,
        rooms: opening.joins,
        length: here.length + squareDistance(here.point, opening.at),
        before: here,
      })
    }
  }
  return null
}

const GOAL = ' goal'

function wayOf(last: Visit): Way {
  const visits: Visit[] = []
  for (let v: Visit | null = last; v; v = v.before) visits.unshift(v)
  return {
    length: last.length,
    through: visits.slice(1, -1).map(v => v.at),
    points: visits.map(v => v.point),
  }
}

/** An opening's label by its key, for sentences. */
export const openingLabel = (openings: readonly Opening[], key: string): string =>
  openings.find(o => o.key === key)?.label ?? key
