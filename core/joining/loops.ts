// A liquid cooler where it sits: the block on the processor, the radiator at its place, the way of
// the tubes between them, and the room of that place.
import { at } from '../collections/at'
import { basisOf, fact, of, plus, toleranceOf, type Sum } from '../figures/quantity'
import { usual, weakest, type Basis } from '../figures/units'
import { AXES, nominalBox, NOTHING, type Faces } from '../geometry/solid'
import { middle, type Vec3 } from '../geometry/space'
import type { Item, PartKind } from '../parts'
import { stackOf } from '../parts/bodies/radiator'
import { pcCase } from '../parts/case'
import type { Case } from '../parts/case-schema'
import { cooler } from '../parts/cooler'
import type { Cooler } from '../parts/cooler-schema'
import type { ItemOf } from '../parts/kind'
import type { Solid } from './solids'

export interface Loop {
  readonly wet: ItemOf<Cooler>
  readonly block: Solid
  readonly radiator: Solid
}

/** Every liquid cooler of which it is known where both of its ends sit. */
export const loopsIn = (items: readonly Item[], solids: readonly Solid[]): readonly Loop[] =>
  items.flatMap(item => {
    if (item.part.kind !== 'cooler') return []
    const own = solids.filter(solid => solid.item === item.id)
    const [block, radiator] = ['block', 'radiator'].map(key => own.find(o => o.key === key))
    return block && radiator ? [{ wet: { ...item, part: item.part }, block, radiator }] : []
  })

/** What something takes of a length, and how much of it there is, mm. */
export interface Taken {
  readonly need: Sum
  readonly have: Sum
}

/** Named choices: what both bends of a tube take beyond the straight way, and how far off that is, mm. */
const BENDS = { mm: 60, tol: 20 }
/** Named choice: how far from its end a radiator's fittings are, mm. */
const FITTING = 20

/** The way of the tubes and their length, mm. */
export function tubesOf({ wet, block, radiator }: Loop): Taken & {
  readonly from: Vec3
  readonly to: Vec3
} {
  const from = middle(nominalBox(block))
  const to = nearestEnd(radiator, from)
  const straight = fact('straight-way', 'straight way from the block to the radiator', 'mm', {
    value: Math.hypot(...AXES.map(axis => to[axis] - from[axis])),
    basis: weakest([block, radiator].flatMap(basesOf)),
    tol: unsureOf(block) + unsureOf(radiator),
  })
  const bends = fact(
    'tube-bends',
    'both bends of the tubes',
    'mm',
    usual(BENDS.mm, 'mm', BENDS.tol),
  )
  return {
    ...{ from, to },
    need: plus(of(straight), of(bends)),
    have: of(cooler.leaf(wet, 'liquid.tube')),
  }
}

const facesOf = ({ from, to }: Faces): readonly Sum[] =>
  [...from, ...to].flatMap(face => face ?? [])
/** What the places of a solid rest on. */
const basesOf = (faces: Faces): readonly Basis[] => facesOf(faces).map(basisOf)
/** How far off a solid may lie, along its least certain face, mm. */
const unsureOf = (faces: Faces): number => Math.max(...facesOf(faces).map(toleranceOf))

/** The end of a radiator that is nearer: it can be put in with its fittings at either. */
function nearestEnd(radiator: Faces, from: Vec3): Vec3 {
  const box = nominalBox(radiator)
  const long = AXES.reduce((a, b) => (box.max[b] - box.min[b] > box.max[a] - box.min[a] ? b : a), 0)
  const centre = middle(box)
  const at = (along: number): Vec3 => {
    const put = (axis: 0 | 1 | 2): number => (axis === long ? along : centre[axis])
    return [put(0), put(1), put(2)]
  }
  const ends = [at(box.min[long] + FITTING), at(box.max[long] - FITTING)] as const
  const far = (p: Vec3): number => Math.hypot(...AXES.map(axis => p[axis] - from[axis]))
  return far(ends[0]) <= far(ends[1]) ? ends[0] : ends[1]
}

/** A radiator at one of a case's places, by the place's number. */
export interface AtPlace {
  readonly wet: ItemOf<Cooler>
  readonly pc: ItemOf<Case>
  readonly place: number
}
export const placeOf = ({ pc, place }: AtPlace) => at(pc.part.radiators ?? [], place)

/**
 * What the radiator takes with its fans from the wall inward, and the room of the place, mm: that
 * beside the board, where the sheet states one and something stands there.
 */
export function roomTaken({ wet, pc, place }: AtPlace, isBeside: boolean): Taken {
  const beside = pcCase.leaf(pc, `radiators.${place}.roomBeside`)
  const counts = isBeside && beside.figure !== null
  return {
    need: wet.part.liquid ? stackOf(wet.part.liquid, cooler.measures(wet)) : NOTHING,
    have: of(counts ? beside : pcCase.leaf(pc, `radiators.${place}.room`)),
  }
}

/** Named choice: what is farther from a radiator than this stands beside nothing of it, mm. */
const BESIDE = 60

/** Whether something on the board stands before a radiator, seen from its wall. */
export function standsBeside(wet: string, solids: readonly Solid[]): boolean {
  const own = solids.find(s => s.item === wet && s.key === 'radiator')
  if (!own) return false
  const box = nominalBox(own)
  return solids.some(({ item, kind, nature, ...other }) => {
    if (item === wet || nature !== 'body' || !ON_BOARDS.includes(kind)) return false
    const there = nominalBox(other)
    return AXES.every(a => there.min[a] < box.max[a] + BESIDE && there.max[a] > box.min[a] - BESIDE)
  })
}
const ON_BOARDS: readonly PartKind[] = ['board', 'memory', 'cooler', 'drive']
