// What a cooler stands on, and how large such things usually are, mm.
import { SOURCE } from './sources'

/** How high the processor's lid stands over the board in its socket. */
export const LID = { mm: 8, tol: 1, source: SOURCE.assumed } as const

/** Named choices: a cooler of which nobody stated a size, within what is sold. */
export const USUAL_COOLER = {
  width: { mm: 110, tol: 40 },
  depth: { mm: 90, tol: 45 },
  height: { mm: 105, tol: 65 },
  /** From the lid up to the lowest fin. */
  under: { mm: 32, tol: 18 },
  source: SOURCE.practice,
} as const
