// A second copy of all that is kept, in a bucket of its own: a browser that finds its store damaged
// deletes it and begins anew. What is there twice comes back.
import type { DBCoreMutateRequest, DBCoreTable, IndexableType, Table } from 'dexie'
import { JunturaDb, LAID_OUT } from './db'

/** What was changed of a table since it was copied: rows by their keys, or anything. */
type Touched = Set<IndexableType> | 'all'

export class SecondCopy {
  private readonly touched = new Map<string, Touched>()
  private copy: JunturaDb | null = null
  /** Whether it is noted what is changed: not where there is no copy that it could come into. */
  private isNoting = true
  /** Whether the copy is being made whole: what changes meanwhile is copied at its end. */
  private isCatchingUp = false

  private readonly beside: Promise<JunturaDb | null>

  /** `beside` comes with where the copy lies; null where the browser has no place for one. */
  constructor(
    private readonly main: JunturaDb,
    beside: Promise<JunturaDb | null>,
  ) {
    this.beside = beside.catch(() => null)
    main.use({
      stack: 'dbcore',
      name: 'second-copy',
      create: core => ({ ...core, table: name => this.noting(core.table(name)) }),
    })
  }

  /**
   * Once, before anything else is done to a store that is open: brings back what the copy has where
   * there is nothing, and says whether it did.
   */
  async begin(): Promise<boolean> {
    this.copy = await inTime(this.beside)
    const { main, copy } = this
    if (!copy) {
      this.giveUp()
      return false
    }
    try {
      const isNew = !(await main.settings.get(LAID_OUT)) && (await main.heads.count()) === 0
      const isThere = (await copy.heads.count()) > 0
      if (isNew && isThere) {
        await copyAll(copy, main)
        return true
      }
      const [own, copied] = [await revisionOf(main), await revisionOf(copy)]
      // A store that knows less than its copy was emptied in between: what it lost is not written over.
      if (copied > own) this.giveUp()
      else if (own > copied) void this.catchUp()
      return false
    } catch {
      this.giveUp()
      return false
    }
  }

  /** Copies what was changed. It costs what was kept nothing where that fails. */
  async follow(): Promise<void> {
    const { main, copy, touched } = this
    if (!copy || this.isCatchingUp || touched.size === 0) return
    const all = [...touched]
    touched.clear()
    try {
      const changed = await Promise.all(all.map(([name, keys]) => rowsOf(main.table(name), keys)))
      await copy.transaction('rw', copy.tables, async () => {
        for (const { name, gone, rows } of changed) {
          if (gone === 'all') await copy.table(name).clear()
          else await copy.table(name).bulkDelete([...gone])
          await copy.table(name).bulkPut([...rows])
        }
      })
    } catch {
      this.giveUp()
    }
  }

  private async catchUp(): Promise<void> {
    const { main, copy } = this
    if (!copy) return
    this.isCatchingUp = true
    try {
      this.touched.clear()
      await copyAll(main, copy)
    } catch {
      this.giveUp()
    } finally {
      this.isCatchingUp = false
    }
    await this.follow()
  }

  /** A copy that cannot be written is behind: the next visit makes it whole again, or does without. */
  private giveUp(): void {
    this.copy = null
    this.isNoting = false
    this.touched.clear()
  }

  /** A table that notes what is changed in it. */
  private noting(table: DBCoreTable): DBCoreTable {
    return {
      ...table,
      mutate: async request => {
        const done = await table.mutate(request)
        if (this.isNoting) this.note(table.name, keysOf(request, done.results))
        return done
      },
    }
  }

  private note(name: string, keys: readonly IndexableType[] | 'all'): void {
    const before = this.touched.get(name) ?? new Set<IndexableType>()
    if (keys === 'all' || before === 'all') this.touched.set(name, 'all')
    else this.touched.set(name, new Set([...before, ...keys]))
  }
}

/** The keys of what a request changed; anything where it does not tell. */
const keysOf = (
  request: DBCoreMutateRequest,
  results: readonly IndexableType[] | undefined,
): readonly IndexableType[] | 'all' => {
  if (request.type === 'deleteRange') return 'all'
  return (request.type === 'delete' ? request.keys : results) ?? 'all'
}

/** What has to be put into the copy of a table, and what has to be taken out of it first. */
async function rowsOf(
  table: Table<unknown, IndexableType>,
  keys: Touched,
): Promise<{
  readonly name: string
  readonly gone: readonly IndexableType[] | 'all'
  readonly rows: readonly unknown[]
}> {
  const { name } = table
  if (keys === 'all') return { name, gone: 'all', rows: await table.toArray() }
  const asked = [...keys]
  const found = await table.bulkGet(asked)
  return {
    name,
    gone: asked.filter((_, i) => found[i] === undefined),
    rows: found.filter(row => row !== undefined),
  }
}

/** All tables of one as they are in the other, in one go. */
async function copyAll(from: JunturaDb, to: JunturaDb): Promise<void> {
  const tables = await from.transaction('r', from.tables, () =>
    Promise.all(
      from.tables.map(async ({ name }) => [name, await from.table(name).toArray()] as const),
    ),
  )
  await to.transaction('rw', to.tables, async () => {
    for (const [name, rows] of tables) {
      await to.table(name).clear()
      await to.table(name).bulkPut(rows)
    }
  })
}

/** The number of the latest change that a store has seen. */
const revisionOf = async (db: JunturaDb): Promise<number> =>
  Number((await db.settings.get('revision'))?.value ?? 0)

/** Named choice, ms: a visit begins without the copy where its place does not open within. */
const PATIENCE = 3000
async function inTime(beside: Promise<JunturaDb | null>): Promise<JunturaDb | null> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<null>(done => {
    timer = setTimeout(() => done(null), PATIENCE)
  })
  const opened = beside.then(async db => (db && !db.isOpen() ? db.open().then(() => db) : db))
  return Promise.race([opened.catch(() => null), late]).finally(() => clearTimeout(timer))
}

/** Of the browser what a bucket of its own needs. */
interface Buckets {
  open(name: string): Promise<{ readonly indexedDB: IDBFactory }>
}
/** Where the second copy lies; null where the browser has no buckets. */
export async function besideIn(navigator: object): Promise<JunturaDb | null> {
  if (!('storageBuckets' in navigator)) return null
  const buckets = navigator.storageBuckets as Buckets
  const { indexedDB } = await buckets.open('juntura-copy')
  return new JunturaDb('juntura', { indexedDB, IDBKeyRange })
}
