// The rooms of a case: how long, high and deep what goes in may be, by their label or in a sentence, with what
// else stands there.
import { CLEARANCES } from './clearances'
import { namesAFigure } from './entries'
import { measuresIn } from './measures'
import { productIn } from './sides'
import type { Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import type { Statement } from './statements'

/** Where a sentence goes on with the clearance for another thing. */
const NEXT_CLEARANCE = oneOf(
  /\s+and\s+(?=(?:max\.? )?(?:graphics|gpu|a |cpu|suppl|psu|power suppl|cards?\b|coolers?\b))/,
  /\s+\/\s+(?=graphics|cpu|gpu|psu|cards?\b|coolers?\b)/,
  /[,;]\s+\(?(?=(?:max\.? )?(?:graphics|cpu|gpu|psu|cards?\b|coolers?\b|(?:power )?suppl))/,
)
/** Named choices, mm: what is less is a gap, no clearance; of the room behind the tray, and how much at most. */
const ROOMS = [25, 700] as const
const BEHIND = [5, 60] as const
/** In a second chamber a supply stands. */
const CHAMBER = [5, 150] as const

/** A label over the rooms for several things. */
const OF_SEVERAL =
  /^(?:max(?:imum|\.)? )?(?:component |parts? |installation )?(?:clearances?|rooms?|spaces?|compatibility)$/i

/** A label in praise ("ROOMY") says nothing of what stands behind it. */
const namesARoom = (label: string): boolean =>
  label !== '' && (namesAFigure(label) || CLEARANCES.some(r => r.named.test(label)))

/**
 * Clearances: by their label, or in a sentence behind their name; several in one row. Of one with and
 * without what stands beside it the first is taken, with what it means.
 */
export function readRooms(s: Statement, notes: Notes): void {
  const isOfSeveral = OF_SEVERAL.test(s.label) || !namesARoom(s.label)
  s.value.split(NEXT_CLEARANCE).forEach((clause, i) => {
    // The first clause is about what the label says, where it says one.
    const says = isOfSeveral || i > 0 ? clause : s.label
    const room = CLEARANCES.find(
      r => r.named.test(says) && /up to|max|clearance|room|\d/i.test(clause),
    )
    const isOtherSide = room?.path === 'cardRoom' && OTHER_SIDE.test(says)
    if (room && !isOtherSide) readRoom(s, notes, { path: room.path, clause })
  })
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
/** "… with a 27 mm radiator": what stands beside it. */
const BESIDE = /^\s*(?:thick )?(?:front )?(?:radiators?|fans?)\b/i
/** "… tall": how high or thick a card may be is no room along the case. */
const ACROSS = /^\s*(?:tall|high|thick|wide|in (?:height|width|thickness))\b/i
/** "20.5-40 mm": what is there at least counts. */
const RANGE = /(\d+(?:[.,]\d+)?)\s*(?:mm)?\s*(?:[-–]|to|bis)\s*\d+(?:[.,]\d+)?\s*mm/g
function roomsSaid(said: string, path: string): readonly Said[] {
  const clause = said.replace(RANGE, '$1 mm')
  const behind = /chamber/i.test(clause) ? CHAMBER : BEHIND
  const [least, most] = path === 'inner.behind' ? behind : ROOMS
  const all = measuresIn(clause).filter(
    m =>
      m.unit === 'mm' &&
      m.value > least &&
      m.value <= most &&
      !BESIDE.test(clause.slice(m.end)) &&
      !(path === 'cardRoom' && ACROSS.test(clause.slice(m.end))),
  )
  const own = all.filter(
    (m, i) => !all.slice(0, i).some(o => Math.abs(o.value - m.value) <= SAME * m.value),
  )
  const gaps = own.map((m, i) => partedGap(clause.slice(m.end, own[i + 1]?.at)))
  return own.map((m, i) => {
    const isLast = i === own.length - 1
    const { behind, ahead } = gaps[i] ?? NO_GAP
    const after = isLast ? `${behind}${ahead}` : behind
    const before = i === 0 ? clause.slice(0, m.at) : (gaps[i - 1] ?? NO_GAP).ahead
    return {
      value: m.value,
      means: choiceIn(after, CARD_ROOM_MEANS) ?? choiceIn(before, CARD_ROOM_MEANS),
    }
  })
}

const NO_GAP = { behind: '', ahead: '' }
/** "400 mm; with a radiator 345 mm": of the words between two figures those behind the last sign are of the second. */
function partedGap(gap: string): typeof NO_GAP {
  const signs = [...gap.matchAll(/[;,(/]|\b(?:or|and)\b/g)]
  const at = signs.at(-1)?.index ?? gap.length
  return /[a-z]/i.test(gap.slice(at + 1))
    ? { behind: gap.slice(0, at), ahead: gap.slice(at) }
    : { behind: gap, ahead: '' }
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
    oneOf(
      ...[/(?:with )?front fans? (?:installed|mounted|fitted)/, /with (?:an? )?(?:front )?fans?/],
      /when an? fan is (?:mounted|fitted|installed)/,
    ),
    'fans at the front',
  ],
  [/\bwith (?:an? )?(?:\d+ mm )?(?:front )?radiator/i, 'radiator at the front'],
]
