// The plan beside what is made: what was made as planned changes nothing; what was made otherwise
// changes only what it has to.
//
// The plan is drawn up as if nothing were pinned and nothing made. What a hand has pinned is then
// taken up, and what is made, in the order in which it was made: where the plan has it, nothing is to
// be done; where it has not, it is pinned and the plan drawn up anew, and of equally good plans the
// one is taken that keeps most of the plan before.
import { groupBy } from '../collections/groups'
import type { Layout } from '../case/layout'
import { itemOf, jointId, type EndRef } from '../ids/ids'
import { kept } from '../pipeline/kept'
import type { Asking } from './asking'
import { join, type Joined } from './join'
import { Arrangements } from './arrangements'
import { endsByRef, type EndOf, type Joint } from './joint'
import { NO_SIDES } from './plug-field'
import { plugPairsOf, seatPairsOf } from './pairs'
import { pinned, type Pins } from './pinned-pairs'
import { openField } from '../ways/field'
import { placesOf, sittingsOf } from './sitting'
import type { Bodies } from './solids'
import type { Places, Weighed } from './weigh'

/** What one act at the bench has joined. */
export type MadeAtOnce = readonly (readonly [plug: EndRef, socket: EndRef])[]
/** An item, and all that it is as one text: equal texts, interchangeable items. */
export interface Printed {
  readonly id: string
  readonly print: string
}

/** All that seats and plugs are chosen from, whatever is pinned. */
export interface Choosing {
  readonly asking: Asking
  readonly shapes: readonly EndOf[]
  readonly layout: Layout | null
  readonly cases: readonly string[]
  /** The drive that the system starts from, by its item. */
  readonly system: string | null
  readonly prints: readonly Printed[]
  readonly modelPrints: readonly Printed[]
  /** What things are made of, and what limits the space that they have. */
  readonly bodies: Bodies
}

/**
 * Named choice: so often the plan is drawn up anew; what was made otherwise after that is taken up
 * together.
 */
const ANEW = 8

/** The joints of a horizon: what a hand has pinned holds, then what is made, then what is best. */
export function joinKeeping(of: Choosing, byHand: Pins, made: readonly MadeAtOnce[]): Joined {
  const given = [pinned(byHand), ...made]
  const from = { ...of, arrangements: new Arrangements() }
  let plan = joinedWith('first', from, {}, NOTHING_BEFORE)
  let anew = 0
  given.forEach((act, i) => {
    const isLast = anew >= ANEW
    if (!isOtherwise(plan, isLast ? given.slice(i).flat() : act, of.shapes)) return
    anew += 1
    // All that is given by now holds: also what was planned so, and might be planned otherwise now.
    const pins = Object.fromEntries(given.slice(0, isLast ? given.length : i + 1).flat())
    plan = joinedWith(`anew-${anew}`, from, pins, idsOf(plan))
  })
  return marked(plan, Object.fromEntries(given.flat()))
}

const NOTHING_BEFORE: readonly string[] = []
const idsOf = ({ seats, plugs }: Joined): readonly string[] => [...seats, ...plugs].map(j => j.id)

/** Whether something is made and not planned so, as far as both of its ends are still there. */
function isOtherwise(plan: Joined, act: MadeAtOnce, shapes: readonly EndOf[]): boolean {
  const planned = new Set<string>(idsOf(plan))
  const ends = endsByRef(shapes)
  return act.some(([a, b]) => !planned.has(jointId(a, b)) && ends.has(a) && ends.has(b))
}

/** The joints told as given where a hand pinned or made them. */
function marked(plan: Joined, given: Pins): Joined {
  const mark = (j: Joint): Joint =>
    j.pinned === (given[j.a] === j.b) ? j : { ...j, pinned: !j.pinned }
  return { ...plan, seats: plan.seats.map(mark), plugs: plan.plugs.map(mark) }
}

/** The best plan under some pins; `before` are the joints it keeps where that costs nothing. */
function joinedWith(
  at: string,
  of: Choosing & { readonly arrangements: Arrangements },
  pins: Pins,
  before: readonly string[],
): Joined {
  const { asking, shapes, layout, cases, arrangements } = of
  const { pairs: seatPairs, asUsual } = seatPairsOf(at, { shapes, pins })
  const there = asUsual ? 'anywhere' : `anywhere/${at}`
  const places = placesBy(there, seatPairs, shapes, cases)
  const inCase = { places, sides: NO_SIDES, field: layout && openField(layout), lengths: false }
  const plugPairs = plugPairsOf({ at, there }, { shapes, pins }, inCase)
  return join(at, {
    ...{ asking, shapes, pins, layout, cases, seatPairs, plugPairs, arrangements },
    before: new Set(before),
    foremost: foremostOf(at, shapes, of.system),
    booked: [],
    strifes: [],
    bodies: of.bodies,
    interchangeable: alike(`${at}/same`, of.prints, pins),
    sameModel: alike(`${at}/model`, of.modelPrints, pins),
  })
}

const placesBy = kept(
  'places',
  (pairs: readonly Weighed[], shapes: readonly EndOf[], cases: readonly string[]): Places =>
    placesOf(cases, sittingsOf(pairs, endsByRef(shapes))),
)

const foremostOf = kept(
  'foremost',
  (shapes: readonly EndOf[], system: string | null): readonly EndRef[] =>
    system === null ? [] : shapes.flatMap(e => (e.item === system ? [e.ref] : [])),
)

/** Items of which one may stand for the other, by a common name: those with nothing pinned. */
const alike = kept(
  'alike',
  (printed: readonly Printed[], pins: Pins): ReadonlyMap<string, string> => {
    const byHand = new Set(pinned(pins).flat().map(itemOf))
    const groups = groupBy(
      printed.filter(p => !byHand.has(p.id)),
      p => p.print,
    )
    return new Map(
      [...groups.values()].flatMap(([first, ...others]) =>
        first && others.length > 0
          ? [first, ...others].map(member => [member.id, first.id] as const)
          : [],
      ),
    )
  },
)
