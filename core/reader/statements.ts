// A sheet's text taken apart: lines into label and value, headings over what follows, sentences,
// footnotes by their marks.
import { BULLET, rowsOf } from './rows'

export interface Statement {
  /** What stands before the colon, the tab, the bar; empty in running text. */
  readonly label: string
  readonly value: string
  /** The heading it stands under. */
  readonly under: string
  /** As it stands in the sheet. */
  readonly words: string
  readonly line: number
}

export interface Footnote {
  readonly mark: string
  readonly says: string
}
export interface Sheet {
  readonly statements: readonly Statement[]
  readonly footnotes: readonly Footnote[]
  readonly text: string
}

const MARK = /^\s*(\*{1,3}|[¹²³⁴]|\((?:\d|[a-d])\)|\[\d\]|(?:note|footnote)\s*\d*\s*:)\s*(?=\S)/i

/**
 * Takes a text apart. Nothing is left out: every line that says something is in some statement or
 * footnote.
 */
export function sheetOf(text: string): Sheet {
  const { lines, asWritten } = rowsOf(text)
  const footnotes: Footnote[] = []
  const statements: Statement[] = []
  let under = ''
  lines.forEach((raw, line) => {
    const words = raw.trim()
    if (words === '' || /^[|\s:+=-]+$/.test(words)) return
    const mark = footnoteMark(lines, line)
    if (mark !== null) {
      footnotes.push({ mark: mark.trim(), says: words.slice(mark.length).trim() })
      return
    }
    const clean = words.replace(BULLET, '')
    const heading =
      headingOf(clean, line) ??
      (statements.length > 0 && footnoteMark(lines, line + 1) === null
        ? overList(raw, clean, lines[line + 1])
        : null)
    if (heading !== null) {
      under = heading
      return
    }
    // "Rear panel | - 1 x HDMI": a list begins in the cell and goes on below, under the same name.
    const listed = /^([^|\t]{2,40}?)(?:\s*\|\s*|\t+|\s{3,})[-•·*]\s+(?=\S)/.exec(clean)
    if (listed) under = listed[1] ?? ''
    for (const [label, value] of clean
      .split(/;\s+(?=(?!front|top|rear|bottom|side)[A-Za-z][A-Za-z ]{2,22}:\s)/i)
      .flatMap(split))
      statements.push({
        label,
        value,
        under,
        words: label === '' ? verbatim(value, clean, asWritten(line)) : asWritten(line),
        line: line + 1,
      })
  })
  return { statements, footnotes, text }
}

/** A sentence's own characters in its line, where the line was only spelt otherwise. */
function verbatim(value: string, clean: string, written: string): string {
  const at = clean.indexOf(value)
  return at >= 0 && clean.length === written.length ? written.slice(at, at + value.length) : value
}

/** The mark that makes a line a footnote: the same hangs on something above it. */
function footnoteMark(lines: readonly string[], line: number): string | null {
  const mark = MARK.exec(lines[line] ?? '')?.[1]
  if (mark === undefined) return null
  const hung = lines.slice(0, line).some(l => {
    const at = l.indexOf(mark)
    return at > 0 && /[\w)"]\s?$/.test(l.slice(0, at))
  })
  return /note/i.test(mark) || hung ? mark : null
}

/**
 * A line that names what follows: it ends in a colon, or is written in capitals without a number.
 * The first line is the title.
 */
function headingOf(line: string, n: number): string | null {
  if (/^[^:|\t]{2,40}:$/.test(line)) return line.slice(0, -1)
  return n > 0 && /^[A-Z][A-Z &/]{2,30}$/.test(line) ? line : null
}

/**
 * A short line over one that is indented deeper, or over a list of points, names what stands there.
 */
function overList(raw: string, clean: string, next: string | undefined): string | null {
  const depth = (text: string): number => /^\s*/.exec(text)?.[0].length ?? 0
  const below =
    next !== undefined &&
    next.trim() !== '' &&
    (depth(next) > depth(raw) || (BULLET.test(next) && !BULLET.test(raw)))
  return below && /^[^\d:|\t,]{2,28}$/.test(clean) ? clean : null
}

/** What holds the cells of a row apart; two spaces behind a full stop or a comma do not. */
const CELLS = /\s*\|\s*|\s*(?:\.{3,}|…+)\s*|\t+| {3,}|(?<=[\w)"″°%]) {2}(?=\S)/

/** Label and value; or sentences without labels. */
function split(line: string): readonly (readonly [string, string])[] {
  const cells = line
    .split(CELLS)
    .map(c => c.trim())
    .filter(Boolean)
  const [title = '', opening] = /^([^:]{2,40}):\s+(\S.*)$/.exec(cells[0] ?? '')?.slice(1) ?? []
  if (cells.length > 1 && opening !== undefined)
    return [[title, [opening, ...cells.slice(1)].join(', ')]]
  if (cells.length > 1)
    return [
      [
        nameOf(cells[0] ?? ''),
        withUnit(cells[0] ?? '', cells.slice(1).join(', ').replace(BULLET, '')),
      ],
    ]
  const colon =
    /^([^:]{1,48}?)\s*:\s+(\S.*)$/.exec(line) ?? /^([A-Za-z][^:\d]{1,40}):(\S.*)$/.exec(line)
  if (colon && !isSentence(colon[1] ?? '')) {
    const [first = '', ...rest] = (colon[2] ?? '').split(SENTENCE)
    return [
      [
        nameOf(colon[1] ?? ''),
        withUnit(colon[1] ?? '', rest.length > 1 ? first : (colon[2] ?? '')),
      ],
      ...(rest.length > 1 ? rest.map(s => ['', s] as const) : []),
    ]
  }
  const spaced = SPACED.exec(line)
  if (spaced) return [[spaced[1] ?? '', spaced[2] ?? '']]
  return sentences(line).map(s => ['', s] as const)
}

/**
 * "Tube length 400 mm": a line that begins with the name of a figure and goes on with the figure.
 */
const SPACED =
  /^((?:[A-Za-z][A-Za-z./-]* ){0,4}(?:length|height|width|depth|thickness|clearance|weight|current|consumption|dimensions?|size|capacity|voltage|TDP|TGP|TBP)(?: \([^)\d]*\))?)(?!.*\b(?:length|height|width|depth|thickness)\b)\s+((?:up to |max\.? )?\d.*)$/i
const LABEL_UNIT =
  /[([,]\s*(?:[^()[\],]*[,;]\s*)?(mm|cm|in|inch(?:es)?|kg|g|W|A|mA|V|GB|TB|MB\/s|MT\/s|MHz)\s*[)\]]?\s*$/
/** A label without the unit in brackets behind it. */
const nameOf = (label: string): string =>
  label.replace(/\s*[([]\s*(?:mm|cm|in|inch(?:es)?|kg|g|W|A|V|GB)\s*[)\]]$/, '')
/**
 * "Height (mm): 158": the unit that the label promises goes behind a value that is nothing but
 * figures.
 */
const withUnit = (label: string, value: string): string => {
  const unit = LABEL_UNIT.exec(label)?.[1]
  return unit &&
    /^[\d.,\s]+(?:\([LWHDTB]\)|[LWHDTB]\b)?(?:\s*[x×*][\d.,\s]+(?:\([LWHDTB]\)|[LWHDTB]\b)?)*$/i.test(
      value,
    )
    ? `${value.trim()} ${unit}`
    : value
}

/** What stands in brackets, units or the order of sizes, makes no label a sentence. */
const isSentence = (label: string): boolean =>
  label
    .replace(/\([^)]*\)/g, ' ')
    .trim()
    .split(/\s+/).length > 7 || /\b(?:is|has|takes|are)\b/.test(label)
/** Sentences end at a full stop before a capital; "max. 192" does not. */
const SENTENCE =
  /(?<=[\w)"″]\.)(?<!\b(?:[Mm]ax|[Mm]in|[Aa]pprox|[Ii]ncl|[Nn]o|[Cc]a|vs|[Oo]pt|[Ss]eq|[Rr]and|[Aa]vg|[Tt]yp|[Dd]im|[Tt]emp)\.)\s+(?=[A-Z])|(?<=[a-z]{4}\.)\s+(?=\d)/
const sentences = (line: string): readonly string[] =>
  line
    .split(SENTENCE)
    .flatMap(s => s.split(/;\s+/))
    .map(s => s.trim())
    .filter(Boolean)

/**
 * Brackets, and what holds phrases apart outside of them: a comma that is no thousand's, a
 * semicolon, a full stop, "and", "+", "&", "/".
 */
const APART = /[()]|,(?!\d)|;|(?<=[a-z]{4})\.(?=\s+[A-Z])| and |\s[+&/]\s/g

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
