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
  /** Minutes that a fault costs on average: found at a start, it is looked for back to the last one. */
  readonly lost: number
}

/**
 * Named choices: how often a step that joins something is done wrongly, and how long one is looked
 * over for the fault, minutes.
 */
const FAULT = { chance: 0.01, minutes: 2 } as const
/** What is lost on average at a start after so many steps, by their square: half of them are looked over. */
export const LOST_BY_SQUARE = (FAULT.chance * FAULT.minutes) / 2
const lostAt = (steps: number): number => steps * steps * LOST_BY_SQUARE

const PROOFS: readonly string[] = ['bench-start', 'milestone', 'first-power']
export const isProof = (s: PlannedStep): boolean => PROOFS.includes(s.kind)
/** Whether a start has to prove it. */
export const joins = (s: PlannedStep): boolean => s.joints.length > 0
export const toolOf = (s: Timed): string | null => s.tools[0] ?? null

/** In one pass: the sequencing asks it of every order that it tries. */
export function paceOf(order: readonly Timed[]): Pace {
  let [minutes, turns, toolChanges, twice, lost, untried] = [0, 0, 0, 0, 0, 0]
  let firstProof: number | null = null
  let tool: string | null = null
  let pose = order[0]?.pose
  for (const step of order) {
    minutes += step.minutes
    twice += repeats(step)
    if (step.pose !== pose) turns += 1
    pose = step.pose
    const own = toolOf(step)
    if (own !== null && tool !== null && own !== tool) toolChanges += 1
    tool = own ?? tool
    if (joins(step)) untried += 1
    if (!isProof(step)) continue
    firstProof ??= minutes
    lost += lostAt(untried)
    untried = 0
  }
  lost += lostAt(untried)
  const firstTimeMinutes = minutes * FIRST_TIME_FACTOR
  const trial = firstProof ?? minutes
  return { minutes, firstTimeMinutes, turns, toolChanges, twice, firstProof: trial, lost }
}

function repeats(s: Timed): number {
  if (s.kind === 'refit') return 1
  return s.kind === 'bench-clear' ? s.details.length : 0
}
