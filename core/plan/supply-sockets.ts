// Which socket of its modular supply each cable in use goes into.
import { cableAtSupply, eachOnce, intoSockets, nameOfCable } from '../joining/supply-sockets'
import { isKind } from '../parts'
import { stage } from '../pipeline/stage'
import { ends, plainItems } from './items'
import { plugs, sockets } from './joints'

/** A supply whose cables come off, and what is in use of it. */
export interface CablesAtSupply {
  readonly supply: string
  readonly name: string
  /** Whether its sockets are stated. */
  readonly isStated: boolean
  /** The cables in use, each with its sockets, where those are stated: by key, and as printed. */
  readonly inUse: readonly {
    readonly cable: string
    readonly keys: readonly string[]
    readonly sockets: readonly string[]
  }[]
  /** The cables in use that want more sockets than there are; none where each finds its own. */
  readonly tooMany: readonly string[]
  /** The cables that stay in the box. */
  readonly unused: readonly string[]
}

export const cablesAtSupply = stage(
  'cables-at-supply',
  { plugs, ends, plainItems, sockets },
  ({ plugs, ends, plainItems, sockets }): readonly CablesAtSupply[] =>
    plainItems.filter(isKind('supply')).flatMap(({ id, name, part }) => {
      if (part.modular === 'fixed') return []
      const own = plugs.flatMap(j => (j.items[0] === id ? (ends.get(j.a) ?? []) : []))
      const chains = new Set(own.flatMap(e => e.end.lead?.chain ?? []))
      const listed = (part.cables ?? []).map(c => c.key)
      const used = eachOnce(own.flatMap(e => cableAtSupply(id, e.end.lead) ?? []))
      const found = intoSockets(used)
      const labels = new Map(part.sockets?.map(s => [s.key, s.label]))
      const socketsOf = (cable: string): readonly string[] =>
        sockets.get(nameOfCable({ supply: id, cable })) ??
        ('sockets' in found ? (found.sockets.get(cable) ?? []) : [])
      return [
        {
          supply: id,
          name,
          isStated: part.sockets !== undefined,
          inUse: listed.flatMap(cable => {
            const keys = socketsOf(cable)
            const sockets = keys.map(key => labels.get(key) ?? key)
            return chains.has(cable) ? [{ cable, keys, sockets }] : []
          }),
          tooMany: 'tooMany' in found ? found.tooMany.map(c => c.cable) : [],
          unused: listed.filter(key => !chains.has(key)),
        },
      ]
    }),
)
