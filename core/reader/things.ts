// How many of a thing a phrase names: "4 x DIMM", "SATA x5", "Two ports", "SATA connector: 5".

const NUMBER_WORDS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
]
export const wordNumber = (text: string): number | null => {
  const i = NUMBER_WORDS.indexOf(text.toLowerCase())
  return i < 0
    ? (({ single: 1, dual: 2, triple: 3, quad: 4, a: 1, an: 1 } as Record<string, number>)[
        text.toLowerCase()
      ] ?? null)
    : i
}

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

const LEADING = /(?<![\w.,/-])(\d{1,2})\s*(?:x|×|\*)?\s*$/i
const LEADING_WORD =
  /\b(one|two|three|four|five|six|seven|eight|nine|ten|dual|single|triple)\s+(?:x\s*)?$/i
const TRAILING =
  /^(?:\s*\d(?:\.\d)?[a-z]?(?=\s))?[^\d,;]{0,24}?(?:[x×*]\s*(\d{1,2})\b|:\s*(\d{1,2})(?![\w.]*\s*(?:-?pin|V\b)))/i

/**
 * The count that stands with a thing in a phrase: before it, behind it, in words; null where none
 * does.
 */
export function countAround(phrase: string, from: number, to: number): number | null {
  const before = phrase.slice(0, from)
  const after = phrase.slice(to).replace(/\([^)]*\)/g, '')
  const far =
    /(?<![\w.,/-])(\d{1,2})\s*(?:x|×)\s*(?:\d+(?:[.,]\d+)?\s*(?:G(?:bps|bit\/s|b\/s)?|V|mm)\s+)?(?:(?!\d+\s)[\w][\w.+-]*\s+){0,3}$/i.exec(
      before,
    )
  const lead = LEADING.exec(before) ?? far
  if (lead?.[1]) return Number(lead[1])
  const word =
    LEADING_WORD.exec(before) ??
    /^\s*(one|two|three|four|five|six|seven|eight|nine|ten|dual)\b/i.exec(before)
  if (word?.[1]) return wordNumber(word[1])
  const trail = TRAILING.exec(after)
  const n = trail?.[1] ?? trail?.[2]
  if (n !== undefined) return Number(n)
  const first = /^\s*(\d{1,2})(?=\s+(?!mm|cm|in\b|W\b|V\b|A\b|pin)[A-Za-z])/.exec(before)
  return first?.[1] ? Number(first[1]) : null
}

/** Every thing that a phrase names, each word used once, the first listed first. */
export function thingsIn<K extends string>(
  phrase: string,
  things: readonly Thing<K>[],
): readonly Counted<K>[] {
  let free = phrase
  return things.flatMap((thing): readonly Counted<K>[] => {
    const m = new RegExp(thing.named.source, thing.named.flags).exec(free)
    if (!m || thing.not?.test(phrase)) return []
    free = free.slice(0, m.index) + '\u0000'.repeat(m[0].length) + free.slice(m.index + m[0].length)
    return [
      {
        key: thing.key,
        count: countAround(phrase, m.index, m.index + m[0].length) ?? 1,
        words: phrase,
        index: m.index,
      },
    ]
  })
}

/**
 * The number a value begins with where its label has named the thing: "SATA: 6", "5", "4x 6 Gb/s".
 */
export function leadingCount(value: string): number | null {
  const m =
    /^\s*(\d{1,2})(?=\s*(?:[x×*]|$|[,;(]|\s(?!\s*(?:mm|cm|in\b|W\b|A\b|V\b|-?pin\b|GB|TB))))/i.exec(
      value,
    )
  if (m?.[1]) return Number(m[1])
  const word = /^\s*([A-Za-z]+)\b/.exec(value)?.[1]
  return word ? wordNumber(word) : null
}

/** The first whole number of a text. */
export const leadingNumber = (text: string): number | null => {
  const m = /\d+/.exec(text)
  return m ? Number(m[0]) : null
}
