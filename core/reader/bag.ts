// The small things in a part's box: screws by their thread, ties, a beeper.
import type { PartKind } from '../parts'
import { INCLUDED, type Line } from './in-the-box'
import { whole, type Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Statement } from './statements'
import { countOf, leadingCount } from './things'

const SCREWS = /\bscrews?\b/i
/** What has screws in its name and is none. */
const NOT_THEY = /stand-?off|screwdriver|screw-?less|thumb ?screw|without screw|tool-?less/i
const THREADS: readonly (readonly [RegExp, string])[] = [
  [/(?:#\s?)?\b6[-–/]32(?!\d)|\bUNC\b/i, '6-32 UNC'],
  [/\bM3(?!\d)(?![.,]\d)/i, 'M3'],
  [/\bM\.?2(?!\d)(?![.,][1-9])/i, 'M2'],
  [/\bself-?tapping\b|\bfan screws?\b|\bscrews? for (?:the )?fans?\b/i, 'self-tapping'],
]
/** What lies in boxes besides screws, and is counted. */
const OTHERS: readonly {
  readonly key: string
  readonly named: RegExp
  readonly of: readonly PartKind[]
}[] = [
  {
    key: 'tie',
    named: /\b(?:cable|zip|nylon)[- ]?ties?\b|\btie[- ]?wraps?\b/i,
    of: ['case', 'supply', 'fan'],
  },
  { key: 'beeper', named: /\b(?:speaker|beeper|buzzer)\b/i, of: ['case', 'board'] },
]
/** Lines that count what lies in the bag though nothing of them says "in the box". */
const OF_SCREWS = oneOf(
  /^(?:[^:]*\b)?screws?\b/,
  /^(?:accessory|screw|hardware) (?:kit|bag|box|set|pack)s?$/,
)

/** The kinds with something to be screwed in, in whose boxes screws lie. */
export const WITH_BAG: readonly PartKind[] = [
  ...(['case', 'board', 'cooler', 'drive', 'fan', 'supply'] as const),
]

/** Counts what is named, phrase by phrase; true where something was read. */
export function readBag({ s, heading, isContents }: Line, notes: Notes, kind: PartKind): boolean {
  const isInBox = isContents || INCLUDED.test(`${heading} ${whole(s)}`)
  const isOfScrews = OF_SCREWS.test(s.label) || OF_SCREWS.test(s.under)
  if (!isInBox && !isOfScrews) return false
  const read = phrasesOf(s.value).map(phrase => readPhrase(s, notes, { phrase, kind }))
  return read.some(Boolean)
}

function readPhrase(
  s: Statement,
  notes: Notes,
  { phrase, kind }: { readonly phrase: string; readonly kind: PartKind },
): boolean {
  const named = nameIn(s, phrase)
  if (named === null) return readOther(s, notes, { phrase, kind })
  const count = screwsCounted(s, phrase)
  if (count !== null) notes.count(s, `includes.screw.${named}`, count, phrase)
  return count !== null
}

/** The thread of the screws that a phrase or its label names; null where it is about none. */
function nameIn({ label, under }: Statement, phrase: string): string | null {
  const text = SCREWS.test(phrase) ? phrase : `${under} ${label} ${phrase}`
  if (!SCREWS.test(text) || NOT_THEY.test(text)) return null
  return choiceIn(phrase, THREADS) ?? choiceIn(label, THREADS) ?? null
}

/** "12 x M3x5 screws", "M3 screws: 24", "6-32 × 6 mm, 8 pcs"; one where a single one is named. */
function screwsCounted({ label, under }: Statement, phrase: string): number | null {
  const pieces = /\b(\d{1,3})\s*(?:pcs?|pieces|pc\.)(?![a-z])/i.exec(phrase)?.[1]
  if (pieces !== undefined) return Number(pieces)
  const before = /^\s*(\d{1,3})\s*(?:[x×*]\s*)?(?=[A-Za-z#]|6[-–/]32)/.exec(phrase)?.[1]
  if (before !== undefined) return Number(before)
  const behind = /\b(?:[x×*]\s*)(\d{1,3})\s*$/.exec(phrase.replace(SIZE, ''))?.[1]
  if (behind !== undefined) return Number(behind)
  if (SCREWS.test(`${under} ${label}`)) return leadingCount(phrase)
  return /\bscrew\b(?! (?:kit|set|pack|bag))/i.test(phrase) ? 1 : null
}
/** "M3 × 5 mm": how thick and how long. */
const SIZE = /\b(?:M\.?[23]|6[-–/]32(?: UNC)?)\s*[x×*]\s*\d+(?:[.,]\d+)?(?:\s*(?:mm|"))?/gi

function readOther(
  s: Statement,
  notes: Notes,
  { phrase, kind }: { readonly phrase: string; readonly kind: PartKind },
): boolean {
  const found = OTHERS.filter(o => o.of.includes(kind)).flatMap(({ key, named }) => {
    const inPhrase = named.exec(phrase)
    const labelled = named.test(s.label) ? leadingCount(phrase) : null
    const count = inPhrase ? (countOf(phrase, inPhrase) ?? 1) : labelled
    return count === null ? [] : [{ key, count }]
  })
  for (const { key, count } of found) notes.count(s, `includes.${key}`, count, phrase)
  return found.length > 0
}
