// A step: what is done in one go at the bench. It stands for the joints it makes, or for a task
// that makes none.
import type { Air, Wall } from '../case/air'
import type { Board } from '../parts/board-schema'
import type { Dressing } from '../laying/dressing'
import type { Face } from '../connectors/connectors'
import type { Cooler } from '../parts/cooler-schema'
import type { EndRef } from '../ids/ids'
import type { PartKind } from '../parts'
import type { State } from '../parts/kind'
import type { Processor } from '../parts/processor'
import type { Drive } from '../parts/drive-schema'
import type { Memory } from '../parts/memory'
import type { Screws } from '../standards/screws'
import type { PieceOff } from '../plan/pieces-off'
import type { Verdict } from '../figures/verdict'

/** Kinds of step, in the order in which they are done where nothing else decides. */
export const STEP_KINDS = [
  'bench',
  'panels-off',
  'piece-off',
  'old-out',
  'came-out',
  'processor',
  'm2',
  'memory',
  'cooler',
  'cooler-plug',
  'bench-start',
  'bench-clear',
  'jumpers',
  'standoffs',
  'shield',
  'fan',
  'radiator',
  'drive',
  'bracket',
  'hub',
  'strip',
  'lay-lead',
  'board-in',
  'supply-cables',
  'supply-in',
  'mains-switch',
  'retainer',
  'covers',
  'take-out',
  'small-plug',
  'panel',
  'fan-plug',
  'data-plug',
  'card',
  'refit',
  'power-plug',
  'firmware',
  'open',
  'milestone',
  'first-power',
  'give-back',
  'piece-on',
  'dress',
  'panels-on',
  'outer-plug',
  'record',
] as const
/** The label of a step on what stands outside. */
export const OUTSIDE = 'outside'
/** The label of a step that is done once more: the case opened again, started, closed. */
export const AGAIN = 'again'
export type StepKind = (typeof STEP_KINDS)[number]

/**
 * How the work lies while a step is done: the board on the table, the case on its far side, seen
 * from behind, or standing.
 */
export const POSES = ['table', 'lying', 'behind', 'standing'] as const
export type Pose = (typeof POSES)[number]

export type StepProgress = 'planned' | 'ready' | 'made' | 'proved' | 'crossed'

/** How a part is handled, where its kind knows several ways. */
export type Manner =
  | ({ readonly of: 'processor' } & Pick<Processor, 'contacts'>)
  | ({
      readonly of: 'cooler'
      /** Whether it sat on a processor before: paste serves once. */
      readonly isUsed: boolean
      /** How wide the lid below it is, mm. */
      readonly lid: number | null
      /** Whether it hangs on a radiator: then it goes on in the case. */
      readonly isLiquid: boolean
      /** How it is turned on its socket; null where its mounting leaves nothing to turn. */
      readonly turned: string | null
    } & Pick<Cooler, 'fastening' | 'paste' | 'bracket'>)
  | ({
      readonly of: 'drive'
      readonly isUsed: boolean
      /** Whether it keeps what is written: a disc drive or a card reader does not. */
      readonly holdsData: boolean
      /** Whether it is seen at the front of the case: a blank is there before it. */
      readonly isAtFront: boolean
      /** Of a stick: where its spacer stands, mm as its form has it; the heat sink over its socket. */
      readonly stick: {
        readonly length: string
        readonly cover: 'fixed' | 'removable' | 'none' | null
        readonly hasSink: boolean
      } | null
    } & Pick<Drive, 'shape'>)
  | {
      readonly of: 'power'
      /** Whether the switch at the front carries mains: there is no button. */
      readonly isMains: boolean
    }
  | ({ readonly of: 'memory' } & Pick<Memory, 'type'>)
  | ({
      readonly of: 'dressing'
      /** Leads of the case that no socket takes. */
      readonly free: readonly string[]
    } & Pick<Dressing, 'minutes'>)
  | {
      readonly of: 'supply'
      /** The wall that its fan looks at; null where it has none that looks at one. */
      readonly fan: Wall | null
    }
  | {
      readonly of: 'card'
      /** Whether its far end goes into a guide of the case. */
      readonly isGuided: boolean
      /** Whether it stands upright, on a riser. */
      readonly isUpright: boolean
      /** Whether its slot holds it by a latch. */
      readonly isLatched: boolean
      /** Whether it hangs so far out, or is so thick, that it sags. */
      readonly isHeavy: boolean
      /** How long it is, mm; null where nobody says. */
      readonly length: number | null
      /** The rear slots that it takes, counted from the processor’s end. */
      readonly rows: readonly number[]
    }
  | ({
      readonly of: 'board'
      /** Where it is screwed down; null where nobody knows its holes. */
      readonly holes: readonly string[] | null
    } & Pick<Board, 'shield'>)
  | {
      readonly of: 'standoffs'
      /** How many are fitted. */
      readonly fitted: number
    }
  | ({
      readonly of: 'air'
      /** The filter before its place, and which way it comes out. */
      readonly filter: { readonly label: string; readonly slides: string } | null
    } & Air)
  | {
      readonly of: 'covers'
      /** The slots whose covers come off, counted from the processor’s end. */
      readonly rows: readonly number[]
    }
  | {
      readonly of: 'panels'
      /** How many come off, and with how many screws; 0 and null where nobody says. */
      readonly count: number
      readonly screws: number | null
    }
  | {
      readonly of: 'old'
      readonly kind: PartKind
      /** The ends of other items that it was joined with. */
      readonly at: readonly EndRef[]
      /** Of what stays and goes to another place; null where it leaves. */
      readonly moves: OldMoves | null
    }
  | {
      readonly of: 'came'
      /** Whether it stays in the machine, at another place. */
      readonly isKept: boolean
      /** The seats that wait for it: those where it sits, and its own new one. */
      readonly seats: readonly string[]
    }
  | ({ readonly of: 'piece' } & Pick<PieceOff, 'piece' | 'screws' | 'then' | 'carries'>)

/** A plug or a part that comes out of one place because it goes to another. */
export interface OldMoves {
  readonly end: EndRef
  /** How the plug or the part is called. */
  readonly what: string
  readonly isSeat: boolean
}

/** A step as it is planned, before it is ordered and looked at. */
export interface PlannedStep {
  readonly id: string
  readonly kind: StepKind
  readonly items: readonly string[]
  readonly joints: readonly string[]
  /** What carries its progress: its joints, or its own id where it makes none. */
  readonly marks: readonly string[]
  readonly demand: string | null
  readonly face: Face | null
  /** Names for the sentences: what is moved, where to, and what is printed there. */
  readonly what: string
  readonly to: string
  readonly label: string
  /** Whether the step needs the board to be in the case: plugs of the cooler do not. */
  readonly onBoard: boolean
  readonly details: readonly string[]
  readonly manner: Manner | null
  /** The holes that its leads go through, one after the other, where that is known. */
  readonly through: readonly string[]
  readonly pose: Pose
  /** What its part has to be joined with and is not. */
  readonly lacks: readonly string[]
  /** Steps whose part, once seated, lies over what this step plugs: it has to come out again. */
  readonly under: readonly string[]
  /** Of a piece the joints that are made while it is off; of a trial those that it tries. */
  readonly opens: readonly string[]
}

/**
 * What keeps a step from being done until it is settled: a finding that stops or harms, a part that
 * has not come, a step that has to be done before.
 */
export type Hold =
  | { readonly of: 'finding'; readonly finding: string }
  | { readonly of: 'part'; readonly item: string; readonly name: string; readonly state: State }
  | { readonly of: 'step'; readonly step: string; readonly title: string; readonly reason: string }

/** The parts of the work, as the seam shows them. */
export const STEP_GROUPS = ['table', 'case', 'cables', 'cards', 'test'] as const
export type StepGroup = (typeof STEP_GROUPS)[number]

export interface Step extends PlannedStep {
  readonly group: StepGroup
  readonly title: string
  readonly does: readonly string[]
  readonly feel: string | null
  readonly why: string
  readonly cautions: readonly string[]
  readonly tools: readonly string[]
  readonly screws: readonly Screws[]
  readonly fasteners: readonly string[]
  readonly minutes: number
  readonly after: readonly {
    readonly step: string
    readonly title: string
    readonly reason: string
    readonly basis: EdgeBasis
  }[]
  readonly verdict: Verdict
  readonly findings: readonly string[]
  readonly progress: StepProgress
  readonly holds: readonly Hold[]
  /**
   * For a step that proves or closes: what was planned before it and is neither made nor crossed
   * off. Until it is, the step waits.
   */
  readonly gate: readonly { readonly step: string; readonly title: string }[]
  readonly places: readonly {
    readonly joint: string
    readonly title: string
    readonly progress: StepProgress
  }[]
}

/**
 * Hard facts cannot be otherwise; reach is about hands; what a card covers can be uncovered at a
 * price; habit is a choice with a reason; a pin is yours.
 */
export type EdgeBasis = 'fact' | 'reach' | 'cover' | 'habit' | 'pin'
export interface Edge {
  readonly before: string
  readonly after: string
  readonly reason: string
  readonly basis: EdgeBasis
  readonly rule: string
  /** A habit that only what is put by hand goes against. */
  readonly isFirm?: boolean
}
