// Lines from the very sockets that their cables go into: each cable into one from which its leads get
// where they go, of those the best for all cables together.
import { at } from '../collections/at'
import { groupBy } from '../collections/groups'
import { valueOf } from '../figures/quantity'
import { add, scale, type Vec3 } from '../geometry/space'
import type { Field } from '../ways/field'
import { passageOf } from '../ways/heads'
import { endsShort, extentOf, needOf, type Needed } from '../ways/reach'
import { nearestOf, ownSockets } from './exits'
import type { Line } from './lines'
import { bestSockets, type PlugSides, type SocketThere } from './plug-field'
import { cableAtSupply, intoSockets, nameOfCable, type CableAtSupply } from './supply-sockets'

export interface AtSockets {
  /** Each line from its own socket, as far as its cable has one that is known. */
  readonly lines: readonly Line[]
  /** Each line from the nearest socket that its cable goes into, whichever cable has that. */
  readonly nearest: readonly Line[]
  /** The sockets of each cable, by its name. */
  readonly sockets: ReadonlyMap<string, readonly string[]>
  /** Lines which cannot all have a socket from which they get where they go. */
  readonly tooMany: readonly (readonly Line[])[]
}

/** Where the sockets are, and the space that leads are laid in. */
interface Choosing {
  readonly sides: PlugSides
  readonly field: Field | null
  /** Whether a hand has joined some of a line: then no length is asked. */
  readonly isGiven: (line: Line) => boolean
}

/** A cable in use, and the lines that begin with it. */
interface InUse extends CableAtSupply {
  readonly lines: readonly Line[]
}

/** Lines that begin in the middle of a side of plugs, from the sockets there. */
export function fromSockets(lines: readonly Line[], choosing: Choosing): AtSockets {
  const bySupply = groupBy(cablesIn(lines, choosing.sides), c => c.supply)
  const chosen = [...bySupply].map(([supply, cables]) => chosenFor(supply, cables, choosing))
  const exits = new Map(chosen.flatMap(c => [...c.exits]))
  const nearest = lines.map(line => fromNearest(line, choosing))
  return {
    nearest,
    lines: lines.map((line, i) => {
      const from = exits.get(cableOf(line))
      return from ? { ...line, from } : (nearest[i] ?? line)
    }),
    sockets: new Map(chosen.flatMap(c => [...c.sockets])),
    tooMany: chosen.flatMap(c => (c.tooMany.length > 0 ? [c.tooMany.flatMap(t => t.lines)] : [])),
  }
}

/** The name of the cable that a line begins with at its supply; empty where it goes on from a plug. */
function cableOf({ after, first }: Line): string {
  const own = after === null ? cableAtSupply(first.item, first.end.lead) : null
  return own ? nameOfCable(own) : ''
}

function cablesIn(lines: readonly Line[], sides: PlugSides): readonly InUse[] {
  const beginning = groupBy(
    lines.filter(l => l.after === null && ownSockets(sides, l.first).length > 0),
    cableOf,
  )
  return [...beginning.values()].flatMap(own => {
    const { first } = at(own, 0)
    const cable = cableAtSupply(first.item, first.end.lead)
    return cable ? [{ ...cable, lines: own }] : []
  })
}

interface Chosen {
  readonly sockets: readonly (readonly [cable: string, keys: readonly string[]])[]
  readonly exits: readonly (readonly [cable: string, from: Vec3])[]
  readonly tooMany: readonly InUse[]
}

/** The sockets of one supply dealt out: from each its leads reach, where there is such a choice. */
function chosenFor(
  supply: string,
  cables: readonly InUse[],
  { sides, field, isGiven }: Choosing,
): Chosen {
  const places = sides.get(supply)?.sockets ?? []
  const reaching = cables.map(c => ({ ...c, into: reachingFrom(c, places, { field, isGiven }) }))
  const able = intoSockets(reaching)
  const rivals = 'tooMany' in able ? able.tooMany.map(c => c.cable) : []
  const there = (rivals.length === 0 ? reaching : cables).map(c => ({
    ...c,
    leads: c.lines.map(line => ({
      way: (from: Vec3) => needFrom(field, from, line)?.value ?? null,
      mm: valueOf(line.length),
    })),
  }))
  const sockets = [...(bestSockets(there, places) ?? [])].map(
    ([cable, keys]) => [nameOfCable({ supply, cable }), keys] as const,
  )
  return {
    sockets,
    exits: sockets.map(([cable, keys]) => [cable, middleOf(keys, places)]),
    tooMany: cables.filter(c => rivals.includes(c.cable)),
  }
}

/**
 * The sockets from which all leads of a cable get where they go; all of them where those are too few: a
 * cable that takes two leaves between them, and may reach from there.
 */
function reachingFrom(
  { into, takes, lines }: InUse,
  places: readonly SocketThere[],
  { field, isGiven }: Omit<Choosing, 'sides'>,
): readonly string[] {
  if (!field) return into
  const asked = lines.filter(l => !isGiven(l))
  const near = places.filter(
    ({ key, at }) => into.includes(key) && !asked.some(line => isShort(field, at, line)),
  )
  return near.length >= takes ? near.map(s => s.key) : into
}

const needFrom = (field: Field | null, from: Vec3, { to, first }: Line): Needed | null =>
  field && needOf(field, from, to, passageOf(field.layout, first.end))

function isShort(field: Field, from: Vec3, line: Line): boolean {
  const need = needFrom(field, from, line)
  return !need || endsShort(need, extentOf(line.length))
}

/** Where a cable leaves that goes into these sockets: in the middle between two of them. */
function middleOf(keys: readonly string[], places: readonly SocketThere[]): Vec3 {
  const own = places.filter(s => keys.includes(s.key)).map(s => s.at)
  return scale(own.reduce<Vec3>(add, [0, 0, 0]), 1 / own.length)
}

/** A line from the nearest of its sockets. */
function fromNearest(line: Line, { sides, field }: Choosing): Line {
  if (line.after !== null || !field) return line
  const starts = ownSockets(sides, line.first).map(s => s.at)
  const nearest = nearestOf(field, starts, line.first, line.to)
  return nearest ? { ...line, from: nearest.from } : line
}
