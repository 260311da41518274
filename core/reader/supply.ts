// A supply's sheet: its label, its form and size, its class; rails and plugs have their own files.
import { measuresIn, valueIn } from './measures'
import { along, productIn, spokenIn } from './sides'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { choiceIn } from './pattern'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { readPlugs } from './supply-cables'
import { isAboutRails, readRailColumns, readRails } from './supply-rails'

const CLASSES = ['titanium', 'platinum', 'gold', 'silver', 'bronze', 'white'] as const
const GUARDS: readonly (readonly [RegExp, string])[] = [
  [/\bOVP\b|over[- ]voltage/i, 'over-voltage'],
  [/\bUVP\b|under[- ]voltage/i, 'under-voltage'],
  [/\bOCP\b|over[- ]current/i, 'over-current'],
  [/\bOPP\b|over[- ](?:power|load)/i, 'over-power'],
  [/\bOTP\b|over[- ]temp/i, 'over-temperature'],
  [/\bSCP\b|short[- ]circuit/i, 'short-circuit'],
]
export function readSupply(sheet: Sheet, notes: Notes): void {
  // The form tells which of three sizes is the length: it comes first, wherever it stands.
  for (const s of sheet.statements) readForm(s, notes)
  readRailColumns(sheet, notes)
  for (const s of sheet.statements) {
    readClass(s, notes)
    readModular(s, notes)
    readWatts(s, notes)
    readLength(s, notes)
    readRails(s, notes)
    readPlugs(s, notes)
    readGuards(s, notes)
  }
  readWattsOfName(sheet, notes)
}

/** "Groyne 850 Gold": a sheet that says its power nowhere else has it in the name. */
function readWattsOfName({ statements: [title] }: Sheet, notes: Notes): void {
  if (!title) return
  const numbers = [...whole(title).matchAll(/(?<![\d.,])(\d{3,4})(?![\d.,])/g)].map(m =>
    Number(m[1]),
  )
  const likely = numbers.filter(n => n % 10 === 0 && n >= LEAST_NAMED && n <= MOST_NAMED)
  const value = likely.length === 1 ? likely[0] : null
  notes.doubt(title, { path: 'watts', value, unit: 'W' }, 'taken from its name')
}
/** Named choices: between these a number of a supply’s name is its power, W. */
const LEAST_NAMED = 200
const MOST_NAMED = 2000

function readGuards(s: Statement, notes: Notes): void {
  const guards = GUARDS.flatMap(([words, name]) => (words.test(s.value) ? [name] : []))
  if (guards.length > 1 || (guards.length === 1 && /protection/i.test(s.label)))
    notes.put(s, 'protections', guards)
  const text = whole(s)
  if (/\bPFC\b|power[- ]factor/i.test(text))
    notes.put(
      s,
      'pfc',
      choiceIn(text, [
        [/active/i, 'active'],
        [/passive/i, 'passive'],
      ]),
    )
}

const SMALL_FORMS: readonly (readonly [RegExp, string])[] = [
  [/\bSFX-L\b/, 'SFX-L'],
  [/\bSFX\b/, 'SFX'],
  [/\bTFX\b/, 'TFX'],
  [/\bflex\b/i, 'Flex'],
]
const ATX = /\bATX(?:12V)?\b(?!\s*(?:24|20|main|connector))/i

function readForm(s: Statement, notes: Notes): void {
  if (/connector|cables?|24/i.test(s.label)) return
  const text = whole(s)
  notes.put(s, 'form', choiceIn(text, SMALL_FORMS) ?? (ATX.test(text) ? 'ATX' : null))
}

function readClass(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/ATX\s?(?:12V\s?)?(?:v\s?)?3\.\d/i.test(text)) notes.put(s, 'guide', 'newer')
  const grade = CLASSES.find(c => new RegExp(`\\b${c}\\b`, 'i').test(text))
  if (/80|efficien|certif/i.test(text) || s.line === 1) notes.put(s, 'efficiency', grade)
}

function readModular(s: Statement, notes: Notes): void {
  const text = whole(s)
  // "Modular: 4+4 pin 650 mm" lists leads.
  if (/^(?:modular|fixed)$/i.test(s.label) && /\bpins?\b|S-?ATA|molex/i.test(s.value)) return
  if (/fixed cables?|^cables?: fixed/i.test(text)) notes.put(s, 'modular', 'fixed')
  else if (/modular/i.test(text) || /cable (?:type|design|management)|modularity/i.test(s.label))
    notes.put(s, 'modular', modularIn(s))
}

function modularIn(s: Statement): string | null {
  const text = whole(s)
  if (/semi|part/i.test(text)) return 'part'
  if (/\b(?:non|not)[-\s]?modular|fixed/i.test(text) || isNo(s.value)) return 'fixed'
  return /full|yes|modular/i.test(text) ? 'full' : null
}

/** Named choice: what is less is a rail or a fan, no supply, W. */
const FEEBLEST = 100

/** Named choice: a line with more figures in watts than that tells of rails. */
const SUPPLYS_OWN = 2

/** The class of a lead is not the supply’s. */
const OF_A_LEAD = /\b(?:leads?|cables?|connectors?|plugs?)\b|12V-?2x6|12VHPWR/i

/** What is said of a lead: its plug with a length, or so many of it. */
const isOfALead = (phrase: string): boolean =>
  /12V-?2x6|12VHPWR|12\+4/i.test(phrase) ||
  (OF_A_LEAD.test(phrase) && (/^\s*\d\s*[x×]/.test(phrase) || /\d\s*(?:mm|cm)\b/.test(phrase)))

/** "12VHPWR 450 W". */
const CLASS_OF_A_LEAD =
  /(?:12V-?2x6|12VHPWR|12\+4)(?![^,]*\b(?:power supply|PSU)\b)\D{0,12}\d{3}\s?W\b/i
/** "Silent below 300 W", "fan off up to 40 % (300 W)". */
const UP_TO_A_LOAD = /\b(?:silent|fanless|passive|off|stops?|semi-passive)\b[^,;]*\d\s*W\b/i

/** The phrases that are about the supply itself. */
function ofTheSupply(s: Statement): readonly string[] {
  const phrases = phrasesOf(s.value).filter(phrase => !CLASS_OF_A_LEAD.test(phrase))
  if (s.line === 1) return phrases
  // "12V-2x6, 450 mm, 450 W": what follows is said of the lead.
  return isOfALead(phrases[0] ?? '')
    ? []
    : phrases.filter(phrase => !(isOfALead(phrase) || UP_TO_A_LOAD.test(phrase)))
}

function readWatts(s: Statement, notes: Notes): void {
  if (OF_A_LEAD.test(s.label)) return
  const given = measuresIn([s.label, ...ofTheSupply(s)].join(', ')).filter(m => m.unit === 'W')
  // "120 W | 850 W | 15 W": a row of the table of rails.
  if (given.length > SUPPLYS_OWN || (given.length > 1 && s.value.includes('|'))) return
  const watts = given.find(m => m.value >= FEEBLEST)
  const about =
    /watt|power|output|rated|capacity|total|performance|^\d+\s*W/i.test(s.label) ||
    s.label === '' ||
    s.line === 1
  if (about && !isAboutRails(s)) notes.put(s, 'watts', watts?.value, 'W')
}

const LENGTH = new RegExp(
  [
    String.raw`^(?:(?:psu|unit|supply|housing|casing|body|product|overall|total) )?(?:length|depth)`,
    String.raw`(?: \((?:housing|casing|body)\))?$`,
  ].join(''),
  'i',
)
function readLength(s: Statement, notes: Notes): void {
  const size = productIn(s.value, s.label)
  const spoken = spokenIn(s.value).find(x => x.axis === 'length')?.value
  if (size?.values.length === 3)
    notes.put(s, 'length', lengthOf(size.values, along(size, 'length', []), notes), 'mm')
  else if (LENGTH.test(s.label)) notes.put(s, 'length', valueIn(s.value, 'mm'), 'mm')
  else notes.put(s, 'length', spoken, 'mm')
}

/** Width and height of each form, mm; the sheets of the small ones agree in them. */
const CROSS_SECTION: Readonly<Record<string, readonly number[]>> = {
  ATX: [150, 86],
  Flex: [81.5, 40.5],
}
const SMALL_CROSS_SECTION = [125, 63.5]

/** Without letters the length is what is neither the form's width nor its height. */
function lengthOf(values: readonly number[], named: number | null, notes: Notes): number | null {
  if (named !== null) return named
  const fixed = CROSS_SECTION[String(notes.value('form'))] ?? SMALL_CROSS_SECTION
  const left = fixed.reduce<readonly number[]>((rest, f) => {
    const i = rest.findIndex(v => Math.abs(v - f) < 2)
    return i < 0 ? rest : rest.filter((_, k) => k !== i)
  }, values)
  return left.length === 1 ? (left[0] ?? null) : null
}
