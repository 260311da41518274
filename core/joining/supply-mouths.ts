// Toward which side the fan of a supply looks that has one in its large face: as a hand turned it, else
// as the case has openings for it.
import type { Wall } from '../case/air'
import { itemOf } from '../ids/ids'
import type { Item } from '../parts'
import type { Case } from '../parts/case-schema'
import type { ItemOf } from '../parts/kind'
import { fanOf } from '../parts/supply-fan'
import type { Supply } from '../parts/supply-schema'
import type { Joint } from './joint'
import { facedBy, mouthAt, opening, opposite, type Mouth } from './mouths'
import type { Frames } from './places'
import type { Solid } from './solids'

interface Seated {
  /** The supplies, among whatever else there is. */
  readonly items: readonly Item[]
  readonly seats: readonly Joint[]
  readonly frames: Frames
  readonly solids: readonly Solid[]
}

export interface SupplyMouth {
  readonly supply: ItemOf<Supply>
  readonly mouth: Mouth
  /** Whether nobody said that its fan is there. */
  readonly assumed: boolean
}

/** Toward which wall the fan of each supply looks, as it should go in. */
export const supplyFansIn = (
  s: Seated,
  cases: readonly ItemOf<Case>[],
): ReadonlyMap<string, Wall> =>
  new Map(
    cases.flatMap(pc =>
      supplyMouths(s, pc).map(({ supply, mouth }) => [supply.id, wallBefore(mouth)] as const),
    ),
  )
const WALLS_BY_AXIS = [
  ['rear', 'front'],
  ['floor', 'top'],
  ['far', 'near'],
] as const
const wallBefore = ({ axis, side }: Mouth): Wall => WALLS_BY_AXIS[axis][side === 'from' ? 0 : 1]

/** The supplies of a case, each with the side that its fan faces. */
export const supplyMouths = (s: Seated, pc: ItemOf<Case>): readonly SupplyMouth[] =>
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
    return [{ supply: { ...item, part: item.part }, mouth, assumed: fan.assumed }]
  })

/**
 * On which side a supply's fan goes that nobody turned: where the case has openings for it, else
 * where there is more room.
 */
function breatheWhere({ solids }: Pick<Seated, 'solids'>, pc: ItemOf<Case>, far: Mouth): Mouth {
  const near = opposite(far)
  const [a, b] = [near, far].map(mouth => {
    const faces = facedBy(mouth, solids)
    const wall = faces && opening(pc, faces.solid)
    return { mouth, open: wall?.open === true, gap: faces?.gap ?? Infinity }
  })
  if (!a || !b || a.open || (!b.open && a.gap >= b.gap)) return near
  return b.mouth
}
