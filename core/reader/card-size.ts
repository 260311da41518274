// How long, high and thick a card is: its sides in one row, or one by one.
import { valueIn } from './measures'
import type { Notes } from './notes'
import { along, productIn, spokenIn, type Product } from './sides'
import type { Statement } from './statements'

/** Named choice: no card is as thick, mm. */
const WIDEST = 85
/** A connector whose name looks like two sides. */
const NAMED_BY_SIDES = /12V-?2[x×]6/gi

export function readSize(s: Statement, notes: Notes): void {
  const value = s.value.replace(NAMED_BY_SIDES, ' ')
  const size = /outputs?|ports|fans?\b/i.test(s.label) ? null : productIn(value, s.label)
  if (size) readProduct(s, notes, size)
  // With and without its bracket: two sizes, both doubtful.
  const other = size && productIn(s.value.slice(s.value.indexOf(size.words) + size.words.length))
  if (other && other.values.length === size.values.length) readProduct(s, notes, other)
  readSide(s, notes)
  if (!size && (s.label === '' || /size|dimension/i.test(s.label))) {
    const path = { length: 'length', height: 'height', width: 'thickness', thickness: 'thickness' }
    for (const { axis, value } of spokenIn(s.value)) notes.put(s, path[axis], value, 'mm')
  }
}

/**
 * On a card "width" of three letters is the side that stands over the board; the last figure is the
 * thickness. Letters tell the length; sheets differ in which of the others is "width", but no card
 * is thicker than it is high.
 */
function readProduct(s: Statement, notes: Notes, size: Product): void {
  const named = size.axes?.includes('length') ? along(size, 'length', []) : null
  const length = named ?? Math.max(...size.values)
  const [height, thickness] = size.values
    .toSpliced(size.values.indexOf(length), 1)
    .sort((a, b) => b - a)
  notes.put(s, 'length', length, 'mm')
  notes.put(s, 'height', height, 'mm')
  notes.put(s, 'thickness', thickness, 'mm')
}

/**
 * Some sheets stand the card up, others lay it down: the side told in slots is its thickness, what
 * is wider than any slot its height.
 */
const LENGTH = new RegExp(
  [
    String.raw`^(?:(?:graphics card|card|board|product|total|overall) )?(?:dimensions, )?length`,
    String.raw`(?: \(?with(?:out)? (?:the )?bracket\)?)?$`,
  ].join(''),
  'i',
)

function readSide(s: Statement, notes: Notes): void {
  const own = valueIn(s.value, 'mm')
  if (LENGTH.test(s.label)) notes.put(s, 'length', own, 'mm')
  else if (/thickness/i.test(s.label)) notes.put(s, 'thickness', own, 'mm')
  else if (/^(?:card )?(?:height|width)$/i.test(s.label) && own !== null) {
    const thin = /slots?\b/i.test(s.value) || (/width/i.test(s.label) && own < WIDEST)
    notes.put(s, thin ? 'thickness' : 'height', own, 'mm')
  }
}
