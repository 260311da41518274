// A long piece of work in the worker, a chunk at a time, so that it can be left off and tells how
// far it is.

export type Progress = (done: number, of: number) => void

/** Named choice: how many parts are read before the worker listens again. */
const CHUNK = 50
const breath = (): Promise<void> => new Promise(done => setTimeout(done, 0))

export class Chunks {
  private cancelled = false

  /** Does something with each, a breath between chunks; null when it is left off meanwhile. */
  async through<T, R>(
    list: readonly T[],
    each: (one: T, i: number) => R,
    progress: Progress,
  ): Promise<readonly R[] | null> {
    this.cancelled = false
    const done: R[] = []
    for (let i = 0; i < list.length; i += CHUNK) {
      if (i > 0) {
        progress(i, list.length)
        await breath()
      }
      if (this.cancelled) return null
      done.push(...list.slice(i, i + CHUNK).map((one, k) => each(one, i + k)))
    }
    progress(list.length, list.length)
    return done
  }

  cancel(): void {
    this.cancelled = true
  }
}
