// All rules of the program, in the order in which their findings are listed.
import { boardRoom } from './fit/board-room'
import { coolerHeight } from './fit/cooler-height'
import { picture } from './fit/picture'
import { standoffCount, standoffStray, standoffThread } from './fit/standoff-rules'
import { supplyRoom } from './fit/supply-length'
import { headerCurrent, joined, unmet } from './joints/rules'
import { plugWidth } from './panel/rules'
import { plugLimit, railLimit, supplySize } from './power/rules'
import { leadLength } from './routes/rules'
import type { Rule } from './rule'

export const RULES: readonly Rule[] = [
  standoffStray, standoffThread, standoffCount, boardRoom, coolerHeight, supplyRoom, picture,
  unmet, joined, headerCurrent, supplySize, railLimit, plugLimit, plugWidth, leadLength,
]
