// A cooler's sheet: sockets, size, what its fan draws; of a liquid one, radiator, tubes, pump.
import { ampsIn, fanPlugIn, flowIn, isRemark, leadIn } from './common'
import { socketsIn } from './named'
import { isLiquid, readLiquid } from './cooler-liquid'
import { readBesideLights } from './lit'
import { along, productIn, spokenIn, valueIn, type Axis, type Product } from './measures'
import { isNo, whole, type Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
import { countOf, leadingCount } from './things'

export function readCooler(sheet: Sheet, notes: Notes): void {
  const wet = isLiquid(sheet)
  const read = (s: Statement): void => {
    readSockets(s, notes)
    readPaste(s, notes)
    readFastening(s, notes)
    readFigures(s, notes)
    if (!wet) readFootprint(s, notes)
    if (readMemoryRoom(s, notes)) return
    if (wet) readLiquid(s, notes)
    if (wet && BLOCK.test(whole(s))) readSize(s, notes)
    if (!wet) {
      readSize(s, notes)
      readFan(s, notes)
      readFansInTheBox(s, notes)
    }
  }
  readBesideLights(sheet, { notes, path: 'lights.0', read })
}

/** What of a liquid cooler stands on the processor. */
const BLOCK = /^(?:water ?|cooling |pump |cpu )*(?:block|pump head|cold ?plate)\b(?!.*\bfans?\b)/i

const FITS = /\b(?:for|fits|supports)\b|socket/i

function readSockets(s: Statement, notes: Notes): void {
  const isList = s.label === '' && ONLY_SOCKETS.test(s.value)
  const about = isList || /socket|compatib|suitable|^(?:for|fits)$|mount|support/i.test(s.label)
  const inText = s.label === '' && FITS.test(s.value)
  if ((!about && !inText) || isRemark(s)) return
  const own = about ? s.value : s.value.slice(s.value.search(FITS))
  const apart = byAKit(own)
  const sockets = socketsIn(own.replace(BRACKETS, '')).filter(socket => !apart.includes(socket))
  if (sockets.length > 0) notes.put(s, 'sockets', sockets)
}

/** "TERN-2/3, KNOT-6" in a line of its own. */
const ONLY_SOCKETS = /^(?:[A-Z]{2,}[- ]?\d+[A-Z]?(?:\/\d+)*(?:\s*[,/&+]\s*|$)){2,}$/

const BRACKETS = /\([^()]*\)/g
/** "TERN-2, TERN-3, not TERN-1". */
const NOT = /\b(?:not|except)\b([^,;()]*)/gi
/** Sockets that ask for a kit of their own: in brackets that name them, or in the phrase that says it. */
function byAKit(text: string): readonly string[] {
  const brackets = [...text.matchAll(BRACKETS)].map(m => m[0]).filter(b => BY_A_KIT.test(b))
  const named = brackets.flatMap(socketsIn)
  const phrases = phrasesOf(text).filter(phrase =>
    BY_A_KIT.test(phrase.replace(BRACKETS, b => (socketsIn(b).length > 0 ? '' : b))),
  )
  const not = [...text.matchAll(NOT)].flatMap(m => socketsIn(m[1] ?? ''))
  return [...named, ...not, ...phrases.flatMap(phrase => socketsIn(phrase.replace(BRACKETS, '')))]
}

const BY_A_KIT = oneOf(
  ...[/separate/, /optional/, /sold/, /on request/, /\bexcept\b/, /incompatible/],
  /\bwith (?:an? )?(?:\w+ )?(?:kit|bracket)/,
  /not (?:included|compatible|for|suitable|supported)/,
)

const PASTE = /paste|compound|grease/i
function readPaste(s: Statement, notes: Notes): void {
  if (!PASTE.test(whole(s))) return
  const supplied = /included|supplied|tube|yes|contents|in the box/i.test(whole(s))
    ? 'supplied'
    : null
  const isLeftOut = isNo(s.value) && !/tube|(?<!not )(?:supplied|included)/i.test(s.value)
  const said = isLeftOut ? 'own' : supplied
  notes.put(s, 'paste', /pre-?applied|applied/i.test(s.value) && !isNo(s.value) ? 'applied' : said)
}

const IN_THE_BOX = /^(?:included?|contents|in the box|scope of delivery|accessories)\b/i
const FANS = /^\d\s*x\s*\d{2,3}\s*mm\b[^()]*\bfans?\b/i
/** "Included: 2x 140 mm fans (0.12 A each), paste": the fans in the box are its own. */
function readFansInTheBox(s: Statement, notes: Notes): void {
  const fans = IN_THE_BOX.test(s.label) ? phrasesOf(s.value).find(p => FANS.test(p)) : undefined
  if (fans === undefined) return
  readFan({ ...s, label: 'Fans', value: fans }, notes)
  notes.use(s)
}

function readFastening(s: Statement, notes: Notes): void {
  if (IN_THE_BOX.test(s.label)) return
  const text = whole(s)
  if (/push[- ]?pins?/i.test(text)) notes.put(s, 'fastening', 'pins')
  else if (/\bclip\b|lever/i.test(s.value) && /mount|fasten/i.test(s.label))
    notes.put(s, 'fastening', 'clip')
  else if (/screw|backplate/i.test(s.value) && /mount|fasten|install/i.test(text))
    notes.put(s, 'fastening', 'screws')
}

function readFigures(s: Statement, notes: Notes): void {
  if (/weight|mass/i.test(s.label) || /\bweigh/i.test(s.value) || s.label === '') {
    const own = phrasesOf(s.value).filter(phrase => !PASTE.test(phrase))
    notes.put(s, 'weight', valueIn(own.join(', '), 'g'), 'g')
  }
  if (COOLS.test(whole(s)) && !/fan|current|speed/i.test(s.label))
    notes.put(s, 'cools', valueIn(s.value, 'W'), 'W')
}

const COOLS = oneOf(
  ...[/tdp/, /cooling (?:capacity|power|performance)/, /rated/, /heat (?:dissipation|load)/],
  ...[/thermal design power/, /dissipates/, /\bcools\b/, /^heat:? \d/],
  /\bhandles\b/,
)

const MEMORY_ROOM = oneOf(
  /(?:ram|memory|dimm)(?: modules?)? (?:clearance|height|room|space)/,
  /(?:clearance|height|room|space) (?:for|over|above|to|of) (?:the )?(?:ram|memory|dimm)/,
  ...[/max\.? ram/, /(?:ram|memory) (?:compatible |compatibility )?up to/, /\b(?:ram|memory) max/],
)
/** Reads the room over memory; true where the line is about nothing else. */
function readMemoryRoom(s: Statement, notes: Notes): boolean {
  const phrases = phrasesOf(s.value)
  const about = MEMORY_ROOM.test(s.label) ? s.value : phrases.find(p => MEMORY_ROOM.test(p))
  if (about === undefined) return false
  notes.put(s, 'memoryRoom', valueIn(about.replace(/\d+ ?mm fans?/gi, ' '), 'mm'), 'mm')
  return about === s.value || about === phrases[0]
}

/** "Footprint 92 x 92 mm" among other things. */
function readFootprint(s: Statement, notes: Notes): void {
  const said = phrasesOf(s.value).find(p => /^(?:footprint|base)\b/i.test(p))
  const size = said === undefined ? null : productIn(said)
  if (size?.values.length !== 2 || phrasesOf(s.value).length === 1) return
  notes.put(s, 'width', size.values[0], 'mm')
  notes.put(s, 'depth', size.values[1], 'mm')
}
const FOOTPRINT = oneOf(
  ...[/footprint/, /base/, /(?:length|depth) (?:and|x|×|&) width/],
  /width (?:and|x|×|&) (?:length|depth)/,
)
const NO_SIZE = oneOf(
  ...[/^fan/, /socket/, /clearance/, /(?:without|w\/o|excl\.?|excluding) (?:the )?fan/],
)
const ORDER: readonly Axis[] = ['length', 'width', 'height']
const SIDES = [
  ['height', 'height'],
  ['width', 'width'],
  ['depth', 'length'],
] as const

function readSize(s: Statement, notes: Notes): void {
  if (NO_SIZE.test(s.label)) return
  if (NO_SIZE.test(s.under)) {
    readBareSides(s, notes)
    return
  }
  const { rest, bare } = withFans(s)
  const size = productIn(rest, s.label)
  if (!size && bare !== null) readBareProduct(s, notes, bare)
  else if (!size || !readProduct(s, notes, size)) readSides(s, notes)
}

const BARE = /\b(?:without|w\/o|excl\.?|excluding) (?:the |any )?fans?\b/i
const AXES = /\((?:[HWDLT]\s*x\s*){2}[HWDLT]\)/i
/** "Without fans A (HxWxD), with fans B": what is said of the bare fins, and the rest with its order of sides. */
function withFans({ value }: Statement): { readonly rest: string; readonly bare: string | null } {
  const phrases = phrasesOf(value)
  const bare = phrases.filter(isBare)
  if (bare.length === 0) return { rest: value, bare: null }
  const rest = phrases.filter(p => !isBare(p)).join(', ')
  const axes = AXES.test(rest) ? '' : (AXES.exec(value)?.[0] ?? '')
  return { rest: rest.replace(A_PRODUCT, `$& ${axes}`), bare: bare.join(', ') }
}
const A_PRODUCT = /\d[\d.,]*\s*(?:mm)?(?:\s*x\s*\d[\d.,]*\s*(?:mm)?){2}/i

const isBare = (phrase: string): boolean => BARE.test(phrase) && A_PRODUCT.test(phrase)

/** The bare fins alone are told: as high and as wide as with a fan, most likely. */
function readBareProduct(s: Statement, notes: Notes, bare: string): void {
  const size = productIn(bare, s.label)
  if (!size?.axes) return
  for (const [path, axis] of SIDES.slice(0, 2)) {
    const value = along(size, axis, ORDER)
    notes.doubt(s, { path, value, unit: 'mm' }, 'measured without its fan')
  }
}

/** Sides written as a product; false where it does not tell which they are. */
function readProduct(s: Statement, notes: Notes, size: Product): boolean {
  if (size.values.length === 3) {
    if (!size.axes && readThirdSide(s, notes, size.values)) return true
    for (const [path, axis] of SIDES) {
      const value = along(size, axis, ORDER)
      if (size.axes) notes.put(s, path, value, 'mm')
      else notes.doubt(s, { path, value, unit: 'mm' }, 'the sheet does not say which side is which')
    }
    return true
  }
  if (size.values.length === 2 && size.axes?.length === 2) {
    for (const [path, axis] of SIDES) notes.put(s, path, along(size, axis, []), 'mm')
    return true
  }
  const isFootprint = s.label === '' ? /^\W*footprint/i.test(s.value) : FOOTPRINT.test(s.label)
  if (!isFootprint) return false
  notes.put(s, 'width', size.values[0], 'mm')
  notes.put(s, 'depth', size.values[1], 'mm')
  return true
}

/** Named choice: sheets round a side by so much, mm. */
const ROUNDED = 1
/** Of three sides the one that is left, where the sheet says elsewhere how high and how wide it is. */
function readThirdSide(s: Statement, notes: Notes, values: readonly number[]): boolean {
  const known = (['height', 'width'] as const).map(path => ({ path, side: notes.likely(path) }))
  const left = known.reduce<readonly number[]>((rest, { side }) => {
    const at = rest.findIndex(v => typeof side === 'number' && Math.abs(v - side) <= ROUNDED)
    return at < 0 ? rest : rest.filter((_, i) => i !== at)
  }, values)
  if (left.length !== 1) return false
  for (const { path, side } of known) notes.put(s, path, side, 'mm')
  notes.put(s, 'depth', left[0], 'mm')
  return true
}

/** What its fins measure without a fan: as high and as wide as with it, most likely. */
function readBareSides(s: Statement, notes: Notes): void {
  const path = choiceIn(s.label, [
    [/^height/i, 'height'],
    [/^width/i, 'width'],
  ])
  const value = valueIn(s.value, 'mm')
  if (path) notes.doubt(s, { path, value, unit: 'mm' }, 'measured without its fan')
}

/** Sides told one by one: by labels, or in words. */
function readSides(s: Statement, notes: Notes): void {
  const labelled = choiceIn(s.label, [
    [/height/i, 'height'],
    [/^(?:overall )?width/i, 'width'],
    [/^(?:overall )?(?:depth|length)/i, 'depth'],
  ])
  if (labelled) notes.put(s, labelled, valueIn(s.value, 'mm'), 'mm')
  else if (s.label === '' || /size|dimension/i.test(s.label)) {
    const path = { length: 'depth', width: 'width', height: 'height', thickness: null }
    for (const { axis, value } of spokenIn(s.value)) {
      const to = path[axis]
      if (to !== null) notes.put(s, to, value, 'mm')
    }
  }
}

/** "65 W TDP": what it cools, not what its fan draws. */
const COOLED = /\b\d+\s*W (?:TDP|cooling)\b|\bTDP:?\s*\d+\s*W\b/gi
function readFan(s: Statement, notes: Notes): void {
  const labelled = /fan|connect(?:or|ion)|cable|plug|current|consumption|amperage/i.test(s.label)
  if (
    !labelled &&
    !((s.label === '' || s.line === 1) && /\bfans?\b|\bPWM\b|[34][- ]pin/i.test(s.value))
  )
    return
  notes.put(s, 'fan.face', fanPlugIn(s.value))
  if (/current|power|amp|consumption/i.test(s.label) || /^fans?$/i.test(s.label) || s.label === '')
    notes.put(s, 'fan.amps', ampsIn(s.value.replace(COOLED, ' ')), 'A')
  notes.put(s, 'fan.flow', flowIn(s.value), 'm3h')
  readMoreFans(s, notes)
  notes.put(s, 'fan.lead', leadIn(s), 'mm')
}

/** "2 x 120 x 25 mm", "Two fans", "Fans: 2": how many it carries. */
function readMoreFans(s: Statement, notes: Notes): void {
  const frame = /(?<!\d)(?:80|92|120|140)(?=\s*(?:mm|x\s*\d|PWM))/i.exec(s.value)
  const named = frame ?? /\bfans?\b/i.exec(s.value)
  const counts =
    (named ? countOf(s.value, named) : null) ??
    (OF_FANS.test(s.label) ? leadingCount(s.value) : null)
  if (counts !== null && counts > 1 && counts <= MOST_FANS) notes.put(s, 'fan.count', counts, 'pcs')
}
const OF_FANS = /^(?:number of )?fans(?: included)?$|^fan count$/i
/** Named choice: no cooler carries more fans at its fins. */
const MOST_FANS = 3
