// What breathes in a case, and on which side: fans and radiators at their places, cards with fans,
// supplies with a fan in their large face.
import { ofPart } from '../../figures/format'
import type { Vec3 } from '../../geometry/space'
import { itemOf } from '../../ids/ids'
import type { EndOf, Joint } from '../../joining/joint'
import type { Frames } from '../../joining/places'
import type { Solid } from '../../joining/solids'
import type { Item } from '../../parts'
import type { Card } from '../../parts/card-schema'
import type { Wall } from '../../case/air'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'
import { fanOf } from '../../parts/supply-fan'
import type { Supply } from '../../parts/supply-schema'
import { ends, items, names } from '../../plan/items'
import { frames, seats, solids } from '../../plan/joints'
import { every } from '../../plan/situation'
import { stage } from '../../pipeline/stage'
import { SOURCE } from '../../standards/sources'
import type { Because } from '../finding'
import { facedBy, mouthAt, opening, opposite, type Mouth } from './mouths'

export interface Breathing {
  readonly mouth: Mouth
  /** What of which part it is. */
  readonly what: string
  /** Whether nobody said that it has fans there. */
  readonly assumed: boolean
  readonly wayOut: string
  readonly because: readonly Because[]
}

export interface Seated {
  readonly items: readonly Item[]
  readonly names: ReadonlyMap<string, string>
  readonly ends: ReadonlyMap<string, EndOf>
  readonly seats: readonly Joint[]
  readonly frames: Frames
  readonly solids: readonly Solid[]
}

/** Everything that breathes in a case. */
export const breathing = (s: Seated, pc: ItemOf<Case>): readonly Breathing[] => [
  ...atWalls(s, pc),
  ...s.items.flatMap(item =>
    item.part.kind === 'card' ? ofCard(s, { ...item, part: item.part }) : [],
  ),
  ...suppliesIn(s, pc),
]

const nameIn = ({ names }: Seated, { item }: Solid): string => names.get(item) ?? ''
/** Where a place of the case looks: inward. */
const inwards = ({ ends }: Seated, joint: Joint): Vec3 | null =>
  ends.get(joint.b)?.end.seat?.axes[2] ?? null

/** Fans, and radiators with or without fans on their inner side. */
const atWalls = (s: Seated, pc: ItemOf<Case>): readonly Breathing[] =>
  s.seats.flatMap(joint => {
    const direction = inwards(s, joint)
    if (joint.items[1] !== pc.id || !direction) return []
    const own = s.solids.filter(solid => solid.joint === joint.id)
    const inner = ['fan', 'fans', 'radiator'].flatMap(key => own.find(o => o.key === key) ?? [])[0]
    if (!inner) return []
    const what = `the ${ofPart(inner.what, nameIn(s, inner))}`
    const wayOut = 'Another place for one of the two, or a thinner one.'
    return [{ mouth: mouthAt(inner, direction), what, assumed: false, wayOut, because: [] }]
  })

/** Cards cooled by fans look away from their back, toward the next slot. */
function ofCard(s: Seated, card: ItemOf<Card>): readonly Breathing[] {
  const cooled = cooledBy(card.part)
  const [solid, frame] = [
    s.solids.find(o => o.item === card.id && o.key === 'card'),
    s.frames.get(card.id),
  ]
  if (cooled.by !== 'fans' || !solid || !frame) return []
  const wayOut = 'Another slot for one of the two, so that one is left free between them.'
  return [
    {
      mouth: mouthAt(solid, frame.axes[1]),
      what: `the fans of the ${card.name}`,
      assumed: cooled.assumed,
      wayOut,
      because: [],
    },
  ]
}

/** What cools a card: as stated; graphics cards of two slots and more have fans as a rule. */
export function cooledBy({ cooling, does, slots }: Card): {
  readonly by: NonNullable<Card['cooling']>
  readonly assumed: boolean
} {
  if (cooling) return { by: cooling, assumed: false }
  return { by: does === 'graphics' && slots >= 2 ? 'fans' : 'nothing', assumed: true }
}

/** Toward which wall the fan of each supply looks, as it should go in; for the order. */
export const supplyFans = stage(
  'supply-fans',
  { items, names, ends, seats, frames, solids },
  (s): ReadonlyMap<string, Wall> =>
    new Map(
      every(s, 'case').flatMap(pc =>
        suppliesIn(s, pc).map(b => [b.mouth.solid.item, wallBefore(b.mouth)] as const),
      ),
    ),
)
const WALLS_BY_AXIS = [
  ['rear', 'front'],
  ['floor', 'top'],
  ['far', 'near'],
] as const
const wallBefore = ({ axis, side }: Mouth): Wall => WALLS_BY_AXIS[axis][side === 'from' ? 0 : 1]

/** Supplies by which side their fan faces. */
const suppliesIn = (s: Seated, pc: ItemOf<Case>): readonly Breathing[] =>
  s.seats.flatMap(joint => {
    const item = s.items.find(i => i.id === joint.items[0])
    const direction = s.frames.get(joint.items[0])?.axes[2]
    const solid = s.solids.find(o => o.joint === joint.id && o.key === 'supply')
    const isInside = solid?.within.some(ref => itemOf(ref) === pc.id)
    if (item?.part.kind !== 'supply' || !solid || !isInside || !direction) return []
    const fan = fanOf(item.part)
    if (fan.at !== 'large face') return []
    const usual = breatheWhere(s, pc, mouthAt(solid, direction))
    const mouth = item.turned === undefined ? usual : opposite(usual)
    return [
      {
        ...{ mouth, what: `the fan of the ${item.name}`, assumed: fan.assumed },
        wayOut: 'Turn it so that its fan faces an opening, or leave room for it.',
        because: stillAt({ ...item, part: item.part }),
      },
    ]
  })

/** A fan that stands still at low load leaves the supply to the air that rises through it. */
const stillAt = ({ part: { fanMode }, name }: ItemOf<Supply>): readonly Because[] =>
  fanMode === 'stops at low load'
    ? [{ fact: `fan of the ${name}`, value: fanMode, basis: 'spec', source: SOURCE.maker }]
    : []

/**
 * On which side a supply's fan goes that nobody turned: where the case has openings for it, else
 * where there is more room.
 */
function breatheWhere({ solids }: Seated, pc: ItemOf<Case>, far: Mouth): Mouth {
  const near = opposite(far)
  const [a, b] = [near, far].map(mouth => {
    const faces = facedBy(mouth, solids)
    const wall = faces && opening(pc, faces.solid)
    return { mouth, open: wall?.open === true, gap: faces?.gap ?? Infinity }
  })
  if (!a || !b || a.open || (!b.open && a.gap >= b.gap)) return near
  return b.mouth
}
