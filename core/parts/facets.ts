// What people choose by when they look for a part of a kind: figures to bound, words to choose
// among.
import type { Unit } from '../figures/units'

/** `path` is the field's, members of a list as `*`; label and unit are the figure's where null. */
export interface Facet {
  readonly path: string
  readonly label: string | null
  readonly unit: Unit | null
  readonly takes: 'words' | 'amount'
}

export const words = (path: string, label: string): Facet => ({
  path,
  label,
  unit: null,
  takes: 'words',
})

/** A figure of the part, or a plain number in a unit. */
export const amount = (
  path: string,
  label: string | null = null,
  unit: Unit | null = null,
): Facet => ({ path, label, unit, takes: 'amount' })
