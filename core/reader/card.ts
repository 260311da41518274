// A card's sheet: graphics and all others. What it does, its edge, its size, its watts, its plugs
// and sockets.
import type { PlugFace } from '../connectors/connectors'
import { readSize } from './card-size'
import { generationIn } from './named'
import { measuresIn, plainNumber } from './measures'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { countAround, leadingCount, thingsIn, wordNumber, type Counted, type Thing } from './things'

const DOES: readonly (readonly [RegExp, string])[] = [
  [/graphics? card|(?:video|VGA) card|\bGPU\b/i, 'graphics'],
  [/capture/i, 'capture'],
  [/(?:storage|disk|SATA) (?:controller|expansion|adapter)|\bSAS\b|SATA card|RAID/i, 'storage'],
  [/sound card|audio card/i, 'sound'],
  [/wi-?fi|radio|wireless|aerial|antenna/i, 'radio'],
  [/network|ethernet|\bLAN\b/i, 'network'],
  [/firewire|1394/i, 'FireWire'],
  [/serial/i, 'serial'],
  [/\bUSB\b/i, 'USB'],
]
/** Words that only sheets of graphics cards use, where the title does not say what it is. */
const GRAPHICS = [/\bT[BG]P\b|board power/i, /DisplayPort|HDMI/i]
const OUTPUTS: readonly Thing<PlugFace>[] = [
  { key: 'hdmi', named: /HDMI/i },
  { key: 'displayport', named: /DisplayPorts?|\bDP\b/i },
  { key: 'dvi', named: /\bDVI(?:-[DI])?\b/i },
  { key: 'vga', named: /\bVGA\b(?! card)/i },
  { key: 'usb-c-socket', named: /USB-?C|Type-C/i },
]
const POWER: readonly Thing<string>[] = [
  { key: 'card-16', named: /16[- ]?pin|12V-?2[x×]6|12VHPWR/i },
  { key: 'card-8', named: /8[- ]?pin/i },
  { key: 'card-6', named: /6[- ]?pin/i },
  { key: 'sata-power', named: /SATA power/i },
  { key: 'drive-4', named: /molex|4[- ]?pin (?:drive|peripheral)/i },
]
const INSIDE: readonly Thing<string>[] = [
  { key: 'mini-sas', named: /mini-?SAS|SFF-\d+/i },
  { key: 'usb-c', named: /USB[- ]?C header|Type-C header/i },
  { key: 'usb-3', named: /USB\s?3(?:\.\d)?(?: Gen ?\d)?(?:\s*\d+-pin)?\s*header/i },
  {
    key: 'usb-2',
    named: /USB\s?2(?:\.0)?(?:\s*(?:9|10)[- ]?pins?)?(?:\s*(?:internal\s*)?header)?/i,
    not: /rear|external|Type-?A|ports?\b/i,
  },
  { key: 'sata-data', named: /SATA(?! power)(?:\s*(?:ports?|connectors?|6\s?Gb\/s))?/i },
  { key: 'audio-97', named: /front[- ](?:panel )?audio/i },
]

/** Cards that a picture leaves. */
const SHOWS: readonly string[] = ['graphics', 'capture']

export function readCard(sheet: Sheet, notes: Notes): void {
  const title = sheet.statements.slice(0, 3).map(whole).join(' ')
  const first = sheet.statements[0]
  const does =
    DOES.find(([words]) => words.test(title)) ??
    GRAPHICS.find(words => words.test(sheet.text)) ??
    DOES.find(([words]) => words.test(sheet.text))
  if (first && does) notes.put(first, 'does', does instanceof RegExp ? 'graphics' : does[1])
  // A line of its own says more than the title.
  const bySlots = sheet.statements.filter(s => /slots?\b/i.test(s.label))
  for (const s of [...bySlots, ...sheet.statements]) readSlots(s, notes)
  const byBrackets = sheet.statements.filter(s => BOTH_BRACKETS.test(whole(s)))
  for (const s of [...byBrackets, ...sheet.statements]) readProfile(s, notes)
  for (const s of sheet.statements) {
    readEdge(s, notes)
    readSize(s, notes)
    readWatts(s, notes)
    readSockets(s, notes)
  }
}

const EDGE = new RegExp(
  [
    String.raw`PCI(?:[- ]?Express|e|-E)?[®™]?[:\s]*(?:(?:Gen\s?)?(\d)(?:\.\d)?)?`,
    String.raw`[ ,]*(\()?x\s?(16|8|4|1)\b`,
  ].join(''),
  'i',
)
const CONNECTOR = oneOf(
  /[(,]\s*x(16|8|4|1)\s*(?:(?:edge )?connector|slot|physical|mechanical|length|sized?)\s*[,)]/,
  /\bin an? x(16|8|4) slot/,
)

const BUS_LABEL = oneOf(
  /^(?:bus|interface|interface type|host interface|slot)$/,
  ...[/^bus (?:standard|interface|type)$/, /^(?:PCI(?:e| Express)) (?:version|generation)$/],
)
/** "PCIe version: 4.0": the label names the bus. */
const bareGeneration = ({ label, value }: Statement): number | null => {
  const digit = /PCI/i.test(label) ? /^(?:gen\s*)?([1-7])(?:\.0)?$/i.exec(value)?.[1] : undefined
  return digit === undefined ? null : Number(digit)
}

function readEdge(s: Statement, notes: Notes): void {
  const text = whole(s)
  const m = EDGE.exec(text)
  if (m) readBus(s, notes, text, m)
  else if (BUS_LABEL.test(s.label))
    notes.put(s, 'generation', generationIn(s.value) ?? bareGeneration(s))
  else readBusAlone(s, notes)
}

/** "PCIe Gen5 (uses x16)" in a line of its own. */
const BUS_ALONE =
  /^PCI(?:e| Express)\s?(?:gen\s?)?([1-7])(?:\.\d)?(?:\s*\((?:uses |needs |for )?x(16|8|4|1)(?: slot)?\))?$/i
function readBusAlone(s: Statement, notes: Notes): void {
  const [, generation, long] = BUS_ALONE.exec(s.label === '' ? s.value : '') ?? []
  if (generation === undefined) return
  notes.put(s, 'generation', Number(generation))
  if (long !== undefined) putEdge(s, notes, long, true)
}

/** How many lanes reach it, where that is told apart from its length. */
const ELECTRICAL = oneOf(
  /x\s?(16|8|4|1)\s*(?:electrical\w*|wired|lanes?|mode)\b/,
  /electrical\w*\s+x\s?(16|8|4|1)\b/,
  /\buses x\s?(16|8|4|1)\b/,
)

const EIGHT_LANES = 'eight lanes are told; the edge of a graphics card is longer as a rule'

function readBus(s: Statement, notes: Notes, text: string, m: RegExpExecArray): void {
  const [all, generation, bracket, named] = m
  const behind = text.slice(m.index + all.length)
  const [, connector, slot] = CONNECTOR.exec(text) ?? []
  // Lanes in brackets behind the bus say nothing of the edge's length.
  const told = connector ?? slot
  const size = told ?? (bracket ? undefined : named)
  putEdge(s, notes, size, told !== undefined)
  const lanes = ELECTRICAL.exec(behind)?.slice(1).find(Boolean) ?? named
  if (lanes !== size) notes.put(s, 'lanes', Number(lanes))
  const said = generation || GENERATION_BEHIND.exec(behind)?.[1]
  notes.put(s, 'generation', said ? Number(said) : generationIn(text))
}
/** "PCIe x16 4.0". */
const GENERATION_BEHIND = /^\s*(?:gen\s*)?([1-7])\.0\b/i

function putEdge(s: Statement, notes: Notes, size: string | undefined, isTold: boolean): void {
  const isGraphics = notes.value('does') === 'graphics'
  const isOfEdge = isTold || /slot|connector|edge/i.test(s.label)
  if (size === '8' && isGraphics && !isOfEdge) {
    notes.doubt(s, { path: 'size', value: 'x16' }, EIGHT_LANES)
    notes.doubt(s, { path: 'lanes', value: Number(size) }, EIGHT_LANES)
  } else if (size) notes.put(s, 'size', `x${size}`)
}

const SLOTS = oneOf(
  /(?<![x\d.])(\d(?:[.,]\d+)?)[- ]slots?\b/,
  /\b(single|dual|triple|one|two|three|four)[- ]slots?\b/,
)
/** A card of 2.0 slots takes two, one of 2.2 takes three. */
const HAIR = 1e-9

function readSlots(s: Statement, notes: Notes): void {
  const across = /slots?\s*\((\d+(?:[.,]\d+)?)\s*mm\)/i.exec(s.value)?.[1]
  if (across) notes.put(s, 'thickness', plainNumber(across), 'mm')
  const labelled = /^slots?(?: size)?$|^slot width$|slots? occupied|occupied slots/i.test(s.label)
    ? /^\s*(\d(?:[.,]\d+)?)/.exec(s.value)?.[1]
    : undefined
  const [, digits, spelt] = SLOTS.exec(s.value) ?? []
  const count = labelled ?? digits
  if (count) notes.put(s, 'slots', Math.ceil(Number(count.replace(',', '.')) - HAIR), 'pcs')
  else if (spelt) notes.put(s, 'slots', wordNumber(spelt), 'pcs')
}

const BOTH_BRACKETS = oneOf(
  ...[/bracket (?:included|supplied)/, /both/, /with .{0,20}bracket/, /full[- ]height/],
  /standard (?:and|\+|&)/,
)
function readProfile(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (
    /low[- ]profile/i.test(text) &&
    !(notes.value('profile') === 'both' && !BOTH_BRACKETS.test(text))
  )
    notes.put(s, 'profile', BOTH_BRACKETS.test(text) ? 'both' : 'low')
}

/** Figures that a sheet asks of the rest of the machine say nothing of the card. */
const OF_THE_SYSTEM =
  /recommended|suggested|psu|power supply|system power|minimum|^system$|power requirements?/i

/** What the chip draws is not all that the board with its memory does. */
const OF_THE_CHIP = /\b(?:chip|core|die|ASIC)(?: only)? (?:power|draw|limit)|\bTGP\b.*\bchip\b/i

/** "1x 8-pin (150 W)": what a plug may carry. */
const OF_A_PLUG = /(?:\bpins?\b|12V-?2x6|12VHPWR)[^,;()]*\(\s*(?:up to )?\d+\s*W\s*\)/gi

function readWatts(s: Statement, notes: Notes): void {
  if (OF_THE_SYSTEM.test(s.label)) return
  // "263 W (recommended supply 750 W)": the other is the machine's.
  const own = s.value
    .replace(OF_A_PLUG, '')
    .split(/[,;()]/)
    .filter(part => !OF_THE_SYSTEM.test(part) && !OF_THE_CHIP.test(`${s.label} ${part}`))
  const said = own.filter(part => !/peak/i.test(part)).join(', ')
  const all = measuresIn(said).flatMap(m => (m.unit === 'W' ? [m.value] : []))
  // Of a typical draw and the most it draws the most counts.
  const watts = /\bmax/i.test(said) && all.length > 0 ? Math.max(...all) : all[0]
  const about = /power|consumption|TBP|TGP|TDP|watt/i.test(whole(s)) || s.label === ''
  if (about || s.line === 1) notes.put(s, 'watts', watts, 'W')
}

function readSockets(s: Statement, notes: Notes): void {
  if (OF_THE_SYSTEM.test(s.label)) return
  const [own] = thingsIn(s.label, INSIDE)
  if (own && /^yes\b/i.test(s.value)) notes.count(s, `headers.${own.key}`, 1)
  const phrases = phrasesOf(s.value)
  for (const phrase of phrases) {
    const plug = plugIn(phrase)
    if (plug) readPlug(s, notes, plug, phrase)
    else readInner(s, notes, phrase)
  }
  if (!SHOWS.includes(String(notes.value('does')))) return
  const [labelled] = thingsIn(s.label, OUTPUTS)
  const bare = /^\s*(\d)\s*x?\s*$/.exec(s.value)?.[1]
  if (labelled && bare) notes.count(s, `rear.${labelled.key}`, Number(bare))
  for (const phrase of phrases) readOutput(s, notes, phrase)
}

const plugIn = (phrase: string): Counted<string> | undefined =>
  thingsIn(phrase.replace(/\([^)]*(?:adapt[eo]r|dongle)[^)]*\)/gi, ''), POWER)[0]
const LIKE_PROCESSORS = 'the sheet names the plug of processors: one of cards does not go in'
/** What lies in the box is no socket of the card. */
const IN_THE_BOX = oneOf(
  ...[
    /adapt[eo]r/,
    /dongle/,
    /(?<!\bwatts? |\bW |\bpower |\bpowers? it |\bpowered |\bfed |\bsupplied )\bfrom\b/,
    /cable (?:included|supplied)/,
    /in (?:the )?box/,
  ],
)

function readPlug(s: Statement, notes: Notes, plug: Counted<string>, phrase: string): void {
  if (!/power|connector|plug|pin|12V-?2x6|12VHPWR/i.test(whole(s)) || isNo(phrase)) return
  if (/\bEPS\b|\bCPU\b/.test(phrase)) {
    notes.doubt(s, { path: `power.${plug.key}`, value: plug.count, unit: 'pcs' }, LIKE_PROCESSORS)
    return
  }
  if (!IN_THE_BOX.test(phrase.replace(/\([^)]*\)/g, '')))
    notes.count(s, `power.${plug.key}`, plug.count, phrase)
}

function readInner(s: Statement, notes: Notes, phrase: string): void {
  const [inner] = thingsIn(phrase, INSIDE)
  if (inner && /internal|header|connector|inside/i.test(whole(s)))
    notes.count(s, `headers.${inner.key}`, inner.count, phrase)
}

function readOutput(s: Statement, notes: Notes, phrase: string): void {
  const [out] = thingsIn(phrase, OUTPUTS)
  const about = /outputs?|ports?|display|video|connect|monitor/i.test(whole(s)) || s.label === ''
  if (!out || !about || /\binputs?\b|\bHDMI in\b/i.test(`${s.label} ${phrase}`)) return
  const from = phrase.search(/HDMI|Display|DP\b|DVI|VGA|USB|Type-C/i)
  const many = countAround(phrase, from, phrase.length) ?? leadingCount(phrase) ?? out.count
  notes.count(s, `rear.${out.key}`, many, phrase)
}
