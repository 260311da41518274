// Every lead that is joined, with the way it takes: from where it leaves its part, or from socket to socket when it is loose.
import type { EndOf, Joint } from '../joints/joint'
import { exitOf, pointOf, type Frames } from '../joints/places'
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
  return plugs.flatMap((joint, i): readonly LaidLead[] => {
    const plug = ends.get(joint.a)
    const socket = ends.get(joint.b)
    if (!plug?.end.lead || !socket) return []
    const other = plug.end.among?.how === 'both' ? plugs.find((j, k) => k > i && j.items[0] === joint.items[0]) ?? null : undefined
    if (other === null) return []
    const from = other && ends.get(other.b)
    return keep(`lead/${plug.ref}`, [joint, other, plug, socket, from, frames, layout, names], () => laid(plug, socket, from, other ? [joint, other] : [joint], frames, layout, names))
  })
}

/** One lead laid: from its exit, or from `from` where it is loose at both ends. */
function laid(plug: EndOf, socket: EndOf, from: EndOf | undefined, joints: readonly Joint[], frames: Frames, layout: Layout, names: Laying['names']): readonly LaidLead[] {
  if (!plug.end.lead) return []
  const start = from ? pointOf(frames, from) : exitOf(frames, plug)
  const goal = pointOf(frames, socket)
  const way = start && goal ? reach(layout, start, goal, plug.ref, `the ${plug.end.label}`) : null
  const item = names.get(plug.item) ?? ''
  return [{
    joints, plug, length: plug.end.lead.length, reach: way, noWay: Boolean(start && goal && !way),
    label: from && !isMechanical(plug.end.face) ? `${CONNECTORS[plug.end.face].name} lead ${item}` : `${plug.end.label} of the ${item}`,
    to: `${socket.end.label} of the ${names.get(socket.item) ?? ''}`,
  }]
}
