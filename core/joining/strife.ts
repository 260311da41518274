// Seats that do not get along: what sits in them meets in space, or has not the room or the reach
// that it needs there. Told to the plan, which takes other seats where there are any.
import { groupBy } from '../collections/groups'
import { judge, gravity } from '../figures/verdict'
import { isKind, type Item } from '../parts'
import type { Clause } from '../matching/candidate'
import { kept } from '../pipeline/kept'
import type { EndRef } from '../ids/ids'
import type { Joint } from './joint'
import { isChosen, pairsLike, type Joinable } from './joinable'
import { loopsIn, roomTaken, standsBeside, tubesOf, type AtPlace, type Taken } from './loops'
import { limitsIn, meetingsOf } from './meetings'
import { isZone, metIn } from './met'
import { solidsOf, type Bodies, type Solid } from './solids'

/** The sets of seats, of those chosen, whose occupants do not get along; none that has to be so. */
export const strifesOf = (
  at: string,
  seats: readonly Joint[],
  { bodies, seatPairs, pins, interchangeable }: Joinable,
): readonly Clause[] => strifes(at, seats, { ...bodies, seatPairs, pins, interchangeable })

const strifes = kept(
  'strifes',
  (
    seats: readonly Joint[],
    of: Bodies & Pick<Joinable, 'seatPairs' | 'pins' | 'interchangeable'>,
  ): readonly Clause[] => {
    const sets = quarrels(seats, of).map(joints =>
      joints.filter(j => isChosen(j, of)).map(j => pairsLike(j, of)),
    )
    // What no other choice of seats could part is told as it is.
    const named = groupBy(
      sets.filter(set => set.length > 0),
      set => set.join(' '),
    )
    return [...named.values()].flatMap(([first]) => (first ? [first] : []))
  },
)

/** Joints of which one at least has to be otherwise, or something stops. */
function quarrels(
  seats: readonly Joint[],
  { shells, limiting }: Bodies,
): readonly (readonly Joint[])[] {
  const solids = solidsOf(shells, seats)
  const seatAt = new Map<string, Joint>(seats.map(j => [j.b, j]))
  const resting = ({ within }: Solid): readonly Joint[] =>
    within.flatMap((ref: EndRef) => seatAt.get(ref) ?? [])
  /** What only one of the two rests on: what holds both moves both. */
  const apart = (a: Solid, b: Solid): readonly Joint[] => {
    const [ofA, ofB] = [resting(a), resting(b)]
    return [...ofA.filter(j => !ofB.includes(j)), ...ofB.filter(j => !ofA.includes(j))]
  }
  return [
    ...meetingsOf(solids, limitsIn(limiting)).flatMap(meeting =>
      metIn(meeting)
        .filter(met => !isZone(met) && gravity(met.found.judged.verdict) >= gravity('stop'))
        .map(({ a, b }) => apart(a, b)),
    ),
    ...atPlaces(seats, limiting).flatMap(({ joint, ...own }) =>
      isTooMuch(roomTaken(own, standsBeside(own.wet.id, solids))) ? [[joint]] : [],
    ),
    ...loopsIn(limiting, solids).flatMap(loop =>
      isTooMuch(tubesOf(loop)) ? [apart(loop.block, loop.radiator)] : [],
    ),
  ]
}

const isTooMuch = ({ need, have }: Taken): boolean =>
  gravity(judge(need, have).verdict) >= gravity('stop')

/** The radiators at their places. */
const atPlaces = (
  seats: readonly Joint[],
  items: readonly Item[],
): readonly (AtPlace & { readonly joint: Joint })[] =>
  seats.flatMap(joint => {
    const place = joint.members[1]
    const wet = items.filter(isKind('cooler')).find(i => i.id === joint.items[0])
    const pc = items.filter(isKind('case')).find(i => i.id === joint.items[1])
    return wet && pc && place?.list === 'radiators' ? [{ joint, wet, pc, place: place.index }] : []
  })
