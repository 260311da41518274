// An amount of money as it is typed.

/** The amount, null where the field is empty; a sentence where it is none. */
export function amountIn(text: string): number | null | string {
  if (text === '') return null
  const amount = Number(text.replace(',', '.'))
  return Number.isFinite(amount) && amount >= 0 ? amount : 'Not kept: this is no amount.'
}
