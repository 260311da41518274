// The plug side of each modular supply as people see it: its sockets, the cable in each, what a hand
// finds there.
import { INWARD, WALL_NAME, WALLS } from '../case/air'
import { wholeMm } from '../figures/format'
import { rounded } from '../figures/rounded'
import { add, scale, type Vec3 } from '../geometry/space'
import type { Line } from '../joining/lines'
import { distance } from '../laying/stretches'
import { cablesAtSupply, linesFromSockets, type CablesAtSupply } from '../plan/supply-sockets'
import { plugSides, type SideOfPlugs } from '../plan/plug-sides'
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
  { cablesAtSupply, plugSides, lines: linesFromSockets },
  ({ cablesAtSupply, plugSides, lines }): readonly SupplyPlugs[] =>
    rounded(
      cablesAtSupply.flatMap(at => {
        const own = plugSides.get(at.supply)
        if (!own) return []
        const first = new Map(
          lines.flatMap(line => {
            const { item, end } = line.first
            const cable = item === at.supply && line.after === null ? end.lead?.chain : undefined
            return cable === undefined ? [] : [[cable, line] as const]
          }),
        )
        return [shown(at, own, first)]
      }),
    ),
)

function shown(
  { supply, name, inUse }: CablesAtSupply,
  { side, fan, sockets }: SideOfPlugs,
  first: ReadonlyMap<string, Line>,
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
      const line = cable === null ? undefined : first.get(cable)
      const straight = line ? [`${wholeMm(distance(line.from, line.to))} straight`] : []
      const says = [...straight, roomFor(lacks)].join('; ')
      return { key, label, at: onSide, cable, lead: line?.first.ref ?? null, says }
    }),
  }
}

/** The wall that one looks at along a direction: inward from it goes the other way. */
function wallAt(direction: Vec3): string {
  const wall = WALLS.find(w => distance(add(INWARD[w], direction), [0, 0, 0]) === 0)
  return wall ? WALL_NAME[wall] : ''
}

const roomFor = (lacks: number): string =>
  lacks > HAND.yields ? `a hand lacks ${wholeMm(lacks)} there` : 'room for the hand'
