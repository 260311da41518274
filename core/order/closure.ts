// Which step comes before which, closed under "and so on".
import { at } from '../collections/at'

const BITS = 32

/** Rows of bits, so that taking up an edge is a few words of work a step. */
export class Closure {
  private readonly words: number

  constructor(
    private readonly n: number,
    /** One row after the other: the bits of what comes after each step. */
    private readonly bits = new Uint32Array(n * Math.ceil(n / BITS)),
  ) {
    this.words = Math.ceil(n / BITS)
  }

  has(before: number, after: number): boolean {
    return ((at(this.bits, before * this.words + (after >> 5)) >>> (after & 31)) & 1) === 1
  }

  copy(): Closure {
    return new Closure(this.n, this.bits.slice())
  }

  /** How many steps come before one. */
  countBefore(after: number): number {
    let count = 0
    for (let before = 0; before < this.n; before++) if (this.has(before, after)) count += 1
    return count
  }

  /** Takes up an edge; false when it contradicts what is there. */
  put(before: number, after: number): boolean {
    if (before === after || this.has(after, before)) return false
    if (this.has(before, after)) return true
    const next = this.bits.slice(after * this.words, (after + 1) * this.words)
    next[after >> 5] = at(next, after >> 5) | (1 << (after & 31))
    for (let i = 0; i < this.n; i++) if (i === before || this.has(i, before)) this.join(i, next)
    return true
  }

  /** What comes after step i is also what `next` says. */
  private join(i: number, next: Uint32Array): void {
    const from = i * this.words
    next.forEach((word, w) => {
      this.bits[from + w] = at(this.bits, from + w) | word
    })
  }
}
