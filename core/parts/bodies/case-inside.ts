// The inside of a case as figures: how long it is each way, and places counted from its walls.
import { ARCHETYPE, type Inner } from '../../case/layout'
import { fact, of as ofLeaf, type Sum } from '../../figures/quantity'
import { assume, defaultTolerance, type Basis } from '../../figures/units'
import type { Case } from '../case-schema'
import type { Measure } from './solid'

export const SIDES = ['x', 'y', 'z'] as const
export type Side = (typeof SIDES)[number]
/** Named choice: how far an archetype's own inside may be off where nobody states it, mm. */
const UNKNOWN_INSIDE = { x: 60, y: 60, z: 25, behind: 20 }

/** One inner length of a case, mm: as stated, else as such cases have it. */
export function inner(part: Case, of: Measure, side: keyof Inner): Sum {
  const typical = ARCHETYPE[part.archetype].typical[side]
  return of(`inner.${side}`, assume(typical, 'mm', UNKNOWN_INSIDE[side]))
}

/** A place along one axis, from the rear wall, the floor or the tray. */
export const placeOf = (ref: string, label: string, mm: number, basis: Basis): Sum =>
  ofLeaf(
    fact(`${ref}:${mm}`, label, 'mm', { value: mm, basis, tol: defaultTolerance('mm', mm, basis) }),
  )
