// How many M.2 sockets a text is about, and what is said of which of them.
import { opening } from './pattern'
import { phrasesOf } from './phrases'
import { countOf, leadingCount, wordNumber } from './things'

interface Counted {
  readonly count: number
  /** Whether several phrases count them together. */
  readonly isSum: boolean
  /** What is said of each by itself; null where that is not told phrase by phrase. */
  readonly each: readonly string[] | null
}

const A_BUS = /PCI|\bGen|SATA|NVMe/i
/** What counts sockets under a label about them. */
const COUNTS = /^\d\s*x\s*(?:PCI|Gen|NVMe|SATA)/i

/** How many sockets a text counts; `label` is that of its line, where it is about them. */
export function countedIn(text: string, label: string): Counted {
  const phrases = phrasesOf(text)
  const areCounted =
    phrases.every(p => /^(?:\d\s*x|one|another)\b/i.test(p)) ||
    (label !== '' && areAtPlaces(phrases))
  const apart = label === '' ? [] : phrases.filter(p => areCounted || COUNTS.test(p))
  if (apart.length > 1) {
    const each = apart.flatMap(eachOf)
    return { count: each.length, isSum: true, each: areCounted ? each : null }
  }
  // "2 x M.2: front (PCIe 5.0 x4), back (PCIe 4.0 x4)".
  const labelled = Number(/^\s*(\d)\s*x\s/.exec(label)?.[1] ?? 1)
  const areTold = labelled > 1 && phrases.length === labelled && phrases.every(p => A_BUS.test(p))
  const count = Math.max(countIn(text), labelled)
  return { count, isSum: false, each: areTold ? phrases : null }
}

/** "M.2: top one Gen5 x4 (22110), middle Gen4 x4, bottom Gen4 x2 or SATA": each by its place. */
const areAtPlaces = (phrases: readonly string[]): boolean =>
  phrases.length > 1 && phrases.every(p => A_PLACE.test(p) && A_BUS.test(p))
const A_PLACE = opening(
  ...[/(?:the )?(?:top|upper|middle|bottom|lower|front|rear|back)\b/, /\d(?:st|nd|rd|th)\b/],
  /(?:the )?(?:first|second|third|fourth|next|last)\b/,
)

/** "3x M-key (1x 5.0 x4, 2x 4.0 x4)": the brackets tell them apart, where they count as many. */
function eachOf(phrase: string): readonly string[] {
  const count = leadingCount(phrase) ?? 1
  const inside = phrasesOf(/\(([^()]*)\)/.exec(phrase)?.[1] ?? '')
  const told = inside.flatMap(p =>
    Array.from({ length: leadingCount(p) ?? 0 }, () => p.replace(/^\s*\d\s*x\s+/i, '')),
  )
  return told.length === count ? told : Array.from({ length: count }, () => phrase)
}

function countIn(text: string): number {
  const named = /M\.2(?:\s+\d{4,5})?(?:\s*(?:slots?|sockets?|connectors?))?/i.exec(text)
  return (named ? countOf(text, named) : null) ?? leadingCount(text) ?? 1
}

/** "1x PCIe 5.0 x4, 4x PCIe 4.0 x4" becomes five; "2280, Gen 4 / 2280, Gen 3" two. */
export function groupsIn(
  text: string,
  { count, aboutM2 }: { readonly count: number; readonly aboutM2: (part: string) => boolean },
): readonly string[] {
  const byBar = text.split(/;/.test(text) ? /;\s*/ : /\s\/\s/)
  if (byBar.length === count && count > 1) return byBar
  if (count === 1) return [text]
  const parts = text.split(/,\s*/)
  const counted = (
    parts.length > 1 ? parts.filter((part, i) => i > 0 || !aboutM2(part)) : parts
  ).flatMap(part => {
    const m = /^\s*(?:(\d)(?:\s*x|(?=\s[a-z]))|(one|two|three|four))\s/i.exec(part)
    return m
      ? Array.from({ length: m[1] ? Number(m[1]) : (wordNumber(m[2] ?? '') ?? 1) }, () => part)
      : []
  })
  return counted.length === count ? counted : [text]
}
