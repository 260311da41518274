// Parts as a table, one line a part, written so that it is read back equal.
import Papa from 'papaparse'
import type { Part } from '../../parts'
import { bare } from '../../schema/node'
import { isText, nodeAt } from './schema'

const FIRST = ['kind', 'id', 'maker', 'model', 'price', 'note']
const isObject = (v: unknown): v is Readonly<Record<string, unknown>> =>
  typeof v === 'object' && v !== null && !Array.isArray(v)
/**
 * Keys with a dot in them, and nothing at all, cannot be told as a path: such objects stay whole.
 */
const isOpen = (v: Readonly<Record<string, unknown>>): boolean => {
  const keys = Object.keys(v)
  return (
    keys.length > 0 &&
    keys.every(k => k === k.trim() && k !== '' && !k.includes('.') && k !== '__proto__')
  )
}

/**
 * A cell that a spreadsheet would take for a formula gets an apostrophe, as people write it;
 * reading takes one off.
 */
const guard = (text: string): string => (/^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text)
export const unguard = (text: string): string =>
  /^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text
/** Text is written as it is, unless it would be read as something else. */
function written(text: string, known: boolean): string {
  const unclear = text === '' || text === 'null' || /^["\s]|[\s]$|[\r\0]/.test(text)
  return guard(unclear || (!known && readsOtherwise(text)) ? JSON.stringify(text) : text)
}
export const readsOtherwise = (text: string): boolean => {
  try {
    JSON.parse(text)
    return true
  } catch {
    return false
  }
}

/** A part as cells by their paths. */
export type Cells = ReadonlyMap<string, string>
export function cellsOf(part: Part): Cells {
  const cells = new Map<string, string>()
  const walk = (value: unknown, path: string): void => {
    if (value === undefined) return
    const node = nodeAt(part.kind, path)
    if (isObject(value) && isOpen(value) && node && bare(node).type === 'object') {
      for (const [key, inner] of Object.entries(value))
        walk(inner, path === '' ? key : `${path}.${key}`)
      return
    }
    cells.set(
      path,
      typeof value === 'string'
        ? written(value, node !== null && isText(node))
        : JSON.stringify(value),
    )
  }
  for (const [key, inner] of Object.entries(part)) walk(inner, key)
  return cells
}

/**
 * The table of parts as CSV: their kind, name and price first, then every path that any of them
 * has.
 */
export const partsTableCsv = (parts: readonly Part[]): string => tableCsv(parts.map(cellsOf))

/** The table from cells that are made already. */
export function tableCsv(cells: readonly Cells[]): string {
  const paths = new Set(cells.flatMap(c => [...c.keys()]))
  const columns = [
    ...FIRST.filter(p => paths.has(p)),
    ...[...paths].filter(p => !FIRST.includes(p)).sort(),
  ]
  const data = cells.map(c => columns.map(p => c.get(p) ?? ''))
  return `${Papa.unparse({ fields: columns, data }, { newline: '\r\n' })}\r\n`
}
