// The store: every change whole or not at all, every document through the one door, opened once as
// long as it stays the same.
import type { Build } from '../../core/document/build'
import { isProblem, type Problem } from '../../core/document/command'
import { VERSION } from '../../core/document/file'
import type { LogEntry } from '../../core/document/log'
import { openBuild } from '../../core/document/open'
import type { BuildRow, Head, JunturaDb } from './db'
import type { SecondCopy } from './second-copy'

export interface Clock {
  readonly now: () => string
}

export const GONE: Problem = {
  problem:
    'This build is no longer here. It may have been deleted in another window; the list of builds brings it back.',
}

export class Store {
  private readonly opened = new Map<string, { readonly stamp: number; readonly build: Build }>()
  /** The number of the latest change that this window knows of. */
  revision = 0

  constructor(
    readonly db: JunturaDb,
    private readonly clock: Clock,
    private readonly copy: SecondCopy | null = null,
  ) {}

  /**
   * Does all of it in one transaction, or nothing. A problem changes nothing either. What was changed
   * is in the second copy before it is answered.
   */
  async change<T>(work: () => Promise<T | Problem>): Promise<T | Problem> {
    const done = await this.inOneGo(work)
    await this.copy?.follow()
    return done
  }

  private async inOneGo<T>(work: () => Promise<T | Problem>): Promise<T | Problem> {
    let failed: Problem | null = null
    try {
      return await this.db.transaction('rw', this.db.tables, async () => {
        const done = await work()
        if (isProblem(done)) {
          failed = done
          throw new Refused()
        }
        await this.count()
        return done
      })
    } catch (error) {
      this.opened.clear()
      if (failed !== null) return failed
      throw error
    }
  }

  /** The heads of all builds, those in the bin too. */
  heads(): Promise<Head[]> {
    return this.db.heads.toArray()
  }

  /** A build that is here, or why it cannot be shown. */
  async build(id: string): Promise<Build | Problem> {
    const head = await this.db.heads.get(id)
    if (!head || head.deleted !== null) return GONE
    return this.document(head)
  }

  /** A build wherever it lies, in the bin too. */
  async document({ id, stamp }: Head): Promise<Build | Problem> {
    const known = this.opened.get(id)
    if (known?.stamp === stamp) return known.build
    const row = await this.db.builds.get(id)
    if (!row) return GONE
    const read = openBuild(row.doc, row.version ?? 1)
    if (isProblem(read)) return read
    this.opened.set(id, { stamp, build: read.build })
    return read.build
  }

  /** A document as it lies, for those who carry it elsewhere unread. */
  row(id: string): Promise<BuildRow | undefined> {
    return this.db.builds.get(id)
  }

  /**
   * Keeps a build as it is now. Inside a change only. `demo`: the program laid it out by itself.
   */
  async put(build: Build, demo = false): Promise<void> {
    const stamp = (await this.counted()) + 1
    await this.db.builds.put({ id: build.id, version: VERSION, doc: build })
    await this.db.heads.put({
      id: build.id,
      name: build.name,
      note: build.note,
      items: build.items.length,
      changed: this.clock.now(),
      stamp,
      deleted: null,
      aside: null,
      demo,
    })
    this.opened.set(build.id, { stamp, build })
  }

  /** Adds to a build's log. It only grows. */
  async log(build: string, entries: readonly LogEntry[]): Promise<void> {
    await this.db.log.bulkAdd(entries.map(entry => ({ build, entry })))
  }

  /** The number of the latest change that any window made. */
  async counted(): Promise<number> {
    return Number((await this.db.settings.get('revision'))?.value ?? 0)
  }

  private async count(): Promise<void> {
    const revision = (await this.counted()) + 1
    await this.db.settings.put({ key: 'revision', value: revision })
    this.revision = revision
  }
}

/** Ends a transaction because a sentence says why nothing is to be changed. */
class Refused extends Error {}
