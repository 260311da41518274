// What a connector can give by its standard, as sums that name the standard.
import { connector, type PlugFace } from '../connectors/connectors'
import { fact, of, type Sum } from '../figures/quantity'
import type { Unit } from '../figures/units'
import type { End } from './end'

const byStandard = (ref: string, label: string, unit: Unit, value: number): Sum =>
  of(fact(ref, label, unit, { value, basis: 'standard', tol: 0 }))

/** The ports of a socket for data leads; nothing for any other face. */
export function portsOf(face: PlugFace): End['gives'] {
  const { limit, name } = connector(face)
  if (limit?.ports === undefined) return {}
  return { ports: byStandard(`ports:${face}`, `ports of a ${name}`, 'pcs', limit.ports) }
}

/** The watts at 12 V that a plug carries; nothing for any other face. */
export function wattsOf(face: PlugFace): End['gives'] {
  const { limit, name } = connector(face)
  if (limit?.W12 === undefined) return {}
  return { W12: byStandard(`limit:${face}`, `12 V limit of the ${name}`, 'W', limit.W12) }
}
