// Schools of order: careful people differ, and each way has its reasons. All are weights and habits over one problem.

export const ORDER_SCHOOLS = [
  'board-first',
  'supply-first',
  'supply-last',
  'card-early',
  'proof-first',
] as const
export type OrderSchoolName = (typeof ORDER_SCHOOLS)[number]

export interface OrderSchool {
  readonly label: string
  readonly says: string
  readonly supply: 'first' | 'after board' | 'last'
  readonly card: 'early' | 'late'
  /** Whether the processor's power lead is laid behind the tray before the board goes in. */
  readonly lead: 'early' | 'late'
  readonly proof: 'on the table' | 'when all is in'
  readonly weights: Weights
}

/** What a broken habit, a turn of the case, a change of tool, a minute done twice and a minute before the first proof cost, in minutes. */
export interface Weights {
  readonly habit: number
  readonly turn: number
  readonly tool: number
  readonly twice: number
  readonly proof: number
}

/** Named choices. */
const USUAL: Weights = { habit: 3, turn: 2, tool: 0.5, twice: 2, proof: 0.02 }

export const ORDER_SCHOOL: Record<OrderSchoolName, OrderSchool> = {
  'board-first': {
    label: 'Board first',
    says: 'supply after the board: room for hands',
    supply: 'after board',
    card: 'late',
    lead: 'late',
    proof: 'when all is in',
    weights: USUAL,
  },
  'supply-first': {
    label: 'Supply first',
    says: 'everything needs it; the processor’s lead lies before the gap closes',
    supply: 'first',
    card: 'late',
    lead: 'early',
    proof: 'when all is in',
    weights: USUAL,
  },
  'supply-last': {
    label: 'Supply last',
    says: 'small leads first, its cables hang over nothing',
    supply: 'last',
    card: 'late',
    lead: 'late',
    proof: 'when all is in',
    weights: USUAL,
  },
  'card-early': {
    label: 'Card early',
    says: 'its lead must pass before the others',
    supply: 'first',
    card: 'early',
    lead: 'early',
    proof: 'when all is in',
    weights: { ...USUAL, habit: 20 },
  },
  'proof-first': {
    label: 'Proof first',
    says: 'started on the table with the least possible',
    supply: 'after board',
    card: 'late',
    lead: 'late',
    proof: 'on the table',
    weights: { ...USUAL, proof: 0.5 },
  },
}
