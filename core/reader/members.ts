// A small table pasted for one list of a part: a supply’s cables, a board’s headers or sockets at the rear, the
// leads of a case. Each row is laid into words that the reader of the whole sheet knows.
import type { PartKind } from '../parts'
import { at } from '../parts/paths'
import { draftOf } from './draft/draft'
import { readSheet } from './read'
import { wordNumber } from './things'

/** The lists that can be pasted, and the name under which a sheet has them. */
const LISTS: Partial<Record<PartKind, Readonly<Record<string, string>>>> = {
  supply: { cables: '' },
  board: { headers: 'Internal connectors', rear: 'Back panel', m2: '', slots: '' },
  case: { leads: 'Front I/O' },
}
/** Whether the rows of a list can be pasted. */
export const canBePasted = (kind: PartKind, path: string): boolean =>
  LISTS[kind]?.[path] !== undefined

/** What a list of that kind has by a pasted table; and the rows of which nothing was read. */
export function membersIn(
  kind: PartKind,
  path: string,
  text: string,
): { readonly members: readonly object[]; readonly unread: readonly string[] } {
  const name = LISTS[kind]?.[path] ?? ''
  const rows = rowsOf(text)
  const sheet = name === '' ? rows.join('\n') : `${name}: ${rows.join(', ')}`
  const reading = readSheet(sheet, { kind })
  const list = at(draftOf(reading, kind, 'own').part, path)
  const members = Array.isArray(list) ? (list as readonly Member[]) : []
  // What such parts usually have is no row of the table; which sockets for sticks there are is said.
  const said = members.filter(m => path === 'm2' || m.assumed !== true)
  return { members: said, unread: said.length === 0 ? rows : reading.unread }
}
interface Member {
  readonly assumed?: boolean
}

const CELLS = /\t|\s*[|;]\s*|\s{3,}/
const COUNT = /^(?:[x×]\s*)?(\d{1,2})(?:\s*[x×])?$/i
const countIn = (cell: string | undefined): number | null => {
  const said = (cell ?? '').trim()
  const digits = COUNT.exec(said)?.[1]
  return digits === undefined ? wordNumber(said) : Number(digits)
}

/** Rows in words: a head tells which column counts what, else a bare number counts what stands beside it. */
function rowsOf(text: string): readonly string[] {
  const table = text
    .split('\n')
    .map(line => line.trim())
    .filter(line => line !== '' && !/^[|:\s-]+$/.test(line))
    .map(line =>
      line
        .replace(/^\||\|$/g, '')
        .split(CELLS)
        .map(cell => cell.trim()),
    )
  const [head, ...body] = table
  if (head && isHead(head)) return body.map(row => headed(head, row))
  return table.map(counted)
}

const COLUMNS = {
  cables: /^(?:cables?|leads?|no\.? of cables)$/i,
  plugs: /^(?:plugs?|connectors? (?:per|on each) cable|plugs? (?:per|on each|a) cable|per cable)$/i,
  length: /length|distance/i,
  count: /^(?:count|quantity|qty\.?|number|amount|no\.?|#)$/i,
} as const
const columnOf = (head: readonly string[], of: keyof typeof COLUMNS): number =>
  head.findIndex(h => COLUMNS[of].test(h))
const isHead = (head: readonly string[]): boolean =>
  head.length > 1 &&
  head.every(h => !/^\d/.test(h)) &&
  head.some((_, i) => i > 0) &&
  (['cables', 'plugs', 'length', 'count'] as const).some(of => columnOf(head, of) >= 0)

/** "3 x SATA, chain of 4, 450 mm": what the columns say, in the order of a sheet. */
function headed(head: readonly string[], row: readonly string[]): string {
  const cell = (of: keyof typeof COLUMNS): string | undefined => row[columnOf(head, of)]
  const [cables, plugs] = [countIn(cell('cables')), countIn(cell('plugs'))]
  const used = (['cables', 'plugs', 'length', 'count'] as const).map(of => columnOf(head, of))
  const names = row.filter((_, i) => !used.includes(i)).join(' ')
  const count = countIn(cell('count')) ?? (cables ?? 1) * (cables === null ? 1 : (plugs ?? 1))
  const perCable = plugs !== null && plugs > 1 ? ` (${plugs} per cable)` : ''
  const length = cell('length')
  const unit = length && /^\d[\d.,]*$/.test(length) ? ' mm' : ''
  return `${count} x ${names}${perCable}${length ? ` ${length}${unit}` : ''}`
}

/** "SYS_FAN | 4" counts as "4 x SYS_FAN". */
function counted(row: readonly string[]): string {
  const at = row.length > 1 ? row.findIndex(cell => countIn(cell) !== null) : -1
  if (at < 0) return row.join(' ')
  return `${countIn(row[at])} x ${row.filter((_, i) => i !== at).join(' ')}`
}
