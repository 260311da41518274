// A sheet's text taken apart: lines into label and value, headings over what follows, sentences,
// footnotes by their marks.
import { withoutAsides } from './asides'
import { entriesOf } from './entries'
import { BULLET, withoutMarks } from './markup'
import { pointsOf } from './points'
import { inEnglish } from './in-english'
import { rowsOf } from './rows'

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
  /** Lines that a page has beside the part. */
  readonly asides: readonly string[]
  readonly text: string
}

const MARK = /^\s*(\*{1,3}|[¹²³⁴]|\((?:\d|[a-d])\)|\[\d\]|(?:note|footnote)\s*\d*\s*:)\s*(?=\S)/i

/**
 * Takes a text apart. Nothing is left out: every line that says something is in some statement,
 * footnote or aside.
 */
export function sheetOf(pasted: string): Sheet {
  const { own: text, asides } = withoutAsides(pasted)
  const { lines, asWritten } = rowsOf(text)
  const footnotes: Footnote[] = []
  const statements: Statement[] = []
  const headings = new Headings(lines)
  lines.forEach((raw, line) => {
    const words = raw.trim()
    if (words === '' || /^[|\s:+=-]+$/.test(words)) return
    const mark = footnoteMark(lines, line)
    if (mark !== null) {
      footnotes.push(...footnotesIn(words, mark.trim()))
      return
    }
    const clean = words.replace(BULLET, '')
    if (headings.isOne(line, statements.length === 0)) return
    const under = headings.over(line)
    const points = statements.length === 0 ? pointsOf(clean) : null
    const told =
      points ??
      [NEXT_LABEL, NEXT_STROKE, NEXT_SIDE, NEXT_THING, NEXT_RAIL].reduce<readonly string[]>(
        (parts, next) => parts.flatMap(part => part.split(next)),
        [clean],
      )
    const written = asWritten(line)
    const own = points ? pointsAsWritten(points, written) : []
    told.forEach((one, n) => {
      const said = own[n] ?? written
      const entries = entriesOf(one)
      for (const [label, value] of entries) {
        const cell = entries.length > 1 && label !== '' ? `${label}: ${value}` : value
        const isAll = label !== '' && entries.length === 1
        statements.push({
          ...{ label, value, under, line: line + 1 },
          words: isAll ? said : verbatim(cell, clean, said),
        })
      }
    })
  })
  return { statements, footnotes, asides, text: text.split('\n').map(inEnglish).join('\n') }
}

/** "(1) Not all kits.  (2) With graphics.": several footnotes in one line, each behind its mark. */
function footnotesIn(words: string, mark: string): readonly Footnote[] {
  const each = words.split(/(?<=[.;]\s+|\s{2})(?=(?:\(\d\)|\[\d\])\s)/)
  return each.map(text => {
    const own = MARK.exec(text)?.[1]?.trim() ?? mark
    return { mark: own, says: text.slice(text.indexOf(own) + own.length).trim() }
  })
}

/** "Height: 158 mm; Width: 120 mm": labels of their own in one line; walls of a case are no labels. */
const NEXT_LABEL =
  /;\s+(?=(?!front|top|rear|bottom|side|base|floor|roof)(?:\d[\d.]*"?[- ])?[A-Za-z][A-Za-z_ \d.,()/+"-]{2,44}:\s)/i

/** "Height: 154 mm / Fan: 120 mm": labels of their own between strokes; "SATA: 8 / HDD: 3" only counts. */
const NEXT_STROKE = new RegExp(
  [
    String.raw`(?<=:\s[^:]*)\s\/\s+(?=(?!front|top|rear|bottom|side|base|floor|roof)`,
    String.raw`[A-Z][A-Za-z]*(?: [A-Za-z]+){0,3}:\s(?!\d+\s*(?:\/|$)))`,
  ].join(''),
)

/** "Height: 158 mm, Width: 125 mm": sides one after the other. */
const NEXT_SIDE =
  /(?:,|(?<=\d[^/]{0,6})\s\/)\s+(?=(?:height|width|depth|length|thickness)\s*:\s*\d)/i

/** "Height 154 mm, 1 x 120 mm fan": behind a side what is counted is something else. */
const NEXT_THING = /(?<=^(?:height|width|depth|length|thickness)\b[\s:]+\d[^,]*),\s+(?=\d\s*x\s)/i

/** "+12 V: 62.5 A, +5 V/+3.3 V: 20 A/20 A": rails one after the other. */
const NEXT_RAIL = /,\s+(?=[+-]?(?:12|5|3[.,]3)\s?V(?:\s?SB)?[^;:]{0,16}:\s)/i

/** "Rear panel | - 1 x HDMI": a list begins in the cell and goes on below, under the same name. */
const BEGINS_A_LIST = /^([^|\t]{2,40}?)(?:\s*\|\s*|\t+|\s{3,})[-•·*]\s+(?=\S)/

/** What stands over the lines of a text, walked from its first to its last. */
class Headings {
  private under = ''
  /** Whether what stands under it is a list of points. */
  private isList = false

  constructor(private readonly lines: readonly string[]) {}

  private at = (line: number): string => this.lines[line] ?? ''
  private clean = (line: number): string => this.at(line).trim().replace(BULLET, '')

  /** Whether a line names what follows; only names in capitals or with a colon stand over all. */
  isOne(line: number, isFirst: boolean): boolean {
    const heading = headingOf(this.clean(line), line) ?? (isFirst ? null : this.overList(line))
    if (heading === null) return false
    this.under = heading
    this.isList = BULLET.test(this.lines.slice(line + 1).find(l => l.trim() !== '') ?? '')
    return true
  }

  private overList(line: number): string | null {
    if (footnoteMark(this.lines, line + 1) !== null) return null
    return overList(this.at(line), this.clean(line), this.lines[line + 1])
  }

  /** What stands over a line. What a heading has to say ends with the points under it. */
  over(line: number): string {
    const raw = this.at(line)
    if (this.isList && !BULLET.test(raw) && !/^\s/.test(raw)) {
      this.under = ''
      this.isList = false
    }
    this.under = BEGINS_A_LIST.exec(this.clean(line))?.[1] ?? this.under
    return this.under
  }
}

/** The points of a line as they stand in the sheet; all of the line where it is written otherwise. */
function pointsAsWritten(points: readonly string[], written: string): readonly string[] {
  const own = pointsOf(withoutMarks(written)) ?? []
  return points.map((_, n) => {
    const point = own.length === points.length ? own[n] : undefined
    return point !== undefined && written.includes(point) ? point : written
  })
}

/** A sentence's own characters in its line; all of the line where that was written otherwise. */
function verbatim(value: string, clean: string, written: string): string {
  if (written.includes(value)) return value
  const at = clean.indexOf(value)
  const same = written.slice(at, at + value.length)
  return at >= 0 && same.replace(/×/g, 'x') === value ? same : written
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
function overList(raw: string, clean: string, next = ''): string | null {
  const isShortName = isBelow(raw, next) && /^[^\d:|\t,]{2,28}$/.test(clean)
  const isOver = isShortName || HEADS.some(([name, below]) => name.test(clean) && below.test(next))
  return isOver ? clean : null
}
/** Whether a line stands deeper than the one over it, or begins a list of points. */
function isBelow(raw: string, next: string): boolean {
  const depth = (text: string): number => /^\s*/.exec(text)?.[0].length ?? 0
  const isPoint = BULLET.test(next) && !BULLET.test(raw)
  return next.trim() !== '' && (depth(next) > depth(raw) || isPoint)
}
const COUNTS = /^\s*(?:\d+\s*[x×]\s|[^:|\t]{2,20}:\s*\d+\s*[x×]\s)/
/** "Radiator support" over "Front: …", "Top: …". */
const OVER_WALLS = /^(?=.*\b(?:fans?|radiators?|cooling|liquid|water)\b)[^\d:|\t,.]{2,36}$/i
const AT_A_WALL = /^\s*(?:front|rear|top|bottom|side|roof)(?:\s*[:|\t]|\s+\d)/i
/** "Heat sink dimensions (without fan)" over the sides of it. */
const OVER_SIDES = /^(?=.*\b(?:dimensions?|size)\b)[^\d:|\t,.]{2,44}$/i
const A_SIZE = /^\s*(?:(?:height|width|depth|length)\s*:\s*)?\d[\d.,]*\s*(?:mm|cm|[x×]\s*\d)/i
/** "Internal connectors" over lines that count. */
/** Sections of boards, as makers head their lists: "Rear USB (total 9 ports)", "Storage related". */
const SECTION = new RegExp(
  [
    String.raw`^(?:(?:rear|front|back panel|internal) (?:USB|I\/O|connectors)(?: (?:ports|connectors))?`,
    String.raw`|USB|storage|memory|(?:onboard )?graphics|expansion slots?|slots?|ethernet|LAN`,
    String.raw`|wireless(?: (?:&|and) bluetooth)?|audio|miscellaneous|(?:[A-Za-z]+ ){1,3}related`,
    String.raw`|[A-Za-z\d-]+ chipset)(?:\s*\(total[^()]*\)|\s*[:-]\s*total \d+ ports?)?$`,
  ].join(''),
  'i',
)
/** "Back panel connectors" over a list in one line: "HDMI port, DisplayPort, four USB, …". */
const PLACE_OF_PORTS =
  /^(?:(?:rear|back|front)(?: panel)?|internal|on-?board) (?:I\/O|connectors|ports|headers|connections)$/i
/** What a section begins with: a count, a sum, a named socket, or a section within it. */
const BEGINS_A_SECTION = new RegExp(
  [COUNTS.source, String.raw`^\s*(?:total|M\.?2)`, SECTION.source].join('|'),
  'i',
)
const LIST_NAME =
  /^(?=.*\b(?:connectors|ports|headers|interfaces|sockets|I\/O|summary)\b)[^\d:|\t,.]{2,36}$/i

/** What names a list, and what such a list begins with. */
const HEADS = [
  [OVER_WALLS, AT_A_WALL],
  [OVER_SIDES, A_SIZE],
  [LIST_NAME, COUNTS],
  [SECTION, BEGINS_A_SECTION],
  [PLACE_OF_PORTS, /^(?![^,]{2,20}:).*,/],
] as const
