// What a part costs, in the notations of shops: thousands by point, comma, space or none, cents or a dash,
// the sign before, behind, or in letters.
import { Notes } from './notes'
import { oneOf } from './pattern'
import { sheetOf, type Statement } from './statements'

const LABEL = oneOf(
  ...[/\bprice\b(?!s? (?:history|alarm|per|range))/, /^(?:msrp|rrp|srp|preis|prix|precio)\b/],
  ...[/^you pay$/, /^costs?$/],
)
/** What is sent for, saved or lent is no price of the part. */
const OTHER = /shipping|delivery|postage|saving|old|before|per month|rate|deposit/i
const SIGN = String.raw`(?:€|\$|£|EUR|USD|GBP|CHF|euros?)`
const FIGURE = String.raw`(\d{1,3}(?:[.,'’ ]\d{3})+|\d+)(?:[.,](\d{1,2})(?!\d)|[.,]\s?[-–—]+)?`
const MONEY = new RegExp(String.raw`(?<![\d.,])${FIGURE}(?![\d%])`, 'i')
/** A line that is nothing but an amount with its sign. */
const ALONE = new RegExp(
  String.raw`^(?:(?:now|only|from)\s+)*(?:${SIGN}\s*${FIGURE}|${FIGURE}\s*${SIGN})$`,
  'i',
)

/** "Price: 129.00", "€94.90": a line that only tells a price. */
const TOLD = /^\s*(?:(?:unit |item )?price|cost|(?:einzel)?preis)\s*[:|\t]/i
export const isMoney = (line: string): boolean => TOLD.test(line) || ALONE.test(line.trim())

/** A text without the amount at its end: "Quill Q9 - $289". */
const AT_THE_END = new RegExp(
  String.raw`(?:\s+|,\s*)(?:[-–—@:(|=]|at\b)*\s*(?:${SIGN}\s*${FIGURE}|${FIGURE}\s*${SIGN})\)?\s*$`,
  'i',
)
export const withoutMoney = (text: string): string => text.replace(AT_THE_END, '')

/** The first amount that a list tells for a part; null where it tells none. */
export function amountSaid(text: string): number | null {
  const notes = new Notes()
  for (const s of sheetOf(text).statements) readPrice(s, notes)
  return Number(notes.value('price') ?? 0) || null
}

/** An amount of money; null where a text holds none. */
export function amountIn(text: string): number | null {
  const [, whole, cents] = MONEY.exec(text) ?? []
  if (whole === undefined) return null
  return Number(whole.replace(/\D/g, '')) + Number(`0.${cents ?? 0}`)
}

/** "Price 249 €" in a line of its own. */
const WITH_ITS_NAME = new RegExp(
  String.raw`^(?:price|msrp|rrp|srp|preis)\s+(?=(?:${SIGN}\s*)?\d)(?=.*${SIGN})`,
  'i',
)

export function readPrice(s: Statement, notes: Notes): void {
  const labelled = LABEL.test(s.label) && !OTHER.test(s.label)
  const own = s.value.trim()
  const alone = s.label === '' && (ALONE.test(own) || WITH_ITS_NAME.test(own))
  if (labelled || alone) notes.put(s, 'price', amountIn(own))
  else if (COUNTED.test(s.label)) readBehindACount(s, notes)
  else if (s.line === 1) readAtTheEnd(s, notes)
}

/** "Qty: 2   €139.00": how many were bought, and what one costs. */
const COUNTED = /^(?:qty|quantity|menge|anzahl)\.?$/i
function readBehindACount(s: Statement, notes: Notes): void {
  const money = s.value.replace(/^\d{1,2}\s*(?:x|pcs|,|@|at)?\s*/i, '')
  if (ALONE.test(money)) notes.put(s, 'price', amountIn(money))
  else if (money === '') notes.use(s)
}

/** "DDR5 kit 2x16GB, height 34 mm, 109 EUR", "Quill Q9 - $289": all in one line, the price last. */
function readAtTheEnd(s: Statement, notes: Notes): void {
  const last = AT_THE_END.exec(s.value)?.[0]
  if (last !== undefined && last !== s.value) notes.put(s, 'price', amountIn(last))
}
