// A front-panel block that is being typed: its size, how its pins are numbered, what each is for. A job
// belongs to the number of its pin: counted otherwise, it goes with its number.
import { computed, ref, watch } from 'vue'
import type { PinCell } from '../../../core/panel/block'
import type { ReadPin } from '../../../core/reader/pins'
import type { PinJob } from '../../../core/standards/panel'

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
/** A count that is being typed may be empty or anything. */
const within = (typed: unknown, most: number): number =>
  Math.min(most, Math.max(1, Math.round(Number(typed) || 1)))

const sizeOf = (cells: readonly Pick<PinCell, 'row' | 'col'>[]) => ({
  rows: Math.max(1, ...cells.map(c => c.row + 1)),
  cols: Math.max(1, ...cells.map(c => c.col + 1)),
})
const jobsOf = (
  cells: readonly Pick<PinCell, 'pin' | 'does'>[],
): Readonly<Record<number, PinJob>> => Object.fromEntries(cells.map(c => [c.pin, c.does]))

export function usePinMap(cells: readonly PinCell[]) {
  const stood = sizeOf(cells)
  const typed = { rows: ref<unknown>(stood.rows), cols: ref<unknown>(stood.cols) }
  const rows = computed(() => within(typed.rows.value, MOST.rows))
  const cols = computed(() => within(typed.cols.value, MOST.cols))
  const isFull = cells.length === 0 || cells.length === stood.rows * stood.cols
  const isUsual = cells.every(c => c.pin === c.col * stood.rows + c.row + 1)
  const numbering = ref<Numbering>(isUsual && isFull ? 'columns' : 'own')
  // A block of another size has no numbers of its own.
  watch([rows, cols], () => {
    if (numbering.value === 'own') numbering.value = 'columns'
  })
  const jobs = ref(jobsOf(cells))
  const doesAs = (pin: number): PinJob => jobs.value[pin] ?? 'free'
  const numberAt = (row: number, col: number): number =>
    numbering.value === 'rows' ? row * cols.value + col + 1 : col * rows.value + row + 1
  const places = computed((): Omit<ReadPin, 'does'>[] => {
    if (numbering.value === 'own') return cells.map(({ pin, row, col }) => ({ pin, row, col }))
    return Array.from({ length: rows.value * cols.value }, (_, i) => {
      const [row, col] = [Math.floor(i / cols.value), i % cols.value]
      return { pin: numberAt(row, col), row, col }
    })
  })
  const pins = computed((): ReadPin[] => places.value.map(p => ({ ...p, does: doesAs(p.pin) })))
  function set(pin: number, does: PinJob): void {
    jobs.value = { ...jobs.value, [pin]: does }
  }
  function size(to: { readonly rows: number; readonly cols: number }): void {
    typed.rows.value = to.rows
    typed.cols.value = to.cols
  }
  /** What was read takes the place of what was there. */
  function take(read: readonly ReadPin[]): void {
    numbering.value = 'columns'
    size(sizeOf(read))
    jobs.value = jobsOf(read)
  }
  return { typed, rows, cols, numbering, pins, set, size, take }
}
