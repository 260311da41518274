// The controller of fans or lights that a case or a pack of fans comes with.
import { readHub } from './hub'
import { counted, INCLUDED } from './in-the-box'
import { Notes } from './notes'
import { oneOf } from './pattern'
import { phrasesOf } from './phrases'
import { sheetOf, type Statement } from './statements'

const CONTROLLER = /\b(?:fan |RGB |A-?RGB )?(?:controller|hub)\b/i

/** Whether a line says that a controller is in the case; what it says of it is read with it. */
export function readCaseHub(s: Statement, notes: Notes): boolean {
  const isThere = INCLUDED.test(s.label) || phrasesOf(s.value).some(isControllerThere)
  if (isThere && readHubOf(s, notes)) return true
  const isLabelled = hubUnderLabel(s, notes)
  if (isLabelled) whatItIs(s, notes)
  return isLabelled
}

/** A controller that a line names among what is there. */
export function readHubOf(s: Statement, notes: Notes): boolean {
  const isCounted = counted(s, notes, { what: 'hub', named: CONTROLLER })
  if (isCounted) whatItIs(s, notes)
  return isCounted
}

/** "A hub for six fans is included". */
const isControllerThere = (phrase: string): boolean =>
  INCLUDED.test(phrase) && CONTROLLER.test(phrase)
const HUB_LABEL =
  /^(?:(?:integrated|built-in|own) )?(?:PWM |fan |A?RGB |light(?:ing)? )*(?:controller|hub)$/i
const IS_THERE = oneOf(
  /^yes\b/,
  /^1\b/,
  /\bincluded\b/,
  /\b(?:pre-?)?(?:installed|fitted|mounted)\b/,
  /^\d{1,2}[- ]port/,
)
/** "Fan hub: included", "Controller: 1, behind the tray". */
function hubUnderLabel(s: Statement, notes: Notes): boolean {
  const isThere = HUB_LABEL.test(s.label) && IS_THERE.test(s.value)
  if (!isThere) return false
  const said = /^([1-4])\b(?! ?-?port)/i.exec(s.value)?.[1]
  notes.put(s, 'includes.hub', Number(said ?? 1), 'pcs')
  return true
}

/** What stands beside a controller in one line and is about the fans. */
const OF_FANS = /\d\s*[x×]\s*\d{2,3}|\d{2,3}\s*mm/i

/** What is said of a controller beside that it is there: read as a hub's sheet. */
function whatItIs(s: Statement, notes: Notes): void {
  const own = new Notes()
  const isOfHub = CONTROLLER.test(s.label)
  const phrases = phrasesOf(s.value)
  const from = isOfHub ? 0 : phrases.findIndex(p => CONTROLLER.test(p))
  const about = phrases.slice(from).filter(p => !OF_FANS.test(p))
  readHub(sheetOf([...(isOfHub ? [s.label] : []), ...about].join('\n')), own, 'fans')
  for (const { path, value, unit } of own.fields())
    notes.put(s, `includes.hub.${path}`, value, unit)
}
