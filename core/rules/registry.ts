// All rules of the program, in the order in which their findings are listed.
import { airAgainst } from './air/against'
import { airBalance } from './air/balance'
import { airRoom } from './air/room'
import { warmRadiator } from './air/warm-radiator'
import { boardRoom } from './fit/board-room'
import { fitClearance } from './fit/clearance'
import { pumpBelow } from './fit/pump-below'
import { tubeReach } from './fit/tube-reach'
import { cardLength } from './fit/card-length'
import { cardProfile } from './fit/card-profile'
import { cardPlug } from './fit/card-plug'
import { stickBody } from './fit/stick-body'
import { fitUplink } from './fit/uplink'
import { slotKey } from './fit/slot-key'
import { sledPin } from './fit/sled-pin'
import { sledThickness } from './fit/sled-thickness'
import { slotCovers } from './fit/slot-covers'
import { coolerHeight } from './fit/cooler-height'
import { fitFirmware } from './fit/firmware'
import { coolerTurn } from './fit/cooler-turn'
import { coolerOverMemory } from './fit/cooler-over-memory'
import { coolerCapacity } from './fit/cooler-capacity'
import { memoryBanks } from './fit/memory-banks'
import { memoryBelow } from './fit/memory-below'
import { memoryChannels } from './fit/memory-channels'
import { memoryMix } from './fit/memory-mix'
import { memoryRegistered } from './fit/memory-registered'
import { memorySize } from './fit/memory-size'
import { memorySpeed } from './fit/memory-speed'
import { memoryTable } from './fit/memory-table'
import { memoryUnderRadiator } from './fit/memory-under-radiator'
import { memoryType } from './fit/memory-type'
import { fitUpright } from './fit/upright'
import { wayIn } from './fit/way-in'
import { fitRetainer } from './fit/retainer'
import { fitPaste } from './fit/paste'
import { fitPicture } from './fit/picture'
import { rearCover } from './fit/rear-cover'
import { fitCovered } from './fit/covered'
import { fitLink } from './fit/link'
import { standoffCount } from './fit/standoff-count'
import { standoffStray } from './fit/standoff-stray'
import { standoffThread } from './fit/standoff-thread'
import { radiatorRoom } from './fit/radiator-room'
import { supplyLength } from './fit/supply-length'
import { fanSpeed } from './joints/fan-speed'
import { headerCurrent } from './joints/header-current'
import { jointsJoined } from './joints/joined'
import { pumpHeader } from './joints/pump-header'
import { processorFan } from './joints/processor-fan'
import { jointsJumper } from './joints/jumper'
import { jointsKnown } from './joints/known'
import { onTheWay } from './joints/on-the-way'
import { ribbonOrder } from './joints/ribbon-order'
import { systemPort } from './joints/system-port'
import { portCount } from './joints/port-count'
import { jointsMonitor } from './joints/monitor'
import { outerSpeed } from './joints/outer-speed'
import { protruding } from './fit/protruding'
import { jointsUnmet } from './joints/unmet'
import { mainsLead } from './panel/mains-lead'
import { blockMap } from './panel/block-map'
import { plugWidth } from './panel/plug-width'
import { lightCount } from './joints/light-count'
import { batteryVolts } from './power/battery-volts'
import { leastLoad } from './power/least-load'
import { mainsSwitch } from './power/mains-switch'
import { powerAdapter } from './power/adapter'
import { powerBeyond } from './power/beyond'
import { powerAge } from './power/age'
import { powerCable } from './power/cable'
import { powerClass } from './power/class'
import { powerFactor } from './power/factor'
import { powerHeads } from './power/heads'
import { powerHub } from './power/hub'
import { powerPlug } from './power/plug'
import { powerProtections } from './power/protections'
import { powerRail } from './power/rail'
import { sleepingDisk } from './power/sleeping-disk'
import { powerSlot } from './power/slot'
import { powerSockets } from './power/sockets'
import { powerStart } from './power/start'
import { powerStandby } from './power/standby'
import { supplySize } from './power/supply-size'
import { powerSurge } from './power/surge'
import { proofSoftware } from './proof/software'
import { proofSpeaker } from './proof/speaker'
import { proofCondition } from './proof/condition'
import { holeRoom } from './routes/hole-room'
import { leadLength } from './routes/lead-length'
import { longestLead } from './routes/longest-lead'
import { plugHead } from './routes/plug-head'
import { bend } from './routes/bend'
import { blades } from './routes/blades'
import { chamberDepth } from './routes/chamber-depth'
import { socketPlaces } from './routes/socket-places'
import type { Rule } from './rule'

export const RULES: readonly Rule[] = [
  standoffStray,
  standoffThread,
  standoffCount,
  boardRoom,
  fitClearance,
  tubeReach,
  pumpBelow,
  coolerHeight,
  radiatorRoom,
  supplyLength,
  fitPicture,
  fitFirmware,
  coolerCapacity,
  fitPaste,
  coolerOverMemory,
  memoryUnderRadiator,
  memoryType,
  memoryRegistered,
  memoryBanks,
  memoryTable,
  memoryChannels,
  memoryMix,
  memorySpeed,
  memoryBelow,
  memorySize,
  cardLength,
  cardPlug,
  cardProfile,
  slotCovers,
  rearCover,
  fitCovered,
  slotKey,
  fitRetainer,
  fitLink,
  fitUplink,
  fitUpright,
  wayIn,
  coolerTurn,
  airRoom,
  airAgainst,
  airBalance,
  warmRadiator,
  stickBody,
  sledPin,
  sledThickness,
  jointsKnown,
  jointsUnmet,
  jointsJoined,
  jointsMonitor,
  outerSpeed,
  protruding,
  headerCurrent,
  pumpHeader,
  processorFan,
  fanSpeed,
  onTheWay,
  systemPort,
  ribbonOrder,
  jointsJumper,
  lightCount,
  portCount,
  powerBeyond,
  supplySize,
  powerSurge,
  powerRail,
  powerStart,
  leastLoad,
  powerStandby,
  powerPlug,
  powerHub,
  powerAdapter,
  powerCable,
  powerHeads,
  powerClass,
  powerSockets,
  powerSlot,
  sleepingDisk,
  powerProtections,
  powerFactor,
  powerAge,
  mainsSwitch,
  batteryVolts,
  mainsLead,
  plugWidth,
  blockMap,
  leadLength,
  longestLead,
  plugHead,
  bend,
  blades,
  chamberDepth,
  socketPlaces,
  holeRoom,
  proofCondition,
  proofSoftware,
  proofSpeaker,
]
