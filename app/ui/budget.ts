// What is left of a budget, in words.
import { money } from '../../core/figures/format'

export const budgetWords = (left: number, currency: string): string =>
  left < 0
    ? `${money(-left, currency)} over the budget`
    : `${money(left, currency)} of the budget left`
