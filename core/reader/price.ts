// What a part costs, by its label or where prices stand.
import { Notes } from './notes'
import { amountIn, bareMoneyAtTheEnd, isAmount, moneyAtTheEnd, SIGN } from './money'
import { oneOf } from './pattern'
import { sheetOf, type Statement } from './statements'
import { isSum } from './sums'

const LABEL = oneOf(
  ...[/\bprice\b(?!s? (?:history|alarm|per|range))/, /^(?:msrp|rrp|srp|preis|prix|precio)\b/],
  ...[/^you pay$/, /^costs?$/],
)
/** What is sent for, saved or lent is no price of the part. */
const OTHER = /shipping|delivery|postage|saving|old|before|per month|rate|deposit/i

/** "Price 249 €" in a line of its own. */
const WITH_ITS_NAME = new RegExp(
  String.raw`^(?:price|msrp|rrp|srp|preis)\s+(?=(?:${SIGN}\s*)?\d)(?=.*${SIGN})`,
  'i',
)

export function readPrice(s: Statement, notes: Notes): void {
  const labelled = LABEL.test(s.label) && !OTHER.test(s.label) && !isSum(s.label)
  const own = s.value.trim()
  const alone = s.label === '' && (isAmount(own) || WITH_ITS_NAME.test(own))
  if (labelled || alone) notes.put(s, 'price', amountIn(own))
  else if (COUNTED.test(s.label)) readBehindACount(s, notes)
  else if (SPOKEN.test(own)) readSpoken(s, notes)
  else if (s.line === 1) readAtTheEnd(s, notes)
}

/** "… and costs about 749 euros". */
const SPOKEN = new RegExp(
  [
    String.raw`\b(?:costs?|(?:is )?priced at|sells for|retails (?:for|at)|available for|yours for)`,
    String.raw`\s+(?:(?:about|around|roughly|only|just|ca\.?)\s+)?`,
    String.raw`((?:${SIGN}\s*)?\d[\d.,'’ ]*(?:\s*${SIGN})?)(?![\w%])`,
  ].join(''),
  'i',
)
function readSpoken(s: Statement, notes: Notes): void {
  const [, amount = ''] = SPOKEN.exec(s.value) ?? []
  if (new RegExp(SIGN, 'i').test(amount))
    notes.doubt(s, { path: 'price', value: amountIn(amount) }, 'said in running text')
}

/** "Qty: 2   €139.00": how many were bought, and what one costs. */
const COUNTED = /^(?:qty|quantity|menge|anzahl)\.?$/i
function readBehindACount(s: Statement, notes: Notes): void {
  const money = s.value.replace(/^\d{1,2}\s*(?:x|pcs|,|@|at)?\s*/i, '')
  if (isAmount(money)) notes.put(s, 'price', amountIn(money))
  else if (money === '') notes.use(s)
}

/** "DDR5 kit 2x16GB, height 34 mm, 109 EUR", "Quill Q9 - $289": all in one line, the price last. */
function readAtTheEnd(s: Statement, notes: Notes): void {
  const last = moneyAtTheEnd(s.value)
  const bare = bareMoneyAtTheEnd(s.value)
  if (last !== null) notes.put(s, 'price', amountIn(last))
  else if (bare !== null)
    notes.doubt(s, { path: 'price', value: amountIn(bare) }, 'no sign of money stands with it')
}

/** The first amount that a list tells for a part; null where it tells none. */
export function amountSaid(text: string): number | null {
  const notes = new Notes()
  for (const s of sheetOf(text).statements) readPrice(s, notes)
  return Number(notes.value('price') ?? 0) || null
}
