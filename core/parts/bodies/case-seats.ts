// Where what a case holds sits: at the walls that places are fixed to, as stated, or as its layout has
// it.
import { minus, plus, type Sum } from '../../figures/quantity'
import { layoutOf, PLACES, type Layout } from '../../case/layout'
import { AXES, NOTHING, type Axis, type Spot } from '../../geometry/solid'
import type { Case } from '../case-schema'
import type { End } from '../end'
import { basisAt, type ItemOf } from '../kind'
import { standoff, thickness } from './board'
import { inner, placeOf, SIDES } from './case-inside'
import type { Measure } from './solid'

/** Named choice: what lies so near a wall is fixed to it, mm. */
const ON_THE_WALL = 3

/**
 * Where the seat of one of its sockets lies: at a wall where it is fixed to one, else as stated; what
 * an archetype derived is counted from the nearer wall.
 */
export function caseSeat(item: ItemOf<Case>, end: End, of: Measure): Spot['origin'] | null {
  const { seat } = end
  if (!seat) return null
  const { part } = item
  const layout = layoutOf(part)
  const along = (axis: Axis): Sum =>
    coordinate(item, { end, layout, axis, mm: seat.origin[axis], of })
  if (end.key !== 'tray' && end.face !== 'rear-cover') return [along(0), along(1), along(2)]
  return [along(0), along(1), plus(standoff, thickness)]
}
interface Along {
  readonly end: End
  readonly layout: Layout
  readonly axis: Axis
  readonly mm: number
  readonly of: Measure
}
function coordinate({ part, id }: ItemOf<Case>, { end, layout, axis, mm, of }: Along): Sum {
  const side = SIDES[AXES.indexOf(axis)] ?? 'x'
  const far = layout.inner[side]
  if (Math.abs(mm) <= ON_THE_WALL) return NOTHING
  if (Math.abs(mm - far) <= ON_THE_WALL) return inner(part, of, side)
  if (axis === 2 && Math.abs(mm + layout.inner.behind) <= ON_THE_WALL)
    return minus(NOTHING, inner(part, of, 'behind'))
  const isMadeUp = isDerived(part, end)
  const ref = `${id}/${end.key}:${side}`
  const label = `place of ${end.label} ${WORDS[side]}`
  if (!isMadeUp || mm < far / 2) return placeOf(ref, label, mm, isMadeUp ? 'assumed' : 'spec')
  return minus(
    inner(part, of, side),
    placeOf(ref, `${label}, from the far wall`, far - mm, 'assumed'),
  )
}
const WORDS = { x: 'from the rear', y: 'from the floor', z: 'from the tray' }

/** Whether nobody stated where the seat lies. */
function isDerived(part: Case, { key, assumed, from }: End): boolean {
  if (assumed || basisAt(part, PLACES) === 'assumed') return true
  if (key === 'tray') return part.tray.at === undefined
  if (key === 'supply') return part.supply.at === undefined
  return from?.list === 'covers' && part.tray.at === undefined
}
