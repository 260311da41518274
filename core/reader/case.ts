// A case's sheet: boards, sizes, bays, slots. Rooms: case-rooms.ts, fans and radiators: case-air.ts, front
// ports: case-ports.ts.
import type { BoardForm } from '../standards/boards'
import { readAir } from './case-air'
import { byFrame } from './fans-by-frame'
import { readPorts } from './case-ports'
import { readRooms } from './case-rooms'
import { aboutStandoffs, readStandoffs } from './case-standoffs'
import { CLEARANCES } from './clearances'
import { formsIn } from './named'
import { valueIn } from './measures'
import { along, productIn, spokenIn, type Axis, type Product } from './sides'
import { whole, type Notes } from './notes'
import { choiceIn } from './pattern'
import { phrasesOf } from './phrases'
import type { Sheet, Statement } from './statements'
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
    ...sheet.statements.filter(x => /board|\bM\/B\b/i.test(x.label) || listsForms(x)),
    ...sheet.statements,
  ]
  for (const s of inOrder) {
    readBoards(s, notes)
    readSupplyForms(s, notes)
    readArchetype(sheet, s, notes)
  }
  for (const s of sheet.statements) {
    readSize(s, notes)
    readRooms(s, notes)
    readBays(s, notes)
    readSlots(s, notes)
    readPorts(s, notes)
    readStandoffs(s, notes)
  }
  for (const s of byFrame(sheet.statements)) readAir(s, notes)
}

function readBoards(s: Statement, notes: Notes): void {
  if (aboutStandoffs(s)) return
  const named = formsIn(whole(s).replace(/ATX(?=[^,;]{0,12}(?:power supply|PSU|PS\/2))/gi, ''))
  const boards = isTheMost(s) ? withSmaller(named) : withThoseBetween(named, whole(s))
  const aboutBoards =
    /board|\bM\/B\b|\bcase$|^(?:case|tower) type$/i.test(s.label) ||
    OF_FORMS.test(s.label) ||
    listsForms(s) ||
    /\bboards?\b|tower|case\b|^(?:fits|takes|holds|for)\b/i.test(s.value) ||
    /^[^,;]*\bonly\.?$/i.test(s.value)
  if (boards.length === 0 || !aboutBoards || notes.has('boards')) return
  if (/power|psu|supply/i.test(s.label)) return
  if (isATitle(s, boards))
    notes.doubt(
      s,
      { path: 'boards', value: withSmaller(boards) },
      'only the largest is named; smaller boards usually go in too',
    )
  else notes.put(s, 'boards', boards)
  notes.put(s, 'tray.roomX', depthOfBoards(s.value), 'mm')
}

/** "Aerie 2 ATX mid tower": what a title calls it, no list of what goes in. */
const isATitle = (s: Statement, [only, ...others]: readonly BoardForm[]): boolean =>
  others.length === 0 &&
  (only === 'ATX' || only === 'microATX' || only === 'E-ATX') &&
  s.line === 1 &&
  /tower|case\b/i.test(s.value) &&
  !/board|only\b|:/i.test(s.value)

/** "Form factor support: micro ATX / mini ITX". */
const OF_FORMS =
  /^(?:supported |compatible )?form(?:ats?|[- ]?factors?)?(?: (?:supported|support|compatibility))?$/i

/** "ATX, mATX, mITX" in a line of its own. */
const ONLY_FORMS = new RegExp(
  [
    String.raw`^(?:(?:(?:E-?|micro[- ]?|m-?|mini[- ]?|µ|u)?(?:ATX|ITX)|SSI[- ](?:EEB|CEB))`,
    String.raw`(?:\s*[,/&+]\s*|\s+(?:and|or)\s+|$)){2,}$`,
  ].join(''),
  'i',
)

const listsForms = (s: Statement): boolean => s.label === '' && ONLY_FORMS.test(s.value)

const LARGE_TO = new RegExp(
  [
    String.raw`\b(?:E-?ATX|SSI[- ]?(?:EEB|CEB)|XL-?ATX)\b[\s(,]*`,
    String.raw`(?:up to|max\.?(?: (?:width|depth))?|to|≤|<)?\s*`,
    String.raw`(?:30[45](?:\s*mm)?\s*x\s*(\d{3})\b|(\d{3})\s*mm(?!\s*x))`,
  ].join(''),
  'i',
)
/** "E-ATX (up to 280 mm)": how far a board may reach from the rear, where not all of its form go in. */
const depthOfBoards = (text: string): number | null => {
  const depth = LARGE_TO.exec(text)?.slice(1).find(Boolean)
  return depth === undefined ? null : Number(depth)
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

/** "Mini-ITX to E-ATX": those between go in too. */
function withThoseBetween(named: readonly BoardForm[], text: string): readonly BoardForm[] {
  const ends = RANGE_OF_FORMS.exec(text)?.slice(1).flatMap(formsIn) ?? []
  const [least, most] = ends.map(form => FAMILY.indexOf(form)).sort((a, b) => a - b)
  const between = ends.length === 2 ? FAMILY.slice(least, (most ?? 0) + 1) : []
  return [...named, ...between.filter(form => !named.includes(form))]
}
const A_FORM = String.raw`((?:E-?|micro[- ]?|m-?|mini[- ]?|µ|u)?(?:ATX|ITX))`
const RANGE_OF_FORMS = new RegExp(
  String.raw`(?<![-\w])${A_FORM}\s*(?:\b(?:to|through)\b|–|—|\.{2,3}|…)\s*${A_FORM}\b`,
  'i',
)

const SUPPLY_FORMS: readonly (readonly [RegExp, string])[] = [
  [/\bflex\b/i, 'Flex'],
  [/\bSFX\b(?!-L)/, 'SFX'],
  [/\bSFX-L\b/, 'SFX-L'],
  [/\bTFX\b/, 'TFX'],
]
function readSupplyForms(s: Statement, notes: Notes): void {
  const about =
    /psu|power supply|supply/i.test(s.label) ||
    /power suppl(?:y|ies)|\bPSU\b|TX (?:suppl(?:y|ies))/i.test(s.value)
  if (!about) return
  const text = whole(s)
  const small = SUPPLY_FORMS.flatMap(([words, form]) => (words.test(text) ? [form] : []))
  const large = /(?<![-\w])ATX\b/.test(s.value) ? ['ATX'] : []
  const forms = [...large, ...small.sort()]
  if (forms.length > 0) notes.put(s, 'supply.forms', forms)
}

/** A "desktop" that is higher than wide stands upright, as towers do. */
function readArchetype(sheet: Sheet, s: Statement, notes: Notes): void {
  const value = archetypeIn(whole(s))
  const isFlat = value === 'desktop' ? liesFlat(sheet) : true
  if (isFlat === null)
    notes.doubt(s, { path: 'archetype', value }, 'its sides do not tell whether it lies')
  else if (isFlat) notes.put(s, 'archetype', value)
}

/** Whether a case is wider than high; null where its sides are not told. */
function liesFlat(sheet: Sheet): boolean | null {
  const size = sheet.statements
    .map(s => productIn(s.value, s.label))
    .find(p => p?.values.length === 3 && p.axes && Math.min(...p.values) > SMALLEST)
  const [width, height] = size
    ? [along(size, 'width', SIZE_ORDER), along(size, 'height', SIZE_ORDER)]
    : [labelledSide(sheet, /^width$/i), labelledSide(sheet, /^height$/i)]
  return width === null || height === null ? null : width > height
}
const labelledSide = ({ statements }: Sheet, named: RegExp): number | null => {
  const said = statements.find(s => named.test(s.label))
  return said ? valueIn(said.value, 'mm') : null
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
  if (/radiator|fan|bay|cooler|gpu|graphics|psu|supply|board/i.test(s.label)) return
  const size = productIn(s.value.replace(OF_A_CARD, ''), s.label)
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

/** "GPU up to 322 x 137 x 62 mm": no size of the case. */
const OF_A_CARD = /\b(?:GPUs?|graphics cards?|VGA|cards?)\b[^,;]*?\d\s*x\s*\d+\s*x\s*\d+\s*mm/gi

function readProduct(s: Statement, notes: Notes, size: Product): void {
  // In a desktop that lies flat the width of the sheet lies along our height, and its height across.
  const flat = notes.value('archetype') === 'desktop'
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
  if (!about || isClearance(s) || /\bboards?\b/i.test(s.value)) return
  const path = { length: 'outer.x', width: 'outer.z', height: 'outer.y', thickness: null }
  for (const { axis, value } of spokenIn(s.value)) {
    const to = path[axis]
    if (to !== null && value > SMALLEST) notes.put(s, to, value, 'mm')
  }
}

/** Screws for bays are none, and a sound socket of 3.5 mm is not one of 3.5 inches. */
const NO_BAY = /\bscrews?\b|\b3[.,]5\s?mm\b/i
function readBays(s: Statement, notes: Notes): void {
  if (/fan|radiator|size|dimension|\bscrews?\b/i.test(s.label)) return
  for (const phrase of phrasesOf(s.value).filter(p => !NO_BAY.test(p)))
    for (const { size, count } of baysIn(phrase, s.label))
      notes.put(s, `bays.${size}`, count === 0 ? null : count, 'pcs')
}

/** How many bays of each size a phrase counts. A bay for either size is one, for the larger. */
function baysIn(
  phrase: string,
  label: string,
): readonly { readonly size: string; readonly count: number | null }[] {
  const named = BAYS.filter(([, words]) => words.test(phrase))
  const isEither = named.length > 1 && isOneCount(phrase)
  if (isEither) return [{ size: '3.5', count: leadingCount(phrase) }]
  return BAYS.map(([size, words]) => {
    const found = words.exec(phrase)
    const labelled = words.test(label) ? leadingCount(phrase) : null
    return { size, count: (found && countOf(phrase, found)) ?? labelled }
  })
}

/** "2x combined 2.5\"/3.5\"", not "2 x 3.5\" or 4 x 2.5\"". */
const isOneCount = (phrase: string): boolean =>
  (phrase.match(/(?<![\d.])\d{1,2}\s*[x×]/g) ?? []).length === 1

const SLOT_LABEL = /(?:expansion |pci(?:-e|e)? ?)?slots?(?: for cards)?$|^expansion(?: bays)?$/i
/** Named choice: no case has more slots for cards. */
const MOST_SLOTS = 10

function readSlots(s: Statement, notes: Notes): void {
  if (/fan|radiator|size|dimension|memory/i.test(s.label)) return
  const labelled = SLOT_LABEL.test(s.label) ? leadingCount(s.value.replace(UPRIGHT, '$1')) : null
  const count = labelled ?? (s.label === '' ? spokenSlots(s.value) : null)
  if (count !== null && count <= MOST_SLOTS) notes.put(s, 'slots', count, 'pcs')
}

/** "7+2 slots": the others stand upright. */
const UPRIGHT = /(\d)\s*\+\s*\d(?=\s|$)/

/** "Seven expansion slots", "Expansion slots 7". */
function spokenSlots(said: string): number | null {
  const text = said.replace(UPRIGHT, '$1')
  const m = /(?:expansion\s+)?slots?/i.exec(text)
  if (!m) return null
  const behind = /^\s+(\d{1,2})\s*$/.exec(text.slice(m.index + m[0].length))?.[1]
  return countOf(text, m) ?? (behind === undefined ? null : Number(behind))
}
