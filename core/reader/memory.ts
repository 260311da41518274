// A memory kit's sheet: its generation, modules, speed, volts, height, whether it is registered.
import { firstOf, measuresIn, plainNumber, valueIn } from './measures'
import { spokenIn } from './sides'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { choiceIn } from './pattern'
import { speedsIn } from './speeds'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { leadingNumber, wordNumber } from './things'

export function readMemory(sheet: Sheet, notes: Notes): void {
  const isForLaptops = FOR_LAPTOPS.test(sheet.text) && !FOR_DESKTOPS.test(sheet.text)
  const plain = !REGISTERED.test(sheet.text)
  // Modules without a profile run at the one speed there is.
  const hasProfile = sheet.statements.some(
    s => !WITHOUT_PROFILE.test(whole(s)) && speedsIn(whole(s)).length > 0,
  )
  for (const s of sheet.statements) {
    readType(s, notes, isForLaptops)
    readKit(s, notes)
    const isBase = hasProfile && WITHOUT_PROFILE.test(whole(s))
    const fast = speedsIn(isBase ? withoutProfile(s) : whole(s))
    if (fast.length > 0) notes.put(s, isBase ? 'base' : 'speed', Math.max(...fast), 'MTs')
    const volts = isBase ? null : firstOf(s.value, 'V')
    if (volts && volts.value < MAINS) notes.put(s, 'volts', volts.value, 'V')
    notes.put(s, 'height', heightIn(s), 'mm')
    notes.put(s, 'buffered', bufferedIn(s, plain))
    notes.put(s, 'ranks', ranksIn(s))
  }
  readSingle(sheet, notes)
}
/** Small modules: they go into no socket of a board for desktops. */
const FOR_LAPTOPS = /\bSO-?DIMMs?\b|\b(?:notebook|laptop) memory\b|\b26[02][- ]?pin\b/i
const FOR_DESKTOPS = /(?<!\bSO[- ]?)\b[UR]?-?DIMMs?\b/i
function readType(s: Statement, notes: Notes, isForLaptops: boolean): void {
  const value = /DDR[2-5]|SIMM-?\d\d/i.exec(whole(s))?.[0].toUpperCase()
  const why = 'a small module, for laptops: it goes into no DIMM socket'
  if (isForLaptops) notes.doubt(s, { path: 'type', value }, why)
  else notes.put(s, 'type', value)
}
/** Not "non-registered". */
const REGISTERED = /\bRDIMM\b|(?<!\b(?:non|un|not)[- ]?)registered/i
/** What it runs at until a profile is switched on. */
const WITHOUT_PROFILE =
  /\bSPD\b|\bJEDEC\b|\bdefault\b|without (?:a |an )?(?:\w+ )?profile|\bbase speed\b/i
/** "OC 7200 36-46; JEDEC 5600 46-45": only what is said of it, where a line tells profiles as well. */
function withoutProfile(s: Statement): string {
  const own = phrasesOf(s.value).filter(p => WITHOUT_PROFILE.test(p))
  return own.length > 0 ? own.join(', ') : whole(s)
}
/** Named choice: no module takes as much, V. */
const MAINS = 6

/** "8 GB DDR4-3200": where no kit is named it is most likely one module. */
function readSingle({ statements: [title] }: Sheet, notes: Notes): void {
  const size = title && firstOf(whole(title), 'GB')?.value
  if (!title || !size || notes.has('modules') || notes.has('each')) return
  const why = 'no kit is named: taken as one module'
  notes.doubt(title, { path: 'modules', value: 1, unit: 'pcs' }, why)
  notes.doubt(title, { path: 'each', value: size, unit: 'GB' }, why)
}

const GB_OF: Readonly<Record<string, number>> = { mb: 0.001, kb: 1e-6 }
const gigabytes = (value: number, unit: string | undefined): number =>
  value * (GB_OF[unit?.toLowerCase() ?? ''] ?? 1)

const KIT =
  /\b(\d|two|three|four)\s*(?:[x×]|(?:modules?|sticks?) of)\s*(\d+(?:[.,]\d+)?)\s*([GMk]B)/i
/** "2 x 16 GB", or the other way round "16 GB x 2"; or modules and size under labels of their own. */
function readKit(s: Statement, notes: Notes): void {
  const text = whole(s)
  const kit = KIT.exec(text) ?? kitInBrackets(text)
  const turned = kit ? null : /(\d+(?:[.,]\d+)?)\s*([GMk]B)\s*[x×*]\s*(\d)\b/i.exec(text)
  if (kit) {
    notes.put(s, 'modules', wordNumber(kit[1] ?? '') ?? Number(kit[1]), 'pcs')
    notes.put(s, 'each', gigabytes(Number(kit[2]), kit[3]), 'GB')
  }
  if (turned) {
    notes.put(s, 'modules', Number(turned[3]), 'pcs')
    notes.put(s, 'each', gigabytes(plainNumber(turned[1] ?? ''), turned[2]), 'GB')
  }
  if (!kit && !turned) readBareKit(s, notes)
  if (/module count|modules$|number of modules/i.test(s.label))
    notes.put(s, 'modules', leadingNumber(s.value), 'pcs')
  if (/per module|module (?:size|capacity)/i.test(s.label))
    notes.put(s, 'each', valueIn(s.value, 'GB'), 'GB')
}

/** "Trail 2x16 DDR5": modules and their size, without a unit. */
const BARE_KIT = /(?<![\w.])([1248])\s?[x×]\s?(4|8|12|16|24|32|48|64)(?![\w.-]| ?[GM]B)/i
function readBareKit(s: Statement, notes: Notes): void {
  const [, modules, each] = (s.line === 1 && BARE_KIT.exec(whole(s))) || []
  if (modules === undefined) return
  const why = 'said without a unit: taken as GB'
  notes.doubt(s, { path: 'modules', value: Number(modules), unit: 'pcs' }, why)
  notes.doubt(s, { path: 'each', value: Number(each), unit: 'GB' }, why)
}

/** "48 GB kit (2x24)": where the two make what stands before them. */
function kitInBrackets(text: string): RegExpExecArray | null {
  const all = /(\d+)\s*([GM]B)\b/i.exec(text)
  const kit = /\((\d)\s*[x×]\s*(\d{1,3})()\)/.exec(text)
  return kit && Number(kit[1]) * Number(kit[2]) === Number(all?.[1]) ? kit : null
}

function heightIn(s: Statement): number | null {
  if (/^heat ?(?:spreader|sink)s?$/i.test(s.label)) return valueIn(s.value, 'mm')
  const spread = /\bheat ?(?:spreader|sink)s?\s+(\d{2}(?:[.,]\d+)?)\s*mm\b/i.exec(s.value)?.[1]
  if (spread !== undefined) return plainNumber(spread)
  if (!/height|low[- ]profile/i.test(whole(s)))
    return spokenIn(s.value).find(x => x.axis === 'height')?.value ?? null
  const labelled = /height|profile/i.test(s.label)
  const about = labelled ? s.value : s.value.slice(Math.max(0, s.value.search(/height/i)))
  return measuresIn(about).find(m => m.unit === 'mm')?.value ?? null
}

const RANK_WORDS: readonly (readonly [RegExp, number])[] = [
  [/\bsingle\b/i, 1],
  [/\bdual\b/i, 2],
  [/\bquad\b/i, 4],
]
/** "2Rx8", "dual rank"; under a label on ranks the number alone. */
function ranksIn(s: Statement): number | null {
  const organised = /\b([1248])\s?R(?:\s?[x×]\s?\d+)?\b/.exec(s.value)?.[1]
  const labelled = /\branks?\b/i.test(s.label)
  const bare = labelled ? /^\s*([1248])\b/.exec(s.value)?.[1] : undefined
  if (organised ?? bare) return Number(organised ?? bare)
  const isDenied = /\branks?\W+no\b/i.test(s.value)
  return (labelled || /\brank\b/i.test(s.value)) && !isDenied ? choiceIn(s.value, RANK_WORDS) : null
}

function bufferedIn(s: Statement, plain: boolean): boolean | null {
  const text = whole(s)
  const answered = /\bregistered:\s*(\w+)/i.exec(s.value)?.[1]
  if (answered !== undefined) return !isNo(answered)
  if (/registered|buffered/i.test(s.label))
    return !/unbuffered|(?:un|non|not)[- ]?registered/i.test(s.value) && !isNo(s.value)
  if (REGISTERED.test(text)) return true
  return plain && /\bUDIMM\b|unbuffered|\b(?:non|un|not)[- ]?registered/i.test(text) ? false : null
}
