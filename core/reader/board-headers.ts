// The headers inside a board, by the phrases that name them.
import { PORTS_A_HEADER } from './board-usb'
import { aboutM2, allM2 } from './m2'
import type { Notes } from './notes'
import { oneOf, opening } from './pattern'
import { isSlot } from './board-slots'
import { clausesOf, phrasesOf } from './phrases'
import type { Statement } from './statements'
import { leadingCount, thingsIn, type Counted, type Thing } from './things'

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
    named: oneOf(
      ...[/(?:5\s?V\s+)?addressable/, /(?:5\s?V\s+)?A-?RGB/],
      ...[/(?<![A-Z])RGB(?: LED)?(?: headers?)?\s*\(?3[- ]?pin/, /5\s?V\s+(?:A?RGB|LED|lighting)/],
      ...[/LED header \(5\s?V\)/, /A?RGB(?: LED)?(?: header)? \(5\s?V/],
    ),
  },
  {
    key: 'light-12',
    named: oneOf(
      ...[/12\s?V\s+(?:RGB|LED)/, /RGB\s*(?:LED )?(?:header)?\s*\(12\s?V/],
      ...[
        /(?<![A-Z])RGB(?: LED)?(?: strip)?[ -](?:headers?|connectors?)/,
        /(?<![A-Z])RGB(?: LED)?\s*\(?4[- ]?pin/,
      ],
      ...[/(?<![A-Z])RGB 12\s?V/, /(?<=^\s*\d+\s*x?\s*)RGB(?: LED)?(?=\s*$)/],
      ...[/^\s*RGB(?: LED)?(?=\s*x\s*\d\s*$)/],
    ),
  },
  {
    key: 'fan-4',
    named: oneOf(
      /(?:CPU|chassis|CHA|case|system|sys)\s?\/\s?(?:water )?pump(?: fans?)?/,
      /(?:CPU|chassis|CHA|case|system|sys|pump|water|AIO)[ _-]?(?:\/?(?:OPT|pump))?[ _-]?fans?/,
      ...[/CPU[_ ]OPT/, /(?:fan|PWM) (?:headers?|connectors?)/, /\bpump\b/, /\bfans?\b/],
    ),
  },
  {
    key: 'main-24',
    named: /24[- ]?pin|20\+4|\bE?ATX_?PWR\d?\b|\bATX ?24\b(?![.,\d]|\s*V|[- ]?pin)/i,
  },
  { key: 'cpu-8', named: /8[- ]?pin|4\+4[- ]?pin|\bEPS 8\b/i, not: /PCI(?:e|-E)/i },
  {
    key: 'cpu-4',
    named: /4[- ]?pin\b(?=[^,;]*(?:12\s?V|EPS|CPU|ATX|plug|power|$))/i,
    not: /fan|RGB|LED|pump/i,
  },
  {
    key: 'usb-c',
    named: oneOf(
      /USB(?:\s?\d(?:\.\d)?(?:\s?Gen\s?\dx?\d?)?|\s?\d+\s?Gbps)?[ -]*(?:Type[- ]?C|-?C\b)/,
      /Type[- ]?[CE]\b/,
    ),
  },
  {
    key: 'usb-3',
    named: /(?:F_)?USB\s?(?:3(?:\.\d)?(?:\s?Gen\s?\d(?:x\d)?)?|5\s?Gb?(?:ps|\/s)?\b|10\s?Gbps)/i,
  },
  { key: 'usb-2', named: /(?:F_)?USB\s?2(?:\.0)?/i },
  {
    key: 'audio-hd',
    named: /(?:front(?:[- ]panel)?|HD)[- ]audio|F_?AUDIO|AAFP|audio (?:header|front)/i,
    // What the sound chip does is no header.
    not: /\bchannels?\b|codec/i,
  },
  { key: 'serial', named: /\bCOM\b|serial(?! ?ATA)/i },
  { key: 'probe', named: /thermal sensor|temperature (?:sensor|probe)/i },
  {
    key: 'sata-data',
    named: /(?:SATA|serial ATA)(?:\s?(?:III|3|6G\b|6\s?Gb(?:it)?(?:ps|\/s)?))?/i,
    // What its controller can do with disks is no socket.
    not: /\bRAID\b|\bAHCI\b|storage devices/i,
  },
]
/** "Fans: CPU, pump, chassis": each named without a count is one. */
const FAN_PLACE = opening(
  ...[/CPU$/, /pump$/, /chassis$/, /case$/, /system$/, /AIO$/, /front$/, /rear$/],
)
/** "chassis x3 (4-pin)". */
const TIMES_BEHIND = /^([^()]*?)\s*x\s?(\d)\s*(?:\([^()]*\))?$/i
const NO_HEADERS = oneOf(/memory/, /dimm/, /dimension/, /^chipset/, /^(?:form|size)/)

/** "1 x CPU OPT / pump": one header of two names. */
const OTHER_NAME =
  /(\d\s*x\s*[^,;/()]*?(?:fan|OPT|pump|header))\s\/\s(?=(?:(?:water |AIO )?pump|CPU[_ ]?OPT|OPT|AIO)\b)/gi

export function readHeaders(s: Statement, notes: Notes): void {
  if (NO_HEADERS.test(s.label)) return
  const [inLabel] = thingsIn(s.label, HEADERS)
  if (inLabel && readCountedLabel(s, notes, inLabel)) return
  // Under "USB internal" a rate alone tells the socket.
  const rated = (phrase: string): string =>
    phrase
      .replace(RATED, '$1USB ')
      .replace(
        BY_PINS,
        (_, count: string, pins: string) =>
          `${count}USB ${pins.startsWith('9') || pins === '10' ? 2 : 3} ${pins}-pin`,
      )
  const areInside = /\bheaders\b|\binternal\b/i.test(`${s.under} ${s.label}`)
  const phrases = clausesOf(s.value.replace(OTHER_NAME, '$1 or ')).map(phrase =>
    areInside ? phrase.replace(BARE_AUDIO, '$1front audio') : phrase,
  )
  for (const phrase of (/\bUSB\b/i.test(s.label) ? phrases.map(rated) : phrases).flatMap(sorts))
    readPhrase(s, notes, phrase, inLabel)
}
/** "4 (3 x ARGB 5V, 1 x RGB 12V)": the brackets tell which they are. */
function sorts(phrase: string): readonly string[] {
  const each = phrasesOf(/^\s*\d\s*\(([^()]*,[^()]*)\)\s*$/.exec(phrase)?.[1] ?? '')
  const areNamed = each.length > 0 && each.every(p => thingsIn(p, HEADERS).length > 0)
  return areNamed ? each : [phrase]
}
/** "USB: 1x 19-pin, 2x 9-pin": contacts alone tell the socket. */
const BY_PINS = /^((?:internal )?\d\s*x?\s*)(9|10|19|20)[- ]?pin\b/i
/** "Headers: 1x audio". */
const BARE_AUDIO = /^(\d\s*x\s*)audio$/i
const RATED = /^(\d\s*x?\s*)(?=(?:5|10|20) ?G)/i

/** "Seven fan headers: CPU_FAN, …": the names behind are theirs. */
function readCountedLabel(s: Statement, notes: Notes, { key }: Counted<Header>): boolean {
  const count = leadingCount(s.label)
  if (count === null || notes.has(`headers.${key}`)) return false
  notes.count(s, `headers.${key}`, count)
  return true
}

function readPhrase(
  s: Statement,
  notes: Notes,
  phrase: string,
  inLabel: Counted<Header> | undefined,
): void {
  const found = isAboutOther(s, phrase) ? null : headerIn(phrase, inLabel, notes)
  if (!found) return readPowerByName(s, notes, phrase)
  // "Fan headers: CPU, 3x system. 4-pin CPU power": the plug for power is none of them.
  const aboutFans = inLabel?.key === 'fan-4' && !/\bpower\b/i.test(phrase)
  const key = aboutFans ? 'fan-4' : found.key
  const inRow = rangeIn(phrase) ?? (notes.has(`headers.${key}`) ? null : rangeIn(s.label))
  const count = (NUMBERED.includes(key) ? inRow : null) ?? countIn(phrase, found, aboutFans)
  if (count > 0 && isHere(s, phrase, key)) notes.count(s, `headers.${key}`, count, phrase)
}

/** Headers that are named by numbers in a row. */
const NUMBERED: readonly Header[] = ['fan-4', 'sata-data']

/** "2x Power Connector (CPU_PWR)": most have eight contacts, some four. */
function readPowerByName(s: Statement, notes: Notes, phrase: string): void {
  if (!/\bCPU_?PWR\d?\b/i.test(phrase)) return
  const value = leadingCount(phrase) ?? 1
  notes.doubt(
    s,
    { path: 'headers.cpu-8', value, unit: 'pcs' },
    'how many contacts it has is not said',
  )
}

/** A lead that comes with the board is no header of it. */
const A_LEAD = /\b(?:cables?|leads?)\b(?! headers?)/i
/** What of a loop is no fan; disks on plugs of their own. */
const NO_HEADER = /\bW_(?:FLOW|IN|OUT)\b|\bSlimSAS\b|\bOCuLink\b|\bmini-?SAS\b/i
/** "SATA5/6 off when M2_4 is used": ports that were counted before. */
const IS_OFF = /\b(?:off|disabled|unavailable)\b.*\b(?:if|when|while)\b/i
/** "SATA_3 and SATA_4 are off when …". */
const A_NUMBERED_PORT = /^\W*SATA\w*?[_ ]?\d\W*$/i
/** A phrase on M.2 sockets or slots names no header, unless it goes on to the SATA ports. */
const isAboutOther = (s: Statement, phrase: string): boolean =>
  IS_OFF.test(phrase.replace(/\([^()]*\)/g, '')) ||
  (A_NUMBERED_PORT.test(phrase) && IS_OFF.test(s.value.replace(/\([^()]*\)/g, ''))) ||
  A_LEAD.test(phrase) ||
  NO_HEADER.test(phrase) ||
  aboutM2(phrase) ||
  isSlot(phrase) !== null ||
  (allM2(s) &&
    !/^\s*(?:(?:\d+|two|four|six|eight|ten)\s*(?:x\s*)?SATA|SATA\w*_?\d\s*[-–~])/i.test(phrase))

/** The header that a phrase is about: the one it names, else the one its label names. */
function headerIn(
  phrase: string,
  inLabel: Counted<Header> | undefined,
  notes: Notes,
): Counted<Header> | null {
  const [, place = phrase, times = '1'] = TIMES_BEHIND.exec(phrase) ?? []
  if (inLabel?.key === 'fan-4' && FAN_PLACE.test(place)) return { ...inLabel, count: Number(times) }
  const [named] = thingsIn(phrase, HEADERS)
  if (named) return withHeaders(named, phrase)
  if (!inLabel) return null
  const count = leadingCount(phrase)
  if (count !== null) return { ...inLabel, count }
  return !notes.has(`headers.${inLabel.key}`) && /^\d/.test(phrase) ? inLabel : null
}

/** "4 x USB 2.0 (via 2 x 9-pin)": ports, and the headers that they hang on. */
function withHeaders(named: Counted<Header>, phrase: string): Counted<Header> {
  const headers = VIA.exec(phrase)?.slice(1).find(Boolean)
  const ports = /^usb-[23]$/.test(named.key) ? PORTS_BEHIND.exec(phrase)?.[1] : undefined
  if (ports !== undefined) return { ...named, count: Math.ceil(Number(ports) / PORTS_A_HEADER) }
  return headers === undefined ? named : { ...named, count: Number(headers) }
}
/** "USB_1: USB 2.0 x2 ports": two hang on one header. */
const PORTS_BEHIND = /USB[\s\d.a-z]*?\bx\s?(\d) ports\b/i
const VIA = oneOf(
  ...[/\b(?:via|by|through|on)\s+(\d)\s*x?\s*(?:internal )?(?:\d\d?[- ]?pin|headers?)/],
  ...[/\((\d)(?:\s*x\s*|\s+)(?:(?:9|10|19|20)[- ]?pin(?: headers?)?|(?:internal )?headers?)\)/],
)

/** "SYS_FAN1-4": a row of headers by the first and last number. */
function rangeIn(phrase: string): number | null {
  const [, from, to] =
    /(?:FANS?|SATA\w*)[_ ]?(\d)\s*(?:-|–|~|to)\s*(?:[A-Z_]*(?:FAN|SATA)_?)?(\d)\b/i.exec(phrase) ??
    []
  return from !== undefined && to !== undefined ? Number(to) - Number(from) + 1 : null
}

/** "8+8 pin": two plugs side by side. */
const TWICE = /(?<!\d\s*x\s*)\b8\s*\+\s*8[- ]?pin/i
const TWO = 2
/** Under a label on fans "4-pin" tells the plug, and counts none. */
function countIn(phrase: string, found: Counted<Header>, aboutFans: boolean): number {
  const headers = /\(\s*(\d)\s*(?:x\s*)?headers?\s*\)/i.exec(phrase)?.[1]
  if (headers !== undefined) return Number(headers)
  if (found.key === 'cpu-8' && TWICE.test(phrase)) return TWO
  if (!aboutFans) return found.count
  return /^\(?(?:all |alle |each )?4[- ]pin(?: PWM)?\)?$/i.test(phrase)
    ? 0
    : (leadingCount(phrase) ?? found.count)
}

/** A USB socket is a header where the sheet says so; power and fans are always inside. */
const isHere = (s: Statement, phrase: string, key: Header): boolean =>
  !key.startsWith('usb') ||
  /header|internal|front|connector|intern|on-?board\b|F_?USB|\b(?:9|10|19|20)-pin/i.test(
    `${s.under} ${s.label} ${phrase} ${s.value}`,
  )
