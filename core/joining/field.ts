// The space that leads are laid in, once it is known what sits where: bodies to go around, and what
// leads are better kept from.
import type { Layout } from '../case/layout'
import { nominalBox } from '../geometry/solid'
import type { Box } from '../geometry/space'
import { kept } from '../pipeline/kept'
import { beforeBlades } from '../ways/blades'
import { WEIGHT } from '../ways/choices'
import type { Field, Zone } from '../ways/field'
import type { Joint } from './joint'
import { solidsOf, type Shell, type Solid } from './solids'

/** A case with what sits in it. The same field again as long as nothing moves. */
export const fieldAt = kept(
  'field',
  (layout: Layout | null, shells: readonly Shell[], seats: readonly Joint[]): Field | null =>
    layout && fieldWith(layout, solidsOf(shells, seats)),
)

export function fieldWith(layout: Layout, solids: readonly Solid[]): Field {
  const bodies = solids
    .filter(s => s.nature === 'body')
    .map(s => ({ solid: s, box: nominalBox(s) }))
  return {
    layout,
    bodies: bodies.filter(({ box }) => isInTheWay(box)).map(({ box }) => box),
    zones: [
      // A little more than the room: what runs along its walls is in it as well.
      ...layout.rooms.filter(isNear).map(room => ({ box: grown(room, 1), weight: WEIGHT.front })),
      ...bodies.flatMap(({ solid, box }) => zonesOf(layout, solid, box)),
      ...layout.channels.map(channel => ({ box: channel, weight: WEIGHT.channel })),
    ],
  }
}

const isNear = ({ max }: Box): boolean => max[2] > 0

/** Walls and sheets bound rooms, they stand in none; a board's plate is what leads lie on. */
const isInTheWay = ({ min, max }: Box): boolean =>
  [0, 1, 2].every(i => {
    const thick = (max[i] ?? 0) - (min[i] ?? 0)
    return Number.isFinite(thick) && thick > SHEET
  })
/** Named choice: what is no thicker is a sheet, mm. */
const SHEET = 2.5

/**
 * The near side is seen, across the board most of all; blades of fans catch what hangs before
 * them, and cards and coolers are hot. */
function zonesOf(layout: Layout, { kind, key }: Solid, box: Box): readonly Zone[] {
  if (kind === 'fan') return [{ box: beforeBlades(box), weight: WEIGHT.blades }]
  if (kind === 'card' || kind === 'cooler') return [{ box, weight: WEIGHT.under }]
  if (kind !== 'board' || key !== 'plate') return []
  const inFront: Box = {
    min: [box.min[0], box.min[1], 0],
    max: [box.max[0], box.max[1], layout.inner.z],
  }
  return [{ box: inFront, weight: WEIGHT.board, isLeftSquare: true }]
}

const grown = ({ min, max }: Box, by: number): Box => ({
  min: [min[0] - by, min[1] - by, min[2] - by],
  max: [max[0] + by, max[1] + by, max[2] + by],
})
