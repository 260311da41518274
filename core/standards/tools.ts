// What a figure is taken with, and how finely it can be read. Named choices.
import type { Unit } from '../figures/units'

/** How finely a careful person reads a figure of this unit. */
export const READS_TO: Partial<Record<Unit, number>> = {
  mm: 0.5,
  g: 5,
  W: 1,
  A: 0.01,
  V: 0.01,
  pcs: 1,
}
/** Up to here a pocket caliper opens, and from here on a steel rule ends, mm. */
const CALIPER = 150
const RULE = 300

/**
 * The tool for a figure of about this size, where it matters to `within`: null when no accuracy is
 * known to matter.
 */
export function toolFor(unit: Unit, value: number | null, within: number | null): string {
  if (unit === 'mm') {
    if (value !== null && value > RULE) return 'a tape measure'
    return within !== null && within < 1 && (value === null || value <= CALIPER)
      ? 'a caliper'
      : 'a steel rule'
  }
  if (unit === 'pcs') return 'your eyes: count'
  if (unit === 'g') return 'a kitchen scale'
  if (unit === 'W' || unit === 'A' || unit === 'V') return 'its label'
  return 'its label or its sheet'
}
