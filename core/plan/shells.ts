// What an item is made of by itself: its solids, and where its sockets hold what sits in them.
import { fact, of } from '../figures/quantity'
import { defaultTolerance } from '../figures/units'
import { NOTHING, type Spot } from '../geometry/solid'
import { endRef } from '../ids/ids'
import type { Shell } from '../joining/solids'
import { kindOf, type Item } from '../parts'
import type { End } from '../parts/end'

export function shellOf(item: Item, ends: readonly End[]): Shell {
  const kind = kindOf(item)
  const measure = kind.measures(item)
  const seats = ends.flatMap(end => {
    if (!end.seat) return []
    const origin = kind.seatAt?.(item, end, measure) ?? asStated(item.id, end, end.seat)
    return [{ ref: endRef(item.id, end.key), spot: { origin, axes: end.seat.axes } }]
  })
  const solids = (kind.solids?.(item, measure) ?? []).filter(
    s => s.piece === null || item.out?.includes(s.piece) !== true,
  )
  return { id: item.id, kind: item.part.kind, solids, seats }
}

/** A place that its part states. */
function asStated(
  item: string,
  { key, label }: End,
  seat: NonNullable<End['seat']>,
): Spot['origin'] {
  const along = (axis: 0 | 1 | 2) => {
    const value = seat.origin[axis]
    if (value === 0) return NOTHING
    const figure = { value, basis: 'spec', tol: defaultTolerance('mm', value, 'spec') } as const
    return of(fact(`${item}/${key}:${axis}`, `place of ${label}`, 'mm', figure))
  }
  return [along(0), along(1), along(2)]
}
