// What a reason for an order is, and the groups of steps that reasons speak of.
import { itemsOfJoint } from '../../ids/ids'
import type { Habits } from '../habits'
import type { Practised } from '../step-words/words'
import type { EdgeBasis, PlannedStep, StepKind } from '../step'

export interface Reason {
  readonly rule: string
  readonly basis: EdgeBasis
  readonly before: readonly StepKind[]
  readonly after: readonly StepKind[]
  readonly reason: (before: PlannedStep, after: PlannedStep) => string
  /** A habit that every order keeps, whatever it costs: only what is put by hand goes against it. */
  readonly isFirm?: true
  /** Narrows the pairs; all pairs when it is left out. */
  readonly when?: (before: PlannedStep, after: PlannedStep) => boolean
  /** Habits of some schools only. */
  readonly of?: (school: Habits) => boolean
  /** Only where it was chosen so, or not otherwise. */
  readonly by?: (practised: Practised) => boolean
}

export const PLUGS: readonly StepKind[] = [
  'small-plug',
  'panel',
  'fan-plug',
  'data-plug',
  'power-plug',
]
export const ON_BOARD: readonly StepKind[] = [
  'jumpers',
  'processor',
  'm2',
  'memory',
  'cooler',
  'cooler-plug',
  'retainer',
]
export const SEATS: readonly StepKind[] = [
  'board-in',
  'supply-in',
  'fan',
  'radiator',
  'drive',
  'bracket',
  'hub',
  'strip',
  'card',
]
export const IN_CASE: readonly StepKind[] = [
  'piece-off',
  'standoffs',
  'shield',
  'covers',
  'mains-switch',
  ...SEATS,
]
export const MAKES: readonly StepKind[] = [
  ...ON_BOARD,
  ...IN_CASE,
  ...PLUGS,
  'supply-cables',
  'lay-lead',
  'firmware',
  'bench-clear',
]
/** What comes out of the machine. */
export const COMES_OUT: readonly StepKind[] = ['old-out', 'came-out']
export const HERE: readonly StepKind[] = ['bench-start', 'bench-clear']

export const isOnTable = ({ pose }: PlannedStep): boolean => pose === 'table'
export const share = (before: PlannedStep, after: PlannedStep): boolean =>
  before.joints.some(j => after.joints.some(k => itemsOfJoint(k).includes(plugItemOf(j))))
export const plugItemOf = (joint: string): string => itemsOfJoint(joint)[0] ?? ''
export const sameFirst = (before: PlannedStep, after: PlannedStep): boolean =>
  before.items.includes(after.items[0] ?? '')
export const sameItem = (before: PlannedStep, after: PlannedStep): boolean =>
  after.items.includes(before.items.at(-1) ?? '')
