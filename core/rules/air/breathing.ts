// What breathes in a case, and on which side: fans and radiators at their places, cards with fans,
// supplies with a fan in their large face.
import { ofPart } from '../../figures/format'
import type { Vec3 } from '../../geometry/space'
import type { EndOf, Joint } from '../../joining/joint'
import type { Frames } from '../../joining/places'
import type { Solid } from '../../joining/solids'
import type { Item } from '../../parts'
import type { Card } from '../../parts/card-schema'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'
import type { Supply } from '../../parts/supply-schema'
import { mouthAt, type Mouth } from '../../joining/mouths'
import { supplyMouths } from '../../joining/supply-mouths'
import { SOURCE } from '../../standards/sources'
import type { Because } from '../finding'

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

/** Supplies with a fan in their large face. */
const suppliesIn = (s: Seated, pc: ItemOf<Case>): readonly Breathing[] =>
  supplyMouths(s, pc).map(({ supply, mouth, assumed }) => ({
    ...{ mouth, assumed, what: `the fan of the ${supply.name}` },
    wayOut: 'Turn it so that its fan faces an opening, or leave room for it.',
    because: stillAt(supply),
  }))

/** A fan that stands still at low load leaves the supply to the air that rises through it. */
const stillAt = ({ part: { fanMode }, name }: ItemOf<Supply>): readonly Because[] =>
  fanMode === 'stops at low load'
    ? [{ fact: `fan of the ${name}`, value: fanMode, basis: 'spec', source: SOURCE.maker }]
    : []
