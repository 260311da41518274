// Results kept between analyses, by value, with early cut-off, in a bounded cache. The one place
// that keeps: stages, rules and sections never mention it.
import { share } from './share'

/**
 * How many results are kept; the one not asked for longest goes first. A large build needs about a
 * thousand.
 */
const KEPT = 8192
/**
 * Up to this share of the bound nothing can fall out soon, and asking need not mark an entry as
 * fresh.
 */
const ROOMY = 0.75

interface Entry {
  readonly inputs: readonly unknown[]
  readonly result: unknown
}

/**
 * Remembered computations, each under a name. Whatever goes in or comes out is shared with what did
 * before: parts that are equal are the very same objects. So inputs are compared by identity alone,
 * and what depends on an unchanged result is not computed again.
 */
export class Memory {
  private readonly kept = new Map<string, Entry>()
  /** All that went in or came out: where it is found inside another value, it is shared already. */
  private readonly known = new WeakSet<object>()

  constructor(private readonly most = KEPT) {}

  /**
   * The result for these inputs: the kept one when each input equals the one before, else computed
   * from them and shared with it. `compute` gets the inputs as they are shared.
   */
  keep<A extends unknown[] | [], R>(
    name: string,
    inputs: A,
    compute: (...own: NoInfer<A>) => R,
  ): R {
    const before = this.kept.get(name)
    const own = inputs.map((input, i) => this.intern(before?.inputs[i], input)) as unknown as A
    const same =
      before !== undefined &&
      before.inputs.length === own.length &&
      before.inputs.every((input, i) => input === own[i])
    if (same && this.kept.size < this.most * ROOMY) return before.result as R
    const result = same ? before.result : this.intern(before?.result, compute(...own))
    this.put(name, { inputs: own, result })
    return result as R
  }

  /** A value, or what equals it among what is known. */
  private intern(before: unknown, value: unknown): unknown {
    if (value === before || typeof value !== 'object' || value === null || this.known.has(value))
      return value
    const shared = share(before, value, this.known)
    if (typeof shared === 'object' && shared !== null) this.known.add(shared)
    return shared
  }

  private put(name: string, entry: Entry): void {
    this.kept.delete(name)
    this.kept.set(name, entry)
    const oldest = this.kept.keys().next()
    if (this.kept.size > this.most && !oldest.done) this.kept.delete(oldest.value)
  }
}
