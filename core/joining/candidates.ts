// Which pairs of ends could be joined, at what cost, and why the others cannot: before it is known
// what sits where.
import { place, within, type Frame, type Vec3 } from '../geometry/space'
import type { Layout } from '../case/layout'
import type { Sum } from '../figures/quantity'
import { endsShort, extentOf, needOf, reach } from '../case/reach'
import { isMechanical, socketFaces, type Face } from '../connectors/connectors'
import { gravity } from '../figures/verdict'
import { isChained } from './chains'
import { shutBy, type Shut } from './cover'
import { itemOfRef, type EndOf, type Short } from './joint'
import { mate } from './mate'
import type { Candidate } from '../matching/candidate'
import type { Cost } from '../matching/cost'

/** Every place that a part could take: one frame a way to sit. A loose part has none. */
export type Places = ReadonlyMap<string, readonly Frame[]>

/**
 * Two ends weighed against each other. They are named, not held: a figure of theirs that changes
 * nothing here changes nothing.
 */
export interface Weighed {
  readonly plug: string
  readonly socket: string
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
  /** What is weighed, as a name under which it is kept. */
  readonly at: string
  /** Whether the length of the way counts: only once it is known what sits where. */
  readonly lengths: boolean
  keep<R>(name: string, inputs: readonly unknown[], compute: () => R): R
  enter<T>(name: string, value: T): T
}

const NOWHERE: readonly Frame[] = []

/**
 * Every plug of `ends` with every socket of theirs that has to do with it; `all` are the ends that
 * seats may shut. `pins` tells pairs that a hand has joined: they always count. What the plugs of
 * one shape find is kept as long as the sockets that take them and all their places stay: a figure
 * that changes elsewhere weighs nothing anew.
 */
export function weighAll(
  ends: readonly EndOf[],
  all: readonly EndOf[],
  pins: Readonly<Record<string, string>>,
  how: Weighing,
): readonly Weighed[] {
  const { at, keep, enter, places, layout } = how
  const ofItem = new Map<string, EndOf[]>()
  const byFace = new Map<Face, EndOf[]>()
  const put = <K>(map: Map<K, EndOf[]>, key: K, end: EndOf): void => {
    ;(map.get(key) ?? map.set(key, []).get(key))?.push(end)
  }
  for (const e of all) put(ofItem, e.item, e)
  for (const e of ends) if (e.end.sex === 'socket') put(byFace, e.end.face, e)
  const placed = (end: EndOf): readonly Frame[] => places.get(end.item) ?? NOWHERE
  // What a seat may shut are ends of the socket's own part: only then are they looked at.
  const kinOf = ({ item, end }: EndOf): readonly EndOf[] =>
    end.shuts.length > 0 || isMechanical(end.face) ? (ofItem.get(item) ?? NO_ENDS) : NO_ENDS
  const shelves = enter(
    `shelves/${at}`,
    new Map(
      [...byFace].map(([face, list]) => [
        face,
        list.map(socket => ({ socket, where: placed(socket), kin: kinOf(socket) })),
      ]),
    ),
  )
  const plugs = new Map<Face, EndOf[]>()
  for (const e of ends) if (e.end.sex === 'plug') put(plugs, e.end.face, e)
  const hands = enter(
    `plugs/${at}`,
    new Map(
      [...plugs].map(([face, list]) => [face, list.map(plug => ({ plug, own: placed(plug) }))]),
    ),
  )
  const found = [...hands].map(([face, list]) => {
    const takes = socketFaces(face).flatMap(f => shelves.get(f) ?? [])
    const around = socketFaces(face).map(f => shelves.get(f))
    return keep(`weighed/${at}/${face}`, [list, layout, pins, ...around], () =>
      list.flatMap(({ plug, own }) => {
        const pinned = pins[plug.ref]
        return keep(`weighed/${at}/${plug.ref}`, [plug, own, layout, pinned, ...around], () =>
          takes.flatMap(({ socket, where, kin }) =>
            plug.item === socket.item
              ? []
              : (weigh(plug, socket, kin, own, where, how, pinned === socket.ref) ?? []),
          ),
        )
      }),
    )
  })
  return keep(`weighed/${at}`, found, () => found.flat())
}

const NO_ENDS: readonly EndOf[] = []

function weigh(
  plug: EndOf,
  socket: EndOf,
  siblings: readonly EndOf[],
  mine: readonly Frame[],
  theirs: readonly Frame[],
  { layout, lengths }: Weighing,
  pinned: boolean,
): Weighed | null {
  const met = mate(plug, socket)
  if (!met) return null
  const said = {
    plug: plug.ref,
    socket: socket.ref,
    shuts: [],
    reason: null,
    lookAlike: null,
    short: null,
    candidate: null,
  }
  if (!met.ok) return { ...said, reason: met.reason }
  const bad = met.verdict === 'harm' || met.verdict === 'stop'
  if (bad && !pinned) return { ...said, lookAlike: met.note }
  const way = wayOf(plug, socket, mine, theirs, layout)
  if (way && way.reason !== null && !pinned)
    return { ...said, reason: way.reason, short: way.short }
  const shuts = shutBy(plug, socket, siblings)
  const cost = costOf(
    plug,
    socket,
    gravity(met.verdict),
    !lengths || isChained(plug) ? 0 : mine.length === 0 ? UNPLACED : (way?.mm ?? 0),
  )
  return {
    ...said,
    candidate: {
      plug: plug.ref,
      socket: socket.ref,
      cost,
      ...(shuts.length > 0 ? { shuts: shuts.map(s => s.ref) } : {}),
    },
    shuts,
  }
}

/**
 * A cost from the mating's gravity, whether the purpose fits, how well the size and the ranks do,
 * and the way's length.
 */
function costOf(plug: EndOf, socket: EndOf, grave: number, mm: number): Cost {
  const wrongPurpose =
    plug.end.role !== null && socket.end.role !== null && plug.end.role !== socket.end.role
  // A slot names its own size first: a short card in a long slot is a waste of it.
  const size = plug.end.traits['size']?.[0]
  const waste = size === undefined ? 0 : Math.max(0, socket.end.traits['size']?.indexOf(size) ?? 0)
  // Which plug of a cable it is follows from the chain; a plug that shares its cable comes after
  // one that has its own.
  const along = isChained(plug) ? 1 : plug.end.rank
  return [
    0,
    0,
    0,
    grave,
    wrongPurpose ? 1 : 0,
    socket.end.rank + along + waste * WASTE,
    Math.round(mm),
  ]
}
/** Named choice: one size wasted weighs as much as so many places further down. */
const WASTE = 10

/**
 * Named choice: what has found no place itself comes after all that has, as if it lay so far away,
 * mm.
 */
const UNPLACED = 5000

interface WayFound {
  readonly mm: number
  readonly reason: string | null
  readonly short: Short | null
}

/**
 * The shortest way a hanging plug could have to go, over all places its part and the socket's could
 * take; null where no place is known.
 */
function wayOf(
  plug: EndOf,
  socket: EndOf,
  mine: readonly Frame[],
  theirs: readonly Frame[],
  layout: Layout | null,
): WayFound | null {
  const { lead } = plug.end
  if (!layout || !lead || mine.length === 0 || theirs.length === 0 || !socket.end.at) return null
  const { at } = socket.end
  const exits = mine.map(m => place(m, lead.exit))
  return nearest(
    layout,
    exits,
    theirs.map(t => place(t, at)),
    lead.length,
    plug.end.label,
    socket.end.label,
    [plug.ref, socket.ref],
  )
}

/** What the shortest of all ways between two sets of points says of a lead that is so long. */
function nearest(
  layout: Layout,
  from: readonly Vec3[],
  to: readonly Vec3[],
  length: Sum,
  what: string,
  goal: string,
  refs: readonly string[],
): WayFound {
  let best: {
    readonly value: number
    readonly tol: number
    readonly from: Vec3
    readonly to: Vec3
  } | null = null
  for (const f of from) {
    for (const t of to) {
      const need = needOf(layout, f, t)
      if (need && (!best || need.value < best.value)) best = { ...need, from: f, to: t }
    }
  }
  if (!best) return { mm: 0, reason: `no hole leads from the ${what} to ${goal}`, short: null }
  const have = extentOf(length)
  if (!endsShort(best, have)) return { mm: best.value, reason: null, short: null }
  const way = reach(layout, best.from, best.to, refs[0] ?? what, `the ${what}`)
  return {
    mm: best.value,
    reason: `the ${what} ends ${Math.round(best.value - (have.value ?? 0))} mm short of ${goal}`,
    short: way && { line: what, need: way.need, have: length, refs },
  }
}

/**
 * Loose leads: an end in a socket is worth nothing where no socket for its other end lies within
 * reach.
 */
export function withinReach(
  weighed: readonly Weighed[],
  ends: ReadonlyMap<string, EndOf>,
  pins: Readonly<Record<string, string>>,
  { at, places, layout, keep, enter }: Weighing,
): readonly Weighed[] {
  if (!layout) return weighed
  const byHand = new Set(Object.keys(pins).map(itemOfRef))
  const loose = enter(
    `loose/${at}`,
    [...ends.values()].filter(e => e.end.among?.how === 'both' && !byHand.has(e.item)),
  )
  return keep(`within/${at}`, [weighed, loose, places, layout], () => {
    const leads = new Set(loose.map(e => e.item))
    const ofLead = new Map<string, Weighed[]>()
    for (const w of weighed)
      if (w.candidate && leads.has(itemOfRef(w.plug)))
        (
          ofLead.get(itemOfRef(w.plug)) ?? ofLead.set(itemOfRef(w.plug), []).get(itemOfRef(w.plug))
        )?.push(w)
    const checked = new Map(
      [...ofLead].flatMap(([lead, list]) => {
        const own = loose.filter(e => e.item === lead)
        const sockets = enter(
          `around/${at}/${lead}`,
          list.map(w => {
            const socket = ends.get(w.socket)
            return { socket, where: places.get(socket?.item ?? '') ?? NOWHERE }
          }),
        )
        const found = keep(`reaching/${at}/${lead}`, [layout, sockets, ...own, ...list], () =>
          reaching(list, own, sockets, layout),
        )
        return list.map((w, i) => [w, found[i] ?? w] as const)
      }),
    )
    return weighed.map(w => checked.get(w) ?? w)
  })
}

/**
 * One lead's ways to each of its sockets, those struck out that no socket for its other end lies
 * near enough to.
 */
function reaching(
  list: readonly Weighed[],
  own: readonly EndOf[],
  sockets: readonly { readonly socket: EndOf | undefined; readonly where: readonly Frame[] }[],
  layout: Layout,
): readonly Weighed[] {
  const points = sockets.map(({ socket, where }) => {
    const at = socket?.end.at
    return at ? where.map(f => place(f, at)) : []
  })
  const labelAt = (i: number): string => sockets[i]?.socket?.end.label ?? ''
  return list.map((w, i) => {
    const lead = own.find(e => e.ref === w.plug)?.end.lead
    const others = list.flatMap((o, k) =>
      o.plug === w.plug ? [] : [{ o, to: points[k] ?? [], label: labelAt(k) }],
    )
    const from = points[i] ?? []
    if (!lead || from.length === 0 || others.every(o => o.to.length === 0)) return w
    const ways = others
      .filter(o => o.to.length > 0)
      .map(({ to, label }) => ({
        label,
        way: nearest(layout, from, to, lead.length, 'lead', label, [w.plug, w.socket]),
      }))
    if (ways.some(({ way }) => way.reason === null)) return w
    const best =
      ways.filter(({ way }) => way.short).sort((a, b) => a.way.mm - b.way.mm)[0] ?? ways[0]
    if (!best) return w
    const ofDevice = sockets[i]?.socket?.end.traits['side']?.includes('device')
    const label = ofDevice ? best.label : labelAt(i)
    const { short } = best.way
    return {
      ...w,
      candidate: null,
      reason: short
        ? `the lead ends ${Math.round(best.way.mm - (extentOf(lead.length).value ?? 0))} mm short of ${label}`
        : `no hole leads from the lead to ${label}`,
      short,
    }
  })
}

/** One part in a seat of another, as it could be. */
export interface Sitting {
  readonly item: string
  readonly in: string
  readonly seat: Frame
}
export const sittingsOf = (
  weighed: readonly Weighed[],
  ends: ReadonlyMap<string, EndOf>,
): readonly Sitting[] =>
  weighed.flatMap(({ candidate, plug, socket }) => {
    const holder = ends.get(socket)
    return candidate && holder?.end.seat
      ? [{ item: itemOfRef(plug), in: holder.item, seat: holder.end.seat }]
      : []
  })

/** Every way each part could sit, from the case inwards. */
export function placesOf(
  cases: readonly string[],
  seats: readonly Sitting[],
  caseFrame: Frame,
): Places {
  const places = new Map<string, readonly Frame[]>(cases.map(id => [id, [caseFrame]]))
  // Parts sit in parts that sit in the case: as deep as that goes, and never deeper than there are
  // parts.
  for (let before = -1; places.size > before;) {
    before = places.size
    const fresh = new Map<string, Frame[]>()
    for (const { item, in: holder, seat } of seats) {
      const outer = places.get(holder)
      if (!outer || places.has(item)) continue
      const found = fresh.get(item) ?? []
      fresh.set(item, found)
      found.push(...outer.map(f => within(f, seat)))
    }
    for (const [item, frames] of fresh) places.set(item, frames)
  }
  return places
}
