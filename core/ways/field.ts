// A case with what stands in it, as leads see it: rooms joined by holes, bodies to go around, and
// stretches that are better left free.
import type { Layout } from '../case/layout'
import { oncePer } from '../collections/once'
import type { Box } from '../geometry/space'

/** A stretch of space in which a lead is worse than elsewhere, or better than around it. */
export interface Zone {
  readonly box: Box
  /** What a millimetre of lead counts there beyond its length; less than 0 in a channel. */
  readonly weight: number
  /** Whether a hand leads out of it square to its edge. */
  readonly isLeftSquare?: true
}

export interface Field {
  readonly layout: Layout
  readonly bodies: readonly Box[]
  readonly zones: readonly Zone[]
}

const NOTHING: readonly never[] = []

/** The same space where nothing but length counts. */
export const plainOf = oncePer((field: Field): Field =>
  field.zones.length === 0 ? field : { ...field, zones: NOTHING },
)

/** The case of a field without what stands in it. */
export const emptied = oncePer((field: Field): Field => openField(field.layout))

/** A case as it is while nobody knows what sits where: ways through it are no longer than others. */
export const openField = (layout: Layout): Field => ({ layout, bodies: NOTHING, zones: NOTHING })
