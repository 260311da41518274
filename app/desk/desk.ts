// The desk: takes acts one by one and answers each with the new state. Store, histories, builds,
// shelf and storage stand on their own behind it.
import { liveQuery } from 'dexie'
import { analyse, type Analysis } from '../../core/analysis/analyse'
import { difference } from '../../core/analysis/compare'
import { VERSION } from '../../core/document/file'
import type { Build } from '../../core/document/build'
import { compareBy } from '../../core/collections/compare'
import { isProblem, type Problem } from '../../core/document/command'
import { asOnShelf, isNewer } from '../../core/document/newer'
import { openFile, openPart, tooLargeAt } from '../../core/document/open'
import { Memory } from '../../core/pipeline/memory'
import type { Part } from '../../core/parts'
import { put } from '../../core/parts/paths'
import { outcome, type Act, type Answer, type DeskState, type Outcome, type Refusal } from './acts'
import { Builds, deedSays } from './builds'
import type { JunturaDb, ShelfChange, Stack } from './db'
import { Edits } from './edits'
import { History, lineOfStep, stackOf, type Way } from './history'
import { LARGEST_FILE, tooLarge } from './limits'
import { isPicture, noPicture } from './pictures'
import { closed, errorNames, unsaved } from './refusals'
import { settle } from './settle'
import { Chunks, type Progress } from './shelf/chunks'
import { IncomingParts } from './shelf/incoming-parts'
import { OutgoingParts } from './shelf/outgoing-parts'
import { Shelf } from './shelf/shelf'
import { ShelfActs } from './shelf-acts'
import { Storage } from './storage'
import { Store } from './store'

export interface DeskOptions {
  readonly db: JunturaDb
  readonly now: () => string
  readonly newId: () => string
  readonly demos: readonly Build[]
  readonly shelf: readonly Part[]
  /** Hears when a change of the store begins and ends: meanwhile nobody may cut it. */
  readonly changing?: (begins: boolean) => void
  /** How long, ms, the store may take to open before that is told. */
  readonly patience?: number
}

/** Named choice, ms. */
const PATIENCE = 5000

const LAID_OUT = 'demos-laid-out'
const silent: Progress = () => undefined

/** Acts that are done inside the change; the others bring what they read before it. */
type DoneAct = Exclude<Act, { act: 'openFile' | 'importParts' }>
type Named<A, K> = A extends { readonly act: infer N } ? (K extends N ? A : never) : never
type Doers = {
  readonly [K in DoneAct['act']]: (act: Named<DoneAct, K>) => Promise<Outcome | Problem>
}

type OpenState = Pick<DeskState, 'build' | 'analysis' | 'aside' | 'undo' | 'redo' | 'newer'>
const NOTHING_OPEN: OpenState = {
  build: null,
  analysis: null,
  aside: null,
  undo: null,
  redo: null,
  newer: [],
}

/** The build that an act is about; null for acts on the shelf or on builds as such. */
function buildOf(act: Act): string | null {
  if ('build' in act && act.act !== 'copy') return act.build
  return 'of' in act ? act.of : null
}

export class Desk {
  readonly store: Store
  readonly shelf: Shelf
  readonly chunks = new Chunks()
  readonly incoming: IncomingParts
  readonly outgoing: OutgoingParts
  readonly builds: Builds
  readonly storage: Storage
  private readonly history: History
  private readonly edits: Edits
  private readonly shelfActs: ShelfActs
  private readonly memos = new Map<string, Memory>()
  private current: string | null = null
  private settled = false

  constructor(private readonly on: DeskOptions) {
    this.store = new Store(on.db, on)
    this.history = new History(on.db)
    this.shelf = new Shelf(on.db, on.shelf)
    this.incoming = new IncomingParts(this.shelf, this.chunks)
    this.outgoing = new OutgoingParts(this.shelf, this.chunks)
    this.builds = new Builds(this.store, this.history, on)
    this.shelfActs = new ShelfActs(this.store, this.history, this.shelf, on)
    this.edits = new Edits(this.store, this.history, this.shelfActs, on)
    this.storage = new Storage(this.store, this.builds, this.shelf, on)
  }

  /**
   * Opens a build, or none. At the first visit the demos are laid out; at each start what is older
   * is carried over. Of two that are asked for at once the later is open.
   */
  async open(id: string | null): Promise<Answer> {
    this.current = id
    try {
      const begun = await this.begin()
      if (isProblem(begun)) return begun
      await this.shelf.load()
      return await this.answer(outcome(id, await this.largeNotice(id)))
    } catch (error) {
      return closed(errorNames(error).at(-1) ?? 'unknown error')
    }
  }

  /** Calls back when another window changed something. */
  watch(listener: (state: DeskState) => void): void {
    const hear = async (seen: number): Promise<void> => {
      if (seen <= this.store.revision) return
      this.store.revision = seen
      await this.shelf.load()
      listener(await this.state())
    }
    // Where the store fails, the next act says so.
    const silent = (): void => undefined
    liveQuery(() => this.store.counted()).subscribe({
      next: seen => void hear(seen).catch(silent),
      error: silent,
    })
  }

  /** Does one act: all of it or nothing. `progress` hears how far a long one is. */
  async send(act: Act, progress: Progress = silent): Promise<Answer> {
    // What is dropped on a page that only just opened waits until the store has begun.
    const begun = await this.begin().catch(() => null)
    if (begun === null) return closed('unknown error')
    if (isProblem(begun)) return begun
    const id = buildOf(act)
    const before = id === null ? null : await this.planOf(id)
    const prepared = await this.prepare(act, progress)
    if (isProblem(prepared)) return prepared
    const done = await this.saving(prepared)
    if (isProblem(done)) return done
    if (done.build !== null) this.current = done.build
    const answer = await this.answer(done)
    return isProblem(answer) || answer.build !== id ? answer : this.compared(answer, before)
  }

  /** The answer with what the act changed in the plan. */
  private compared(answer: Exclude<Answer, Problem>, before: Analysis | null): Answer {
    const after = answer.state.analysis
    if (!before || !after) return answer
    return { ...answer, changed: difference(before.horizons.then, after.horizons.then) }
  }

  memoOf(id: string): Memory {
    const memo = this.memos.get(id) ?? new Memory()
    this.memos.set(id, memo)
    return memo
  }

  /**
   * What is read before the store is opened for writing: a file, a table. Then what is to be done
   * inside the change.
   */
  private async prepare(
    act: Act,
    progress: Progress,
  ): Promise<(() => Promise<Outcome | Problem>) | Problem> {
    if (act.act === 'openFile') return this.opening(act.text, act.name)
    if (act.act !== 'importParts') return () => this.do(act)
    const parts = await this.incoming.take(act.plan, progress)
    if (isProblem(parts)) return parts
    return async () => {
      const done = await this.shelfActs.keep(parts, `Imported ${parts.length} parts`)
      this.incoming.close()
      return done
    }
  }

  private opening(text: string, name: string): (() => Promise<Outcome>) | Problem {
    if (text.length > LARGEST_FILE) return tooLarge(name, text.length)
    const content = openFile(text, name)
    if (isProblem(content)) return content
    if (content.builds.length === 0 && content.parts.length === 0)
      return {
        problem: `${name} holds no build and no part. Choose a file with at least one; nothing was changed.`,
      }
    return async () => {
      const taken = await this.builds.take(content, name)
      const parts = content.parts.filter(p => this.shelf.part(p.id) === null || this.isOther(p))
      if (parts.length > 0) await this.shelfActs.keep(parts, `Parts of ${name} for the shelf`)
      return taken
    }
  }

  private isOther(part: Part): boolean {
    const known = this.shelf.part(part.id)
    return known !== null && JSON.stringify(known) !== JSON.stringify(part)
  }

  private do(act: DoneAct): Promise<Outcome | Problem> {
    const doers = this.doers as unknown as Record<
      string,
      (act: DoneAct) => Promise<Outcome | Problem>
    >
    const done = doers[act.act]
    if (!done) throw new RangeError(`nobody does ${act.act}`)
    return done(act)
  }

  /** Who does what: an act without somebody who does it does not compile. */
  private readonly doers: Doers = {
    run: act => this.edits.run(act.build, act.command),
    undo: act => this.turn(act.of, act.act),
    redo: act => this.turn(act.of, act.act),
    create: act => this.builds.create(act.name),
    copy: act => this.builds.copy(act.build, act.name),
    delete: act => this.builds.delete(act.build),
    bringBack: act => this.builds.bringBack(act.build),
    takeBack: act => this.builds.takeBack(act.deed),
    forget: act => this.builds.forget(act.builds),
    attach: act => this.attach(act),
    takeNewer: act => this.takeNewer(act.build, act.items),
    measurePart: act => this.measurePart(act),
    keepPart: act => this.shelfActs.keepOne(act.part),
    dropParts: act => this.shelfActs.drop(act.parts),
    addPage: act => this.shelfActs.addPage(act.part, { ...act, id: this.on.newId() }),
    removePage: act => this.shelfActs.removePage(act.part, act.page),
  }

  private turn(of: string | null, way: Way): Promise<Outcome | Problem> {
    return of === null ? this.shelfActs.turnLatest(way) : this.edits.turn(of, way)
  }

  /**
   * Keeps a picture beside the build and names it there. `about` is an item, a joint or a task;
   * `picture` a small image as a data URL.
   */
  private async attach(act: Extract<Act, { act: 'attach' }>): Promise<Outcome | Problem> {
    const { build, about, name, picture } = act
    if (!isPicture(picture)) return noPicture(name)
    const photo = { id: this.on.newId(), about, at: this.on.now(), name }
    await this.on.db.photos.put({ id: photo.id, picture })
    return this.edits.run(build, { do: 'attach', photo })
  }

  /** Takes over what the shelf says of these items' parts now. */
  private async takeNewer(id: string, items: readonly string[]): Promise<Outcome | Problem> {
    const build = await this.store.build(id)
    if (isProblem(build)) return build
    const own = build.items.filter(i => items.includes(i.id))
    const parts = own.flatMap(i => {
      const known = this.shelf.part(i.part.id)
      return known ? [[i.id, asOnShelf(i.part, known)] as const] : []
    })
    const title =
      own.length === 1
        ? `${own[0]?.part.model ?? ''}: as it is on the shelf now`
        : `${own.length} parts as they are on the shelf now`
    return this.edits.run(id, { do: 'setParts', parts: Object.fromEntries(parts), title })
  }

  /**
   * A figure that holds for every copy: it goes to the part in this build, and to the shelf where
   * the part is, as one step of the build.
   */
  private async measurePart(act: Extract<Act, { act: 'measurePart' }>): Promise<Outcome | Problem> {
    const { build: id, item, path, figure } = act
    const build = await this.store.build(id)
    if (isProblem(build)) return build
    const part = build.items.find(i => i.id === item)?.part
    const known = part ? this.shelf.part(part.id) : null
    const changes: ShelfChange[] = []
    if (known) {
      // Only this figure: what else the shelf knows otherwise, and what belongs to the copy, stays
      // where it is.
      const after = openPart(put(known, path, figure), VERSION)
      if (!isProblem(after)) changes.push({ id: known.id, before: known, after })
    }
    return this.edits.run(id, { do: 'setPartFigure', id: item, path, figure }, changes)
  }

  /** Once in a window's life: demos, what an older version left, what went out of its time. */
  private async begin(): Promise<true | Refusal> {
    if (this.settled) return true
    if (!(await this.opens())) return closed(null)
    const begun = await this.saving(async () => {
      await settle(this.store, this.history)
      await this.layOutDemos()
      await this.shelf.load()
      await this.storage.tidy()
      return outcome(null)
    })
    if (isProblem(begun)) return begun
    this.settled = true
    return true
  }

  /** Whether the store opens within the time it is given; it goes on trying meanwhile. */
  private async opens(): Promise<boolean> {
    let timer: ReturnType<typeof setTimeout> | undefined
    const late = new Promise<false>(done => {
      timer = setTimeout(() => done(false), this.on.patience ?? PATIENCE)
    })
    try {
      return await Promise.race([this.on.db.open().then(() => true), late])
    } finally {
      clearTimeout(timer)
    }
  }

  /** What is said, once, of a build that is larger than what comes in new may be. */
  private async largeNotice(id: string | null): Promise<string | null> {
    const build = id === null ? null : await this.store.build(id)
    if (build === null || isProblem(build)) return null
    const beyond = tooLargeAt(build)
    const { settings } = this.on.db
    const key = `told-limits:${build.id}`
    if (beyond === null || (await settings.get(key))) return null
    await settings.put({ key, value: true })
    return (
      `This build holds more than can be brought in anew (${beyond}). It works as it is; a ` +
      'file of it can only be opened again once that is shorter.'
    )
  }

  private async layOutDemos(): Promise<void> {
    const { settings } = this.on.db
    if (await settings.get(LAID_OUT)) return
    for (const demo of this.on.demos)
      if (!(await this.on.db.heads.get(demo.id))) await this.store.put(demo, true)
    await settings.put({ key: LAID_OUT, value: true })
  }

  private async saving(work: () => Promise<Outcome | Problem>): Promise<Outcome | Refusal> {
    this.on.changing?.(true)
    try {
      return await this.store.change(async () => {
        // What another window did to the shelf may not have been heard of yet: inside the change it
        // is read anew.
        if ((await this.store.counted()) > this.store.revision) await this.shelf.load()
        return work()
      })
    } catch (error) {
      await this.shelf.load().catch(() => undefined)
      return unsaved(error)
    } finally {
      this.on.changing?.(false)
    }
  }

  private async answer({ build, notice }: Outcome): Promise<Answer> {
    return { state: await this.state(), build, notice, changed: null }
  }

  private async planOf(id: string): Promise<Analysis | null> {
    const build = await this.store.build(id)
    const analysis = isProblem(build) ? build : this.analysisOf(build)
    return isProblem(analysis) ? null : analysis
  }

  /** A build laid out; one that the analysis fails on is told, and kept as it is. */
  private analysisOf(build: Build): Analysis | Problem {
    try {
      return analyse(build, this.memoOf(build.id))
    } catch (error) {
      this.memos.delete(build.id)
      const name = error instanceof Error ? error.name : 'unknown error'
      return {
        problem: `${build.name.slice(0, 60)} cannot be laid out (${name}): this is a fault of the program.`,
      }
    }
  }

  /** Everything the page shows, as it is now. */
  async state(): Promise<DeskState> {
    const heads = (await this.store.heads()).sort(compareBy(h => h.name))
    const here = heads.filter(h => h.deleted === null)
    const isHere = (id: string): boolean => here.some(h => h.id === id)
    const deeds = (await this.on.db.deeds.reverse().toArray()).filter(d => d.builds.some(isHere))
    const open = this.current !== null && isHere(this.current) ? this.current : null
    return {
      builds: here.map(({ id, name, note, items, changed, aside }) => ({
        ...{ id, name, note, items, changed, aside },
      })),
      bin: heads.flatMap(({ id, name, items, deleted }) =>
        deleted === null ? [] : [{ id, name, items, deleted }],
      ),
      deeds: deeds.map(row => ({ deed: row.seq, says: deedSays(row), at: row.at })),
      ...(await this.openState(open)),
      shelfUndo: await this.lineOf('shelf', 'undo'),
      shelfRedo: await this.lineOf('shelf', 'redo'),
      shelf: this.shelf.loads,
    }
  }

  /** The open build with its analysis; or why it cannot be shown. */
  private async openState(open: string | null): Promise<OpenState> {
    const read = open === null ? null : await this.store.build(open)
    if (read === null) return NOTHING_OPEN
    if (isProblem(read)) return { ...NOTHING_OPEN, aside: read.problem }
    const analysis = this.analysisOf(read)
    if (isProblem(analysis)) return { ...NOTHING_OPEN, aside: analysis.problem }
    return {
      build: read,
      analysis,
      aside: null,
      undo: await this.lineOf(stackOf(read.id), 'undo'),
      redo: await this.lineOf(stackOf(read.id), 'redo'),
      newer: read.items.filter(i => this.isNewer(i.part)).map(i => i.id),
    }
  }

  /** The step that a stack would take back or do again, as a line. */
  private async lineOf(stack: Stack, way: Way): Promise<string | null> {
    const step = await this.history.next(stack, way)
    return step && lineOfStep(step)
  }

  private isNewer(part: Part): boolean {
    const known = this.shelf.part(part.id)
    return known !== null && isNewer(part, known)
  }
}
