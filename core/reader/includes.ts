// What comes with a part and is a part of its own: fans in a case, leads with a board, an adapter with a card,
// a controller with fans.
import type { PartKind } from '../parts'
import { readShield } from './board'
import { readBag, WITH_BAG } from './bag'
import { readCaseFans } from './case-fans'
import { readCaseHub, readHubOf } from './own-hub'
import { counted, INCLUDED, linesOf, usesHeading, type Line } from './in-the-box'
import { whole, type Notes } from './notes'
import type { Sheet } from './statements'
import { wordNumber } from './things'

const READ: Partial<Record<PartKind, (line: Line, notes: Notes) => boolean>> = {
  case: ({ s }, notes) => readCaseHub(s, notes),
  board: ({ s, isContents }, notes) => {
    if (!isContents) return false
    const hasLeads = counted(s, notes, { what: 'lead', named: SATA_LEADS })
    return readShield(s, notes, true) || hasLeads
  },
  card: ({ s, isContents }, notes) =>
    (isContents || INCLUDED.test(whole(s))) && adapterIn(s, notes),
  fan: ({ s, isContents }, notes) => isContents && readHubOf(s, notes),
}

/** What comes with it, counted by what it is: `includes.fan.120`, `includes.lead`, `includes.adapter`. */
export function readIncludes(sheet: Sheet, notes: Notes, kind: PartKind): void {
  const lines = linesOf(sheet)
  for (const line of lines) {
    const isRead = [
      READ[kind]?.(line, notes),
      WITH_BAG.includes(kind) && readBag(line, notes, kind),
    ]
    if (isRead.some(Boolean)) usesHeading(sheet, notes, line.heading)
  }
  if (kind === 'case') readCaseFans(lines, sheet, notes)
}
const SATA_LEADS = /\bSATA(?: data| 6 ?Gb\/s| III)? (?:cables?|leads?)\b/i

/** "1 x 16-pin to 3 x 8-pin adapter". */
const ADAPTER = /\b(?:16[- ]?pin|12V(?:HPWR|-2x6))\b/i
const EIGHTS = /\b(\d|two|three|four)\s*(?:[x×]\s*)?(?:PCIe\s*)?8[- ]?pin/i
function adapterIn(s: Line['s'], notes: Notes): boolean {
  const text = whole(s)
  if (!/adapt[eo]r|converter|\bcable\b.*\bto\b/i.test(text) || !ADAPTER.test(text)) return false
  const eights = EIGHTS.exec(text)?.[1]
  if (eights !== undefined)
    notes.put(s, 'includes.adapter', wordNumber(eights) ?? Number(eights), 'pcs')
  return eights !== undefined
}
