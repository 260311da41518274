// What keeps: builds, the shelf and one history of all changes, each change stored whole or not at all. The desk's acts stand on it.
import { liveQuery } from 'dexie'
import { analyse, type Analysis } from '../../core/analyse'
import { apply, takeBack } from '../../core/build/apply'
import type { Build } from '../../core/build/build'
import { isNewer } from '../../core/build/newer'
import { isProblem, type Command, type Problem } from '../../core/build/command'
import { difference, type Difference } from '../../core/compare'
import { PICTURE } from '../../core/exchange/file'
import { Memo } from '../../core/memo'
import type { Part } from '../../core/parts'
import type { Change, JunturaDb, ShelfChange, StoredBuild } from '../db/db'
import { LARGEST_PICTURE } from '../limits'
import { Shelf } from './shelf'

export interface BuildLine {
  readonly id: string
  readonly name: string
  readonly note: string
  readonly items: number
  readonly changed: string
}

export interface DeskState {
  readonly builds: readonly BuildLine[]
  readonly build: Build | null
  readonly analysis: Analysis | null
  /** What undo and redo would do, as a line; null when there is nothing. */
  readonly undo: string | null
  readonly redo: string | null
  /** Items of the open build whose part is otherwise on the shelf now. */
  readonly newer: readonly string[]
  /** Counts up whenever the shelf is otherwise. */
  readonly shelf: number
}

/** The new state, the build it is about, and what a change of that build did to its plan (wanted parts included); or a sentence why not. */
export type Answer =
  | {
      readonly state: DeskState
      readonly build: string | null
      readonly changed: Difference | null
    }
  | Problem
export type Ask = { readonly do: string; readonly [argument: string]: unknown }

/** What may be kept as a picture: a small one, as a data URL. */
export const isPicture = (picture: string): boolean =>
  PICTURE.test(picture) && picture.length <= LARGEST_PICTURE
export const noPicture = (name: string): Problem => ({
  problem: `${name || 'This picture'} is no small JPEG, PNG or WebP (at most ${LARGEST_PICTURE / 1000} kB). Choose another one.`,
})

export interface DeskOptions {
  readonly db: JunturaDb
  readonly now: () => string
  readonly newId: () => string
  readonly demos: readonly Build[]
  readonly shelf: readonly Part[]
}

export class Keeper {
  protected current: string | null = null
  protected readonly memos = new Map<string, Memo>()
  protected revision = 0
  protected listener: ((state: DeskState) => void) | null = null

  readonly shelf: Shelf
  protected shelfAt = 0

  constructor(protected readonly on: DeskOptions) {
    this.shelf = new Shelf(on.db, on.shelf)
  }

  /** Opens a build (or none); on the first visit the demo is laid out. */
  async open(id: string | null): Promise<Answer> {
    return this.saving(async () => {
      await this.layOutDemos()
      await this.loadShelf()
      this.current = id !== null && (await this.on.db.builds.get(id)) ? id : null
      return this.current
    }, false)
  }

  /** Calls back when another window changed something. */
  watch(listener: (state: DeskState) => void): void {
    this.listener = listener
    liveQuery(() => this.on.db.settings.get('revision')).subscribe(async row => {
      const seen = Number(row?.value ?? 0)
      if (seen <= this.revision) return
      this.revision = seen
      await this.loadShelf()
      this.listener?.(await this.state())
    })
  }

  protected async putShelf(changes: readonly ShelfChange[]): Promise<void> {
    const changed = this.on.now()
    await this.on.db.parts.bulkPut(
      changes.flatMap(c => (c.after ? [{ id: c.id, part: c.after, changed }] : [])),
    )
    await this.on.db.parts.bulkDelete(changes.flatMap(c => (c.after ? [] : [c.id])))
    await this.loadShelf()
  }

  protected async loadShelf(): Promise<void> {
    await this.shelf.load()
    this.shelfAt += 1
  }

  /** Applies one command to a build. */
  run(build: string, ask: Ask): Promise<Answer> {
    const command: Command = { ...ask, at: this.on.now() }
    return this.telling(build, () => this.saving(() => this.edit(build, command)))
  }

  protected async edit(build: string, command: Command): Promise<string | Problem> {
    const { db } = this.on
    const stored = await db.builds.get(build)
    if (!stored)
      return {
        problem:
          'This build is no longer here. It may have been deleted in another window; undo brings it back.',
      }
    const done = apply(stored.doc, command)
    if (isProblem(done)) return done
    await this.forgetUndone(build)
    await this.put(done.build)
    await db.changes.add({
      build,
      at: command.at,
      line: done.line,
      undone: 0,
      scope: 'edit',
      edit: { command, inverse: done.inverse },
      whole: null,
    })
    return build
  }

  /** Adds to the answer what the change did to the plan. */
  protected async telling(build: string, change: () => Promise<Answer>): Promise<Answer> {
    const before = await this.on.db.builds.get(build)
    const was = before ? analyse(before.doc, this.memoOf(build)).horizons.then : null
    const answer = await change()
    if ('problem' in answer || !was || answer.state.build?.id !== build || !answer.state.analysis)
      return answer
    return { ...answer, changed: difference(was, answer.state.analysis.horizons.then) }
  }

  /** Takes back the latest change of the open build, or of the desk itself. */
  undo(): Promise<Answer> {
    return this.turn('undo')
  }
  redo(): Promise<Answer> {
    return this.turn('redo')
  }

  protected turn(way: 'undo' | 'redo'): Promise<Answer> {
    return this.saving(async () => {
      const change = await this.next(way)
      if (!change)
        return {
          problem:
            way === 'undo' ? 'There is nothing to take back.' : 'There is nothing to do again.',
        }
      const failed = change.edit
        ? await this.turnEdit(change, way)
        : change.whole
          ? await this.turnWhole(change, way)
          : null
      if (failed) return failed
      if (change.shelf)
        await this.putShelf(
          way === 'undo'
            ? change.shelf.map(c => ({ id: c.id, before: c.after, after: c.before }))
            : change.shelf,
        )
      await this.on.db.changes.update(change.seq, { undone: way === 'undo' ? 1 : 0 })
      return this.current
    })
  }

  protected async turnEdit(
    { build, edit, line }: Change,
    way: 'undo' | 'redo',
  ): Promise<Problem | null> {
    const stored = await this.on.db.builds.get(build)
    if (!stored || !edit) return { problem: 'The build of this change is no longer here.' }
    const at = this.on.now()
    const done =
      way === 'undo'
        ? takeBack(stored.doc, { ...edit.inverse, at }, line)
        : apply(stored.doc, edit.command)
    if (isProblem(done)) return done
    await this.put(done.build)
    return null
  }

  protected async turnWhole(
    { build, whole }: Change,
    way: 'undo' | 'redo',
  ): Promise<Problem | null> {
    const doc = way === 'undo' ? whole?.before : whole?.after
    if (doc) await this.on.db.builds.put(doc)
    else await this.on.db.builds.delete(build)
    this.current = doc ? build : null
    return null
  }

  /** The latest change that undo would take, or the earliest that redo would: of the open build, or a making or deleting. */
  protected async next(way: 'undo' | 'redo'): Promise<Change | null> {
    const { changes } = this.on.db
    const undone = way === 'undo' ? 0 : 1
    const lists = [
      changes.where('[scope+undone]').equals(['desk', undone]),
      ...(this.current === null
        ? []
        : [changes.where('[build+scope+undone]').equals([this.current, 'edit', undone])]),
    ]
    const found = (
      await Promise.all(lists.map(l => (way === 'undo' ? l.last() : l.first())))
    ).flatMap(c => (c ? [c] : []))
    return found.sort((a, b) => (way === 'undo' ? b.seq - a.seq : a.seq - b.seq))[0] ?? null
  }

  /** A new change ends what could have been done again. */
  protected async forgetUndone(build: string): Promise<void> {
    const { changes } = this.on.db
    await changes.where('[build+scope+undone]').equals([build, 'edit', 1]).delete()
    await changes.where('[scope+undone]').equals(['desk', 1]).delete()
  }

  protected stored(doc: Build): StoredBuild {
    return { id: doc.id, name: doc.name, doc, changed: this.on.now() }
  }
  protected async put(doc: Build): Promise<void> {
    await this.on.db.builds.put(this.stored(doc))
  }

  protected async layOutDemos(): Promise<void> {
    if (await this.on.db.settings.get('demos-laid-out')) return
    await this.on.db.builds.bulkPut(this.on.demos.map(s => this.stored(s)))
    await this.on.db.settings.put({ key: 'demos-laid-out', value: true })
  }

  /** Everything that is stored is stored in one transaction, or not at all; then the new state is told. */
  protected async saving(
    work: () => Promise<string | null | Problem>,
    counts = true,
  ): Promise<Answer> {
    const { db } = this.on
    let result: string | null | Problem
    const before = this.current
    try {
      result = await db.transaction(
        'rw',
        [db.builds, db.changes, db.photos, db.parts, db.settings],
        async () => {
          const done = await work()
          if (counts && !isProblem(done)) {
            const revision = Number((await db.settings.get('revision'))?.value ?? 0) + 1
            await db.settings.put({ key: 'revision', value: revision })
            this.revision = revision
          }
          return done
        },
      )
    } catch (error) {
      this.current = before
      await this.loadShelf()
      return {
        problem: `This could not be saved (${error instanceof Error ? error.name : 'unknown error'}). What was saved before is safe; free some storage, or export the build to a file.`,
      }
    }
    return isProblem(result) ? result : { state: await this.state(), build: result, changed: null }
  }

  protected async state(): Promise<DeskState> {
    const stored = await this.on.db.builds.orderBy('name').toArray()
    const open = stored.find(b => b.id === this.current) ?? null
    return {
      builds: stored.map(b => ({
        id: b.id,
        name: b.name,
        note: b.doc.note,
        items: b.doc.items.length,
        changed: b.changed,
      })),
      build: open?.doc ?? null,
      analysis: open ? analyse(open.doc, this.memoOf(open.id)) : null,
      undo: (await this.next('undo'))?.line ?? null,
      redo: (await this.next('redo'))?.line ?? null,
      newer: (open?.doc.items ?? [])
        .filter(i => {
          const known = this.shelf.part(i.part.id)
          return known !== null && isNewer(i.part, known)
        })
        .map(i => i.id),
      shelf: this.shelfAt,
    }
  }

  protected memoOf(id: string): Memo {
    const memo = this.memos.get(id) ?? new Memo()
    this.memos.set(id, memo)
    return memo
  }
}
