// One plug weighed against one socket: whether they go together, what that costs and what it shuts.
import { plus } from '../figures/quantity'
import { gravity, type Verdict } from '../figures/verdict'
import type { Frame, Vec3 } from '../geometry/space'
import type { EndRef } from '../ids/ids'
import type { Candidate } from '../matching/candidate'
import type { Cost } from '../matching/cost'
import { GUARDED_PUMP, ownLead } from '../parts/end'
import { isChained } from './chains'
import { shutBy, type Shut } from './cover'
import { ownSockets } from './exits'
import type { EndOf, Short } from './joint'
import type { Field } from '../ways/field'
import { mate } from './mate'
import { stationOf } from './places'
import type { PlugSides } from './plug-field'
import { nearestWay, pointsAt, type WayFound } from './ways'

/**
 * Two ends weighed against each other. They are named, not held: a figure of theirs that changes
 * nothing here changes nothing.
 */
export interface Weighed {
  readonly plug: EndRef
  readonly socket: EndRef
  /** Null when the two do not go together, or go together and should not. */
  readonly candidate: Candidate | null
  readonly shuts: readonly Shut[]
  readonly reason: string | null
  /** What would happen where the plug goes in and should not. */
  readonly lookAlike: string | null
  readonly short: Short | null
}

/**
 * Every place that a part could take: one frame a way to sit, by item and by plug that sits in a
 * seat. A loose part has none.
 */
export type Places = ReadonlyMap<string, readonly Frame[]>

/** Where things could be while pairs are weighed. */
export interface Whereabouts {
  readonly places: Places
  /** Where the sockets of supplies are: only once it is known what sits where. */
  readonly sides: PlugSides
  readonly field: Field | null
  /** Whether the length of the way counts: only once it is known what sits where. */
  readonly lengths: boolean
}
/** A plug or a socket with the places it could have. */
export interface Placed {
  readonly end: EndOf
  readonly where: readonly Frame[]
}
export interface PlacedPlug extends Placed {
  /** The places where its lead could begin. */
  readonly starts: readonly Vec3[]
  /** By how much it may begin nearer to wherever it goes, mm. */
  readonly nearer: number
}
export interface PlacedSocket extends Placed {
  /** The ends of the socket's part that a seat here could shut. */
  readonly siblings: readonly EndOf[]
}

interface How extends Pick<Whereabouts, 'field' | 'lengths'> {
  readonly isPinned: boolean
}

const NOWHERE: readonly Frame[] = []
export const placesOfEnd = (
  { places }: Pick<Whereabouts, 'places'>,
  end: EndOf,
): readonly Frame[] => places.get(stationOf(end)) ?? NOWHERE

/**
 * A plug with the places it could have. While it is not known which way up its supply lies, its cable
 * begins in the middle of the side, or so much nearer as the farthest of its sockets is from there.
 */
export function placedPlug(
  end: EndOf,
  { places, sides }: Pick<Whereabouts, 'places' | 'sides'>,
): PlacedPlug {
  const where = placesOfEnd({ places }, end)
  const own = ownSockets(sides, end).map(s => s.at)
  if (own.length > 0) return { end, where, starts: own, nearer: 0 }
  const { lead } = end.end
  const starts = lead ? pointsAt(where, lead.exit) : []
  return { end, where, starts, nearer: lead?.atSupply?.fromMiddle ?? 0 }
}

/**
 * One pair weighed; null where the two have nothing to do with each other. What a hand has joined
 * counts whatever speaks against it.
 */
export function weigh(plug: PlacedPlug, socket: PlacedSocket, how: How): Weighed | null {
  const { field, lengths, isPinned } = how
  const mating = mate(plug.end, socket.end)
  if (!mating) return null
  const none: Weighed = {
    plug: plug.end.ref,
    socket: socket.end.ref,
    shuts: [],
    reason: null,
    lookAlike: null,
    short: null,
    candidate: null,
  }
  if (!mating.ok) return { ...none, reason: mating.reason }
  if (!isPinned) {
    if (isBad(mating.verdict)) return { ...none, lookAlike: mating.note }
    if (isHalfOfMore(plug.end, socket.end)) return null
  }
  const way = wayOf(plug, socket, field)
  if (way && way.reason !== null && !isPinned)
    return { ...none, reason: way.reason, short: way.short }
  return { ...none, ...asCandidate(plug, socket, { way, lengths, verdict: mating.verdict }) }
}

interface Candidacy {
  readonly way: WayFound | null
  readonly lengths: boolean
  readonly verdict: Verdict
}

/** A pair that may be joined, with what it costs and what it shuts. */
function asCandidate(
  plug: PlacedPlug,
  socket: PlacedSocket,
  { way, lengths, verdict }: Candidacy,
): Pick<Weighed, 'candidate' | 'shuts'> {
  const shuts = shutBy(plug.end, socket.end, socket.siblings)
  const mm = lengths && !isChained(plug.end) ? lengthOf(plug, way) : 0
  return {
    candidate: {
      plug: plug.end.ref,
      socket: socket.end.ref,
      cost: costOf(plug.end, socket.end, gravity(verdict), mm),
      ...(shuts.length > 0 ? { shuts: shuts.map(s => s.ref) } : {}),
    },
    shuts,
  }
}

const isBad = (verdict: Verdict): boolean => verdict === 'harm' || verdict === 'stop'

/**
 * Whether a half of a plug would go where its whole does: one whole is plugged, and another socket
 * stays open, before two halves are.
 */
const isHalfOfMore = ({ end: plug }: EndOf, { end: socket }: EndOf): boolean =>
  plug.among?.how === 'whole-or-split' && !plug.among.whole && plug.face !== socket.face

/**
 * Named choice: what has found no place itself comes after all that has, as if it lay so far away,
 * mm.
 */
const UNPLACED = 5000
const lengthOf = (plug: Placed, way: WayFound | null): number =>
  plug.where.length === 0 ? UNPLACED : (way?.mm ?? 0)

/** Named choice: one size wasted weighs as much as so many places further down. */
const WASTE = 10

/**
 * A cost from the mating's gravity, whether the purpose fits, how well the size and the ranks do,
 * and the way's length.
 */
function costOf(plug: EndOf, socket: EndOf, grave: number, mm: number): Cost {
  // A slot names its own size first: a short card in a long slot is a waste of it.
  const size = plug.end.traits.size?.[0]
  const waste = size === undefined ? 0 : Math.max(0, socket.end.traits.size?.indexOf(size) ?? 0)
  // Which plug of a cable it is follows from the chain; a plug that shares its cable comes after
  // one that has its own.
  const along = isChained(plug) ? 1 : plug.end.rank
  const rank = socket.end.rank + along + waste * WASTE
  const purpose = strangeness(plug.end, socket.end) + paceLost(plug.end, socket.end)
  return [0, 0, 0, 0, 0, grave, purpose, rank, Math.round(mm)]
}

/** What a fast plug loses in a slower socket, GB/s: the faster drive gets the faster socket. */
const paceLost = (plug: EndOf['end'], socket: EndOf['end']): number =>
  plug.pace === null || socket.pace === null ? 0 : Math.ceil(Math.max(0, plug.pace - socket.pace))

/**
 * How far a socket's purpose is from the plug's, 0 where it is the same or one of them has none. A
 * pump wants full speed: what follows other fans comes last.
 */
function strangeness(plug: EndOf['end'], socket: EndOf['end']): number {
  const [wanted, offered] = [plug.role, socket.role]
  if (wanted === null || wanted === offered) return 0
  const order = WANTED[wanted]
  if (order) return order[offered ?? 'any'] ?? ELSEWHERE
  return offered === null ? 0 : 1
}

/** How little a plug of a fan or a pump wants headers that are meant for something else. */
const WANTED: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  pump: { optional: 1, case: 2, any: 2, processor: 3, hub: 4 },
  // On the processor's header the board sees a pump that stands still, and stops.
  [GUARDED_PUMP]: { processor: 0, pump: 5, optional: 5, case: 6, any: 6, hub: 7 },
  processor: { optional: 1, any: 1, case: 2, pump: 3, hub: 4 },
  outside: { any: 0, 'fast port': 0, 'inner socket': 5 },
  'slow port': { any: 0, 'fast port': 4, 'inner socket': 5 },
  'inner socket': { any: 2, 'fast port': 2 },
  case: { hub: 0, any: 0, optional: 1, pump: 2, processor: 3 },
}
const ELSEWHERE = 5

/**
 * The shortest way a hanging plug could have to go, over all places its part and the socket's could
 * take; null where no place is known.
 */
function wayOf(plug: PlacedPlug, socket: PlacedSocket, field: Field | null): WayFound | null {
  const { lead } = plug.end.end
  const { at } = socket.end.end
  if (!field || !lead || !at || plug.where.length === 0 || socket.where.length === 0) return null
  const own = ownLead(socket.end.end)
  return nearestWay(field, {
    from: plug.starts,
    nearer: plug.nearer,
    to: pointsAt(socket.where, at),
    length: own ? plus(lead.length, own) : lead.length,
    plug: plug.end.end,
    line: plug.end.end.label,
    goal: socket.end.end.label,
    refs: [plug.end.ref, socket.end.ref],
  })
}
