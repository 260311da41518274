// What lies behind the tray one over the other, where the chamber or a channel has to hold it.
import { at } from '../collections/at'
import type { Channel } from '../case/layout'
import type { Box, Vec3 } from '../geometry/space'
import { thicknessOf } from '../ways/heads'
import type { LaidLead } from './lay-lead'
import { lengthIn, lengthOf, stretchesOf } from './stretches'

/** What has to hold leads behind the tray: a channel, by its number, or the room beside all of them. */
export type Holder = number | 'beside'

export interface Stack {
  readonly holder: Holder
  readonly leads: readonly LaidLead[]
  /** What lies there one over the other, mm. */
  readonly thick: number
}

/** Named choice: so far a lead lies beside the channels to get into one and out of it, mm. */
const GETTING_IN = 60

interface Behind {
  readonly lead: LaidLead
  readonly thick: number
  readonly ways: readonly (readonly Vec3[])[]
  readonly holders: readonly Holder[]
}

/**
 * The thickest that each place behind the tray has to hold: the thickest lead by itself, or with one
 * that crosses it. O(leads² · corners²) over those behind the tray.
 */
export function stacksBehind(
  leads: readonly LaidLead[],
  channels: readonly Channel[],
): readonly Stack[] {
  const most = new Map<Holder, Stack>()
  const put = (stack: Stack): void => {
    if (stack.thick > (most.get(stack.holder)?.thick ?? 0)) most.set(stack.holder, stack)
  }
  const behind = leads.flatMap(lead => behindOf(lead, channels))
  for (const [i, one] of behind.entries()) {
    for (const holder of one.holders) put({ holder, leads: [one.lead], thick: one.thick })
    for (const other of behind.slice(i + 1)) {
      if (one.lead.cable === other.lead.cable) continue
      const thick = one.thick + other.thick
      for (const spot of crossingsOf(one, other))
        put({ holder: holderAt(channels, spot), leads: [one.lead, other.lead], thick })
    }
  }
  return [...most.values()]
}

/** A lead as it lies behind the tray; none where it does not. */
function behindOf(lead: LaidLead, channels: readonly Channel[]): readonly Behind[] {
  const stretches = stretchesOf(lead.reach?.way.points ?? [])
  const ways = stretches.filter(s => s.side === 'behind').map(s => s.points)
  if (ways.length === 0) return []
  const within = channels.map(channel =>
    ways.reduce((sum, points) => sum + lengthIn(points, throughout(channel)), 0),
  )
  const beside = ways.reduce((sum, points) => sum + lengthOf(points), 0) - sumOf(within)
  const isIn = within.flatMap((mm, i) => (mm > 0 ? [i] : []))
  const isBeside = isIn.length === 0 || beside > GETTING_IN
  return [
    {
      ...{ lead, ways, thick: thicknessOf(lead.plug.end.face) },
      holders: isBeside ? ['beside', ...isIn] : isIn,
    },
  ]
}

const sumOf = (list: readonly number[]): number => list.reduce((sum, n) => sum + n, 0)
/** A channel however deep it is: a lead that lies in it may stand out of it. */
export const throughout = ({ min, max }: Channel): Box => ({
  min: [min[0], min[1], -Infinity],
  max,
})

export const holderAt = (channels: readonly Channel[], [x, y]: Spot): Holder => {
  const found = channels.findIndex(
    ({ min, max }) => x >= min[0] && x <= max[0] && y >= min[1] && y <= max[1],
  )
  return found < 0 ? 'beside' : found
}

export type Spot = readonly [x: number, y: number]
type Leg = readonly [Vec3, Vec3]

const crossingsOf = (one: Behind, other: Behind): readonly Spot[] =>
  one.ways.flatMap(a => other.ways.flatMap(b => crossings(a, b)))

const crossings = (a: readonly Vec3[], b: readonly Vec3[]): readonly Spot[] =>
  a.slice(1).flatMap((to, i) =>
    b.slice(1).flatMap((end, k) => {
      const spot = crossing([at(a, i), to], [at(b, k), end])
      return spot ? [spot] : []
    }),
  )

/** Where two legs cross as seen from the side; what only touches lies beside. */
function crossing([a, b]: Leg, [c, d]: Leg): Spot | null {
  const side = (p: Vec3, q: Vec3, r: Vec3): number =>
    (q[0] - p[0]) * (r[1] - p[1]) - (q[1] - p[1]) * (r[0] - p[0])
  const [ofA, ofB] = [side(c, d, a), side(c, d, b)]
  if (side(a, b, c) * side(a, b, d) >= 0 || ofA * ofB >= 0) return null
  const share = ofA / (ofA - ofB)
  return [a[0] + (b[0] - a[0]) * share, a[1] + (b[1] - a[1]) * share]
}
