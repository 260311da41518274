// One line of a sheet as labels and values: cells of a row, what stands before a colon, sentences without any.
import { capital } from '../figures/format'
import { labelledName } from './called'
import { oneOf, opening } from './pattern'
import { BULLET } from './markup'

/** What holds the cells of a row apart; two spaces behind a full stop or a comma do not. */
const CELLS = /\s*\|\s*|\s*(?:\.{3,}|…+)\s*:?\s*|\s+\.\.\s+|\t+| {3,}|(?<=[\w)"″°%]) {2}(?=\S)/

/** A label and its value; the label is empty in running text. */
type Entry = readonly [label: string, value: string]

/** Label and value; or sentences without labels. */
export function entriesOf(said: string): readonly Entry[] {
  const line = said.replace(LETTERED, '').replace(NUMBERED_POINT, '').replace(ELLIPSIS, ',')
  return (
    splitKind(line) ??
    splitCells(line) ??
    splitQuestion(line) ??
    splitColon(line) ??
    splitSpaced(line) ??
    unlabelled(sentences(line))
  )
}

/** "B: CPU 4+4, 450 mm": a lead's letter names nothing of it. */
const LETTERED =
  /^(?:(?:cable|lead)\s+)?[A-H]\d?:\s+(?=.*(?:\d[- ]?pin|\bSATA|\bPCIe|\bCPU\b|\bmolex|\bperipheral|12V-2x6))/i

/** "Bullet 2: three 120 mm fans", "Feature 1. …". */
const NUMBERED_POINT = /^(?:bullet(?: point)?|point|feature|highlight)\s*\d{1,2}\s*[:.)–-]\s+/i

/** "4.5 A per channel... total 60 W": a sentence that hesitates; dots that lead to a value stand alone. */
const ELLIPSIS = /(?<=[a-z])(?:\.{3}|…)(?= [a-z])/g

/** "GPU - Bittern 70": the word for a part, and what it is called. */
function splitKind(line: string): readonly Entry[] | null {
  const named = /^[^:|\t]*\s[-–—]\s/.test(line) ? labelledName(line) : null
  return named && [[named.label, named.name]]
}

const unlabelled = (texts: readonly string[]): readonly Entry[] =>
  texts.flatMap(text => splitColon(text) ?? spokenEntries(text) ?? [['', text] as const])

/** "The cable length is 400 mm.": what a sentence tells of one figure or thing by its name. */
const SPOKEN_ENTRY =
  /^(?:The|Its|Their)\s+([^,;:]{2,48}?)\s+(?:is|are|measures|comes to|amounts to)\s+(\S.*?)\.?$/
function spokenEntries(text: string): readonly Entry[] | null {
  const [, label, value] = SPOKEN_ENTRY.exec(text) ?? []
  if (label === undefined || value === undefined) return null
  if (/\b(?:is|are|has|which|that)\b/.test(value)) return null
  if (!OF_A_PART.test(label) || !/^\d/.test(value)) return [[capital(label), value]]
  return [
    ['', label],
    [A_PRODUCT.test(value) ? 'Dimensions' : '', value],
  ]
}
/** "The Sorrel Vanta 70 measures …": what is told of is the part itself, by its name. */
const OF_A_PART = /^[A-Z][a-z]+ (?:\S+ )*[A-Z]*\d/
const A_PRODUCT = /^\d[\d.,]*\s*(?:mm|cm)?\s*(?:x|by)\s*\d/i

/** Rows whose cells go on in groups, each with a name of its own. */
const OF_GROUPS = /i\/o|expansion|storage|panel|ports|connectors|headers/i

/** "Internal I/O | Fans: 1 x 4-pin": the cell's own name stands with its row's. */
function groupIn(first: string, rest: readonly string[]): Entry | null {
  const [only = ''] = rest.length === 1 && OF_GROUPS.test(first) ? rest : []
  const [, name, value] = /^([A-Z][^:,(]{2,30}):\s+(\S.*)$/.exec(only) ?? []
  return name === undefined || value === undefined ? null : [`${first}, ${name}`, value]
}

/** "TDP: 120 W" as a cell, not "Front: 360": walls go on with what stands before them. */
const OWN_NAME = /^(?!front|rear|back|top|bottom|side|roof|floor)[A-Za-z][^:|]{1,40}:\s+\S/i

/** Named choice: so many cells behind one that is a figure already are points in one line. */
const POINTS = 2
const A_FIGURE =
  /\d\s*(?:mm|cm|W|A|GB|TB|GHz|MHz|RPM|CFM|dBA?)\b|^\d{2,3}\s*x\s*\d{2,3}\s*x\s*\d{2,3}$/i

/** "How tall can the cooler be? 175 mm." */
const QUESTION = new RegExp(
  [
    String.raw`^((?:and (?:the )?)?(?:how|which|what|where|does|is|are|can|will|do|any|power|and)`,
    String.raw`\b[^?:|()]{3,65})\?\s+(\S.*)$`,
  ].join(''),
  'i',
)
/** "How tall is it?": which side of the part itself is asked for. */
const OF_ITSELF: readonly (readonly [RegExp, string])[] = [
  [/^how (?:tall|high)(?: is it)?$/i, 'Height'],
  [/^how (?:wide|broad)(?: is it)?$/i, 'Width'],
  [/^how (?:deep|long)(?: is it)?$/i, 'Length'],
  [/^how thick(?: is it)?$/i, 'Thickness'],
  [/^how (?:heavy|much does it weigh)(?: is it)?$/i, 'Weight'],
]
/** "How wide? 125 mm. Depth 104 mm": the answer ends where the next side is told. */
const asked = (side: string, value: string): readonly Entry[] => {
  const [own = value, ...more] = sentences(value)
  return [[side, own], ...more.flatMap(entriesOf)]
}
/** "Longest card? 360 mm". */
const SHORT_QUESTION = /^([A-Z][A-Za-z/-]*(?: [A-Za-z/-]+){0,4})\?\s+(\S.*)$/
function splitQuestion(line: string): readonly Entry[] | null {
  const [, label, value] = QUESTION.exec(line) ?? SHORT_QUESTION.exec(line) ?? []
  if (label === undefined || value === undefined) return null
  const side = OF_ITSELF.find(([asked]) => asked.test(label))?.[1]
  return side === undefined ? [[label, value]] : asked(side, value)
}

/** A row of a table: the first cell is the label, unless it brings a label and a value itself. */
function splitCells(line: string): readonly Entry[] | null {
  const [first = '', ...rest] = line
    .split(CELLS)
    .map(c => c.trim())
    .filter(Boolean)
  if (rest.length === 0) return null
  const isFigure = A_FIGURE.test(first.replace(/\([^()]*\)/g, ''))
  if (rest.length >= POINTS && isFigure) return [first, ...rest].flatMap(entriesOf)
  // A row that begins with a size names nothing.
  if (/^\d+\s*x\s*\d+[^a-z]*mm$/i.test(first)) return [['', [first, ...rest].join(', ')]]
  const inGroup = groupIn(first, rest)
  if (inGroup) return [inGroup]
  if ([first, ...rest].filter(cell => OWN_NAME.test(cell)).length > 1 && OWN_NAME.test(first))
    return [first, ...rest].flatMap(entriesOf)
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
  if (label === undefined || value === undefined) return null
  if (isSentence(label) || !isClosed(label)) return null
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

/** Names that stand before their value without any sign, and what such a value begins with. */
const NAMED = new RegExp(
  [
    String.raw`^(front|top|rear|bottom|side)\s+((?:up to |max\.? )?\d.*)$`,
    String.raw`^((?:M\/B|motherboard|mainboard) (?:support|compatibility))\s+([EM]?[A-Z].*)$`,
    String.raw`^((?:bus )?interface|bus(?: standard)?)\s+(PCI.*)$`,
    String.raw`^((?:socket )?compatibility|(?:CPU )?sockets?(?: support)?)\s+([A-Z]{2,}[- ]?\d.*)$`,
  ].join('|'),
  'i',
)

function splitSpaced(line: string): readonly Entry[] | null {
  const named = NAMED.exec(line)?.slice(1).filter(Boolean)
  const [, name, figure] = BY_ITS_UNIT.exec(line) ?? []
  if (name !== undefined && figure !== undefined) return [[nameOf(name), withUnit(name, figure)]]
  const [, label, value] = named ? ['', ...named] : (SPACED.exec(line) ?? [])
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
/** "Average operating power (W) 7.3": the unit in brackets ends the name. */
const BY_ITS_UNIT =
  /^([A-Z][^:|\t]{3,50}\((?:[^()]*[,/]\s*)?(?:W|A|V|mm|cm|g|kg|GB|TB|MB|RPM|MHz)(?:[,/][^()]*)?\))\s+(\d.*)$/
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
/** Whether a label says which figure or thing stands behind it. */
export const namesAFigure = (label: string): boolean => LABEL_WORDS.test(label)

/** Whether every bracket of a name closes in it. */
const isClosed = (name: string): boolean =>
  [...name].filter(c => c === '(').length === [...name].filter(c => c === ')').length
/** How long a thing is has two words. */
const ALONG = /^(?:length|depth)$/i
/** "Height / Höhe": of a label in two languages the one that is read. */
function inOneLanguage(label: string): string {
  const names = label.split(/\s+\/\s+/)
  if (names.length !== 2 || !names.every(isClosed)) return label
  if (names.every(name => ALONG.test(name))) return 'Length'
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
  if (!unit) return value
  if (BARE_FIGURES.test(value)) return `${value.trim()} ${unit}`
  const each = value.split(/,\s+/)
  return each.length > 1 && each.every(e => NAMED_FIGURE.test(e))
    ? each.map(e => `${e.trim()} ${unit}`).join(', ')
    : value
}
/** "Idle 3.0": a figure of its own name, of the unit that the label promises. */
const NAMED_FIGURE = /^\s*[A-Za-z][A-Za-z /-]*\s\d+(?:[.,]\d+)?\s*$/

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
    String.raw`(?<=\d ?(?:W|A|V|mm|cm|g|kg|GB|TB)\.)\s+(?=\d)`,
  ].join('|'),
)
/** A name alone behind a semicolon goes on with the list: "TERN-2, TERN-3; KNOT-5"; so does what is in brackets. */
const BEHIND_SEMICOLON = /;\s+(?![^()]*\))(?![A-Z]{2,}[- ]?\d+[A-Z]?\s*(?:$|;))/
const sentences = (line: string): readonly string[] =>
  line
    .split(SENTENCE)
    .flatMap(s => s.split(BEHIND_SEMICOLON))
    .map(s => s.trim())
    .filter(Boolean)
