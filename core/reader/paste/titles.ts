// Lines at which a sheet may begin: those that surely are titles, and those that may be.
import { labelledName } from '../called'
import { kindNounsIn } from '../kind-words'
import { oneOf } from '../pattern'
import { pointsOf } from '../points'
import { withoutTimes } from '../times'

/** Named choice: how long a title is at most. */
const LONGEST_TITLE = 110
/** A row of signs that holds two texts apart. */
export const RULE = /^\s*(?:[-=_*~#·•]\s?){3,}\s*$/
/** A line that says something under a name of its own is no title. */
const LABELLED = /^[^:|\t]{1,48}(?::\s|[|\t])|\S {3,}\S|\.{3,}/
/** What titles have where they do not call a part by its noun. */
const HALF_A_NOUN = /\b(?:mid|full|mini|midi|kit|graphics|card|drive|display|DDR\d|NVMe)\b/i
/** Whether a line has a word for a kind of part. */
export const namesKind = (line: string): boolean =>
  kindNounsIn(line).length > 0 || HALF_A_NOUN.test(line)

/** Whether a title begins with a maker that is known. */
export const namesMaker = (title: string, makers: readonly string[]): boolean => {
  const first = withoutTimes(title.trim()).toLowerCase()
  return makers.some(m => m !== '' && first.startsWith(m.toLowerCase()))
}

/** "Name: …", "Brand | …": what a part is called, or the head of its table. */
const NAME_LINE = oneOf(
  /^\W*(?:product(?: name| details?)?|name|title|model(?: name| number)?|brand|maker|manufacturer)\s*[:|\t;=]\s*\S/,
  /^\W*(?:processor|board|card|drive|device) (?:name|number)\s*[:|\t;]\s*\S/,
  /^\W*(?:hersteller|marke|modell|produkt(?:name)?|part(?: number)?)\s*[:|\t;]\s*\S/,
  /^\W*(?:property|feature|specification|attribute)\s*[|\t;]\s*(?:value|details?)\b/,
)
export const isNameLine = (line: string): boolean => NAME_LINE.test(line)

/** What sections of a sheet begin with, not the names of parts. */
const OF_A_SECTION = new RegExp(
  [
    String.raw`^(?:USB|PCI|M\.?2|SATA|DDR|HDMI|LAN|RAM|CPU|GPU|ATX|EPS|front|rear|top|bottom|side`,
    String.raw`|fans?|radiators?|max|up|with|without|for|supports?|includes?|included|note|total`,
    String.raw`|expansion|internal|external|back|memory|storage|power|cooling|dimensions?|size|drive`,
    String.raw`|in|at|on|all|one|two|three|four|see|warranty|general|features?|specs?)\b`,
  ].join(''),
  'i',
)
/** A short line with a capital and a number, as parts are called. */
const CALLED = /^[A-Z][\w'&-]*(?: .*)?\d/
/** "Crag Duo – technical data": two words of a name, and perhaps what stands below. */
const TWO_NAMES = new RegExp(
  [
    String.raw`^[A-Z][\w'&-]+(?: [A-Z][\w'&-]*)+`,
    String.raw`(?:\s*[-–—:,\s]\s*(?:technical data|data ?sheet|specifications?|your questions))?$`,
  ].join(''),
)
/** What stands over a section: two words with capitals as well. */
const HEADS = new RegExp(
  [
    String.raw`^(?:\S+ )?\b(?:specifications?|features?|support|data|details?|overview|contents|box`,
    String.raw`|information|options?|ports|connectors?|interfaces?|warranty|compatibility`,
    String.raw`|requirements?|design|description)\b`,
  ].join(''),
  'i',
)
/** "Gable desktop case, 410 x 120 x 390 mm, two fans.": a name, and at once what it is. */
const A_NAME = /^[A-Z][\w'&-]+ [A-Z\d]/
/** Named choice: so far into a line at once is. */
const AT_ONCE = 60
const isNamedAtOnce = (line: string): boolean =>
  A_NAME.test(line) && namesKind(line.slice(0, AT_ONCE))

/** "The Estuary Z4 is a full-size ATX motherboard." */
const SENTENCE = /^(?:The|Meet the|Our new|This)\s.*\b[A-Z]/

/** A line that says it is a name, or tells a part point by point behind one. */
const saysItself = (line: string): boolean =>
  isNameLine(line) || labelledName(line) !== null || pointsOf(line) !== null

/** Whether a line may be the title of a sheet, should what stands below it be one. */
export function mayBeTitle(line: string): boolean {
  if (saysItself(line)) return true
  if (/[|]/.test(line) || SENTENCE.test(line)) return namesKind(line)
  if (OF_A_SECTION.test(line)) return false
  if (isNamedAtOnce(line) || (TWO_NAMES.test(line) && !HEADS.test(line))) return true
  const isShort = line.length <= LONGEST_TITLE && !/[.!?:]$/.test(line)
  return isShort && CALLED.test(line) && !LABELLED.test(line)
}

/** Whether a line is the title of a sheet by what it says: a known maker, or a kind of part. */
export function isTitle(line: string, makers: readonly string[]): boolean {
  if (LABELLED.test(line) || RULE.test(line)) return false
  if (namesMaker(line, makers)) return true
  return line.length <= LONGEST_TITLE && !/[.!?]$/.test(line) && namesKind(line)
}
