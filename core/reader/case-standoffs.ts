// The standoffs of a case: which stand in the tray already, and how many lie in the bag.
import { FORM } from '../standards/boards'
import { formsIn } from './named'
import { isNo } from './absent'
import type { Notes } from './notes'
import { phrasesOf } from './phrases'
import type { Statement } from './statements'
import { countOf } from './things'

const STANDOFFS = /\bstand-?offs?\b|\bspacers?\b/i
const STAND_ALREADY =
  /\bpre-?\s?(?:installed|fitted|mounted)\b|\b(?:already )?(?:in place|fitted|mounted)\b/i

/** Whether a line is about standoffs; boards that it names are those they stand for. */
export const aboutStandoffs = ({ label, value }: Statement): boolean =>
  STANDOFFS.test(`${label} ${value}`)

export function readStandoffs(s: Statement, notes: Notes): void {
  if (!aboutStandoffs(s)) return
  for (const phrase of phrasesOf(s.value)) {
    const isOfThem = STANDOFFS.test(phrase) || STANDOFFS.test(s.label)
    if (isOfThem) readPhrase(s, notes, phrase)
  }
}

function readPhrase(s: Statement, notes: Notes, phrase: string): void {
  if (STAND_ALREADY.test(`${s.label} ${phrase}`)) {
    const holes = formsIn(phrase).flatMap(form => FORM[form].holes ?? [])
    const named = [...new Set(holes)].sort()
    if (named.length > 0) notes.put(s, 'standoffs.fitted', named)
    else if (isNo(phrase)) notes.put(s, 'standoffs.fitted', [])
    return
  }
  const found = STANDOFFS.exec(phrase)
  const count = found ? countOf(phrase, found) : leading(phrase)
  notes.put(s, 'standoffs.supplied', count, 'pcs')
}

const leading = (phrase: string): number | null => {
  const digits = /^\s*(\d{1,2})\b(?!\s*(?:mm|-32))/.exec(phrase)?.[1]
  return digits === undefined ? null : Number(digits)
}
