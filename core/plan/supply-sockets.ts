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
import { valueOf } from '../figures/quantity'
import { isKind } from '../parts'
import { stage } from '../pipeline/stage'
import type { Field } from '../ways/field'
import { passageOf } from '../ways/heads'
import { needOf } from '../ways/reach'
import { ends, plainItems } from './items'
import { field, lines, plugs } from './joints'
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
  { plugs, lines, ends, plainItems, plugSides, field },
  ({ plugs, lines, ends, plainItems, plugSides, field }): readonly CablesAtSupply[] =>
    plainItems.filter(isKind('supply')).flatMap(({ id, name, part }) => {
      if (part.modular === 'fixed') return []
      const own = plugs.flatMap(j => (j.items[0] === id ? (ends.get(j.a) ?? []) : []))
      const chains = new Set(own.flatMap(e => e.end.lead?.chain ?? []))
      const listed = (part.cables ?? []).map(c => c.key)
      const used = eachOnce(own.flatMap(e => cableAtSupply(id, e.end.lead) ?? []))
      const found = socketsFor(used, plugSides.get(id)?.sockets ?? [], { lines, field })
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
  { lines, field }: { readonly lines: readonly Line[]; readonly field: Field | null },
): AtSupply {
  const found = intoSockets(cables)
  if ('tooMany' in found || places.length === 0) return found
  const first = firstLines(lines)
  const there = cables.map(c => {
    const line = first.get(cableName(c.supply, c.cable))
    return { ...c, way: wayOf(field, line), mm: line ? valueOf(line.length) : null }
  })
  const sockets = bestSockets(there, places)
  return sockets ? { sockets } : found
}

/** How far it is from a place to where a line ends: by the shortest way that its head passes. */
function wayOf(field: Field | null, line: Line | undefined): (from: Vec3) => number | null {
  if (!field || !line) return () => null
  const passage = passageOf(field.layout, line.first.end)
  return from => needOf(field, from, line.to, passage)?.value ?? null
}

/** The line to the first plug of each cable. */
const firstLines = (lines: readonly Line[]): ReadonlyMap<string, Line> =>
  new Map(
    lines.flatMap(line => {
      const { item, end } = line.first
      const isFirst = line.after === null && end.lead?.chain !== undefined
      return isFirst ? [[cableName(item, end.lead.chain), line] as const] : []
    }),
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
