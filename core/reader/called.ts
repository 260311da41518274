// Whether a line names a part, and of which kind: "CPU: Quill Q9", "Gust 120 case fan, black".
import { formsIn, socketsIn } from './named'
import { inEnglish } from './in-english'
import { kindLabelled, kindNounsIn, type NamedKind } from './kind-words'
import { withoutMarks } from './markup'
import { withoutTimes } from './times'

/** What says something of a part where its name would stand: "CPU: Socket TERN-2". */
const NO_NAME = new RegExp(
  [
    String.raw`^(?:sockets?|supports?|supported|up to|max(?:imum)?|min(?:imum)?|dual|single|quad|for|yes|no`,
    String.raw`|none|integrated|onboard|G?DDR\d|U?R?DIMM|SATA|M\.2|NVMe|PCI(?:e|-E)?|USB|HDMI|DisplayPort`,
    String.raw`|PWM|RPM|front|rear|top|bottom|back|side|included|optional|see|not|all|any|steel|black|white`,
    String.raw`|length|height|width|depth|size|clearance|slots?|cores?|threads?|speed|type|brand|model`,
    String.raw`|form|TDP|headers?|boost|base|clock|capacity|memory|bus|bandwidth|cache|power|rated|net`,
    String.raw`|gross|weight|colou?r|material|warranty|series|family|architecture|interface|frequency`,
    String.raw`|latency|voltage|efficiency|inputs?|outputs?|channels?|generation|count|number|style|design`,
    String.raw`|noise|mounting|connectors?|cables?|support|the|this|our|new|with|without|your|my|total)\b`,
  ].join(''),
  'i',
)

/** "CORVO 5" is a family of processors, no socket. */
const A_FAMILY = /^[A-Z]+ \d$/
/** Whether what stands behind the word for a part is what it is called. */
export function isName(value: string): boolean {
  const name = withoutTimes(value)
  const [socket] = socketsIn(name)
  return (
    /^[A-Z][A-Za-z]/.test(name) &&
    !NO_NAME.test(name) &&
    (socket === undefined || A_FAMILY.test(socket) || !name.startsWith(socket)) &&
    formsIn(name.split(/\s/)[0] ?? '').length === 0
  )
}

/** "- CPU: …", "2. Case – …", "GPU | …". */
const LABELLED =
  /^\s*(?:[-•*]\s+|\d{1,2}[.)]\s+)?([A-ZÄÖÜa-z][A-Za-zÄÖÜäöüß.\d -]{1,24}?)\s*(?:[:|\t=]|\s[-–—]\s)\s*(\S.*)$/

/** A name behind the word for its kind. */
export interface LabelledName {
  readonly kind: NamedKind
  readonly label: string
  readonly name: string
}
/** The name of a part with what stands before it; null where a line is none of that sort. */
export function labelledName(line: string): LabelledName | null {
  const [, label = '', name = ''] = LABELLED.exec(withoutMarks(line)) ?? []
  const kind = kindLabelled(label)
  return kind !== null && isName(name) ? { kind, label: label.trim(), name } : null
}

/** The kind by whose word a line begins, without a sign behind it: "Processor Quill Q7, boxed". */
export function kindInFront(raw: string): NamedKind | null {
  const line = inEnglish(withoutTimes(withoutMarks(raw).replace(LIST_POINT, '')))
  const [first = ''] = line.split(SAID_OF_IT)
  const [noun] = kindNounsIn(first)
  const name = noun?.from === 0 ? first.slice(noun.to).trim() : ''
  return noun && isName(name) && /\d/.test(name) ? noun.kind : null
}

/** What stands before a name: a point, a number, a count. */
export const LIST_POINT = /^\s*(?:[-•*]\s+|\d{1,2}[.)]\s+)?/
/** Where what a thing is called ends, and what is said of it begins. */
const SAID_OF_IT = /[,;(|–—]|\s-\s|\s(?:with|incl\.?|including|for|w\/)\s/
/** "… graphics card length", "… fan header": not the part, but something of it. */
const SOMETHING_OF_IT = new RegExp(
  [
    String.raw`^[- ]?(?:length|height|width|depth|room|clearance|support|slots?|bays?|headers?|connectors?`,
    String.raw`|sockets?|places?|mounts?|shroud|cover|cage|holder|cables?|leads?|screws?|types?|sizes?`,
    String.raw`|speed|trays?|bracket|power|plugs?|ports?|adapt[eo]r|extension|splitter|test|review`,
    String.raw`|features?|compatib\w+|specs?)\b`,
  ].join(''),
  'i',
)
/** What a line counts is beside the part: "3 fans", "2x 120 mm fans". */
const IS_COUNTED = /^\s*(?:\d|one|two|three|four|no\b|dual|up to)/i
/** Named choices: a longer line is no title; behind so many points a title has said what it is. */
const LONGEST = 240
const POINTS = 3

/** The kind by whose noun a line calls a part behind its name; null where it calls none. */
export function kindBehind(raw: string): NamedKind | null {
  const line = inEnglish(withoutTimes(withoutMarks(raw).replace(LIST_POINT, '')))
  if (line.length > LONGEST || /[.!?:]\s*$/.test(line) || /^[^(,]{1,40}:\s/.test(line)) return null
  const [first = '', ...others] = line.split(SAID_OF_IT)
  if (!isCalled(first)) return null
  const points = [first, ...others.filter(o => !IS_COUNTED.test(o))].slice(0, POINTS)
  return points.map(nounOf).find(kind => kind !== null) ?? null
}

/** Whether the first words are a name, not only what the thing is. */
function isCalled(first: string): boolean {
  const [noun] = kindNounsIn(first)
  return isName(first) && noun?.from !== 0
}

/** The last noun that stands for the thing itself. */
function nounOf(text: string): NamedKind | null {
  const noun = kindNounsIn(text)
    .filter(n => !SOMETHING_OF_IT.test(text.slice(n.to)))
    .at(-1)
  return noun?.kind ?? null
}
