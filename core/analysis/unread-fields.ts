// The fields that change nothing of what is said of a build yet, by kind, each under its reason. The
// list may only shrink: a test finds every other field read, and each of these unread.
import type { PartKind } from '../parts'

const SPACE = 'bodies are not compared in space yet'
const FIXED = 'places lie along the walls: another direction changes no figure yet'
const RADIATORS = 'the body of a radiator is not laid into its place yet'
const AIR = 'the way of the air is not judged yet'
const TELLING = 'no step and no trial tells it yet'
const SIGNALS = 'what passes a lead or a slot is not followed yet'
const FAR_OFF = 'how far off it stands is not known: its lead is not measured'
const FIRMNESS = 'weights, pins and threads are not judged yet'
const HANGING = 'where it hangs is not known: its way is not measured yet'
const RECORD = 'shown with the part: no rule has a use for it yet'
const UNTRIED = 'read, but nothing in the builds that are tried meets it'

type Reasons = Readonly<Record<string, readonly string[]>>

export const UNREAD: Partial<Record<PartKind, Reasons>> = {
  case: {
    [SPACE]: ['outer.x', 'outer.y', 'outer.z', 'cardRoomFrom', 'cardRoomMeans', 'bays.*.cage'],
    [FIXED]: ['supply.axes', 'bays.*.axes', 'spots.*.axes', 'radiators.*.axes'],
    [AIR]: ['filters', 'filters.*.label', 'filters.*.over', 'filters.*.slides'],
    [TELLING]: [
      ...['pieces', 'pieces.*.key', 'pieces.*.label', 'pieces.*.piece', 'pieces.*.screws'],
      ...['pieces.*.opens', 'ties', 'ties.*.label', 'ties.*.at'],
    ],
    [UNTRIED]: [
      'fans.*.axes',
      ...['leads.*.pins', 'leads.*.pins.*.row', 'leads.*.pins.*.col', 'leads.*.pins.*.does'],
      ...['leads.*.ports'],
    ],
  },
  board: {
    [SPACE]: ['coprocessor.at'],
    [FIXED]: ['m2.*.axes'],
    [UNTRIED]: [
      ...['slots.*.shuts', 'slots.*.shuts.*.keys', 'slots.*.shuts.*.protocol'],
      ...['headers.*.own', 'without'],
    ],
    [TELLING]: [
      ...['firmware.history', 'firmware.history.*.version'],
      ...['firmware.history.*.on', 'firmware.history.*.brings'],
      ...['lamps', 'lamps.*.label', 'lamps.*.means', 'lamps.*.at'],
      ...['beeps', 'beeps.*.signal', 'beeps.*.means', 'codes', 'codes.*.code', 'codes.*.means'],
      'jumpers.*.at',
    ],
  },
  processor: {
    [SIGNALS]: ['lanes'],
  },
  cooler: {
    [FIRMNESS]: ['weight'],
    [RADIATORS]: ['liquid.length', 'liquid.width', 'liquid.tube', 'liquid.fans.*.size'],
  },
  drive: {
    [RECORD]: ['sequential'],
  },
  card: { [RECORD]: ['outputs'] },
  supply: {
    [RECORD]: ['fanMode'],
    [UNTRIED]: ['sockets.*.key'],
  },
  hub: {
    [RECORD]: ['controls'],
    [HANGING]: ['outlets.*.lead'],
    [UNTRIED]: ['inlets.*.own', 'outlets.*.own', 'inlets.*.role'],
  },
  light: { [UNTRIED]: ['own'] },
  adapter: {
    [UNTRIED]: ['inlets.*.own', 'outlets.*.own', 'outlets.*.lights', 'lights', 'inlets.*.role'],
  },
  lead: { [UNTRIED]: ['branches.*.after'], [SPACE]: ['angled'] },
  bracket: {
    [UNTRIED]: ['leads.*.ports'],
    [SIGNALS]: ['leads.*.wiring'],
    [RECORD]: ['outputs'],
  },
  device: { [FAR_OFF]: ['plugs.*.lead'] },
  sundry: { [FIRMNESS]: ['thread'], [RECORD]: ['grams'] },
}
