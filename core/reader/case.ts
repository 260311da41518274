// A case's sheet: boards, sizes, clearances and what they are counted with, bays, fan and radiator
// places, front ports.
import { formsIn } from './common'
import { along, firstOf, measuresIn, productIn, spokenIn, type Axis } from './measures'
import { whole, type Notes } from './notes'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { countAround, leadingCount, wordNumber } from './things'

const ROOMS = [
  {
    path: 'coolerRoom',
    named:
      /cpu cooler|cooler (?:height|clearance|room)|cpu coolers|room for (?:cpu )?coolers|coolers? up to|height of cpu cooler|^cooler/i,
  },
  {
    path: 'cardRoom',
    named:
      /gpu|graphics cards?|vga (?:card|length)|video card|^card (?:length|room)|\bcards? up to/i,
  },
  { path: 'supply.room', named: /psu|power suppl|suppl(?:y|ies)/i },
] as const
const WALLS = ['front', 'top', 'rear', 'bottom', 'side'] as const
const BAYS = [
  ['3.5', /3[.,]5\s*(?:"|″|-?\s?inch|in\b)?/i],
  ['2.5', /2[.,]5\s*(?:"|″|-?\s?inch|in\b)?/i],
  ['5.25', /5[.,]25\s*(?:"|″|-?\s?inch|in\b)?/i],
] as const
/** What is smaller is no side of a case, mm. A named choice. */
const SMALLEST = 50
const SIZE_ORDER: readonly Axis[] = ['length', 'width', 'height']

export function readCase(sheet: Sheet, notes: Notes): void {
  // A line that lists boards says more than "ATX tower" in a title.
  for (const s of sheet.statements.filter(x => /board|\bM\/B\b/i.test(x.label))) readType(s, notes)
  for (const s of sheet.statements) readType(s, notes)
  for (const s of sheet.statements) {
    readSize(s, notes)
    readRooms(s, notes)
    readBays(s, notes)
    readAir(s, notes)
    readPorts(s, notes)
  }
}

function readType(s: Statement, notes: Notes): void {
  const text = whole(s)
  const boards = formsIn(text.replace(/ATX(?=[^,;]{0,12}(?:power supply|PSU|PS\/2))/gi, ''))
  const aboutBoards =
    /board|\bM\/B\b|^form(?:at| ?factor)?$|\bcase$/i.test(s.label) ||
    /\bboards?\b|tower|case\b/i.test(s.value)
  if (
    boards.length > 0 &&
    aboutBoards &&
    !notes.has('boards') &&
    !/power|psu|supply/i.test(s.label)
  )
    notes.put(s, 'boards', boards)
  const forms = [
    /\bSFX-L\b/.test(text) ? 'SFX-L' : '',
    /\bSFX\b(?!-L)/.test(text) ? 'SFX' : '',
    /\bTFX\b/.test(text) ? 'TFX' : '',
    /\bflex\b/i.test(text) ? 'Flex' : '',
  ]
    .filter(Boolean)
    .reverse()
  if (/psu|power supply|supply/i.test(s.label) || /power suppl(?:y|ies)|\bPSU\b/i.test(s.value)) {
    const own = forms.length > 0 ? forms.sort() : /\bATX\b/.test(s.value) ? ['ATX'] : []
    if (own.length > 0) notes.put(s, 'supply.forms', own)
  }
  if (/shroud/i.test(text)) notes.put(s, 'archetype', 'tower-shroud')
  else if (/\bcube\b/i.test(text)) notes.put(s, 'archetype', 'cube')
  else if (/desktop|htpc/i.test(text) && !/processor/i.test(text))
    notes.put(s, 'archetype', 'desktop')
  else if (/open (?:frame|bench)|test bench/i.test(text)) notes.put(s, 'archetype', 'bench')
  else if (/dual[- ]chamber|two[- ]chamber/i.test(text)) notes.put(s, 'archetype', 'two-chamber')
}

const isRoom = (s: Statement): boolean =>
  ROOMS.some(r => r.named.test(s.label)) || /up to|max/i.test(s.value.slice(0, 3))

function readSize(s: Statement, notes: Notes): void {
  if (/radiator|fan|bay|cooler|gpu|graphics|psu|supply/i.test(s.label)) return
  const size = productIn(s.value, s.label)
  const put = (path: string, v: number | null): void => notes.put(s, path, v, 'mm')
  if (size && size.values.length === 3 && Math.min(...size.values) > SMALLEST) {
    // In a desktop that lies flat the width of the sheet lies along our height, and its height
    // across.
    const flat = notes.value('archetype') === 'desktop' || /desktop/i.test(s.words)
    const keep = size.axes
      ? put
      : (path: string, v: number | null): void =>
          notes.doubt(s, path, v, 'mm', 'the sheet does not say which side is which')
    keep('outer.x', along(size, 'length', SIZE_ORDER))
    keep(flat ? 'outer.y' : 'outer.z', along(size, 'width', SIZE_ORDER))
    keep(flat ? 'outer.z' : 'outer.y', along(size, 'height', SIZE_ORDER))
    return
  }
  const own = firstOf(s.value, 'mm')
  if (own && /^(?:outer |external |case |overall )?(?:length|depth)$/i.test(s.label))
    put('outer.x', own.value)
  else if (own && /^(?:outer |external |case |overall )?height$/i.test(s.label))
    put('outer.y', own.value)
  else if (own && /^(?:outer |external |case |overall )?width$/i.test(s.label))
    put('outer.z', own.value)
  else if ((s.label === '' || s.line === 1 || /size|dimension/i.test(s.label)) && !isRoom(s)) {
    const path = { length: 'outer.x', width: 'outer.z', height: 'outer.y', thickness: null }
    for (const { axis, value } of spokenIn(s.value)) {
      const to = path[axis]
      if (to !== null && value > SMALLEST) put(to, value)
    }
  }
}

/**
 * Clearances: by their label, or in a sentence behind their name. A figure with a radiator in place
 * comes second.
 */
function readRooms(s: Statement, notes: Notes): void {
  const clauses =
    s.label === ''
      ? s.value.split(
          /\s+and\s+(?=graphics|gpu|a |cpu)|[,;]\s+(?=graphics|cpu|gpu|psu|cards?\b|coolers?\b)/i,
        )
      : [s.value]
  for (const clause of clauses) {
    const room = ROOMS.find(r =>
      s.label === ''
        ? r.named.test(clause) && /up to|max|clearance|room|\d/i.test(clause)
        : r.named.test(s.label),
    )
    if (!room) continue
    const value = measuresIn(clause).find(m => m.unit === 'mm' && m.value > 25)
    const product = productIn(clause)
    if (!value || (product && room.path !== 'cardRoom')) continue
    // Of a card's three sides the longest is the room along the case.
    notes.put(s, room.path, product ? Math.max(...product.values) : value.value, 'mm')
    if (room.path !== 'cardRoom') continue
    const means = /(?:w\/o|without|no)\s+(?:front )?radiator|front empty/i.test(clause)
      ? 'front empty'
      : /(?:with )?front fans? (?:installed|mounted|fitted)|with (?:front )?fans?/i.test(clause)
        ? 'fans at the front'
        : /^[^,]*with (?:front )?radiator/i.test(clause)
          ? 'radiator at the front'
          : null
    if (means) notes.put(s, 'cardRoomMeans', means)
  }
}

function readBays(s: Statement, notes: Notes): void {
  if (/fan|radiator|size|dimension/i.test(s.label)) return
  for (const phrase of phrasesOf(s.value)) {
    for (const [size, named] of BAYS) {
      const inLabel = named.test(s.label)
      const m = named.exec(phrase)
      if (!m && !inLabel) continue
      const count = m ? countAround(phrase, m.index, m.index + m[0].length) : leadingCount(phrase)
      if (count !== null) notes.put(s, `bays.${size}`, count, 'pcs')
      else if (m && inLabel && leadingCount(phrase) !== null)
        notes.put(s, `bays.${size}`, leadingCount(phrase), 'pcs')
    }
  }
  if (/slots?/i.test(whole(s)) && !/fan|memory/i.test(s.label)) {
    const labelled = /(?:expansion |pci(?:-e|e)? ?)?slots?(?: for cards)?$/i.test(s.label)
      ? leadingCount(s.value)
      : null
    const m = /(?:expansion\s+)?slots?/i.exec(s.value)
    const n =
      labelled ??
      (m && s.label === ''
        ? (countAround(s.value, m.index, m.index + m[0].length) ??
          leadingAfter(s.value, m.index + m[0].length))
        : null)
    if (n !== null && n <= 10) notes.put(s, 'slots', n, 'pcs')
  }
}
const leadingAfter = (text: string, at: number): number | null => {
  const m = /^\s+(\d{1,2})\s*$/.exec(text.slice(at))
  return m?.[1] ? Number(m[1]) : null
}

/** Fans and radiators by wall: "Front: 3 x 120mm / 2 x 140mm; Top: …", or a line for each wall. */
function readAir(s: Statement, notes: Notes): void {
  const text = whole(s)
  const radiators =
    /radiator|water ?cooling|liquid cooling|\bAIO\b/i.test(text) &&
    !/w\/o radiator|with(?:out)? (?:front )?radiator/i.test(text)
  if (
    !radiators &&
    !/fans?\b|cooling/i.test(text) &&
    !WALLS.some(w => new RegExp(`^${w}$`, 'i').test(s.label))
  )
    return
  if (
    /filter|dust|pre-?installed|included|supplied|fitted|bundled/i.test(s.label) ||
    ROOMS.some(r => r.named.test(s.label))
  )
    return
  const context = WALLS.find(w => new RegExp(`\\b${w}\\b`, 'i').test(s.label))
  const behind =
    s.label === '' || (!context && /^\s*(?:\d|(?:one|two|three|four|five|six)\b)/i.test(s.value))
  const places = wallParts(
    s.label === '' || !context ? `${context ?? ''} ${s.value}` : `${context}: ${s.value}`,
    behind,
  )
  for (const { wall, said } of places) {
    if (!said || !/\d{2,3}\s*(?:-)?\s*(?:mm)?/.test(said)) continue
    if (radiators) {
      const sizes = [...said.matchAll(/(?<!\d)(120|240|280|360|420)(?!\d)/g)].map(m => Number(m[1]))
      if (sizes.length > 0) notes.put(s, `radiators.${wall}`, String(Math.max(...sizes)))
      continue
    }
    if (/(?:usb|type|audio|jack)/i.test(said)) continue
    const places = fanPlacesIn(said)
    const most = Math.max(0, ...places.values())
    if (most === 0) continue
    notes.put(s, `fans.${wall}`, most, 'pcs')
    notes.put(
      s,
      `fans.${wall}.sizes`,
      [...places.keys()].sort((a, b) => Number(a) - Number(b)),
    )
    for (const [size, count] of places)
      if (count < most) notes.put(s, `fans.${wall}.${size}`, count, 'pcs')
  }
}

const FRAME = String.raw`(?<![\d.])(?:40|60|80|92|120|140|200)(?![\d.])`
/** "120mm*3" says it the other way round: the count goes in front. */
const countFirst = (text: string): string =>
  text.replace(
    new RegExp(String.raw`(${FRAME}\s*mm)\s*[x×*]\s*(\d{1,2})(?!\d|\s*mm)`, 'gi'),
    '$2 x $1',
  )
const FRAMES = new RegExp(
  String.raw`(?:(\d{1,2})\s*[x×]\s*|\b(one|two|three|four|five|six)\s+)?(${FRAME}(?:\s*-?\s*mm)?(?:\s*(?:\/|or|,)\s*${FRAME}(?!\s*[x×])(?:\s*-?\s*mm)?)*)`,
  'gi',
)
/**
 * How many fans of each size: "3 x 120/140 mm", "3 x 120 / 2 x 140mm". A bare number without count
 * or unit is no fan.
 */
function fanPlacesIn(said: string): ReadonlyMap<string, number> {
  const places = new Map<string, number>()
  for (const m of countFirst(said).matchAll(FRAMES)) {
    const [, digits, word, sizes = ''] = m
    if (!digits && !word && !/mm/i.test(sizes)) continue
    const count = digits ? Number(digits) : word ? (wordNumber(word) ?? 1) : 1
    for (const size of sizes.match(/\d+/g) ?? [])
      places.set(size, Math.max(places.get(size) ?? 0, count))
  }
  return places
}

/**
 * Cuts a text into what is said of each wall: the words behind its name, or, in sentences, those
 * before "at the front".
 */
function wallParts(
  text: string,
  sentence: boolean,
): readonly { readonly wall: string; readonly said: string }[] {
  const named = [
    ...text.replace(/\broof\b/gi, 'top ').matchAll(/\b(front|top|rear|bottom|side)\b/gi),
  ]
  if (sentence && !/^\s*(?:fans?\s+)?(?:front|top|rear|bottom|side)\b/i.test(text.trim())) {
    // "420 mm at the front and top": a wall without a figure of its own shares the one before.
    return named.reduce<readonly { readonly wall: string; readonly said: string }[]>(
      (parts, m, i) => {
        const said = text.slice(i === 0 ? 0 : (named[i - 1]?.index ?? 0), m.index)
        return [
          ...parts,
          {
            wall: (m[1] ?? '').toLowerCase(),
            said: /\d/.test(said) ? said : (parts.at(-1)?.said ?? said),
          },
        ]
      },
      [],
    )
  }
  return named.map((m, i) => ({
    wall: (m[1] ?? '').toLowerCase(),
    said: text.slice(m.index + m[0].length, named[i + 1]?.index),
  }))
}

function readPorts(s: Statement, notes: Notes): void {
  const own = s.label === '' && /^(?:front )?(?:ports|i\/o|panel|connections)/i.test(s.under)
  const about =
    /front (?:i\/o|panel|ports?|connectors?|connections?|usb)|^front$|i\/o|ports?$/i.test(
      s.label,
    ) ||
    (s.label === '' &&
      (/front (?:panel|i\/o)|ports?\b/i.test(s.value) || /^\W*USB.*,/i.test(s.value)) &&
      /usb|audio|headset/i.test(s.value))
  if ((!about && !own) || /radiator/i.test(s.label)) return
  for (const phrase of phrasesOf(s.value)) {
    const c = /USB[^,;]*?(?:Type[- ]?C|-C\b)|Type[- ]?C/i.exec(phrase)
    const fast =
      /(?:USB(?:-A)?\s?|Type[- ]?A\s?)(?:3(?:\.\d)?|5\s?G)|USB-A\s?3|Type[- ]?A(?:\s+5\s?G|\b)|USB\s+5\s?G/i.exec(
        phrase,
      )
    const slow = /USB(?:-A)?\s?2(?:\.0)?/i.exec(phrase)
    const thing = c ?? slow ?? fast ?? /USB/i.exec(phrase)
    if (thing) {
      const named = /USB|Type[- ]?[AC]/i.exec(phrase) ?? thing
      const n =
        countAround(
          phrase,
          named.index,
          Math.max(named.index + named[0].length, thing.index + thing[0].length),
        ) ?? 1
      notes.count(s, `leads.${c ? 'usb-c' : slow ? 'usb-2' : 'usb-3'}`, n)
    }
    if (
      /audio|headset|headphones?|microphone|mic\b|jack/i.test(phrase) &&
      !notes.has('leads.audio-hd')
    )
      notes.put(s, 'leads.audio-hd', 1, 'pcs')
  }
}
