// Rip up and lay again: where a lead finds no room in a hole, another makes it.
import { compareBy } from '../collections/compare'
import { Filling } from '../case/holes'
import type { Layout } from '../case/layout'
import { lineId } from '../joining/lines'
import { laidLead, reachesAlong, type LaidLead, type ToLay } from './lay-lead'

/** A lead as it lies, with what it was laid from. */
export interface Lying {
  readonly toLay: ToLay
  readonly lead: LaidLead
}

/** Named choice: so often room is made for a lead that found none. */
const ROUNDS = 12

/**
 * For each lead that is pressed through a full hole, the one of those in it that
 * loses the least by another way goes there. Ends where nothing is pressed, or nobody can make room.
 */
export function madeRoom(layout: Layout, all: readonly Lying[]): readonly Lying[] {
  let lying = all
  for (let round = 0; round < ROUNDS; round++) {
    const better = lying
      .filter(l => l.lead.crowded)
      .map(l => roomFor(layout, lying, l))
      .find(r => r)
    if (!better) break
    lying = better
  }
  return lying
}

/** All leads with one that makes room for another; null where none can. */
function roomFor(layout: Layout, lying: readonly Lying[], pressed: Lying): readonly Lying[] | null {
  const wanted = pressed.lead.reach?.way.through ?? []
  const without = (lead: LaidLead) => lying.filter(l => l.lead.cable !== lead.cable)
  const tried = lying.flatMap(other => {
    const shared = other.lead.reach?.way.through.filter(key => wanted.includes(key)) ?? []
    if (other.lead.cable === pressed.lead.cable || shared.length === 0) return []
    const moved = layAgain(layout, without(other.lead), other.toLay, shared)
    if (moved.lead.crowded || !reachesAlong(moved.lead)) return []
    const rest = lying.map(l => (l === other ? moved : l))
    const freed = layAgain(
      layout,
      rest.filter(l => l.lead.cable !== pressed.lead.cable),
      pressed.toLay,
      [],
    )
    if (freed.lead.crowded || !reachesAlong(freed.lead)) return []
    return [{ all: rest.map(l => (l === pressed ? freed : l)), lost: moved.lead.detour }]
  })
  return tried.sort(compareBy(t => t.lost))[0]?.all ?? null
}

/** A lead laid among others, and past some holes that it leaves to another. */
function layAgain(
  layout: Layout,
  others: readonly Lying[],
  toLay: ToLay,
  leaves: readonly string[],
): Lying {
  const filling = new Filling(layout)
  for (const { lead } of others)
    filling.put(lead.cable, lead.plug.end.face, lead.reach?.way.through ?? [])
  const full = filling.shutTo(toLay.cable, toLay.line.first.end.face)
  const shut = [...new Set([...full, ...leaves])]
  return { toLay, lead: laidLead(lineId(toLay.line), toLay, shut) }
}
