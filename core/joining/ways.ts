// The shortest way that a lead could have to go, while it is not known yet what sits where.
import { isClosed } from '../case/closed'
import { SLACK } from '../connectors/leads'
import type { End } from '../parts/end'
import type { Field } from '../ways/field'
import { passageOf } from '../ways/heads'
import { endsShort, extentOf, needOf, needSum, type Needed } from '../ways/reach'
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
  /** By how much it may begin nearer than that, mm. */
  readonly nearer: number
  readonly to: readonly Vec3[]
  readonly length: Sum
  /** What it ends in: a hole that its head does not pass is none for it. */
  readonly plug: End
  /** What the lead and its goal are called. */
  readonly line: string
  readonly goal: string
  readonly refs: readonly [EndRef, EndRef]
}

export const pointsAt = (frames: readonly Frame[], point: Vec3): readonly Vec3[] =>
  frames.map(f => place(f, point))

/** What the shortest of all ways says of a lead that is so long. */
export function nearestWay(field: Field, lead: LeadBetween): WayFound {
  const { line, goal, length, refs } = lead
  const { layout } = field
  const isOpen = lead.from.some(from => lead.to.some(to => !isClosed(layout.bayEnds, from, to)))
  if (!isOpen)
    return { mm: 0, reason: `a backplane lies between the ${line} and ${goal}`, short: null }
  const told = nearest(field, lead)
  const best = told && { ...told, value: told.value - lead.nearer }
  if (!best && layout.assumed) return { mm: 0, reason: null, short: null }
  if (!best) return { mm: 0, reason: `no hole leads from the ${line} to ${goal}`, short: null }
  const have = extentOf(length)
  if (!endsShort(best, have)) return { mm: best.value, reason: null, short: null }
  const need = needSum(layout, { ref: refs[0], label: `the ${line}` }, best.value - SLACK.mm)
  return {
    mm: best.value,
    reason: `the ${line} ends ${Math.round(best.value - (have.value ?? 0))} mm short of ${goal}`,
    short: { line, need, have: length, refs },
  }
}

function nearest(field: Field, { from: starts, to: ends, plug }: LeadBetween): Needed | null {
  const { bayEnds } = field.layout
  const passage = passageOf(field.layout, plug)
  let best: Needed | null = null
  for (const from of starts) {
    for (const to of ends) {
      const need = isClosed(bayEnds, from, to) ? null : needOf(field, from, to, passage)
      if (need && (!best || need.value < best.value)) best = need
    }
  }
  return best
}
