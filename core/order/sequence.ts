// One sequence of the steps: it keeps every fact and every reach, and of the rest as much as the
// school's weights say.
//
// Facts and reach are hard. Pins, covers and habits are taken up one by one, the weightiest first,
// each unless it contradicts what is taken up already. Then steps are scheduled so that the case is
// turned and the tool is changed as seldom as possible, and single steps are moved while that
// helps. Finding the very best is hard in the worst case: the result says its cost and a bound that
// no sequence can undercut. O(n² · soft edges / 32 + passes · n³) for n steps.
import { at, known } from '../collections/at'
import { compare, compareBy } from '../collections/compare'
import { Closure } from './closure'
import type { Weights } from './habits'
import { isProof, paceOf, toolOf, type Timed } from './pace'
import { STEP_KINDS, type Edge, type EdgeBasis, type PlannedStep } from './step'

export interface Sequence<S> {
  readonly steps: readonly S[]
  /** The edges that the sequence keeps. */
  readonly kept: readonly Edge[]
  /** Pins that contradict a fact. */
  readonly refused: readonly Edge[]
  readonly cost: number
  readonly bound: number
}

/** Named choice: how often all steps are tried in other places. */
const PASSES = 3

/**
 * Sequences steps. `done` tells what was done already and when: that stands first, as it was done,
 * and the rest as it was planned; where it was done otherwise, the rest is moved where that helps.
 * Throws RangeError when facts contradict each other.
 */
export function sequenced<S extends Timed>(
  all: readonly S[],
  edges: readonly Edge[],
  weights: Weights,
  done: ReadonlyMap<string, string>,
): Sequence<S> {
  const steps = [...all].sort(byKind)
  const taken = takenUp(steps, edges, weights)
  const whole: Work<S> = { steps, closure: taken.closure, weights, start: undefined }
  const planned = improved(scheduled(whole), whole)
  const past = planned
    .filter(s => done.has(s.id))
    .sort((a, b) => compare(known(done, a.id), known(done, b.id)))
  const rest = planned.filter(s => !done.has(s.id))
  const work = { ...whole, start: past.at(-1) }
  const order = isAsPlanned(planned, done) ? rest : improved(rest, work)
  return {
    steps: [...past, ...order],
    kept: taken.kept,
    refused: taken.refused,
    cost: taken.broken + smoothness(order, work),
    bound: least(order, work),
  }
}

/** Whether all that is done stands before all that is not; an open place cannot be done. */
function isAsPlanned(planned: readonly PlannedStep[], done: ReadonlyMap<string, string>): boolean {
  const last = planned.findLastIndex(s => done.has(s.id))
  return planned.slice(0, last).every(s => done.has(s.id) || s.demand !== null)
}

/** What is put in order, and after which step that was done last. */
interface Work<S extends Timed> {
  readonly steps: readonly S[]
  readonly closure: Closure
  readonly weights: Weights
  readonly start: S | undefined
}

interface TakenUp {
  readonly closure: Closure
  readonly kept: readonly Edge[]
  readonly refused: readonly Edge[]
  /** What the habits cost that had to be broken. */
  readonly broken: number
}

/** Takes up the edges: facts and reach all of them, the rest while it contradicts nothing. */
function takenUp(steps: readonly Timed[], edges: readonly Edge[], weights: Weights): TakenUp {
  const index = new Map(steps.map((s, i) => [s.id, i]))
  const closure = new Closure(steps.length)
  const among = edges.filter(e => index.has(e.before) && index.has(e.after))
  const ends = (e: Edge): readonly [number, number] => [
    known(index, e.before),
    known(index, e.after),
  ]
  const isHard = (e: Edge): boolean => e.basis === 'fact' || e.basis === 'reach'
  const kept = among.filter(isHard)
  for (const e of kept)
    if (!closure.put(...ends(e)))
      throw new RangeError(`The reasons contradict each other at ${e.before}, ${e.after}`)
  const facts = closure.copy()
  const refused: Edge[] = []
  let broken = 0
  const soft = among
    .filter(e => !isHard(e))
    .sort(
      (a, b) =>
        price(b.basis, weights) - price(a.basis, weights) ||
        compare(a.before + a.after, b.before + b.after),
    )
  for (const e of soft) {
    const [from, to] = ends(e)
    if (closure.put(from, to)) kept.push(e)
    else if (e.basis === 'pin') refused.push(e)
    // A habit that facts rule out could not be kept by any sequence: breaking it costs nothing.
    else if (!facts.has(to, from)) broken += price(e.basis, weights)
  }
  return { closure, kept, refused, broken }
}

const byKind = compareBy<PlannedStep>(
  s => STEP_KINDS.indexOf(s.kind),
  s => s.id,
)

/** What it costs to break a soft edge; a pin is above all. */
function price(basis: EdgeBasis, weights: Weights): number {
  if (basis === 'pin') return Infinity
  return basis === 'cover' ? weights.twice * TWICE : weights.habit
}
/** Named choice: a card out and in again, minutes. */
const TWICE = 9

/** Where the work lies and which tool is in hand. */
interface Handling {
  readonly pose: string | null
  readonly tool: string | null
}
const handlingAfter = (s: Timed | undefined, before: Handling): Handling =>
  s ? { pose: s.pose, tool: toolOf(s) ?? before.tool } : before

/**
 * Of the steps that may come next always the one that needs no turn and no other tool, else the
 * first by kind and name.
 */
function scheduled<S extends Timed>({ steps, closure, start }: Work<S>): readonly S[] {
  const waits = steps.map((_, i) => closure.countBefore(i))
  const left = new Set(steps.keys())
  const order: S[] = []
  let handling = handlingAfter(start, { pose: null, tool: null })
  while (left.size > 0) {
    const free = [...left].filter(i => waits[i] === 0)
    const efforts = free.map(i => effort(at(steps, i), handling))
    const next = at(free, efforts.indexOf(Math.min(...efforts)))
    const step = at(steps, next)
    left.delete(next)
    for (const i of left) if (closure.has(next, i)) waits[i] = at(waits, i) - 1
    order.push(step)
    handling = handlingAfter(step, handling)
  }
  return order
}
/** Named choices: a turn of the work weighs twice a change of tool. */
const effort = (s: Timed, { pose, tool }: Handling): number =>
  (s.pose === pose ? 0 : 2) + (toolOf(s) === null || toolOf(s) === tool ? 0 : 1)

/** What is less is no gain but rounding, minutes. */
const HAIR = 1e-9

/** Moves single steps to where they cost less, until a pass finds nothing. */
function improved<S extends Timed>(order: readonly S[], work: Work<S>): readonly S[] {
  const index = new Map(work.steps.map((s, i) => [s.id, i]))
  const before = (a: S, b: S): boolean => work.closure.has(known(index, a.id), known(index, b.id))
  let best = order
  let cost = smoothness(best, work)
  for (let pass = 0; pass < PASSES; pass++) {
    const was = cost
    for (const step of order) {
      if (isSettled(best, step, before)) continue
      for (const tried of otherPlaces(best, step, before)) {
        const price = smoothness(tried, work)
        if (price >= cost - HAIR) continue
        best = tried
        cost = price
      }
    }
    if (cost === was) break
  }
  return best
}

type Before<S> = (a: S, b: S) => boolean

/** Amid its like a step costs nothing where it is; only the wait for the proof could still gain. */
function isSettled<S extends Timed>(order: readonly S[], step: S, before: Before<S>): boolean {
  const here = order.indexOf(step)
  const amidItsLike = [order[here - 1], order[here + 1]].every(
    s => s !== undefined && s.pose === step.pose && toolOf(s) === toolOf(step),
  )
  return amidItsLike && !order.slice(here).some(s => isProof(s) && !before(step, s))
}

/** The order with one step at every place where nothing contradicts it. */
function* otherPlaces<S extends Timed>(
  order: readonly S[],
  step: S,
  before: Before<S>,
): Generator<readonly S[]> {
  const rest = order.filter(s => s !== step)
  const low = rest.findLastIndex(s => before(s, step)) + 1
  const follower = rest.findIndex(s => before(step, s))
  const high = follower < 0 ? rest.length : follower
  for (let place = low; place <= high; place++) yield rest.toSpliced(place, 0, step)
}

/** What turns, changes of tool and the wait for the first proof cost. */
function smoothness<S extends Timed>(order: readonly S[], { weights, start }: Work<S>): number {
  const { turns, toolChanges, firstProof } = paceOf(start ? [start, ...order] : order)
  return turns * weights.turn + toolChanges * weights.tool + firstProof * weights.proof
}

/**
 * What no sequence can undercut: each pose and each tool met once, the first proof after all that
 * must come before it.
 */
function least<S extends Timed>(
  order: readonly S[],
  { steps, closure, weights, start }: Work<S>,
): number {
  const all = start ? [start, ...order] : order
  const index = new Map(steps.map((s, i) => [s.id, i]))
  const isBefore = (a: S, b: S): boolean => closure.has(known(index, a.id), known(index, b.id))
  const poses = new Set(all.map(s => s.pose))
  const tools = new Set(all.flatMap(s => toolOf(s) ?? []))
  const minutesBefore = (step: S): number =>
    order.reduce((sum, s) => sum + (isBefore(s, step) ? s.minutes : 0), 0)
  const proofs = order.flatMap(s => (isProof(s) ? [minutesBefore(s) + s.minutes] : []))
  return (
    Math.max(0, poses.size - 1) * weights.turn +
    Math.max(0, tools.size - 1) * weights.tool +
    (proofs.length > 0 ? Math.min(...proofs) : 0) * weights.proof
  )
}
