// All rules of the program, in the order in which their findings are listed.
import { boardRoom } from './fit/board-room'
import { cardLength, cardPlug, slotCovers } from './fit/card-room'
import { coolerHeight } from './fit/cooler-height'
import { firmware } from './fit/firmware'
import { coolerOverMemory, memorySize, memorySpeed, memoryTable } from './fit/memory-fit'
import { picture } from './fit/picture'
import { rearCover } from './fit/rear-cover'
import { covered, linkSpeed } from './fit/shares'
import { standoffCount, standoffStray, standoffThread } from './fit/standoff-rules'
import { supplyRoom } from './fit/supply-length'
import { headerCurrent, joinedPairs, unmetDemands } from './joints/rules'
import { blockMap, plugWidth } from './panel/rules'
import {
  cableLimit,
  plugClass,
  plugLimit,
  railLimit,
  slotLimit,
  spinUp,
  supplySize,
  surges,
} from './power/rules'
import { holeRoom, leadLength } from './routes/rules'
import type { Rule } from './rule'

export const RULES: readonly Rule[] = [
  standoffStray,
  standoffThread,
  standoffCount,
  boardRoom,
  coolerHeight,
  supplyRoom,
  picture,
  firmware,
  coolerOverMemory,
  memoryTable,
  memorySpeed,
  memorySize,
  cardLength,
  cardPlug,
  slotCovers,
  rearCover,
  covered,
  linkSpeed,
  unmetDemands,
  joinedPairs,
  headerCurrent,
  supplySize,
  surges,
  railLimit,
  spinUp,
  plugLimit,
  cableLimit,
  plugClass,
  slotLimit,
  plugWidth,
  blockMap,
  leadLength,
  holeRoom,
]
