// From ends to joints: where everything sits and what is plugged where, chosen together and exactly.
//
// Ways are known only once it is known what sits where. So the joint problem is solved in two layers. The plan: seats and
// plugs together, every lead allowed whatever it reaches from any place its part could take; its cost is a bound. The
// laying: the plugs once more with the plan's seats, now with true lengths, lines and chains. Where the laying costs no
// more than the plan, nothing better exists. Where it costs more, those seats are cut from the plan and it is drawn up
// again, until its bound reaches the best laying, or a limit is reached and the result says that it may not be the best.
import { frame } from '../geometry/space'
import type { Layout } from '../parts/archetype'
import { isMechanical } from '../standards/connectors'
import { chainPlan, isChained } from './chains'
import { conflicts } from './conflicts'
import { placesOf, weighAll, withinReach, type Places, type Weighed } from './candidates'
import { demandsOf, itemOfRef, jointOf, type Demand, type EndOf, type Joint, type Unmet } from './joint'
import { budgetsOf, exclusions, followings } from './joining-rules'
import { add, FREE, less, match, pairId, UNMET, type Candidate, type Clause, type Cost, type Matching, type MatchProblem } from './match'
import { framesOf, type Frames } from './places'
import { inOrder } from './alike'
import { reasonsFor, type ShutBy } from './reasons'

export interface Joined {
  readonly seats: readonly Joint[]
  readonly plugs: readonly Joint[]
  readonly unmet: readonly Unmet[]
  readonly frames: Frames
  /** False when a limit was reached: the result is good, perhaps not the best. */
  readonly exact: boolean
}

export interface JoinOptions {
  /** Pairs made already or pinned by hand, plug → socket. */
  readonly pins: Readonly<Record<string, string>>
  readonly layout: Layout | null
  readonly cases: readonly string[]
  /** Items that are the same in all respects share a name here. */
  readonly alike: ReadonlyMap<string, string>
  /** Keep what was weighed and matched as long as its ends and places are the same. */
  enter<T>(name: string, value: T): T
  keep<R>(name: string, inputs: readonly unknown[], compute: () => R): R
}

const CASE_FRAME = frame([0, 0, 0])
/** How often a plan is drawn up again because a lead ends short where things came to sit, and how often plugs are. */
const PLANS = 8
const LAYINGS = 40

/** The plugs laid for one choice of seats. */
interface Laying {
  readonly seats: readonly Joint[]
  readonly frames: Frames
  readonly plugs: readonly Joint[]
  readonly laid: readonly Weighed[]
  readonly shut: ReadonlyMap<string, ShutBy>
  readonly cost: Cost
  readonly exact: boolean
  /** Seats of which one at least has to change before these plugs can do better. */
  readonly cut: Clause
}

/** Joins all ends of a horizon. What cannot be joined comes back with the reasons. */
export function join(ends: readonly EndOf[], options: JoinOptions): Joined {
  const { pins, layout, cases, alike, keep, enter } = options
  const byRef: ReadonlyMap<string, EndOf> = new Map(ends.map(e => [e.ref, e]))
  const given = (plug: string, socket: string): boolean => pins[plug] === socket
  const isBody = (ref: string): boolean => isMechanical(byRef.get(ref)?.end.face ?? 'tray')
  const bodies = ends.filter(e => isMechanical(e.end.face))
  const leads = ends.filter(e => !isMechanical(e.end.face))
  const rules = enter('rules', { demands: demandsOf(ends), excludes: exclusions(ends), follows: followings(ends), budgets: budgetsOf(leads) })

  const seatPairs = weighAll(bodies, ends, given, { places: new Map(), layout: null, lengths: false, keep })
  const places = enter('places', placesOf(cases, seatPairs, CASE_FRAME))
  const plugPairs = withinReach(weighAll(leads, ends, given, { places, layout, lengths: false, keep }), plug => plug in pins, { places, layout, lengths: false, keep })
  const base = problemOf([...seatPairs, ...plugPairs], rules.demands)
  const choices = new Map<string, number>()
  for (const w of seatPairs) if (w.candidate) choices.set(w.plug.ref, (choices.get(w.plug.ref) ?? 0) + 1)

  const best = planned()
  const joined = new Set([...best.seats, ...best.plugs].flatMap(j => [j.a, j.b]))
  const lacking = rules.demands.filter(d => !d.refs.some(ref => joined.has(ref)))
  return {
    seats: best.seats, plugs: best.plugs, frames: best.frames, exact: best.exact,
    unmet: enter('lacking', lacking.map(demand => ({ demand, ...reasonsFor(demand, byRef, [...seatPairs, ...best.laid], best.shut, joined) }))),
  }

  /** Plan and laying in turn until they meet. */
  function planned(): Laying {
    let best: Laying | null = null
    let cuts: readonly Clause[] = []
    for (let round = 0; ; round++) {
      const problem: MatchProblem = enter(`plan/${round}`, { ...base, clauses: cuts })
      const plan = keep(`planned/${round}`, [problem, alike], () => inOrder(match(problem), base.candidates, alike, () => true))
      if (best && !less(withoutLength(plan.cost), best.cost)) return best
      const seats = enter(`seats/${round}`, jointsOf(plan.pairs.filter(c => isBody(c.plug))))
      const laying = layingFor(seats, plan, round)
      if (!best || less(laying.cost, best.cost)) best = laying
      if (!less(withoutLength(plan.cost), best.cost)) return best
      if (round + 1 === PLANS || laying.cut.length === 0) return { ...best, exact: best.exact && laying.cut.length === 0 && plan.exact }
      cuts = [...cuts, laying.cut]
    }
  }

  function layingFor(seats: readonly Joint[], plan: Matching, round: number): Laying {
    const frames = keep(`frames/${round}`, [cases, ends, seats], () => framesOf(cases, byRef, seats))
    const where: Places = enter(`where/${round}`, new Map([...frames].map(([item, f]) => [item, [f]])))
    const taken = new Set(seats.map(j => j.id))
    const seated = seatPairs.filter(w => w.candidate && taken.has(pairId(w.candidate)))
    const shut = new Map(seated.flatMap(w => w.shuts.map(s => [s.ref, { ...s, by: w }] as const)))
    const laid = withinReach(weighAll(leads, ends, given, { places: where, layout, lengths: true, keep }), plug => plug in pins, { places: where, layout, lengths: true, keep })
    const open = laid.filter(w => !shut.has(w.socket.ref) && !shut.has(w.plug.ref))
    const { found, clauses } = pluggedIn(open, frames, round)
    const plugs = enter(`joints/${round}`, jointsOf(found.pairs))
    const freeBodies = rules.demands.filter(d => d.refs.every(isBody) && !d.refs.some(ref => plan.pairs.some(p => p.plug === ref || p.socket === ref)))
    const cost = [...seated.flatMap(w => (w.candidate ? [w.candidate.cost] : [])), ...freeBodies.map(d => UNMET[d.need]), withoutLength(found.cost)].reduce(add, FREE)
    return { seats, frames, plugs, laid, shut, cost, exact: found.exact && plan.exact, cut: cutOf(seats, laid, clauses, shut) }
  }

  /** The matching of plugs where all seats are fixed; drawn up again without lines that turn out too short and sets that no cables serve. */
  function pluggedIn(weighed: readonly Weighed[], frames: Frames, round: number): { readonly found: Matching; readonly clauses: readonly Clause[] } {
    const fixed = problemOf(weighed, rules.demands.filter(d => d.refs.some(ref => !isBody(ref))))
    const pairs = new Map(fixed.candidates.map(c => [pairId(c), c]))
    let clauses: readonly Clause[] = []
    for (let again = 0; ; again++) {
      const problem: MatchProblem = enter(`problem/${round}/${again}`, { ...fixed, clauses })
      const matched = keep(`match/${round}/${again}`, [problem], () => match(problem))
      const { found, broken } = keep(`chained/${round}/${again}`, [matched, frames, ends, layout, pins], () => {
        const chained = chainedPairs(matched.pairs, pairs, frames)
        const tooShort = layout ? conflicts(byRef, matched.pairs, frames, layout, p => given(p.plug, p.socket)).filter(c => c.every(p => pairs.has(p))).map(c => c.map(p => [p])) : []
        const unserved = 'blocked' in chained ? [chained.blocked.map(ref => fixed.candidates.filter(c => c.socket === ref).map(pairId))] : []
        const plugged = { ...matched, pairs: 'pairs' in chained ? chained.pairs : matched.pairs }
        return { found: inOrder(plugged, fixed.candidates, alike, item => !frames.has(item)), broken: [...tooShort, ...unserved] }
      })
      const known = new Set(clauses.map(c => c.join(' ')))
      const fresh = broken.filter(c => !known.has(c.join(' ')))
      if (fresh.length === 0 || again === LAYINGS) return { found: { ...found, exact: found.exact && broken.length === 0 }, clauses }
      clauses = [...clauses, ...fresh]
    }
  }

  /** The same sockets served, by the plugs along each cable that lay the least of it. */
  function chainedPairs(chosen: readonly Candidate[], pairs: ReadonlyMap<string, Candidate>, frames: Frames): { readonly pairs: readonly Candidate[] } | { readonly blocked: readonly string[] } {
    const onChain = (c: Candidate): boolean => { const plug = byRef.get(c.plug); return plug !== undefined && isChained(plug) }
    const served = chosen.filter(onChain)
    if (served.length === 0) return { pairs: chosen }
    const wanted = served.flatMap(c => byRef.get(c.socket) ?? []).sort((a, b) => (a.ref < b.ref ? -1 : 1))
    const fixedAt = (plug: string, socket: string): boolean => (pins[plug] ?? socket) === socket || !pairs.has(`${plug}~${pins[plug] ?? ''}`)
    const pinnedTo = new Map(Object.entries(pins).filter(([plug, socket]) => pairs.has(`${plug}~${socket}`)).map(([plug, socket]) => [socket, plug]))
    const plan = chainPlan({ plugs: leads.filter(isChained), sockets: wanted, frames, layout, given, fits: (plug, socket) => pairs.has(`${plug}~${socket}`) && fixedAt(plug, socket) && (pinnedTo.get(socket) ?? plug) === plug })
    if ('blocked' in plan) return plan
    return { pairs: [...chosen.filter(c => !onChain(c)), ...plan.pairs.flatMap(p => pairs.get(pairId(p)) ?? [])].sort((a, b) => (a.plug < b.plug ? -1 : 1)) }
  }

  /** The seats that decide what reaches: of items whose leads lost a partner here, and of what shuts their ends. Alike items stand for each other. */
  function cutOf(seats: readonly Joint[], laid: readonly Weighed[], clauses: readonly Clause[], shut: ReadonlyMap<string, ShutBy>): Clause {
    const here = new Set(laid.flatMap(w => (w.candidate ? [pairId(w.candidate)] : [])))
    const lost = [...plugPairs.flatMap(w => (w.candidate && !here.has(pairId(w.candidate)) ? [w.plug.ref, w.socket.ref] : [])), ...clauses.flat(2).flatMap(p => p.split('~'))]
    const outer = new Map(seats.map(j => [j.items[0], j.items[1]]))
    const upwards = (item: string): readonly string[] => { const next = outer.get(item); return next === undefined ? [item] : [item, ...upwards(next)] }
    const items = new Set([...lost.flatMap(ref => upwards(itemOfRef(ref))), ...[...shut.values()].flatMap(s => upwards(s.by.plug.item))])
    return seats.filter(j => items.has(j.items[0]) && (choices.get(j.a) ?? 0) > 1).map(j => {
      const kin = alike.get(j.items[0])
      return seatPairs.flatMap(w => (w.candidate && w.socket.ref === j.b && (w.plug.ref === j.a || (kin !== undefined && alike.get(w.plug.item) === kin)) ? [pairId(w.candidate)] : []))
    })
  }

  function problemOf(weighed: readonly Weighed[], demands: readonly Demand[]): Omit<MatchProblem, 'clauses'> {
    const candidates: readonly Candidate[] = weighed.flatMap(w => (w.candidate ? [w.candidate] : []))
    const able = new Set(candidates.flatMap(c => [c.plug, c.socket]))
    return {
      demands, candidates, budgets: rules.budgets,
      excludes: rules.excludes.filter(([a, b]) => able.has(a) && able.has(b)), follows: rules.follows.filter(([a, b]) => able.has(a) || able.has(b)),
      pins: Object.entries(pins).filter(([a, b]) => candidates.some(c => c.plug === a && c.socket === b)),
    }
  }

  function jointsOf(pairs: readonly { readonly plug: string; readonly socket: string }[]): readonly Joint[] {
    return pairs.flatMap(({ plug, socket }) => {
      const [a, b] = [byRef.get(plug), byRef.get(socket)]
      return a && b ? [jointOf(a, b, pins[plug] === socket)] : []
    })
  }
}

/** Plans know no lengths: what is compared with them leaves lengths out. */
const withoutLength = ([must, should, may, gravity, purpose, rank]: Cost): Cost => [must, should, may, gravity, purpose, rank, 0]
