// A pasted text as rows, however its table was copied: cell by cell on lines of their own, held
// apart by semicolons or dashes.

import { kindBehind, labelledName } from './called'
import { linesOfJson } from './from-json'
import { inEnglish } from './in-english'
import { joined } from './cell-by-cell'
import { BULLET, withoutMarks } from './markup'
import { wordNumber } from './things'
import { wallsInRows } from './wall-columns'

/** Two spaces before a unit, as a scan has them. */
const SCATTERED_UNIT = /(?<=\d) {2,}(?=(?:mm|cm|in|kg|g|W|A|mA|V|GB|TB|MB\/s|MT\/s|MHz)\b)/g

/** "eight-pin": contacts in words. */
const PINS_IN_WORDS = /\b(three|four|six|eight|twelve)(?=[- ]pin\b)/gi
/** "ATX 24p", "SYS_FAN (4p)". */
const SHORT_PINS = /(?<![\d.])\b(3|4|6|8|9|10|12|16|19|20|24)p\b(?!\/)/g

/** "4/8-pin", "6/8-pin", "20/24-pin": a plug that comes apart. */
const SPLIT_PINS = /(?<![\d./])(20\/24|4\/8|6\/8)(?=[- ]?pin)/gi
const SPLIT: Readonly<Record<string, string>> = { '20/24': '20+4', '4/8': '4+4', '6/8': '6+2' }

/** "24 + 8 pin", "24+8+4-pin": the plugs of a board in one. */
const MAIN_AND_OTHERS = /(?<![\d.+])(24)\s*\+\s*(?=[48](?:\s*\+\s*[48])?[- ]?pin)/gi

/** "(x2) 3.5in", "(1x) USB 3.0": the count stands in front. */
const COUNT_IN_BRACKETS = /(^|[,;|\t:]\s*)\((?:x\s?(\d)|(\d)\s?x)\)\s+(?=\S)/gim
/** "Yes x 3 (Native DisplayPort 1.4a)". */
const YES_TIMES = /\byes\s*[x×]\s*(\d{1,2})\s*\((?:native\s+)?([^()]+)\)/gi

export interface Rows {
  /**
   * One row a line, label and value held apart by a tab where the table did it otherwise; a line
   * that went into another row is empty.
   */
  readonly lines: readonly string[]
  /**
   * A row's words as they stand in the sheet, without its bullet; of one made of two lines both.
   */
  readonly asWritten: (line: number) => string
}

/** Rows of quoted cells, as a table is written by programs: `"Slots";"7"`. */
const QUOTED = /^\s*"(?:[^"]|"")*"(?:\s*[;,\t]\s*"(?:[^"]|"")*")+\s*$/
/** A cell without its quotes; a name as programs write it, `fan_headers`, in words. */
function plainCell(cell: string): string {
  if (!/^[a-z0-9]+(?:_[a-z0-9]+)+$/.test(cell)) return cell.replaceAll('""', '"')
  const [, name = cell, unit] = /^(.*)_(mm|cm|gb|tb|w|a|v|g|kg)$/.exec(cell) ?? []
  const said = name.replaceAll('_', ' ')
  return unit === undefined
    ? said
    : `${said} (${/^(?:mm|cm|g|kg)$/.test(unit) ? unit : unit.toUpperCase()})`
}
const CELL = /"((?:[^"]|"")*)"/g
const unquoted = (text: string): string =>
  text
    .split('\n')
    .map(line =>
      QUOTED.test(line)
        ? [...line.matchAll(CELL)].map(m => plainCell(m[1] ?? '')).join('\t')
        : line,
    )
    .join('\n')

/** "name;value", "| Property | Value |": what the columns of a table are called. */
const HEAD = new RegExp(
  [
    String.raw`^(?:[^\S\n]|\|)*(?:name|key|field|property|attribute|feature|spec(?:ification)?|item|parameter)`,
    String.raw`\s*[;,|\t:]\s*(?:values?|details?|specifications?|description|data)(?:[^\S\n]|\|)*$`,
  ].join(''),
  'im',
)
const withoutHead = (text: string): string =>
  text.replace(HEAD, head => (text.slice(0, text.indexOf(head)).trim() === '' ? '' : head))

/** "size=244x220 mm", "[Slots]": as programs keep settings. */
const SETTING = /^(\s*[a-z][\w ]{1,30}?)\s*=\s*(?=\S)/gim
const SECTION = /^[^\S\n]*\[([A-Za-z][\w &/]{1,30})\][^\S\n]*$/gm
const settled = (text: string): string =>
  (text.match(SETTING) ?? []).length >= FEWEST_SETTINGS || (text.match(SECTION) ?? []).length > 1
    ? text
        .replace(
          SETTING,
          (_, name: string) => `${withPins(plainCell(name).replaceAll('_', ' '))}: `,
        )
        .replace(SECTION, '$1:')
        .replace(ALONG_A_CABLE, steps => `${steps.replaceAll(',', '+')} mm`)
    : text
/** "300,100,100,100": the plugs along a cable, no thousands. */
const ALONG_A_CABLE = /(?<=\(mm\):\s)\d{2,4}(?:,\d{2,4}){2,}$/gm
/** "eps8", "pcie8": a plug by its contacts. */
const withPins = (name: string): string =>
  name.replace(/\b(atx|eps|cpu|pcie|peg)(4|6|8|16|20|24)\b/g, '$1 $2-pin')
/** Named choice: so many lines of settings are no chance. */
const FEWEST_SETTINGS = 3

/** "2xUSB-C 6xUSB-A": things that are counted, one behind the other. */
const COUNTED_APART = /(\b\d{1,2}x[A-Z][^\s,;]*) (?=\d{1,2}x[A-Z])/g

/** "two and a half slots". */
const AND_A_HALF = /\b(one|two|three|four|five|six)\s+and\s+a\s+half\b/gi

/** "2.1 Motherboard: …", "2. Compatibility": lines that are numbered by their sections. */
const SECTION_NUMBER = /^[^\S\n]*\d{1,2}(?:\.\d{1,2}){1,2}\.?[^\S\n]+(?=[A-Z][a-z])/gm
const NUMBERED_HEAD = /^[^\S\n]*\d{1,2}\.?[^\S\n]+(?=[A-Z][a-z &]+$)/gm
const withoutNumbers = (text: string): string =>
  (text.match(SECTION_NUMBER) ?? []).length >= FEWEST_SECTIONS
    ? text.replace(SECTION_NUMBER, '').replace(NUMBERED_HEAD, '')
    : text
/** Named choice: so many numbered lines are no chance. */
const FEWEST_SECTIONS = 4

/** Question and answer, each by its letter: "Q: How long can it be? A: 375 mm". */
const BY_LETTERS = /^[^\S\n]*Q:[^\S\n]*([^?\n]+\?)[^\S\n]*A:[^\S\n]*/gim
/** "12 000 / 9 500 MB/s": thousands apart, where a unit tells that it is one number. */
const THOUSANDS =
  /(?<![\d.,x×] ?)\b(\d{1,3}) (\d{3})(?=\s*(?:\/\s*\d{1,3} \d{3}\s*)?(?:MB\/s|MT\/s|MHz|IOPS)(?!\w))/g

/** "【Storage】2 x 3.5\"", as shops set a label. */
const LABEL_IN_BRACKETS = /^([^\S\n]*)【([^】\n]{2,40})】[:\s]*/gm
/** "312 by 128 millimetres": units in words. */
const UNITS_IN_WORDS: readonly (readonly [RegExp, string])[] = [
  [/(?<=\d[- ]?)millimet(?:er|re)s?\b/gi, 'mm'],
  [/(?<=\d[- ]?)centimet(?:er|re)s?\b/gi, 'cm'],
]
const inSigns = (text: string): string =>
  UNITS_IN_WORDS.reduce((said, [words, sign]) => said.replace(words, sign), text)

/** Points in one line: each begins a line of its own. */
const INLINE_BULLET = /(?<=\S)[ \t]+[•▪‣][ \t]+(?=\S)/g

export function rowsOf(pasted: string): Rows {
  const text = linesOfJson(pasted).replace(INLINE_BULLET, '\n')
  const written = inSigns(withoutNumbers(settled(withoutHead(unquoted(text)))))
    .replace(/\r\n?/g, '\n')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(SCATTERED_UNIT, ' ')
    .replace(BY_LETTERS, '$1 ')
    .replace(THOUSANDS, '$1$2')
    .replace(COUNTED_APART, '$1, ')
    .replace(AND_A_HALF, (_, whole: string) => `${wordNumber(whole) ?? whole}.5`)
    .replace(/[®™©]/g, '')
    .replace(SHORT_PINS, '$1-pin')
    .replace(PINS_IN_WORDS, word => String(wordNumber(word) ?? word))
    .replace(YES_TIMES, '$1 x $2')
    .replace(LABEL_IN_BRACKETS, '$1$2: ')
    .replace(MAIN_AND_OTHERS, '$1-pin + ')
    .replace(SPLIT_PINS, (_, rest: string) => SPLIT[rest] ?? '')
    .replace(COUNT_IN_BRACKETS, '$1$2$3x ')
    .replace(/(?<=\S) {2,}(?=:\s)/g, ' ')
    .split('\n')
  const asTyped = text
    .replace(/\r\n?/g, '\n')
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .split('\n')
  const plain = written.map(l => inEnglish(withoutMarks(l).replace(/×/g, 'x')))
  const lines = joined(separated(wallsInRows(plain)))
  const own = (at: number): string => (asTyped[at] ?? '').trim().replace(BULLET, '')
  /** The lines below one that went into its row. */
  const taken = (at: number): readonly string[] => {
    let next = at + 1
    while (next < lines.length && lines[next]?.trim() === '') next += 1
    return asTyped
      .slice(at + 1, next)
      .map(l => l.trim())
      .filter(l => l !== '')
  }
  return {
    lines,
    asWritten: at => [own(at), ...taken(at)].join(' '),
  }
}

/** "Ostler Brae C5 - compact tower": a title with a dash is no row. */
const callsAPart = (line: string): boolean =>
  kindBehind(line) !== null && labelledName(line) === null

/**
 * Rows held apart by a semicolon or a dash, where most lines are such rows: "Socket - KNOT-5",
 * "Size;120 mm".
 */
function separated(lines: readonly string[]): readonly string[] {
  const said = lines.filter(l => l.trim() !== '')
  const row = [
    /^(\s*[^;:|\t]{2,32});\s*(?=[^;]+$)/,
    /^(\s*(?:\d(?:[.,]\d+)?(?:"|″|-inch|-pin)|[^:|\t\d])[^:|\t]{1,40}?)\s+[-–—]\s+(?=\S)/,
  ].find(
    r =>
      said.length >= FEWEST_ROWS && said.filter(l => r.test(l)).length >= said.length * MOST_PAIRS,
  )
  const title = lines.findIndex(l => l.trim() !== '')
  const isRow = (line: string, at: number): boolean => at !== title || !callsAPart(line)
  return row ? lines.map((l, at) => (isRow(l, at) ? l.replace(row, '$1\t') : l)) : lines
}

/** Named choices: so many rows that are held apart so, and such a share of the lines, are a table. */
const FEWEST_ROWS = 4
const MOST_PAIRS = 0.6
