// From ends to joints: candidates, what excludes what, the exact matching, and what stays unmet with its reason.
import type { Layout } from '../parts/archetype'
import { valueOf } from '../quantity'
import { reach } from '../routes/reach'
import { faceName, socketFaces, type Face } from '../standards/connectors'
import { gravity, judge } from '../verdict'
import { demandsOf, jointOf, type Demand, type EndOf, type Joint, type Unmet } from './joint'
import { mate } from './mate'
import { match, type Candidate, type Cost } from './match'
import { exitOf, pointOf, type Frames } from './places'

export interface Joined { readonly joints: readonly Joint[]; readonly unmet: readonly Unmet[]; readonly exact: boolean }

export interface JoinOptions {
  /** Pairs made already or pinned by hand, plug → socket. */
  readonly pins: Readonly<Record<string, string>>
  /** Where things lie, once seats are chosen: leads that do not reach are no candidates. */
  readonly reach: { readonly layout: Layout; readonly frames: Frames } | null
  /** Tells apart what is kept for seats and for plugs. */
  readonly name: string
  /** Keep what was weighed and matched as long as its ends and places are the same. */
  enter<T>(name: string, value: T): T
  keep<R>(name: string, inputs: readonly unknown[], compute: () => R): R
}

interface Reject { readonly plug: string; readonly socket: string; readonly reason: string }

/** Joins these ends with one another: mechanical faces first (what sits where), then plugs, knowing the seats. */
export function join(ends: readonly EndOf[], options: JoinOptions): Joined {
  const plugs = ends.filter(e => e.end.sex === 'plug')
  const sockets = new Map<Face, EndOf[]>()
  for (const e of ends) if (e.end.sex === 'socket') sockets.set(e.end.face, [...(sockets.get(e.end.face) ?? []), e])
  const candidates: Candidate[] = []
  const rejects: Reject[] = []
  for (const plug of plugs) {
    for (const socket of socketsFor(plug, sockets)) {
      const pair = options.keep(`pair/${plug.ref}>${socket.ref}`, [plug, socket, options.reach?.frames, options.reach?.layout], () => weigh(plug, socket, options.reach))
      const given = options.pins[plug.ref] === socket.ref
      if (pair?.candidate && (given || pair.reason === null)) candidates.push(pair.candidate)
      else if (pair?.reason) rejects.push({ plug: plug.ref, socket: socket.ref, reason: pair.reason })
    }
  }
  const demands = demandsOf(ends)
  const problem = options.enter(`problem/${options.name}`, { demands, candidates, excludes: exclusions(ends), together: groups(ends, 'both'), pins: possible(options.pins, candidates) })
  const found = options.keep(`match/${options.name}`, [problem], () => match(problem))
  const byRef = new Map(ends.map(e => [e.ref, e]))
  return {
    joints: found.pairs.flatMap(({ plug, socket }) => {
      const a = byRef.get(plug)
      const b = byRef.get(socket)
      return a && b ? [jointOf(a, b, options.pins[plug] === socket)] : []
    }),
    unmet: demands.filter(d => found.unmet.includes(d.id)).map(demand => ({ demand, reasons: reasonsFor(demand, byRef, candidates, rejects) })),
    exact: found.exact,
  }
}

/** Pins whose two ends still exist and still mate; the others have lost their meaning. */
const possible = (pins: JoinOptions['pins'], candidates: readonly Candidate[]): readonly (readonly [string, string])[] =>
  Object.entries(pins).filter(([plug, socket]) => candidates.some(c => c.plug === plug && c.socket === socket))

/** What speaks for a pair (a candidate with its cost) and what against it (the reason); null when the two have nothing to do with each other. */
function weigh(plug: EndOf, socket: EndOf, where: JoinOptions['reach']): { readonly candidate: Candidate | null; readonly reason: string | null } | null {
  const met = mate(plug, socket)
  if (!met) return null
  if (!met.ok) return { candidate: null, reason: met.reason }
  const length = reachOf(plug, socket, where)
  return { candidate: { plug: plug.ref, socket: socket.ref, cost: costOf(plug, socket, gravity(met.verdict), length.mm) }, reason: length.short }
}

/** The sockets of a face that takes the plug's. */
const socketsFor = (plug: EndOf, sockets: ReadonlyMap<Face, readonly EndOf[]>): readonly EndOf[] => socketFaces(plug.end.face).flatMap(face => sockets.get(face) ?? [])

/** A cost from the mating's gravity, whether the purpose fits, the socket's rank and the length of the way. */
function costOf(plug: EndOf, socket: EndOf, grave: number, mm: number): Cost {
  const wrongPurpose = plug.end.role !== null && socket.end.role !== null && plug.end.role !== socket.end.role
  return [0, 0, 0, grave, wrongPurpose ? 1 : 0, socket.end.rank + plug.end.rank, Math.round(mm)]
}

/** The length of the way a hanging plug has to go, and the sentence when it is definitely too short. */
function reachOf(plug: EndOf, socket: EndOf, where: JoinOptions['reach']): { mm: number; short: string | null } {
  if (!where || !plug.end.lead) return { mm: 0, short: null }
  const from = exitOf(where.frames, plug)
  const to = pointOf(where.frames, socket)
  if (!from || !to) return { mm: 0, short: null }
  const way = reach(where.layout, from, to, plug.ref, plug.end.label)
  if (!way) return { mm: 0, short: `no hole leads from the ${plug.end.label} to ${socket.end.label}` }
  const { verdict, margin } = judge(way.need, plug.end.lead.length)
  return { mm: valueOf(way.need) ?? 0, short: verdict === 'stop' ? `the ${plug.end.label} ends ${Math.round(-(margin ?? 0))} mm short of ${socket.end.label}` : null }
}

/** Ends that are never both joined: two of a one-of group, a whole plug and its halves. */
function exclusions(ends: readonly EndOf[]): readonly (readonly [string, string])[] {
  const wholes = ends.filter(e => e.end.among?.how === 'whole-or-split' && e.end.among.whole)
  const halves = ends.filter(e => e.end.among?.how === 'whole-or-split' && !e.end.among.whole)
  const split = wholes.flatMap(w => halves.filter(h => h.item === w.item && h.end.among?.group === w.end.among?.group).map(h => [w.ref, h.ref] as const))
  return [...groups(ends, 'one-of'), ...split]
}

/** All pairs within each group of one sort. */
function groups(ends: readonly EndOf[], how: 'one-of' | 'both'): readonly (readonly [string, string])[] {
  const members = ends.filter(e => e.end.among?.how === how)
  return members.flatMap((a, i) => members.slice(i + 1).filter(b => b.item === a.item && b.end.among?.group === a.end.among?.group).map(b => [a.ref, b.ref] as const))
}

/** Why a demand found nothing: what was there but taken, what was there and did not fit, or that nothing was there. */
function reasonsFor(demand: Demand, byRef: ReadonlyMap<string, EndOf>, candidates: readonly Candidate[], rejects: readonly Reject[]): readonly string[] {
  const mine = new Set(demand.refs)
  const refused = rejects.filter(r => mine.has(r.plug) || mine.has(r.socket)).map(r => r.reason)
  if (candidates.some(c => mine.has(c.plug) || mine.has(c.socket))) return ['every one that fits is taken', ...refused]
  if (refused.length > 0) return [...new Set(refused)]
  const end = byRef.get(demand.refs[0] ?? '')?.end
  return end ? [`there is no ${end.sex === 'plug' ? 'socket' : 'plug'} for ${faceName(end.face)}`] : []
}
