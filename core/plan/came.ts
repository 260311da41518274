// What came with a case in its place: what stays there, and what comes out because it is planned elsewhere
// or is not in the build.
import { wallOf, type Wall } from '../case/air'
import type { Joint } from '../joining/joint'
import type { Item } from '../parts'
import type { Case } from '../parts/case-schema'
import { includedWith, nameBeside } from '../parts/included'
import type { Fitted, ItemOf } from '../parts/kind'
import { stage } from '../pipeline/stage'
import { plainItems } from './items'
import { seats } from './joints'
import { every, socketIn } from './situation'

/** Something that sits in a case when it comes and is not to stay where it is. */
export interface ComesOut {
  /** What it is called in its step. */
  readonly id: string
  readonly case: string
  /** The item that goes to another place; null where what comes is not in the build. */
  readonly item: string | null
  /** Where that is planned. */
  readonly seat: Joint | null
  readonly model: string
  readonly kind: Item['part']['kind']
  /** The wall at which it came; null where nobody says. */
  readonly wall: Wall | null
  /** The seats that are planned where it sits. */
  readonly inPlace: readonly Joint[]
}

/** The wall of a case at which a fan or a radiator is seated; null for other places. */
export function wallOfSeat(joint: Joint, { fans, radiators }: Case): Wall | null {
  const place = socketIn(joint, 'fans', fans) ?? socketIn(joint, 'radiators', radiators)
  return place ? wallOf(place.axes) : null
}

const isAt = (joint: Joint, pc: Case, came: Fitted): boolean =>
  came === true || came === wallOfSeat(joint, pc)

/** Whether an item stays where it came. A place that a hand chose is none that it came in. */
function staysIn(joint: Joint, item: Item | undefined, pc: Item | undefined): boolean {
  const came = item?.fitted ?? false
  if (came === false || pc?.part.kind !== 'case' || joint.pinned) return false
  return isAt(joint, pc.part, came)
}

/** The seats of what stays where it came. */
export const cameThere = stage(
  'came-there',
  { plainItems, seats },
  ({ plainItems, seats }): readonly Joint[] => {
    const byId = new Map(plainItems.map(i => [i.id, i]))
    return seats.filter(joint => {
      const [own, holder] = joint.items.map(id => byId.get(id))
      return staysIn(joint, own, holder)
    })
  },
)

/** What sits in a case when it comes and comes out of its place. */
export const comesOut = stage(
  'comes-out',
  { plainItems, seats, cameThere },
  ({ plainItems, seats, cameThere }): readonly ComesOut[] => {
    const stays = new Set(cameThere.map(j => j.id))
    const planned = seats.filter(j => !stays.has(j.id))
    return every({ items: plainItems }, 'case').flatMap(pc => {
      const into = planned.filter(j => j.items[1] === pc.id)
      return [...goesElsewhere(pc, plainItems, into), ...notInBuild(pc, plainItems, into)]
    })
  },
)

/** What came in the case and is planned at another place of it. */
function goesElsewhere(
  pc: ItemOf<Case>,
  items: readonly Item[],
  into: readonly Joint[],
): readonly ComesOut[] {
  return into.flatMap(seat => {
    const item = items.find(i => i.id === seat.items[0])
    if (!item?.fitted) return []
    const others = into.filter(j => j !== seat)
    const where = placeOf(pc, item.fitted, others)
    return [{ ...where, id: item.id, item: item.id, seat, model: item.name, kind: item.part.kind }]
  })
}

/** What sits in a case when it comes, beyond those of its sort that are in the build. */
function notInBuild(
  pc: ItemOf<Case>,
  items: readonly Item[],
  into: readonly Joint[],
): readonly ComesOut[] {
  return includedWith(pc.part, 1).flatMap(({ part, count, fitted }, entry) => {
    if (fitted === false) return []
    const here = items.filter(i => i.part.id === part.id).length
    const about = { ...placeOf(pc, fitted, into), item: null, seat: null }
    const over = Math.max(0, count - here)
    const name = nameBeside(part, pc.part.model)
    return Array.from({ length: over }, (_, n) => ({
      ...{ ...about, id: `${pc.id}.${entry}.${n}`, kind: part.kind },
      model: over > 1 ? `${name} (${n + 1})` : name,
    }))
  })
}

const placeOf = (pc: ItemOf<Case>, came: Fitted, into: readonly Joint[]) => ({
  case: pc.id,
  wall: typeof came === 'string' ? came : null,
  inPlace: into.filter(j => isAt(j, pc.part, came)),
})
