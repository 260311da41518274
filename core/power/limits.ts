// What the contacts of a joint stand on one rail: what the parts state of it, else what their
// connectors stand, whichever of the two sides is the weaker.
import { connector, isMechanical, isPower } from '../connectors/connectors'
import { fact, of, valueOf, type Sum } from '../figures/quantity'
import { usual } from '../figures/units'
import type { End } from '../parts/end'
import { VOLTS, type Rail } from '../standards/rails'

/**
 * The least current that plug and socket stand on a rail, A; null where neither part nor standard
 * nor custom says. A power plug bounds what flows as much as its socket; of a header only the
 * socket does: what is plugged there has no say in what the board gives.
 */
export function limitOf(plug: End, socket: End, rail: Rail): Sum | null {
  const sides = isPower(plug.face) ? [plug, socket] : [socket]
  const limits = sides.flatMap(end => end.limits[rail] ?? byConnector(end, rail) ?? [])
  return limits.reduce<Sum | null>(weaker, null)
}

const weaker = (a: Sum | null, b: Sum): Sum =>
  a === null || (valueOf(b) ?? Infinity) < (valueOf(a) ?? Infinity) ? b : a

function byConnector({ face }: End, rail: Rail): Sum | null {
  if (isMechanical(face)) return null
  const { limit, name } = connector(face)
  const amps = limit?.rails?.amps[rail]
  if (limit?.rails === undefined || amps === undefined) return null
  const isStandard = limit.rails.by === 'standard'
  const figure = isStandard
    ? ({ value: amps, basis: 'standard', tol: 0 } as const)
    : usual(amps, 'A', 0)
  return of(fact(`limit:${face}:${rail}`, `${VOLTS[rail]} V of a ${name}`, 'A', figure))
}
