// The figures of a sequence, whatever build order made it: how long, how often turned, what twice.
import { FIRST_TIME_FACTOR } from '../standards/minutes'
import type { PlannedStep } from './step'

/** What the sequencing asks of a step besides its edges. */
export interface Timed extends PlannedStep {
  readonly minutes: number
  readonly tools: readonly string[]
}

export interface Pace {
  readonly minutes: number
  readonly firstTimeMinutes: number
  /** How often the work is turned: from the table into the case, to its back, upright. */
  readonly turns: number
  readonly toolChanges: number
  /** Steps that undo or repeat another. */
  readonly twice: number
  /** Minutes until something starts for the first time. */
  readonly firstProof: number
}

const PROOFS: readonly string[] = ['bench-start', 'first-power']
export const isProof = (s: PlannedStep): boolean => PROOFS.includes(s.kind)
export const toolOf = (s: Timed): string | null => s.tools[0] ?? null

export function paceOf(order: readonly Timed[]): Pace {
  const minutes = minutesOf(order)
  const proof = order.findIndex(isProof)
  return {
    minutes,
    firstTimeMinutes: minutes * FIRST_TIME_FACTOR,
    turns: changes(order.map(s => s.pose)),
    toolChanges: changes(order.flatMap(s => toolOf(s) ?? [])),
    twice: order.reduce((n, s) => n + repeats(s), 0),
    firstProof: proof < 0 ? minutes : minutesOf(order.slice(0, proof + 1)),
  }
}

const minutesOf = (order: readonly Timed[]): number => order.reduce((sum, s) => sum + s.minutes, 0)

/** How often a value is another than the one before. */
const changes = (values: readonly string[]): number =>
  values.filter((v, i) => i > 0 && v !== values[i - 1]).length

function repeats(s: Timed): number {
  if (s.kind === 'refit') return 1
  return s.kind === 'bench-clear' ? s.details.length : 0
}
