// Steps that were put in a sequence by hand: whether each pair is kept, what it costs, and why one
// cannot be.
import { pairLine } from '../figures/format'
import type { Timed } from './pace'
import { sequenced, type Given, type Sequence } from './sequence'
import type { Edge } from './step'

/**
 * Two steps put in a sequence by hand, and what became of it: refused where a fact is against it,
 * idle while one of them is no step.
 */
export interface PinnedPair {
  readonly before: string
  readonly after: string
  readonly state: 'kept' | 'refused' | 'idle'
  readonly line: string
  /** What it costs in weighed minutes against the sequence without it; 0 where it is not kept. */
  readonly costs: number
  /** Of a refused one the shortest chain of reasons that are against it. */
  readonly against: readonly string[]
}

export interface Pinned<S extends Timed> {
  readonly steps: readonly S[]
  readonly reasons: readonly Edge[]
  readonly pinned: readonly Edge[]
  readonly given: Given
  readonly titles: ReadonlyMap<string, string>
  readonly found: Sequence<S>
}

/** Each pair in the order in which they were put. */
export const pinnedPairs = <S extends Timed>(all: Pinned<S>): readonly PinnedPair[] =>
  all.pinned.map(pin => {
    const { titles, found } = all
    const [before, after] = [titles.get(pin.before), titles.get(pin.after)]
    const row = { before: pin.before, after: pin.after, line: pairLine(before, after) }
    if (before === undefined || after === undefined)
      return { ...row, state: 'idle', costs: 0, against: [] }
    if (found.refused.includes(pin))
      return { ...row, state: 'refused', costs: 0, against: against(pin, all) }
    return { ...row, state: 'kept', costs: costOf(pin, all), against: [] }
  })

/** Named choice: of the usual effort so much for each pair, or many pairs make every change wait. */
const PATIENCE = 0.2
/** What a sequence without the pair saves, the best that a short search finds. */
function costOf<S extends Timed>(pin: Edge, { steps, reasons, pinned, given, found }: Pinned<S>) {
  const others = [...reasons, ...pinned.filter(p => p !== pin)]
  const without = sequenced(steps, others, { ...given, patience: PATIENCE })
  return Math.max(0, found.cost - without.cost)
}

/** The shortest way from the one that should come after to the other, by what must be. */
function against<S extends Timed>(
  { before, after }: Edge,
  { reasons, pinned, titles, found }: Pinned<S>,
): readonly string[] {
  const musts = [
    ...reasons.filter(e => e.basis === 'fact' || e.basis === 'reach'),
    ...pinned.filter(p => !found.refused.includes(p)),
  ]
  const came = new Map<string, Edge | null>([[after, null]])
  const queue = [after]
  for (const step of queue)
    for (const edge of musts)
      if (edge.before === step && !came.has(edge.after)) {
        came.set(edge.after, edge)
        queue.push(edge.after)
      }
  const chain: string[] = []
  for (let edge = came.get(before); edge; edge = came.get(edge.before))
    chain.unshift(`${pairLine(titles.get(edge.before), titles.get(edge.after))}: ${edge.reason}`)
  return chain
}
