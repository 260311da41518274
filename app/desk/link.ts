// A worker as the page holds it: its calls, whether it still answers, and another in its place when
// it does not.
import { wrap, type Remote } from 'comlink'

/**
 * Named choice, ms: a worker that gives no sign for so long is asked; one that then gives none for
 * as long again is replaced.
 */
export const SILENCE = 20_000
const LOOK_EVERY = 1000
/**
 * Named choice: a worker that ends by itself is replaced, but not more often than this in
 * `ENDINGS_WITHIN` ms.
 */
const ENDINGS_AT_MOST = 3
const ENDINGS_WITHIN = 60_000

/** Signs between page and worker beside the calls. */
export type Sign = { readonly sign: 'here' | 'alive?' | 'alive' | 'changing' | 'changed' }
const isSign = (data: unknown): data is Sign =>
  typeof data === 'object' && data !== null && 'sign' in data

/** What a call ends with when its worker was replaced, or never came. */
export class Stopped extends Error {
  override readonly name = 'Stopped'
}

const WORDS = {
  asked:
    'Juntura’s worker has given no sign for 20 seconds and is being asked. What was kept ' +
    'before is safe; wait a little.',
  waiting:
    'This takes long: the browser’s store may be held by another window of Juntura. What ' +
    'was kept before is safe; close other windows, or wait.',
  changing:
    'Juntura’s worker gives no sign, and is in the middle of keeping a change: it is not ' +
    'interrupted. What was kept before is safe. If this stays, reload the page.',
  replaced:
    'Juntura’s worker did not answer and was started anew. What was kept before is safe; ' +
    'the latest change may not be kept: look at it, and do it again if it is missing.',
  ended:
    'Juntura’s worker stopped and was started anew. What was kept before is safe; the ' +
    'latest change may not be kept: look at it, and do it again if it is missing.',
  endsAgain:
    'Juntura’s worker stops again and again. What was kept before is safe. Close what ' +
    'else needs much memory, then reload the page.',
  missing:
    'A part of Juntura could not be loaded. What was kept before is safe. Is its server ' +
    'running? Start it (npm start), then reload the page.',
} as const

export interface LinkOptions {
  /** Begins a worker of this name. */
  readonly make: (name: string) => Worker
  /** Hears what is wrong while something is, and null when it is well again. */
  readonly tell: (trouble: string | null) => void
  /** Called when another worker took the place of one that did not answer. */
  readonly revived: () => void
}

export class Link<Api> {
  private worker: Worker
  private api: Remote<Api>
  private readonly pending = new Set<(error: Stopped) => void>()
  private everHeard = false
  private heardAt = performance.now()
  private askedAt: number | null = null
  private changing = false
  private timer: ReturnType<typeof setInterval> | null = null
  /** When workers ended by themselves, of late. */
  private endings: readonly number[] = []

  constructor(private readonly on: LinkOptions) {
    const { worker, api } = this.begin()
    this.worker = worker
    this.api = api
  }

  /**
   * Makes one call. It ends in any case: with the answer, with the worker's error, or with
   * `Stopped`.
   */
  call<T>(use: (api: Remote<Api>) => Promise<T>): Promise<T> {
    if (this.pending.size === 0) this.heardAt = performance.now()
    this.timer ??= setInterval(() => this.look(), LOOK_EVERY)
    return new Promise<T>((done, failed) => {
      this.pending.add(failed)
      use(this.api)
        .then(done, failed)
        .finally(() => this.answered(failed))
    })
  }

  /** A sign of life that came another way: a long call told how far it is. */
  progressed(): void {
    this.hear(null)
  }

  private begin(): { worker: Worker; api: Remote<Api> } {
    const name = crypto.randomUUID()
    const worker = this.on.make(name)
    worker.addEventListener('message', event => {
      this.hear(event.data)
      if (isSign(event.data) && event.data.sign === 'here') this.waitForEnd(worker, name)
    })
    worker.addEventListener('error', () => {
      if (!this.everHeard) this.stop(WORDS.missing)
    })
    return { worker, api: wrap<Api>(worker) }
  }

  /** The lock that a worker holds is given on when it ends, whatever ended it. */
  private waitForEnd(worker: Worker, name: string): void {
    void navigator.locks.request(name, () => {
      if (worker === this.worker) this.ended()
    })
  }

  private ended(): void {
    const now = performance.now()
    this.endings = [...this.endings.filter(at => now - at < ENDINGS_WITHIN), now]
    if (this.endings.length <= ENDINGS_AT_MOST) this.replace(WORDS.ended)
    else this.stop(WORDS.endsAgain)
  }

  private hear(data: unknown): void {
    this.everHeard = true
    this.heardAt = performance.now()
    if (isSign(data) && data.sign === 'changing') this.changing = true
    if (isSign(data) && data.sign === 'changed') this.changing = false
    if (this.askedAt === null) return
    this.askedAt = null
    // It lives and still has not answered: it waits for something else.
    this.on.tell(isSign(data) && data.sign === 'alive' ? WORDS.waiting : null)
  }

  private look(): void {
    const now = performance.now()
    if (this.askedAt === null) {
      if (now - this.heardAt < SILENCE) return
      this.askedAt = now
      this.worker.postMessage({ sign: 'alive?' } satisfies Sign)
      this.on.tell(WORDS.asked)
    } else if (now - this.askedAt > SILENCE) {
      if (this.changing) this.on.tell(WORDS.changing)
      else this.replace(WORDS.replaced)
    }
  }

  private replace(why: string): void {
    this.worker.terminate()
    const { worker, api } = this.begin()
    this.worker = worker
    this.api = api
    this.stop(why)
    this.on.revived()
  }

  /** Ends all calls that wait, with a sentence that stays until all is well again. */
  private stop(sentence: string): void {
    this.askedAt = null
    this.changing = false
    this.on.tell(sentence)
    for (const failed of [...this.pending]) {
      failed(new Stopped(sentence))
      this.answered(failed)
    }
  }

  private answered(failed: (error: Stopped) => void): void {
    this.pending.delete(failed)
    if (this.pending.size > 0 || this.timer === null) return
    clearInterval(this.timer)
    this.timer = null
    if (this.askedAt !== null) this.on.tell(null)
    this.askedAt = null
  }
}

/**
 * The worker's side: holds a lock of its name for as long as it lives, answers when it is asked,
 * and tells when it begins and ends a change.
 */
export function giveSigns(scope: DedicatedWorkerGlobalScope): (changing: boolean) => void {
  void scope.navigator.locks.request(scope.name, () => {
    scope.postMessage({ sign: 'here' } satisfies Sign)
    return new Promise<never>(() => undefined)
  })
  scope.addEventListener('message', event => {
    if (isSign(event.data) && event.data.sign === 'alive?')
      scope.postMessage({ sign: 'alive' } satisfies Sign)
  })
  return changing => scope.postMessage({ sign: changing ? 'changing' : 'changed' } satisfies Sign)
}
