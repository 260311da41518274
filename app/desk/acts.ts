// What the page sends to the desk, and what it gets back.
import type { Analysis } from '../../core/analysis/analyse'
import type { Difference } from '../../core/analysis/compare'
import type { Command } from '../../core/document/command-schema'
import type { Build } from '../../core/document/build'
import type { Problem } from '../../core/document/command'
import type { PartKind } from '../../core/parts'
import type { State } from '../../core/parts/kind'
import type { Purpose } from '../../core/standards/purposes'
import type { ValueAnswer } from '../../core/document/draft'
import type { Takes } from './shelf/beside'
import type { TablePlan } from './shelf/incoming-parts'

/**
 * Everything that changes something. `undo` and `redo` name the build they are of, or null for the
 * shelf.
 */
export type Act =
  | { readonly act: 'run'; readonly build: string; readonly command: Command }
  | { readonly act: 'undo' | 'redo'; readonly of: string | null }
  | { readonly act: 'create'; readonly name: string }
  | { readonly act: 'copy'; readonly build: string; readonly name: string }
  | { readonly act: 'delete'; readonly build: string }
  | { readonly act: 'bringBack'; readonly build: string }
  | { readonly act: 'takeBack'; readonly deed: number }
  | { readonly act: 'takeExample' | 'declineExample'; readonly example: string }
  | { readonly act: 'forget'; readonly builds: readonly string[] }
  | { readonly act: 'openFile'; readonly text: string; readonly name: string }
  | {
      readonly act: 'attach'
      readonly build: string
      readonly about: string
      readonly name: string
      readonly picture: string
    }
  | { readonly act: 'takeNewer'; readonly build: string; readonly items: readonly string[] }
  | {
      readonly act: 'measurePart'
      readonly build: string
      readonly item: string
      readonly path: string
      readonly figure: Extract<Command, { do: 'setPartFigure' }>['figure']
    }
  | {
      readonly act: 'mendPart'
      readonly build: string
      readonly item: string
      readonly part: unknown
      readonly where: 'copy' | 'build' | 'shelf'
    }
  | { readonly act: 'beginWith'; readonly build: string; readonly purpose: Purpose }
  | { readonly act: 'addIncluded'; readonly build: string; readonly items: readonly string[] }
  | {
      readonly act: 'swapFor'
      readonly build: string
      readonly item: string
      readonly part: string
    }
  | { readonly act: 'takeOut'; readonly build: string; readonly item: string }
  | { readonly act: 'keepPart'; readonly part: unknown }
  | { readonly act: 'dropParts'; readonly parts: readonly string[] }
  | {
      readonly act: 'addPage'
      readonly part: string
      readonly title: string
      readonly picture: string
    }
  | { readonly act: 'removePage'; readonly part: string; readonly page: string }
  | {
      readonly act: 'importParts'
      readonly plan: TablePlan | null
      /** Of parts that are here otherwise: whose fields are taken. */
      readonly takes?: Takes
    }
  | {
      readonly act: 'bringIn'
      readonly build: string
      readonly text: string
      readonly name: string
    }
  | {
      readonly act: 'changeArrival'
      readonly build: string
      readonly arrival: string
      readonly change: ArrivalChange
    }
  | { readonly act: 'dropArrivals'; readonly build: string; readonly arrivals: readonly string[] }
  | {
      readonly act: 'takeArrivals'
      readonly build: string
      readonly arrivals: readonly string[]
      readonly state: State
    }

/** A build in the list. */
export interface BuildLine {
  readonly id: string
  readonly name: string
  readonly note: string
  readonly items: number
  readonly changed: string
  /** Why it cannot be read; null when it can. */
  readonly aside: string | null
  /** Whether it was laid out as an example and nobody changed it since. */
  readonly demo: boolean
}
/** An example that ships since the first visit and is not here. */
export interface ExampleLine {
  readonly id: string
  readonly name: string
  readonly note: string
}
/** A build in the bin. */
export interface BinLine {
  readonly id: string
  readonly name: string
  readonly items: number
  readonly deleted: string
}
/** Something made, copied or opened that can be taken back. */
export interface DeedLine {
  readonly deed: number
  readonly says: string
  readonly at: string
}

/** One that came in, as the list shows it. */
export interface ArrivalLine {
  readonly id: string
  readonly kind: PartKind | null
  readonly title: string
  readonly name: string
  readonly count: number
  /**
   * Of its sheet: how many values were read, how many of them are doubtful, how many phrases were
   * not read; null where it came as a part.
   */
  readonly read: {
    readonly values: number
    readonly doubtful: number
    readonly unread: number
  } | null
  /** What keeps it off the shelf; null where nothing does. */
  readonly problem: string | null
  /** How much that it joins by is not known yet. */
  readonly open: number
  /** What comes with one of it, or with a pack of it, in words; and whether that is left out. */
  readonly comesWith: readonly string[]
  readonly bare: boolean
  /** What its list says of its copies, in words; empty where it says nothing. */
  readonly asListed: string
  /** How many parts are added with it in all. */
  readonly parts: number
}

/** What a hand changes of one. */
export interface ArrivalChange {
  readonly text?: string
  readonly forced?: PartKind | null
  /** The part as it stands, corrections and all; null as it was read. */
  readonly part?: unknown
  readonly count?: number
  readonly answers?: readonly ValueAnswer[]
  readonly bare?: boolean
}

export interface DeskState {
  readonly builds: readonly BuildLine[]
  readonly bin: readonly BinLine[]
  readonly examples: readonly ExampleLine[]
  readonly deeds: readonly DeedLine[]
  readonly build: Build | null
  readonly analysis: Analysis | null
  /** Why the build that was asked for cannot be shown; null when it can, or when it is not here. */
  readonly aside: string | null
  /** What undo and redo would do to the open build, as a line; null when there is nothing. */
  readonly undo: string | null
  readonly redo: string | null
  /** The same of the shelf. */
  readonly shelfUndo: string | null
  readonly shelfRedo: string | null
  /** Items of the open build whose part is otherwise on the shelf now. */
  readonly newer: readonly string[]
  /** Counts up whenever the shelf is otherwise. */
  readonly shelf: number
  /** What came in for the open build and is not in it yet. */
  readonly arrivals: readonly ArrivalLine[]
}

/** What an act did: the build it is about, and what is to be told of it. */
export interface Outcome {
  readonly build: string | null
  readonly notice: string | null
}

/**
 * The new state, the build it is about, what a change of that build did to its plan (wanted parts
 * included), and what is to be told; or a sentence why not.
 */
export type Answer =
  (Outcome & { readonly state: DeskState; readonly changed: Difference | null }) | Refusal

/**
 * Why nothing was changed. `full`: because there is no room left; `closed`: because the store does
 * not open; `told`: it is in sight already.
 */
export type Refusal = Problem & {
  readonly full?: boolean
  readonly closed?: boolean
  readonly shown?: boolean
}

export const outcome = (build: string | null, notice: string | null = null): Outcome => ({
  build,
  notice,
})
