// Bays, fan places and radiator places of a case of which only their number is known.
import type { Inner } from '../case/layout'
import type { Vec3 } from '../geometry/space'
import type { Case } from '../parts/case-schema'
import { DRIVE_SIZE, RADIATOR_SIZE, RADIATORS } from '../standards/modules'

/**
 * Named choices: what fan places keep from one another and from the walls around them, and where a
 * bay begins over floor and tray and before the front, mm.
 */
const FAN_GAP = 5
export const BAY = { gap: 6, front: 15, floor: 6, tray: 30 }

/** Named choice: the frame that a rear wall is made for, mm. */
const REAR_FAN = 120
const BAY_PITCH = DRIVE_SIZE['3.5'].height + BAY.gap

/** Bays stand one over the other at the front, from the floor up. */
export function bayPlaces(inner: Inner, count: number): Case['bays'] {
  return Array.from({ length: count }, (_, i) => ({
    key: `bay-${i + 1}`,
    label: `bay ${i + 1}`,
    size: '3.5' as const,
    front: false,
    at: [
      Math.max(0, inner.x - DRIVE_SIZE['3.5'].length - BAY.front),
      BAY.floor + i * BAY_PITCH,
      BAY.tray,
    ] as [number, number, number],
    axes: '+x +z +y',
  }))
}

type FanPlaces = NonNullable<Case['fans']>
type Wall = 'rear' | 'front' | 'top'

/** How many fan places a wall has at most, where each lies, and what stands in it. */
interface Walled {
  readonly wall: Wall
  readonly air: 'in' | 'out'
  readonly axes: string
  /** Along the wall, and across it, mm. */
  readonly along: number
  readonly across: number
  /** Named choice: how many are put there before the next wall has its turn. */
  readonly most: number
  readonly at: (along: number) => Vec3
}

const wallsOf = ({ x, y, z }: Inner): readonly Walled[] => [
  {
    ...{ wall: 'rear', air: 'out', axes: '+y +z +x', along: y, across: z, most: 1 },
    // The sockets of the board lie between it and the tray.
    at: a => [0, y - a, Math.max(z / 2, z - REAR_FAN / 2 - BAY.gap)],
  },
  {
    ...{ wall: 'front', air: 'in', axes: '+y +z -x', along: y, across: z, most: 3 },
    at: a => [x, y - a, z / 2],
  },
  {
    ...{ wall: 'top', air: 'out', axes: '+x +z -y', along: x, across: z, most: Infinity },
    at: a => [a, y, z / 2],
  },
]

/** The frames that a wall takes: no wider than it is across. */
const FRAMES = ['80', '92', '120', '140'] as const
const USUAL_FRAMES: Record<Wall, readonly (typeof FRAMES)[number][]> = {
  rear: ['120'],
  front: ['120', '140'],
  top: ['120'],
}
function framesOn({ wall, across }: Walled): (typeof FRAMES)[number][] {
  const usual = USUAL_FRAMES[wall].filter(f => Number(f) <= across)
  return usual.length > 0 ? usual : FRAMES.filter(f => Number(f) <= across).slice(-1)
}

/**
 * The first fan place is at the rear, the next at the front from the top down, the rest on top; as
 * many on a wall as stand side by side in it. Of what no wall has room for, nobody knows where it is.
 */
export function fanPlaces(inner: Inner, count: number): FanPlaces {
  let left = count
  const placed = wallsOf(inner).flatMap((walled): FanPlaces => {
    const frames = framesOn(walled)
    const pitch = Number(frames.at(-1) ?? Infinity) + FAN_GAP
    const room = Math.max(0, Math.floor((walled.along - FAN_GAP) / pitch))
    const here = Math.min(left, walled.most, room)
    left -= here
    const { wall, air, axes } = walled
    return Array.from({ length: here }, (_, i) => ({
      key: wall === 'rear' ? wall : `${wall}-${i + 1}`,
      label: `${wall} fan place${wall === 'rear' ? '' : ` ${i + 1}`}`,
      sizes: frames,
      at: [...walled.at(FAN_GAP + pitch / 2 + i * pitch)] as [number, number, number],
      axes,
      air,
      assumed: true,
    }))
  })
  const elsewhere = Array.from({ length: left }, (_, i): FanPlaces[number] => ({
    key: `fan-${i + 1}`,
    label: `fan place ${placed.length + i + 1}`,
    sizes: ['120'],
    axes: '+x +y +z',
    assumed: true,
  }))
  return [...placed, ...elsewhere]
}

/** Where the middle of some fan places lies. */
function middleOf(fans: FanPlaces): [number, number, number] | undefined {
  const points = fans.flatMap(f => (f.at ? [f.at] : []))
  const along = (axis: 0 | 1 | 2): number => {
    const all = points.map(p => p[axis])
    return (Math.min(...all) + Math.max(...all)) / 2
  }
  return points.length > 0 ? [along(0), along(1), along(2)] : undefined
}

/**
 * Fan places in a row may take a radiator of as many fans: only such as go into the wall, by length
 * and by width. Whether there is room in front of them nobody stated.
 */
export function radiatorPlaces(inner: Inner, fans: FanPlaces): NonNullable<Case['radiators']> {
  return wallsOf(inner).flatMap(({ wall, along, across }) => {
    const own = fans.filter(f => f.key === wall || f.key.startsWith(`${wall}-`))
    const [first] = own
    if (!first) return []
    const sizes = RADIATORS.filter(r => {
      const { fans: many, fan, length, width } = RADIATOR_SIZE[r]
      return many <= own.length && first.sizes.includes(fan) && length <= along && width <= across
    })
    if (sizes.length === 0) return []
    return [
      {
        key: `radiator-${wall}`,
        label: `radiator place at the ${wall}`,
        sizes: [...sizes],
        instead: own.map(f => f.key),
        at: middleOf(own),
        axes: first.axes,
        assumed: true,
      },
    ]
  })
}
