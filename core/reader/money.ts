// Amounts of money in the notations of shops: thousands by point, comma, space or none, cents or a dash, the
// sign before, behind, or in letters.

export const SIGN = String.raw`(?:€|\$|£|EUR|USD|GBP|CHF|euros?)`
const FIGURE = String.raw`(\d{1,3}(?:[.,'’ ]\d{3})+|\d+)(?:[.,](\d{1,2})(?!\d)|[.,]\s?[-–—]+)?`
const MONEY = new RegExp(String.raw`(?<![\d.,])${FIGURE}(?![\d%])`, 'i')
/** A line that is nothing but an amount with its sign. */
const ALONE = new RegExp(
  [
    String.raw`^(?:(?:now|only|from)\s+)*(?:${SIGN}\s*${FIGURE}|${FIGURE}\s*${SIGN}|\d+[.,]\s?[-–—]+)`,
    String.raw`(?:\s*[(,]?\s*(?:incl?|inkl)(?:\.|uding|usive)?\s+(?:\d+ ?% )?(?:VAT|tax|MwSt)\b.*)?$`,
  ].join(''),
  'i',
)

export const isAmount = (text: string): boolean => ALONE.test(text.trim())

/** "Price: 129.00", "€94.90": a line that only tells a price. */
const TOLD = /^\s*(?:(?:unit |item )?price|cost|(?:einzel)?preis)\s*[:|\t]/i
export const isMoney = (line: string): boolean => TOLD.test(line) || isAmount(line)

/** What stands between a name and what it costs: "Quill Q9 ...... 4x $289". */
const AT_THE_END = new RegExp(
  [
    String.raw`(?:(?<!\s)\s+|,\s*)(?:(?:[-–—@:(|=.]|at\b)+\s*)?(?:\d{1,2}\s*[x×]\s*)?`,
    String.raw`((?:${SIGN}\s*${FIGURE}|${FIGURE}\s*${SIGN}|\d+[.,]\s?[-–—]+))\)?\s*$`,
  ].join(''),
  'i',
)
export const withoutMoney = (text: string): string => text.replace(AT_THE_END, '')
/** The amount that ends a text that says more; null where none does. */
export const moneyAtTheEnd = (text: string): string | null => AT_THE_END.exec(text)?.[1] ?? null

/** "Kite KB-6 — 179.90", "2 × 54.50 = 109.00": an amount without its sign, behind a dash at the end. */
const WITHOUT_SIGN =
  /\s[-–—=]\s*(?:\d{1,2}\s*[x×]\s*(\d[\d.,]*[.,]\d\d)\s*=\s*)?(\d[\d.,]*[.,]\d\d)\s*$/
/** What of such a line is the price of one, as far as that is told. */
export const bareMoneyAtTheEnd = (text: string): string | null =>
  WITHOUT_SIGN.exec(text)?.slice(1).find(Boolean) ?? null

/** An amount of money; null where a text holds none. */
export function amountIn(text: string): number | null {
  const [, whole, cents] = MONEY.exec(text) ?? []
  if (whole === undefined) return null
  return Number(whole.replace(/\D/g, '')) + Number(`0.${cents ?? 0}`)
}
