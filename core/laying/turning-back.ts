// Where a lead comes through the tray and turns back on its other side: the sharpest bend that a case
// asks of it.
import { at } from '../collections/at'
import type { Channel } from '../case/layout'
import type { Vec3 } from '../geometry/space'
import { connector, isMechanical } from '../connectors/connectors'
import { holderAt, type Holder } from './crossings'
import type { LaidLead } from './lay-lead'

export interface TurningBack {
  readonly lead: LaidLead
  /** The least radius of its middle, mm. */
  readonly bend: number
  readonly holder: Holder
  readonly at: Vec3
}

/** Named choice: steps so short say nothing of the way a lead goes, mm. */
const STEP = 5

/**
 * Every place at which a lead that bends by a radius of its own turns back behind the tray. What goes on
 * the way it came passes its hole at a slant and hardly bends. O(leads · corners).
 */
export const turningBack = (
  leads: readonly LaidLead[],
  channels: readonly Channel[],
): readonly TurningBack[] =>
  leads.flatMap(lead => {
    const { face } = lead.plug.end
    const bend = isMechanical(face) ? undefined : connector(face).lead.bend
    if (bend === undefined || lead.reach === null || lead.reach.isBlocked) return []
    return turnsBack(lead.reach.way.points).map(place => ({
      ...{ lead, bend, at: place },
      holder: holderAt(channels, [place[0], place[1]]),
    }))
  })

/** Where a way passes the tray (z = 0) and goes on against the way that it came. */
function turnsBack(points: readonly Vec3[]): readonly Vec3[] {
  return points.slice(1).flatMap((to, i) => {
    const from = at(points, i)
    if (from[2] >= 0 === to[2] >= 0) return []
    const before = points.slice(0, i + 1).findLast(p => asideOf(p, from) > STEP)
    const after = points.slice(i + 1).find(p => asideOf(p, to) > STEP)
    if (!before || !after) return []
    const along =
      (from[0] - before[0]) * (after[0] - to[0]) + (from[1] - before[1]) * (after[1] - to[1])
    return along < 0 ? [to] : []
  })
}

/** How far apart two points are as seen from the side, mm. */
const asideOf = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1])
