// The screws that machines take, each thread and length once, as they are drawn in their true size.
import { compareBy } from '../collections/compare'
import { SCREW_LOOKS, SCREW_USES, SCREWS, STANDOFF_LOOKS } from '../standards/screws'

export interface DrawnScrew {
  readonly label: string
  /** Across its thread and its head, between two turns, and how long below the head, mm. */
  readonly across: number
  readonly head: number
  readonly pitch: number
  readonly long: number
}
export interface ScrewSheet {
  readonly screws: readonly DrawnScrew[]
  /** Across its flats, and how far it holds a board off, mm. */
  readonly standoff: { readonly flats: number; readonly high: number }
}

const screws = new Map(
  SCREW_USES.flatMap((use): readonly (readonly [string, DrawnScrew])[] => {
    const { thread, long } = SCREWS[use]
    if (thread === 'M3 or 6-32 UNC' || long === null) return []
    const label = `${thread} × ${long} mm`
    return [[label, { label, long, ...SCREW_LOOKS[thread] }]]
  }),
)
export const SCREW_SHEET: ScrewSheet = {
  screws: [...screws.values()].sort(compareBy(s => s.label)),
  standoff: STANDOFF_LOOKS,
}
