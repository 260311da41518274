// The way that a lead would take if it could not take its own: what to try when it is too short.
import type { Field } from '../ways/field'
import type { Passage } from '../ways/heads'
import { reach, type LeadWay, type Reach } from '../ways/reach'

/**
 * The shortest way through other holes than those it takes; null where there is none. One hole after
 * the other is left out.
 */
export function nextBest(
  field: Field,
  about: LeadWay,
  passage: Passage,
  taken: Reach,
): Reach | null {
  const own = taken.way.through.join()
  return taken.way.through
    .flatMap(hole => reach(field, about, { ...passage, shut: [...passage.shut, hole] }) ?? [])
    .filter(r => !r.isBlocked && r.way.through.join() !== own)
    .reduce<Reach | null>(
      (best, r) => (best === null || r.way.length < best.way.length ? r : best),
      null,
    )
}
