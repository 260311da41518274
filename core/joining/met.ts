// Two solids that come near each other: how far they are apart, how grave that is, and whether the
// case promises that they get along.
import { clearance, type Clearance } from '../geometry/clearance'
import { gravity } from '../figures/verdict'
import type { Meeting } from './meetings'
import type { Solid } from './solids'

export interface Met {
  readonly a: Solid
  readonly b: Solid
  readonly found: Clearance
}

/** What of a meeting the case does not promise, pair by pair. */
export const metIn = ({ pairs }: Meeting): readonly Met[] =>
  pairs.flatMap(([a, b]): readonly Met[] => {
    const found = clearance(a, b)
    const met = found && { a, b, found }
    return met && !isPromised(met) ? [met] : []
  })

export const isZone = ({ a, b }: Met): boolean => a.nature === 'zone' || b.nature === 'zone'

/** A plug bends a little: of its room only that counts which is definitely not there, as a price. */
export function gravityOf(met: Met): number {
  const { verdict } = met.found.judged
  if (!isZone(met)) return gravity(verdict)
  return gravity(verdict === 'stop' ? 'watch' : 'clear')
}

/**
 * Whether the case promises it: where it names the forms it takes, or offers a place, what sits there
 * gets along with the case and with the board and the supply beside it. Only stated figures speak
 * against that; what an archetype made up does not. How thick a radiator may be nobody promises, nor
 * what is larger than such places are made for.
 */
function isPromised(met: Met): boolean {
  const { a, b, found } = met
  const isWorkedOut = found.judged.assumed && !isZone(met)
  const isTightByPlace = found.judged.verdict === 'tight' && isFanInPlace(a, b)
  const areOfTheCase = [a, b].every(
    s => s.within.length < 2 && !s.oversize && !UNPROMISED.includes(s.key),
  )
  return areOfTheCase && (isWorkedOut || isTightByPlace)
}
/** A place is for the frames that it names, however little the walls leave beside them. */
const isFanInPlace = (a: Solid, b: Solid): boolean =>
  [a, b].some(s => s.kind === 'fan') && [a, b].some(s => s.kind === 'case')
const UNPROMISED = ['radiator', 'fans', 'outer-fans']
