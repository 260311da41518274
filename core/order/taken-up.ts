// The reasons of an order as a puzzle: facts, reach, what was put by hand and what every order keeps
// are musts; covers and other habits are wishes with a price. A pin against the facts is refused; a
// wish against them could be kept by no sequence, and costs nothing.
import { at, known } from '../collections/at'
import { compare } from '../collections/compare'
import { Closure } from './closure'
import type { Weights } from './habits'
import { isProof, joins, LOST_BY_SQUARE, toolOf, type Timed } from './pace'
import type { Puzzle, Wish } from './puzzle'
import type { Edge } from './step'

export interface TakenUp {
  readonly musts: readonly Edge[]
  readonly wishes: readonly Edge[]
  /** The wishes that go together with the musts and with each other, the weightiest taken first. */
  readonly together: readonly Edge[]
  /** Pins that contradict a fact. */
  readonly refused: readonly Edge[]
}

const isHard = (e: Edge): boolean => e.basis === 'fact' || e.basis === 'reach'
/** Named choice: a card out and in again, minutes. */
const TWICE = 9
/** What it costs to break a wish, minutes. */
export const priceOf = ({ basis }: Edge, weights: Weights): number =>
  basis === 'cover' ? weights.twice * TWICE : weights.habit

/** Takes up the edges between steps. Throws RangeError when facts contradict each other. */
export function takenUp(
  steps: readonly Timed[],
  edges: readonly Edge[],
  weights: Weights,
): TakenUp {
  const index = new Map(steps.map((s, i) => [s.id, i]))
  const closure = new Closure(steps.length)
  const among = edges.filter(e => index.has(e.before) && index.has(e.after))
  const put = (e: Edge): boolean => closure.put(known(index, e.before), known(index, e.after))
  const facts = among.filter(isHard)
  for (const e of facts)
    if (!put(e))
      throw new RangeError(`The reasons contradict each other at ${e.before}, ${e.after}`)
  const pins = among.filter(e => e.basis === 'pin')
  const kept = pins.filter(put)
  const isLost = (e: Edge): boolean => closure.has(known(index, e.after), known(index, e.before))
  const wishes = among
    .filter(e => !isHard(e) && e.basis !== 'pin' && !isLost(e))
    .sort(
      (a, b) =>
        priceOf(b, weights) - priceOf(a, weights) ||
        compare(a.before + a.after, b.before + b.after),
    )
  const firm = wishes.filter(e => e.isFirm === true && put(e))
  const others = wishes.filter(e => !firm.includes(e))
  return {
    musts: [...facts, ...kept, ...firm],
    wishes: others,
    together: others.filter(put),
    refused: pins.filter(e => !kept.includes(e)),
  }
}

/** How a sequence goes on: after which step, and whether something was tried before. */
export interface GoingOn {
  readonly after: Timed | undefined
  readonly isProved: boolean
  /** How many steps were joined since the last start. */
  readonly untried: number
}

interface Pair {
  readonly from: number
  readonly to: number
  readonly edge: Edge
}
/** The edges between these steps, by the numbers of the steps. */
function pairsOf(steps: readonly Timed[], edges: readonly Edge[]): readonly Pair[] {
  const index = new Map(steps.map((s, i) => [s.id, i]))
  return edges.flatMap(edge => {
    const [from, to] = [index.get(edge.before), index.get(edge.after)]
    return from === undefined || to === undefined ? [] : [{ from, to, edge }]
  })
}

/** Steps with what must and what would better come before each, as numbers. */
export function puzzleOf(
  steps: readonly Timed[],
  { musts, wishes }: Pick<TakenUp, 'musts' | 'wishes'>,
  { weights, after, isProved, untried }: GoingOn & { readonly weights: Weights },
): Puzzle {
  const pairs = (edges: readonly Edge[]): readonly Pair[] => pairsOf(steps, edges)
  const before = steps.map(() => new Set<number>())
  const better = steps.map((): Wish[] => [])
  for (const { from, to } of pairs(musts)) at(before, to).add(from)
  for (const { from, to, edge } of pairs(wishes))
    at(better, to).push({ before: from, price: priceOf(edge, weights) })
  return {
    minutes: steps.map(s => s.minutes),
    poses: steps.map(s => s.pose),
    tools: steps.map(toolOf),
    proofs: steps.map(isProof),
    joins: steps.map(joins),
    musts: before.map(b => [...b]),
    wishes: better,
    turn: weights.turn,
    tool: weights.tool,
    proof: weights.proof,
    loss: weights.lost * LOST_BY_SQUARE,
    start: { pose: after?.pose ?? null, tool: after ? toolOf(after) : null, untried },
    // Where nothing is ever tried, nothing waits for it.
    isProved: isProved || !steps.some(isProof),
  }
}
