// The slots of a board: how long each is, how many lanes reach it, of which generation.
import { generationIn } from './named'
import { aboutM2, allM2, isCondition } from './m2'
import type { Notes } from './notes'
import { clausesOf } from './phrases'
import type { Statement } from './statements'
import { countOf, leadingCount, wordNumber } from './things'

/** "One x16 slot (PCIe 4.0)", "one x1 (PCIe 3.0)": counted by their length, the bus behind. */
const COUNTED_BY_LENGTH =
  /^(?:\d|one|two|three|four)\s+(?:x\s+)?()()x(16|8|4|1)(?: slots?)?\s*\((?:from the \w+, )?PCI(?:-?e| Express)\s?\d/i
/** "x16 slot", "PCIe 5.0 x16": groups are the bus, its generation, the size. */
export const isSlot = (phrase: string): RegExpExecArray | null =>
  /^()()x(16|8|4|1) slots?$/i.exec(phrase) ??
  COUNTED_BY_LENGTH.exec(phrase) ??
  /^(?:(?:\d(?:st|nd|rd|th)|first|second|third|fourth) )?slot ()()x(16|8|4|1)$/i.exec(phrase) ??
  /(PCI(?:[- ]?Express|e|-E)?)\s*(?:(?:Gen\s?)?(\d)(?:\.\d)?)?\s*(?:x\s?(16|8|4|1)\b)/i.exec(phrase)

/** "x16 size but x4 from the chipset": no four of them. */
const ONLY_LANES = /\b(?:but|only|just) x\d+\b/gi

/** How many lanes reach a slot, where that is said apart from its length. */
const LANES = new RegExp(
  [
    [
      String.raw`\(\s*(?:(?:from|via|by) )?(?:(?:the )?(?:CPU|processor|chipset|PCH),?\s+)?`,
      String.raw`x\s?(\d+)(?:\s*mode|\s*electrical\w*|\s*lanes?)?\s*\)`,
    ].join(''),
    String.raw`x(\d+) mode`,
    String.raw`\b(?:but|only|just) x(\d+)\b`,
    String.raw`(?:x(?=\d+ electrical)|at x(?=\d+\b)|(?:electrical(?:ly)?|wired)(?: as| for)? x)(\d+)`,
    String.raw`\b(one|two|four|eight|sixteen) lanes`,
  ].join('|'),
  'i',
)
/** "PCIe 4.0 x4 (x16 length)": the brackets tell the socket, what stands before them the lanes. */
const SOCKET = new RegExp(
  [
    String.raw`\b(?:in )?x(16|8|4)(?: |-)(?:length|long|physical|mechanical|connector|sized?|slot\))`,
    String.raw`\b(?:physical|mechanical)(?:ly)? x(16|8|4)\b`,
  ].join('|'),
  'i',
)

/** Reads the slots of a statement, numbered from `from`; returns the number after the last. */
export function readSlots(s: Statement, notes: Notes, from: number): number {
  if (allM2(s) || isCondition(s)) return from
  return slotPhrases(s).reduce((n, phrase) => readPhrase(s, notes, phrase, n), from)
}

/** "PCIe x16 | 2 (1 x PCIe 5.0 x16, 1 x PCIe 4.0 x4)": the brackets tell each of them. */
function slotPhrases(s: Statement): readonly string[] {
  const [, each] = (isSlot(s.label) && ONE_BY_ONE.exec(s.value)) || []
  return clausesOf(each ?? s.value)
}
const ONE_BY_ONE = /^\s*\d\s*\((\s*\d\s*x\s[^()]*,\s*\d\s*x\s[^()]*)\)\s*$/i

/** What a phrase on slots says: how many, how long, with how many lanes. */
interface SlotPhrase {
  readonly count: number
  readonly long: string
  readonly lanes: number | null
  readonly generation: number | null
}

/** "PCI_E2 Gen PCIe 4.0 supports up to x4": of slots that were counted before, one by one. */
const ONE_OF_THEM =
  /^\s*PCI_?E_?\d\b[^()]*?\b(?:Gen|PCIe)\s?(\d)(?:\.\d)?[^()]*?\bx\s?(16|8|4|2|1)\b/i

function readOneOfThem(s: Statement, notes: Notes, phrase: string, counted: number): boolean {
  const [, generation, lanes] = ONE_OF_THEM.exec(phrase) ?? []
  const open = Array.from({ length: counted }, (_, n) => n).find(
    n => !notes.has(`slots.${n}.generation`),
  )
  if (generation === undefined || open === undefined) return false
  notes.put(s, `slots.${open}.generation`, Number(generation))
  if (notes.value(`slots.${open}.size`) !== `x${lanes}`)
    notes.put(s, `slots.${open}.lanes`, Number(lanes))
  return true
}

function readPhrase(s: Statement, notes: Notes, phrase: string, from: number): number {
  if (readOneOfThem(s, notes, phrase, from)) return from
  const said = slotsIn(s, phrase)
  if (!said) return from
  const { count, long, lanes, generation } = said
  const nth = count > 1 ? nthIn(phrase, count) : null
  const isOneOfSeveral = count > 1 && /\bx\d+\s*\/\s*x?\d+\s*modes?\b/i.test(phrase)
  for (let n = from; n < from + count; n++) {
    const path = `slots.${n}.lanes`
    notes.put(s, `slots.${n}.size`, `x${long}`)
    if (isOneOfSeveral)
      notes.doubt(s, { path, value: lanes }, 'which of them has which is not said')
    else if (nth) notes.put(s, path, n === from + nth.at ? nth.lanes : null)
    else if (lanes !== Number(long)) notes.put(s, path, lanes)
    if (count > 1 && ONE_IS_OTHERWISE.test(phrase))
      notes.doubt(
        s,
        { path: `slots.${n}.generation`, value: generation },
        'which of them has which is told apart',
      )
    else notes.put(s, `slots.${n}.generation`, generation)
  }
  return from + count
}

/** "2 PCIe x16 (2nd runs at x4)", "(lower one x4)": of which of them the lanes are said. */
const NTH =
  /\b(1st|2nd|3rd|4th|first|second|third|upper|top|lower|bottom|last)\b[^(),;]{0,24}?\bx(16|8|4|2|1)\b/i
const ORDINALS: Readonly<Record<string, number>> = {
  ...{ '1st': 0, first: 0, upper: 0, top: 0, '2nd': 1, second: 1, '3rd': 2, third: 2, '4th': 3 },
}
function nthIn(
  phrase: string,
  count: number,
): { readonly at: number; readonly lanes: number } | null {
  const [, word = '', lanes] = NTH.exec(phrase) ?? []
  return lanes === undefined
    ? null
    : { at: ORDINALS[word.toLowerCase()] ?? count - 1, lanes: Number(lanes) }
}

/** "3 x PCIe x16 (slots 1 and 2 Gen5, slot 3 Gen4)". */
const ONE_IS_OTHERWISE =
  /\bslots? \d\b[^;,]*\b(?:Gen|PCIe) ?\d[^()]*\bslots? \d\b[^;,]*\b(?:Gen|PCIe) ?\d/i
/** "PCIEX16_2 (PCIe 3.0 x4)": the name tells the length. */
const NAMED_BY_LENGTH = /\bPCI_?E_?X(16|8|4|1)(?:_\d|\(G\d\))?(?=\s*[(:])/i
/** "PCIEX16_1 (CPU, Gen5 x16)": its generation and its lanes behind the name. */
const BEHIND_NAME =
  /\bPCI_?E_?X(?:16|8|4|1)(?:_\d)?\s*[(:][^()]*?(?:Gen\s?|PCIe\s?)?(\d)(?:\.\d)?\s*x\s?(16|8|4|2|1)\b/i

/** "(x16, or x8 when M.2_2 is in use)": another socket in brackets is only a condition. */
const withoutBrackets = (phrase: string): string => phrase.replace(/\([^()]*\)/g, '')
const isOfAnotherKind = (phrase: string): boolean =>
  aboutM2(withoutBrackets(phrase)) || /radio|wi-?fi|key e|\b22(?:30|42|60|80|110)\b/i.test(phrase)

function slotsIn(s: Statement, phrase: string): SlotPhrase | null {
  if (isOfAnotherKind(phrase)) return null
  const inPhrase = isSlot(phrase)
  const m = inPhrase ?? (/^\s*\d/.test(phrase) ? isSlot(s.label) : null)
  if (!m) return slotByName(phrase)
  const [, bus, , size = ''] = m
  const counted = phrase.replace(ONLY_LANES, lanes => ' '.repeat(lanes.length))
  const ownCount = inPhrase && bus !== '' ? countOf(counted, m) : leadingCount(phrase)
  const socket = socketBeside(phrase, inPhrase) ?? socketOfLabel(s.label, size)
  return {
    count: ownCount ?? 1,
    long: socket ?? size,
    lanes: socket ? Number(size) : lanesIn(phrase),
    generation: generationOf(m, phrase, s.label),
  }
}

/** Under a label that names the slot, a smaller number is that of its lanes. */
function socketOfLabel(label: string, size: string): string | undefined {
  const named = isSlot(label)?.[3] ?? NAMED_BY_LENGTH.exec(`${label}:`)?.[1]
  return named !== undefined && Number(named) > Number(size) ? named : undefined
}

function slotByName(phrase: string): SlotPhrase | null {
  const long = NAMED_BY_LENGTH.exec(phrase)?.[1]
  const [, generation, lanes] = BEHIND_NAME.exec(phrase) ?? []
  if (long === undefined || lanes === undefined) return null
  return { count: 1, long, lanes: Number(lanes), generation: Number(generation) }
}

/** The length of a slot, where it is told beside its bus. */
function socketBeside(phrase: string, bus: RegExpExecArray | null): string | undefined {
  const byName = NAMED_BY_LENGTH.exec(phrase)?.[1]
  if (byName !== undefined) return byName
  const behind = bus ? bus.index + bus[0].length : 0
  const beside = bus ? `${phrase.slice(0, bus.index)} ${phrase.slice(behind)}` : phrase
  return SOCKET.exec(beside)?.slice(1).find(Boolean)
}

/** "supports x16 or x8/x4/x4 modes": of several the first, with nothing beside it. */
const SEVERAL_MODES = /\bx(\d+)(?:\s*mode)?\s*(?:or|and|,|\/)\s*x?\d+/i

function lanesIn(phrase: string): number | null {
  const alone = SEVERAL_MODES.exec(phrase)?.[1]
  if (alone !== undefined && /\bmodes?\b/i.test(phrase)) return Number(alone)
  const [, bracket, mode, only, electrical, spelt] = LANES.exec(phrase) ?? []
  const digits = bracket ?? mode ?? only ?? electrical
  if (digits !== undefined) return Number(digits)
  return spelt === undefined ? null : wordNumber(spelt)
}

function generationOf(m: RegExpExecArray, phrase: string, label: string): number | null {
  const said = m[2] || /\((\d)\.0\b/.exec(phrase)?.[1]
  return said ? Number(said) : (generationIn(phrase) ?? generationIn(label))
}
