// What steps are made from: the joints that were chosen, and what lies under them.
import { plainItems } from '../../plan/items'
import { frames, outlines, plugs, seats, unmet } from '../../plan/joints'
import { cameThere, comesOut } from '../../plan/came'
import { cablesAtSupply } from '../../plan/supply-sockets'
import { leadsUnderCards } from '../../plan/under-cards'
import { panels, piecesOff } from '../../plan/pieces-off'
import { goesFirst, type GoesFirst } from '../../plan/ways-in'
import { leaving } from '../../plan/given'
import { stage, type ValuesOf } from '../../pipeline/stage'
import { supplyFans } from '../../plan/supply-fans'
import { dressing } from '../../plan/dressing'

/**
 * What lies beneath each card and each cooler, where it has to come off for it: the plugs that no
 * hand gets at under a card; under a cooler the processor, and what does not pass it.
 */
const under = stage(
  'under',
  { seats, goesFirst },
  ({ seats, goesFirst }): ReadonlyMap<string, readonly string[]> => {
    const first = (then: string, ...of: readonly GoesFirst['of'][]): readonly string[] =>
      goesFirst.flatMap(w => (of.includes(w.of) && w.then === then ? [w.first] : []))
    const processors = (board: string): readonly string[] =>
      seats.filter(j => j.face === 'processor-socket' && j.items[1] === board).map(j => j.id)
    return new Map([
      ...seats.filter(j => j.face === 'slot').map(j => [j.id, first(j.id, 'hand')] as const),
      ...seats
        .filter(j => j.face === 'cooler-mount')
        .map(j => [j.id, [...processors(j.items[1]), ...first(j.id, 'hand', 'body')]] as const),
    ])
  },
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
  panels,
  piecesOff,
  leaving,
  cameThere,
  comesOut,
  supplyFans,
} as const
export type StepsFrom = ValuesOf<typeof STEPS_FROM>
