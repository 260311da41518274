// A board's sheet: form and size, memory, slots, M.2 sockets with what they switch off, headers,
// sockets at the rear.
import { formsIn, generationIn, socketsIn } from './common'
import { firstOf, measuresIn, productIn } from './measures'
import { isNo, whole, type Notes } from './notes'
import { aboutM2, allM2, readM2Sockets } from './m2'
import { speedsIn } from './speeds'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { countAround, leadingCount, thingsIn, wordNumber, type Thing } from './things'

type Header =
  | 'main-24'
  | 'cpu-8'
  | 'cpu-4'
  | 'fan-4'
  | 'usb-3'
  | 'usb-c'
  | 'usb-2'
  | 'light-5'
  | 'light-12'
  | 'audio-hd'
  | 'serial'
  | 'probe'
  | 'sata-data'
const HEADERS: readonly Thing<Header>[] = [
  {
    key: 'light-5',
    named:
      /(?:5\s?V\s+)?addressable|(?:5\s?V\s+)?A-?RGB|(?<![A-Z])RGB(?: LED)?(?: headers?)?\s*\(?3[- ]?pin|5\s?V\s+(?:A?RGB|LED|lighting)|LED header \(5\s?V\)|A?RGB(?: LED)?(?: header)? \(5\s?V/i,
  },
  {
    key: 'light-12',
    named:
      /12\s?V\s+(?:RGB|LED)|RGB\s*(?:LED )?(?:header)?\s*\(12\s?V|(?<![A-Z])RGB(?: LED)? headers?|(?<![A-Z])RGB(?: LED)?\s*\(?4[- ]?pin|(?<![A-Z])RGB 12\s?V|(?<=^\s*\d+\s*x?\s*)RGB(?: LED)?(?=\s*$)/i,
  },
  {
    key: 'fan-4',
    named:
      /(?:CPU|chassis|case|system|sys|pump|water|AIO)[ _-]?(?:\/?(?:OPT|pump))?[ _-]?fans?|CPU[_ ]OPT|fan (?:headers?|connectors?)|\bpump\b|\bfans?\b/i,
  },
  { key: 'main-24', named: /24[- ]?pin|20\+4/i },
  { key: 'cpu-8', named: /8[- ]?pin|4\+4[- ]?pin/i },
  {
    key: 'cpu-4',
    named: /4[- ]?pin\b(?=[^,;]*(?:12\s?V|EPS|CPU|ATX|plug|power|$))/i,
    not: /fan|RGB|LED|pump/i,
  },
  {
    key: 'usb-c',
    named:
      /USB(?:\s?\d(?:\.\d)?(?:\s?Gen\s?\dx?\d?)?|\s?\d+\s?Gbps)?[ -]*(?:Type[- ]?C|-?C\b)|Type[- ]?C/i,
  },
  {
    key: 'usb-3',
    named: /USB\s?(?:3(?:\.\d)?(?:\s?Gen\s?\d(?:x\d)?)?|5\s?Gbps|10\s?Gbps|5\s?Gb\/s)/i,
  },
  { key: 'usb-2', named: /USB\s?2(?:\.0)?/i },
  { key: 'audio-hd', named: /(?:front(?:[- ]panel)?|HD)[- ]audio|F_?AUDIO|AAFP|audio header/i },
  { key: 'serial', named: /\bCOM\b|serial/i },
  { key: 'probe', named: /thermal sensor|temperature (?:sensor|probe)/i },
  { key: 'sata-data', named: /SATA(?:\s?(?:III|3|6G\b|6\s?Gb(?:it)?(?:ps|\/s)?))?/i },
]
type Rear =
  'hdmi' | 'displayport' | 'vga' | 'usb-c-socket' | 'usb-a' | 'network' | 'audio-jack' | 'ps2'
const REAR: readonly Thing<Rear>[] = [
  { key: 'hdmi', named: /HDMI/i },
  { key: 'displayport', named: /DisplayPort|\bDP\b/i },
  { key: 'vga', named: /\bVGA\b|D-?Sub/i },
  { key: 'usb-c-socket', named: /USB[^,;]*?Type[- ]?C|USB-?C\b|Type[- ]?C/i },
  { key: 'usb-a', named: /USB|Type[- ]?A\b/i },
  { key: 'network', named: /RJ-?45|\bLAN\b|Ethernet|network/i },
  {
    key: 'audio-jack',
    named:
      /3[.,]5\s?mm(?: audio| stereo)?(?: jacks?| ports?| sockets?)?|audio(?: jacks?| ports?| sockets?| connectors?)?|line[- ](?:in|out)|(?:front|rear) speakers?|\bmic(?:rophone)?(?:[- ]in)?\b/i,
    not: /S\/?PDIF|optical|HD audio/i,
  },
  { key: 'ps2', named: /PS\/?2/i },
]

const at = (s: Statement): string => `${s.under} ${s.label}`
const REAR_WORDS = /^video|^display|rear|back|i\/o panel|external|outputs?\b/i
/** A line's own label says where it is; the heading only where the label does not. */
const isRear = (s: Statement): boolean =>
  REAR_WORDS.test(s.label) ||
  (REAR_WORDS.test(s.under) && !/internal|header|connector/i.test(at(s))) ||
  (s.label === '' &&
    phrasesOf(s.value).every(p =>
      /^(?:\d\s*x?\s*)?(?:HDMI|DisplayPort|DP|VGA|DVI)\b[\s\d.a-z]*$/i.test(p),
    ))
const isSlot = (phrase: string): RegExpExecArray | null =>
  /^()()x(16|8|4|1) slots?$/i.exec(phrase) ??
  /(PCI(?:e|-E| ?Express)?)\s*(?:(?:Gen\s?)?(\d)(?:\.\d)?)?\s*(?:x\s?(16|8|4|1)\b)/i.exec(phrase)

export function readBoard(sheet: Sheet, notes: Notes): void {
  for (const s of sheet.statements) {
    readShape(s, notes)
    readSocket(s, notes)
    readMemory(s, notes)
  }
  let slots = 0
  for (const s of sheet.statements) {
    slots = readSlots(s, notes, slots)
    if (isRear(s)) readRear(s, notes)
    else readHeaders(s, notes)
    if (/flash ?back|flash button|bios[- ]?flash/i.test(whole(s)))
      notes.put(s, 'firmware.flashes', !isNo(s.value))
    if (/shield/i.test(s.label) || /shield/i.test(s.value))
      notes.put(
        s,
        'shield',
        /pre-?installed|integrated|fixed|attached|mounted/i.test(s.value)
          ? 'fixed'
          : /loose|separate|included/i.test(s.value)
            ? 'loose'
            : null,
      )
  }
  const wired = sheet.statements.find(
    s => /^(?:LAN|network|ethernet|wired network)$/i.test(s.label) && !isNo(s.value),
  )
  if (wired && !notes.has('rear.network'))
    notes.count(wired, 'rear.network', leadingCount(wired.value) ?? 1)
  readM2Sockets(sheet, notes)
}

function readShape(s: Statement, notes: Notes): void {
  if (/memory|dimm|slot|power|connector|interface/i.test(s.label)) return
  const [form] = formsIn(whole(s))
  if (
    form &&
    (/form|size|type|dimension/i.test(s.label) || s.label === '' || s.line <= 2) &&
    !/power|supply/i.test(s.label)
  )
    notes.put(s, 'form', form)
  const size = productIn(s.value, s.label)
  if (size && size.values.length === 2 && Math.min(...size.values) >= 140) {
    notes.put(s, 'edge', Math.max(...size.values), 'mm')
    notes.put(s, 'depth', Math.min(...size.values), 'mm')
  }
}

/** Named choice: so far down a bare word such as "TERN-2" is the socket. */
const TITLE_LINES = 3

function readSocket(s: Statement, notes: Notes): void {
  const named =
    /socket\s*(?:type)?\s*:?\s*([A-Z][A-Z0-9]+(?:[- ]?\d+[A-Z]?)?)/i.exec(whole(s)) ??
    /\bfor ([A-Z][A-Z0-9]+-?\d+[A-Z]?) processors/.exec(whole(s)) ??
    /\bsupports? ([A-Z]{2,}-\d+[A-Z]?)\b(?=.*(?:CPU|processor))/i.exec(whole(s))
  const value =
    named?.[1] && /\d/.test(named[1]) && /^[A-Z]/.test(named[1])
      ? named[1]
      : /socket|(?:processor|cpu) support|supported (?:cpu|processor)s?|^cpu$|^processors?$/i.test(
            s.label === '' ? s.under : s.label,
          )
        ? socketsIn(s.value)[0]
        : undefined
  const bare =
    s.line <= TITLE_LINES && s.label === ''
      ? phrasesOf(s.value).find(p => /^[A-Z]{2,}-\d+[A-Z]?$/.test(p) && formsIn(p).length === 0)
      : undefined
  if (bare) notes.put(s, 'processor.socket', bare)
  if (value && !aboutM2(whole(s))) notes.put(s, 'processor.socket', value)
}

const numberIn = (word: string): number | null =>
  /^\d+$/.test(word) ? Number(word) : wordNumber(word)

function readMemory(s: Statement, notes: Notes): void {
  const text = whole(s)
  const about = /memory|dimm|\bram\b|DDR\d/i.test(`${at(s)} ${s.value}`)
  if (!about || aboutM2(s.label)) return
  const type = /DDR[2-5]|SIMM-?\d\d/i.exec(text)?.[0]
  if (type) notes.put(s, 'memory.type', type.toUpperCase())
  const dimm =
    /(?:DDR\d\s*)?(?:(?:U-?DIMM|DIMM)s?(?:\s*(?:slots?|sockets?))?|memory (?:slots|sockets))/i.exec(
      s.value,
    )
  if (dimm)
    notes.put(
      s,
      'memory.slots',
      countAround(s.value, dimm.index, dimm.index + dimm[0].length) ??
        (/dimm|slot/i.test(s.label) ? leadingCount(s.value) : null),
      'pcs',
    )
  else if (
    /^(?:memory|ram)$/i.test(s.label) &&
    /\b(\d|one|two|three|four|six|eight)\s+(?:slots|sockets)\b/i.test(s.value)
  )
    notes.put(
      s,
      'memory.slots',
      numberIn(/\b(\w+)\s+(?:slots|sockets)\b/i.exec(s.value)?.[1] ?? ''),
      'pcs',
    )
  else if (/dimm|(?:memory|ram) (?:slots|sockets)/i.test(s.label))
    notes.put(s, 'memory.slots', leadingCount(s.value), 'pcs')
  else if (/\b\d\s*x\s*DDR\d\b(?!-\d)/i.test(s.value))
    notes.put(s, 'memory.slots', numberIn(/\b(\d)\s*x\s*DDR/i.exec(s.value)?.[1] ?? ''), 'pcs')
  else if (/^\s*\d\s*x?\s*DDR/i.test(s.value))
    notes.put(s, 'memory.slots', leadingCount(s.value), 'pcs')
  const size = measuresIn(s.value).find(m => m.unit === 'GB')
  if (size && /max|up to|hold|capacity|largest|total/i.test(text))
    notes.put(s, 'memory.most', size.value, 'GB')
  else if (size) notes.doubt(s, 'memory.most', size.value, 'GB', 'not said to be the most')
  const fast = speedsIn(s.value)
  if (fast.length > 0) notes.put(s, 'memory.speed', Math.max(...fast), 'MTs')
}

function readSlots(s: Statement, notes: Notes, from: number): number {
  if (allM2(s)) return from
  let n = from
  for (const phrase of phrasesOf(s.value)) {
    if (aboutM2(phrase)) continue
    const labelled = isSlot(s.label)
    const m = isSlot(phrase) ?? (labelled && /^\s*\d/.test(phrase) ? labelled : null)
    if (!m || /radio|wi-?fi|key e/i.test(phrase)) continue
    const inPhrase = isSlot(phrase) !== null && isSlot(phrase)?.[1] !== ''
    const count =
      (inPhrase ? countAround(phrase, m.index, m.index + m[0].length) : leadingCount(phrase)) ?? 1
    const lanes =
      /\(\s*x\s?(\d+)(?:\s*mode|\s*electrical\w*|\s*lanes?)?\s*\)|x(\d+) mode|(?:x(?=\d+ electrical)|at x(?=\d+\)))(\d+)|\b(one|two|four|eight|sixteen) lanes/i.exec(
        phrase,
      )
    // "PCIe 4.0 x4 (x16 length)": the brackets tell the socket, what stands before them the lanes.
    const socket =
      /\b(?:in )?x(16|8|4)(?: |-)(?:length|long|physical|connector|sized?|slot\))/i.exec(
        phrase.slice(m.index + m[0].length),
      )?.[1]
    const bracket = /\((\d)\.0\b/.exec(phrase)?.[1]
    const generation = m[2]
      ? Number(m[2])
      : bracket
        ? Number(bracket)
        : (generationIn(phrase) ?? generationIn(s.label))
    for (let i = 0; i < count; i++, n++) {
      notes.put(s, `slots.${n}.size`, `x${socket ?? m[3]}`)
      const wired = Number(
        socket
          ? m[3]
          : (lanes?.[1] ??
              lanes?.[2] ??
              lanes?.[3] ??
              (lanes?.[4] ? wordNumber(lanes[4]) : null) ??
              NaN),
      )
      if (Number.isFinite(wired) && wired !== Number(socket ?? m[3]))
        notes.put(s, `slots.${n}.lanes`, wired)
      notes.put(s, `slots.${n}.generation`, generation)
    }
  }
  return n
}

/** "Fans: CPU, pump, chassis": each named without a count is one. */
const FAN_PLACE = /^(?:CPU|pump|chassis|case|system|AIO|front|rear)$/i

function readHeaders(s: Statement, notes: Notes): void {
  if (/memory|dimm|dimension|chipset/i.test(s.label) || /^(?:form|size)/i.test(s.label)) return
  const inLabel = thingsIn(s.label, HEADERS)[0]
  for (const phrase of phrasesOf(s.value)) {
    if (
      aboutM2(phrase) ||
      isSlot(phrase) ||
      (allM2(s) && !/^\s*(?:\d+|two|four|six|eight|ten)\s*(?:x\s*)?SATA/i.test(phrase))
    )
      continue
    const found =
      (inLabel?.key === 'fan-4' && FAN_PLACE.test(phrase) ? { ...inLabel, count: 1 } : null) ??
      thingsIn(phrase, HEADERS)[0] ??
      (inLabel && leadingCount(phrase) !== null
        ? { ...inLabel, count: leadingCount(phrase) ?? 1 }
        : null) ??
      (inLabel && !notes.has(`headers.${inLabel.key}`) && /^\d/.test(phrase) ? inLabel : null)
    if (!found) continue
    const range = /FANS?_?(\d)\s*(?:-|–|~|to)\s*(?:[A-Z_]*FAN_?)?(\d)\b/i.exec(phrase)
    const key =
      inLabel && inLabel.key === 'fan-4'
        ? 'fan-4'
        : inLabel?.key.startsWith('light') && found.key === 'light-5'
          ? found.key
          : found.key
    const count =
      key === 'fan-4' && range
        ? Number(range[2]) - Number(range[1]) + 1
        : key !== 'fan-4' || inLabel?.key !== 'fan-4'
          ? found.count
          : /^\(?4[- ]pin\)?$/i.test(phrase)
            ? 0
            : (leadingCount(phrase) ?? found.count)
    if (count > 0 && isHere(s, phrase, key)) notes.count(s, `headers.${key}`, count)
  }
}

/** A USB socket is a header where the sheet says so; power and fans are always inside. */
const isHere = (s: Statement, phrase: string, key: Header): boolean =>
  !key.startsWith('usb') ||
  /header|internal|front|connector|intern/i.test(`${at(s)} ${phrase} ${s.value}`)

function readRear(s: Statement, notes: Notes): void {
  let lastUsb: Rear | null = null
  for (const phrase of phrasesOf(s.value)) {
    const [found] = thingsIn(phrase, REAR)
    if (found) {
      notes.count(s, `rear.${found.key}`, found.count)
      lastUsb = found.key
    }
  }
  if (lastUsb === null && firstOf(s.value, 'GB') === null) notes.use(s)
}
