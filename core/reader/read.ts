// Reads a pasted spec sheet: the kind of part, its fields with the words each came from, what is
// doubtful, what was not read.
import type { PartKind } from '../parts'
import { readBare } from './bare'
import { readBoard } from './board'
import { readCard } from './card'
import { readCase } from './case'
import { readSoftware } from './common'
import { readCooler } from './cooler'
import { readDevice } from './device'
import { readDrive } from './drive'
import { readFan } from './fan'
import { readHub } from './hub'
import { readLight } from './light'
import { readMemory } from './memory'
import { readNames } from './names'
import { readProcessor } from './processor'
import { kindsOfSheet } from './kinds'
import { doubtsOf } from './likely'
import { isContentsLine } from './in-the-box'
import { readIncludes } from './includes'
import { readPack } from './pack'
import { withoutTimes } from './times'
import { readPrice } from './price'
import { Notes, type DoubtfulField, type ReadField } from './notes'
import { sheetOf, type Sheet } from './statements'
import { unreadIn } from './unread'
import { readSupply } from './supply'

export interface Reading {
  readonly kind: PartKind | null
  readonly fields: readonly ReadField[]
  readonly doubtful: readonly DoubtfulField[]
  readonly unread: readonly string[]
  /**
   * Of how many phrases it was not looked whether they were read: the sheet is too long for that.
   */
  readonly unlooked: number
}

const READERS: Partial<Record<PartKind, (sheet: Sheet, notes: Notes) => void>> = {
  board: readBoard,
  case: readCase,
  processor: readProcessor,
  cooler: readCooler,
  memory: readMemory,
  card: readCard,
  drive: readDrive,
  supply: readSupply,
  fan: readFan,
  hub: readHub,
  light: readLight,
  device: readDevice,
}
/** The kinds whose sheets can be read. */
export const READABLE = Object.keys(READERS) as readonly PartKind[]

/**
 * Reads a sheet. `kind` overrules what the sheet seems to be about; `makers` are names that are
 * known as makers. Nothing is invented: a field stands only where words of the sheet say it, and
 * those words stand with it. Lengths in mm, masses in g, memory in GB; counts of like things as
 * `headers.sata-data`, `cables.card-8`, `fans.front`.
 */
export function readSheet(
  text: string,
  {
    kind,
    makers = [],
  }: { readonly kind?: PartKind | undefined; readonly makers?: readonly string[] } = {},
): Reading {
  const sheet = sheetOf(withoutTimes(text))
  if (kind) return readAs(sheet, kind, makers)
  // The words may speak for several kinds: the one that makes most of the lines is right.
  const worth = (one: PartKind, share: number): number => {
    const notes = notesOf(sheet, one, makers)
    return share + sheet.statements.filter(s => notes.wasRead(s)).length / sheet.statements.length
  }
  const tried = kindsOfSheet(sheet, makers)
    .filter(k => k.share >= LIKELY)
    .map(k => ({ kind: k.kind, worth: worth(k.kind, k.share) }))
  return readAs(sheet, tried.sort((a, b) => b.worth - a.worth)[0]?.kind ?? null, makers)
}

/**
 * Kinds whose words weigh at least this share of the likeliest one's are tried as well. A named
 * choice.
 */
const LIKELY = 0.6

function readAs(sheet: Sheet, kind: PartKind | null, makers: readonly string[]): Reading {
  const notes = notesOf(sheet, kind, makers)
  const { likely, unlikely } = doubtsOf(kind, notes.fields())
  const { phrases, unlooked } = unreadIn(sheet, notes, variant => notesOf(variant, kind, makers))
  return {
    kind,
    fields: likely,
    doubtful: [...notes.doubtful(), ...unlikely],
    unread: phrases,
    unlooked,
  }
}

function notesOf(sheet: Sheet, kind: PartKind | null, makers: readonly string[]): Notes {
  const notes = new Notes()
  readNames(sheet, notes, { kind, makers })
  for (const s of sheet.statements) {
    readPrice(s, notes)
    readSoftware(s, notes)
  }
  if (!kind) return notes
  if (kind !== 'memory') for (const s of sheet.statements) readPack(s, notes)
  readIncludes(sheet, notes, kind)
  READERS[kind]?.(ofThePart(sheet, kind), notes)
  readBare(sheet, notes, kind)
  return notes
}

/** How large and heavy the parcel is says nothing of the part. */
const PARCEL = new RegExp(
  [
    String.raw`^(?:package|packaging|packing|(?:retail |gift )?box|carton|shipping|parcel)\b`,
    String.raw`.*\b(?:size|dimensions?|weight|measures|volume)\b`,
  ].join(''),
  'i',
)
/** Of these what lies loose in the box would be taken for sockets of theirs. */
const WITH_SOCKETS: readonly PartKind[] = ['board', 'card']
const ofThePart = (sheet: Sheet, kind: PartKind): Sheet => ({
  ...sheet,
  statements: sheet.statements.filter(
    s => !PARCEL.test(s.label) && !(WITH_SOCKETS.includes(kind) && isContentsLine(s)),
  ),
})
