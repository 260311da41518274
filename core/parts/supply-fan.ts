// Where a supply's fan is: as stated, else as its form has it.
import type { SUPPLY_FANS } from '../standards/supplies'
import type { Supply } from './supply-schema'

export interface SupplyFanAt {
  readonly at: (typeof SUPPLY_FANS)[number]
  readonly assumed: boolean
}

/** Supplies of newer forms breathe through their large face; older and flat ones at their ends. */
export function fanOf({ fanAt, form }: Supply): SupplyFanAt {
  if (fanAt) return { at: fanAt, assumed: false }
  return { at: form === 'AT' || form === 'Flex' ? 'end' : 'large face', assumed: true }
}
