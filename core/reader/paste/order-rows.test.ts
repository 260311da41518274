import { cellsOfOrder } from './order-rows'

const ROWS: readonly (readonly [string, readonly string[]])[] = [
  ['1 2 Gust 140 case fan 14.50 29.00', ['2', 'Gust 140 case fan', '14.50', '29.00']],
  ['3. 1 Tern Cove 850 W 119,00 € 119,00 €', ['1', 'Tern Cove 850 W', '119,00 €', '119,00 €']],
  ['2x Lark Glow kit (2x16) $109.00 $218.00', ['2', 'Lark Glow kit (2x16)', '$109.00', '$218.00']],
  ['Gust Quiet 140 3 14.50 43.50', ['3', 'Gust Quiet 140', '14.50', '43.50']],
  // The number in front counts the rows.
  ['7 Heron Falls 360 cooler 129.90 129.90', ['1', 'Heron Falls 360 cooler', '129.90', '129.90']],
  ['Quill Nine processor 1,289.00 1,289.00', ['1', 'Quill Nine processor', '1,289.00', '1,289.00']],
]
test.each(ROWS)('%s', (line, cells) => {
  expect(cellsOfOrder(line)).toEqual(cells)
})

test.each([
  'Subtotal 1885.40',
  // No count makes the one amount of the other.
  '1 1 Quill 7 processor 289.00 300.00',
  'Rails 12.00 5.00',
  'Pos. Qty Description Unit price Total',
])('“%s” is no such row', line => {
  expect(cellsOfOrder(line)).toEqual([line])
})
