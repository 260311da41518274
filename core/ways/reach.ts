// How far a lead has to go between two ends, with the tolerance of the places it passes, and
// whether it gets there.
import type { Vec3 } from '../geometry/space'
import type { Layout } from '../case/layout'
import { emptied, type Field } from './field'
import type { Passage } from './heads'
import { oncePer } from '../collections/once'
import { fact, of, plus, toleranceOf, valueOf, type Sum } from '../figures/quantity'
import { SLACK } from '../connectors/leads'
import { lengthBetween, wayBetween, type Looking, type Way } from './way'

/**
 * Named choice: how far a place read off a sheet or a derived layout may be off along a lead's way,
 * mm.
 */
const PLACE_TOLERANCE: Record<'spec' | 'assumed', number> = { spec: 5, assumed: 15 }
/**
 * Named choice: how far a way that was worked out may be off the way that a hand lays: so much in any
 * case, and a share of its length. Set from two dozen leads of the demos that were laid by hand.
 */
export const WAY_TOLERANCE = { mm: 40, share: 0.12 }

/**
 * What a length comes to, for the many comparisons that joining makes: a sum's value and tolerance
 * without its leaves.
 */
export interface Extent {
  readonly value: number | null
  readonly tol: number
  /** Whether nobody stated all of it: what is no more than usual ends nowhere short. */
  readonly isUsual: boolean
}
export const extentOf = oncePer((length: Sum): Extent => ({
  value: valueOf(length),
  tol: toleranceOf(length),
  isUsual: length.terms.some(t => t.leaf.figure?.usual),
}))

/** What a way takes, slack included; `isGuessed` where rooms and holes were made up as well. */
export interface Needed {
  readonly value: number
  readonly tol: number
  readonly isGuessed: boolean
}

/**
 * What a lead that passes so much needs from one point to the other; null when no hole leads there.
 * Where what stands there leaves no way that is known, as if it stood elsewhere, and guessed. As
 * `reach`, without the sum.
 */
export function needOf(field: Field, from: Vec3, to: Vec3, passage: Passage): Needed | null {
  const length = lengthBetween(field, from, to, passage)
  const mm = length ?? lengthBetween(emptied(field), from, to, passage)
  if (mm === null) return null
  const isGuessed = field.layout.assumed || length === null
  return { value: mm + SLACK.mm, tol: toleranceIn(field.layout, mm), isGuessed }
}

/**
 * Whether a lead definitely ends short: by more than all tolerances. What is not stated may be long
 * enough, and a way through a case of which nobody stated the holes may be shorter.
 */
export const endsShort = (need: Needed, have: Extent): boolean =>
  have.value !== null &&
  !have.isUsual &&
  !need.isGuessed &&
  have.value - need.value < -(need.tol + have.tol)

const toleranceIn = (layout: Layout, length: number): number =>
  PLACE_TOLERANCE[layout.assumed ? 'assumed' : 'spec'] +
  layout.boardUnsure +
  WAY_TOLERANCE.mm +
  WAY_TOLERANCE.share * length

/** A lead that has to go from one point to the other; the ref names its way among all figures. */
export interface LeadWay {
  readonly from: Vec3
  readonly to: Vec3
  readonly ref: string
  readonly label: string
}

export interface Reach {
  readonly way: Way
  readonly need: Sum
  /** What stands there leaves no way that is known: the way is as if it stood elsewhere. */
  readonly isBlocked: boolean
}

/** The way and the length a lead needs, slack included; null when there is no way. */
export function reach(field: Field, lead: LeadWay, looking: Looking): Reach | null {
  const past = wayBetween(field, lead.from, lead.to, looking)
  const way = past ?? wayBetween(emptied(field), lead.from, lead.to, looking)
  return way && { way, need: needSum(field.layout, lead, way.length), isBlocked: past === null }
}

/** What a lead needs along a way of such a length, slack included. */
export function needSum(
  layout: Layout,
  { ref, label }: Pick<LeadWay, 'ref' | 'label'>,
  length: number,
): Sum {
  const path = fact(`way:${ref}`, `way of ${label}`, 'mm', {
    value: length,
    // Nobody laid it: it was worked out, however well the places are known.
    basis: 'assumed',
    tol: toleranceIn(layout, length),
    // Through rooms and holes that are made up themselves it condemns nothing.
    ...(layout.assumed ? { usual: true as const } : {}),
  })
  const slack = fact('slack', 'to bend in without pulling', 'mm', {
    value: SLACK.mm,
    basis: 'assumed',
    tol: 0,
  })
  return plus(of(path), of(slack))
}
