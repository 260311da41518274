// Where builds live in the browser: the documents, one history of all changes, pictures, a few settings.
import Dexie, { type EntityTable } from 'dexie'
import type { Build } from '../../core/build/build'
import type { Command } from '../../core/build/command'
import type { Part } from '../../core/parts'

export interface StoredBuild {
  readonly id: string
  readonly name: string
  readonly doc: Build
  readonly changed: string
}

export interface ShelfChange {
  readonly id: string
  readonly before: Part | null
  readonly after: Part | null
}
/** A part that a person brought to the shelf. */
export interface StoredPart {
  readonly id: string
  readonly part: Part
  readonly changed: string
}

/** One change. An edit is a command with its inverse; making, deleting and importing hold the whole document before and after. */
export interface Change {
  seq: number
  readonly build: string
  readonly at: string
  readonly line: string
  readonly undone: 0 | 1
  /** `edit` changes one build; `desk` makes, deletes or brings one, or changes the shelf. */
  readonly scope: 'edit' | 'desk'
  readonly edit: { readonly command: Command; readonly inverse: Command } | null
  readonly whole: { readonly before: StoredBuild | null; readonly after: StoredBuild | null } | null
  /** Parts of the shelf by id, before and after; none where there was none. */
  readonly shelf?: readonly ShelfChange[]
}

/** A picture that a build names, as a data URL. */
export interface Photo {
  readonly id: string
  readonly picture: string
}

export interface Setting {
  readonly key: string
  readonly value: unknown
}

export class JunturaDb extends Dexie {
  declare builds: EntityTable<StoredBuild, 'id'>
  declare changes: EntityTable<Change, 'seq'>
  declare photos: EntityTable<Photo, 'id'>
  declare parts: EntityTable<StoredPart, 'id'>
  declare settings: EntityTable<Setting, 'key'>

  constructor(name = 'juntura') {
    super(name)
    this.version(1).stores({
      builds: 'id, name',
      changes: '++seq, build, [build+scope+undone], [scope+undone]',
      settings: 'key',
    })
    this.version(2).stores({ photos: 'id' })
    this.version(3).stores({ parts: 'id' })
  }
}
