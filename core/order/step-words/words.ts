// What is told of a step: the words, what it should feel like, what can go wrong, with what.
import type { PlannedStep } from '../step'

export interface StepWords {
  readonly title: (s: PlannedStep) => string
  readonly does: (s: PlannedStep) => readonly string[]
  readonly feel?: (s: PlannedStep) => string | null
  readonly why: string
  readonly cautions?: readonly string[] | ((s: PlannedStep) => readonly string[])
  readonly tools?: readonly string[]
  readonly fasteners?: readonly string[] | ((s: PlannedStep) => readonly string[])
  readonly minutes: number | ((s: PlannedStep) => number)
}

export const SCREWDRIVER = 'Phillips screwdriver'
export const EDGES = 'Hold parts by their edges, never by contacts.'
