// What holds between the ends of the parts, whatever is chosen: what asks to be joined, what is
// never joined together, what is joined only together, what shares a limit.
import { groupBy } from '../collections/groups'
import { isMechanical } from '../connectors/connectors'
import type { Budget } from '../matching/budget'
import { kept } from '../pipeline/kept'
import { budgetsOf, exclusions, followings, takesOf, type Shared } from './joining-rules'
import { demandsOf, outlineOf, shapeOf, type Demand, type EndOf, type Outline } from './joint'

type PairOfEnds = readonly [string, string]

/** What holds between ends, and every end as it looks without its figures. */
export interface Asking {
  readonly demands: readonly Demand[]
  readonly excludes: readonly PairOfEnds[]
  readonly follows: readonly PairOfEnds[]
  readonly budgets: readonly Budget[]
  readonly outlines: ReadonlyMap<string, Outline>
}
interface OfPart extends Omit<Asking, 'outlines' | 'budgets'> {
  readonly limits: readonly Shared[]
  readonly takes: Budget['takes']
  readonly outlines: readonly Outline[]
  readonly shapes: readonly EndOf[]
}

/** All of these hold between ends of one part, or of it alone: parts that stay are not asked again. */
const ofPart = kept('asking', (...own: EndOf[]): OfPart => ({
  demands: demandsOf(own),
  excludes: exclusions(own),
  follows: followings(own),
  limits: budgetsOf(own.filter(e => !isMechanical(e.end.face))),
  takes: takesOf(own),
  outlines: own.map(outlineOf),
  shapes: own.map(shapeOf),
}))
const ofParts = (ends: readonly EndOf[]): readonly OfPart[] =>
  [...groupBy(ends, e => e.item)].map(([item, own]) => ofPart(item, ...own))

export function askingOf(ends: readonly EndOf[]): Asking {
  const parts = ofParts(ends)
  // What shares a limit are sockets of one part; what takes of it are plugs of others.
  const takes = Object.assign({}, ...parts.map(p => p.takes)) as Budget['takes']
  return {
    outlines: new Map(parts.flatMap(p => p.outlines).map(o => [o.ref, o])),
    demands: parts.flatMap(p => p.demands),
    excludes: parts.flatMap(p => p.excludes),
    follows: parts.flatMap(p => p.follows),
    budgets: parts.flatMap(p => p.limits).map(limit => ({ ...limit, takes })),
  }
}

/** Every end without what it takes and gives: what decides where it can be joined. */
export const shapesOf = (ends: readonly EndOf[]): readonly EndOf[] =>
  ofParts(ends).flatMap(p => p.shapes)
