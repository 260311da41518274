// The build orders a person can choose: careful people differ, and each way has its reasons.

export const BUILD_ORDERS = [
  'board-first',
  'supply-first',
  'supply-last',
  'card-early',
  'proof-first',
  'milestones',
] as const
export type BuildOrder = (typeof BUILD_ORDERS)[number]

/** What is weighed against each other, in minutes. */
export const WEIGHTS = ['turn', 'tool', 'habit', 'twice', 'proof', 'lost'] as const
export type WeightName = (typeof WEIGHTS)[number]
export const WEIGHT: Record<WeightName, { readonly label: string; readonly most: number }> = {
  turn: { label: 'a turn of the case', most: 60 },
  tool: { label: 'a change of tool', most: 60 },
  habit: { label: 'a habit that is broken', most: 60 },
  twice: { label: 'a minute of work done twice', most: 60 },
  proof: { label: 'a minute until the first start', most: 10 },
  lost: { label: 'a minute lost to a fault, on average', most: 60 },
}

/** What each is called, and why one does it so. */
export const BUILD_ORDER: Record<BuildOrder, { readonly label: string; readonly says: string }> = {
  'board-first': { label: 'Board first', says: 'supply after the board: room for hands' },
  'supply-first': {
    label: 'Supply first',
    says: 'everything needs it; the processor’s lead lies before the gap closes',
  },
  'supply-last': {
    label: 'Supply last',
    says: 'small leads first, its cables hang over nothing',
  },
  'card-early': { label: 'Card early', says: 'its lead must pass before the others' },
  'proof-first': { label: 'Proof first', says: 'started on the table with the least possible' },
  milestones: {
    label: 'Start by stages',
    says: 'started in the case as soon as it can be, and again with its drives, and whole',
  },
}
