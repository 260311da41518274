// At the start: what an older version left in the store is carried over, through the one door, all
// of it or nothing.
import { isProblem } from '../../core/document/command'
import { carriedOver, openBuild } from '../../core/document/open'
import { VERSION } from '../../core/document/file'
import type { BuildRow, Head, OldChange, StepRow } from './db'
import { stackOf, type History } from './history'
import type { Store } from './store'

/**
 * Rows of the store as versions 1 to 3 of it kept a build: the name and the day beside the
 * document.
 */
interface OldRow extends BuildRow {
  readonly name?: string
  readonly changed?: string
}

/**
 * Carries over what needs it. Does nothing where all is of the present version. Inside a change
 * only.
 */
export async function settle(store: Store, history: History): Promise<void> {
  const { db } = store
  const heads = new Map((await store.heads()).map(h => [h.id, h]))
  const rows = (await db.builds.toArray()) as OldRow[]
  for (const row of rows) {
    const head = heads.get(row.id)
    if (head && head.aside === null && row.version === VERSION) continue
    await carryBuild(store, row, head)
  }
  if ((await db.changes.count()) > 0) await carryChanges(store, history)
  await carrySteps(store)
}

/** The setting that says of which version of the format the steps are; before 3 nobody wrote it. */
const STEPS_VERSION = 'steps-version'
const BEFORE = 2

/** What undo and redo would put back is of the present version as well. */
async function carrySteps({ db }: Store): Promise<void> {
  const kept = await db.settings.get(STEPS_VERSION)
  const version = typeof kept?.value === 'number' ? kept.value : BEFORE
  if (version === VERSION) return
  const steps = await db.steps.toArray()
  await db.steps.bulkPut(steps.map(step => carriedOver(step, version) as StepRow))
  await db.settings.put({ key: STEPS_VERSION, value: VERSION })
}

/**
 * A build of an older version as one of the present; one that cannot be read is left untouched,
 * named and set aside.
 */
async function carryBuild(store: Store, row: OldRow, head: Head | undefined): Promise<void> {
  const { db } = store
  const read = openBuild(row.doc, row.version ?? 1)
  const deleted = head?.deleted ?? null
  if (isProblem(read)) {
    const name = row.name ?? row.id
    const known = head ?? { name, note: '', items: 0, changed: row.changed ?? '' }
    const { problem: aside } = read
    await db.heads.put({ ...known, id: row.id, stamp: 0, deleted, aside, demo: false })
    return
  }
  const changed = await db.changes.where('build').equals(row.id).count()
  await store.put(read.build, head?.demo ?? changed === 0)
  await db.heads.update(row.id, {
    deleted,
    ...(row.changed === undefined ? {} : { changed: row.changed }),
  })
  await store.log(row.id, read.log)
}

/**
 * The one history of before as the histories of now: a build's steps to the build, the shelf's to
 * the shelf, what was deleted to the bin.
 */
async function carryChanges(store: Store, history: History): Promise<void> {
  const { db } = store
  const changes = await db.changes.orderBy('seq').toArray()
  for (const change of changes) {
    const step = stepOf(change)
    if (step) await db.steps.add(step)
    else await carryWhole(store, change)
  }
  await db.changes.clear()
  await history.trim()
}

function stepOf(change: OldChange): Omit<StepRow, 'seq'> | null {
  const { at, line, undone, edit, build, shelf = [] } = change
  if (edit === null && shelf.length === 0) return null
  return {
    stack: edit === null ? 'shelf' : stackOf(build),
    at,
    undone,
    forward: edit && withoutTime(edit.command),
    back: edit && withoutTime(edit.inverse),
    about: {},
    line,
    shelf,
  }
}

/** Commands carried their time among their arguments. */
function withoutTime(command: unknown): unknown {
  if (typeof command !== 'object' || command === null) return command
  return Object.fromEntries(Object.entries(command).filter(([key]) => key !== 'at'))
}

/**
 * A build that was deleted, or whose making was taken back, goes to the bin as it was; one that is
 * here stays.
 */
async function carryWhole(store: Store, change: OldChange): Promise<void> {
  const { db } = store
  const { whole, undone, at } = change
  const gone = undone === 0 && whole?.after === null ? whole.before : null
  const unmade = undone === 1 && whole?.before === null ? whole.after : null
  const row = gone ?? unmade
  if (!row || (await db.heads.get(row.id))) return
  await db.builds.put({ id: row.id, doc: row.doc })
  await carryBuild(store, { ...row, changed: at }, undefined)
  await db.heads.update(row.id, { deleted: at })
}
