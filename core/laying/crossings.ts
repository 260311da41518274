// Where two leads lie over each other behind the tray: there the chamber has to hold both.
import { at } from '../collections/at'
import type { Vec3 } from '../geometry/space'
import { thicknessOf } from '../ways/heads'
import type { LaidLead } from './lay-lead'
import { stretchesOf } from './stretches'

export interface Crossing {
  readonly leads: readonly LaidLead[]
  /** What lies there one over the other, mm. */
  readonly thick: number
}

/**
 * The thickest that the chamber behind the tray has to hold: the thickest lead by itself, or with one
 * that crosses it; null where none lies there. O(leads² · corners²) over those behind the tray.
 */
export function thickestBehind(leads: readonly LaidLead[]): Crossing | null {
  const behind = leads.flatMap(lead => {
    const ways = stretchesOf(lead.reach?.way.points ?? []).filter(s => s.side === 'behind')
    const thick = thicknessOf(lead.plug.end.face)
    return ways.length > 0 ? [{ lead, thick, ways: ways.map(w => w.points) }] : []
  })
  let most: Crossing | null = null
  for (const [i, one] of behind.entries()) {
    if (one.thick > (most?.thick ?? 0)) most = { leads: [one.lead], thick: one.thick }
    for (const other of behind.slice(i + 1)) {
      const thick = one.thick + other.thick
      if (one.lead.cable === other.lead.cable || thick <= (most?.thick ?? 0)) continue
      if (one.ways.some(a => other.ways.some(b => crosses(a, b))))
        most = { leads: [one.lead, other.lead], thick }
    }
  }
  return most
}

const crosses = (a: readonly Vec3[], b: readonly Vec3[]): boolean =>
  a.slice(1).some((to, i) => b.slice(1).some((end, k) => cross([at(a, i), to], [at(b, k), end])))

type Leg = readonly [Vec3, Vec3]

/** Whether two legs cross as seen from the side; what only touches lies beside. */
function cross([a, b]: Leg, [c, d]: Leg): boolean {
  const side = (p: Vec3, q: Vec3, r: Vec3): number =>
    Math.sign((q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0]))
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0
}
