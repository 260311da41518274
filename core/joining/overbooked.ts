// Sets of cables that are more than their supply has sockets for.
import { groupBy } from '../collections/groups'
import { pairId, type Candidate, type Clause } from '../matching/candidate'
import { endsByRef } from './joint'
import type { LayingOut } from './reached'
import {
  cableAtSupply,
  eachOnce,
  intoSockets,
  likeSets,
  nameOfCable,
  type CableAtSupply,
} from './supply-sockets'

type Of = Pick<LayingOut, 'shapes' | 'problem' | 'pins'>

/** The cables that pairs hang on, each once. */
export function cablesOf(
  { shapes }: Of,
  pairs: readonly Pick<Candidate, 'plug'>[],
): readonly CableAtSupply[] {
  const ends = endsByRef(shapes)
  return eachOnce(
    pairs.flatMap(({ plug }) => {
      const e = ends.get(plug)
      return e ? (cableAtSupply(e.item, e.end.lead) ?? []) : []
    }),
  )
}

/**
 * Sets of cables of which one at least stays in the box: together they want more sockets than their
 * supply has. What a hand has plugged is not argued with.
 */
export function overbooked(about: Of, pairs: readonly Candidate[]): readonly Clause[] {
  const { problem, pins } = about
  const all = cablesOf(about, problem.candidates)
  if (all.length === 0) return []
  const given = new Set(
    cablesOf(
      about,
      pairs.filter(p => pins[p.plug] === p.socket),
    ).map(nameOfCable),
  )
  const bySupply = groupBy(cablesOf(about, pairs), c => c.supply)
  return [...bySupply.values()].flatMap(cables => {
    const found = intoSockets(cables)
    if (!('tooMany' in found)) return []
    return likeSets(found.tooMany, all)
      .filter(set => !set.every(c => given.has(nameOfCable(c))))
      .map(set => set.map(cable => pairsOn(about, cable)))
  })
}

const pairsOn = ({ problem, shapes }: Of, cable: CableAtSupply): readonly string[] => {
  const ends = endsByRef(shapes)
  return problem.candidates.flatMap(c => {
    const e = ends.get(c.plug)
    return e?.item === cable.supply && e.end.lead?.chain === cable.cable ? [pairId(c)] : []
  })
}
