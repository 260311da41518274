// What comes with a part and is a part of its own: fans in a case, leads with a board, an adapter with a card,
// a controller with fans.
import type { PartKind } from '../parts'
import { readHub } from './hub'
import { isNo, Notes, whole } from './notes'
import { oneOf } from './pattern'
import { phrasesOf, sheetOf, type Sheet, type Statement } from './statements'
import { countOf, wordNumber } from './things'

const INCLUDED = oneOf(
  ...[/pre-?\s?(?:installed|fitted|mounted)/, /\bincluded\b/, /\bincludes\b/, /\bincl\b/],
  ...[/\bsupplied\b/, /\bbundled\b/, /comes with/, /\bfactory[- ]fitted/],
  /\b(?:is|are|come|comes) (?:already )?(?:fitted|installed|mounted)\b/,
)
/** Labels under which everything is in the box. */
const CONTENTS = oneOf(
  ...[/^(?:package|packaging|box) contents?$/, /^in the box$/, /^scope of delivery$/],
  ...[/^contents of/, /^(?:supplied )?accessories$/, /^included(?: accessories)?$/],
)
const NUMBER = String.raw`(\d{1,2}|one|two|three|four|five|six)`
const FRAME = String.raw`(60|70|80|92|120|140|180|200)`
/** "3 x 120 mm", "three 120 mm fans", "1 x ARGB 120 mm". */
const FANS = new RegExp(
  String.raw`(?<![\d.])(?:${NUMBER}\s*(?:[x×]\s*)?(?:[a-z-]+\s+){0,2})?${FRAME}\s*-?\s*mm`,
  'gi',
)
/** Under a label that they are there a count and a frame say it: "3x 140 ARGB front". */
const BARE_FANS = new RegExp(String.raw`(?<![\d.])${NUMBER}\s*[x×]\s*${FRAME}(?![\d.])`, 'gi')
/** "(1 included)", "two are pre-installed": so many of those that fit. */
const SOME_OF = new RegExp(
  String.raw`${NUMBER}\s*[x×]?\s*(?:fans?\s+)?(?:are |is |of them )?(?:pre-?\s?installed|included|supplied|fitted)`,
  'i',
)
const WALL = /^(?:front|rear|top|bottom|side|roof)\b/i

const numberOf = (text: string | undefined): number =>
  text === undefined ? 1 : (wordNumber(text) ?? Number(text))

/** One line of a sheet, the line over it that is no wall of a case, and whether all of it is in the box. */
interface Line {
  readonly s: Statement
  readonly heading: string
  readonly isContents: boolean
}
const READ: Partial<Record<PartKind, (line: Line, notes: Notes) => boolean>> = {
  case: ({ s, heading }, notes) => {
    const isThere = INCLUDED.test(s.label) || phrasesOf(s.value).some(isControllerThere)
    const hasHub = isThere && counted(s, notes, { what: 'hub', named: CONTROLLER })
    if (hasHub) whatTheHubIs(s, notes)
    return fansIn(s, notes, heading) || hasHub || hubUnderLabel(s, notes)
  },
  board: ({ s, isContents }, notes) =>
    isContents && counted(s, notes, { what: 'lead', named: SATA_LEADS }),
  card: ({ s, isContents }, notes) =>
    (isContents || INCLUDED.test(whole(s))) && adapterIn(s, notes),
  fan: ({ s, isContents }, notes) =>
    isContents && counted(s, notes, { what: 'hub', named: CONTROLLER }),
}

/** What comes with it, counted by what it is: `includes.fan.120`, `includes.lead`, `includes.adapter`. */
export function readIncludes(sheet: Sheet, notes: Notes, kind: PartKind): void {
  const read = READ[kind]
  if (!read) return
  let heading = ''
  for (const s of sheet.statements) {
    if (isNo(s.value)) continue
    // "Fans pre-installed", and the walls below it.
    if (!WALL.test(s.label)) heading = s.label === '' && !/\d/.test(s.value) ? s.value : ''
    const isRead = read({ s, heading, isContents: CONTENTS.test(s.label) }, notes)
    if (isRead) usesHeading(sheet, notes, heading)
  }
}
/** "A hub for six fans is included". */
const isControllerThere = (phrase: string): boolean =>
  INCLUDED.test(phrase) && CONTROLLER.test(phrase)
const CONTROLLER = /\b(?:fan |RGB |A-?RGB )?(?:controller|hub)\b/i
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
  whatTheHubIs(s, notes)
  return true
}

/** What is said of a controller beside that it is there: read as a hub's sheet. */
function whatTheHubIs(s: Statement, notes: Notes): void {
  const own = new Notes()
  readHub(sheetOf([s.label, ...phrasesOf(s.value)].join('\n')), own)
  for (const { path, value, unit } of own.fields())
    notes.put(s, `includes.hub.${path}`, value, unit)
}
const SATA_LEADS = /\bSATA(?: data| 6 ?Gb\/s| III)? (?:cables?|leads?)\b/i

function counted(
  s: Statement,
  notes: Notes,
  { what, named }: { readonly what: string; readonly named: RegExp },
): boolean {
  const found = named.exec(s.value)
  if (found) notes.put(s, `includes.${what}`, countOf(s.value, found) ?? 1, 'pcs')
  return found !== null
}

/** Fans that are in a case when it is bought. */
function fansIn(s: Statement, notes: Notes, heading: string): boolean {
  // "3 x 120 mm, dust filters included": the filters are.
  const ofFans = phrasesOf(s.value).filter(p => !OTHER_THINGS.test(p))
  const isIncluded = INCLUDED.test(
    [s.under, heading, s.label, ...ofFans].join(' ').replace(NONE_INCLUDED, ''),
  )
  if (!isOfFans(s) || !isIncluded || OTHER_THINGS.test(s.label)) return false
  const some = SOME_OF.exec(s.value)
  const found = framesIn(s)
  const sizes = some ? found.slice(0, 1) : found
  for (const [, n, size = ''] of sizes)
    notes.count(s, `includes.fan.${size}`, numberOf(some?.[1] ?? n))
  if (sizes.length > 0) whatTheyAre(s, notes, [s.label, ...ofFans])
  return sizes.length > 0
}
const PRE_INSTALLED = /^pre-?\s?(?:installed|fitted)\b/i
/** Each frame with its count; without a unit under a label that they are there. */
function framesIn(s: Statement): readonly RegExpExecArray[] {
  const named = [...saidOfThem(s.value).matchAll(FANS)]
  const isBare = named.length === 0 && PRE_INSTALLED.test(s.label)
  return isBare ? [...s.value.matchAll(BARE_FANS)] : named
}
const NONE_INCLUDED =
  /\b(?:none|not|no fans?|without fans?)\b[^,;()]{0,12}(?:included|pre-?\s?installed|supplied|fitted)/gi
const COOLING = /\bcooling\b/i
const isOfFans = (s: Statement): boolean =>
  /\bfans?\b/i.test(whole(s)) ||
  WALL.test(s.label) ||
  COOLING.test(s.label) ||
  PRE_INSTALLED.test(s.label)
/** "3 x 120 mm or 2 x 140 mm (3 x 120 mm pre-installed)": the brackets that say so, where a size is in them. */
function saidOfThem(value: string): string {
  const brackets = [...value.matchAll(/\(([^()]*)\)/g)].map(m => m[1] ?? '')
  const own = brackets.find(b => INCLUDED.test(b) && b.search(FANS) >= 0)
  return own ?? value
}

/** The line over the walls is read with them. */
function usesHeading(sheet: Sheet, notes: Notes, heading: string): void {
  const over = sheet.statements.find(s => heading !== '' && s.label === '' && s.value === heading)
  if (over) notes.use(over)
}
const OTHER_THINGS = /filter|hub|controller|screw|bracket|tray|cable|splitter|\bties\b/i

const LIT = /A-?RGB|addressable/i

function whatTheyAre(s: Statement, notes: Notes, phrases: readonly string[]): void {
  const text = phrases.join(', ')
  const isLit = LIT.test(text)
  const fans = phrases.filter(p => p.search(FANS) >= 0 || p.search(BARE_FANS) >= 0)
  const path = 'includes.fan.lights'
  if (isLit && (fans.length < 2 || fans.every(p => LIT.test(p)))) notes.put(s, path, 'light-5')
  else if (isLit) notes.doubt(s, { path, value: 'light-5' }, 'it is not said of all of them')
  if (/\bPWM\b|4[- ]?pin/i.test(text)) notes.put(s, 'includes.fan.face', 'fan-4')
  else if (!isLit && /3[- ]?pin/i.test(text)) notes.put(s, 'includes.fan.face', 'fan-3')
}

/** "1 x 16-pin to 3 x 8-pin adapter". */
const ADAPTER = /\b(?:16[- ]?pin|12V(?:HPWR|-2x6))\b/i
const EIGHTS = /\b(\d|two|three|four)\s*(?:[x×]\s*)?(?:PCIe\s*)?8[- ]?pin/i
function adapterIn(s: Statement, notes: Notes): boolean {
  const text = whole(s)
  if (!/adapt[eo]r|converter/i.test(text) || !ADAPTER.test(text)) return false
  const eights = EIGHTS.exec(text)?.[1]
  if (eights !== undefined) notes.put(s, 'includes.adapter', numberOf(eights), 'pcs')
  return eights !== undefined
}
