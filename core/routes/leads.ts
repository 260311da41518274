// Every lead that is joined, with the way it takes: from where it leaves its part, or from socket to socket when it is loose.
import type { EndOf, Joint } from '../joints/joint'
import { lineId, linesOf, type Line } from '../joints/lines'
import { pairId } from '../joints/match'
import type { Frames } from '../joints/places'
import type { Sum } from '../quantity'
import type { Layout } from '../parts/archetype'
import { CONNECTORS, isMechanical } from '../standards/connectors'
import { reach, type Reach } from './reach'

export interface LaidLead {
  /** The joints the lead makes: one at its free end, or two when it is loose. */
  readonly joints: readonly Joint[]
  readonly plug: EndOf
  readonly length: Sum
  readonly label: string
  readonly to: string
  /** Null when a place on its way is not stated. */
  readonly reach: Reach | null
  readonly noWay: boolean
}

/** What the ways of leads depend on: the joints, where things are, and what they are called. */
export interface Laying {
  readonly plugs: readonly Joint[]
  readonly ends: ReadonlyMap<string, EndOf>
  readonly frames: Frames
  readonly layout: Layout | null
  readonly names: ReadonlyMap<string, string>
}

/** Each joined lead with its way. `keep` holds what was laid while its ends and places are the same. */
export function leadsOf({ plugs, ends, frames, layout, names }: Laying, keep: <R>(name: string, inputs: readonly unknown[], compute: () => R) => R): readonly LaidLead[] {
  if (!layout) return []
  const byId = new Map(plugs.map(j => [j.id, j]))
  const lines = linesOf({ ends, pairs: plugs.map(j => ({ plug: j.a, socket: j.b })), frames })
  return lines.map(line => {
    const joints = line.pairs.flatMap(p => byId.get(pairId(p)) ?? [])
    return keep(`lead/${lineId(line)}`, [layout, names, ...joints, ...joints.flatMap(j => [ends.get(j.a), ends.get(j.b)]), ...line.from, ...line.to], () => laid(line, joints, layout, names))
  })
}

/** One line laid by its shortest way. */
function laid(line: Line, joints: readonly Joint[], layout: Layout, names: Laying['names']): LaidLead {
  const { first: plug, goal } = line
  const way = reach(layout, line.from, line.to, plug.ref, `the ${plug.end.label}`)
  const name = (item: string): string => names.get(item) ?? ''
  const over = joints.slice(1).map(j => name(j.items[0])).filter(n => n !== name(plug.item))
  const loose = plug.end.among?.how === 'both' && !isMechanical(plug.end.face)
  return {
    joints, plug, length: line.length, reach: way, noWay: !way,
    label: `${loose && !isMechanical(plug.end.face) ? `${CONNECTORS[plug.end.face].name} lead ${name(plug.item)}` : `${plug.end.label} of the ${name(plug.item)}`}${over.length > 0 ? `, over the ${[...new Set(over)].join(' and the ')},` : ''}`,
    to: `${goal.end.label} of the ${name(goal.item)}`,
  }
}
