// The plug side of each modular supply as people see it: its sockets, the cable in each, what a hand
// finds there.
import { INWARD, WALL_NAME, WALLS } from '../case/air'
import { wholeMm } from '../figures/format'
import { rounded } from '../figures/rounded'
import { dot, scale, type Vec3 } from '../geometry/space'
import type { SideOfPlugs } from '../joining/plug-field'
import type { LaidLead } from '../laying/lay-lead'
import { leads } from '../plan/leads'
import { cablesAtSupply, type CablesAtSupply } from '../plan/supply-sockets'
import { sides } from '../plan/joints'
import { stage } from '../pipeline/stage'
import { HAND } from '../standards/hands'

export interface SupplyPlugs {
  readonly supply: string
  readonly name: string
  /** The side, mm. */
  readonly width: number
  readonly height: number
  /** Whether its fan is below as one looks at the plugs. */
  readonly isFanBelow: boolean
  /** Which wall of the case each edge is nearest to. */
  readonly edges: Readonly<Record<'left' | 'right' | 'above' | 'below', string>>
  readonly sockets: readonly ShownSocket[]
}
export interface ShownSocket {
  readonly key: string
  readonly label: string
  /** Its middle, mm from the left and from the lower edge. */
  readonly at: readonly [across: number, up: number]
  /** The cable that goes in; null where it stays free. */
  readonly cable: string | null
  /** The lead of its first plug, as the ways are called; null where it stays free. */
  readonly lead: string | null
  /** Why this one, or what it is like. */
  readonly says: string
}

/** Those of which it is stated where the sockets are. */
export const supplyPlugs = stage(
  'supply-plugs',
  { cablesAtSupply, sides, leads },
  ({ cablesAtSupply, sides, leads }): readonly SupplyPlugs[] =>
    rounded(
      cablesAtSupply.flatMap(at => {
        const own = sides.get(at.supply)
        return own ? [shown(at, own, firstLeads(leads, at.supply))] : []
      }),
    ),
)

/** The lead to the first plug in use of each cable of a supply. */
function firstLeads(leads: readonly LaidLead[], supply: string): ReadonlyMap<string, LaidLead> {
  const own = leads
    .filter(l => l.plug.item === supply)
    .sort((a, b) => b.plug.end.rank - a.plug.end.rank)
  return new Map(own.flatMap(lead => [[lead.plug.end.lead?.chain ?? '', lead] as const]))
}

function shown(
  { supply, name, inUse }: CablesAtSupply,
  { side, fan, sockets }: SideOfPlugs,
  first: ReadonlyMap<string, LaidLead>,
): SupplyPlugs {
  const [right, up] = side.axes
  return {
    ...{ supply, name, width: side.width, height: side.height, isFanBelow: fan !== null },
    edges: {
      ...{ left: wallAt(scale(right, -1)), right: wallAt(right) },
      ...{ above: wallAt(up), below: wallAt(scale(up, -1)) },
    },
    sockets: sockets.map(({ key, label, onSide, lacks }) => {
      const cable = inUse.find(c => c.keys.includes(key))?.cable ?? null
      const lead = cable === null ? undefined : first.get(cable)
      const way = lead?.reach ? [`a way of ${wholeMm(lead.reach.way.length)}`] : []
      const says = [...way, roomFor(lacks)].join('; ')
      return { key, label, at: onSide, cable, lead: lead?.plug.ref ?? null, says }
    }),
  }
}

/** The wall that one looks at along a direction: inward from it goes the other way. */
function wallAt(direction: Vec3): string {
  const wall = WALLS.find(w => dot(INWARD[w], direction) === -1)
  return wall ? WALL_NAME[wall] : ''
}

const roomFor = (lacks: number): string =>
  lacks > HAND.yields ? `a hand lacks ${wholeMm(lacks)} there` : 'room for the hand'
