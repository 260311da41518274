// What a part costs, in the notations of shops: thousands by point, comma, space or none, cents or a dash,
// the sign before, behind, or in letters.
import type { Notes } from './notes'
import { oneOf } from './pattern'
import type { Statement } from './statements'

const LABEL = oneOf(
  ...[/\bprice\b(?!s? (?:history|alarm|per|range))/, /^(?:msrp|rrp|srp|preis|prix|precio)\b/],
  ...[/^you pay$/, /^costs?$/],
)
/** What is sent for, saved or lent is no price of the part. */
const OTHER = /shipping|delivery|postage|saving|old|before|per month|rate|deposit/i
const SIGN = String.raw`(?:€|\$|£|EUR|USD|GBP|CHF|euros?)`
const FIGURE = String.raw`(\d{1,3}(?:[.,'’ ]\d{3})+|\d+)(?:[.,](\d{2})(?!\d)|[.,]\s?[-–—]+)?`
const MONEY = new RegExp(String.raw`(?<![\d.,])${FIGURE}(?![\d%])`, 'i')
/** A line that is nothing but an amount with its sign. */
const ALONE = new RegExp(
  String.raw`^(?:(?:now|only|from)\s+)*(?:${SIGN}\s*${FIGURE}|${FIGURE}\s*${SIGN})$`,
  'i',
)

/** An amount of money; null where a text holds none. */
export function amountIn(text: string): number | null {
  const [, whole, cents] = MONEY.exec(text) ?? []
  if (whole === undefined) return null
  return Number(whole.replace(/\D/g, '')) + (cents === undefined ? 0 : Number(cents) / 100)
}

export function readPrice(s: Statement, notes: Notes): void {
  const labelled = LABEL.test(s.label) && !OTHER.test(s.label)
  const alone = s.label === '' && ALONE.test(s.value.trim())
  if (labelled || alone) notes.put(s, 'price', amountIn(s.value))
}
