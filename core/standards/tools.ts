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
  if (unit !== 'mm') return TOOLS[unit] ?? 'its label or its sheet'
  if (value !== null && value > RULE) return 'a tape measure'
  const finely = within !== null && within < 1
  return finely && (value ?? 0) <= CALIPER ? 'a caliper' : 'a steel rule'
}
const TOOLS: Partial<Record<Unit, string>> = {
  pcs: 'your eyes: count',
  g: 'a kitchen scale',
  W: 'its label',
  A: 'its label',
  V: 'its label',
}
