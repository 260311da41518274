// What is still to come at least, amid a sequence: no way to the end costs less.
import { at } from '../collections/at'
import { LostAhead } from './lost-ahead'
import type { Puzzle, Standing, Wish } from './puzzle'

/** Wishes that cannot all be kept, whatever the sequence, and what the cheapest of them costs. */
interface Circle {
  readonly steps: readonly number[]
  readonly price: number
}

/** Poses, or tools, as numbers; none is −1. */
interface Changing {
  readonly own: Int8Array
  readonly names: readonly string[]
  /** The most changes on one chain from each step on, by what is there before it. */
  readonly from: Int8Array
}

/** What the search asks of every state. */
export class Ahead {
  /** What comes before every trial: it costs its minutes of waiting, whenever it is done. */
  private readonly isNeeded: readonly boolean[]
  /** What it costs to do a step after whichever trial is the first. */
  private readonly missed: readonly number[]
  private readonly poses: Changing
  private readonly tools: Changing
  private readonly circles: readonly Circle[]
  private readonly lost: LostAhead

  constructor(
    private readonly p: Puzzle,
    next: readonly (readonly number[])[],
  ) {
    const along = { next, backwards: lastFirst(p.musts, next) }
    this.poses = changing(p.poses, along)
    this.tools = changing(p.tools, along)
    this.isNeeded = neededFor(p)
    this.missed = missedBy(p)
    this.lost = new LostAhead(p, next)
    this.circles = circlesOf(p, next)
  }

  /** The least that the rest costs, minutes. */
  of(state: Standing): number {
    const { p } = this
    const turns = this.least(state.done, this.poses, state.pose)
    const changes = this.least(state.done, this.tools, state.tool)
    const handling = turns * p.turn + changes * p.tool
    return handling + this.waits(state) + this.breaks(state) + this.lost.of(state)
  }

  /** Whether a step that costs nothing can be done at once: it makes no trial wait in vain. */
  mayGo(state: Standing, step: number): boolean {
    const { done, isProved } = state
    if (!this.lost.mayGo(state, step)) return false
    if (isProved || at(this.isNeeded, step)) return true
    // After the trial it costs more than the trial's waiting for it.
    if (at(this.p.minutes, step) * this.p.proof <= at(this.missed, step)) return true
    const isTrial = at(this.p.proofs, step)
    return isTrial && this.p.proofs.every((is, i) => !is || i === step || done[i] === 1)
  }

  /** Each pose, or tool, once more that is not here; or what changes along one chain. */
  private least(done: Uint8Array, { own, names, from }: Changing, now: string | null): number {
    const here = now === null ? NONE : names.indexOf(now)
    const column = here + 1
    const wide = names.length + 1
    let met = 0
    let chain = 0
    for (let i = 0; i < done.length; i++) {
      if (done[i] === 1) continue
      const mine = at(own, i)
      if (mine !== NONE) met |= 1 << mine
      const changes = at(from, i * wide + column)
      if (changes > chain) chain = changes
    }
    return Math.max(chain, countOf(met, here))
  }

  private waits({ done, isProved }: Standing): number {
    if (isProved) return 0
    let wait = 0
    let trial = Infinity
    for (let i = 0; i < done.length; i++) {
      if (done[i] === 1) continue
      const own = at(this.p.minutes, i) * this.p.proof
      if (at(this.isNeeded, i)) wait += own
      else if (at(this.p.proofs, i)) trial = Math.min(trial, own)
      else wait += Math.min(own, at(this.missed, i))
    }
    return trial === Infinity ? 0 : wait + trial
  }

  /** Of each circle that nothing of is done yet one wish is still to be broken. */
  private breaks({ done }: Standing): number {
    let price = 0
    for (const circle of this.circles) {
      let isWhole = true
      for (const i of circle.steps) if (done[i] === 1) isWhole = false
      if (isWhole) price += circle.price
    }
    return price
  }
}

const NONE = -1
/** How many are met that are not here already; where nothing is here the first costs nothing. */
function countOf(met: number, here: number): number {
  let count = 0
  for (let bits = met; bits !== 0; bits &= bits - 1) count += 1
  const isHere = here === NONE || (met & (1 << here)) !== 0
  return Math.max(0, count - (isHere ? 1 : 0))
}

/** The steps, each after all that must come after it. */
function lastFirst(
  musts: Puzzle['musts'],
  next: readonly (readonly number[])[],
): readonly number[] {
  const left = next.map(n => n.length)
  const order = left.flatMap((n, i) => (n === 0 ? [i] : []))
  for (let k = 0; k < order.length; k++)
    for (const before of at(musts, at(order, k))) {
      left[before] = at(left, before) - 1
      if (left[before] === 0) order.push(before)
    }
  return order
}

interface Along {
  readonly next: readonly (readonly number[])[]
  /** The steps, each after all that must come after it. */
  readonly backwards: readonly number[]
}
function changing(names: readonly (string | null)[], along: Along): Changing {
  const known = [...new Set(names.flatMap(n => n ?? []))]
  const own = Int8Array.from(names, n => known.indexOf(n ?? ''))
  return { own, names: known, from: changesFrom(own, known.length, along) }
}

/**
 * The most changes on one chain of what must follow, from each step on: a row for each step, in it a
 * column for what is there before it, nothing first. Steps without one of their own change nothing.
 */
function changesFrom(own: Int8Array, many: number, { next, backwards }: Along): Int8Array {
  const wide = many + 1
  const from = new Int8Array(own.length * wide)
  for (const i of backwards)
    for (let here = NONE; here < many; here++) {
      const mine = at(own, i)
      const then = mine === NONE ? here : mine
      const after = at(next, i).map(j => at(from, j * wide + then + 1))
      const change = here !== NONE && mine !== NONE && mine !== here ? 1 : 0
      from[i * wide + here + 1] = change + Math.max(0, ...after)
    }
  return from
}

/** What every trial waits for, itself not counted. */
function neededFor({ musts, proofs }: Puzzle): readonly boolean[] {
  const trials = proofs.flatMap((is, i) => (is ? [i] : []))
  const before = trials.map(trial => allBefore(musts, trial))
  return proofs.map((_, i) => trials.length > 0 && before.every(found => found.has(i)))
}

/** The least that a trial wishes each step before it. */
function missedBy({ proofs, wishes }: Puzzle): readonly number[] {
  const trials = proofs.flatMap((is, i) => (is ? [at(wishes, i)] : []))
  const priceIn = (own: readonly Wish[], step: number): number =>
    own.reduce((sum, w) => sum + (w.before === step ? w.price : 0), 0)
  return proofs.map((_, step) =>
    trials.length === 0 ? 0 : Math.min(...trials.map(own => priceIn(own, step))),
  )
}

function allBefore(musts: Puzzle['musts'], step: number): ReadonlySet<number> {
  const found = new Set<number>()
  const left = [...at(musts, step)]
  for (let i = left.pop(); i !== undefined; i = left.pop()) {
    if (found.has(i)) continue
    found.add(i)
    left.push(...at(musts, i))
  }
  return found
}

/**
 * Circles of wishes and musts, no wish in two of them, and none of a trial, which is told apart. Found
 * one after the other, the shortest first from each wish.
 */
function circlesOf(p: Puzzle, next: readonly (readonly number[])[]): readonly Circle[] {
  const wishes = p.wishes.flatMap((own, after) =>
    at(p.proofs, after) ? [] : own.map(w => ({ ...w, after })),
  )
  const used = new Set<object>()
  const from = p.wishes.map((): (typeof wishes)[number][] => [])
  for (const wish of wishes) at(from, wish.before).push(wish)
  return wishes.flatMap(wish => {
    if (used.has(wish)) return []
    const back = wayBack(wish.after, wish.before, { next, from, used })
    if (!back) return []
    const circle = [wish, ...back.wishes]
    for (const w of circle) used.add(w)
    return [{ steps: back.steps, price: Math.min(...circle.map(w => w.price)) }]
  })
}

interface Directed extends Wish {
  readonly after: number
}
interface Ways {
  readonly next: readonly (readonly number[])[]
  readonly from: readonly (readonly Directed[])[]
  readonly used: ReadonlySet<object>
}

/** The shortest way from one step to another along what comes after, by musts and unused wishes. */
function wayBack(
  start: number,
  end: number,
  { next, from, used }: Ways,
): { readonly steps: readonly number[]; readonly wishes: readonly Directed[] } | null {
  const came = new Map<number, { readonly step: number; readonly by: Directed | null } | null>([
    [start, null],
  ])
  const queue = [start]
  for (const step of queue) {
    if (step === end) break
    const put = (to: number, by: Directed | null): void => {
      if (came.has(to)) return
      came.set(to, { step, by })
      queue.push(to)
    }
    for (const to of at(next, step)) put(to, null)
    for (const wish of at(from, step)) if (!used.has(wish)) put(wish.after, wish)
  }
  if (!came.has(end)) return null
  const steps = [end]
  const wishes: Directed[] = []
  for (let link = came.get(end); link; link = came.get(link.step)) {
    steps.push(link.step)
    if (link.by) wishes.push(link.by)
  }
  return { steps, wishes }
}
