// What is used of the browser's store, everything in one file, and what is removed by itself.
import { isProblem } from '../../core/document/command'
import { FORMAT, writeFile, type Logged } from '../../core/document/file'
import { DAYS_IN_BIN, type Builds } from './builds'
import { STEPS_KEPT } from './history'
import { pagesOf, picturesBy, picturesOf, sweepPictures } from './pictures'
import type { Shelf } from './shelf/shelf'
import type { Clock, Store } from './store'

/** One line of what is kept: how many of it, and about how many bytes. */
export interface UsedLine {
  readonly what: string
  readonly count: number
  readonly bytes: number
  /** What bounds it; null where nothing does. */
  readonly limit: string | null
}
/** Something in the store that cannot be read. */
export interface AsideLine {
  readonly id: string
  readonly name: string
  readonly why: string
  readonly of: 'build' | 'part'
}
export interface Used {
  readonly lines: readonly UsedLine[]
  /** Bytes of each build in the bin, its log and what undo knows of it, by its id. */
  readonly bin: Readonly<Record<string, number>>
  readonly aside: readonly AsideLine[]
}

const DAY = 24 * 60 * 60 * 1000
const LAST_SEEN = 'last-seen'

/** About how many bytes a row takes: its length as text. */
const sizeOf = (row: unknown): number => JSON.stringify(row)?.length ?? 0

export class Storage {
  constructor(
    private readonly store: Store,
    private readonly builds: Builds,
    private readonly shelf: Shelf,
    private readonly clock: Clock,
  ) {}

  async used(): Promise<Used> {
    const { db } = this.store
    const heads = await this.store.heads()
    const binned = new Set(heads.filter(h => h.deleted !== null).map(h => h.id))
    const bin = new Map([...binned].map(id => [id, 0]))
    const line = { builds: 0, log: 0, steps: 0, pictures: 0, parts: 0, drafts: 0, bin: 0 }
    const add = (what: keyof typeof line, of: string, bytes: number): void => {
      line[binned.has(of) ? 'bin' : what] += bytes
      if (binned.has(of)) bin.set(of, (bin.get(of) ?? 0) + bytes)
    }
    await db.builds.each(row => add('builds', row.id, sizeOf(row)))
    await db.log.each(row => add('log', row.build, sizeOf(row)))
    await db.steps.each(row => add('steps', row.stack.replace(/^build:/, ''), sizeOf(row)))
    await db.arrivals.each(row => add('drafts', row.build, sizeOf(row)))
    await db.photos.each(row => add('pictures', '', sizeOf(row)))
    await db.parts.each(row => add('parts', '', sizeOf(row)))
    const count = async (
      what: string,
      bytes: number,
      n: Promise<number> | number,
      limit: string | null = null,
    ): Promise<UsedLine> => ({ what, count: await n, bytes, limit })
    return {
      lines: await Promise.all([
        count('builds', line.builds, heads.length - binned.size),
        count('log entries', line.log, db.log.count()),
        count(
          'steps that undo knows',
          line.steps,
          db.steps.count(),
          `at most ${STEPS_KEPT} of each build`,
        ),
        count('pictures and pages', line.pictures, db.photos.count()),
        count('parts that came in and wait', line.drafts, db.arrivals.count()),
        count('parts of my shelf', line.parts, db.parts.count()),
        count('builds in the bin', line.bin, binned.size, `${DAYS_IN_BIN} days`),
      ]),
      bin: Object.fromEntries(bin),
      aside: [
        ...heads.flatMap(({ id, name, aside }) =>
          aside === null ? [] : [{ id, name, why: aside, of: 'build' as const }],
        ),
        ...this.shelf.aside.map(({ id, why }) => ({ id, name: id, why, of: 'part' as const })),
      ],
    }
  }

  /**
   * Whole builds with their logs and pictures. Ids that are not here, or cannot be read, are left
   * out.
   */
  async file(ids: readonly string[]): Promise<string> {
    const builds = await this.logged(ids)
    const named = builds.flatMap(({ build }) => picturesOf(build))
    return writeFile({ builds, photos: await picturesBy(this.store.db, named) })
  }

  /**
   * Everything in one file: all builds, those in the bin too, what came in for them, one's own parts, all
   * pictures.
   */
  async everything(): Promise<string> {
    const heads = (await this.store.heads()).filter(h => h.aside === null)
    const builds = await this.logged(heads.map(h => h.id))
    const parts = this.shelf.ownParts()
    const named = [...builds.flatMap(({ build }) => picturesOf(build)), ...parts.flatMap(pagesOf)]
    return writeFile({
      builds,
      parts,
      drafts: await this.store.db.arrivals.toArray(),
      photos: await picturesBy(this.store.db, named),
      bin: Object.fromEntries(
        heads.flatMap(h => (h.deleted === null ? [] : [[h.id, h.deleted] as const])),
      ),
    })
  }

  /** What cannot be read, as the file that it is. */
  async asideFile(of: AsideLine['of'], id: string): Promise<string> {
    const { db } = this.store
    const row = of === 'build' ? await db.builds.get(id) : await db.parts.get(id)
    const raw = row && ('doc' in row ? row.doc : row.part)
    const file = {
      format: FORMAT,
      version: row?.version ?? 1,
      ...(of === 'build' ? { builds: [raw] } : { parts: [raw] }),
    }
    return `${JSON.stringify(file, null, 2)}\n`
  }

  /**
   * Once a start: builds that lay in the bin for thirty days go, and pictures that nothing names.
   * Where the clock stands further from the last start than that, a build waits for the next one: a
   * clock that jumped must cost nothing.
   */
  async tidy(): Promise<void> {
    const { db } = this.store
    const now = Date.parse(this.clock.now())
    const seen = (await db.settings.get(LAST_SEEN))?.value
    const last = Date.parse(typeof seen === 'string' ? seen : '')
    await db.settings.put({ key: LAST_SEEN, value: this.clock.now() })
    const jumped = !(Math.abs(now - last) < DAYS_IN_BIN * DAY)
    const old = (await this.store.heads()).filter(
      h => h.deleted !== null && now - Date.parse(h.deleted) > DAYS_IN_BIN * DAY,
    )
    if (!jumped && old.length > 0) await this.builds.forget(old.map(h => h.id))
    await sweepPictures(db)
  }

  private async logged(ids: readonly string[]): Promise<readonly Logged[]> {
    const found: Logged[] = []
    for (const id of ids) {
      const head = await this.store.db.heads.get(id)
      const build = head && (await this.store.document(head))
      if (build && !isProblem(build)) found.push({ build, log: await this.builds.logOf(id) })
    }
    return found
  }
}
