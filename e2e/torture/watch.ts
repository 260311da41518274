// What passes between a page and its worker: whether a change waits for its answer, and a fuse that
// is lit when the next one is sent.
import type { BrowserContext, Page } from 'playwright-core'

/**
 * What is to happen after the next change has been sent: after so many ms, in the page or out here.
 */
export interface Fuse {
  readonly after: number
  readonly worker: boolean
}

/**
 * Hears of every change that is sent to a worker and of every answer, and lights the fuse that was
 * laid.
 */
export class Watch {
  private sent = 0
  private answered = 0
  private burnt: (() => void) | null = null
  private heard: (() => void) | null = null

  async over(profile: BrowserContext): Promise<void> {
    await profile.exposeBinding('tortureHears', (_, what: string) => this.hear(what))
    await profile.addInitScript(WATCHING)
  }

  /** Whether a change was sent whose answer has not come. */
  get waits(): boolean {
    return this.sent > this.answered
  }

  /** Resolves with the answer to the next change. */
  answer(): Promise<void> {
    return new Promise(done => {
      this.heard = done
    })
  }

  /** Forgets what was on its way: its page is gone. */
  forget(): void {
    this.sent = this.answered = 0
    this.burnt = this.heard = null
  }

  /** Lays a fuse to the next change of this page; resolves when it has burnt down. */
  async lay(page: Page, fuse: Fuse): Promise<{ burnt: Promise<void> }> {
    const burnt = new Promise<void>(done => {
      this.burnt = done
    })
    await page.evaluate(laid => {
      Object.assign(globalThis, { tortureFuse: laid })
    }, fuse)
    return { burnt }
  }

  /** Ends the worker that the page sent its changes to. */
  endWorker(page: Page): Promise<void> {
    return page.evaluate('tortureWorker.terminate()')
  }

  private hear(what: string): void {
    if (what === 'sent') this.sent += 1
    if (what === 'answered') {
      this.answered += 1
      this.heard?.()
    }
    if (what === 'burnt') this.burnt?.()
  }
}

/** Runs in every page before the program does: as text, since it stands in another world. */
const WATCHING = `{
  const Plain = Worker
  const changes = new Set()
  globalThis.Worker = class extends Plain {
    constructor(...given) {
      super(...given)
      this.addEventListener('message', ({ data }) => {
        if (changes.delete(data && data.id)) void tortureHears('answered')
      })
    }
    postMessage(message, ...more) {
      super.postMessage(message, ...more)
      if (!message || !message.path || message.path[0] !== 'send') return
      changes.add(message.id)
      globalThis.tortureWorker = this
      void tortureHears('sent')
      const fuse = globalThis.tortureFuse
      if (!fuse) return
      globalThis.tortureFuse = null
      setTimeout(() => {
        if (fuse.worker) this.terminate()
        void tortureHears('burnt')
      }, fuse.after)
    }
  }
}`
