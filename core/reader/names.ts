// What a part is called and who makes it: by labels, else from the title.
import type { Notes } from './notes'
import { isName } from './called'
import { kindLabelled, kindNounsIn } from './kind-words'
import {
  CAPACITY,
  CAPACITY_IN_FRONT,
  FIGURE_STOP,
  HEAD_IN_FRONT,
  HEADING_WORD,
  LEADING_KIND,
  NO_NAME,
  RADIO_STOP,
  STOPS,
} from './name-words'
import { only, opening } from './pattern'
import type { Sheet, Statement } from './statements'
import { withoutTimes } from './times'

/** What a part is called where a text says it. */
interface Title {
  readonly maker: string | null
  readonly model: string
  /** Whether the model stood in quotation marks: then it is one name, whatever words are in it. */
  readonly quoted?: boolean
}

/** Behind the word for a kind a number goes on with the name: "Alder Tower 6". */
const GOES_ON = /^\s\d{1,3}(?=$|\s*[,;(]|\s[-–—A-Z])(?!\s*(?:[GT]B|W|V|MHz|MT)\b)/
/** Where the word for its kind begins; null where there is none, or where it is of the name. */
function kindAt(text: string): number | null {
  const noun = kindNounsIn(text).find(
    ({ from, to }) => /\s/.test(text.charAt(from - 1)) && !GOES_ON.test(text.slice(to)),
  )
  return noun ? text.slice(0, noun.from).trimEnd().length : null
}
/** "Wi-Fi card Merle W6": the word for it, and what it is called. */
function withoutKindInFront(said: string): string {
  const text = said.replace(HEAD_IN_FRONT, '').replace(CAPACITY_IN_FRONT, '')
  const [noun] = kindNounsIn(text)
  return noun?.from === 0 ? text.slice(noun.to) : text.replace(LEADING_KIND, '')
}

const MAKER_LABEL = only(
  ...[/maker/, /manufacturer/, /brand/, /hersteller(?: \/ maker)?/, /vendor/, /make/],
)
const NUMBER_LABEL = only(/(?:part|article|order|product) (?:number|no\.?|code)/, /MPN/, /SKU/)
const NAME_LABEL = only(
  ...[/model/, /model name/, /model number/, /processor number/, /board name/, /name/],
  ...[/product(?: name)?/, /series/, /part/, /device/, /title/],
)
/** Labels of a kind under which its name may stand further down. */
const KIND_LABEL = only(/cpu/, /processor/, /gpu/, /case/)
const MODEL_LABEL = opening(/model\b/)
const SERIES = only(/series/)

export interface Naming {
  readonly kind: string | null
  /** The makers that are known. */
  readonly makers: readonly string[]
}

/**
 * Maker and model: by their labels, else from the first line that names a maker that is known, else
 * from the first line at all.
 */
export function readNames(sheet: Sheet, notes: Notes, naming: Naming): void {
  const isModelTold = sheet.statements.some(s => MODEL_LABEL.test(s.label))
  for (const s of sheet.statements) {
    readSentence(s, notes)
    // A series is the name of several: the model is this one's.
    if (!(isModelTold && SERIES.test(s.label))) readLabelled(s, notes, naming)
  }
  if (notes.has('model')) return
  const named = titleLine(sheet, naming.makers)
  if (named) readTitle(named, notes, naming)
}

/** "Made by Kelder, model Longreed 52": names in running text. */
function readSentence(s: Statement, notes: Notes): void {
  if (s.label !== '' || s.line === 1) return
  notes.put(s, 'maker', /\b(?:made by|manufacturer|brand)\s+([A-Z][\w&-]+)/i.exec(s.value)?.[1])
  notes.put(
    s,
    'model',
    /(?<!(?:[Ff]an|[Pp]ump|[Cc]ontroller) )\bmodel\s+([A-Z][\w -]*)/.exec(s.value)?.[1]?.trim(),
  )
}

function readLabelled(s: Statement, notes: Notes, { kind, makers }: Naming): void {
  if (NUMBER_LABEL.test(s.label))
    notes.doubt(
      s,
      { path: 'model', value: s.value },
      'this is its number in a catalogue; its name may be another',
    )
  if (MAKER_LABEL.test(s.label)) notes.put(s, 'maker', s.value)
  if (kindLabelled(s.label) !== null && !NAME_LABEL.test(s.label)) {
    readUnderKind(s, notes, { kind, makers })
    return
  }
  if (!NAME_LABEL.test(s.label)) return
  putNames(
    s,
    notes,
    MODEL_LABEL.test(s.label)
      ? calledIn(s.value, makers)
      : titleOf(withoutTimes(s.value), kind, makers),
  )
}

/** Under the word for a kind a text may say much that is no name, but for a maker that is known. */
function readUnderKind(s: Statement, notes: Notes, { kind, makers }: Naming): void {
  const title = titleOf(withoutTimes(s.value), kind, makers)
  if (title.maker !== null) {
    if (s.line === 1 || KIND_LABEL.test(s.label)) putNames(s, notes, title)
  } else if (s.line === 1 && isName(s.value)) guessNames(s, notes, title)
}

function putNames(s: Statement, notes: Notes, { maker, model }: Title): void {
  notes.put(s, 'maker', maker)
  if (model !== '') notes.put(s, 'model', model)
}

/** Named choice: so many lines from the top a title may stand. */
const TITLE_LINES = 4

/** "Home > Components > Cases": where a page stands in a shop. */
const PATH_OF_PAGES = /\S\s[>›»]\s.*\s[>›»]\s/

/** The line that is the title: one that names a known maker, else the first that is more than a heading. */
function titleLine(sheet: Sheet, makers: readonly string[]): Statement | null {
  const namesMaker = (s: Statement): boolean => makerIn(`${s.label} ${s.value}`, makers) !== null
  // A first line that is nothing but the kind is a heading; the title stands below it.
  const isHeading = (s: Statement): boolean =>
    PATH_OF_PAGES.test(s.value) ||
    (s.label === '' && kindLabelled(s.value) !== null) ||
    (s.label === '' && s.value.split(/[\s/]+/).every(w => NO_NAME.test(w) || HEADING_WORD.test(w)))
  const known = sheet.statements.slice(0, TITLE_LINES).find(namesMaker)
  if (known) return known
  const first = sheet.statements.find(s => !isHeading(s))
  // A line with a label is no title, unless it names a maker that is known.
  return first && (first.label === '' || isTitleRow(first)) ? first : null
}

/** "Fennel Box 12      small tower": the name in a cell, and what it is in the next. */
const isTitleRow = ({ label, value, line }: Statement): boolean =>
  line === 1 &&
  isName(label) &&
  kindLabelled(label) === null &&
  kindNounsIn(value).length > 0 &&
  !/\d/.test(value)

function readTitle(named: Statement, notes: Notes, { kind, makers }: Naming): void {
  const title = titleOf(titleText(named, makers), kind, makers)
  if (title.maker !== null && !notes.has('maker')) notes.put(named, 'maker', title.maker)
  if (title.model === '') return
  if (notes.has('maker')) notes.put(named, 'model', title.model)
  else guessNames(named, notes, title)
}

/** Nobody known makes it: perhaps the first word of the title does. */
function guessNames(named: Statement, notes: Notes, { model, quoted = false }: Title): void {
  const words = model.split(/\s+/)
  const [first = '', ...rest] = words
  // A word for the kind is no name.
  if (NO_NAME.test(first)) return
  const split = !quoted && rest.length > 0
  if (split)
    notes.doubt(
      named,
      { path: 'maker', value: first },
      'taken from the first word of the title: this maker is not known',
    )
  notes.doubt(
    named,
    { path: 'model', value: split ? rest.join(' ') : model },
    'taken from the title',
  )
}

/** A title before a colon is whole; a maker alone in its cell goes on in the next. */
function titleText(s: Statement, makers: readonly string[]): string {
  if (s.label === '') return s.value
  if (isTitleRow(s)) return s.label
  const both = `${s.label} ${s.value}`
  if (/^\d+(?:[.,]\d+)?\s*[GT]B$/.test(s.value)) return both
  const maker = makerIn(s.label, makers)
  return maker && s.label.length > maker.at + maker.words.length + 1 ? s.label : both
}

/** Where a text names a maker that is known: the longest name first, as a word of its own. */
function makerIn(
  text: string,
  makers: readonly string[],
): { readonly at: number; readonly words: string } | null {
  const isApart = (at: number, length: number): boolean =>
    !/\w/.test(text.charAt(at - 1)) && !/\w/.test(text.charAt(at + length))
  for (const maker of [...makers].sort((a, b) => b.length - a.length)) {
    const at = text.toLowerCase().indexOf(maker.toLowerCase())
    if (maker !== '' && at >= 0 && isApart(at, maker.length))
      return { at, words: text.slice(at, at + maker.length) }
  }
  return null
}

/**
 * What is labelled a model is its name as a whole, but for the maker before it and what commas and
 * brackets add.
 */
function calledIn(text: string, makers: readonly string[]): Title {
  const maker = makerIn(text, makers)
  const rest = maker ? text.slice(maker.at + maker.words.length) : text
  return { maker: maker?.words ?? null, model: rest.split(/\s*[,;(]/)[0]?.trim() ?? '' }
}

const QUOTED = /(?:(?<=\s|^)['‘]|["“„«])([^"“”„«»'‘’]{2,40})["”“»'’](?=\s|$)/

function titleOf(text: string, kind: string | null, makers: readonly string[]): Title {
  const found = makerIn(text, makers)
  const maker = found?.words ?? null
  const quoted = QUOTED.exec(text)?.[1]
  if (quoted && !/^\s*[x×\d]/.test(quoted)) return { maker, model: quoted, quoted: true }
  const behind = found
    ? text.slice(found.at + found.words.length)
    : withoutKindInFront(text).replace(/^[-–—:|\s]+/, '')
  const whole = behind.replace(/\t/g, ' ').trim()
  const byPower = found || kind !== 'supply' ? undefined : NAME_AND_POWER.exec(whole)?.[0]
  const model = (byPower ?? whole.slice(0, endOfName(whole, kind))).replace(/\s+/g, ' ')
  return { maker, model: model.replace(/[.,:]$/, '').trim() }
}

/** "Reedmace 850W Gold": a supply of one word is told apart by its power. */
const NAME_AND_POWER = /^[A-Z][A-Za-z]+ \d{3,4} ?W(?![a-z])/

/** Where a name ends: before what the thing is, before its first figure, before a comma or a dash. */
function endOfName(text: string, kind: string | null): number {
  // A drive is told apart by its size: that belongs to its name where it follows directly.
  const capacity = kind === 'drive' ? CAPACITY.exec(text) : null
  const figure = FIGURE_STOP.exec(text)
  const byKind = kindAt(text)
  const ends = [
    STOPS.exec(text),
    byKind === null ? null : { index: byKind },
    kind === 'board' ? null : RADIO_STOP.exec(text),
    figure && capacity && figure.index >= capacity.index ? null : figure,
    /\s*[,:;(]|\s[-–—|]\s/.exec(text),
  ].flatMap(m => (m ? [m.index] : []))
  const end = Math.min(text.length, ...ends)
  return capacity && capacity.index <= end ? capacity.index + capacity[0].length : end
}
