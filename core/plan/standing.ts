// Cards that stand upright: plugged into a slot by a riser, their bodies at a place of the case.
import { frame, type Frame } from '../geometry/space'
import { endRef, type EndRef } from '../ids/ids'
import type { EndOf } from '../joining/joint'
import { isKind, type Item } from '../parts'
import { uprightOf } from '../parts/case'

/** Where an upright card stands. */
export interface UprightPlace {
  readonly ref: EndRef
  readonly frame: Frame
}

/** The place of the first case that has one; null where there is none. */
export function uprightPlaceIn(items: readonly Item[]): UprightPlace | null {
  const [place] = items.filter(isKind('case')).flatMap(pc => {
    const own = uprightOf(pc.part)
    return own ? [{ ref: endRef(pc.id, own.key), frame: frame(own.at, own.axes) }] : []
  })
  return place ?? null
}

/** Whether an item stands upright, where there is a place for it. */
export const isUpright = (item: Item, place: UprightPlace | null): place is UprightPlace =>
  item.part.kind === 'card' && item.upright === true && place !== null

/** A card's ends as it stands: it covers nothing of the board that it is plugged into. */
export const standing = (
  item: Item,
  ends: readonly EndOf[],
  place: UprightPlace | null,
): readonly EndOf[] =>
  isUpright(item, place)
    ? ends.map(e =>
        e.end.face === 'slot' ? { ...e, end: { ...e.end, standsAt: place.frame, solid: null } } : e,
      )
    : ends
