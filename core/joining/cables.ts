// Which plugs along each cable serve the sockets that a matching has chosen.
import { pinned, type Pins } from './pinned-pairs'
import { jointId, type EndRef } from '../ids/ids'
import type { Field } from '../ways/field'
import { compareBy } from '../collections/compare'
import { pairId, type Candidate } from '../matching/candidate'
import type { MatchProblem } from '../matching/problem'
import { kept } from '../pipeline/kept'
import { chainPlan, isChained, type ChainPlan } from './chains'
import { endsByRef, type EndOf } from './joint'
import { byPairId } from './joinable'
import type { Lying } from './exits'

/** What the choice along cables is made from. */
interface Cables extends Lying {
  readonly problem: MatchProblem
  /** The plugs of all leads. */
  readonly plugs: readonly EndOf[]
  readonly shapes: readonly EndOf[]
  readonly field: Field | null
  readonly pins: Pins
}

/** The same sockets served, by the plugs along each cable that lay the least of it. */
export function chainedPairs(
  at: string,
  chosen: readonly Candidate[],
  { problem, plugs, shapes, frames, sides, field, pins }: Cables,
): { readonly pairs: readonly Candidate[] } | Extract<ChainPlan, { blocked: unknown }> {
  const chained = plugs.filter(isChained)
  const onChain = new Set(chained.map(p => p.ref))
  const ends = endsByRef(shapes)
  const sockets = chosen
    .flatMap(c => (onChain.has(c.plug) ? (ends.get(c.socket) ?? []) : []))
    .sort(compareBy(e => e.ref))
  if (sockets.length === 0) return { pairs: chosen }
  const possible = problem.candidates.filter(c => onChain.has(c.plug)).map(pairId)
  const plan = planned(at, { plugs: chained, sockets, possible, frames, sides, field, pins })
  if ('blocked' in plan) return plan
  const pairs = byPairId(problem.candidates)
  return {
    pairs: [
      ...chosen.filter(c => !onChain.has(c.plug)),
      ...plan.pairs.flatMap(p => pairs.get(pairId(p)) ?? []),
    ].sort(compareBy(c => c.plug)),
  }
}

interface Planning extends Omit<Cables, 'problem' | 'shapes'> {
  readonly sockets: readonly EndOf[]
  /** The pairs that could be joined at all, by name. */
  readonly possible: readonly string[]
}

const planned = kept(
  'chain-plan',
  ({ plugs, sockets, possible, frames, sides, field, pins }: Planning): ChainPlan => {
    const joinable = new Set(possible)
    const kept = pinned(pins).filter(([plug, socket]) => joinable.has(jointId(plug, socket)))
    const socketOf = new Map(kept)
    const plugOf = new Map(kept.map(([plug, socket]) => [socket, plug]))
    const fits = (plug: EndRef, socket: EndRef): boolean =>
      joinable.has(jointId(plug, socket)) &&
      (socketOf.get(plug) ?? socket) === socket &&
      (plugOf.get(socket) ?? plug) === plug
    const given = (plug: EndRef, socket: EndRef): boolean => pins[plug] === socket
    return chainPlan({ plugs, sockets, frames, sides, field, given, fits })
  },
)
