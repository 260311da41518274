// An amount of money as it is typed.
import { readTypedAmount } from '../../core/reader/typed'

/** The amount, null where the field is empty; a sentence where it is none. */
export function amountIn(text: string): number | null | string {
  if (text.trim() === '') return null
  const typed = readTypedAmount(text)
  return 'problem' in typed ? `Not kept. ${typed.problem}` : typed.value
}
