// How many of a thing a phrase names: "4 x DIMM", "SATA x5", "Two ports", "SATA connector: 5".

import { isAbsent } from './absent'

const NUMBER_WORDS: ReadonlyMap<string, number> = new Map(
  Object.entries({
    ...{ zero: 0, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 },
    ...{ seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12 },
    ...{ single: 1, dual: 2, triple: 3, quad: 4, a: 1, an: 1 },
  }),
)
export const wordNumber = (text: string): number | null =>
  NUMBER_WORDS.get(text.toLowerCase()) ?? null

/** What is counted: where it is named, and what must not stand beside it. */
export interface Thing<K extends string> {
  readonly key: K
  readonly named: RegExp
  readonly not?: RegExp
}
export interface Counted<K extends string> {
  readonly key: K
  readonly count: number
  readonly words: string
  readonly index: number
}

const SPELT = '(one|two|three|four|five|six|seven|eight|nine|ten|dual'
const LEADING = /(?<![\w.,/-])(\d{1,2})\s*(?:x|×|\*)?\s*$/i
const LEADING_WORD = new RegExp(`\\b${SPELT}|single|triple)\\s+(?:x\\s*)?$`, 'i')
const OPENING_WORD = new RegExp(`^\\s*${SPELT})\\b`, 'i')
/** "4 x 6 Gb/s long SATA": a count before a rate and up to three words. */
const FAR = new RegExp(
  [
    String.raw`(?<![\w.,/-])(\d{1,2})\s*(?:x|×)\s*`,
    String.raw`(?:\d+(?:[.,]\d+)?\s*(?:G(?:bps|bit\/s|b\/s)?|V|mm)\s+)?`,
    String.raw`(?:(?!\d+\s)[\w][\w.+-]*\s+){0,3}$`,
  ].join(''),
  'i',
)
/** "SATA ports x5", "SATA 3 connectors: 5". */
const TRAILING = new RegExp(
  [
    String.raw`^(?:\s*\d(?:\.\d)?[a-z]?(?=\s))?[^\d,;]{0,24}?`,
    String.raw`(?:[x×*]\s*(\d{1,2})\b|:\s*(\d{1,2})(?![\w.]*\s*(?:-?pin|V\b))|(?<=\s)(\d{1,2})\s*[x×](?!\s*\d))`,
  ].join(''),
  'i',
)
const OPENING_DIGITS = /^\s*(\d{1,2})(?=\s+(?!mm|cm|in\b|W\b|V\b|A\b|pin)[A-Za-z])/

/**
 * The count that stands with a thing in a phrase: before it, behind it, in words; null where none
 * does.
 */
export function countAround(phrase: string, from: number, to: number): number | null {
  const before = phrase.slice(0, from)
  const lead = firstGroup(before, LEADING, FAR)
  if (lead !== null) return Number(lead)
  const word = firstGroup(before, LEADING_WORD, OPENING_WORD)
  if (word !== null) return wordNumber(word)
  const trail = firstGroup(phrase.slice(to).replace(/\([^)]*\)/g, ''), TRAILING)
  const digits = trail ?? firstGroup(before, OPENING_DIGITS)
  return digits === null ? null : Number(digits)
}

/** What the first of these patterns that fits has caught. */
function firstGroup(text: string, ...patterns: readonly RegExp[]): string | null {
  for (const pattern of patterns) {
    const caught = pattern.exec(text)?.slice(1).find(Boolean)
    if (caught !== undefined) return caught
  }
  return null
}

/** The count that stands with what a pattern found in a phrase. */
export const countOf = (phrase: string, found: RegExpExecArray): number | null =>
  countAround(phrase, found.index, found.index + found[0].length)

/** Every thing that a phrase says is there, each word used once, the first listed first. */
export function thingsIn<K extends string>(
  phrase: string,
  things: readonly Thing<K>[],
): readonly Counted<K>[] {
  let free = phrase
  return things.flatMap((thing): readonly Counted<K>[] => {
    const m = new RegExp(thing.named.source, thing.named.flags).exec(free)
    if (!m || thing.not?.test(phrase)) return []
    free = free.slice(0, m.index) + '\u0000'.repeat(m[0].length) + free.slice(m.index + m[0].length)
    if (isAbsent(phrase, m.index)) return []
    return [
      {
        key: thing.key,
        count: countOf(phrase, m) ?? 1,
        words: phrase,
        index: m.index,
      },
    ]
  })
}

/** A number that counts: no sign of a size, a voltage or a number of pins behind it. */
const COUNT = new RegExp(
  [
    String.raw`^\s*(\d{1,2})`,
    String.raw`(?=\s*(?:[x×*]|$|[,;(]|\s(?!\s*(?:mm|cm|in\b|W\b|A\b|V\b|-?pin\b|GB|TB))))`,
  ].join(''),
  'i',
)
/**
 * The number a value begins with where its label has named the thing: "SATA: 6", "5", "4x 6 Gb/s".
 */
export function leadingCount(value: string): number | null {
  const digits = COUNT.exec(value)?.[1] ?? /^\s*[x×]\s*(\d{1,2})(?=\s|$)/i.exec(value)?.[1]
  if (digits) return Number(digits)
  const word = /^\s*([A-Za-z]+)\b/.exec(value)?.[1]
  return word ? wordNumber(word) : null
}

/** The first whole number of a text. */
export const leadingNumber = (text = ''): number | null => {
  const m = /\d+/.exec(text)
  return m ? Number(m[0]) : null
}
