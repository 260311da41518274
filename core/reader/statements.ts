// A sheet's text taken apart: lines into label and value, headings over what follows, sentences,
// footnotes by their marks.
import { oneOf, opening } from './pattern'
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
    for (const [label, value] of clean.split(NEXT_LABEL).flatMap(split))
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

/** "Height: 158 mm; Width: 120 mm": labels of their own in one line; walls of a case are no labels. */
const NEXT_LABEL =
  /;\s+(?=(?!front|top|rear|bottom|side|base|floor|roof)(?:\d[\d.]*"?[- ])?[A-Za-z][A-Za-z \d.,()/+"-]{2,44}:\s)/i

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

/** A label and its value; the label is empty in running text. */
type Entry = readonly [label: string, value: string]

/** Label and value; or sentences without labels. */
const split = (line: string): readonly Entry[] =>
  splitCells(line) ?? splitColon(line) ?? splitSpaced(line) ?? unlabelled(sentences(line))

const unlabelled = (texts: readonly string[]): readonly Entry[] =>
  texts.flatMap(text => splitColon(text) ?? [spokenEntry(text) ?? (['', text] as const)])

/** "The cable length is 400 mm.": what a sentence tells of one figure or thing by its name. */
const SPOKEN_ENTRY =
  /^(?:The|Its|Their)\s+([^,;:]{2,48}?)\s+(?:is|are|measures|comes to|amounts to)\s+(\S.*?)\.?$/
function spokenEntry(text: string): Entry | null {
  const [, label, value] = SPOKEN_ENTRY.exec(text) ?? []
  return label !== undefined && value !== undefined && !/\b(?:is|are|has|which|that)\b/.test(value)
    ? [capital(label), value]
    : null
}
const capital = (text: string): string => `${text.charAt(0).toUpperCase()}${text.slice(1)}`

/** Rows whose cells go on in groups, each with a name of its own. */
const OF_GROUPS = /i\/o|expansion|storage|panel|ports|connectors|headers/i

/** A row of a table: the first cell is the label, unless it brings a label and a value itself. */
function splitCells(line: string): readonly Entry[] | null {
  const [first = '', ...rest] = line
    .split(CELLS)
    .map(c => c.trim())
    .filter(Boolean)
  if (rest.length === 0) return null
  const inner = /^([A-Z][^:,(]{2,30}):\s+(\S.*)$/.exec(rest.length === 1 ? (rest[0] ?? '') : '')
  if (inner?.[1] && inner[2] && OF_GROUPS.test(first)) return [[`${first}, ${inner[1]}`, inner[2]]]
  const titled = /^([^:]{2,40}):\s+(\S.*)$/.exec(first)
  const [, title, value] = titled ?? []
  if (title !== undefined && value !== undefined) return [[title, [value, ...rest].join(', ')]]
  return [[nameOf(first), withUnit(first, rest.join(', ').replace(BULLET, ''))]]
}

const COLON = /^([^:]{1,48}?)\s*:\s+(\S.*)$/
/** Without a space behind the colon only words are a label: "12:00" is none. */
const TIGHT_COLON = /^([A-Za-z][^:\d]{1,40}):(\S.*)$/

function splitColon(line: string): readonly Entry[] | null {
  const [, label, value] = COLON.exec(line) ?? TIGHT_COLON.exec(line) ?? []
  if (label === undefined || value === undefined || isSentence(label)) return null
  const [first = '', ...rest] = value.split(SENTENCE)
  // One sentence more may belong to the value; several go on by themselves.
  return rest.length > 1 || rest.some(sentence => BEGINS_ANEW.test(sentence))
    ? [[nameOf(label), withUnit(label, first)], ...unlabelled(rest)]
    : [[nameOf(label), withUnit(label, value)]]
}

/** A sentence that begins so is about something else than the label before it. */
const BEGINS_ANEW = opening(
  ...[/\d+\b/, /(?:one|two|three|four|five|six|seven|eight)\b/, /(?:a|an|the|it|there)\b/],
  ...[/(?:using|when|if|with)\b/],
)

function splitSpaced(line: string): readonly Entry[] | null {
  const [, label, value] = SPACED.exec(line) ?? []
  return label !== undefined && value !== undefined ? [[label, value]] : null
}

/** Names of figures that stand before their value without any sign. */
const FIGURE_NAMES = oneOf(
  ...[/length/, /height/, /width/, /depth/, /thickness/, /clearance/, /weight/, /current/],
  ...[/consumption/, /dimensions?/, /size/, /capacity/, /voltage/, /TDP/, /TGP/, /TBP/],
)
/** "Tube length 400 mm": a line that begins with the name of a figure and goes on with the figure. */
const SPACED = new RegExp(
  [
    String.raw`^((?:[A-Za-z][A-Za-z./-]* ){0,4}(?:${FIGURE_NAMES.source})(?: \([^)\d]*\))?)`,
    String.raw`(?!.*\b(?:length|height|width|depth|thickness)\b)`,
    String.raw`\s+((?:up to |max\.? )?\d.*)$`,
  ].join(''),
  'i',
)
const LENGTHS_AND_WEIGHTS = 'mm|cm|in|inch(?:es)?|kg|g|W|A|V|GB'
const LABEL_UNIT = new RegExp(
  [
    String.raw`[([,]\s*(?:[^()[\],]*[,;]\s*)?`,
    String.raw`(mm|cm|in|inch(?:es)?|kg|g|W|A|mA|V|GB|TB|MB\/s|MT\/s|MHz)\s*[)\]]?\s*$`,
  ].join(''),
)
const BRACKETED_UNIT = new RegExp(String.raw`\s*[([]\s*(?:${LENGTHS_AND_WEIGHTS})\s*[)\]]$`)
/** A label without the unit in brackets behind it. */
const nameOf = (label: string): string => inOneLanguage(label.replace(BRACKETED_UNIT, '')).trim()

/** Words that labels of sheets are made of. */
const LABEL_WORDS = oneOf(
  ...[/\b(?:height|length|width|depth|weight|thickness|dimensions?|size|clearance|diameter)\b/],
  ...[/\b(?:power|watt(?:age)?|TDP|TBP|TGP|current|voltage|consumption|capacity|speed)\b/],
  ...[/\b(?:sockets?|memory|RAM|DIMMs?|slots?|bays?|fans?|cooler|card|GPU|CPU|PSU|board|case)\b/],
  ...[/\b(?:connectors?|plugs?|cables?|interface|form|factor|ports?|outputs?|radiator|lanes)\b/],
  ...[/\b(?:SATA|USB|PCIe?|HDMI|EPS|ATX|SSD|HDD|modular|efficiency|graphics|pump)\b/],
  ...[/\b(?:idle|active|operating|busy|read|write|max|min)\b/],
)
/** Whether every bracket of a name closes in it. */
const isClosed = (name: string): boolean =>
  [...name].filter(c => c === '(').length === [...name].filter(c => c === ')').length
/** "Height / Höhe": of a label in two languages the one that is read. */
function inOneLanguage(label: string): string {
  const names = label.split(/\s+\/\s+/)
  if (names.length !== 2 || !names.every(isClosed)) return label
  const read = names.filter(name => LABEL_WORDS.test(name))
  return read.length === 1 ? (read[0] ?? label) : label
}

const SIDE_MARK = String.raw`(?:\([LWHDTB]\)|[LWHDTB]\b)?`
const BARE_FIGURES = new RegExp(
  String.raw`^[\d.,\s]+${SIDE_MARK}(?:\s*[x×*][\d.,\s]+${SIDE_MARK})*$`,
  'i',
)
/** "Height (mm): 158": the unit that the label promises goes behind a value that is only figures. */
const withUnit = (label: string, value: string): string => {
  const unit = LABEL_UNIT.exec(label)?.[1]
  return unit && BARE_FIGURES.test(value) ? `${value.trim()} ${unit}` : value
}

/** What stands in brackets, units or the order of sizes, makes no label a sentence. */
const isSentence = (label: string): boolean =>
  label
    .replace(/\([^)]*\)/g, ' ')
    .trim()
    .split(/\s+/).length > 7 || /\b(?:is|has|takes|are)\b/.test(label)
const ABBREVIATIONS = oneOf(
  ...[/[Mm]ax/, /[Mm]in/, /[Aa]pprox/, /[Ii]ncl/, /[Nn]o/, /[Cc]a/, /vs/, /[Oo]pt/, /[Ss]eq/],
  ...[/[Rr]and/, /[Aa]vg/, /[Tt]yp/, /[Dd]im/, /[Tt]emp/],
)
/** Sentences end at a full stop before a capital; "max. 192" does not. */
const SENTENCE = new RegExp(
  [
    String.raw`(?<=[\w)"″]\.)(?<!\b(?:${ABBREVIATIONS.source})\.)\s+(?=[A-Z])`,
    String.raw`(?<=[a-z]{4}\.)\s+(?=\d)`,
  ].join('|'),
)
const sentences = (line: string): readonly string[] =>
  line
    .split(SENTENCE)
    .flatMap(s => s.split(/;\s+/))
    .map(s => s.trim())
    .filter(Boolean)

/**
 * Brackets, and what holds phrases apart outside of them: a comma that is no thousand's, a
 * semicolon, a full stop, "and", "+", "&", "/"; steps along a cable are one sum.
 */
const APART =
  /[()]|,(?!\d)|;|(?<=[a-z]{4})\.(?=\s+[A-Z])| and |\s[&/]\s|\s\+\s(?!\d{2,4}(?:\s*mm)?\s*(?:\+|mm|cm|$))/g

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
