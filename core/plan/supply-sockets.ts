// Which socket of its modular supply each cable in use goes into.
import { add, scale, type Vec3 } from '../geometry/space'
import type { Line } from '../joining/lines'
import {
  cableAtSupply,
  eachOnce,
  intoSockets,
  type AtSupply,
  type CableAtSupply,
} from '../joining/supply-sockets'
import { bestSockets, type SocketThere } from '../laying/plug-field'
import { isKind } from '../parts'
import { stage } from '../pipeline/stage'
import { ends, plainItems } from './items'
import { lines, plugs } from './joints'
import { plugSides, type SideOfPlugs } from './plug-sides'

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
  { plugs, lines, ends, plainItems, plugSides },
  ({ plugs, lines, ends, plainItems, plugSides }): readonly CablesAtSupply[] =>
    plainItems.filter(isKind('supply')).flatMap(({ id, name, part }) => {
      if (part.modular === 'fixed') return []
      const own = plugs.flatMap(j => (j.items[0] === id ? (ends.get(j.a) ?? []) : []))
      const chains = new Set(own.flatMap(e => e.end.lead?.chain ?? []))
      const listed = (part.cables ?? []).map(c => c.key)
      const used = eachOnce(own.flatMap(e => cableAtSupply(id, e.end.lead) ?? []))
      const found = socketsFor(used, plugSides.get(id)?.sockets ?? [], lines)
      const labels = new Map(part.sockets?.map(s => [s.key, s.label]))
      const socketsOf = (cable: string): readonly string[] =>
        'sockets' in found ? (found.sockets.get(cable) ?? []) : []
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

/** The best of like sockets where it is known where they are, else the first that is free. */
function socketsFor(
  cables: readonly CableAtSupply[],
  places: readonly SocketThere[],
  lines: readonly Line[],
): AtSupply {
  const found = intoSockets(cables)
  if ('tooMany' in found || places.length === 0) return found
  const goals = goalsOf(lines)
  const there = cables.map(c => ({ ...c, goal: goals.get(cableName(c.supply, c.cable)) ?? null }))
  const sockets = bestSockets(there, places)
  return sockets ? { sockets } : found
}

/** Where the first plug of each cable goes. */
const goalsOf = (lines: readonly Line[]): ReadonlyMap<string, Vec3> =>
  new Map(
    lines.flatMap(({ after, first: { item, end }, to }) =>
      after === null && end.lead?.chain !== undefined
        ? [[cableName(item, end.lead.chain), to] as const]
        : [],
    ),
  )

const cableName = (supply: string, cable: string): string => `${supply} ${cable}`

/** The lines that begin at a socket of a supply, from that very socket where its place is known. */
export const linesFromSockets = stage(
  'lines-from-sockets',
  { lines, cablesAtSupply, plugSides },
  ({ lines, cablesAtSupply, plugSides }): readonly Line[] => {
    const exits = exitsOf(cablesAtSupply, plugSides)
    if (exits.size === 0) return lines
    return lines.map(line => {
      const { after, first } = line
      const exit = exits.get(cableName(first.item, first.end.lead?.chain ?? ''))
      return after === null && exit ? { ...line, from: exit } : line
    })
  },
)

/** Where each cable leaves its supply; in the middle between two sockets that it takes. */
const exitsOf = (
  cables: readonly CablesAtSupply[],
  sides: ReadonlyMap<string, SideOfPlugs>,
): ReadonlyMap<string, Vec3> =>
  new Map(
    cables.flatMap(({ supply, inUse }) => {
      const sockets = sides.get(supply)?.sockets ?? []
      return inUse.flatMap(({ cable, keys }) => {
        const own = sockets.filter(s => keys.includes(s.key)).map(s => s.at)
        const sum = own.reduce<Vec3>(add, [0, 0, 0])
        const exit = scale(sum, 1 / own.length)
        return own.length > 0 ? [[cableName(supply, cable), exit] as const] : []
      })
    }),
  )
