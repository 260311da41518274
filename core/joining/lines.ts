// Lines: the chain of joints from where a lead leaves a fixed part to where its last plug goes in,
// over loose leads and adapters that hang between. Needs of length are questions about lines.
import type { Vec3 } from '../geometry/space'
import { plus, type Sum } from '../figures/quantity'
import { pairId } from '../matching/candidate'
import { exitOf, pointOf, type Frames } from './places'
import type { EndOf } from './joint'

export interface Pair {
  readonly plug: string
  readonly socket: string
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
}

/** Ends by ref, and the joined pairs by each of their refs and by the item that is joined. */
export interface Joinery {
  readonly ends: ReadonlyMap<string, EndOf>
  readonly pairs: readonly Pair[]
  readonly frames: Frames
}

/** Every line whose start and goal have a place. A loose lead and what hangs on it are one line. */
export function linesOf({ ends, pairs, frames }: Joinery): readonly Line[] {
  const into = new Map<string, Pair[]>()
  const out = new Map<string, Pair[]>()
  const put = (map: Map<string, Pair[]>, item: string, pair: Pair): void => {
    ;(map.get(item) ?? map.set(item, []).get(item))?.push(pair)
  }
  for (const pair of pairs) {
    const [plug, socket] = [ends.get(pair.plug), ends.get(pair.socket)]
    if (!plug || !socket) continue
    put(into, socket.item, pair)
    put(out, plug.item, pair)
  }

  /**
   * The lines that arrive at a plug: from its own part where that is fixed, else from what hangs on
   * the loose part before it.
   */
  const arriving = (plug: EndOf, steps: number): readonly Omit<Line, 'goal' | 'to'>[] => {
    const lead = plug.end.lead
    if (!lead || steps === 0) return []
    const from = exitOf(frames, plug)
    if (from) return [{ pairs: [], first: plug, from, length: lead.length }]
    if (frames.has(plug.item)) return []
    if (plug.end.among?.how === 'both') {
      return (out.get(plug.item) ?? [])
        .filter(p => p.plug !== plug.ref)
        .flatMap(p => {
          const far = ends.get(p.socket)
          const start = far && pointOf(frames, far)
          return start && plug.ref < p.plug
            ? [{ pairs: [p], first: plug, from: start, length: lead.length }]
            : []
        })
    }
    return (into.get(plug.item) ?? []).flatMap(p => {
      const before = ends.get(p.plug)
      return before
        ? arriving(before, steps - 1).map(line => ({
            ...line,
            pairs: [...line.pairs, p],
            length: plus(line.length, lead.length),
          }))
        : []
    })
  }

  return pairs.flatMap((pair): Line[] => {
    const [plug, goal] = [ends.get(pair.plug), ends.get(pair.socket)]
    const to = goal && pointOf(frames, goal)
    if (!plug || !goal || !to) return []
    return arriving(plug, ends.size).map(line => ({
      ...line,
      pairs: [...line.pairs, pair],
      goal,
      to,
    }))
  })
}

export const lineId = (line: Pick<Line, 'pairs'>): string => line.pairs.map(pairId).join(' ')
