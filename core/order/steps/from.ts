// What steps are made from: the joints that were chosen, and what lies under them.
import { ends, plainItems } from '../../plan/items'
import { frames, outlines, plugs, seats, unmet } from '../../plan/joints'
import { cablesAtSupply } from '../../plan/supply-sockets'
import { stage, type ValuesOf } from '../../pipeline/stage'
import { coveredBy } from '../access'

const under = stage('under', { seats, plugs, ends }, coveredBy)
/** What steps are made from. */
export const STEPS_FROM = {
  items: plainItems,
  outlines,
  seats,
  plugs,
  unmet,
  frames,
  under,
  cablesAtSupply,
} as const
export type StepsFrom = ValuesOf<typeof STEPS_FROM>
