// What a list of a machine's parts says of each copy beside its part: its state, what was paid, its number.
import { copySchema, type Copy } from '../../document/draft'
import { CONDITIONS, STATES } from '../../parts/kind'
import { readTypedAmount } from '../../reader/typed'
import type { TableProblem } from './row'
import { unguard } from './write'

/** The heads by which a list of copies is known: those of the list that is saved here. */
const HEADS = ['state', 'condition', 'paid', 'serial', 'note'] as const

/** Whether a table is a list of copies; in any other such a column is anybody's. */
export const isListOfCopies = (columns: readonly string[]): boolean =>
  HEADS.every(head => columns.includes(head))

export interface CopyLine {
  readonly columns: readonly string[]
  readonly cells: readonly string[]
  /** The head is line 1. */
  readonly line: number
}

/** What the line of a list says of its copy; empty cells say nothing. */
export function copyOf({ columns, cells, line }: CopyLine): Copy | TableProblem {
  const cell = (head: string): string => unguard(cells[columns.indexOf(head)] ?? '').trim()
  const said = Object.fromEntries(HEADS.flatMap(h => (cell(h) === '' ? [] : [[h, cell(h)]])))
  const { paid, ...rest } = said
  const amount = paid === undefined ? null : readTypedAmount(paid)
  if (amount && 'problem' in amount)
    return { line, column: 'paid', sentence: `“${paid}” is no amount. Write one such as 129.50` }
  const read = copySchema.safeParse(amount ? { ...rest, paid: amount.value } : rest)
  if (read.success) return read.data
  const column = String(read.error.issues[0]?.path[0] ?? '')
  const choices = (column === 'state' ? STATES : CONDITIONS).join(', ')
  return {
    line,
    column,
    sentence: `“${said[column] ?? ''}” is no ${column}. Write one of: ${choices}`,
  }
}
