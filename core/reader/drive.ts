// A drive's sheet: what it stores on, its shape, its protocol, what it draws at rest, busy and when
// it spins up.
import { generationIn } from './named'
import { measuresIn, plainNumber, valueIn, type Measure } from './measures'
import { productIn, spokenIn } from './sides'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import type { Sheet, Statement } from './statements'

const MEDIUM: readonly (readonly [RegExp, string])[] = [
  [
    /optical(?! (?:out|in|audio|digital))|dvd|blu-?ray|\bBD[- ](?:writer|burner|drive)|cd-rom/i,
    'optical',
  ],
  [/card reader/i, 'cards'],
  [/floppy/i, 'floppy'],
  [/hard (?:disk|drive)|\bHDD\b|(?:\b|\d)RPM\b|rotation|spindle/i, 'disk'],
  [/\bSSD\b|solid[- ]state|NVMe|M\.2|read.{0,20}MB\/s|MB\/s.{0,8}read/i, 'flash'],
]

export function readDrive(sheet: Sheet, notes: Notes): void {
  const medium = choiceIn(sheet.text, MEDIUM)
  const [first] = sheet.statements
  if (first) {
    notes.put(first, 'medium', medium)
    if (medium === 'disk') notes.put(first, 'spins', true)
  }
  for (const s of sheet.statements) {
    if (/M\.2|\bM2\b/i.test(whole(s))) readStick(s, notes)
    else readBody(s, notes, medium)
    readProtocol(s, notes)
    readSpeed(s, notes)
    readWatts(s, notes)
    if (medium === 'disk') readStart(s, notes)
  }
}

function readStick(s: Statement, notes: Notes): void {
  notes.put(s, 'shape', 'M.2')
  notes.put(
    s,
    'm2.sides',
    choiceIn(whole(s), [
      [/double[- ]sided|22\d{2,3}-D/i, 'both'],
      [/single[- ]sided|22\d{2,3}-S/i, 'one'],
    ]),
  )
  const sink = /heat ?(?:sink|spreader)/i.test(whole(s)) && !WITH_AND_WITHOUT.test(s.value)
  if (sink)
    notes.put(
      s,
      'm2.heatSink',
      !/without|\bno\b|not included|optional/i.test(s.value) && !isNo(s.value),
    )
  notes.put(s, 'm2.length', /\b(22(?:30|42|60|80)|22110)\b/.exec(whole(s))?.[1])
}

/** Sold both ways, or two figures of one: nobody says which this is. */
const WITH_AND_WITHOUT = /\bwith\b.*\bwithout\b|\bwithout\b.*\bwith\b/i

/** What is more is no thickness of a drive, mm. A named choice. */
const THICKEST = 60
/** Named choice: no 2.5-inch drive is as thick, mm. */
const THICK_LAPTOP = 16

function readBody(s: Statement, notes: Notes, medium: string | null): void {
  const inch = /\b(2[.,]5|3[.,]5|5[.,]25)\s*(?:"|″|-?\s?inch|in\b)/i
    .exec(whole(s))?.[1]
    ?.replace(',', '.')
  notes.put(s, 'shape', inch)
  readThickness(s, notes, inch)
  if (/^length$/i.test(s.label)) notes.put(s, 'length', valueIn(s.value, 'mm'), 'mm')
  const deep = /depth|length/i.test(s.label) || /^(?:depth|length)\b/i.test(s.value)
  const spoken = spokenIn(s.value).find(x => x.axis === 'length')?.value
  if (medium === 'optical')
    notes.put(s, 'length', spoken ?? (deep ? valueIn(s.value, 'mm') : null), 'mm')
}

/** What is bought by itself is no part of its body. */
const NOT_ON_IT = oneOf(
  /heat ?(?:sink|spreader)s?\b[^.]*\b(?:none|optional|not included|separate|sold)/,
  ...[/\boptional\b/, /\b(?:no|without) heat ?(?:sink|spreader)\b[^.]*\bwith\b/],
)

function readThickness(s: Statement, notes: Notes, inch: string | undefined): void {
  if (NOT_ON_IT.test(whole(s))) return
  const high = spokenIn(s.value).find(x => x.axis === 'height' || x.axis === 'thickness')?.value
  if (high !== undefined && high < THICKEST) notes.put(s, 'thickness', high, 'mm')
  const product = productIn(s.value, s.label)
  if (product?.values.length === 3) {
    notes.put(s, 'length', Math.max(...product.values), 'mm')
    notes.put(s, 'thickness', Math.min(...product.values), 'mm')
    return
  }
  const thin = high === undefined ? thicknessIn(whole(s)) : null
  if (thin !== null) notes.put(s, 'thickness', thin, 'mm')
  else if (inch === '2.5') {
    const flat = measuresIn(s.value).find(x => x.unit === 'mm' && x.value < THICK_LAPTOP)
    notes.put(s, 'thickness', flat?.value, 'mm')
  }
}

const THICK = new RegExp(
  [
    String.raw`(?:2[.,]5\s*(?:"|″|-?\s?inch)|(?:thick(?:ness)?|height)(?:\s*\(?(?:incl|with)\D{0,24})?)`,
    String.raw`\D{0,4}(\d+(?:[.,]\d+)?)\s*mm`,
  ].join(''),
  'i',
)
/** "2.5-inch 7 mm", "thickness 7 mm", "height incl. heatsink: 11 mm". */
function thicknessIn(text: string): number | null {
  const named = THICK.exec(text)
  const behind = /(\d+(?:[.,]\d+)?)\s*mm\s*(?:z-height|thick|thin|high)\b/i.exec(text)
  const thick = named?.[1] ?? behind?.[1]
  return thick === undefined ? null : Number(thick.replace(',', '.'))
}

function readProtocol(s: Statement, notes: Notes): void {
  const text = whole(s)
  const protocol = choiceIn(text, [
    [/NVMe|PCI(?:e| Express)/i, 'NVMe'],
    [/S-?ATA/i, 'SATA'],
    [/\bUSB\b/i, 'USB'],
    [/\b(?:IDE|PATA)\b/, 'IDE'],
  ])
  notes.put(s, 'protocol', protocol)
  const isInchSize = /\bU\.[23]\b|\b2\.5 ?(?:"|″|-?inch)/i.test(text)
  if (protocol === 'NVMe' && !isInchSize) notes.put(s, 'm2.generation', generationIn(text))
  if (!isInchSize) notes.put(s, 'm2.keys', keysIn(text))
  if (protocol === 'USB' && /lead|cable/i.test(text))
    notes.put(s, 'usb', valueIn(s.value, 'mm'), 'mm')
}

/**
 * The notch of a stick, where it is named or follows: four lanes reach it only past a single notch
 * at M, the second one takes the contacts of two away.
 */
const keysIn = (text: string): readonly string[] | null => {
  const named = choiceIn(text, [
    [/\bB\s?(?:\+|&|and)\s?M\b(?=[- ]?key|\s*$|\s*[,;)])/i, 'B+M'],
    [/\bM[- ]key\b|\bkey[- ]?M\b/i, 'M'],
    [/(?:PCI(?:e| Express)|Gen)[\s-]*\d(?:\.\d)?[\s,]*x\s?4\b(?!.*\badd-?in)/i, 'M'],
  ])
  return named === null ? null : [named]
}

function readSpeed(s: Statement, notes: Notes): void {
  const text = whole(s)
  const size = measuresIn(text).find(m => m.unit === 'GB' && m.value >= 1)
  if (size && !/cache|buffer|\bTBW\b|endurance|written|workload/i.test(text))
    notes.put(s, 'gigabytes', size.value, 'GB')
  if (!/write/i.test(text) || /read|r\/w/i.test(text))
    notes.put(s, 'sequential', valueIn(s.value, 'MBs'), 'MBs')
}

const IDLE = /idle|standby|at rest|resting/i
const AT_WORK =
  /power|in use|active|operating|busy|max|consumption|typical|average|peak|read|write/i
/** Named choice: what is less is a drive asleep, W. */
const ASLEEP = 0.1

function readWatts(s: Statement, notes: Notes): void {
  const watts = measuresIn(s.value).filter(m => m.unit === 'W')
  if (watts.length === BOTH && readBoth(s, notes, watts)) return
  const said = watts
    .map(({ value, ...at }) => ({ value, says: saidOf(s, { value, ...at }) }))
    .filter(w => !isAsleep(w.says, s))
  for (const { value } of said.filter(w => IDLE.test(w.says) && w.value >= ASLEEP))
    notes.put(s, 'rest', value, 'W')
  readAtWork(
    s,
    notes,
    said.flatMap(w => (!IDLE.test(w.says) && isAtWork(w.says, s) ? [w.value] : [])),
  )
  if (watts.length === 0) readByRails(s, notes)
}

const BOTH = 2
const WORKING = '(?:operating|active|busy|load|seek|in use|read\\/write)'
/** "Idle / operating: 5.3 / 7.6 W", or the other way round: the figures in the order of the words. */
const ORDERS = [
  [new RegExp(`idle\\s*\\/\\s*${WORKING}`, 'i'), ['rest', 'busy']],
  [new RegExp(`${WORKING}\\s*\\/\\s*idle`, 'i'), ['busy', 'rest']],
] as const
function readBoth(s: Statement, notes: Notes, watts: readonly Measure[]): boolean {
  const [, paths = []] = ORDERS.find(([order]) => order.test(whole(s))) ?? []
  paths.forEach((path, i) => {
    notes.put(s, path, watts[i]?.value, 'W')
  })
  return paths.length > 0
}

const isAtWork = (says: string, s: Statement): boolean =>
  s.line === 1 || AT_WORK.test(`${says} ${s.label}`)
/** Beside what it takes when idle, what it takes asleep is less. */
const isAsleep = (says: string, s: Statement): boolean =>
  /sleep|slp\b|slumber/i.test(says) ||
  (/standby/i.test(says) && !/idle/i.test(says) && /idle/i.test(whole(s)))

/** Of an average and the most it takes the most counts. */
function readAtWork(s: Statement, notes: Notes, watts: readonly number[]): void {
  const isOfSeveral = /\bmax|peak|\bread\b.*\bwrite\b/i.test(whole(s))
  if (watts.length > 0) notes.put(s, 'busy', isOfSeveral ? Math.max(...watts) : watts[0], 'W')
}

const BY_RAIL = /(?<![\d.])(5|12)\s?V\s*(?:DC)?\s*[:=/-]?\s*(\d(?:[.,]\d+)?)\s?A\b/gi
/** "5 V 1.4 A, 12 V 1.2 A": what it takes of both together. */
function readByRails(s: Statement, notes: Notes): void {
  if (/start|spin-?up|peak/i.test(whole(s))) return
  const rails = [...s.value.matchAll(BY_RAIL)]
  if (rails.length === 0) return
  const value = rails.reduce(
    (sum, [, volts, amps]) => sum + Number(volts) * plainNumber(amps ?? ''),
    0,
  )
  notes.doubt(s, { path: 'busy', value, unit: 'W' }, 'worked out from its currents')
}

/** "avg 2.1 W / max 5.4 W / idle 55 mW". */
const APART = /[,;]|\s\/\s/
/** What is said of a figure: in the words beside it, else in the label. */
function saidOf({ label, value }: Statement, { at, end }: Measure): string {
  const before =
    value
      .slice(Math.max(0, at - 14), at)
      .split(APART)
      .at(-1) ?? ''
  const [behind = ''] = value.slice(end, end + 10).split(APART)
  const near = `${before} ${behind}`
  const isOnlyOne = measuresIn(value).filter(m => m.unit === 'W').length === 1
  return /idle|standby|slp|sleep|rest(?:ing)?|in use|active|operating|busy|max|typical|average|peak|read|write/i.test(
    near,
  )
    ? near
    : label || (isOnlyOne ? value : '')
}

/** "(12 V) 2.1 A, (5 V) 0.9 A". */
const VOLTS_FIRST = /(?<![\d.])(5|12)\s?V\)?[\s:=.-]*(\d(?:[.,]\d+)?)\s?A\b/g
/** "2.1 A on 12 V / 0.9 A on 5 V". */
const AMPS_FIRST = /(\d(?:[.,]\d+)?)\s?A\s*(?:\(|@|at|on|from)?\s*\+?(5|12)\s?V\b/g
const BOTH_RAILS = 2

/** What each of two rails gives at the start. */
function readStartByRails(s: Statement, notes: Notes): boolean {
  const text = whole(s)
  const first = [...text.matchAll(VOLTS_FIRST)].map(([, volts, amps]) => ({ volts, amps }))
  const behind = [...text.matchAll(AMPS_FIRST)].map(([, amps, volts]) => ({ volts, amps }))
  const found = first.length === BOTH_RAILS ? first : behind
  const rails = new Set(found.map(f => f.volts))
  if (found.length !== BOTH_RAILS || rails.size !== BOTH_RAILS) return false
  for (const { volts = '', amps = '' } of found)
    notes.put(s, `start.A${volts}`, plainNumber(amps), 'A')
  return true
}

function readStart(s: Statement, notes: Notes): void {
  const text = whole(s)
  if (/idle\s*\/\s*(?:operating|active|busy)/i.test(s.label) || !/start|spin-?up/i.test(text))
    return
  if (readStartByRails(s, notes)) return
  const only5 = /(?<![\d.])5\s?V\b/.test(text) && !/12\s?V\b/.test(text)
  // Of a typical and a highest current the highest counts.
  const amps = measuresIn(s.value).flatMap(m => (m.unit === 'A' ? [m.value] : []))
  const most = /max|peak/i.test(text) ? Math.max(...amps) : amps[0]
  notes.put(s, only5 ? 'start.A5' : 'start.A12', most, 'A')
}
