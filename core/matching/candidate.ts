// A pair that could be joined.
import { jointId, type EndRef, type JointId } from '../ids/ids'
import type { Cost } from './cost'

export interface Candidate {
  readonly plug: EndRef
  readonly socket: EndRef
  readonly cost: Cost
  /**
   * Ends that cannot be joined while this pair is: what a card covers, what a drive switches off.
   */
  readonly shuts?: readonly string[]
}

/** A pair's name: that of the joint it would be. */
export const pairId = (c: Pick<Candidate, 'plug' | 'socket'>): JointId => jointId(c.plug, c.socket)

/** Sets of pairs, by name, one pair of each of which cannot all be joined at once. */
export type Clause = readonly (readonly string[])[]
export const clauseName = (clause: Clause): string => clause.join(' ')
/** Pairs that are asked for by name. */
type Named = Pick<ReadonlySet<string>, 'has'>
/** Whether one pair of each of its sets is among these. */
export const isHeldBy = (clause: Clause, pairs: Named): boolean =>
  clause.every(set => set.some(p => pairs.has(p)))

/** The pairs by each of their two ends. */
export const byEnd = <P extends Pick<Candidate, 'plug' | 'socket'>>(
  pairs: readonly P[],
): ReadonlyMap<string, P> =>
  new Map(pairs.flatMap(p => [[p.plug, p] as const, [p.socket, p] as const]))
