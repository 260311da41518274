// The desk: keeps the builds, takes commands, and answers each with the whole new state. Runs in the worker.
import { liveQuery } from 'dexie'
import { analyse, type Analysis } from '../../core/analyse'
import { apply, takeBack } from '../../core/build/apply'
import { emptyBuild, type Build } from '../../core/build/build'
import type { Horizon } from '../../core/build/resolve'
import { difference, type Difference } from '../../core/compare'
import { isProblem, type Command, type Problem } from '../../core/build/command'
import { PICTURE, readFile } from '../../core/exchange/file'
import { Memo } from '../../core/memo'
import type { Part } from '../../core/parts'
import type { Change, JunturaDb, StoredBuild } from '../db/db'
import { LARGEST_FILE, LARGEST_PICTURE, tooLarge } from '../limits'

export interface BuildLine { readonly id: string; readonly name: string; readonly note: string; readonly items: number; readonly changed: string }

export interface DeskState {
  readonly builds: readonly BuildLine[]
  readonly build: Build | null
  readonly analysis: Analysis | null
  /** What undo and redo would do, as a line; null when there is nothing. */
  readonly undo: string | null
  readonly redo: string | null
}

/** The new state, the build it is about, and what a change of that build did to its plan (wanted parts included); or a sentence why not. */
export type Answer = { readonly state: DeskState; readonly build: string | null; readonly changed: Difference | null } | Problem
export type Ask = { readonly do: string; readonly [argument: string]: unknown }

export interface DeskOptions { readonly db: JunturaDb; readonly now: () => string; readonly newId: () => string; readonly demos: readonly Build[]; readonly shelf: readonly Part[] }


export class Desk {
  private current: string | null = null
  private readonly memos = new Map<string, Memo>()
  private revision = 0
  private listener: ((state: DeskState) => void) | null = null

  constructor(private readonly on: DeskOptions) {}

  /** Opens a build (or none); on the first visit the demo is laid out. */
  async open(id: string | null): Promise<Answer> {
    return this.saving(async () => {
      await this.layOutDemos()
      this.current = id !== null && (await this.on.db.builds.get(id)) ? id : null
      return this.current
    }, false)
  }

  shelf(): readonly Part[] { return this.on.shelf }

  /** Calls back when another window changed something. */
  watch(listener: (state: DeskState) => void): void {
    this.listener = listener
    liveQuery(() => this.on.db.settings.get('revision')).subscribe(async row => {
      const seen = Number(row?.value ?? 0)
      if (seen <= this.revision) return
      this.revision = seen
      this.listener?.(await this.state())
    })
  }

  /** Applies one command to a build. */
  run(build: string, ask: Ask): Promise<Answer> {
    const command: Command = { ...ask, at: this.on.now() }
    return this.telling(build, () => this.saving(() => this.edit(build, command)))
  }

  /** Keeps a picture beside the build and names it there. `about` is an item, a joint or a task; `picture` a small image as a data URL. */
  attach(build: string, about: string, name: string, picture: string): Promise<Answer> {
    const photo = { id: this.on.newId(), about, at: this.on.now(), name }
    return this.saving(async () => {
      if (!PICTURE.test(picture) || picture.length > LARGEST_PICTURE) return { problem: `${name || 'This picture'} is no small JPEG, PNG or WebP (at most ${LARGEST_PICTURE / 1000} kB). Choose another one.` }
      await this.on.db.photos.put({ id: photo.id, picture })
      return this.edit(build, { do: 'attach', photo, at: photo.at })
    })
  }

  /** The pictures of a build by their ids. */
  async pictures(build: string): Promise<Readonly<Record<string, string>>> {
    const stored = await this.on.db.builds.get(build)
    const found = await this.on.db.photos.bulkGet(stored?.doc.photos.map(p => p.id) ?? [])
    return Object.fromEntries(found.flatMap(p => (p ? [[p.id, p.picture]] : [])))
  }

  /** Two builds side by side; null when one of them is not here. */
  async compare(one: string, other: string, horizon: Horizon): Promise<{ readonly names: readonly [string, string]; readonly difference: Difference } | null> {
    const [a, b] = await this.on.db.builds.bulkGet([one, other])
    if (!a || !b) return null
    const side = (stored: StoredBuild) => analyse(stored.doc, this.memoOf(stored.id)).horizons[horizon]
    return { names: [a.name, b.name], difference: difference(side(a), side(b)) }
  }

  private async edit(build: string, command: Command): Promise<string | Problem> {
    const { db } = this.on
    const stored = await db.builds.get(build)
    if (!stored) return { problem: 'This build is no longer here. It may have been deleted in another window; undo brings it back.' }
    const done = apply(stored.doc, command)
    if (isProblem(done)) return done
    await this.forgetUndone(build)
    await this.put(done.build)
    await db.changes.add({ build, at: command.at, line: done.line, undone: 0, scope: 'edit', edit: { command, inverse: done.inverse }, whole: null })
    return build
  }

  /** Adds to the answer what the change did to the plan. */
  private async telling(build: string, change: () => Promise<Answer>): Promise<Answer> {
    const before = await this.on.db.builds.get(build)
    const was = before ? analyse(before.doc, this.memoOf(build)).horizons.then : null
    const answer = await change()
    if ('problem' in answer || !was || answer.state.build?.id !== build || !answer.state.analysis) return answer
    return { ...answer, changed: difference(was, answer.state.analysis.horizons.then) }
  }

  create(name: string): Promise<Answer> {
    return this.whole(async () => ({ before: null, after: this.stored(emptyBuild(this.on.newId(), name)), line: `New build ${name}` }))
  }

  copy(id: string, name: string): Promise<Answer> {
    return this.whole(async () => {
      const stored = await this.on.db.builds.get(id)
      if (!stored) return { problem: 'The build to copy is no longer here.' }
      return { before: null, after: this.stored({ ...stored.doc, id: this.on.newId(), name }), line: `Copied ${stored.name} as ${name}` }
    })
  }

  remove(id: string): Promise<Answer> {
    return this.whole(async () => {
      const stored = await this.on.db.builds.get(id)
      return stored ? { before: stored, after: null, line: `Deleted ${stored.name}` } : { problem: 'This build was already deleted.' }
    })
  }

  /** Reads a file's builds. One that is here and was changed here stays; the file's then comes beside it. */
  async importText(text: string, name: string): Promise<Answer> {
    if (text.length > LARGEST_FILE) return tooLarge(name, text.length)
    const read = readFile(text, name)
    if ('problem' in read) return read
    const { builds } = read.file
    if (builds.length === 0) return { problem: `${name} holds no build. Choose a file with at least one; nothing was changed.` }
    return this.saving(async () => {
      let last: string | null = null
      await this.on.db.photos.bulkPut(Object.entries(read.file.photos).map(([id, picture]) => ({ id, picture })))
      for (const doc of builds) last = await this.bring(doc, name)
      this.current = last
      return last
    })
  }

  /** Takes back the latest change of the open build, or of the desk itself. */
  undo(): Promise<Answer> { return this.turn('undo') }
  redo(): Promise<Answer> { return this.turn('redo') }

  private turn(way: 'undo' | 'redo'): Promise<Answer> {
    return this.saving(async () => {
      const change = await this.next(way)
      if (!change) return { problem: way === 'undo' ? 'There is nothing to take back.' : 'There is nothing to do again.' }
      const failed = change.edit ? await this.turnEdit(change, way) : await this.turnWhole(change, way)
      if (failed) return failed
      await this.on.db.changes.update(change.seq, { undone: way === 'undo' ? 1 : 0 })
      return this.current
    })
  }

  private async turnEdit({ build, edit, line }: Change, way: 'undo' | 'redo'): Promise<Problem | null> {
    const stored = await this.on.db.builds.get(build)
    if (!stored || !edit) return { problem: 'The build of this change is no longer here.' }
    const at = this.on.now()
    const done = way === 'undo' ? takeBack(stored.doc, { ...edit.inverse, at }, line) : apply(stored.doc, edit.command)
    if (isProblem(done)) return done
    await this.put(done.build)
    return null
  }

  private async turnWhole({ build, whole }: Change, way: 'undo' | 'redo'): Promise<Problem | null> {
    const doc = way === 'undo' ? whole?.before : whole?.after
    if (doc) await this.on.db.builds.put(doc)
    else await this.on.db.builds.delete(build)
    this.current = doc ? build : null
    return null
  }

  /** The latest change that undo would take, or the earliest that redo would: of the open build, or a making or deleting. */
  private async next(way: 'undo' | 'redo'): Promise<Change | null> {
    const { changes } = this.on.db
    const undone = way === 'undo' ? 0 : 1
    const lists = [changes.where('[scope+undone]').equals(['desk', undone]), ...(this.current === null ? [] : [changes.where('[build+scope+undone]').equals([this.current, 'edit', undone])])]
    const found = (await Promise.all(lists.map(l => (way === 'undo' ? l.last() : l.first())))).flatMap(c => (c ? [c] : []))
    return found.sort((a, b) => (way === 'undo' ? b.seq - a.seq : a.seq - b.seq))[0] ?? null
  }

  private async whole(make: () => Promise<{ before: StoredBuild | null; after: StoredBuild | null; line: string } | Problem>): Promise<Answer> {
    return this.saving(async () => {
      const made = await make()
      if (isProblem(made)) return made
      return this.record(made.before, made.after, made.line)
    })
  }

  private async record(before: StoredBuild | null, after: StoredBuild | null, line: string): Promise<string | null> {
    const id = (after ?? before)?.id ?? ''
    await this.forgetUndone(id)
    if (after) await this.on.db.builds.put(after)
    else await this.on.db.builds.delete(id)
    await this.on.db.changes.add({ build: id, at: this.on.now(), line, undone: 0, scope: 'desk', edit: null, whole: { before, after } })
    if (after) this.current = id
    else if (this.current === id) this.current = null
    return this.current
  }

  private async bring(doc: Build, file: string): Promise<string | null> {
    const here = (await this.on.db.builds.get(doc.id)) ?? null
    const touched = here !== null && (await this.on.db.changes.where('build').equals(doc.id).count()) > 0
    const line = `Opened ${doc.name} from ${file}`
    if (!touched) return this.record(here, this.stored(doc), line)
    const names = new Set((await this.on.db.builds.toArray()).map(b => b.name))
    let n = 2
    while (names.has(`${doc.name} (${n})`)) n += 1
    return this.record(null, this.stored({ ...doc, id: this.on.newId(), name: `${doc.name} (${n})` }), line)
  }

  /** A new change ends what could have been done again. */
  private async forgetUndone(build: string): Promise<void> {
    const { changes } = this.on.db
    await changes.where('[build+scope+undone]').equals([build, 'edit', 1]).delete()
    await changes.where('[scope+undone]').equals(['desk', 1]).delete()
  }

  private stored(doc: Build): StoredBuild { return { id: doc.id, name: doc.name, doc, changed: this.on.now() } }
  private async put(doc: Build): Promise<void> { await this.on.db.builds.put(this.stored(doc)) }

  private async layOutDemos(): Promise<void> {
    if (await this.on.db.settings.get('demos-laid-out')) return
    await this.on.db.builds.bulkPut(this.on.demos.map(s => this.stored(s)))
    await this.on.db.settings.put({ key: 'demos-laid-out', value: true })
  }

  /** Everything that is stored is stored in one transaction, or not at all; then the new state is told. */
  private async saving(work: () => Promise<string | null | Problem>, counts = true): Promise<Answer> {
    const { db } = this.on
    let result: string | null | Problem
    const before = this.current
    try {
      result = await db.transaction('rw', db.builds, db.changes, db.photos, db.settings, async () => {
        const done = await work()
        if (counts && !isProblem(done)) {
          const revision = Number((await db.settings.get('revision'))?.value ?? 0) + 1
          await db.settings.put({ key: 'revision', value: revision })
          this.revision = revision
        }
        return done
      })
    } catch (error) {
      this.current = before
      return { problem: `This could not be saved (${error instanceof Error ? error.name : 'unknown error'}). What was saved before is safe; free some storage, or export the build to a file.` }
    }
    return isProblem(result) ? result : { state: await this.state(), build: result, changed: null }
  }

  private async state(): Promise<DeskState> {
    const stored = await this.on.db.builds.orderBy('name').toArray()
    const open = stored.find(b => b.id === this.current) ?? null
    return {
      builds: stored.map(b => ({ id: b.id, name: b.name, note: b.doc.note, items: b.doc.items.length, changed: b.changed })),
      build: open?.doc ?? null,
      analysis: open ? analyse(open.doc, this.memoOf(open.id)) : null,
      undo: (await this.next('undo'))?.line ?? null, redo: (await this.next('redo'))?.line ?? null,
    }
  }

  private memoOf(id: string): Memo {
    const memo = this.memos.get(id) ?? new Memo()
    this.memos.set(id, memo)
    return memo
  }
}
