// What steps are made from: the joints that were chosen, and what lies under them.
import { plainItems } from '../../plan/items'
import { frames, outlines, plugs, seats, unmet } from '../../plan/joints'
import { cablesAtSupply } from '../../plan/supply-sockets'
import { leadsUnderCards } from '../../plan/under-cards'
import { goesFirst } from '../../plan/ways-in'
import { stage, type ValuesOf } from '../../pipeline/stage'
import { dressing } from '../../plan/dressing'

/** For each joint of a card in a slot the plugs beneath it, where no hand gets once it is in. */
const under = stage(
  'under',
  { seats, goesFirst },
  ({ seats, goesFirst }): ReadonlyMap<string, readonly string[]> =>
    new Map(
      seats
        .filter(j => j.face === 'slot')
        .map(seat => [
          seat.id,
          goesFirst.flatMap(w => (w.of === 'hand' && w.then === seat.id ? [w.first] : [])),
        ]),
    ),
)
/** What goes in first: for what stands in its way later, and for what lies over its lead. */
const allFirst = stage('all-first', { goesFirst, leadsUnderCards }, s => [
  ...s.goesFirst,
  ...s.leadsUnderCards,
])

/** What steps are made from. */
export const STEPS_FROM = {
  items: plainItems,
  outlines,
  seats,
  plugs,
  unmet,
  frames,
  under,
  goesFirst: allFirst,
  cablesAtSupply,
  dressing,
} as const
export type StepsFrom = ValuesOf<typeof STEPS_FROM>
