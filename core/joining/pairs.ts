// The pairs that seats and plugs are chosen from, by where everything could be.
//
// What is weighed is named by where everything is, not by the plan that asks: plans that differ in
// what a hand has pinned weigh the rest once.
import { bodyEnds, leadEnds } from './joinable'
import { endsByRef, type EndOf } from './joint'
import { withinReach, type Asked } from './loose-leads'
import { withPins, type Pins } from './pinned-pairs'
import { NO_SIDES } from './plug-field'
import type { Places, Weighed, Whereabouts } from './weigh'
import { weighAll } from './weighing'

/** All ends of a horizon, and what a hand has pinned of them. */
interface Pairing {
  readonly shapes: readonly EndOf[]
  readonly pins: Pins
}

const NO_PLACES: Places = new Map()

/** Every seat with what could sit there; `asUsual` where no pin adds a pair. */
export function seatPairsOf(
  at: string,
  { shapes, pins }: Pairing,
): { readonly pairs: readonly Weighed[]; readonly asUsual: boolean } {
  const ends = bodyEnds(shapes)
  const where = { places: NO_PLACES, sides: NO_SIDES, field: null, lengths: false }
  const usual = weighAll('seats', { ends, all: shapes }, where)
  const pairs = withPins(`${at}/seats`, usual, pins, { ends, all: shapes, where })
  return { pairs, asUsual: pairs === usual }
}

/** Every plug with each socket that it could be led to. */
export function plugPairsOf(
  { at, there }: Asked,
  { shapes, pins }: Pairing,
  where: Whereabouts,
): readonly Weighed[] {
  const ends = leadEnds(shapes)
  const usual = weighAll(there, { ends, all: shapes }, where)
  const pairs = withPins(`${at}/plugs`, usual, pins, { ends, all: shapes, where })
  return withinReach({ at, there }, pairs, { ends: endsByRef(shapes), pins }, where)
}
