// A pasted text as the sheets in it: several one after the other, a page with two parts.
import { withoutAsides } from '../asides'
import { isName, labelledName } from '../called'
import { sheetsOfJson } from '../from-json'
import { inEnglish } from '../in-english'
import { kindsOfSheet } from '../kinds'
import { partsListed } from './part-list'
import { sideBySideIn } from './side-by-side'
import { partTableIn, type PartTable } from './tables'
import { readSheet, type Reading } from '../read'
import { sheetOf } from '../statements'
import { withoutTimes } from '../times'
import { isNameLine, isTitle, mayBeTitle, namesKind, namesMaker, RULE } from './titles'

/** Named choice: how many fields make a sheet of a text. */
const FEWEST_FIELDS = 3
/** What stands outside is told by what it does and by its plug. */
const FEWEST_OF_A_DEVICE = 2
/** Named choice: what is longer is a sheet of its own without being read for it, characters. */
const LONGEST_LOOKED_AT = 20_000
/** Named choice: a page with more lines that may be titles is searched for those that surely are. */
const MOST_TITLES = 60

type Lines = readonly string[]

/** What is known beforehand: makers by their names, and whether a line is the name of a part. */
export interface Known {
  readonly makers: Lines
  readonly isName: (line: string) => boolean
}

/**
 * Takes a text apart into sheets, in their order; one sheet stays one. A new one begins at a title
 * behind an empty line or a rule: a line that names a maker that is known or a kind of part, or one
 * that may be a title, and under which enough of another part is said. What is said of no part goes
 * with what stands before it, so that nothing is lost.
 */
export function sheetsIn(text: string, known: Partial<Known> = {}): Lines {
  const data = sheetsOfJson(text)
  if (data) return data
  const { makers = [], isName = () => false } = known
  const { own, asides } = withoutAsides(text.replace(/\r\n?/g, '\n'))
  const pieces = piecesOf(own.split('\n'), { makers, isName })
    .map(wordsOf)
    .filter(piece => piece !== '')
  return pieces.map((piece, n) => (n === pieces.length - 1 ? [piece, ...asides].join('\n') : piece))
}

function piecesOf(lines: Lines, known: Known): readonly Lines[] {
  const { makers } = known
  const table = partTableIn(lines) ?? sideBySideIn(lines, part => isOwnSheet(part, makers))
  if (table) return around(lines, table, known)
  const listing = partsListed(lines, known.isName)
  const pieces = listing.length > 0 ? listed(lines, listing, makers) : [lines]
  return pieces.flatMap(piece => apart(piece, makers))
}

/** The parts of a table, with the sheets before and behind it; words that are none go with a part. */
function around(lines: Lines, { from, to, parts }: PartTable, known: Known): readonly Lines[] {
  const before = beside(lines.slice(0, from), known)
  const behind = beside(lines.slice(to), known)
  const own = parts.map((part, n) => [
    ...part,
    ...(n === 0 ? before.words : []),
    ...(n === parts.length - 1 ? behind.words : []),
  ])
  return [...before.sheets, ...own, ...behind.sheets]
}

/** What stands beside a table: sheets, or words that say nothing of a part of their own. */
function beside(
  lines: Lines,
  known: Known,
): { readonly sheets: readonly Lines[]; readonly words: Lines } {
  const pieces = lines.some(line => line.trim() !== '') ? piecesOf(lines, known) : []
  const isOwn = pieces.some(piece => isSheet(piece, known.makers))
  return isOwn ? { sheets: pieces, words: [] } : { sheets: [], words: pieces.flat() }
}

/** Whether enough is said of a part for a sheet of its own. */
function isSheet(lines: Lines, makers: Lines): boolean {
  const reading = readingOf(lines, makers)
  return reading === null || isEnough(reading)
}

/** Whether a part of a comparison says enough of itself. */
function isOwnSheet(lines: Lines, makers: Lines): boolean {
  const reading = readingOf(lines, makers)
  return reading !== null && isEnough(reading)
}

/** The parts of a list; what stands before the first is a sheet of its own, or goes with that one. */
function listed(lines: Lines, listing: readonly number[], makers: Lines): readonly Lines[] {
  const [first = [], ...others] = listing
    .map((from, n) => lines.slice(from, listing[n + 1]))
    .map(withoutNumber)
    .flatMap(twoInOne)
  const before = lines.slice(0, listing[0])
  return isSheet(before, makers) ? [before, first, ...others] : [[...first, ...before], ...others]
}

/** "2) Lumen B7": where it stands in a list is no part of its name. */
const withoutNumber = ([first = '', ...below]: Lines): Lines => [
  first.replace(/^\s*\d{1,2}[.)]\s+(?=[A-Z])/, ''),
  ...below,
]

/** "Storage: Granite S9 2TB + Boulder 8TB": two of one sort in one line. */
function twoInOne([first = '', ...below]: Lines): readonly Lines[] {
  const named = labelledName(first)
  const names = named?.name.split(/\s+(?:\+|&)\s+|,\s+(?=\d{1,2}\s*[x×]\s+[A-Z])/) ?? []
  const are = named !== null && MAY_BE_SEVERAL.includes(named.kind) && names.every(isName)
  if (!are || names.length < 2) return [[first, ...below]]
  const each = names.map(name => [`${named.label}: ${name}`])
  return each.map((own, n) => (n === each.length - 1 ? [...own, ...below] : own))
}
const MAY_BE_SEVERAL: Lines = ['drive', 'fan', 'light', 'hub', 'device', 'memory', 'card']

/** Sheets one below the other. */
function apart(lines: Lines, makers: Lines): readonly Lines[] {
  const starts = startsIn(lines, makers)
  const pieces = [0, ...starts.filter(i => i > 0)].map((from, n, all) =>
    lines.slice(from, all[n + 1] ?? lines.length),
  )
  return joined(pieces, makers)
}

const wordsOf = (piece: Lines): string =>
  piece
    .filter(line => !RULE.test(line))
    .join('\n')
    .trim()

/** The lines at which a sheet may begin. */
function startsIn(lines: Lines, makers: Lines): readonly number[] {
  const possible = lines.flatMap((raw, at) => {
    const before = lines[at - 1] ?? ''
    const isApart = at === 0 || before.trim() === '' || RULE.test(before)
    const line = titleOf([raw])
    return isApart && line !== '' ? [{ at, line }] : []
  })
  const sure = possible.filter(({ line }) => isTitle(line, makers))
  const all = possible.filter(({ line }) => isTitle(line, makers) || mayBeTitle(line))
  return (all.length > MOST_TITLES ? sure : all).map(({ at }) => at)
}
/**
 * The title of a piece: its first line that says something, without a count before it, as far as the
 * first point in it, in English.
 */
function titleOf(lines: Lines): string {
  const [first = ''] = (lines.find(l => l.trim() !== '') ?? '').split(/\s[•▪‣]\s/)
  return inEnglish(withoutTimes(first.replace(/^#+\s*/, '').trim()))
}

/** A sheet as far as it was laid together, and what is said of it. */
interface Begun {
  readonly lines: Lines
  readonly reading: Reading | null
}

/** Pieces that are no sheet of their own are laid to the one before them. */
function joined(pieces: readonly Lines[], makers: Lines): readonly Lines[] {
  const sheets: Begun[] = []
  pieces.forEach((lines, n) => {
    const piece = { lines, reading: readingOf(lines, makers) }
    const before = sheets.at(-1)
    if (!before || beginsAnew(piece, before, { next: pieces[n + 1], makers })) sheets.push(piece)
    else sheets[sheets.length - 1] = laidTo(before, piece, makers)
  })
  return sheets.map(({ lines }) => lines)
}

interface Beside {
  readonly next: Lines | undefined
  readonly makers: Lines
}
/** A title may be parted from what is said below it by a section that looks like a title. */
function beginsAnew(piece: Begun, before: Begun, { next, makers }: Beside): boolean {
  if (isOwn(piece, before, makers)) return true
  if (next === undefined || piece.reading === null || isEnough(piece.reading)) return false
  const lines = [...piece.lines, ...next]
  return isOwn({ lines, reading: readingOf(lines, makers) }, before, makers)
}

/** What was enough for a sheet stays that, whatever is laid to it. */
function laidTo(before: Begun, piece: Begun, makers: Lines): Begun {
  const lines = [...before.lines, ...piece.lines]
  const isKnown = before.reading === null || isEnough(before.reading)
  return { lines, reading: isKnown ? before.reading : readingOf(lines, makers) }
}

/** Whether a piece is a sheet of its own beside the one before it. */
function isOwn(piece: Begun, before: Begun, makers: Lines): boolean {
  const [own, other] = [piece.reading, before.reading]
  if (own === null || other === null) return true
  if (own.kind === null || other.kind === null) return false
  const title = titleOf(piece.lines)
  const isElse = own.kind !== other.kind
  if (isElse && namesMaker(title, makers) && namesKind(title)) return true
  if (!isEnough(own) || !isEnough(other)) return false
  return isTitle(title, makers) || isElse || isSaidAnew(own, other, title)
}

/** What is said of a piece; null for one that is too long to be read for it. */
function readingOf(lines: Lines, makers: Lines): Reading | null {
  const text = lines.join('\n')
  if (text.length > LONGEST_LOOKED_AT) return null
  const reading = readSheet(text, { makers })
  return kindsOfSheet(sheetOf(text), makers).length > 0 ? reading : { ...reading, kind: null }
}

/** Whether enough is said for a part of its own. */
function isEnough({ kind, fields }: Reading): boolean {
  if (kind === null) return false
  const enough = kind === 'device' ? FEWEST_OF_A_DEVICE : FEWEST_FIELDS
  return fields.filter(f => !NAMES.includes(f.path)).length >= enough
}
const NAMES: Lines = ['maker', 'model', 'price']

/** Named choice: so many figures that are others make another part of one kind. */
const OTHERWISE = 2
/** Another part of the same kind: it is named anew, or says of the same things something else. */
function isSaidAnew(own: Reading, other: Reading, title: string): boolean {
  const said = new Map(other.fields.map(f => [f.path, JSON.stringify(f.value)]))
  const anew = own.fields.filter(
    f => said.has(f.path) && said.get(f.path) !== JSON.stringify(f.value),
  )
  return anew.length >= (isNameLine(title) ? 1 : OTHERWISE)
}
