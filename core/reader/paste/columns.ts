// What the columns of somebody's table of parts hold: by its head, else by what stands in them.
import { kindLabelled } from '../kind-words'
import { isAmount } from '../money'
import { only } from '../pattern'

/** What a column of such a table holds; `more` is what is said of a part beside. */
export type Role = 'kind' | 'maker' | 'item' | 'count' | 'each' | 'sum' | 'place' | 'more'
export type Cells = readonly string[]

const HEADS: readonly (readonly [Role, RegExp])[] = [
  [
    'count',
    only(
      ...[/qty\.?/, /quantity/, /count/, /pcs\.?/, /pieces/, /units/],
      ...[/menge/, /anzahl/, /stk\.?|stück/],
    ),
  ],
  [
    'kind',
    only(
      ...[/type/, /component/, /category/, /(?:part )?kind/],
      ...[/typ/, /komponente/, /kategorie/],
    ),
  ],
  [
    'item',
    only(
      ...[/items?/, /(?:item |product )?name/, /products?/, /(?:item |product )?description/],
      ...[/(?:chosen |selected )?part/, /article/, /selection/, /model/],
      ...[/artikel/, /bezeichnung/, /produkt/],
    ),
  ],
  ['maker', only(/maker/, /brand/, /manufacturer/, /hersteller/, /marke/)],
  ['each', only(/(?:unit |item |single )?price(?: each)?/, /each/, /cost/, /(?:einzel)?preis/)],
  [
    'sum',
    only(
      ...[/(?:line |sub ?)?total(?: price)?/, /sum/, /amount/],
      ...[/gesamt(?:preis)?/, /summe/, /betrag/],
    ),
  ],
  ['place', only(/#/, /no\.?/, /nr\.?/, /pos\.?(?:ition)?/, /line/)],
]
const roleNamed = (head: string): Role => HEADS.find(([, word]) => word.test(head))?.[0] ?? 'more'

/**
 * What the head of a table says of its columns; null where the row is no such head. Under "Part"
 * some write what it is, and what it is called beside it.
 */
export function rolesByHead(head: Cells, rows: readonly Cells[]): readonly Role[] | null {
  const named = head.map(roleNamed)
  const items = named.filter(role => role === 'item').length
  const roles = named.map((role, column) =>
    role === 'item' && items > 1 && areKinds(rows.map(row => row[column] ?? '')) ? 'kind' : role,
  )
  return isHead(head) ? roles : null
}
/** Whether cells are the head of a table of parts: what they are called, and something beside. */
export function isHead(cells: Cells): boolean {
  const said = cells.map(cell => roleNamed(cell.trim())).filter(role => role !== 'more')
  return said.includes('item') && said.length > 1
}
const areKinds = (cells: Cells): boolean =>
  cells.filter(cell => kindLabelled(cell) !== null).length >= cells.length * MOSTLY

/** In a list a figure with cents needs no sign. */
const isPrice = (cell: string): boolean => isAmount(cell) || /^\d[\d.,]*[.,]\d\d$/.test(cell)
const A_COUNT = /^\d{1,2}\s*(?:x|×|pcs\.?|stk\.?)?$/i
/** Named choice: a column holds what so many of its cells hold. */
const MOSTLY = 0.7

/** The same by the cells; null where there is no name, or nothing beside it that lists have. */
export function rolesByCells(rows: readonly Cells[]): readonly Role[] | null {
  const width = Math.max(0, ...rows.map(row => row.length))
  const columns = Array.from({ length: width }, (_, column) =>
    rows.map(row => row[column] ?? '').filter(cell => cell !== ''),
  )
  const roles = columns.reduce<readonly Role[]>(
    (before, cells) => [...before, roleOf(cells, before)],
    [],
  )
  const isList = roles.includes('item') && BESIDE_A_NAME.some(role => roles.includes(role))
  return isList ? roles : null
}
const BESIDE_A_NAME: readonly Role[] = ['kind', 'each', 'count']

function roleOf(cells: Cells, before: readonly Role[]): Role {
  const most = (is: (cell: string) => boolean): boolean =>
    cells.length > 0 && cells.filter(is).length >= cells.length * MOSTLY
  if (most(isPrice)) return before.includes('each') ? 'sum' : 'each'
  if (most(cell => A_COUNT.test(cell))) return isNumbering(cells) ? 'place' : 'count'
  if (areKinds(cells)) return 'kind'
  return before.includes('item') || !most(cell => /^[A-Z0-9]/.test(cell)) ? 'more' : 'item'
}
const isNumbering = (cells: Cells): boolean =>
  cells.length > 1 && cells.every((cell, i) => Number.parseInt(cell) === i + 1)
