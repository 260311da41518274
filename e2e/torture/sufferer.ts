// A person at work in a browser that is killed: works, loses browser, renderer or worker, opens
// again and looks what is there.
import { mkdtempSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import type { Page } from 'playwright-core'
import type { Chance } from './chance'
import { killable, type Killable } from './killable'
import {
  BUILD,
  binChange,
  begun,
  binShown,
  keptLines,
  knownOf,
  nextChange,
  listShown,
  recordShown,
  shown,
  type Change,
  type Work,
} from './person'
import { COMES_BACK_WITHIN, SPEAKS_WITHIN, type End } from './tally'
import { Watch } from './watch'
import { oneOf } from './window'

export const VICTIMS = ['browser', 'renderer', 'worker'] as const
export type Victim = (typeof VICTIMS)[number]

/**
 * Named choices: how many changes at most are made before a kill, how long at most after one was
 * sent it comes (ms), how often it is the bin that changes.
 */
const CHANGES_AT_MOST = 3
const FUSE_AT_MOST = 40
const BIN = 0.2

const ENDED = 'worker stopped and was started anew. What was kept before is safe'

export interface Suffered {
  readonly end: End
  /** Whether the kill came while an answer was waited for. */
  readonly wasBetween: boolean
  readonly why: string
}
/** What was seen that should not be. */
class Seen extends Error {
  constructor(
    readonly end: End,
    why: string,
  ) {
    super(why)
  }
}
const within = async <T>(ms: number, end: End, what: string, it: Promise<T>): Promise<T> => {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_, failed) => {
    timer = setTimeout(() => failed(new Seen(end, `${what}: not within ${ms / 1000} s`)), ms)
  })
  return Promise.race([it, late]).finally(() => clearTimeout(timer))
}

export class Sufferer {
  private readonly folder = mkdtempSync(`${tmpdir()}/juntura-torture-`)
  private readonly watch = new Watch()
  private browser: Killable | null = null
  private page: Page | null = null
  private known: Work | null = null

  constructor(
    private readonly base: string,
    private readonly by: Chance,
  ) {}

  async end(): Promise<void> {
    await this.browser?.kill()
    // The last of its processes may still be writing.
    await rm(this.folder, { recursive: true, force: true, maxRetries: 10, retryDelay: 200 })
  }

  /** One kill, with work before it and a look after it. */
  async suffer(victim: Victim, toBeBetween: boolean): Promise<Suffered> {
    let wasBetween = false
    try {
      const onFirst = this.by.share() < BIN
      const page = await this.atWork(onFirst)
      let work = await this.begin(page, onFirst)
      const next = (): Change => (onFirst ? binChange(work) : nextChange(work, this.by))
      for (let left = this.by.below(CHANGES_AT_MOST); left >= 0; left--)
        work = await this.make(page, next())
      const last = toBeBetween ? next() : null
      if (last) wasBetween = await this.light(page, victim, last)
      if (last && !wasBetween) work = last.then
      await this.kill(victim, page, last !== null)
      this.known = await this.look(work, last && wasBetween ? last : null, onFirst)
      return { end: 'survived', wasBetween, why: '' }
    } catch (error) {
      const end = error instanceof Seen ? error.end : 'hung'
      return { end, wasBetween, why: error instanceof Error ? error.message : String(error) }
    }
  }

  /** What is there before the first change is what the page shows then. */
  private async begin(page: Page, onFirst: boolean): Promise<Work> {
    if (this.known) return this.known
    if (!onFirst) return begun({ ...(await shown(page)), binned: false })
    const known = await shown(await this.open(false))
    await this.open(true)
    return begun({ ...known, binned: false })
  }

  /** The place of work as it was left, or opened. */
  private async atWork(onFirst: boolean): Promise<Page> {
    const there = this.page && !onFirst && new URL(this.page.url()).pathname !== '/'
    return there && this.page ? this.page : this.open(onFirst)
  }

  /** Makes one change and waits for its answer. */
  private async make(page: Page, change: Change): Promise<Work> {
    const answer = this.watch.answer()
    await change.act(page)
    await within(COMES_BACK_WITHIN, 'hung', `the answer to “${change.what}”`, answer)
    return change.then
  }

  /**
   * Makes a change with a fuse to it; whether its answer had not come when the fuse had burnt down.
   */
  private async light(page: Page, victim: Victim, change: Change): Promise<boolean> {
    const after = this.by.below(FUSE_AT_MOST)
    const { burnt } = await this.watch.lay(page, { after, worker: victim === 'worker' })
    await change.act(page)
    await within(COMES_BACK_WITHIN, 'hung', `“${change.what}” being sent`, burnt)
    return this.watch.waits
  }

  private async kill(victim: Victim, page: Page, lit: boolean): Promise<void> {
    if (victim === 'browser') {
      await this.browser?.kill()
      this.browser = this.page = null
    }
    if (victim === 'renderer') {
      const crashed = page.waitForEvent('crash')
      const devtools = await page.context().newCDPSession(page)
      // It has no answer: who would give it is gone.
      void devtools.send('Page.crash').catch(() => undefined)
      await within(COMES_BACK_WITHIN, 'hung', 'the renderer’s end', crashed)
      void page.close().catch(() => undefined)
      this.page = null
    }
    if (victim === 'worker') {
      if (!lit) await this.watch.endWorker(page)
      const says = oneOf(page, [{ element: '.trouble', says: ENDED }], SPEAKS_WITHIN)
      await within(SPEAKS_WITHIN, 'silent', 'a sentence about the worker', says)
    }
    this.watch.forget()
  }

  /**
   * The place of work, read anew in a browser that lives: a sentence within the first seconds, and
   * all of it in the end.
   */
  private async open(onFirst: boolean): Promise<Page> {
    this.browser ??= await killable(this.folder, this.watch)
    this.page ??= await this.browser.profile.newPage()
    const page = this.page
    const address = `${this.base}${onFirst ? '/' : `/b/${BUILD}/record`}`
    await within(COMES_BACK_WITHIN, 'hung', 'the page', page.goto(address, { waitUntil: 'commit' }))
    const says = oneOf(page, [{ element: 'h1' }, { element: '[role=status]' }], SPEAKS_WITHIN)
    await within(SPEAKS_WITHIN, 'silent', 'a sentence', says)
    const whole = onFirst ? listShown(page) : recordShown(page)
    await within(COMES_BACK_WITHIN, 'hung', 'the list of builds, or the record', whole)
    return page
  }

  /**
   * What is there must be what was answered; with the change whose answer never came, or without
   * it. Says which.
   */
  private async look(answered: Work, unanswered: Change | null, bin: boolean): Promise<Work> {
    // The bin is looked at where it is what changed.
    const binned = bin ? await binShown(await this.open(true)) : knownOf(answered).binned
    const page = await this.open(false)
    const there = JSON.stringify([await keptLines(page), { ...(await shown(page)), binned }])
    const asWork = (work: Work): string => JSON.stringify([work.kept, knownOf(work)])
    const was = asWork(answered)
    if (there === was) return answered
    if (unanswered && there === asWork(unanswered.then)) return unanswered.then
    const onWay = unanswered ? `, “${unanswered.what}” was on its way` : ''
    throw new Seen('lost', `${there} is there, ${was} was answered${onWay}`)
  }
}
