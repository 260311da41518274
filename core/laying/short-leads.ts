// Leads that were not joined because they end short: the way that was measured, to be seen.
import { nearestExit, type Lying } from '../joining/exits'
import { pointOf } from '../joining/places'
import type { EndOf, Unmet } from '../joining/joint'
import type { Sum } from '../figures/quantity'
import type { Field } from '../ways/field'
import { passageOf } from '../ways/heads'
import { reach, type Reach } from '../ways/reach'
import { nextBest } from './next-best'

export interface ShortLead {
  readonly plug: EndOf
  readonly socket: EndOf
  /** The demand that stays without a partner for it. */
  readonly demand: string
  readonly length: Sum
  readonly need: Sum
  /** Null where it hangs loose at both ends, or no way is known. */
  readonly reach: Reach | null
  readonly next: Reach | null
}

interface Missed extends Lying {
  readonly unmet: readonly Unmet[]
  readonly ends: ReadonlyMap<string, EndOf>
  readonly field: Field | null
}

/** What ends short of what it should be joined to, the nearest lead for each demand. */
export function shortLeadsOf({ unmet, ends, field, ...lying }: Missed): readonly ShortLead[] {
  return unmet.flatMap(({ demand, short }): readonly ShortLead[] => {
    const [plug, socket] = (short?.refs ?? []).map(ref => ends.get(ref))
    if (!short || !plug || !socket) return []
    const own = { plug, socket, demand: demand.id, length: short.have, need: short.need }
    return [{ ...own, ...waysOf(plug, socket, { field, ...lying }) }]
  })
}

/** The way from the nearest place where it may begin, and the next best. */
function waysOf(
  plug: EndOf,
  socket: EndOf,
  { field, ...lying }: Lying & Pick<Missed, 'field'>,
): Pick<ShortLead, 'reach' | 'next'> {
  const to = pointOf(lying.frames, socket)
  const from = field && to && nearestExit(field, lying, plug, to)?.from
  if (!field || !from || !to) return { reach: null, next: null }
  const about = { from, to, ref: plug.ref, label: `the ${plug.end.label}` }
  const passage = passageOf(field.layout, plug.end)
  const taken = reach(field, about, passage)
  return { reach: taken, next: taken && nextBest(field, about, passage, taken) }
}
