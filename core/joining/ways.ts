// The shortest way that a lead could have to go, while it is not known yet what sits where.
import { isClosed } from '../case/closed'
import type { Layout } from '../case/layout'
import { endsShort, extentOf, needOf, reach, type Needed } from '../case/reach'
import type { Sum } from '../figures/quantity'
import { place, type Frame, type Vec3 } from '../geometry/space'
import type { EndRef } from '../ids/ids'
import type { Short } from './joint'

export interface WayFound {
  readonly mm: number
  /** Why the lead does not get there; null where it does. */
  readonly reason: string | null
  readonly short: Short | null
}

/** A lead between two sets of points: the places that its ends could have. */
export interface LeadBetween {
  readonly from: readonly Vec3[]
  readonly to: readonly Vec3[]
  readonly length: Sum
  /** What the lead and its goal are called. */
  readonly line: string
  readonly goal: string
  readonly refs: readonly [EndRef, EndRef]
}

export const pointsAt = (frames: readonly Frame[], point: Vec3): readonly Vec3[] =>
  frames.map(f => place(f, point))

/** What the shortest of all ways says of a lead that is so long. */
export function nearestWay(layout: Layout, lead: LeadBetween): WayFound {
  const { line, goal, length, refs } = lead
  const isOpen = lead.from.some(from => lead.to.some(to => !isClosed(layout.bayEnds, from, to)))
  if (!isOpen)
    return { mm: 0, reason: `a backplane lies between the ${line} and ${goal}`, short: null }
  const best = nearest(layout, lead.from, lead.to)
  if (!best && layout.assumed) return { mm: 0, reason: null, short: null }
  if (!best) return { mm: 0, reason: `no hole leads from the ${line} to ${goal}`, short: null }
  const have = extentOf(length)
  if (!endsShort(best, have)) return { mm: best.value, reason: null, short: null }
  const { from, to } = best
  const way = reach(layout, { from, to, ref: refs[0], label: `the ${line}` })
  return {
    mm: best.value,
    reason: `the ${line} ends ${Math.round(best.value - (have.value ?? 0))} mm short of ${goal}`,
    short: way && { line, need: way.need, have: length, refs },
  }
}

interface Nearest extends Needed {
  readonly from: Vec3
  readonly to: Vec3
}
function nearest(layout: Layout, starts: readonly Vec3[], ends: readonly Vec3[]): Nearest | null {
  let best: Nearest | null = null
  for (const from of starts) {
    for (const to of ends) {
      const need = isClosed(layout.bayEnds, from, to) ? null : needOf(layout, from, to)
      if (need && (!best || need.value < best.value)) best = { ...need, from, to }
    }
  }
  return best
}
