// A cooler's sheet: sockets, size, what its fan draws; of a liquid one, radiator, tubes, pump.
import { ampsIn, fanPlugIn, flowIn, isRemark, leadIn } from './common'
import { socketsIn } from './named'
import { isLiquid, readLiquid } from './cooler-liquid'
import { readFootprint, readSize } from './cooler-size'
import { readBesideLights } from './lit'
import { measuresIn, valueIn } from './measures'
import { isNo } from './absent'
import { whole, type Notes } from './notes'
import { oneOf } from './pattern'
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
  const isList =
    s.label === '' && ONLY_SOCKETS.test(s.value.replace(BRACKETS, '').replace(/[\s.]+$/, ''))
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
const NOT = /\b(?:not|except)\b(?: for| on)?([^,;()]*)/gi
/** Sockets that ask for a kit of their own: in brackets that name them, or in the phrase that says it. */
function byAKit(text: string): readonly string[] {
  const brackets = [...text.matchAll(BRACKETS)].map(m => m[0]).filter(b => BY_A_KIT.test(b))
  const named = brackets.flatMap(socketsIn)
  const phrases = text
    .split(/\s[-–—]\s/)
    .flatMap(phrasesOf)
    .filter(phrase =>
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
  const rooms = measuresIn(about.replace(/\d+ ?mm fans?/gi, ' ')).filter(m => m.unit === 'mm')
  // Of one with and without a second fan the first is taken, the other told beside it.
  for (const { value } of rooms) notes.put(s, 'memoryRoom', value, 'mm')
  return about === s.value || about === phrases[0]
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
