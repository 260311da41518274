// A front-panel block that is being typed: its size, how its pins are numbered, what each is for.
import { computed, ref, watch } from 'vue'
import type { PinJob } from '../../../core/standards/panel'
import type { PinCell } from '../../../core/panel/block'
import type { ReadPin } from '../../../core/reader/pins'

/** How pins are counted: as they are now, down each column, or along the rows. */
export type Numbering = 'own' | 'columns' | 'rows'

/** Sizes in which such blocks come: rows and columns. */
export const SIZES = [
  { says: '9 or 10', rows: 2, cols: 5 },
  { says: '14', rows: 2, cols: 7 },
  { says: '18', rows: 2, cols: 9 },
  { says: '20', rows: 2, cols: 10 },
] as const
/** Named choice: no block is larger. */
export const MOST = { rows: 4, cols: 20 }

const place = (row: number, col: number): string => `${row} ${col}`

export function usePinMap(cells: readonly PinCell[]) {
  const rows = ref(Math.max(1, ...cells.map(c => c.row + 1)))
  const cols = ref(Math.max(1, ...cells.map(c => c.col + 1)))
  const isUsual = cells.every(c => c.pin === c.col * rows.value + c.row + 1)
  const isFull = cells.length === 0 || cells.length === rows.value * cols.value
  const numbering = ref<Numbering>(isUsual && isFull ? 'columns' : 'own')
  // A block of another size has no numbers of its own.
  watch([rows, cols], () => {
    if (numbering.value === 'own') numbering.value = 'columns'
  })
  const jobs = ref<Readonly<Record<string, PinJob>>>(
    Object.fromEntries(cells.map(c => [place(c.row, c.col), c.does])),
  )
  const numberAt = (row: number, col: number): number =>
    numbering.value === 'columns' ? col * rows.value + row + 1 : row * cols.value + col + 1
  const doesAt = (row: number, col: number): PinJob => jobs.value[place(row, col)] ?? 'free'
  const pins = computed((): ReadPin[] =>
    numbering.value === 'own'
      ? cells.map(({ pin, row, col }) => ({ pin, row, col, does: doesAt(row, col) }))
      : all(),
  )
  const all = (): ReadPin[] =>
    Array.from({ length: rows.value * cols.value }, (_, i) => {
      const [row, col] = [Math.floor(i / cols.value), i % cols.value]
      return { pin: numberAt(row, col), row, col, does: doesAt(row, col) }
    })
  function setAt(row: number, col: number, does: PinJob): void {
    jobs.value = { ...jobs.value, [place(row, col)]: does }
  }
  function size(to: { readonly rows: number; readonly cols: number }): void {
    rows.value = to.rows
    cols.value = to.cols
  }
  /** What was read takes the place of what was there. */
  function take(read: readonly ReadPin[]): void {
    numbering.value = 'columns'
    size({
      rows: Math.max(...read.map(p => p.row)) + 1,
      cols: Math.max(...read.map(p => p.col)) + 1,
    })
    jobs.value = Object.fromEntries(read.map(p => [place(p.row, p.col), p.does]))
  }
  return { rows, cols, numbering, pins, setAt, size, take }
}
