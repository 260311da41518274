// What moves air through the walls of a case: fans and radiators at their places, which way, how much.
import { airAt, type Air } from '../../case/air'
import { fact, of, plus, type Leaf, type Sum } from '../../figures/quantity'
import { assume } from '../../figures/units'
import { endRef } from '../../ids/ids'
import type { Joint } from '../../joining/joint'
import { breathingPlaces } from '../../parts/breathing-places'
import { isKind, type Item } from '../../parts'
import type { Case } from '../../parts/case-schema'
import { cooler } from '../../parts/cooler'
import { fan } from '../../parts/fan'
import type { ItemOf } from '../../parts/kind'
import { FLOW_DIFFERS, USUAL_FLOW } from '../../standards/air'

export interface Mover {
  readonly joint: string
  readonly item: string
  readonly name: string
  readonly kind: 'fan' | 'cooler'
  readonly pc: ItemOf<Case>
  readonly place: string
  readonly label: string
  readonly meant: Air
  readonly air: Air
  /** What its fans move in free air, m³/h; nothing where it has none. */
  readonly flow: Sum
}

interface Seated {
  readonly items: readonly Item[]
  readonly seats: readonly Joint[]
}

/** An open bench has no air of its own. */
export const closedCases = (s: Pick<Seated, 'items'>): readonly ItemOf<Case>[] =>
  s.items.filter(isKind('case')).filter(pc => pc.part.archetype !== 'bench')

/** Everything that moves air through a wall of a case. */
export const moversIn = ({ items, seats }: Seated, pc: ItemOf<Case>): readonly Mover[] =>
  seats.flatMap(joint => {
    const item = items.find(i => i.id === joint.items[0])
    const place = breathingPlaces(pc.part).find(p => joint.b === endRef(pc.id, p.key))
    const flow = item ? flowOf(item) : null
    if (!item || !place || !flow) return []
    const { key, label, meant } = place
    return [
      {
        ...{ joint: joint.id, item: item.id, name: item.name, pc, flow },
        ...{ place: key, label, meant, air: airAt(place, pc.airs) },
        kind: item.part.kind === 'cooler' ? 'cooler' : 'fan',
      },
    ]
  })

/** As stated; else as such fans have it, which is the same for all of a size. */
function statedOr(leaf: Leaf, size: keyof typeof USUAL_FLOW | null | undefined): Sum {
  if (leaf.figure) return of(leaf)
  const frame = size ?? '120'
  const value = USUAL_FLOW[frame]
  const usual = assume(value, 'm3h', value * FLOW_DIFFERS)
  return of(fact(`usual-flow:${frame}`, `usual flow of a ${frame} mm fan`, 'm3h', usual))
}

/** What an item's fans move together; null where it is none of those that do. */
function flowOf(item: Item): Sum | null {
  if (item.part.kind === 'fan')
    return statedOr(fan.leaf({ ...item, part: item.part }, 'flow'), item.part.size)
  if (item.part.kind !== 'cooler' || !item.part.liquid) return null
  const own = { ...item, part: item.part }
  return plus(
    NONE,
    ...item.part.liquid.fans.map((f, i) =>
      statedOr(cooler.leaf(own, `liquid.fans.${i}.flow`), f.size),
    ),
  )
}
const NONE: Sum = { unit: 'm3h', terms: [] }
export const flowsOf = (movers: readonly Mover[], way: Air['way']): Sum =>
  plus(NONE, ...movers.filter(m => m.air.way === way).map(m => m.flow))
