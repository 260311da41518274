// What a connector lets pass by its standard, as sums that name the standard.
import { connector, type PlugFace } from '../connectors/connectors'
import { fact, of } from '../figures/quantity'
import type { Rail } from '../standards/rails'
import type { End } from './end'

/** The ports of a socket for data leads; nothing for any other face. */
export function portsOf(face: PlugFace): End['gives'] {
  const { limit, name } = connector(face)
  if (limit?.ports === undefined) return {}
  const ports = { value: limit.ports, basis: 'standard', tol: 0 } as const
  return { ports: of(fact(`ports:${face}`, `ports of a ${name}`, 'pcs', ports)) }
}

/** The rail of a connector that has one alone: headers for fans, lights, USB. Null of any other. */
export function onlyRail(face: PlugFace): Rail | null {
  const [rail, ...others] = Object.keys(connector(face).limit?.rails?.amps ?? {}) as readonly Rail[]
  return rail !== undefined && others.length === 0 ? rail : null
}
