// The phrases of a value: what its signs hold apart, and what goes on about the same.

/**
 * Brackets, and what holds phrases apart outside of them: a comma that is no thousand's, a
 * semicolon, a full stop, "and", "+", "&", "/"; steps along a cable are one sum.
 */
const APART =
  /[()]|,(?!\d)|;|(?<=[a-z]{4}|[A-Z]-?\d+)\.(?=\s+[A-Z])| and |\s[&/]\s|\s\+\s(?!\d{2,4}(?:\s*mm)?\s*(?:\+|mm|cm|$))/g

/** What only goes on about what stands before it: "…, supporting PCIe 5.0 and running at x16". */
const GOES_ON = new RegExp(
  [
    String.raw`^(?:supporting|running|runs?|operat(?:ing|es?)|available|with (?:support|USB|PCI-?e))\b`,
    String.raw`^at x\d\b`,
    String.raw`^x\s?\d+ (?:electrical|mode|lanes?|wired)|^(?:electrical|wired)(?:ly)? (?:as )?x\s?\d`,
    String.raw`^PCI(?:-?e| Express)?\s?(?:Gen\s?)?\d(?:\.\d)?$`,
    String.raw`^supports? (?:USB|PCI-?e|up to|x\d)`,
  ].join('|'),
  'i',
)

/** The phrases of a value, each with what goes on about it. */
export const clausesOf = (value: string): readonly string[] =>
  phrasesOf(value).reduce<readonly string[]>((clauses, phrase) => {
    const before = clauses.at(-1)
    return before !== undefined && GOES_ON.test(phrase)
      ? [...clauses.slice(0, -1), `${before}, ${phrase}`]
      : [...clauses, phrase]
  }, [])

/**
 * The phrases of a value: what commas, semicolons, bars, full stops and the word "and" hold apart,
 * brackets kept whole.
 */
export function phrasesOf(value: string): readonly string[] {
  const parts: string[] = []
  let depth = 0
  let from = 0
  for (const { 0: mark, index } of value.matchAll(APART)) {
    if (mark === '(') depth += 1
    else if (mark === ')') depth = Math.max(0, depth - 1)
    else if (depth === 0) {
      parts.push(value.slice(from, index))
      from = index + mark.length
    }
  }
  return [...parts, value.slice(from)].map(p => p.trim()).filter(Boolean)
}
