// The side of a supply that its sockets are on: where each of them lies in the case, and which of like
// sockets a cable goes into.
import type { Wall } from '../case/air'
import { groupBy } from '../collections/groups'
import { add, cross, dot, place, scale, type Box, type Frame, type Vec3 } from '../geometry/space'
import { counted } from './scarce'
import type { CableAtSupply } from './supply-sockets'
import { assign, type Pairing } from '../matching/assignment'

/** The side of the plugs as one looks at it: from its lower left corner to the right, up, outward. */
export interface PlugSide extends Frame {
  readonly width: number
  readonly height: number
}

/** The side of a body, mm, that looks along `out`, with `up` upward. */
export function plugSideOf({ min, max }: Box, out: Vec3, up: Vec3): PlugSide {
  const right = cross(up, out)
  const towards = add(out, scale(add(right, up), -1))
  const corner = (axis: 0 | 1 | 2): number => (towards[axis] > 0 ? max[axis] : min[axis])
  const size = add(max, scale(min, -1))
  return {
    origin: [corner(0), corner(1), corner(2)],
    axes: [right, up, out],
    width: Math.abs(dot(size, right)),
    height: Math.abs(dot(size, up)),
  }
}

/** Where a socket lies in the case that is so far from the left and from the lower edge, mm. */
export const onSide = (side: PlugSide, [across, up]: readonly [number, number]): Vec3 =>
  place(side, [across, up, 0])

/** A socket of a supply: where on its side, where in the case, and what a hand lacks there, mm. */
export interface SocketOnSide extends SocketThere {
  readonly label: string
  readonly onSide: readonly [across: number, up: number]
}
export interface SideOfPlugs {
  readonly side: PlugSide
  /** The wall that its fan looks at, which is below as one looks at the plugs; null without one. */
  readonly fan: Wall | null
  readonly sockets: readonly SocketOnSide[]
}
/** By supply; none where it is not known how it lies, or where one of its sockets is. */
export type PlugSides = ReadonlyMap<string, SideOfPlugs>
export const NO_SIDES: PlugSides = new Map()

/** A socket of a supply in its case. */
export interface SocketThere {
  readonly key: string
  readonly at: Vec3
  /** How much of a hand's room something else takes there, mm. */
  readonly lacks: number
}
/** A lead that begins at a supply. */
export interface LeadThere {
  /** How much it needs from a place at the supply to where it goes, mm; null: not known. */
  readonly way: (from: Vec3) => number | null
  /** How long it is, mm; null where that is not stated. */
  readonly mm: number | null
}
export interface CableThere extends CableAtSupply {
  /** Up to its first plug in use, or to the pieces of that. */
  readonly leads: readonly LeadThere[]
}

/** Named choice: for each mm that a hand lacks, so many mm of a lead are given. */
const PER_LACK = 5
/** Costs are told apart by tenths of a millimetre; a cable in no socket costs more than all others. */
const TENTHS = 10
const LEFT_OUT = 1e7

/**
 * The sockets of each cable: of all ways to put them in, the one that leaves most room for the hand and
 * takes the least of all leads together, by their shortest ways. Null where not all find one.
 * O(cables² · sockets).
 */
export function bestSockets(
  cables: readonly CableThere[],
  sockets: readonly SocketThere[],
): ReadonlyMap<string, readonly string[]> | null {
  const rows = cables.flatMap(c => Array.from({ length: c.takes }, () => c))
  const pairs = rows.map((cable, row) =>
    sockets.flatMap((socket, column): readonly Pairing[] =>
      cable.into.includes(socket.key) ? [{ row, column, cost: costOf(cable, socket) }] : [],
    ),
  )
  const { chosen } = assign({
    pairs,
    freeRow: rows.map(() => LEFT_OUT),
    freeColumn: sockets.map(() => 0),
  })
  if (chosen.length < rows.length) return null
  const taken = groupBy(chosen, ({ row }) => rows[row]?.cable ?? '')
  return new Map(
    [...taken].map(([cable, own]) => [
      cable,
      own
        .map(p => p.column)
        .sort((a, b) => a - b)
        .flatMap(column => sockets[column]?.key ?? []),
    ]),
  )
}

function costOf({ leads }: CableThere, { at, lacks }: SocketThere): number {
  const lengths = leads.reduce((sum, { way, mm }) => sum + counted(way(at) ?? 0, mm), 0)
  return Math.round((lengths + PER_LACK * lacks) * TENTHS)
}
