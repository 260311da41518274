// A table of parts as lists and orders have it, each row one: "Type | Item | Price", "Qty  Item  Total".
import Papa from 'papaparse'
import { kindBehind } from '../called'
import { kindLabelled, type NamedKind } from '../kind-words'
import { withoutMarks } from '../markup'
import { amountIn } from '../money'
import { isSum } from '../sums'
import { cellsOfOrder } from './order-rows'
import { isHead, rolesByCells, rolesByHead, type Cells, type Role } from './columns'

type Lines = readonly string[]
export interface Block {
  readonly from: number
  readonly rows: readonly Cells[]
}
/** A table of parts: the lines of the text that it takes, and each of its parts as a sheet. */
export interface PartTable {
  readonly from: number
  readonly to: number
  readonly parts: readonly Lines[]
}

/** The first table of parts in a text; null where there is none. */
export function partTableIn(lines: Lines): PartTable | null {
  for (const { cellsOf, needsHead, sign } of WAYS_TO_PART) {
    if (needsHead && !lines.some(line => isHead(line.split(sign)))) continue
    for (const { from, rows } of blocksOf(lines, cellsOf)) {
      const parts = partsOf(rows, needsHead)
      if (parts !== null) return { from, to: from + rows.length, parts }
    }
  }
  return null
}

const by =
  (between: RegExp) =>
  (line: string): Cells =>
    withoutMarks(line.trim())
      .replace(/^\||\|$/g, '')
      .split(between)
      .map(cell => cell.trim().replaceAll('\\|', '|'))
const asProgramsWrite =
  (delimiter: string) =>
  (line: string): Cells =>
    (Papa.parse<string[]>(line.trim(), { delimiter }).data[0] ?? []).map(cell => cell.trim())

/** How rows are parted into cells. A comma stands in sentences too. */
export const WAYS_TO_PART = [
  { cellsOf: by(/(?<!\\)\|/), needsHead: false, sign: '|' },
  { cellsOf: by(/\t+/), needsHead: false, sign: '\t' },
  { cellsOf: asProgramsWrite(';'), needsHead: true, sign: ';' },
  { cellsOf: asProgramsWrite(','), needsHead: true, sign: ',' },
  { cellsOf: by(/ {2,}/), needsHead: false, sign: '  ' },
  { cellsOf: cellsOfOrder, needsHead: false, sign: ' ' },
] as const

/** Lines below one another that have cells. */
export function blocksOf(lines: Lines, cellsOf: (line: string) => Cells): readonly Block[] {
  const rows = lines.map(line => (line.trim() === '' ? [] : cellsOf(line)))
  const isRow = (at: number): boolean => (rows[at]?.length ?? 0) > 1
  const starts = rows.flatMap((_, at) => (isRow(at) && !isRow(at - 1) ? [at] : []))
  return starts.map(from => {
    const end = rows.findIndex((_, at) => at > from && !isRow(at))
    return { from, rows: rows.slice(from, end < 0 ? undefined : end) }
  })
}

/** "---|---": it is drawn, and says nothing. */
export const isDrawn = (row: Cells): boolean => row.every(cell => /^[\s:+=|-]*$/.test(cell))

/** Named choices: so many rows that are told, of so many kinds, make a table of parts. */
const FEWEST_ROWS = 2
const FEWEST_KINDS = 2

function partsOf(rows: readonly Cells[], needsHead: boolean): readonly Lines[] | null {
  const [first = [], ...others] = rows.filter(row => !isDrawn(row))
  const byHead = rolesByHead(first, others)
  const body = byHead ? others : [first, ...others]
  const roles = byHead ?? (needsHead ? null : rolesByCells(body))
  if (roles === null) return null
  const listed = listedIn(body, { roles, head: byHead ? first : [] })
  const kinds = listed.flatMap(({ kind }) => (kind === null ? [] : [kind]))
  const isList = kinds.length >= FEWEST_ROWS && new Set(kinds).size >= FEWEST_KINDS
  return isList ? listed.map(({ lines }) => lines) : null
}

interface Columns {
  readonly roles: readonly Role[]
  readonly head: Cells
}
interface Listed {
  readonly kind: NamedKind | null
  readonly lines: Lines
}

/** Each row a part; under an empty word for the kind goes that above it. */
function listedIn(rows: readonly Cells[], columns: Columns): readonly Listed[] {
  const at = columns.roles.indexOf('kind')
  let label = ''
  return rows.reduce<readonly Listed[]>((listed, row) => {
    label = row[at] || label
    if (isPart(row, columns)) return [...listed, partOf(row, label, columns)]
    const last = listed.at(-1)
    const words = row.filter(Boolean).join(' ')
    return last ? [...listed.slice(0, -1), { ...last, lines: [...last.lines, words] }] : listed
  }, [])
}

const cellOf = (row: Cells, role: Role, { roles }: Columns): string =>
  row[roles.indexOf(role)] ?? ''
const isCalled = (name: string): boolean => /^[A-Z0-9]/.test(name) && /[A-Za-z]/.test(name)
const isPart = (row: Cells, columns: Columns): boolean =>
  isCalled(cellOf(row, 'item', columns)) && !row.some(isSum)

/** What it is called, with its maker where that has a column of its own. */
function nameIn(row: Cells, columns: Columns): string {
  const [maker, item] = [cellOf(row, 'maker', columns), cellOf(row, 'item', columns)]
  return item.toLowerCase().startsWith(maker.toLowerCase()) ? item : `${maker} ${item}`
}

function partOf(row: Cells, label: string, columns: Columns): Listed {
  const item = nameIn(row, columns)
  const count = Number.parseInt(cellOf(row, 'count', columns)) || 1
  const kind = kindLabelled(label)
  const title = kind === null ? item : `${label}: ${item}`
  const more = row.flatMap((cell, column) =>
    isBeside(column, columns) && cell !== '' ? [saidIn(columns.head[column], cell)] : [],
  )
  const first = count > 1 ? `${count}x ${title}` : title
  return {
    kind: kind ?? kindBehind(item),
    lines: [first, ...more, ...priceOf(row, columns, count)],
  }
}

/** What is said of a part beside its name: a second column of names as well. */
const isBeside = (column: number, { roles }: Columns): boolean =>
  roles[column] === 'more' || (roles[column] === 'item' && roles.indexOf('item') !== column)
const saidIn = (head: string | undefined, cell: string): string =>
  head === undefined || head === '' ? cell : `${head}: ${cell}`

/** What one costs: as it is said, else its share of what all of a row cost. */
function priceOf(row: Cells, columns: Columns, count: number): Lines {
  const each = cellOf(row, 'each', columns)
  if (each !== '') return [`Price: ${each}`]
  const sum = cellOf(row, 'sum', columns)
  const all = amountIn(sum)
  if (all === null) return []
  const cents = Math.round(all * CENTS) / count
  return [Number.isInteger(cents) ? `Price: ${(cents / CENTS).toFixed(2)}` : `Total: ${sum}`]
}
const CENTS = 100
