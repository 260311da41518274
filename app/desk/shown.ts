// What the page shows of the desk: the builds that are here, and the open one laid out.
import { analyse, type Analysis } from '../../core/analysis/analyse'
import { compareBy } from '../../core/collections/compare'
import type { Build } from '../../core/document/build'
import { isProblem, type Problem } from '../../core/document/command'
import { isNewer } from '../../core/document/newer'
import { tooLargeAt } from '../../core/document/open'
import type { Part } from '../../core/parts'
import { Memory } from '../../core/pipeline/memory'
import type { DeskState } from './acts'
import { deedSays } from './builds'
import type { Arrivals } from './arrivals'
import type { Examples } from './examples'
import type { Stack } from './db'
import { lineOfStep, stackOf, type History, type Way } from './history'
import type { Shelf } from './shelf/shelf'
import type { Store } from './store'

type OpenState = Pick<
  DeskState,
  'build' | 'analysis' | 'aside' | 'undo' | 'redo' | 'newer' | 'arrivals'
>
const NOTHING_OPEN: OpenState = {
  build: null,
  analysis: null,
  aside: null,
  undo: null,
  redo: null,
  newer: [],
  arrivals: [],
}

/** Where what is shown is looked up. */
interface ShownFrom {
  readonly store: Store
  readonly history: History
  readonly shelf: Shelf
  readonly examples: Examples
  readonly arrivals: Arrivals
}

export class Shown {
  private readonly memos = new Map<string, Memory>()
  /** The build that is open; null for none. */
  open: string | null = null

  private readonly store: Store
  private readonly history: History
  private readonly shelf: Shelf
  private readonly examples: Examples
  private readonly arrivals: Arrivals

  constructor(from: ShownFrom) {
    this.store = from.store
    this.history = from.history
    this.shelf = from.shelf
    this.examples = from.examples
    this.arrivals = from.arrivals
  }

  memoOf(id: string): Memory {
    const memo = this.memos.get(id) ?? new Memory()
    this.memos.set(id, memo)
    return memo
  }

  /** Everything the page shows, as it is now. */
  async state(): Promise<DeskState> {
    const heads = (await this.store.heads()).sort(compareBy(h => h.name))
    const here = heads.filter(h => h.deleted === null)
    const isHere = (id: string): boolean => here.some(h => h.id === id)
    const deeds = (await this.store.db.deeds.reverse().toArray()).filter(d => d.builds.some(isHere))
    const open = this.open !== null && isHere(this.open) ? this.open : null
    return {
      builds: here.map(({ id, name, note, items, changed, aside, demo }) => ({
        ...{ id, name, note, items, changed, aside, demo },
      })),
      bin: heads.flatMap(({ id, name, items, deleted }) =>
        deleted === null ? [] : [{ id, name, items, deleted }],
      ),
      examples: await this.examples.offered(),
      deeds: deeds.map(row => ({ deed: row.seq, says: deedSays(row), at: row.at })),
      ...(await this.openState(open)),
      shelfUndo: await this.lineOf('shelf', 'undo'),
      shelfRedo: await this.lineOf('shelf', 'redo'),
      shelf: this.shelf.loads,
    }
  }

  /** What is said, once, of a build that is larger than what comes in new may be. */
  async largeNotice(id: string | null): Promise<string | null> {
    const build = id === null ? null : await this.store.build(id)
    if (build === null || isProblem(build)) return null
    const beyond = tooLargeAt(build)
    const { settings } = this.store.db
    const key = `told-limits:${build.id}`
    if (beyond === null || (await settings.get(key))) return null
    await settings.put({ key, value: true })
    return (
      `This build holds more than can be brought in anew (${beyond}). It works as it is; a ` +
      'file of it can only be opened again once that is shorter.'
    )
  }

  /** The plan of a build, open or not; null where there is none. */
  async planOf(id: string): Promise<Analysis | null> {
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
      arrivals: await this.arrivals.lines(read.id),
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
