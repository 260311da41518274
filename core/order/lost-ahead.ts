// What a fault still costs on average at least, amid a sequence. Found at a start it is looked for back to the
// last one: so many steps untried cost their square, and starts that part them evenly cost the least.
import { at } from '../collections/at'
import type { Puzzle, Standing } from './puzzle'

/** Between which numbers of steps a start can stand, of those that are still to be joined. */
interface Cuts {
  readonly least: readonly number[]
  readonly most: readonly number[]
}

export class LostAhead {
  private readonly trials: readonly number[]
  /** Of each trial the steps that join before it, and after it, whatever the sequence. */
  private readonly before: readonly Uint8Array[]
  private readonly after: readonly Uint8Array[]
  private readonly known = new Map<string, number>()

  constructor(
    private readonly p: Puzzle,
    next: readonly (readonly number[])[],
  ) {
    this.trials = p.proofs.flatMap((is, i) => (is ? [i] : []))
    this.before = this.trials.map(trial => reached(p.musts, trial))
    this.after = this.trials.map(trial => reached(next, trial))
  }

  /** The least that the rest loses, minutes. */
  of({ done, untried }: Standing): number {
    if (this.p.loss === 0) return 0
    const left = this.joinsLeft(done)
    const open = this.trials.flatMap((trial, k) => (done[trial] === 1 ? [] : [k]))
    const cuts: Cuts = {
      least: open.map(k => this.joinsLeft(done, at(this.before, k))).sort(byNumber),
      most: open.map(k => left - this.joinsLeft(done, at(this.after, k))).sort(byNumber),
    }
    const key = `${untried} ${left} ${cuts.least.join()} ${cuts.most.join()}`
    const squares = this.known.get(key) ?? leastSquares(untried, left, cuts)
    this.known.set(key, squares)
    return squares * this.p.loss
  }

  /**
   * Whether a step may be done at once as far as faults go: one that joins where every start that is
   * still to come waits for it; a start where nothing that joins could come before it.
   */
  mayGo({ done }: Standing, step: number): boolean {
    if (this.p.loss === 0) return true
    if (at(this.p.joins, step))
      return this.trials.every((trial, k) => done[trial] === 1 || at(this.before, k)[step] === 1)
    const own = this.trials.indexOf(step)
    return own < 0 || this.joinsLeft(done) === this.joinsLeft(done, at(this.after, own))
  }

  /** How many steps that join are still to be done; among some of them. */
  private joinsLeft(done: Uint8Array, among?: Uint8Array): number {
    let left = 0
    for (let i = 0; i < done.length; i++)
      if (done[i] === 0 && at(this.p.joins, i) && (among === undefined || among[i] === 1)) left += 1
    return left
  }
}

const byNumber = (a: number, b: number): number => a - b

/** 1 for each step that is reached from one along these, itself not. */
function reached(along: readonly (readonly number[])[], from: number): Uint8Array {
  const found = new Uint8Array(along.length)
  const left = [...at(along, from)]
  for (let i = left.pop(); i !== undefined; i = left.pop()) {
    if (found[i] === 1) continue
    found[i] = 1
    left.push(...at(along, i))
  }
  return found
}

/**
 * The least that squares of what is untried at each start come to, beyond what is untried already: cuts
 * are set one after the other, each by the best of those before it. O(cuts × steps²).
 */
function leastSquares(untried: number, left: number, { least, most }: Cuts): number {
  const square = (n: number): number => n * n
  let sums = new Map<number, number>([[0, -square(untried)]])
  let begun = untried
  least.forEach((low, k) => {
    const following = new Map<number, number>()
    for (let cut = low; cut <= at(most, k); cut++)
      for (const [from, sum] of sums) {
        if (from > cut) continue
        const own = sum + square(cut - from + begun)
        if (own < (following.get(cut) ?? Infinity)) following.set(cut, own)
      }
    sums = following
    begun = 0
  })
  return Math.min(...[...sums].map(([from, sum]) => sum + square(left - from + begun)))
}
