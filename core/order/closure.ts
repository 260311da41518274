// Which step comes before which, closed under "and so on".
import { at } from '../collections/at'

const BITS = 32

/** Rows of bits, so that taking up an edge is a few words of work a step. */
export class Closure {
  private readonly words: number

  constructor(
    private readonly n: number,
    private readonly rows = Array.from({ length: n }, () => new Uint32Array(Math.ceil(n / BITS))),
  ) {
    this.words = Math.ceil(n / BITS)
  }

  has(before: number, after: number): boolean {
    return ((at(this.row(before), after >> 5) >>> (after & 31)) & 1) === 1
  }

  copy(): Closure {
    return new Closure(
      this.n,
      this.rows.map(r => r.slice()),
    )
  }

  /** How many steps come before one. */
  countBefore(after: number): number {
    return this.rows.reduce((n, _, before) => n + (this.has(before, after) ? 1 : 0), 0)
  }

  /** Takes up an edge; false when it contradicts what is there. */
  put(before: number, after: number): boolean {
    if (before === after || this.has(after, before)) return false
    if (this.has(before, after)) return true
    const next = this.row(after)
    this.rows.forEach((row, i) => {
      if (i !== before && !this.has(i, before)) return
      for (let w = 0; w < this.words; w++) row[w] = at(row, w) | at(next, w)
      row[after >> 5] = at(row, after >> 5) | (1 << (after & 31))
    })
    return true
  }

  private row(i: number): Uint32Array {
    return at(this.rows, i)
  }
}
