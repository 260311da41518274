// What a board's sheet says of its M.2 sockets: each on its own line, or a count and what the
// brackets say; what they switch off.
import { generationIn } from './named'
import { countedIn, groupsIn } from './m2-counts'
import { isOfPorts, portsIn, SWITCHES_OFF } from './m2-shuts'
import { whole, type Notes } from './notes'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { leadingCount } from './things'

/** Brackets that only tell what a socket switches off, or with which something else is otherwise. */
const SWITCHED =
  /\([^)]*(?:unavailable|disabled|\boff\b|shar(?:es|ed)|\b(?:if|when|while)\b)[^)]*\)/gi
/** "…, shares lanes with M2_4", "… when M2_4 is used": of a slot, and a socket only beside it. */
const BESIDE_IT = /\bshare[sd]?\b[^,;()]*\bwith\b[^,;()]*|\b(?:if|when|while|unless)\b[^,;()]*/gi
const namesM2 = (text: string): boolean =>
  /M\.2|\bM2(?:_\d|[A-D](?:_[A-Z]+)?)?\b/i.test(text.replace(SWITCHED, ''))
export const aboutM2 = (text: string): boolean => namesM2(text.replace(BESIDE_IT, ''))
/** A line that is about M.2 from its first words on: what follows there is about it too. */
export const allM2 = (s: Statement): boolean =>
  namesM2(s.label) || namesM2(phrasesOf(s.value)[0] ?? '')
/** "If M2_2 is occupied…" tells of a socket that another line has named. */
export const isCondition = (s: Statement): boolean =>
  /^\W*(?:notes?\b\W*)?(?:if|when|using|enabling|occupying|installing)\b/i.test(s.value) ||
  (s.label === '' &&
    /\b(?:is|are|will be) (?:disabled|unavailable|(?:switched )?off)\b/i.test(s.value)) ||
  (SWITCHES_OFF.test(s.value.replace(BRACKETS, '')) && !TELLS_OF_A_SOCKET.test(whole(s)))
/** "using the M.2 in SATA mode turns SATA_1 off" */
const isOnCondition = (phrase: string): boolean => /^\W*(?:if|when|using)\b/i.test(phrase)
const BRACKETS = /\([^)]*\)/g
/** What is only said where a socket is told of. */
const TELLS_OF_A_SOCKET = /PCI|\bgen\b|\bx\s?[24]\b|NVMe|\b22\d\d|\bkey\b|\d\s*x\s*M\.?2/i

/**
 * Reads all sockets of a sheet: `m2.0.lengths`, `m2.0.generation` and so on, and their number as
 * `m2`.
 */
export function readM2Sockets(sheet: Sheet, notes: Notes): void {
  const lines = sheet.statements.filter(s => aboutM2(whole(s)))
  const sockets = lines
    .filter(s => !isCondition(s))
    .flatMap(s => socketsOn(s).map(socket => ({ s, ...socket })))
    .filter(isFirstOfItsName)
    .filter(isNoTotal)
  sockets.forEach((socket, n) => {
    readSocket(socket.s, notes, socket, n)
    readShut(sheet, notes, { socket, n, isOnly: sockets.length === 1 })
  })
  const [first] = lines
  if (first && sockets.length > 0) notes.put(first, 'm2', sockets.length, 'pcs')
}

/** A socket that another line names again is no other one. */
function isFirstOfItsName({ own }: Socket, i: number, all: readonly Socket[]): boolean {
  const name = nameOf(own)
  return name === undefined || !all.slice(0, i).some(other => nameOf(other.own) === name)
}
interface SocketOfLine extends Socket {
  readonly s: Statement
}
/** "Supports 4 x M.2": beside sockets that are named one by one it is their sum. */
const isNoTotal = ({ own, s }: SocketOfLine, _: number, all: readonly SocketOfLine[]): boolean =>
  nameOf(own) !== undefined ||
  tells(own) ||
  NUMBERED.test(whole(s)) ||
  !(all.some(other => nameOf(other.own) !== undefined) || areToldElsewhere(s, all))
/** "3 x M.2 connectors": beside three that are told one by one. */
const areToldElsewhere = (s: Statement, all: readonly SocketOfLine[]): boolean => {
  const here = all.filter(other => other.s === s).length
  return here > 1 && all.filter(other => other.s !== s && tells(other.own)).length === here
}
/** Whether more is said of a socket than that it is there. */
const tells = (own: string): boolean =>
  TELLS_OF_A_SOCKET.test(own.replace(/\d\s*x\s*M\.?2/gi, '').replace(/\(?\bkey M\b\)?/gi, ''))
const nameOf = (text: string): string | undefined =>
  /^\W*M\.?2(?:_(\d)|([A-D])\b)/.exec(text)?.slice(1).find(Boolean)

const generationOf = (s: Statement, { own, group }: Socket): number | null =>
  generationIn(own) ??
  bareGeneration(own) ??
  (!group && allM2(s) && textsOf(s).length === 1 ? generationIn(s.value) : null)

function readSocket(s: Statement, notes: Notes, socket: Socket, n: number): void {
  const { own, shared, radio, isUnsure } = socket
  const lengths = lengthsIn(shared)
  if (lengths.length > 0) notes.put(s, `m2.${n}.lengths`, lengths)
  const path = `m2.${n}.generation`
  const value = generationOf(s, socket)
  if (isUnsure) notes.doubt(s, { path, value }, 'which of them has which is not said')
  else notes.put(s, path, value)
  const lanes = LANES.exec(own)?.[1]
  if (lanes !== undefined) notes.put(s, `m2.${n}.lanes`, Number(lanes))
  if (takesBoth(own)) notes.put(s, `m2.${n}.protocols`, ['NVMe', 'SATA'])
  if (radio) notes.put(s, `m2.${n}.keys`, ['E'])
}

/** "…, disables SATA 3/4": ports that are switched off are no protocol. */
const SHUT = /\b(?:disable[ds]?|shuts?|shares?|switch(?:es)? off|turns? off)\b[^;()]*/gi
const A_PORT = /\bSATA(?:6G)?_\d\S*/gi
/** "PCIe 3.0 x4, no SATA". */
const NO_SATA = /\b(?:no|not|without|but not) SATA\b|\bSATA (?:is )?not supported\b/gi
/** "Gen3x2/SATA". */
const GEN_OR_SATA = /\bgen\s?\d(?:\.\d)?(?:\s?x\s?\d)?\s*(?:\/|or|and|&)\s*SATA\b/i
function takesBoth(own: string): boolean {
  const said = own.replace(SHUT, '').replace(A_PORT, '').replace(NO_SATA, '')
  return (/SATA/i.test(said) && /PCI|NVMe/i.test(said)) || GEN_OR_SATA.test(said)
}

const LANES =
  /(?:(?:PCI(?:[- ]?Express|e|-E)?|Gen)\s?\d(?:\.\d)?|(?<![\d.])[2-7]\.0)\s*x\s?([124])\b/i

/** What a socket switches off, wherever the sheet says it: in a footnote or a line of its own. */
function readShut(
  sheet: Sheet,
  notes: Notes,
  {
    socket,
    n,
    isOnly,
  }: { readonly socket: SocketOfLine; readonly n: number; readonly isOnly: boolean },
): void {
  const said = [...sheet.footnotes.map(f => f.says), ...sheet.statements.map(x => x.value)]
  const { s } = socket
  const own = switchesOff(socket, isOnly, said)
  const shut = said.find(text => socketNamed(n).test(text) && isOfPorts(text)) ?? own
  // A line of several sockets says of each what stands behind its name.
  const ofIt =
    shut && textsIn(shut).length > 1 ? textsIn(shut).find(t => socketNamed(n).test(t)) : shut
  const ports = portsIn(ofIt !== undefined && SWITCHES_OFF.test(ofIt) ? ofIt : '')
  if (shut === undefined || ports.length === 0) return
  const told = shut === own ? s : sheet.statements.find(x => x.value === shut)
  notes.putFrom(asWritten(shut, told), s, `m2.${n}.shuts`, ports)
  for (const other of sheet.statements) if (other.value === shut) notes.use(other)
}

/** "SATA_3 and SATA_4 are off when it's in SATA mode": there is one socket that this can be of. */
const isOfTheOne = (text: string): boolean =>
  isOfPorts(text) && /\bM\.?2\b|\bit(?:['’]?s)?\b|\b(?:the|this) (?:socket|slot)\b/i.test(text)

/** The words themselves where they stand so in the sheet, else those of their line. */
const asWritten = (said: string, line: Statement | undefined): string =>
  line === undefined || line.words.includes(said) ? said : line.words

/** Where no name is needed: a line on the one socket there is, what is said of one of a told group. */
function switchesOff(
  { s, own, group }: SocketOfLine,
  isOnly: boolean,
  said: readonly string[],
): string | undefined {
  if (isOnly) return SWITCHES_OFF.test(s.value) ? s.value : said.find(isOfTheOne)
  return group && isOfPorts(own) ? own : undefined
}

/**
 * One socket: what is said of it alone, of it and those beside it, whether it is one of a told
 * group, whether it is for a radio.
 */
interface Socket {
  readonly own: string
  readonly shared: string
  readonly group: boolean
  readonly radio: boolean
  /** Whether what is said may be said of another beside it. */
  readonly isUnsure: boolean
}

/** A text names one of several sockets: "M2_2", "M2A_CPU". */
const NUMBERED = /\bM\.?2(?:[_ ]\d|[A-D](?:_[A-Z]+)?)\b/

const socketsOn = (s: Statement): readonly Socket[] =>
  textsOf(s).flatMap(text => socketsIn(text, s, NUMBERED.test(told(s))))

/** What stands behind each name of a socket in a line. */
const textsIn = (text: string): readonly string[] =>
  text.split(/(?=\bM\.?2(?:_\d|[A-D]\b))/).filter(t => /^M\.?2(?:_\d|[A-D]\b)/.test(t))

/** "M.2 2 x M.2 (…)": a row whose name stands before its value without a sign. */
const NAMED_TWICE = /^M\.?2\s+(?=\d\s*x\s*M\.?2\b)/i
const told = (s: Statement): string => whole(s).replace(NAMED_TWICE, '')
/** The texts of a line that are about sockets: one for each that is named, or the line, or phrases. */
function textsOf(s: Statement): readonly string[] {
  const each = textsIn(s.value.replace(NAMED_TWICE, ''))
  if (each.length > 1) return withShared(each.map(upToPorts))
  if (NUMBERED.test(told(s))) return [whole(s)]
  return aboutM2(s.label)
    ? [s.value]
    : wholeSockets(phrasesOf(s.value.replace(NAMED_TWICE, ''))).filter(
        p => aboutM2(p) && !isOnCondition(p),
      )
}

/** "M2_2 and M2_3 PCIe 4.0 x4": what is said behind the second is said of both. */
const withShared = (texts: readonly string[]): readonly string[] =>
  texts.reduceRight<readonly string[]>((after, text) => {
    const [next] = after
    const isBare = /^M\.?2(?:_\d|[A-D])\W*(?:and|or)?\W*$/i.test(text)
    return [isBare && next !== undefined ? `${text} ${next.replace(NUMBERED, '')}` : text, ...after]
  }, [])

/** "M2_2 (…), 4 x SATA": what is counted behind a socket is none of it. */
const upToPorts = (text: string): string => {
  const phrases = phrasesOf(text)
  const ports = phrases.findIndex((p, i) => i > 0 && /^\d+\s*x?\s*SATA/i.test(p))
  return ports < 0 ? text : phrases.slice(0, ports).join(', ')
}

/** What is for a radio. */
const RADIO = /key[- ]?E\b|\bE[- ]key|wlan|wi-?fi|CNVi/i

/** What a line says of the sockets that a text counts, where the text is all that is about them. */
const lineOf = (text: string, s: Statement): string =>
  allM2(s) && textsOf(s).length === 1 ? upToPorts(s.value) : text

function socketsIn(text: string, s: Statement, named: boolean): readonly Socket[] {
  const about = aboutM2(s.label) ? s.label : ''
  const told = countedIn(text, about)
  const count = named ? 1 : told.count
  const inside = /\(([^)]*)\)/.exec(text)?.[1] ?? ''
  const kinds =
    told.each ??
    groupsIn(named || told.isSum ? text : inside || lineOf(text, s), { count, aboutM2 })
  const group = kinds.length > 1
  const isUnsure =
    count > 1 && new Set(kinds).size === 1 && (areOtherwise(s, text) || isOfSome(inside, count))
  return Array.from({ length: count }, (_, i) => {
    const own = kinds[i] ?? kinds.at(-1) ?? text
    return {
      own: group ? own : `${own} ${text}`,
      shared: group && !/\b(?:both|all)\b/i.test(text) ? own : text,
      group,
      radio: RADIO.test(`${s.label} ${told.each ? own : text}`),
      isUnsure,
    }
  })
}

/** "3x M.2 (1x Gen5)", "2x M.2 (upper Gen4, lower Gen3)": what the brackets say is said of fewer. */
const isOfSome = (inside: string, count: number): boolean =>
  phrasesOf(inside).some(p => /^\d\s*x\b/.test(p) && (leadingCount(p) ?? count) < count) ||
  new Set(phrasesOf(inside).flatMap(p => generationIn(p) ?? [])).size > 1

const THE_OTHER = /^(?:the|one|another|top|bottom|front|rear|back|second|other)\b/i
/** "Two M.2: the front one takes 2280 at PCIe 5.0 x4, the one behind 2280 at PCIe 4.0 x4". */
function areOtherwise(s: Statement, text: string): boolean {
  const said = phrasesOf(s.value)
    .filter(p => p === text || (THE_OTHER.test(p) && /\b22\d{2,3}\b/.test(p)))
    .flatMap(p => generationIn(p) ?? [])
  return new Set(said).size > 1
}

/** Names the n-th socket: "M2_2", "M.2 slot 2", "M2B". */
const socketNamed = (n: number): RegExp =>
  new RegExp(`M\\.?2(?:(?:[_ #]|\\s(?:slot|socket)\\s)${n + 1}|${'ABCD'[n] ?? '-'})\\b`, 'i')

/** "4.0 x4" without the bus's name: what else has four lanes. */
const bareGeneration = (text: string): number | null => {
  const m = /(?<![\d.])([2-7])\.0\s*x\s?4\b/.exec(text)
  return m?.[1] ? Number(m[1]) : null
}
const STICKS = ['2230', '2242', '2260', '2280', '22110'] as const
/** The lengths of sticks that a text names; "up to 22110" names the shorter ones as well. */
function lengthsIn(text: string): readonly string[] {
  const most = /\bup to (?:M\.2 |type )?(22\d{2,3})\b/i.exec(text)?.[1]
  const [, from, to] = /\b(22\d{2,3})\s*(?:–|-|to)\s*(22\d{2,3})\b/.exec(text) ?? []
  const isBetween = (l: string): boolean => Number(l) > Number(from) && Number(l) < Number(to)
  return STICKS.filter(
    l =>
      new RegExp(`\\b${l}\\b`).test(text) ||
      (most !== undefined && Number(l) < Number(most)) ||
      isBetween(l),
  )
}

/**
 * "M.2 PCIe 3.0 x4 / SATA (2280)" is one socket: what only names a protocol goes with the phrase
 * before.
 */
const wholeSockets = (phrases: readonly string[]): readonly string[] =>
  phrases.reduce<readonly string[]>(
    (all, p) =>
      /^(?:SATA|NVMe)\b(?!.*\bports?\b)/i.test(p) && aboutM2(all.at(-1) ?? '')
        ? [...all.slice(0, -1), `${all.at(-1) ?? ''} / ${p}`]
        : [...all, p],
    [],
  )
