// A row of an order whose columns stand apart by one space only: "1 2 Gust 140 case fan 14.50 29.00".
import { SIGN } from '../money'

const AMOUNT = String.raw`((?:${SIGN}\s?)?\d[\d.,'’]*[.,]\d\d(?:\s?${SIGN})?)`
/** Its place, how many, what; or what, how many: and behind it what one costs and what all of them do. */
const ROW = new RegExp(
  [
    String.raw`^(?:(\d{1,3})[.)]?\s+)?(?:(\d{1,2})(?:\s*[x×])?\s+)?([A-Z]\S*\s.*?)`,
    String.raw`(?:\s+(\d{1,2})(?:\s*[x×])?)?\s+${AMOUNT}\s+${AMOUNT}$`,
  ].join(''),
)

/** Named choice: a longer line is no row of an order, characters. */
const LONGEST = 200

/**
 * The cells of such a row: count, name, price of one, sum. The sum must be that of its pieces; what is
 * no such row stays one cell.
 */
export function cellsOfOrder(line: string): readonly string[] {
  const said = line.trim()
  if (said.length > LONGEST) return [said]
  const [all, place = '', before, name = '', behind, each = '', sum = ''] = ROW.exec(said) ?? []
  if (all === undefined) return [said]
  // Of one number in front it is open whether it counts the rows or the pieces: the sum tells.
  const inFront = before ?? place
  const count = [behind, inFront, '1'].find(
    n => n !== undefined && n !== '' && centsIn(each) * Number(n) === centsIn(sum),
  )
  return count === undefined ? [said] : [count, name, each, sum]
}

/** Cents, whatever holds thousands apart. */
const centsIn = (amount: string): number => Number(amount.replace(/\D/g, ''))
