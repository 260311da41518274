// A pair that could be joined.
import type { Cost } from './cost'

export interface Candidate {
  readonly plug: string
  readonly socket: string
  readonly cost: Cost
  /**
   * Ends that cannot be joined while this pair is: what a card covers, what a drive switches off.
   */
  readonly shuts?: readonly string[]
}

/** A pair's name: `plug~socket`. */
export const pairId = (c: Pick<Candidate, 'plug' | 'socket'>): string => `${c.plug}~${c.socket}`

/** The two ends of a pair, from its name. */
export const endsOfPair = (id: string): readonly string[] => id.split('~')

/** Sets of pairs, by name, one pair of each of which cannot all be joined at once. */
export type Clause = readonly (readonly string[])[]

/** The pairs by each of their two ends. */
export const byEnd = <P extends { readonly plug: string; readonly socket: string }>(
  pairs: readonly P[],
): ReadonlyMap<string, P> =>
  new Map(pairs.flatMap(p => [[p.plug, p] as const, [p.socket, p] as const]))
