// Why something that fits and is free is not joined all the same: what binds, by name.
import { compareBy } from '../collections/compare'
import { passageOf } from '../ways/heads'
import { needOf } from '../ways/reach'
import type { Field } from '../ways/field'
import { minus, valueOf, type Sum } from '../figures/quantity'
import { endRef, type EndRef } from '../ids/ids'
import type { EndOf } from './joint'
import { pointOf, type Frames } from './places'
import { cableAtSupply, eachOnce, intoSockets } from './supply-sockets'

/** What is joined, where everything lies, and which plug is in which socket and the reverse. */
export interface Binding {
  readonly ends: ReadonlyMap<string, EndOf>
  readonly frames: Frames
  readonly field: Field | null
  readonly other: ReadonlyMap<string, string>
}

/** One sentence a cause, for the ends that are free and fit what wants a partner. */
export function whyLeft(
  wants: readonly EndRef[],
  free: readonly EndRef[],
  binding: Binding,
): readonly string[] {
  const found = free.flatMap(ref => {
    const end = binding.ends.get(ref)
    return end ? (whyOne(wants, end, binding) ?? []) : []
  })
  if (found.length > 0) return [...new Set(found)]
  const labels = free.flatMap(ref => binding.ends.get(ref)?.end.label ?? [])
  const named = [...new Set(labels)].slice(0, NAMED).join(', ')
  return [`${named} is free, and joining it would cost as much elsewhere`]
}
/** Named choice: how many ends a sentence names. */
const NAMED = 3

const whyOne = (wants: readonly EndRef[], end: EndOf, binding: Binding): string | null =>
  noSocketLeft(end, binding) ?? hopTooShort(wants, end, binding) ?? unfed(end, binding)

/** Its cable lies in the box, because the supply has no socket left for it. */
function noSocketLeft(end: EndOf, { ends, other }: Binding): string | null {
  const own = cableAtSupply(end.item, end.end.lead)
  if (!own) return null
  const used = eachOnce(
    [...ends.values()].flatMap(e =>
      e.item === end.item && other.has(e.ref) ? (cableAtSupply(e.item, e.end.lead) ?? []) : [],
    ),
  )
  if (used.some(c => c.cable === own.cable)) return null
  const together = intoSockets(eachOnce([...used, own]))
  if (!('tooMany' in together)) return null
  const rivals = together.tooMany.filter(c => c.cable !== own.cable).map(c => c.cable)
  return (
    `cable ${own.cable} finds no socket at the supply: ${many(own.into.length)} ` +
    `such cables, and ${rivals.join(', ')} ${rivals.length === 1 ? 'has' : 'have'} ${
      own.into.length === 1 ? 'it' : 'them'
    }`
  )
}
const many = (sockets: number): string =>
  sockets === 1 ? 'one is there for' : `${sockets} are there for`

/** The stretch to the next plug of the same cable is shorter than the way between the two. */
function hopTooShort(wants: readonly EndRef[], end: EndOf, binding: Binding): string | null {
  const near = nearestInUse(end, binding)
  const goal = wants.flatMap(ref => binding.ends.get(ref) ?? []).at(0)
  if (!near || !goal || !end.end.lead) return null
  const way = wayBetween(near.socket, goal, binding)
  const span = Math.abs(valueOf(minus(end.end.lead.length, near.length)) ?? 0)
  if (way === null || way <= span) return null
  return (
    `plug ${end.end.rank + 1} of cable ${end.end.lead.chain ?? ''} comes ${Math.round(span)} mm ` +
    `after the one in ${near.socket.end.label}, and ${Math.round(way)} mm are between them`
  )
}

/** The plug of the same cable that is in use and comes nearest along it. */
function nearestInUse(
  { item, end: { lead, rank } }: EndOf,
  { ends, other }: Binding,
): { readonly length: Sum; readonly socket: EndOf } | null {
  if (lead?.shared !== true) return null
  const [near] = [...ends.values()]
    .filter(e => e.item === item && e.end.lead?.chain === lead.chain && other.has(e.ref))
    .sort(compareBy(e => Math.abs(e.end.rank - rank)))
  const socket = near && ends.get(other.get(near.ref) ?? '')
  return near?.end.lead && socket ? { length: near.end.lead.length, socket } : null
}

/** What a cable needs from one socket to the other, mm; null where a place is not known. */
function wayBetween(a: EndOf, b: EndOf, { frames, field }: Binding): number | null {
  const [from, to] = [pointOf(frames, a), pointOf(frames, b)]
  return field && from && to
    ? (needOf(field, from, to, passageOf(field.layout, b.end))?.value ?? null)
    : null
}

/** What hands on is dead until all its inlets are joined. */
function unfed(end: EndOf, { ends, other }: Binding): string | null {
  const missing = end.end.follows
    .map(key => endRef(end.item, key))
    .filter(ref => !other.has(ref))
    .flatMap(ref => ends.get(ref)?.end.label ?? [])
  if (missing.length === 0) return null
  return `${end.end.label} is dead until ${missing.join(' and ')} ${
    missing.length === 1 ? 'is' : 'are'
  } plugged in`
}
