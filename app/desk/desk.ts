// The desk: takes acts one by one and answers each with the new state. Store, histories, builds,
// shelf and storage stand on their own behind it.
import { liveQuery } from 'dexie'
import { counted } from '../../core/figures/format'
import type { Analysis } from '../../core/analysis/analyse'
import { difference } from '../../core/analysis/compare'
import type { Build } from '../../core/document/build'
import { isProblem, type Problem } from '../../core/document/command'
import { openFile } from '../../core/document/open'
import type { Memory } from '../../core/pipeline/memory'
import type { Part } from '../../core/parts'
import { outcome, type Act, type Answer, type DeskState, type Outcome, type Refusal } from './acts'
import { Arrivals } from './arrivals'
import { Beginning } from './beginning'
import { Between } from './between'
import { Builds } from './builds'
import type { JunturaDb } from './db'
import { Edits } from './edits'
import { Examples } from './examples'
import { History, type Way } from './history'
import { LARGEST_FILE, tooLarge } from './limits'
import { closed, errorNames, unsaved } from './refusals'
import { besideShelf } from './shelf/beside'
import { Chunks, type Progress } from './shelf/chunks'
import { IncomingParts } from './shelf/incoming-parts'
import { OutgoingParts } from './shelf/outgoing-parts'
import { SecondCopy } from './second-copy'
import { Shelf } from './shelf/shelf'
import { ShelfActs } from './shelf-acts'
import { Shown } from './shown'
import { Storage } from './storage'
import { Mending } from './mending'
import { swapFor, takeOut } from './replacing'
import { beginWith } from './templates'
import { Store } from './store'

export interface DeskOptions {
  readonly db: JunturaDb
  readonly now: () => string
  readonly newId: () => string
  readonly demos: readonly Build[]
  readonly shelf: readonly Part[]
  /** Where a second copy of the store lies, once it is known; null where there is no place for one. */
  readonly beside?: Promise<JunturaDb | null>
  /** Hears when a change of the store begins and ends: meanwhile nobody may cut it. */
  readonly changing?: (begins: boolean) => void
  /** How long, ms, the store may take to open before that is told. */
  readonly patience?: number
}

const silent: Progress = () => undefined

/** Acts that are done inside the change; the others bring what they read before it. */
type DoneAct = Exclude<Act, { act: 'openFile' | 'importParts' | 'bringIn' }>
type Named<A, K> = A extends { readonly act: infer N } ? (K extends N ? A : never) : never
type Doers = {
  readonly [K in DoneAct['act']]: (act: Named<DoneAct, K>) => Promise<Outcome | Problem>
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
  readonly arrivals: Arrivals
  readonly history: History
  readonly edits: Edits
  private readonly shelfActs: ShelfActs
  private readonly between: Between
  private readonly mending: Mending
  readonly examples: Examples
  private readonly shown: Shown
  private readonly beginning: Beginning

  constructor(private readonly on: DeskOptions) {
    const copy = on.beside ? new SecondCopy(on.db, on.beside) : null
    this.store = new Store(on.db, on, copy)
    this.history = new History(on.db)
    this.shelf = new Shelf(on.db, on.shelf)
    this.incoming = new IncomingParts(this.shelf, this.chunks)
    this.outgoing = new OutgoingParts(this.shelf, this.chunks)
    this.builds = new Builds(this.store, this.history, on)
    this.shelfActs = new ShelfActs(this.store, this.history, this.shelf, on)
    this.edits = new Edits(this.store, this.history, this.shelfActs, on)
    this.between = new Between(this.store, this.shelf, this.edits)
    this.mending = new Mending(this.store, this.shelf, this.edits)
    this.storage = new Storage(this.store, this.builds, this.shelf, on)
    this.examples = new Examples(this.store, on.demos)
    this.arrivals = new Arrivals(this.store, this.shelf, this.edits, on)
    this.shown = new Shown(this)
    this.beginning = new Beginning({
      copy,
      examples: this.examples,
      patience: on.patience,
      store: this.store,
      history: this.history,
      shelf: this.shelf,
      storage: this.storage,
      saving: work => this.saving(work),
    })
  }

  /**
   * Opens a build, or none. At the first visit the demos are laid out; at each start what is older
   * is carried over. Of two that are asked for at once the later is open.
   */
  async open(id: string | null): Promise<Answer> {
    this.shown.open = id
    try {
      const begun = await this.beginning.begin()
      if (isProblem(begun)) return begun
      await this.shelf.load()
      const notice = this.beginning.told() ?? (await this.shown.largeNotice(id))
      return await this.answer(outcome(id, notice))
    } catch (error) {
      return closed(errorNames(error).at(-1) ?? 'unknown error')
    }
  }

  /** Calls back when another window changed something. */
  watch(listener: (state: DeskState) => void): void {
    const hear = async (seen: number): Promise<void> => {
      if (seen <= this.store.revision) return
      // What was changed since is in what is read now: it is not told twice.
      this.store.revision = Math.max(seen, await this.store.counted())
      await this.shelf.load()
      listener(await this.shown.state())
    }
    // Where the store fails, the next act says so.
    const silent = (): void => undefined
    liveQuery(() => this.store.counted()).subscribe({
      next: seen => void hear(seen).catch(silent),
      error: silent,
    })
  }

  /** Everything the page shows, as it is now. */
  state(): Promise<DeskState> {
    return this.shown.state()
  }

  /** What is remembered of a build that was laid out. */
  memoOf(id: string): Memory {
    return this.shown.memoOf(id)
  }

  /** Does one act: all of it or nothing. `progress` hears how far a long one is. */
  async send(act: Act, progress: Progress = silent): Promise<Answer> {
    const { open } = this.shown
    // What is dropped on a page that only just opened waits until the store has begun.
    const begun = await this.beginning.begin().catch(() => null)
    if (begun === null) return closed('unknown error')
    if (isProblem(begun)) return begun
    const id = buildOf(act)
    const before = id === null ? null : await this.shown.planOf(id)
    const prepared = await this.prepare(act, progress)
    if (isProblem(prepared)) return prepared
    const done = await this.saving(prepared)
    if (isProblem(done)) return done
    // Whoever went to another build meanwhile stays there.
    if (done.build !== null && this.shown.open === open) this.shown.open = done.build
    const answer = await this.answer(done)
    return isProblem(answer) || answer.build !== id ? answer : this.compared(answer, before)
  }

  /** The answer with what the act changed in the plan, where that build is still shown. */
  private compared(answer: Exclude<Answer, Problem>, before: Analysis | null): Answer {
    const { build, analysis: after } = answer.state
    if (!before || !after || build?.id !== answer.build) return answer
    return { ...answer, changed: difference(before.horizons.then, after.horizons.then) }
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
    if (act.act === 'bringIn') return this.bringing(act, progress)
    if (act.act !== 'importParts') return () => this.do(act)
    const parts = await this.incoming.take(act.plan, progress)
    if (isProblem(parts)) return parts
    return async () => {
      const own = parts.map(p => besideShelf(this.shelf, p, act.takes))
      const done = await this.shelfActs.keep(own, `Imported ${counted(own.length, 'part')}`)
      this.incoming.close()
      return done
    }
  }

  /** A table or a file of parts that is whole comes in as parts; any other text as sheets. */
  private async bringing(
    { build, text, name }: Extract<Act, { act: 'bringIn' }>,
    progress: Progress,
  ): Promise<(() => Promise<Outcome | Problem>) | Problem> {
    const parts = await this.incoming.partsOf(text, name, progress)
    if (parts === null) return () => this.arrivals.bringIn(build, text)
    return isProblem(parts) ? parts : () => this.arrivals.bringParts(build, parts)
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
      const parts = content.parts
        .map(p => besideShelf(this.shelf, p))
        .filter(p => this.shelf.part(p.id) === null || this.isOther(p))
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
    takeExample: act => this.examples.take(act.example),
    declineExample: act => this.examples.decline(act.example),
    forget: act => this.builds.forget(act.builds),
    attach: act => this.edits.attach(act.build, { ...act, id: this.on.newId() }),
    takeNewer: act => this.between.takeNewer(act.build, act.items),
    measurePart: act => this.between.measurePart(act),
    mendPart: act => this.mending.mend(act),
    beginWith: act => beginWith(this, act.build, act.purpose),
    addIncluded: act => this.mending.addIncluded(act.build, act.items),
    swapFor: act => swapFor(this, act),
    takeOut: act => takeOut(this, act),
    keepPart: act => this.shelfActs.keepOne(act.part),
    dropParts: act => this.shelfActs.drop(act.parts),
    addPage: act => this.shelfActs.addPage(act.part, { ...act, id: this.on.newId() }),
    removePage: act => this.shelfActs.removePage(act.part, act.page),
    changeArrival: act => this.arrivals.change(act.build, act.arrival, act.change),
    dropArrivals: act => this.arrivals.drop(act.build, act.arrivals),
    takeArrivals: act => this.arrivals.take(act.build, act.arrivals, act.state),
  }

  private turn(of: string | null, way: Way): Promise<Outcome | Problem> {
    return of === null ? this.shelfActs.turnLatest(way) : this.edits.turn(of, way)
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
    return { state: await this.shown.state(), build, notice, changed: null }
  }
}
