// The list of builds: made, copied, opened from a file, moved to the bin and brought back, each by
// its name. Undo never comes here.
import { emptyBuild, type Build } from '../../core/document/build'
import { isProblem, type Problem } from '../../core/document/command'
import type { FileContent, Logged } from '../../core/document/file'
import { logEntrySchema, type LogEntry } from '../../core/document/log'
import { sameContent } from '../../core/document/merge'
import { outcome, type Outcome } from './acts'
import type { DeedRow } from './db'
import { stackOf, type History } from './history'
import { apart } from './incoming'
import type { Clock, Store } from './store'

/** Named choices: so many deeds are remembered, and so long a deleted build is kept. */
const DEEDS_KEPT = 20
export const DAYS_IN_BIN = 30

export interface Maker extends Clock {
  readonly newId: () => string
}

type Met =
  | { readonly way: 'none' | 'the same' | 'stays' }
  | { readonly way: 'gives way'; readonly build: Build }

export class Builds {
  constructor(
    private readonly store: Store,
    private readonly history: History,
    private readonly maker: Maker,
  ) {}

  async create(name: string): Promise<Outcome> {
    const build = emptyBuild(this.maker.newId(), name)
    await this.store.put(build)
    await this.remember('made', name, [build.id])
    return outcome(build.id)
  }

  /** A copy with everything in it and its log; what undo knows stays with the first. */
  async copy(id: string, name: string): Promise<Outcome | Problem> {
    const build = await this.store.build(id)
    if (isProblem(build)) return { problem: 'The build to copy is no longer here.' }
    const copy = { ...build, id: this.maker.newId(), name }
    await this.store.put(copy)
    await this.store.log(copy.id, await this.logOf(id))
    await this.remember('copied', name, [copy.id])
    return outcome(copy.id)
  }

  /**
   * To the bin, with all its work; its log, its pictures and what undo knows wait there with it.
   */
  async delete(id: string): Promise<Outcome | Problem> {
    const head = await this.store.db.heads.get(id)
    if (!head || head.deleted !== null) return { problem: 'This build was already deleted.' }
    await this.store.db.heads.update(id, { deleted: this.maker.now() })
    return outcome(null)
  }

  async bringBack(id: string): Promise<Outcome | Problem> {
    const head = await this.store.db.heads.get(id)
    if (!head) return { problem: 'This build is no longer in the bin.' }
    await this.store.db.heads.update(id, { deleted: null })
    return outcome(id)
  }

  /**
   * Takes a making, copying or opening back: what came goes to the bin, what gave way comes back.
   */
  async takeBack(deed: number): Promise<Outcome | Problem> {
    const row = await this.store.db.deeds.get(deed)
    if (!row) return { problem: 'This was already taken back.' }
    for (const id of row.builds) await this.store.db.heads.update(id, { deleted: this.maker.now() })
    for (const id of row.replaced) await this.store.db.heads.update(id, { deleted: null })
    await this.store.db.deeds.delete(deed)
    return outcome(null)
  }

  /**
   * Takes builds for good: document, log, and what undo knows of them. Their pictures go with the
   * next sweep.
   */
  async forget(ids: readonly string[]): Promise<Outcome> {
    const { db } = this.store
    await db.builds.bulkDelete([...ids])
    await db.heads.bulkDelete([...ids])
    for (const id of ids) {
      await db.log.where('build').equals(id).delete()
      await db.arrivals.where('build').equals(id).delete()
      await this.history.forget(stackOf(id))
    }
    return outcome(null)
  }

  /**
   * The builds of a file beside what is here. One that is here with the same content is opened; a
   * demo that nobody changed gives way and goes to the bin; beside any other the file's gets a name
   * of its own.
   */
  async take(content: FileContent, file: string): Promise<Outcome> {
    const brought: string[] = []
    const replaced: string[] = []
    let last: string | null = null
    const fresh = await apart(this.store.db, content, this.maker.newId)
    for (const logged of fresh.builds) {
      const met = await this.meet(logged)
      if (met.way === 'the same') {
        last = logged.build.id
        await this.bringDrafts(fresh, last, last)
        continue
      }
      if (met.way === 'gives way') replaced.push(await this.giveWay(met.build))
      last = await this.bring(met.way === 'stays' ? await this.renamed(logged) : logged)
      const since = fresh.bin[logged.build.id]
      if (since !== undefined) await this.store.db.heads.update(last, { deleted: since })
      await this.bringDrafts(fresh, logged.build.id, last)
      brought.push(last)
    }
    const names = fresh.builds.map(({ build }) => build.name).join(', ')
    if (brought.length > 0)
      await this.remember('opened', `${names} from ${file}`, brought, replaced)
    return outcome(last)
  }

  /** What waits for a build of a file, waits for it here too; what waits already is not doubled. */
  private async bringDrafts({ drafts }: FileContent, of: string, to: string): Promise<void> {
    const { arrivals } = this.store.db
    const own = drafts.filter(d => d.build === of)
    const here = await arrivals.bulkGet(own.map(d => d.id))
    for (const [i, draft] of own.entries()) {
      const known = here[i]
      if (!known) await arrivals.add({ ...draft, build: to })
      else if (known.build !== to)
        await arrivals.add({ ...draft, build: to, id: this.maker.newId() })
    }
  }

  /** The log of a build, entry by entry. */
  async logOf(id: string): Promise<readonly LogEntry[]> {
    const rows = await this.store.db.log.where('build').equals(id).toArray()
    return rows.flatMap(({ entry }) => {
      const read = logEntrySchema.safeParse(entry)
      return read.success ? [read.data] : []
    })
  }

  private async bring({ build, log }: Logged): Promise<string> {
    await this.store.put(build)
    await this.store.log(build.id, log)
    return build.id
  }

  /** What becomes of a build that is here when a file brings one of the same id. */
  private async meet({ build }: Logged): Promise<Met> {
    const here = await this.store.db.heads.get(build.id)
    if (!here) return { way: 'none' }
    const known = await this.store.document(here)
    if (isProblem(known)) return { way: 'stays' }
    if (here.deleted === null && sameContent(known, build)) return { way: 'the same' }
    const givesWay = here.demo && here.deleted === null
    return givesWay ? { way: 'gives way', build: known } : { way: 'stays' }
  }

  /** Moves a build that nobody changed to the bin, under an id of its own. */
  private async giveWay(build: Build): Promise<string> {
    const moved = { ...build, id: this.maker.newId() }
    await this.store.put(moved)
    await this.store.db.heads.update(moved.id, { deleted: this.maker.now() })
    return moved.id
  }

  private async renamed({ build, log }: Logged): Promise<Logged> {
    const names = new Set((await this.store.heads()).map(h => h.name))
    let n = 2
    while (names.has(`${build.name} (${n})`)) n += 1
    const renamed: Build = {
      ...build,
      id: this.maker.newId(),
      name: `${build.name} (${n})`,
    }
    return { build: renamed, log }
  }

  private async remember(
    kind: DeedRow['kind'],
    name: string,
    builds: readonly string[],
    replaced: readonly string[] = [],
  ): Promise<void> {
    const { deeds } = this.store.db
    await deeds.add({ at: this.maker.now(), kind, name, builds, replaced })
    const all = await deeds.toCollection().primaryKeys()
    await deeds.bulkDelete(all.slice(0, Math.max(0, all.length - DEEDS_KEPT)))
  }
}

export const deedSays = ({ kind, name }: DeedRow): string =>
  ({ made: `Made ${name}`, copied: `Copied as ${name}`, opened: `Opened ${name}` })[kind]
