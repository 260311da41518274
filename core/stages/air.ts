// The air of a case as it is shown: each place where it is moved, which way, by what and how much.
import { at } from '../collections/at'
import { airAt, type Air } from '../case/air'
import { quantity } from '../figures/format'
import { valueOf, type Sum } from '../figures/quantity'
import { breathingPlaces } from '../parts/breathing-places'
import type { Case } from '../parts/case-schema'
import { stage } from '../pipeline/stage'
import { items } from '../plan/items'
import { seats } from '../plan/joints'
import { every } from '../plan/situation'
import { flowsOf, moversIn } from '../rules/air/movers'

export interface AirRow {
  readonly key: string
  readonly label: string
  readonly air: Air
  readonly meant: Air
  /** What sits there; null for an open place. */
  readonly by: string | null
  /** What that moves in free air, m³/h, as it is read. */
  readonly flow: string
  /** The filter before the place, and how it comes out. */
  readonly filter: string
}
export interface AirSection {
  readonly case: string
  readonly name: string
  readonly rows: readonly AirRow[]
  readonly ins: string
  readonly outs: string
  /** Filters over no fan place: how each comes out. */
  readonly filters: readonly string[]
}

const flowWords = (flow: Sum): string => {
  const value = valueOf(flow)
  if (value === null || value === 0) return ''
  const isAssumed = flow.terms.some(t => t.leaf.figure?.basis === 'assumed')
  return `${quantity(value, 'm3h')}${isAssumed ? ' (assumed)' : ''}`
}

function filterOver({ filters, radiators }: Case, key: string): string {
  const behind = [key, ...((radiators ?? []).find(r => r.key === key)?.instead ?? [])]
  const found = (filters ?? []).find(f => f.over.some(over => behind.includes(over)))
  return found ? filterLine(found) : ''
}
const filterLine = ({ label, slides }: NonNullable<Case['filters']>[number]): string =>
  slides ? `${label}, comes out ${slides}` : label

/** Each case with its places; a radiator stands for the fan places that it takes. */
export const air = stage('air', { items, seats }, ({ items, seats }): readonly AirSection[] =>
  every({ items }, 'case').map(pc => {
    const movers = moversIn({ items, seats }, pc)
    const taken = movers.flatMap(m =>
      (pc.part.radiators ?? []).filter(r => r.key === m.place).flatMap(r => r.instead),
    )
    const isShown = (key: string): boolean =>
      !taken.includes(key) &&
      ((pc.part.fans ?? []).some(f => f.key === key) || movers.some(m => m.place === key))
    const rows = breathingPlaces(pc.part)
      .filter(({ key }) => isShown(key))
      .map(({ key, label, meant }): AirRow => {
        const own = movers.filter(m => m.place === key)
        return {
          ...{ key, label, meant, air: airAt({ key, meant }, pc.airs) },
          by: own.length > 0 ? at(own, 0).name : null,
          flow: own.map(m => flowWords(m.flow)).join(''),
          filter: filterOver(pc.part, key),
        }
      })
    const [ins, outs] = [flowWords(flowsOf(movers, 'in')), flowWords(flowsOf(movers, 'out'))]
    const filters = (pc.part.filters ?? []).filter(f => f.over.length === 0).map(filterLine)
    return { case: pc.id, name: pc.name, rows, ins, outs, filters }
  }),
)
