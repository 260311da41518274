// From ends to joints: where everything sits and what is plugged where, chosen together and
// exactly.
//
// Ways are known only once it is known what sits where. So the joint problem is solved in two
// layers. The plan: seats and plugs together, every lead allowed whatever it reaches from any place
// its part could take; its cost is a bound. The laying: the plugs once more with the plan's seats,
// now with true lengths, lines and chains. Where the laying costs no more than the plan, nothing
// better exists. Where it costs more, those seats are cut from the plan and it is drawn up again,
// until its bound reaches the best laying, or a limit is reached and the result says that it may
// not be the best.
import { frame } from '../geometry/space'
import type { Layout } from '../case/layout'
import { oncePer } from '../collections/once'
import { isMechanical } from '../connectors/connectors'
import { chainPlan, isChained } from './chains'
import { conflicts } from './conflicts'
import {
  placesOf,
  sittingsOf,
  weighAll,
  withinReach,
  type Weighed,
  type Weighing,
} from './candidates'
import {
  demandsOf,
  endsByRef,
  itemOfRef,
  jointOf,
  outlineOf,
  shapeOf,
  type Demand,
  type EndOf,
  type Joint,
  type Outline,
  type Unmet,
} from './joint'
import { binding } from '../matching/budget'
import { budgetsOf, exclusions, followings } from './joining-rules'
import { pairId, type Candidate, type Clause } from '../matching/candidate'
import { add, FREE, less, UNMET, type Cost } from '../matching/cost'
import { match, NODE_LIMIT } from '../matching/match'
import type { Matching, MatchProblem } from '../matching/problem'
import { linesOf, type Line } from './lines'
import { framesOf, type Frames } from './places'
import { inOrder } from './alike'
import { unmetOf, type ShutBy } from './reasons'

export interface Joined {
  readonly seats: readonly Joint[]
  readonly plugs: readonly Joint[]
  readonly unmet: readonly Unmet[]
  readonly frames: Frames
  /** The lines that the plugs make. */
  readonly lines: readonly Line[]
  /** Every end without its figures. */
  readonly outlines: ReadonlyMap<string, Outline>
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
  /**
   * Copies of one model share a name here, whatever was measured on them: a measured copy moves no
   * other one.
   */
  readonly kindred: ReadonlyMap<string, string>
  /** Keep what was weighed and matched as long as its ends and places are the same. */
  enter<T>(name: string, value: T): T
  keep<R>(name: string, inputs: readonly unknown[], compute: () => R): R
}

const CASE_FRAME = frame([0, 0, 0])
/**
 * Named choices: how often plugs are laid anew for one choice of seats because leads end short, and
 * how often in all while seats are chosen anew. A whole build takes a dozen or two; at the limit
 * what was found is told as not proved.
 */
const LAYINGS = 40
const LAYINGS_IN_ALL = 160

/** The plugs laid for one choice of seats. */
interface Laying {
  readonly seats: readonly Joint[]
  readonly frames: Frames
  readonly plugs: readonly Joint[]
  readonly lines: readonly Line[]
  readonly laid: readonly Weighed[]
  readonly shut: ReadonlyMap<string, ShutBy>
  readonly cost: Cost
  readonly exact: boolean
  /** How often plugs were laid to find this. */
  readonly layings: number
  /** Seats of which one at least has to change before these plugs can do better. */
  readonly cut: () => Clause
}

/** Joins all ends of a horizon. What cannot be joined comes back with the reasons. */
export function join(ends: readonly EndOf[], options: JoinOptions): Joined {
  const { pins, layout, cases, alike, kindred, keep, enter } = options
  const given = (plug: string, socket: string): boolean => pins[plug] === socket
  const isBody = (ref: string): boolean => isMechanical(byRef.get(ref)?.end.face ?? 'tray')
  // All of these hold between ends of one part.
  const byItem = new Map<string, EndOf[]>()
  for (const e of ends) (byItem.get(e.item) ?? byItem.set(e.item, []).get(e.item))?.push(e)
  const parts = [...byItem].map(([item, own]) =>
    keep(`rules/${item}`, own, () => ({
      demands: demandsOf(own),
      excludes: exclusions(own),
      follows: followings(own),
      budgets: budgetsOf(own.filter(e => !isMechanical(e.end.face))),
      outlines: own.map(outlineOf),
      shapes: own.map(shapeOf),
    })),
  )
  const rules = keep('rules', parts, () => ({
    outlines: new Map(parts.flatMap(p => p.outlines).map(o => [o.ref, o])),
    demands: parts.flatMap(p => p.demands),
    excludes: parts.flatMap(p => p.excludes),
    follows: parts.flatMap(p => p.follows),
    budgets: parts.flatMap(p => p.budgets),
  }))
  const shapes = enter(
    'shapes',
    parts.flatMap(p => p.shapes),
  )
  const byRef = endsByRef(shapes)
  const bodies = enter(
    'bodies',
    shapes.filter(e => isMechanical(e.end.face)),
  )
  const leads = enter(
    'leads',
    shapes.filter(e => !isMechanical(e.end.face)),
  )

  const anywhere: Weighing = {
    at: 'seats',
    places: new Map(),
    layout: null,
    lengths: false,
    keep,
    enter,
  }
  const seatPairs = weighAll(bodies, shapes, pins, anywhere)
  const sittings = keep('sittings', [seatPairs, bodies], () => sittingsOf(seatPairs, byRef))
  const places = keep('places', [cases, sittings], () => placesOf(cases, sittings, CASE_FRAME))
  const roomy: Weighing = { ...anywhere, at: 'plan', places, layout }
  const plugPairs = withinReach(weighAll(leads, shapes, pins, roomy), byRef, pins, roomy)
  const able = keep('able', [seatPairs, plugPairs], () =>
    candidatesOf([...seatPairs, ...plugPairs]),
  )
  const base = keep('base', [able, rules, pins], () => problemOf(able, rules.demands))

  const best = planned()
  const { seats, plugs } = best
  const unmet = keep('unmet', [seats, plugs, rules, seatPairs, best.laid, best.shut], () => {
    const joined = new Set([...seats, ...plugs].flatMap(j => [j.a, j.b]))
    return unmetOf(
      rules.demands.filter(d => !d.refs.some(ref => joined.has(ref))),
      { ends: rules.outlines, weighed: [...seatPairs, ...best.laid], shut: best.shut, joined },
    )
  })
  return {
    seats,
    plugs,
    unmet,
    frames: best.frames,
    lines: best.lines,
    outlines: rules.outlines,
    exact: best.exact,
  }

  /** Plan and laying in turn until they meet. */
  function planned(): Laying {
    let best: Laying | null = null
    let cuts: readonly Clause[] = []
    let layings = 0
    for (let round = 0; ; round++) {
      const clauses = enter(`cuts/${round}`, cuts)
      const problem: MatchProblem = keep(`plan/${round}`, [base, clauses], () => ({
        ...base,
        clauses,
      }))
      const matched = keep(`matched/${round}`, [problem], () =>
        match(problem, NODE_LIMIT, (name, part, solved) =>
          keep(
            `planned-part/${round}/${name}`,
            [enter(`plan-part/${round}/${name}`, part)],
            solved,
          ),
        ),
      )
      const plan = keep(`planned/${round}`, [matched, problem, kindred], () =>
        inOrder(matched, problem, byId(problem.candidates), kindred, () => true),
      )
      if (best && !less(withoutLength(plan.cost), best.cost)) return best
      const seats = keep(`seats/${round}`, [plan, rules, pins], () =>
        jointsOf(plan.pairs.filter(c => isBody(c.plug))),
      )
      const laying = layingFor(seats, plan, round)
      if (!best || less(laying.cost, best.cost)) best = laying
      if (!less(withoutLength(plan.cost), best.cost)) return best
      const cut = laying.cut()
      layings += laying.layings
      if (layings >= LAYINGS_IN_ALL || cut.length === 0)
        return { ...best, exact: best.exact && cut.length === 0 && plan.exact }
      cuts = [...cuts, cut]
    }
  }

  function layingFor(seats: readonly Joint[], plan: Matching, round: number): Laying {
    const frames = keep(`frames/${round}`, [cases, bodies, seats], () =>
      framesOf(cases, byRef, seats),
    )
    const there: Weighing = {
      at: `laid/${round}`,
      places: keep(
        `where/${round}`,
        [frames],
        () => new Map([...frames].map(([item, f]) => [item, [f]])),
      ),
      layout,
      lengths: true,
      keep,
      enter,
    }
    const seated = keep(`seated/${round}`, [seatPairs, seats], () => {
      const taken = new Set(seats.map(j => j.id))
      return seatPairs.filter(w => w.candidate && taken.has(pairId(w.candidate)))
    })
    const shut = keep(
      `shut/${round}`,
      [seated],
      () => new Map(seated.flatMap(w => w.shuts.map(s => [s.ref, { ...s, by: w }] as const))),
    )
    const laid = withinReach(weighAll(leads, shapes, pins, there), byRef, pins, there)
    const open = keep(`open/${round}`, [laid, shut], () =>
      candidatesOf(laid.filter(w => !shut.has(w.socket) && !shut.has(w.plug))),
    )
    const { found, lines, clauses, layings } = pluggedIn(open, frames, round)
    const plugs = keep(`joints/${round}`, [found, rules, pins], () => jointsOf(found.pairs))
    const freeBodies = rules.demands.filter(
      d =>
        d.refs.every(isBody) &&
        !d.refs.some(ref => plan.pairs.some(p => p.plug === ref || p.socket === ref)),
    )
    const cost = [
      ...seated.flatMap(w => (w.candidate ? [w.candidate.cost] : [])),
      ...freeBodies.map(d => UNMET[d.need]),
      withoutLength(found.cost),
    ].reduce(add, FREE)
    return {
      seats,
      frames,
      plugs,
      lines,
      laid,
      shut,
      cost,
      exact: found.exact && plan.exact,
      layings,
      cut: () => cutOf(seats, laid, clauses, shut),
    }
  }

  /**
   * The matching of plugs where all seats are fixed; drawn up again without lines that turn out too
   * short and sets that no cables serve.
   */
  function pluggedIn(
    left: readonly Candidate[],
    frames: Frames,
    round: number,
  ): {
    readonly found: Matching
    readonly lines: readonly Line[]
    readonly clauses: readonly Clause[]
    readonly layings: number
  } {
    const fixed = keep(`fixed/${round}`, [left, rules, pins], () =>
      problemOf(
        left,
        rules.demands.filter(d => d.refs.some(ref => !isBody(ref))),
      ),
    )
    const pairs = byId(left)
    let clauses: readonly Clause[] = []
    for (let again = 0; ; again++) {
      const without = enter(`clauses/${round}/${again}`, clauses)
      const problem: MatchProblem = keep(`problem/${round}/${again}`, [fixed, without], () => ({
        ...fixed,
        clauses: without,
      }))
      const matched = keep(`match/${round}/${again}`, [problem], () =>
        match(problem, NODE_LIMIT, (name, part, solved) =>
          keep(
            `matched-part/${round}/${again}/${name}`,
            [enter(`part/${round}/${again}/${name}`, part)],
            solved,
          ),
        ),
      )
      const { found, lines, broken } = keep(
        `chained/${round}/${again}`,
        [matched, left, frames, leads, layout, pins, kindred, alike],
        () => {
          const chained = chainedPairs(matched.pairs, pairs, frames, `${round}/${again}`)
          const linesBy = (chosen: readonly Candidate[]) =>
            linesOf({ ends: byRef, pairs: chosen, frames })
          const shortOf = (lines: readonly Line[]) =>
            layout
              ? conflicts(byRef, lines, layout, p => given(p.plug, p.socket)).filter(c =>
                  c.every(p => pairs.has(p)),
                )
              : []
          const asMatched = linesBy(matched.pairs)
          const tooShort = shortOf(asMatched).map(c => c.map(p => [p]))
          const unserved =
            'blocked' in chained
              ? [
                  chained.blocked.map(ref =>
                    fixed.candidates.filter(c => c.socket === ref).map(pairId),
                  ),
                ]
              : []
          const plugged = enter(`plugged/${round}/${again}`, {
            ...matched,
            pairs: 'pairs' in chained ? chained.pairs : matched.pairs,
          })
          const isLoose = (item: string): boolean => !frames.has(item)
          const settled = keep(
            `settled/${round}/${again}`,
            [plugged, left, kindred, without, frames],
            () => inOrder(plugged, problem, pairs, kindred, isLoose),
          )
          const settledLines = settled.pairs === matched.pairs ? asMatched : linesBy(settled.pairs)
          const moved =
            settled !== plugged && tooShort.length === 0 && shortOf(settledLines).length > 0
          const found = moved ? inOrder(plugged, problem, pairs, alike, isLoose) : settled
          return {
            found,
            lines: moved ? linesBy(found.pairs) : settledLines,
            broken: [...tooShort, ...unserved],
          }
        },
      )
      const known = new Set(clauses.map(c => c.join(' ')))
      const fresh = broken.filter(c => !known.has(c.join(' ')))
      if (fresh.length === 0 || again === LAYINGS)
        return {
          found: { ...found, exact: found.exact && broken.length === 0 },
          lines,
          clauses,
          layings: again + 1,
        }
      clauses = [...clauses, ...fresh]
    }
  }

  /** The same sockets served, by the plugs along each cable that lay the least of it. */
  function chainedPairs(
    chosen: readonly Candidate[],
    pairs: ReadonlyMap<string, Candidate>,
    frames: Frames,
    at: string,
  ): { readonly pairs: readonly Candidate[] } | { readonly blocked: readonly string[] } {
    const plugs = enter(`chained-plugs/${at}`, leads.filter(isChained))
    const onChain = new Set(plugs.map(p => p.ref))
    const sockets = enter(
      `chained-sockets/${at}`,
      chosen
        .flatMap(c => (onChain.has(c.plug) ? (byRef.get(c.socket) ?? []) : []))
        .sort((a, b) => (a.ref < b.ref ? -1 : 1)),
    )
    if (sockets.length === 0) return { pairs: chosen }
    const could = enter(
      `chainable/${at}`,
      [...pairs.values()].filter(c => onChain.has(c.plug)).map(pairId),
    )
    const plan = keep(`chain-plan/${at}`, [plugs, sockets, could, frames, layout, pins], () => {
      const joinable = new Set(could)
      const pinned = Object.entries(pins).filter(([plug, socket]) =>
        joinable.has(`${plug}~${socket}`),
      )
      const [socketOf, plugOf] = [
        new Map(pinned),
        new Map(pinned.map(([plug, socket]) => [socket, plug])),
      ]
      const fits = (plug: string, socket: string): boolean =>
        joinable.has(`${plug}~${socket}`) &&
        (socketOf.get(plug) ?? socket) === socket &&
        (plugOf.get(socket) ?? plug) === plug
      return chainPlan({ plugs, sockets, frames, layout, given, fits })
    })
    if ('blocked' in plan) return plan
    return {
      pairs: [
        ...chosen.filter(c => !onChain.has(c.plug)),
        ...plan.pairs.flatMap(p => pairs.get(pairId(p)) ?? []),
      ].sort((a, b) => (a.plug < b.plug ? -1 : 1)),
    }
  }

  /**
   * The seats that decide what reaches: of items whose leads lost a partner here, and of what shuts
   * their ends. Alike items stand for each other.
   */
  function cutOf(
    seats: readonly Joint[],
    laid: readonly Weighed[],
    clauses: readonly Clause[],
    shut: ReadonlyMap<string, ShutBy>,
  ): Clause {
    const here = new Set(laid.flatMap(w => (w.candidate ? [pairId(w.candidate)] : [])))
    const lost = [
      ...plugPairs.flatMap(w =>
        w.candidate && !here.has(pairId(w.candidate)) ? [w.plug, w.socket] : [],
      ),
      ...clauses.flat(2).flatMap(p => p.split('~')),
    ]
    const outer = new Map(seats.map(j => [j.items[0], j.items[1]]))
    const upwards = (item: string): readonly string[] => {
      const next = outer.get(item)
      return next === undefined ? [item] : [item, ...upwards(next)]
    }
    const items = new Set([
      ...lost.flatMap(ref => upwards(itemOfRef(ref))),
      ...[...shut.values()].flatMap(s => upwards(itemOfRef(s.by.plug))),
    ])
    const choices = new Map<string, number>()
    for (const w of seatPairs) if (w.candidate) choices.set(w.plug, (choices.get(w.plug) ?? 0) + 1)
    return seats
      .filter(j => items.has(j.items[0]) && (choices.get(j.a) ?? 0) > 1)
      .map(j => {
        const kin = alike.get(j.items[0])
        return seatPairs.flatMap(w =>
          w.candidate &&
          w.socket === j.b &&
          (w.plug === j.a || (kin !== undefined && alike.get(itemOfRef(w.plug)) === kin))
            ? [pairId(w.candidate)]
            : [],
        )
      })
  }

  function problemOf(
    candidates: readonly Candidate[],
    demands: readonly Demand[],
  ): Omit<MatchProblem, 'clauses'> {
    const able = new Set(candidates.flatMap(c => [c.plug, c.socket]))
    return {
      demands,
      candidates,
      budgets: binding(rules.budgets, candidates),
      excludes: rules.excludes.filter(([a, b]) => able.has(a) && able.has(b)),
      follows: rules.follows.filter(([a, b]) => able.has(a) || able.has(b)),
      pins: Object.entries(pins).filter(([a, b]) =>
        candidates.some(c => c.plug === a && c.socket === b),
      ),
    }
  }

  function jointsOf(
    pairs: readonly { readonly plug: string; readonly socket: string }[],
  ): readonly Joint[] {
    return pairs.flatMap(({ plug, socket }) => {
      const [a, b] = [rules.outlines.get(plug), rules.outlines.get(socket)]
      return a && b ? [jointOf(a, b, pins[plug] === socket)] : []
    })
  }
}

const byId = oncePer(
  (candidates: readonly Candidate[]): ReadonlyMap<string, Candidate> =>
    new Map(candidates.map(c => [pairId(c), c])),
)
const candidatesOf = (weighed: readonly Weighed[]): readonly Candidate[] =>
  weighed.flatMap(w => w.candidate ?? [])

/** Plans know no lengths: what is compared with them leaves lengths out. */
const withoutLength = ([must, should, may, gravity, purpose, rank]: Cost): Cost => [
  must,
  should,
  may,
  gravity,
  purpose,
  rank,
  0,
]
