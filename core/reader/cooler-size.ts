// How high, wide and deep a cooler is: by its fins, with and without fans, side by side or one by one.
import { valueIn } from './measures'
import type { Notes } from './notes'
import { choiceIn, oneOf } from './pattern'
import { phrasesOf } from './phrases'
import { along, productIn, spokenIn, type Axis, type Product } from './sides'
import type { Statement } from './statements'

/** "Footprint 92 x 92 mm" among other things. */
export function readFootprint(s: Statement, notes: Notes): void {
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

export function readSize(s: Statement, notes: Notes): void {
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

/** "Heat sink 51 mm deep": with its fan it is deeper. */
const OF_ITS_FINS = /^(?:heat ?sink|fins?|fin stack)\b(?!.*\bwith\b)/i
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
      if (to === 'depth' && OF_ITS_FINS.test(s.value))
        notes.doubt(s, { path: to, value, unit: 'mm' }, 'measured without its fan')
      else if (to !== null) notes.put(s, to, value, 'mm')
    }
  }
}
