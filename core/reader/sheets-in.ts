// A pasted text as the sheets in it: several one after the other, a page with two parts.
import { sheetsOfJson } from './from-json'
import { kindsOfSheet } from './kinds'
import { partsListed } from './part-list'
import { readSheet } from './read'
import { sheetOf } from './statements'
import { withoutTimes } from './times'

/** Named choices: how long a title is at most; how many fields make a sheet of a text. */
const LONGEST_TITLE = 110
const FEWEST_FIELDS = 3
/** What stands outside is told by what it does and by its plug. */
const FEWEST_OF_A_DEVICE = 2
/** Named choice: what is longer is a sheet of its own without being read for it, characters. */
const LONGEST_LOOKED_AT = 20_000
/** A row of signs that holds two texts apart. */
const RULE = /^\s*(?:[-=_*~#·•]\s?){3,}\s*$/
/** A line that says something under a name of its own is no title. */
const LABELLED = /^[^:|\t]{1,48}(?::\s|[|\t])|\S {3,}\S|\.{3,}/
/** What titles call a part. */
const NAMES_A_KIND = new RegExp(
  [
    String.raw`\b(?:mother ?board|mainboard|mid|full|mini|midi|tower|case|chassis|processor|CPU|`,
    String.raw`cooler|memory|kit|graphics|video card|card|SSD|HDD|hard (?:disk|drive)|drive|`,
    String.raw`power supply|PSU|fans?|hub|controller|LED strip|strip|DDR\d|NVMe|`,
    String.raw`monitor|display|keyboard|mouse|headset|headphones|speakers|printer)\b`,
  ].join(''),
  'i',
)

/**
 * Takes a text apart into sheets, in their order; one sheet stays one. A new one begins at a title
 * behind an empty line or a rule: a line that names a maker that is known or a kind of part, and
 * under which enough of a part is said. What is said of no part goes with what stands before it, so
 * that nothing is lost.
 */
export function sheetsIn(text: string, makers: readonly string[] = []): readonly string[] {
  const listed = sheetsOfJson(text)
  if (listed) return listed
  const lines = text.replace(/\r\n?/g, '\n').split('\n')
  const listing = partsListed(lines)
  if (listing.length > 0)
    return listing.map((from, n) => wordsOf(lines.slice(from, listing[n + 1])))
  const starts = lines.flatMap((_, i) => (isTitle(lines, i, makers) ? [i] : []))
  const pieces = [0, ...starts.filter(i => i > 0)].map((from, n, all) =>
    lines.slice(from, all[n + 1] ?? lines.length),
  )
  const joined = pieces.reduce<readonly (readonly string[])[]>((sheets, piece) => {
    const before = sheets.at(-1)
    if (!before) return [piece]
    const isOwn =
      (isSheet(piece, makers) && isSheet(before, makers)) || isOther(piece, before, makers)
    return isOwn ? [...sheets, piece] : [...sheets.slice(0, -1), [...before, ...piece]]
  }, [])
  return joined.map(wordsOf).filter(piece => piece !== '')
}

const wordsOf = (piece: readonly string[]): string =>
  piece
    .filter(line => !RULE.test(line))
    .join('\n')
    .trim()

/** Whether a title begins with a maker that is known. */
const namesMaker = (title: string, makers: readonly string[]): boolean => {
  const first = withoutTimes(title.trim()).toLowerCase()
  return makers.some(m => m !== '' && first.startsWith(m.toLowerCase()))
}

function isTitle(lines: readonly string[], at: number, makers: readonly string[]): boolean {
  const line = withoutTimes((lines[at] ?? '').replace(/^#+\s*/, '').trim())
  const before = lines[at - 1] ?? ''
  const isApart = at === 0 || before.trim() === '' || RULE.test(before)
  if (!isApart || line === '' || LABELLED.test(line) || RULE.test(line)) return false
  if (namesMaker(line, makers)) return true
  return line.length <= LONGEST_TITLE && !/[.!?]$/.test(line) && NAMES_A_KIND.test(line)
}

/**
 * Whether a piece is another part than the one before it, however little is said of it: its title
 * names a maker that is known and its kind, and that is another kind.
 */
function isOther(
  lines: readonly string[],
  before: readonly string[],
  makers: readonly string[],
): boolean {
  const title = lines.find(l => l.trim() !== '') ?? ''
  if (!namesMaker(title, makers) || !NAMES_A_KIND.test(title)) return false
  const [kind, last] = [lines, before].map(
    piece => readSheet(piece.join('\n').slice(0, LONGEST_LOOKED_AT), { makers }).kind,
  )
  return kind !== null && last !== null && kind !== last
}

/** Whether a piece says enough to be a part of its own. */
function isSheet(lines: readonly string[], makers: readonly string[]): boolean {
  const text = lines.join('\n')
  if (text.length > LONGEST_LOOKED_AT) return true
  if (kindsOfSheet(sheetOf(text), makers).length === 0) return false
  const { kind, fields } = readSheet(text, { makers })
  const enough = kind === 'device' ? FEWEST_OF_A_DEVICE : FEWEST_FIELDS
  return kind !== null && fields.filter(f => !NAMES.includes(f.path)).length >= enough
}
const NAMES: readonly string[] = ['maker', 'model', 'price']
