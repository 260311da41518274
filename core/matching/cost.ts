// What a choice costs: several figures, the gravest first, so that nothing is traded against
// something graver.
import { at } from '../collections/at'

/**
 * Parts of a cost, gravest first: unmet must; how many of these are seats; unmet should, may; sets of
 * pairs that do not get along; gravity of matings; wrong purpose; rank; length.
 */
export type Cost = readonly [
  must: number,
  seat: number,
  should: number,
  may: number,
  strife: number,
  gravity: number,
  purpose: number,
  rank: number,
  length: number,
]

export const FREE: Cost = [0, 0, 0, 0, 0, 0, 0, 0, 0]
/** What each set costs that does not get along and is joined all the same. */
export const STRIFE: Cost = [0, 0, 0, 0, 1, 0, 0, 0, 0]

/**
 * Where in a cost the length stands: the one part that may be rounded where numbers grow too large.
 */
export const LENGTH = 8

/** How much something wants to be joined. */
export type Need = 'must' | 'should' | 'may'
interface Unmet {
  readonly need: Need
  readonly seat?: boolean
  readonly sits?: boolean
}

const UNMET: Record<Need, Cost> = {
  must: [1, 0, 0, 0, 0, 0, 0, 0, 0],
  should: [0, 0, 1, 0, 0, 0, 0, 0, 0],
  may: [0, 0, 0, 1, 0, 0, 0, 0, 0],
}
const UNMET_SEAT: Cost = [1, 1, 0, 0, 0, 0, 0, 0, 0]
const TURNED_OUT: Cost = [0, 0, 0, 0, 0, 0, 1, 0, 0]

/**
 * What it costs that a demand is not met. Of equally many musts the seats come first: what all of a
 * part hangs on is worth more than one of its leads. What sits in its place already goes before what
 * would have to be put there.
 */
export function unmetCost({ need, seat, sits }: Unmet): Cost {
  const cost = need === 'must' && seat === true ? UNMET_SEAT : UNMET[need]
  return sits === true ? add(cost, TURNED_OUT) : cost
}

/** Two costs made one, part by part. */
export function combine(a: Cost, b: Cost, both: (a: number, b: number) => number): Cost {
  const part = (i: number): number => both(at(a, i), at(b, i))
  return [
    ...([part(0), part(1), part(2), part(3), part(4)] as const),
    ...([part(5), part(6), part(7), part(LENGTH)] as const),
  ]
}

export const add = (a: Cost, b: Cost): Cost => combine(a, b, (x, y) => x + y)

/** Whether the first costs less: the first part in which they differ decides. */
export function less(a: Cost, b: Cost): boolean {
  const differs = a.findIndex((v, i) => v !== b[i])
  return differs >= 0 && at(a, differs) < at(b, differs)
}

/** A cost without its length: plans know none, and what is compared with them leaves it out. */
export const withoutLength = ([
  must,
  seat,
  should,
  may,
  strife,
  gravity,
  purpose,
  rank,
]: Cost): Cost => [must, seat, should, may, strife, gravity, purpose, rank, 0]
