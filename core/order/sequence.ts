// One sequence of the steps: it keeps every fact and every reach, and of the rest as much as the
// school's weights say.
//
// Facts and reach are hard. Pins, covers and habits are taken up one by one, the weightiest first,
// each unless it contradicts what is taken up already. Then steps are scheduled so that the case is
// turned and the tool is changed as seldom as possible, and single steps are moved while that
// helps. Finding the very best is hard in the worst case: the result says its cost and a bound that
// no sequence can undercut. O(n² · soft edges / 32 + passes · n³) for n steps.
import { FIRST_TIME_FACTOR } from '../standards/minutes'
import type { Weights } from './habits'
import { STEP_KINDS, type Edge, type EdgeBasis, type PlannedStep } from './step'

/** What the sequencing asks of a step besides its edges. */
export interface Timed extends PlannedStep {
  readonly minutes: number
  readonly tools: readonly string[]
}

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
const PROOFS = ['bench-start', 'first-power'] as const
const isProof = (s: PlannedStep): boolean => (PROOFS as readonly string[]).includes(s.kind)

/**
 * Sequences steps. `done` tells what was done already and when: that stands first, as it was done.
 * Throws RangeError when facts contradict each other.
 */
export function sequenced<S extends Timed>(
  all: readonly S[],
  edges: readonly Edge[],
  weights: Weights,
  done: ReadonlyMap<string, string>,
): Sequence<S> {
  const past = all
    .filter(s => done.has(s.id))
    .sort((a, b) => compare(done.get(a.id) ?? '', done.get(b.id) ?? '') || byKind(a, b))
  const steps = all.filter(s => !done.has(s.id)).sort(byKind)
  const index = new Map(steps.map((s, i) => [s.id, i]))
  const closure = new Closure(steps.length)
  const among = edges.filter(e => index.has(e.before) && index.has(e.after))
  const ends = (e: Edge): readonly [number, number] => [
    index.get(e.before) ?? 0,
    index.get(e.after) ?? 0,
  ]
  const hard = among.filter(e => e.basis === 'fact' || e.basis === 'reach')
  for (const e of hard)
    if (!closure.put(...ends(e)))
      throw new RangeError(`The reasons contradict each other at ${e.before}, ${e.after}`)

  const kept = [...hard]
  const refused: Edge[] = []
  let broken = 0
  const facts = closure.copy()
  const soft = among
    .filter(e => !hard.includes(e))
    .sort(
      (a, b) =>
        price(b.basis, weights) - price(a.basis, weights) ||
        compare(a.before + a.after, b.before + b.after),
    )
  for (const e of soft) {
    const [from, to] = ends(e)
    // What facts rule out was never to be had: it costs nothing.
    if (closure.put(from, to)) kept.push(e)
    else if (e.basis === 'pin') refused.push(e)
    else if (!facts.has(to, from)) broken += price(e.basis, weights)
  }
  const start = past.at(-1)
  const order = improved(scheduled(steps, closure, start), closure, weights, start)
  return {
    steps: [...past, ...order],
    kept: [...kept, ...edges.filter(e => done.has(e.before))],
    refused,
    cost: broken + smoothness(order, weights, start),
    bound: least(steps, closure, weights, start),
  }
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)
const byKind = (a: PlannedStep, b: PlannedStep): number =>
  STEP_KINDS.indexOf(a.kind) - STEP_KINDS.indexOf(b.kind) || compare(a.id, b.id)

/** What it costs to break a soft edge; a pin is above all. */
function price(basis: EdgeBasis, weights: Weights): number {
  return basis === 'pin' ? Infinity : basis === 'cover' ? weights.twice * TWICE : weights.habit
}
/** Named choice: a card out and in again, minutes. */
const TWICE = 9

/**
 * Which step comes before which, closed under "and so on": bit rows, so that taking up an edge is a
 * few words of work a step.
 */
class Closure {
  private readonly rows: readonly Uint32Array[]
  private readonly words: number
  constructor(
    private readonly n: number,
    rows?: readonly Uint32Array[],
  ) {
    this.words = Math.ceil(n / 32)
    this.rows = rows ?? Array.from({ length: n }, () => new Uint32Array(this.words))
  }

  has(before: number, after: number): boolean {
    return (((this.rows[before]?.[after >> 5] ?? 0) >>> (after & 31)) & 1) === 1
  }
  copy(): Closure {
    return new Closure(
      this.n,
      this.rows.map(r => r.slice()),
    )
  }

  /** Takes up an edge; false when it contradicts what is there. */
  put(before: number, after: number): boolean {
    if (before === after || this.has(after, before)) return false
    if (this.has(before, after)) return true
    const next = this.rows[after]
    for (let i = 0; i < this.n; i++) {
      const row = this.rows[i]
      if (!row || !next || (i !== before && !this.has(i, before))) continue
      for (let w = 0; w < this.words; w++) row[w] = (row[w] ?? 0) | (next[w] ?? 0)
      row[after >> 5] = (row[after >> 5] ?? 0) | (1 << (after & 31))
    }
    return true
  }
}

const toolOf = (s: Timed): string | null => s.tools[0] ?? null

/**
 * Of the steps that may come next always the one that needs no turn and no other tool, else the
 * first by kind and name.
 */
function scheduled<S extends Timed>(
  steps: readonly S[],
  closure: Closure,
  start: S | undefined,
): readonly S[] {
  const waits = steps.map((_, i) =>
    steps.reduce((n, _other, j) => n + (closure.has(j, i) ? 1 : 0), 0),
  )
  const left = new Set(steps.keys())
  const order: S[] = []
  let [pose, tool] = [start?.pose ?? null, start ? toolOf(start) : null]
  while (left.size > 0) {
    let next = -1
    for (const i of left)
      if (
        waits[i] === 0 &&
        (next < 0 || effort(steps[i], pose, tool) < effort(steps[next], pose, tool))
      )
        next = i
    const step = steps[next]
    if (!step) break
    left.delete(next)
    for (const i of left) if (closure.has(next, i)) waits[i] = (waits[i] ?? 0) - 1
    order.push(step)
    pose = step.pose
    tool = toolOf(step) ?? tool
  }
  return order
}
const effort = (s: Timed | undefined, pose: string | null, tool: string | null): number =>
  !s ? 9 : (s.pose === pose ? 0 : 2) + (toolOf(s) === null || toolOf(s) === tool ? 0 : 1)

/** Moves single steps to where they cost less, until a pass finds nothing. */
function improved<S extends Timed>(
  order: readonly S[],
  closure: Closure,
  weights: Weights,
  start: S | undefined,
): readonly S[] {
  const index = new Map([...order].sort(byKind).map((s, i) => [s.id, i]))
  const before = (a: S, b: S): boolean => closure.has(index.get(a.id) ?? 0, index.get(b.id) ?? 0)
  let best = order
  let cost = smoothness(best, weights, start)
  for (let pass = 0; pass < PASSES; pass++) {
    const was = cost
    for (const step of order) {
      const here = best.indexOf(step)
      const [left, right] = [best[here - 1], best[here + 1]]
      // Amid its like it costs nothing where it is; only the wait for the proof could still gain.
      if (
        left &&
        right &&
        sameHandling(left, step) &&
        sameHandling(step, right) &&
        !best.slice(here).some(s => isProof(s) && !before(step, s))
      )
        continue
      const rest = best.filter(s => s !== step)
      const low = rest.findLastIndex(s => before(s, step)) + 1
      const found = rest.findIndex(s => before(step, s))
      const high = found < 0 ? rest.length : found
      for (let at = low; at <= high; at++) {
        const tried = rest.toSpliced(at, 0, step)
        const price = smoothness(tried, weights, start)
        if (price < cost - 1e-9) {
          best = tried
          cost = price
        }
      }
    }
    if (cost === was) break
  }
  return best
}

const sameHandling = (a: Timed, b: Timed): boolean => a.pose === b.pose && toolOf(a) === toolOf(b)

/** What turns, changes of tool and the wait for the first proof cost. */
function smoothness(order: readonly Timed[], weights: Weights, start: Timed | undefined): number {
  const { turns, toolChanges, firstProof } = paceOf(start ? [start, ...order] : order)
  return turns * weights.turn + toolChanges * weights.tool + firstProof * weights.proof
}

/**
 * What no sequence can undercut: each pose and each tool met once, the first proof after all that
 * must come before it.
 */
function least(
  steps: readonly Timed[],
  closure: Closure,
  weights: Weights,
  start: Timed | undefined,
): number {
  const poses = new Set([...(start ? [start] : []), ...steps].map(s => s.pose))
  const tools = new Set([...(start ? [start] : []), ...steps].flatMap(s => toolOf(s) ?? []))
  const proofs = steps.flatMap((s, i) =>
    isProof(s)
      ? [steps.reduce((sum, other, j) => sum + (closure.has(j, i) ? other.minutes : 0), s.minutes)]
      : [],
  )
  return (
    Math.max(0, poses.size - 1) * weights.turn +
    Math.max(0, tools.size - 1) * weights.tool +
    (proofs.length > 0 ? Math.min(...proofs) : 0) * weights.proof
  )
}

export interface Pace {
  readonly minutes: number
  readonly firstTimeMinutes: number
  /** How often the work is turned: from the table into the case, to its back, upright. */
  readonly turns: number
  readonly toolChanges: number
  /** Steps that undo or repeat another. */
  readonly twice: number
  /** Minutes until something starts for the first time. */
  readonly firstProof: number
}

/** The figures of a sequence, whatever school made it. */
export function paceOf(order: readonly Timed[]): Pace {
  let [pose, tool, turns, toolChanges, minutes, firstProof, twice] = [
    null as string | null,
    null as string | null,
    0,
    0,
    0,
    0,
    0,
  ]
  let proved = false
  for (const s of order) {
    if (pose !== null && s.pose !== pose) turns += 1
    pose = s.pose
    const t = toolOf(s)
    if (t !== null && tool !== null && t !== tool) toolChanges += 1
    tool = t ?? tool
    minutes += s.minutes
    if (s.kind === 'refit') twice += 1
    if (s.kind === 'bench-clear') twice += s.details.length
    if (!proved && isProof(s)) {
      proved = true
      firstProof = minutes
    }
  }
  return {
    minutes,
    firstTimeMinutes: minutes * FIRST_TIME_FACTOR,
    turns,
    toolChanges,
    twice,
    firstProof: proved ? firstProof : minutes,
  }
}
