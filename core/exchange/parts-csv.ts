// The parts list as CSV, for a spreadsheet or a shop.
import Papa from 'papaparse'
import type { Build } from '../document/build'
import { KINDS } from '../parts'

/** One line an item. Cells that a spreadsheet would take for a formula are written as text. */
export function partsCsv(build: Build): string {
  const rows = build.items.map(i => ({
    kind: KINDS[i.part.kind].title,
    maker: i.part.maker,
    model: i.part.model,
    state: i.state,
    condition: i.condition,
    price: i.part.price ?? '',
    paid: i.paid ?? '',
    currency: build.currency,
    serial: i.serial ?? '',
    note: i.note ?? '',
  }))
  const columns = [
    'kind',
    'maker',
    'model',
    'state',
    'condition',
    'price',
    'paid',
    'currency',
    'serial',
    'note',
  ]
  return `${Papa.unparse({ fields: columns, data: rows }, { escapeFormulae: true, newline: '\r\n' })}\r\n`
}
