// A board's sheet: form and size, socket, memory. Slots, headers and M.2 sockets: board-slots.ts,
// board-headers.ts, m2.ts.
import { isRemark } from './common'
import { formsIn, socketsIn } from './named'
import { readHeaders } from './board-headers'
import { isRear, readRear } from './board-rear'
import { readSlots } from './board-slots'
import { putImplied, usbByPlace } from './board-usb'
import { measuresIn } from './measures'
import { productIn } from './sides'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { aboutM2, readM2Sockets } from './m2'
import { choiceIn, oneOf } from './pattern'
import { speedsIn } from './speeds'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { countOf, leadingCount, wordNumber } from './things'

export function readBoard(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) {
    readShape(s, notes)
    readSocket(s, notes)
    readMemory(s, notes)
  }
  let slots = 0
  const byPlace = sheet.statements.map(s => (isRear(s) ? { rest: s, implied: [] } : usbByPlace(s)))
  for (const [i, s] of sheet.statements.entries()) {
    slots = readSlots(s, notes, slots)
    if (isRear(s)) readRear(s, notes)
    else readHeaders(byPlace[i]?.rest ?? s, notes)
    if (/flash ?back|flash button|bios[- ]?flash/i.test(whole(s)))
      notes.put(s, 'firmware.flashes', !isNo(s.value))
    readShield(s, notes)
  }
  putImplied(
    byPlace.flatMap(b => b.implied),
    notes,
  )
  readWiredNetwork(sheet, notes)
  readM2Sockets(sheet, notes)
}

const SHIELDS: readonly (readonly [RegExp, string])[] = [
  [/pre-?installed|integrated|fixed|attached|mounted/i, 'fixed'],
  [/loose|separate|included/i, 'loose'],
]

const SHIELD = /shield|\bI\/O plate\b/i
/** How the shield comes: each phrase that names it says so; one that lies in the box is loose. */
export function readShield(s: Statement, notes: Notes, isInBox = false): boolean {
  const all = phrasesOf(s.value)
  const about = SHIELD.test(s.label) ? all : all.filter(p => SHIELD.test(p))
  const found = about.map(p => choiceIn(p, SHIELDS) ?? (isInBox ? 'loose' : null)).find(Boolean)
  notes.put(s, 'shield', found)
  return found !== undefined && found !== null
}

/** "10G + 2.5G". */
const RATES_TOGETHER = /\d\s?G\w*\s*(?:\+|&|and)\s*\d+(?:\.\d)?\s?G/i
const TWO_SOCKETS = 2
/** "1 x 10Gb, 1 x 2.5Gb": each phrase that counts; two rates beside one another; else one. */
const socketsOnLine = (value: string): number =>
  phrasesOf(value).reduce(
    (sum, p) => sum + (/^\d\s*x\s/i.test(p) ? (leadingCount(p) ?? 0) : 0),
    0,
  ) || (RATES_TOGETHER.test(value) ? TWO_SOCKETS : (leadingCount(value) ?? 1))

/** A line on the wired network promises a socket, where the rear does not list one. */
function readWiredNetwork(sheet: Sheet, notes: Notes): void {
  const wired = sheet.statements.find(
    s => /^(?:LAN|network|ethernet|wired network)$/i.test(s.label) && !isNo(s.value),
  )
  if (wired && !notes.has('rear.network'))
    notes.count(wired, 'rear.network', socketsOnLine(wired.value))
}

/** Named choice: no board's side is shorter, mm. */
const SHORTEST_SIDE = 140

function readShape(s: Statement, notes: Notes): void {
  if (/memory|dimm|slot|power|connector|interface/i.test(s.label)) return
  // "24-pin ATX" is a plug.
  const [form] = formsIn(whole(s).replace(/\d\d?[- ]?pin\s+E?ATX/gi, ''))
  const about = /form|size|type|dimension/i.test(s.label) || s.label === '' || s.line <= 2
  if (about && !/power|supply/i.test(s.label)) notes.put(s, 'form', form)
  const size = productIn(s.value, s.label)
  if (size?.values.length === 2 && Math.min(...size.values) >= SHORTEST_SIDE) {
    notes.put(s, 'edge', Math.max(...size.values), 'mm')
    notes.put(s, 'depth', Math.min(...size.values), 'mm')
  }
}

/** Named choice: so far down a bare word such as "TERN-2" is the socket. */
const TITLE_LINES = 3
const SOCKET_LABEL = oneOf(
  ...[/socket/, /(?:processor|cpu) support/, /supported (?:cpu|processor)s?/],
  ...[/^cpu$/, /^processors?$/],
)

function readSocket(s: Statement, notes: Notes): void {
  if (isRemark(s)) return
  const bare =
    s.line <= TITLE_LINES && s.label === ''
      ? phrasesOf(s.value).find(p => /^[A-Z]{2,}-\d+[A-Z]?$/.test(p) && formsIn(p).length === 0)
      : undefined
  notes.put(s, 'processor.socket', bare)
  // Beside an M.2 socket only a phrase of its own tells the processor's.
  const own = phrasesOf(s.value).find(p => /^(?:CPU )?socket [A-Z]/i.test(p) && !aboutM2(p))
  if (!aboutM2(whole(s))) notes.put(s, 'processor.socket', spokenSocket(s))
  else if (own !== undefined)
    notes.put(s, 'processor.socket', spokenSocket({ ...s, label: '', value: own }))
}

/** The socket that words around it name, else the one under a label that promises it. */
function spokenSocket(s: Statement): string | null {
  const text = whole(s)
  const named =
    /socket\s*(?:type)?\s*:?\s*([A-Z][A-Z0-9]+(?:[- ]?\d+[A-Z]?)?)/i.exec(text) ??
    /\b(?:for|takes) ([A-Z][A-Z0-9]+-?\d+[A-Z]?) processors/.exec(text) ??
    /\bsupports? ([A-Z]{2,}-\d+[A-Z]?)\b(?=.*(?:CPU|processor))/i.exec(text) ??
    /\b([A-Z]{2,}-\d+[A-Z]?)\s+socket\b/.exec(text)
  const word = named?.[1]
  if (word && /\d/.test(word) && /^[A-Z]/.test(word)) return word
  const label = s.label === '' ? s.under : s.label
  return SOCKET_LABEL.test(label) ? (socketsIn(s.value)[0] ?? null) : null
}

const numberIn = (word: string | undefined): number | null =>
  word !== undefined && /^\d+$/.test(word) ? Number(word) : wordNumber(word ?? '')

function readMemory(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (!/memory|dimm|\bram\b|DDR\d/i.test(`${s.under} ${s.label} ${s.value}`) || aboutM2(s.label))
    return
  const type = /DDR[2-5]|SIMM-?\d\d/i.exec(text)?.[0].toUpperCase()
  if (/\bSO-?DIMMs?\b/i.test(text)) notes.doubt(s, { path: 'memory.type', value: type }, SMALL)
  else notes.put(s, 'memory.type', type)
  notes.put(s, 'memory.slots', memorySlotsIn(s), 'pcs')
  const size = measuresIn(s.value).find(m => m.unit === 'GB')?.value
  if (/max|up to|at most|hold|capacity|largest|total/i.test(text))
    notes.put(s, 'memory.most', size, 'GB')
  else notes.doubt(s, { path: 'memory.most', value: size, unit: 'GB' }, 'not said to be the most')
  const fast = speedsIn(s.value)
  if (fast.length > 0) notes.put(s, 'memory.speed', Math.max(...fast), 'MTs')
}

const SMALL = 'small sockets, for modules of laptops: no DIMM goes into them'

const DIMM = new RegExp(
  String.raw`(?:DDR\d[\s-]*)?(?:(?:U-?DIMM|DIMM)s?(?:\s*(?:slots?|sockets?))?|(?:memory|RAM|DDR\d) (?:slots|sockets))`,
  'i',
)
const SPELT_SLOTS = /\b(\d|one|two|three|four|six|eight)\s+(?:slots|sockets)\b/i

const MEMORY_LABEL = /^(?:memory|ram)(?: modules)?$/i
/** "four slots for DDR4 memory". */
const FOR_MEMORY = /\b(\d|one|two|four|six|eight)\s+(?:slots|sockets) for DDR\d/i

/** How many stand at one channel says nothing of how many there are. */
const A_CHANNEL = /DIMMs? (?:per|a) channel/i

/** "4x DDR5", "4 DDR4 DIMM"; "2 x DDR4-3200" counts modules. */
const TIMES_DDR = /\b(\d)\s*x\s*DDR\d\b(?!-\d)|^\s*(\d)\s*x?\s*DDR/i

/** How many sockets a line on memory counts, by the first wording that fits. */
function memorySlotsIn(s: Statement): number | null {
  if (A_CHANNEL.test(s.value)) return null
  const named =
    FOR_MEMORY.exec(s.value) ?? (MEMORY_LABEL.test(s.label) ? SPELT_SLOTS.exec(s.value) : null)
  const dimm = DIMM.exec(s.value)
  if (dimm && !FOR_MEMORY.test(s.value))
    return countOf(s.value, dimm) ?? (/dimm|slot/i.test(s.label) ? leadingCount(s.value) : null)
  if (named) return numberIn(named[1])
  if (/dimm|(?:memory|ram) (?:slots|sockets)/i.test(s.label)) return leadingCount(s.value)
  const times = TIMES_DDR.exec(s.value)?.slice(1).find(Boolean)
  return numberIn(times)
}
