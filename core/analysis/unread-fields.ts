// The fields that nothing judges, joins, orders or shows yet, by kind, each under its reason. The
// list may only shrink: a test finds every other field read, and each of these unread.
import type { PartKind } from '../parts'

const SPACE = 'bodies are not compared in space yet'
const FIXED = 'places lie along the walls: another direction changes no figure yet'
const RADIATORS = 'radiators are not laid into places yet'
const AIR = 'the way of the air is not judged yet'
const TELLING = 'no step and no trial tells it yet'
const SIGNALS = 'shown with the part: what passes a lead is not followed yet'
const OUTSIDE = 'what stands around the machine is not joined to it yet'
const FIRMNESS = 'weights, pins and screws of one size are not judged yet'
const SPEEDS = 'memory is judged by the board’s table alone'
const CURRENTS = 'currents are judged by class and by socket, not by this figure'
const LENGTHS = 'ways are measured to the part, not yet to each of its leads’ ends'
const MONEY = 'an adapter’s own price is asked of the shelf'
const ONCE = 'kept for the record: no rule has a use for it yet'

type Reasons = Readonly<Record<string, readonly string[]>>

export const UNREAD: Partial<Record<PartKind, Reasons>> = {
  case: {
    [SPACE]: ['outer.x', 'outer.y', 'outer.z', 'cardRoomFrom', 'cardRoomMeans', 'bays.*.cage'],
    [FIXED]: ['supply.axes', 'bays.*.axes', 'fans.*.axes', 'spots.*.axes'],
    [AIR]: ['fans.*.air', 'filters', 'filters.*.label', 'filters.*.over', 'filters.*.slides'],
    [RADIATORS]: [
      ...['radiators', 'radiators.*.key', 'radiators.*.label', 'radiators.*.sizes'],
      ...['radiators.*.instead', 'radiators.*.at', 'radiators.*.axes', 'radiators.*.room'],
    ],
    [TELLING]: [
      ...['pieces', 'pieces.*.key', 'pieces.*.label', 'pieces.*.piece', 'pieces.*.screws'],
      ...['pieces.*.opens', 'ties', 'ties.*.label', 'ties.*.at'],
    ],
    [SIGNALS]: [
      ...['leads.*.pins', 'leads.*.pins.*.row', 'leads.*.pins.*.col', 'leads.*.pins.*.does'],
      'leads.*.ports',
    ],
  },
  board: {
    [SPEEDS]: ['memory.banks', 'memory.buffered'],
    [FIXED]: ['m2.*.axes'],
    [SIGNALS]: ['slots.*.shuts', 'slots.*.shuts.*.keys', 'slots.*.shuts.*.protocol'],
    [LENGTHS]: ['headers.*.own'],
    [TELLING]: [
      ...['firmware.history', 'firmware.history.*.on', 'firmware.history.*.brings'],
      ...['lamps', 'lamps.*.label', 'lamps.*.means', 'lamps.*.at'],
      ...['beeps', 'beeps.*.signal', 'beeps.*.means', 'codes', 'codes.*.code', 'codes.*.means'],
      ...['jumpers', 'jumpers.*.label', 'jumpers.*.sets', 'jumpers.*.positions'],
      ...['jumpers.*.positions.*.pins', 'jumpers.*.positions.*.means', 'jumpers.*.at'],
    ],
    [OUTSIDE]: [
      ...['rear', 'rear.*.key', 'rear.*.label', 'rear.*.face', 'rear.*.speed'],
      'rear.*.ofProcessor',
    ],
  },
  processor: {
    [TELLING]: ['contacts', 'lidWidth'],
    [SPEEDS]: ['speeds', 'speeds.*.modules', 'speeds.*.speed'],
    [SIGNALS]: ['lanes'],
  },
  cooler: {
    [TELLING]: ['bracket'],
    [FIRMNESS]: ['weight'],
    [RADIATORS]: [
      ...['liquid.length', 'liquid.width', 'liquid.thickness', 'liquid.tube'],
      ...['liquid.fans.*.size', 'liquid.fans.*.thickness'],
    ],
  },
  memory: { [SPEEDS]: ['buffered', 'ranks', 'volts'] },
  drive: {
    [CURRENTS]: ['start.A5'],
    [FIRMNESS]: ['middleHoles'],
    [SIGNALS]: ['wakes', 'jumper'],
    [ONCE]: ['sequential'],
  },
  card: { [SPACE]: ['profile'], [OUTSIDE]: ['aerials', 'outputs'] },
  supply: {
    [ONCE]: ['pfc', 'protections', 'year', 'fanMode'],
    [TELLING]: ['sockets', 'sockets.*.key', 'sockets.*.label', 'sockets.*.for', 'cables.*.socket'],
    [CURRENTS]: ['cables.*.gauge'],
  },
  hub: {
    [ONCE]: ['controls', 'reports'],
    [LENGTHS]: ['inlets.*.own', 'outlets.*.own', 'outlets.*.lead'],
    [CURRENTS]: ['outlets.*.W12'],
  },
  light: { [LENGTHS]: ['own', 'lead'] },
  adapter: {
    [MONEY]: ['costs'],
    [LENGTHS]: ['inlets', 'inlets.*.role', 'inlets.*.own', 'outlets.*.own', 'outlets.*.lead'],
    [CURRENTS]: ['outlets.*.W12', 'amps'],
  },
  lead: { [LENGTHS]: ['branches.*.after'], [SIGNALS]: ['wires'], [SPACE]: ['angled'] },
  bracket: { [SIGNALS]: ['leads', 'leads.*.ports', 'leads.*.wiring'], [OUTSIDE]: ['outputs'] },
  rail: { [FIRMNESS]: ['pin', 'thickest'] },
  device: { [OUTSIDE]: ['plugs', 'plugs.*.lead'] },
  sundry: { [FIRMNESS]: ['thread'], [ONCE]: ['grams'] },
}
