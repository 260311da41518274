// Which pairs of ends could be joined, at what cost, and why the others cannot: before it is known what sits where.
import { within, type Frame, type Vec3 } from '../geometry/space'
import type { Layout } from '../parts/archetype'
import { valueOf, type Sum } from '../quantity'
import { reach, type Reach } from '../routes/reach'
import { isMechanical, socketFaces, type Face } from '../standards/connectors'
import { gravity, judge } from '../verdict'
import { isChained } from './chains'
import { shutBy, type Shut } from './cover'
import type { EndOf, Short } from './joint'
import { mate } from './mate'
import type { Candidate, Cost } from './match'
import { exitOf, pointOf } from './places'

/** Every place that a part could take: one frame a way to sit. A loose part has none. */
export type Places = ReadonlyMap<string, readonly Frame[]>

export interface Weighed {
  readonly plug: EndOf
  readonly socket: EndOf
  /** Null when the two do not go together, or go together and should not. */
  readonly candidate: Candidate | null
  readonly shuts: readonly Shut[]
  readonly reason: string | null
  /** What would happen where the plug goes in and should not. */
  readonly lookAlike: string | null
  readonly short: Short | null
}

export interface Weighing {
  readonly places: Places
  readonly layout: Layout | null
  /** Whether the length of the way counts: only once it is known what sits where. */
  readonly lengths: boolean
  keep<R>(name: string, inputs: readonly unknown[], compute: () => R): R
}

const NOWHERE: readonly Frame[] = []

/** Every plug of `ends` with every socket of theirs that has to do with it; `all` are the ends that seats may shut. `given` tells pairs that a hand has joined: they always count. */
export function weighAll(ends: readonly EndOf[], all: readonly EndOf[], given: (plug: string, socket: string) => boolean, how: Weighing): readonly Weighed[] {
  const sockets = new Map<Face, EndOf[]>()
  const ofItem = new Map<string, EndOf[]>()
  const put = <K>(map: Map<K, EndOf[]>, key: K, end: EndOf): void => { (map.get(key) ?? map.set(key, []).get(key))?.push(end) }
  for (const e of all) put(ofItem, e.item, e)
  for (const e of ends) if (e.end.sex === 'socket') put(sockets, e.end.face, e)
  return ends.filter(e => e.end.sex === 'plug').flatMap(plug => socketFaces(plug.end.face).flatMap(face => sockets.get(face) ?? []).flatMap((socket): Weighed[] => {
    if (plug.item === socket.item) return []
    const pinned = given(plug.ref, socket.ref)
    const [mine, theirs] = [how.places.get(plug.item) ?? NOWHERE, how.places.get(socket.item) ?? NOWHERE]
    const siblings = plug.end.solid || socket.end.shuts.length > 0 ? ofItem.get(socket.item) ?? [] : NOWHERE
    const found = how.keep(`pair/${how.lengths}/${plug.ref}>${socket.ref}`, [plug, socket, mine, theirs, how.layout, pinned, ...siblings], () => weigh(plug, socket, siblings as readonly EndOf[], mine, theirs, how, pinned))
    return found ? [found] : []
  }))
}

function weigh(plug: EndOf, socket: EndOf, siblings: readonly EndOf[], mine: readonly Frame[], theirs: readonly Frame[], { layout, lengths }: Weighing, pinned: boolean): Weighed | null {
  const met = mate(plug, socket)
  if (!met) return null
  const said = { plug, socket, shuts: [], reason: null, lookAlike: null, short: null, candidate: null }
  if (!met.ok) return { ...said, reason: met.reason }
  const bad = met.verdict === 'harm' || met.verdict === 'stop'
  if (bad && !pinned) return { ...said, lookAlike: met.note }
  const way = wayOf(plug, socket, mine, theirs, layout)
  if (way && way.reason !== null && !pinned) return { ...said, reason: way.reason, short: way.short }
  const shuts = shutBy(plug, socket, siblings)
  const cost = costOf(plug, socket, gravity(met.verdict), !lengths || isChained(plug) ? 0 : mine.length === 0 ? UNPLACED : way?.mm ?? 0)
  return { ...said, candidate: { plug: plug.ref, socket: socket.ref, cost, ...(shuts.length > 0 ? { shuts: shuts.map(s => s.ref) } : {}) }, shuts }
}

/** A cost from the mating's gravity, whether the purpose fits, how well the size and the ranks do, and the way's length. */
function costOf(plug: EndOf, socket: EndOf, grave: number, mm: number): Cost {
  const wrongPurpose = plug.end.role !== null && socket.end.role !== null && plug.end.role !== socket.end.role
  // A slot names its own size first: a short card in a long slot is a waste of it.
  const size = plug.end.traits['size']?.[0]
  const waste = size === undefined ? 0 : Math.max(0, socket.end.traits['size']?.indexOf(size) ?? 0)
  // Which plug of a cable it is follows from the chain; a plug that shares its cable comes after one that has its own.
  const along = isChained(plug) ? 1 : plug.end.rank
  return [0, 0, 0, grave, wrongPurpose ? 1 : 0, socket.end.rank + along + waste * WASTE, Math.round(mm)]
}
/** Named choice: one size wasted weighs as much as so many places further down. */
const WASTE = 10

/** Named choice: what has found no place itself comes after all that has, as if it lay so far away, mm. */
const UNPLACED = 5000

interface WayFound { readonly mm: number; readonly reason: string | null; readonly short: Short | null }

/** The shortest way a hanging plug could have to go, over all places its part and the socket's could take; null where no place is known. */
function wayOf(plug: EndOf, socket: EndOf, mine: readonly Frame[], theirs: readonly Frame[], layout: Layout | null): WayFound | null {
  if (!layout || !plug.end.lead || mine.length === 0 || theirs.length === 0) return null
  const tried = mine.flatMap(m => theirs.flatMap(t => {
    const from = exitOf(new Map([[plug.item, m]]), plug)
    const to = pointOf(new Map([[socket.item, t]]), socket)
    return from && to ? [reach(layout, from, to, plug.ref, `the ${plug.end.label}`)] : []
  }))
  if (tried.length === 0) return null
  return bestWay(tried, plug.end.lead.length, plug.end.label, socket.end.label, [plug.ref, socket.ref])
}

/** What the shortest of several ways says of a lead that is so long. */
export function bestWay(tried: readonly (Reach | null)[], length: Sum, what: string, to: string, refs: readonly string[]): WayFound {
  const ways = tried.flatMap(w => (w ? [w] : [])).sort((a, b) => a.way.length - b.way.length)
  const [way] = ways
  if (!way) return { mm: 0, reason: `no hole leads from the ${what} to ${to}`, short: null }
  const { verdict, margin } = judge(way.need, length)
  const short = verdict === 'stop'
  return {
    mm: valueOf(way.need) ?? 0,
    reason: short ? `the ${what} ends ${Math.round(-(margin ?? 0))} mm short of ${to}` : null,
    short: short ? { line: what, need: way.need, have: length, refs } : null,
  }
}

/** Loose leads: an end in a socket is worth nothing where no socket for its other end lies within reach. */
export function withinReach(weighed: readonly Weighed[], pinned: (plug: string) => boolean, { places, layout }: Weighing): readonly Weighed[] {
  if (!layout) return weighed
  const loose = weighed.filter(w => w.candidate && w.plug.end.among?.how === 'both')
  const other = new Map<string, Weighed[]>()
  for (const w of loose) (other.get(w.plug.item) ?? other.set(w.plug.item, []).get(w.plug.item))?.push(w)
  const points = (end: EndOf): readonly Vec3[] => (places.get(end.item) ?? NOWHERE).flatMap(f => {
    const point = pointOf(new Map([[end.item, f]]), end)
    return point ? [point] : []
  })
  return weighed.map(w => {
    const length = w.plug.end.lead?.length
    if (!loose.includes(w) || !length) return w
    const partners = (other.get(w.plug.item) ?? []).filter(o => o.plug.ref !== w.plug.ref)
    if (partners.some(o => pinned(o.plug.ref)) || pinned(w.plug.ref) || partners.length === 0) return w
    const from = points(w.socket)
    const tried = partners.flatMap(o => points(o.socket).flatMap(to => from.map(f => ({ o, way: reach(layout, f, to, w.plug.item, w.plug.end.label) }))))
    if (tried.length === 0 || from.length === 0) return w
    const ofDevice = w.socket.end.traits['side']?.includes('device')
    const near = tried.filter(t => t.way).sort((a, b) => (a.way?.way.length ?? 0) - (b.way?.way.length ?? 0))[0]
    const label = near && (ofDevice ? near.o.socket.end.label : w.socket.end.label)
    const best = bestWay(tried.map(t => t.way), length, 'lead', label ?? 'any port', [w.plug.ref, w.socket.ref])
    return best.reason === null ? w : { ...w, candidate: null, reason: best.reason, short: best.short }
  })
}

/** Every way each part could sit, from the case inwards. */
export function placesOf(cases: readonly string[], weighed: readonly Weighed[], caseFrame: Frame): Places {
  const places = new Map<string, readonly Frame[]>(cases.map(id => [id, [caseFrame]]))
  const seats = weighed.filter(w => w.candidate && isMechanical(w.plug.end.face) && w.socket.end.seat)
  // Parts sit in parts that sit in the case: as deep as that goes, and never deeper than there are parts.
  for (let before = -1; places.size > before; ) {
    before = places.size
    const fresh = new Map<string, Frame[]>()
    for (const { plug, socket } of seats) {
      const outer = places.get(socket.item)
      const seat = socket.end.seat
      if (!outer || !seat || places.has(plug.item)) continue
      const found = fresh.get(plug.item) ?? []
      fresh.set(plug.item, found)
      found.push(...outer.map(f => within(f, seat)))
    }
    for (const [item, frames] of fresh) places.set(item, frames)
  }
  return places
}
