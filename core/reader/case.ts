// A case's sheet: boards, sizes, clearances and what they are counted with, bays, slots. Fans and
// radiators: case-air.ts, front ports: case-ports.ts.
import type { BoardForm } from '../standards/boards'
import { readAir } from './case-air'
import { readPorts } from './case-ports'
import { CLEARANCES } from './clearances'
import { formsIn } from './common'
import {
  along,
  measuresIn,
  productIn,
  spokenIn,
  valueIn,
  type Axis,
  type Product,
} from './measures'
import { whole, type Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import { phrasesOf, type Sheet, type Statement } from './statements'
import { countOf, leadingCount } from './things'

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
  const inOrder = [
    ...sheet.statements.filter(x => /board|\bM\/B\b/i.test(x.label)),
    ...sheet.statements,
  ]
  for (const s of inOrder) {
    readBoards(s, notes)
    readSupplyForms(s, notes)
    notes.put(s, 'archetype', archetypeIn(whole(s)))
  }
  for (const s of sheet.statements) {
    readSize(s, notes)
    readRooms(s, notes)
    readBays(s, notes)
    readSlots(s, notes)
    readAir(s, notes)
    readPorts(s, notes)
  }
}

function readBoards(s: Statement, notes: Notes): void {
  const named = formsIn(whole(s).replace(/ATX(?=[^,;]{0,12}(?:power supply|PSU|PS\/2))/gi, ''))
  const boards = isTheMost(s) ? withSmaller(named) : named
  const aboutBoards =
    /board|\bM\/B\b|^form(?:at| ?factor)?$|\bcase$/i.test(s.label) ||
    /\bboards?\b|tower|case\b/i.test(s.value)
  if (boards.length === 0 || !aboutBoards || notes.has('boards')) return
  if (!/power|psu|supply/i.test(s.label)) notes.put(s, 'boards', boards)
}

/** "Max. mainboard: E-ATX", "up to ATX", "ATX and smaller": the others of the family go in too. */
const isTheMost = (s: Statement): boolean =>
  /^max/i.test(s.label) ||
  /\bup to (?:an? )?(?:E-?|micro-?)?ATX\b|\b(?:and|or) smaller\b|\bmax\.? (?:E-?|micro-?)?ATX\b/i.test(
    s.value,
  )
const FAMILY: readonly BoardForm[] = ['E-ATX', 'ATX', 'microATX', 'Mini-ITX']
function withSmaller(named: readonly BoardForm[]): readonly BoardForm[] {
  const largest = FAMILY.findIndex(form => named.includes(form))
  const smaller = largest < 0 ? [] : FAMILY.slice(largest)
  return [...named, ...smaller.filter(form => !named.includes(form))]
}

const SUPPLY_FORMS: readonly (readonly [RegExp, string])[] = [
  [/\bflex\b/i, 'Flex'],
  [/\bSFX\b(?!-L)/, 'SFX'],
  [/\bSFX-L\b/, 'SFX-L'],
  [/\bTFX\b/, 'TFX'],
]
function readSupplyForms(s: Statement, notes: Notes): void {
  const about =
    /psu|power supply|supply/i.test(s.label) || /power suppl(?:y|ies)|\bPSU\b/i.test(s.value)
  if (!about) return
  const text = whole(s)
  const small = SUPPLY_FORMS.flatMap(([words, form]) => (words.test(text) ? [form] : []))
  if (small.length > 0) notes.put(s, 'supply.forms', small.sort())
  else if (/\bATX\b/.test(s.value)) notes.put(s, 'supply.forms', ['ATX'])
}

const archetypeIn = (text: string): string | null =>
  choiceIn(text, [
    [/shroud/i, 'tower-shroud'],
    [/\bcube\b/i, 'cube'],
    [/^(?!.*processor).*(?:desktop|htpc)/is, 'desktop'],
    [/open (?:frame|bench)|test bench/i, 'bench'],
    [/dual[- ]chamber|two[- ]chamber/i, 'two-chamber'],
  ])

const isClearance = (s: Statement): boolean =>
  CLEARANCES.some(r => r.named.test(s.label === '' ? s.value : s.label)) ||
  /up to|max/i.test(s.value.slice(0, 3))

function readSize(s: Statement, notes: Notes): void {
  if (/radiator|fan|bay|cooler|gpu|graphics|psu|supply/i.test(s.label)) return
  const size = productIn(s.value, s.label)
  if (size?.values.length === 3 && Math.min(...size.values) > SMALLEST) {
    readProduct(s, notes, size)
    return
  }
  const path = choiceIn(s.label, [
    [/^(?:outer |external |case |overall )?(?:length|depth)$/i, 'outer.x'],
    [/^(?:outer |external |case |overall )?height$/i, 'outer.y'],
    [/^(?:outer |external |case |overall )?width$/i, 'outer.z'],
  ])
  const own = valueIn(s.value, 'mm')
  if (path && own !== null) notes.put(s, path, own, 'mm')
  else readSpokenSize(s, notes)
}

function readProduct(s: Statement, notes: Notes, size: Product): void {
  // In a desktop that lies flat the width of the sheet lies along our height, and its height across.
  const flat = notes.value('archetype') === 'desktop' || /desktop/i.test(s.words)
  const sides = [
    ['outer.x', 'length'],
    [flat ? 'outer.y' : 'outer.z', 'width'],
    [flat ? 'outer.z' : 'outer.y', 'height'],
  ] as const
  for (const [path, axis] of sides) {
    const value = along(size, axis, SIZE_ORDER)
    if (size.axes) notes.put(s, path, value, 'mm')
    else notes.doubt(s, { path, value, unit: 'mm' }, 'the sheet does not say which side is which')
  }
}

function readSpokenSize(s: Statement, notes: Notes): void {
  const about = s.label === '' || s.line === 1 || /size|dimension/i.test(s.label)
  if (!about || isClearance(s)) return
  const path = { length: 'outer.x', width: 'outer.z', height: 'outer.y', thickness: null }
  for (const { axis, value } of spokenIn(s.value)) {
    const to = path[axis]
    if (to !== null && value > SMALLEST) notes.put(s, to, value, 'mm')
  }
}

/** Where a sentence goes on with the clearance for another thing. */
const NEXT_CLEARANCE = oneOf(
  /\s+and\s+(?=graphics|gpu|a |cpu|suppl|psu|power suppl|cards?\b|coolers?\b)/,
  /\s+\/\s+(?=graphics|cpu|gpu|psu|cards?\b|coolers?\b)/,
  /[,;]\s+(?=graphics|cpu|gpu|psu|cards?\b|coolers?\b|suppl)/,
)
/** Named choices, mm: what is less is a gap, no clearance; of the room behind the tray, and how much at most. */
const ROOMS = [25, 700] as const
const BEHIND = [5, 60] as const

/** A label over the rooms for several things. */
const OF_SEVERAL =
  /^(?:max(?:imum|\.)? )?(?:component |parts? )?(?:clearances?|rooms?|compatibility)$/i

/**
 * Clearances: by their label, or in a sentence behind their name; several in one row. Of one with and
 * without what stands beside it the first is taken, with what it means.
 */
function readRooms(s: Statement, notes: Notes): void {
  const isOfSeveral = s.label === '' || OF_SEVERAL.test(s.label)
  for (const clause of isOfSeveral ? s.value.split(NEXT_CLEARANCE) : [s.value]) {
    const room = CLEARANCES.find(r =>
      isOfSeveral
        ? r.named.test(clause) && /up to|max|clearance|room|\d/i.test(clause)
        : r.named.test(s.label),
    )
    const isOtherSide = room?.path === 'cardRoom' && OTHER_SIDE.test(isOfSeveral ? clause : s.label)
    if (room && !isOtherSide) readRoom(s, notes, { path: room.path, clause })
  }
}

/** How wide, high or thick a card may be is no room along the case. */
const OTHER_SIDE = /^(?!.*length).*\b(?:width|height|thickness)\b/i

interface Said {
  readonly value: number
  readonly means: string | null
}

function readRoom(
  s: Statement,
  notes: Notes,
  { path, clause }: { readonly path: string; readonly clause: string },
): void {
  const product = productIn(clause)
  const [first, ...others] = roomsSaid(clause, path)
  if (!first) readBareRoom(s, notes, path)
  if (!first || (product && path !== 'cardRoom')) return
  // Of a card's three sides the longest is the room along the case.
  notes.put(s, path, product ? Math.max(...product.values) : first.value, 'mm')
  if (product) return
  if (path === 'cardRoom') notes.put(s, 'cardRoomMeans', meansOf(first, others))
  // What is true only with something beside it, and cannot be said of a case, stands beside the other.
  for (const { value, means } of others)
    if (means === null || path !== 'cardRoom') notes.put(s, path, value, 'mm')
}

/** "400 mm; 370 mm with radiator": the first is without one. */
const meansOf = (first: Said, others: readonly Said[]): string | null =>
  first.means ?? (others.some(o => /at the front$/.test(o.means ?? '')) ? 'front empty' : null)

/** Named choice: what differs by less is the same length in another unit. */
const SAME = 0.02

/** Each figure of a clause with the words behind it; of the first those before it as well. */
function roomsSaid(clause: string, path: string): readonly Said[] {
  const [least, most] = path === 'inner.behind' ? BEHIND : ROOMS
  const all = measuresIn(clause).filter(m => m.unit === 'mm' && m.value > least && m.value <= most)
  const own = all.filter(
    (m, i) => !all.slice(0, i).some(o => Math.abs(o.value - m.value) <= SAME * m.value),
  )
  return own.map((m, i) => {
    const behind = clause.slice(m.at, own[i + 1]?.at)
    const before = i === 0 ? clause.slice(0, m.at) : ''
    return {
      value: m.value,
      means: choiceIn(behind, CARD_ROOM_MEANS) ?? choiceIn(before, CARD_ROOM_MEANS),
    }
  })
}

/** "VGA card length (max.): 350": without a unit it is most likely in mm. */
function readBareRoom(s: Statement, notes: Notes, path: string): void {
  const bare = /^\s*(\d{2,3})\s*$/.exec(s.value)?.[1]
  if (bare === undefined || s.label === '') return
  notes.doubt(s, { path, value: Number(bare), unit: 'mm' }, 'the sheet says no unit: taken as mm')
}

const CARD_ROOM_MEANS: readonly (readonly [RegExp, string])[] = [
  [/(?:w\/o|without|no)\s+(?:front )?radiator|\bwithout\s*(?:[),;]|$)|front empty/i, 'front empty'],
  [
    /(?:with )?front fans? (?:installed|mounted|fitted)|with (?:an? )?(?:front )?fans?/i,
    'fans at the front',
  ],
  [/\bwith (?:an? )?(?:\d+ mm )?(?:front )?radiator/i, 'radiator at the front'],
]

function readBays(s: Statement, notes: Notes): void {
  if (/fan|radiator|size|dimension/i.test(s.label)) return
  for (const phrase of phrasesOf(s.value)) {
    for (const [size, named] of BAYS) {
      const found = named.exec(phrase)
      const labelled = named.test(s.label) ? leadingCount(phrase) : null
      const count = found ? (countOf(phrase, found) ?? labelled) : labelled
      if (count !== null) notes.put(s, `bays.${size}`, count, 'pcs')
    }
  }
}

const SLOT_LABEL = /(?:expansion |pci(?:-e|e)? ?)?slots?(?: for cards)?$|^expansion bays$/i
/** Named choice: no case has more slots for cards. */
const MOST_SLOTS = 10

function readSlots(s: Statement, notes: Notes): void {
  if (/fan|radiator|size|dimension|memory/i.test(s.label)) return
  const labelled = SLOT_LABEL.test(s.label) ? leadingCount(s.value) : null
  const count = labelled ?? (s.label === '' ? spokenSlots(s.value) : null)
  if (count !== null && count <= MOST_SLOTS) notes.put(s, 'slots', count, 'pcs')
}

/** "Seven expansion slots", "Expansion slots 7". */
function spokenSlots(text: string): number | null {
  const m = /(?:expansion\s+)?slots?/i.exec(text)
  if (!m) return null
  const behind = /^\s+(\d{1,2})\s*$/.exec(text.slice(m.index + m[0].length))?.[1]
  return countOf(text, m) ?? (behind === undefined ? null : Number(behind))
}
