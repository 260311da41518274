// Cables of a modular supply: each that is used needs a socket of the supply, some need two, and
// cables for processors and for cards may share them.
import { at } from '../collections/at'
import { groupBy } from '../collections/groups'
import type { End } from '../parts/end'

/** A cable in use, and the sockets at the supply that take it. */
export interface CableAtSupply {
  readonly supply: string
  readonly cable: string
  /** The sockets, by key; any of them. */
  readonly into: readonly string[]
  readonly takes: number
}
/** Which sockets each cable has; or cables that want more than there are. */
export type AtSupply =
  | { readonly sockets: ReadonlyMap<string, readonly string[]> }
  | { readonly tooMany: readonly CableAtSupply[] }

/** A cable's name among those of all supplies. */
export const nameOfCable = ({ supply, cable }: Pick<CableAtSupply, 'supply' | 'cable'>): string =>
  `${supply} ${cable}`

/** The cable that an end hangs on, where it has to have a socket at its supply. */
export function cableAtSupply(item: string, lead: End['lead']): CableAtSupply | null {
  if (!lead?.atSupply || lead.chain === undefined) return null
  const { into, takes } = lead.atSupply
  return { supply: item, cable: lead.chain, into, takes }
}

/** Each cable of the list once, in the order of their names. */
export const eachOnce = (cables: readonly CableAtSupply[]): readonly CableAtSupply[] =>
  [...groupBy(cables, nameOfCable)]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([, same]) => at(same, 0))

/**
 * The cables of one supply put into its sockets, by augmenting paths: the first cable into the first
 * socket where that is possible. O(cables² · sockets).
 */
export function intoSockets(cables: readonly CableAtSupply[]): AtSupply {
  const rows = cables.flatMap(c => Array.from({ length: c.takes }, () => c))
  const holder = new Map<string, number>()
  for (const row of rows.keys()) {
    const seen = new Set<string>()
    if (placed(row, rows, holder, seen)) continue
    // All that competes for the sockets that were looked at: together they want more than these.
    const rivals = [...seen].flatMap(s => holder.get(s) ?? [])
    return { tooMany: eachOnce([row, ...rivals].map(i => at(rows, i))) }
  }
  const sockets = groupBy([...holder], ([, row]) => at(rows, row).cable)
  return {
    sockets: new Map([...sockets].map(([cable, own]) => [cable, own.map(([s]) => s).sort()])),
  }
}

/**
 * Puts a row into a free socket of its own, else into one whose cable can move; false where nothing
 * helps.
 */
function placed(
  row: number,
  rows: readonly CableAtSupply[],
  holder: Map<string, number>,
  seen: Set<string>,
): boolean {
  const { into } = at(rows, row)
  const free = into.find(socket => !holder.has(socket))
  if (free !== undefined) {
    holder.set(free, row)
    return true
  }
  for (const socket of into) {
    if (seen.has(socket)) continue
    seen.add(socket)
    if (!placed(holder.get(socket) ?? row, rows, holder, seen)) continue
    holder.set(socket, row)
    return true
  }
  return false
}

/** Named choice: so many sets of cables are told at once. */
const SETS = 200

/**
 * Sets of cables that are as many too many as a set that was found: each of its cables may be any
 * other that goes into the same sockets.
 */
export function likeSets(
  tooMany: readonly CableAtSupply[],
  all: readonly CableAtSupply[],
): readonly (readonly CableAtSupply[])[] {
  const kindOf = ({ supply, into, takes }: CableAtSupply): string =>
    `${supply} ${takes} ${into.join()}`
  const kin = groupBy(all, kindOf)
  let sets: readonly (readonly CableAtSupply[])[] = [[]]
  for (const [kind, own] of groupBy(tooMany, kindOf)) {
    const ways = choices(kin.get(kind) ?? own, own.length)
    sets = sets.flatMap(set => ways.map(way => [...set, ...way])).slice(0, SETS)
  }
  return sets
}

/** All choices of so many members, in their order. */
function choices<T>(members: readonly T[], many: number): readonly (readonly T[])[] {
  if (many === 0) return [[]]
  return members.flatMap((first, i) =>
    choices(members.slice(i + 1), many - 1).map(rest => [first, ...rest]),
  )
}
