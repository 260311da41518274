// What is told of a step: the words, what it should feel like, what can go wrong, with what.
import type { PracticeId } from '../../standards/practices'
import type { Screws } from '../../standards/screws'
import type { PlannedStep } from '../step'

/** What was chosen where careful people differ. */
export type Practised = Readonly<Partial<Record<PracticeId, string>>>

export interface StepWords {
  readonly title: (s: PlannedStep) => string
  readonly does: (s: PlannedStep, chosen: Practised) => readonly string[]
  readonly feel?: (s: PlannedStep) => string | null
  readonly why: string
  readonly cautions?: readonly string[] | ((s: PlannedStep) => readonly string[])
  readonly tools?: readonly string[]
  readonly screws?: (s: PlannedStep, chosen: Practised) => readonly Screws[]
  readonly minutes: number | ((s: PlannedStep) => number)
}

export const SCREWDRIVER = 'Phillips screwdriver'
export const EDGES = 'Hold parts by their edges, never by contacts.'
