// One choice of seats, and the plugs laid for it with true lengths, lines and chains.
import { endsOfJoint, itemOf } from '../ids/ids'
import { pairId, type Candidate, type Clause } from '../matching/candidate'
import { add, FREE, STRIFE, unmetCost, withoutLength, type Cost } from '../matching/cost'
import { heldStrifes } from '../matching/match'
import type { Matching } from '../matching/problem'
import { kept } from '../pipeline/kept'
import type { Field } from '../ways/field'
import { endsByRef, type EndOf, type Joint } from './joint'
import { candidatesOf, isBodyEnd, jointsOf, pairsLike, type Joinable } from './joinable'
import type { Line } from './lines'
import { plugPairsOf } from './pairs'
import { framesOf, type Frames } from './places'
import { fieldAt } from './field'
import type { PlugSides } from './plug-field'
import { plugSidesAt } from './plug-sides'
import { newIn, pluggedIn } from './plugging'
import type { ShutBy } from './reasons'
import type { Places, Weighed } from './weigh'

export interface Laying {
  readonly seats: readonly Joint[]
  readonly frames: Frames
  /** The space that its leads are laid in. */
  readonly field: Field | null
  readonly plugs: readonly Joint[]
  readonly lines: readonly Line[]
  /** The sides of plugs as they lie, and the sockets of each cable there, by its name. */
  readonly sides: PlugSides
  readonly sockets: ReadonlyMap<string, readonly string[]>
  /** The leads as they were weighed where everything sits. */
  readonly laid: readonly Weighed[]
  readonly shut: ReadonlyMap<string, ShutBy>
  readonly cost: Cost
  readonly exact: boolean
  /** How often plugs were laid to find this. */
  readonly layings: number
  /** What could not be joined together where everything sits. */
  readonly clauses: readonly Clause[]
  /** Those of them that hold wherever things sit. */
  readonly booked: readonly Clause[]
}

const framesAt = kept(
  'frames',
  (cases: readonly string[], shapes: readonly EndOf[], seats: readonly Joint[]): Frames =>
    framesOf(cases, endsByRef(shapes), seats),
)
const placesAt = kept(
  'places-laid',
  (frames: Frames): Places => new Map([...frames].map(([station, f]) => [station, [f]])),
)
const seatedAt = kept(
  'seated',
  (seatPairs: readonly Weighed[], seats: readonly Joint[]): readonly Weighed[] => {
    const taken = new Set<string>(seats.map(j => j.id))
    return seatPairs.filter(w => w.candidate && taken.has(pairId(w.candidate)))
  },
)
const shutAt = kept(
  'shut',
  (seated: readonly Weighed[]): ReadonlyMap<string, ShutBy> =>
    new Map(seated.flatMap(by => by.shuts.map(s => [s.ref, { ...s, by }] as const))),
)
const openAt = kept(
  'open-pairs',
  (laid: readonly Weighed[], shut: ReadonlyMap<string, ShutBy>): readonly Candidate[] =>
    candidatesOf(laid.filter(w => !shut.has(w.socket) && !shut.has(w.plug))),
)
const plugsAt = kept(
  'plug-joints',
  (pairs: readonly Candidate[], of: Pick<Joinable, 'asking' | 'pins'>): readonly Joint[] =>
    jointsOf(pairs, of),
)

/** Lays the plugs for the seats of a plan. */
export function layingFor(
  at: string,
  seats: readonly Joint[],
  plan: Matching,
  joinable: Joinable,
): Laying {
  const { cases, shapes, pins, layout, bodies, seatPairs, asking, arrangements } = joinable
  const arrangement = arrangements.nameOf(seats, at)
  const frames = framesAt(arrangement, cases, shapes, seats)
  const field = fieldAt(arrangement, layout, bodies.shells, seats)
  const sides = plugSidesAt(arrangement, bodies, seats, frames)
  const there = { places: placesAt(arrangement, frames), sides, field, lengths: true }
  const seated = seatedAt(at, seatPairs, seats)
  const shut = shutAt(at, seated)
  const names = { at: `laid/${at}`, there: `laid/${arrangement}` }
  const laid = plugPairsOf(names, { shapes, pins }, there)
  const { found, ...plugged } = pluggedIn(
    at,
    openAt(at, laid, shut),
    { frames, sides, field },
    joinable,
  )
  return {
    seats,
    frames,
    sides,
    field,
    ...plugged,
    plugs: plugsAt(at, found.pairs, { asking, pins }),
    laid,
    shut,
    cost: costOf(seated, found, plan, joinable),
    exact: found.exact && plan.exact,
  }
}

/** What seats and plugs cost together; plans know no lengths, and so they are left out. */
function costOf(
  seated: readonly Weighed[],
  found: Matching,
  plan: Matching,
  joinable: Joinable,
): Cost {
  const planned = new Set(plan.pairs.flatMap(p => [p.plug, p.socket]))
  const without = joinable.asking.demands.filter(
    d => d.refs.every(ref => isBodyEnd(joinable, ref)) && !d.refs.some(ref => planned.has(ref)),
  )
  return [
    ...seated.flatMap(w => (w.candidate ? [w.candidate.cost] : [])),
    ...without.map(unmetCost),
    ...heldStrifes(joinable.strifes, plan.pairs).map(() => STRIFE),
    withoutLength(found.cost),
  ].reduce(add, FREE)
}

/**
 * The seats of which one at least has to change before these plugs can do better: those of items
 * whose leads lost a partner here, and of what shuts their ends. Alike items stand for each other.
 */
export function cutOf(laying: Laying, joinable: Joinable): Clause {
  const { seats, laid, shut } = laying
  const clauses = newIn(laying.clauses, laying.booked)
  const { plugPairs, seatPairs } = joinable
  const here = new Set(laid.flatMap(w => (w.candidate ? [pairId(w.candidate)] : [])))
  const lost = plugPairs.filter(w => w.candidate && !here.has(pairId(w.candidate)))
  const held = new Map(seats.map(j => [j.items[0], j.items[1]]))
  /** An item and all that it sits in, up to the case. */
  const upwards = (item: string): readonly string[] => {
    const holder = held.get(item)
    return holder === undefined ? [item] : [item, ...upwards(holder)]
  }
  const items = new Set(
    [
      ...lost.flatMap(w => [w.plug, w.socket]),
      ...clauses.flat(2).flatMap(id => endsOfJoint(id) ?? []),
      ...[...shut.values()].map(s => s.by.plug),
    ].flatMap(ref => upwards(itemOf(ref))),
  )
  const possible = seatPairs.filter(w => w.candidate)
  return seats
    .filter(j => items.has(j.items[0]) && possible.filter(w => w.plug === j.a).length > 1)
    .map(j => pairsLike(j, joinable))
}
