// What a build order means for the steps: all are habits and weights over one problem.
import type { BuildOrder, WeightName } from '../document/build-orders'

export interface Habits {
  readonly supply: 'first' | 'after board' | 'last'
  readonly card: 'early' | 'late'
  /** Whether the processor's power lead is laid behind the tray before the board goes in. */
  readonly lead: 'early' | 'late'
  readonly proof: 'on the table' | 'in the case' | 'when all is in'
  readonly weights: Weights
}

/**
 * What a broken habit, a turn of the case, a change of tool, a minute done twice, a minute before
 * the first proof and a minute of looking for a fault cost, in minutes.
 */
export type Weights = Readonly<Record<WeightName, number>>

/** Named choices. */
const USUAL: Weights = { habit: 3, turn: 2, tool: 0.5, twice: 2, proof: 0.02, lost: 1 }

/** The weights of a build order, where a person did not set others. */
export const weightsOf = ({
  school,
  weights,
}: {
  readonly school: BuildOrder
  readonly weights: Partial<Record<WeightName, number>> | undefined
}): Weights => ({ ...HABITS[school].weights, ...weights })

export const HABITS: Record<BuildOrder, Habits> = {
  'board-first': {
    supply: 'after board',
    card: 'late',
    lead: 'late',
    proof: 'when all is in',
    weights: USUAL,
  },
  'supply-first': {
    supply: 'first',
    card: 'late',
    lead: 'early',
    proof: 'when all is in',
    weights: USUAL,
  },
  'supply-last': {
    supply: 'last',
    card: 'late',
    lead: 'late',
    proof: 'when all is in',
    weights: USUAL,
  },
  'card-early': {
    supply: 'first',
    card: 'early',
    lead: 'early',
    proof: 'when all is in',
    weights: { ...USUAL, habit: 20 },
  },
  'proof-first': {
    supply: 'after board',
    card: 'late',
    lead: 'late',
    proof: 'on the table',
    weights: { ...USUAL, proof: 0.5 },
  },
  milestones: {
    supply: 'first',
    card: 'late',
    lead: 'early',
    proof: 'in the case',
    weights: { ...USUAL, proof: 0.5 },
  },
}
