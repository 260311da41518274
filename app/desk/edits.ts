// Commands on a build, taken back and done again on the build's own history, with what they changed
// on the shelf.
import { apply } from '../../core/document/apply'
import type { Command } from '../../core/document/command-schema'
import { isProblem, type Problem } from '../../core/document/command'
import type { Draft } from '../../core/document/draft'
import type { LogEntry } from '../../core/document/log'
import { outcome, type Outcome } from './acts'
import type { ShelfChange, StepRow } from './db'
import { nothingTo, stackOf, type History, type Way } from './history'
import { isPicture, noPicture } from './pictures'
import type { ShelfActs } from './shelf-acts'
import type { Clock, Store } from './store'

/** What goes with a command, as one step: changes of the shelf, and drafts that are in the build with it. */
export interface Beside {
  readonly shelf?: readonly ShelfChange[]
  readonly drafts?: readonly Draft[]
}

/** A picture that is to be kept, with the id it gets. */
export interface Attached {
  readonly id: string
  readonly about: string
  readonly name: string
  readonly picture: string
}

export class Edits {
  constructor(
    private readonly store: Store,
    private readonly history: History,
    private readonly shelf: ShelfActs,
    private readonly clock: Clock,
  ) {}

  /** Does one command, and what goes with it, as one step. Inside a change only. */
  async run(
    id: string,
    command: Command,
    { shelf = [], drafts = [] }: Beside = {},
  ): Promise<Outcome | Problem> {
    const build = await this.store.build(id)
    if (isProblem(build)) return build
    const at = this.clock.now()
    const done = apply(build, command, at)
    if (isProblem(done)) return done
    await this.store.put(done.build)
    await this.store.log(id, [done.entry])
    await this.shelf.put(shelf)
    await this.putDrafts(drafts, 'redo')
    await this.history.push({
      stack: stackOf(id),
      at,
      forward: command,
      back: done.back,
      about: done.about,
      line: null,
      shelf,
      ...(drafts.length > 0 ? { drafts } : {}),
    })
    return outcome(id)
  }

  /**
   * Keeps a picture beside the build and names it there. `about` is an item, a joint or a task;
   * `picture` a small image as a data URL.
   */
  async attach(build: string, given: Attached): Promise<Outcome | Problem> {
    const { id, about, name, picture } = given
    if (!isPicture(picture)) return noPicture(name)
    await this.store.db.photos.put({ id, picture })
    const photo = { id, about, at: this.clock.now(), name }
    return this.run(build, { do: 'attach', photo })
  }

  /** Takes the latest command of a build back, or does it again. Inside a change only. */
  async turn(id: string, way: Way): Promise<Outcome | Problem> {
    const step = await this.history.next(stackOf(id), way)
    if (!step) return nothingTo(way)
    const build = await this.store.build(id)
    if (isProblem(build)) return build
    // Done again as it was done the first time: with the time it had then.
    const ask = way === 'undo' ? step.back : step.forward
    const at = way === 'undo' ? this.clock.now() : step.at
    const done = apply(build, ask as Command, at)
    if (isProblem(done)) return done
    await this.store.put(done.build)
    await this.store.log(id, [entryOf(step, way, this.clock.now())])
    const left = await this.shelf.turn(step.shelf, way)
    await this.putDrafts(step.drafts ?? [], way)
    await this.history.turned(step, way)
    return outcome(id, left)
  }

  /** Drafts wait no more once they are in the build, and wait again when that is taken back. */
  private async putDrafts(drafts: readonly Draft[], way: Way): Promise<void> {
    const { arrivals } = this.store.db
    if (way === 'undo') await arrivals.bulkPut([...drafts])
    else await arrivals.bulkDelete(drafts.map(d => d.id))
  }
}

const WORDS = { undo: 'Took back: ', redo: 'Did again: ' } as const

function entryOf({ forward, about, line }: StepRow, way: Way, at: string): LogEntry {
  if (line !== null) return { at, line: `${WORDS[way]}${line}` }
  return { at, command: forward as { do: string }, about: { ...about }, way }
}
