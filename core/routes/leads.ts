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

export function leadsOf({ layout, names, ...s }: Laying): readonly LaidLead[] {
  if (!layout) return []
  return s.plugs.flatMap((joint, i): LaidLead[] => {
    const plug = s.ends.get(joint.a)
    const socket = s.ends.get(joint.b)
    if (!plug?.end.lead || !socket) return []
    const loose = plug.end.among?.how === 'both'
    const other = loose ? s.plugs.find((j, k) => k > i && j.items[0] === joint.items[0]) : undefined
    if (loose && !other) return []
    const otherSocket = other && s.ends.get(other.b)
    const from = otherSocket ? pointOf(s.frames, otherSocket) : exitOf(s.frames, plug)
    const to = pointOf(s.frames, socket)
    const item = names.get(plug.item) ?? ''
    const way = from && to ? reach(layout, from, to, plug.ref, `the ${plug.end.label}`) : null
    return [{
      joints: other ? [joint, other] : [joint], plug, length: plug.end.lead.length, reach: way, noWay: Boolean(from && to && !way),
      label: loose && !isMechanical(plug.end.face) ? `${CONNECTORS[plug.end.face].name} lead ${item}` : `${plug.end.label} of the ${item}`,
      to: `${socket.end.label} of the ${names.get(socket.item) ?? ''}`,
    }]
  })
}
