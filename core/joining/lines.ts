// Lines: the chain of joints from where a lead leaves a fixed part to where its last plug goes in,
// over loose leads and adapters that hang between. Needs of length are questions about lines.
import type { Vec3 } from '../geometry/space'
import { groupBy } from '../collections/groups'
import { minus, plus, type Sum } from '../figures/quantity'
import { endRef, type EndRef } from '../ids/ids'
import { pairId } from '../matching/candidate'
import { ownLead } from '../parts/end'
import { exitOf, pointOf, type Frames } from './places'
import type { EndOf } from './joint'

export interface Pair {
  readonly plug: EndRef
  readonly socket: EndRef
}

export interface Line {
  /** The joints it runs over, the one at its start first. */
  readonly pairs: readonly Pair[]
  /** The end whose lead starts the line, and the socket at which it ends. */
  readonly first: EndOf
  readonly goal: EndOf
  readonly from: Vec3
  readonly to: Vec3
  readonly length: Sum
  /** The plug before it on the same cable, where it goes on from there. */
  readonly after: EndRef | null
}

/** Ends by ref, and the joined pairs by each of their refs and by the item that is joined. */
export interface Joinery {
  readonly ends: ReadonlyMap<string, EndOf>
  readonly pairs: readonly Pair[]
  readonly frames: Frames
}

/** Every line whose start and goal have a place. A loose lead and what hangs on it are one line. */
export function linesOf(joinery: Joinery): readonly Line[] {
  const { ends, pairs, frames } = joinery
  const net = netOf(joinery)
  return pairs.flatMap((pair): readonly Line[] => {
    const [plug, goal] = [ends.get(pair.plug), ends.get(pair.socket)]
    const to = goal && pointOf(frames, goal)
    if (!plug || !goal || !to) return []
    const own = ownLead(goal.end)
    return arriving(net, plug, ends.size).map(line => ({
      ...line,
      length: own ? plus(line.length, own) : line.length,
      pairs: [...line.pairs, pair],
      goal,
      to,
    }))
  })
}

/** What is joined, by the item that it goes into and by the item that it comes from. */
interface Net extends Joinery {
  readonly into: ReadonlyMap<string, readonly Pair[]>
  readonly out: ReadonlyMap<string, readonly Pair[]>
}
function netOf(joinery: Joinery): Net {
  const { ends } = joinery
  const whole = joinery.pairs.filter(p => ends.has(p.plug) && ends.has(p.socket))
  return {
    ...joinery,
    into: groupBy(whole, p => ends.get(p.socket)?.item ?? ''),
    out: groupBy(whole, p => ends.get(p.plug)?.item ?? ''),
  }
}

type Arriving = Omit<Line, 'goal' | 'to'>

/**
 * The lines that arrive at a plug: from its own part where that is fixed, else from what hangs on
 * the loose part before it. `steps` bounds how many parts are passed.
 */
function arriving(net: Net, plug: EndOf, steps: number): readonly Arriving[] {
  const { lead } = plug.end
  if (!lead || steps === 0) return []
  const from = exitOf(net.frames, plug)
  if (from) return [alongItsCable(net, plug, lead.length) ?? startingHere(plug, from, lead.length)]
  if (net.frames.has(plug.item)) return []
  if (plug.end.among?.how === 'both') return fromOtherEnd(net, plug, lead.length)
  const branch = fromItsStem(net, plug, lead.length)
  if (branch.length > 0) return branch
  return (net.into.get(plug.item) ?? []).flatMap(p => {
    const before = net.ends.get(p.plug)
    if (!before) return []
    return arriving(net, before, steps - 1).map(line => ({
      ...line,
      pairs: [...line.pairs, p],
      length: plus(line.length, lead.length),
    }))
  })
}

const startingHere = (first: EndOf, from: Vec3, length: Sum): Arriving => ({
  ...{ pairs: [], first, from, length, after: null },
})

/**
 * A cable with several plugs is laid once, plug by plug: what comes later on it goes on from where the
 * plug before it sits.
 */
function alongItsCable(net: Net, plug: EndOf, length: Sum): Arriving | null {
  const own = plug.end.lead
  if (own?.shared !== true) return null
  const before = (net.out.get(plug.item) ?? [])
    .flatMap(pair => {
      const end = net.ends.get(pair.plug)
      const goal = net.ends.get(pair.socket)
      const from = goal && pointOf(net.frames, goal)
      const lead = end?.end.lead
      if (!end || !lead || !from) return []
      const isBefore = lead.chain === own.chain && end.end.rank < plug.end.rank
      // Where a socket hangs on a lead itself, that comes to meet the plug before it as well.
      return isBefore ? [{ end, from, span: lead.length, meets: ownLead(goal.end) }] : []
    })
    .sort((a, b) => b.end.end.rank - a.end.end.rank)[0]
  if (!before) return null
  const { from, span, end, meets } = before
  const stretch = minus(length, span)
  return {
    ...{ pairs: [], first: plug, from, after: end.ref },
    length: meets ? plus(stretch, meets) : stretch,
  }
}

/** A loose lead is one line: it begins at the end whose name comes later. */
function fromOtherEnd(net: Net, plug: EndOf, length: Sum): readonly Arriving[] {
  return (net.out.get(plug.item) ?? [])
    .filter(p => plug.ref < p.plug)
    .flatMap(p => startingAt(net, p, plug, length))
}

/** A branch of a fan-out or a ribbon is a line from where the one plug sits that it follows. */
function fromItsStem(net: Net, plug: EndOf, length: Sum): readonly Arriving[] {
  const stems = plug.end.follows.map(key => endRef(plug.item, key))
  return (net.out.get(plug.item) ?? [])
    .filter(p => stems.includes(p.plug))
    .flatMap(p => startingAt(net, p, plug, length))
}

function startingAt(net: Net, start: Pair, plug: EndOf, length: Sum): readonly Arriving[] {
  const far = net.ends.get(start.socket)
  const from = far && pointOf(net.frames, far)
  return from ? [{ pairs: [start], first: plug, from, length, after: null }] : []
}

export const lineId = (line: Pick<Line, 'pairs'>): string => line.pairs.map(pairId).join(' ')
