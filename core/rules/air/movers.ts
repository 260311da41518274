// What moves air through the walls of a case: fans and radiators at their places, which way, how much.
import { at } from '../../collections/at'
import { airAt, type Air } from '../../case/air'
import { fact, of, plus, type Leaf, type Sum } from '../../figures/quantity'
import { assume } from '../../figures/units'
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
    const [list, index] = [joint.members[1]?.list, joint.members[1]?.index ?? 0]
    const item = items.find(i => i.id === joint.items[0])
    if (!item || joint.items[1] !== pc.id || (list !== 'fans' && list !== 'radiators')) return []
    const { key } = at<{ readonly key: string }>(
      (list === 'fans' ? pc.part.fans : pc.part.radiators) ?? [],
      index,
    )
    const place = breathingPlaces(pc.part).find(p => p.key === key)
    const flow = flowOf(item)
    if (!place || !flow) return []
    const { id, name } = item
    const kind = item.part.kind === 'cooler' ? 'cooler' : 'fan'
    const air = airAt({ ...place, key }, pc.airs)
    return [
      {
        joint: joint.id,
        item: id,
        name,
        kind,
        pc,
        place: key,
        label: place.label,
        meant: place.meant,
        air,
        flow,
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
