// Where everything lies in the browser: documents and their heads, logs, what undo knows, pictures,
// parts, settings.
import Dexie, { type DexieOptions, type EntityTable } from 'dexie'
import type { About } from '../../core/document/command'
import type { Part } from '../../core/parts'
import type { Draft } from '../../core/document/draft'

/**
 * A document as it lies here. Only the door (core/document/open) looks into `doc`. Rows without a
 * version are of version 1.
 */
export interface BuildRow {
  readonly id: string
  readonly version?: number
  readonly doc: unknown
}

/** What the list of builds shows, so that nobody reads a whole document for a name. */
export interface Head {
  readonly id: string
  readonly name: string
  readonly note: string
  readonly items: number
  readonly changed: string
  /** Another number with every change: what was opened at this stamp needs no second reading. */
  readonly stamp: number
  /** Since when it lies in the bin; null when it does not. */
  readonly deleted: string | null
  /** Why it cannot be read; null when it can. */
  readonly aside: string | null
  /** Whether the program laid it out and nobody changed it since: it gives way to a file's. */
  readonly demo: boolean
}

/** One entry of a build's log; the log is read by core/document/log. */
export interface LogRow {
  seq: number
  readonly build: string
  readonly entry: unknown
}

/** A part of the shelf before and after a change; null where there was none. */
export interface ShelfChange {
  readonly id: string
  readonly before: Part | null
  readonly after: Part | null
}

/** Whose undo a step belongs to: a build's by its id, or the shelf's. */
export type Stack = `build:${string}` | 'shelf'

/**
 * What undo and redo can do: a command with the one that takes it back, and what the shelf had of
 * it.
 */
export interface StepRow {
  seq: number
  readonly stack: Stack
  readonly at: string
  readonly undone: 0 | 1
  readonly forward: unknown
  readonly back: unknown
  /**
   * What its line is made from: the names it needs, or the line itself where there is no command.
   */
  readonly about: About
  readonly line: string | null
  readonly shelf: readonly ShelfChange[]
  /** What came in and is in the build with this step: it waits again once that is taken back. */
  readonly drafts?: readonly Draft[]
}

/** What was made, copied or opened lately, to be taken back by name. */
export interface DeedRow {
  seq: number
  readonly at: string
  readonly kind: 'made' | 'copied' | 'opened'
  readonly name: string
  readonly builds: readonly string[]
  /** Builds that gave way to those of a file and lie in the bin since. */
  readonly replaced: readonly string[]
}

/** A part that a person brought to the shelf. */
export interface PartRow {
  readonly id: string
  readonly version?: number
  readonly part: unknown
  readonly changed: string
}

/** A picture that a build or a part names, as a data URL. */
export interface Photo {
  readonly id: string
  readonly picture: string
}

/** The setting that is there since the first visit of a store. */
export const LAID_OUT = 'demos-laid-out'

export interface Setting {
  readonly key: string
  readonly value: unknown
}

/** A change as the store's versions 1 to 3 kept it. */
export interface OldChange {
  readonly seq: number
  readonly build: string
  readonly at: string
  readonly line: string
  readonly undone: 0 | 1
  readonly scope: 'edit' | 'desk'
  readonly edit: { readonly command: unknown; readonly inverse: unknown } | null
  readonly whole: {
    readonly before: { readonly id: string; readonly doc: unknown } | null
    readonly after: { readonly id: string; readonly doc: unknown } | null
  } | null
  readonly shelf?: readonly ShelfChange[]
}

export class JunturaDb extends Dexie {
  declare builds: EntityTable<BuildRow, 'id'>
  declare heads: EntityTable<Head, 'id'>
  declare log: EntityTable<LogRow, 'seq'>
  declare steps: EntityTable<StepRow, 'seq'>
  declare deeds: EntityTable<DeedRow, 'seq'>
  declare photos: EntityTable<Photo, 'id'>
  declare parts: EntityTable<PartRow, 'id'>
  declare settings: EntityTable<Setting, 'key'>
  declare arrivals: EntityTable<Draft, 'id'>
  /** Emptied by settle.ts when it has carried everything over. */
  declare changes: EntityTable<OldChange, 'seq'>

  constructor(name = 'juntura', options: DexieOptions = {}) {
    super(name, options)
    this.version(1).stores({
      builds: 'id, name',
      changes: '++seq, build, [build+scope+undone], [scope+undone]',
      settings: 'key',
    })
    this.version(2).stores({ photos: 'id' })
    this.version(3).stores({ parts: 'id' })
    this.version(4).stores({
      builds: 'id',
      heads: 'id',
      log: '++seq, build',
      steps: '++seq, stack, [stack+undone]',
      deeds: '++seq',
    })
    this.version(5).stores({ arrivals: 'id, build' })
  }
}
