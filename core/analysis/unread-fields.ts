// The fields that change nothing of what is said of a build yet, by kind, each under the room that
// will read it. The list may only shrink: a test finds every other field read, and each of these
// unread.
import type { PartKind } from '../parts'

const SPACE = 'space: the rest of what decides where things go is not read yet'
const WAYS = 'ways: where it hangs is not known, its way is not measured yet'
const ORDER = 'order: weights, threads and amounts are not told at the bench yet'
const DRAWING = 'drawing: it is not drawn where it stands yet'
const PROOF = 'proof: no trial tells it yet'
const ARRAYS = 'arrays: neither speeds nor the lanes of a processor are added up yet'
const WORDS = 'words, shown with the part: there is nothing to judge'

type Reasons = Readonly<Record<string, readonly string[]>>

export const UNREAD: Partial<Record<PartKind, Reasons>> = {
  case: {
    [SPACE]: ['outer.x', 'outer.y', 'outer.z'],
    [ORDER]: ['pieces.*.opens'],
  },
  board: {
    [SPACE]: ['coprocessor.at'],
    [DRAWING]: ['jumpers.*.at', 'lamps.*.at'],
    [PROOF]: [
      ...['firmware.history', 'firmware.history.*.version'],
      ...['firmware.history.*.on', 'firmware.history.*.brings'],
      ...['lamps', 'lamps.*.label', 'lamps.*.means'],
      ...['beeps', 'beeps.*.signal', 'beeps.*.means', 'codes', 'codes.*.code', 'codes.*.means'],
    ],
  },
  processor: { [ARRAYS]: ['lanes'] },
  cooler: {
    [ORDER]: ['weight'],
  },
  drive: { [ARRAYS]: ['sequential'] },
  card: { [WORDS]: ['outputs'] },
  hub: { [WAYS]: ['outlets.*.lead'] },
  lead: { [SPACE]: ['angled'] },
  bracket: { [PROOF]: ['leads.*.wiring'], [WORDS]: ['outputs'] },
  device: { [WAYS]: ['plugs.*.lead'] },
  sundry: { [ORDER]: ['thread', 'grams'] },
}
