// Results kept between analyses: by value, with early cut-off, in bounded caches.
import equal from 'fast-deep-equal/es6'

/** How many results are kept; the one not asked for longest goes first. A large build needs about a thousand. */
const KEPT = 8192

/**
 * A bench of remembered computations. Each is asked by a name and a list of inputs: when every input is the same value
 * as before, the earlier result comes back, the very same object; when a new result equals the old one, the old object
 * is kept, so that whatever depends on it is not computed again.
 */
export class Memo {
  private readonly kept = new Map<string, { inputs: readonly unknown[]; result: unknown }>()

  constructor(private readonly most = KEPT) {}

  /** `name` must tell apart everything the inputs do not. */
  keep<R>(name: string, inputs: readonly unknown[], compute: () => R): R {
    const known = this.kept.get(name)
    if (known && sameInputs(known.inputs, inputs)) {
      this.touch(name, { inputs, result: known.result })
      return known.result as R
    }
    const fresh = compute()
    const result = known && equal(known.result, fresh) ? (known.result as R) : fresh
    this.touch(name, { inputs, result })
    return result
  }

  private touch(name: string, entry: { inputs: readonly unknown[]; result: unknown }): void {
    this.kept.delete(name)
    this.kept.set(name, entry)
    const oldest = this.kept.keys().next()
    if (this.kept.size > this.most && !oldest.done) this.kept.delete(oldest.value)
  }
}

const sameInputs = (a: readonly unknown[], b: readonly unknown[]): boolean => a.length === b.length && a.every((value, i) => value === b[i] || equal(value, b[i]))
