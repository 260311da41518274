// Cables with several plugs: which of them serve a set of sockets, so that each stretch between two
// plugs in use is long enough and the least cable is laid. Exact: per cable the best way to serve
// each set of sockets, then cables put together.
import type { EndRef } from '../ids/ids'
import { groupBy } from '../collections/groups'
import { minus, plus, type Sum } from '../figures/quantity'
import type { Field } from '../ways/field'
import { passageOf } from '../ways/heads'
import { endsShort, extentOf, needOf } from '../ways/reach'
import { ownLead } from '../parts/end'
import { nearestExit, type Lying } from './exits'
import type { EndOf } from './joint'
import type { Pair } from './lines'
import { pointOf } from './places'
import { counted } from './scarce'

export const isChained = (e: EndOf): boolean => e.end.lead?.shared === true
const chainOf = (e: EndOf): string => `${e.item} ${e.end.lead?.chain ?? ''}`

/** How much cable lies between two plugs of one chain. */
function spanOf(a: EndOf, b: EndOf): Sum | null {
  const [near, far] = a.end.rank < b.end.rank ? [a, b] : [b, a]
  return near.end.lead && far.end.lead ? minus(far.end.lead.length, near.end.lead.length) : null
}

export interface ChainProblem extends Lying {
  /** All plugs that share a cable with others. */
  readonly plugs: readonly EndOf[]
  readonly sockets: readonly EndOf[]
  /** Whether this plug may go into this socket at all. */
  readonly fits: (plug: EndRef, socket: EndRef) => boolean
  /** Whether a hand has joined them: then no length is asked. */
  readonly given: (plug: EndRef, socket: EndRef) => boolean
  readonly field: Field | null
}

/**
 * The pairs that serve all sockets with the least cable laid, or every smallest set of sockets that
 * these cables cannot serve together.
 */
export type ChainPlan =
  { readonly pairs: readonly Pair[] } | { readonly blocked: readonly (readonly EndRef[])[] }

/** Named choice: how many partial chains are looked at before a set counts as not servable. */
const STATES = 200_000

/**
 * Solves a chain problem. With `m` sockets and cables of `k` plugs: O(cables · (m choose k) · k ·
 * m), then O(cables · 2^m · (m choose k)).
 */
export function chainPlan(problem: ChainProblem): ChainPlan {
  const served = servable(problem)
  const all = 2 ** problem.sockets.length - 1
  const found = served.get(all)
  return found ? { pairs: found.pairs } : { blocked: smallestNotIn(served, problem.sockets) }
}

/** The sets of sockets that are not served though every one of them less would be. */
function smallestNotIn(
  served: ReadonlyMap<number, Served>,
  sockets: readonly EndOf[],
): readonly (readonly EndRef[])[] {
  const found: EndRef[][] = []
  const bits = sockets.map((socket, i) => ({ ref: socket.ref, bit: 1 << i }))
  for (let mask = 1; mask < 2 ** sockets.length; mask++) {
    if (served.has(mask)) continue
    const within = bits.filter(({ bit }) => (mask & bit) !== 0)
    if (within.every(({ bit }) => served.has(mask ^ bit))) found.push(within.map(s => s.ref))
  }
  return found
}

interface Served {
  readonly mask: number
  readonly cost: number
  readonly pairs: readonly Pair[]
}

const NOBODY_SERVED: Served = { mask: 0, cost: 0, pairs: [] }

/** The sets of sockets that all cables serve together, each as cheaply as can be. */
function servable(problem: ChainProblem): ReadonlyMap<number, Served> {
  let together: ReadonlyMap<number, Served> = new Map([[0, NOBODY_SERVED]])
  for (const plugs of groupBy(problem.plugs, chainOf).values()) {
    const along = [...plugs].sort((a, b) => a.end.rank - b.end.rank)
    together = withCable(together, alongCable(problem, along))
  }
  return together
}

/** What cables serve together, with one more cable: of equal sets the cheapest. */
function withCable(
  together: ReadonlyMap<number, Served>,
  ways: readonly Served[],
): ReadonlyMap<number, Served> {
  const next = new Map(together)
  for (const had of together.values()) {
    for (const way of ways) {
      if ((had.mask & way.mask) !== 0) continue
      const mask = had.mask | way.mask
      const cost = had.cost + way.cost
      if (cost < (next.get(mask)?.cost ?? Infinity))
        next.set(mask, { mask, cost, pairs: [...had.pairs, ...way.pairs] })
    }
  }
  return next
}

/** Part of a cable laid: what it serves so far. */
interface Laid extends Served {
  /** The socket and the plug that it ends with. */
  readonly last: number
  readonly plug: number
  /** The last of them whose place is known: what hangs loose in between holds a cable nowhere. */
  readonly held: { readonly socket: number; readonly plug: number } | null
}

/** The best way along one cable for each set of sockets that it can serve. */
function alongCable(problem: ChainProblem, plugs: readonly EndOf[]): readonly Served[] {
  const { sockets, fits, given, frames } = problem
  const best = new Map<number, Served>()
  let open: readonly Laid[] = []
  let states = 0
  const put = (into: Map<string, Laid>, state: Laid): void => {
    const key = `${state.mask} ${state.last} ${state.held?.socket} ${state.held?.plug}`
    if (state.cost < (into.get(key)?.cost ?? Infinity)) into.set(key, state)
    if (state.cost < (best.get(state.mask)?.cost ?? Infinity)) best.set(state.mask, state)
  }
  const needs = neededBy(problem, sockets)
  const isPlaced = sockets.map(s => pointOf(frames, s) !== null)
  plugs.forEach((plug, p) => {
    // What ended at an earlier plug may go on from here, or end there.
    const fresh = new Map<string, Laid>()
    sockets.forEach((socket, s) => {
      if (!fits(plug.ref, socket.ref)) return
      const pair = { plug: plug.ref, socket: socket.ref }
      const byHand = given(pair.plug, pair.socket)
      const cost = distance(problem, plug, socket)
      const held = isPlaced[s] === true ? { socket: s, plug: p } : null
      put(fresh, { mask: 1 << s, cost, pairs: [pair], last: s, plug: p, held })
      for (const state of open) {
        const before = plugs[state.plug]
        if ((state.mask & (1 << s)) !== 0 || !before || excluded(before, plug)) continue
        if ((states += 1) > STATES) continue
        const step = byHand ? 0 : stepTo({ plugs, sockets, needs }, state, { socket: s, plug: p })
        if (step !== null)
          put(fresh, {
            ...{ mask: state.mask | (1 << s), cost: state.cost + step },
            ...{ pairs: [...state.pairs, pair], last: s, plug: p, held: held ?? state.held },
          })
      }
    })
    open = [...open, ...fresh.values()]
  })
  return [...best.values()]
}

interface Cable {
  readonly plugs: readonly EndOf[]
  readonly sockets: readonly EndOf[]
  readonly needs: ReturnType<typeof neededBy>
}

/**
 * How far a cable goes on from where it was last held; null where the stretch between is definitely
 * too short, 0 where nobody knows.
 */
function stepTo(
  { plugs, sockets, needs }: Cable,
  { held }: Laid,
  to: { readonly socket: number; readonly plug: number },
): number | null {
  const [from, goal] = [held ? sockets[held.socket] : undefined, sockets[to.socket]]
  const [before, plug] = [held ? plugs[held.plug] : undefined, plugs[to.plug]]
  const span = before && plug ? spanOf(before, plug) : null
  if (!held || !from || !goal || !plug || !span) return 0
  return stepLength(needs(plug, held.socket, to.socket), withLeads(span, [from, goal]))
}

/** How far two plugs of a cable get apart: where a socket hangs on a lead, that comes to meet it. */
const withLeads = (span: Sum, sockets: readonly EndOf[]): Sum =>
  sockets.flatMap(s => ownLead(s.end) ?? []).reduce((sum, lead) => plus(sum, lead), span)

/** A whole plug and one of its halves are never both used. */
const excluded = (a: EndOf, b: EndOf): boolean =>
  a.end.among !== null &&
  a.end.among.group === b.end.among?.group &&
  (a.end.among.whole === true || b.end.among.whole === true)

/** What a cable counts up to its first plug in use; 0 where nobody knows. */
function distance({ field, ...lying }: ChainProblem, plug: EndOf, socket: EndOf): number {
  const to = pointOf(lying.frames, socket)
  const { lead } = plug.end
  const need = field && to ? nearestExit(field, lying, plug, to)?.need : null
  return need && lead ? counted(need.value, extentOf(lead.length).value) : 0
}

type Need = ReturnType<typeof needOf>
/**
 * What a cable with such a plug needs from one socket to the other; undefined where a place is not
 * known: then nothing is asked.
 */
function neededBy(
  { frames, field }: Pick<ChainProblem, 'frames' | 'field'>,
  sockets: readonly EndOf[],
): (plug: EndOf, from: number, to: number) => Need | undefined {
  const points = sockets.map(s => pointOf(frames, s))
  return (plug, i, k) => {
    const [from, to] = [points[i], points[k]]
    return field && from && to
      ? needOf(field, from, to, passageOf(field.layout, plug.end))
      : undefined
  }
}

/**
 * How far it is from one socket to the next; null where the stretch between is definitely too
 * short.
 */
function stepLength(need: Need | undefined, span: Sum): number | null {
  if (need === undefined) return 0
  const have = extentOf(span)
  return need === null || endsShort(need, have) ? null : counted(need.value, have.value)
}
