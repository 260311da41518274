// The cheapest assignment of rows to columns, where either may stay free at a price: what the
// matching is bounded by.
//
// Shortest augmenting paths with potentials, row after row (the Hungarian method on sparse rows).
// Every row has a column of its own that stands for staying free, and a column's price for staying
// free is taken off its pairs; so every problem has a solution. O(rows² · columns) at worst. Costs
// are whole numbers below 2^53: sums are exact.

export interface Pairing {
  readonly row: number
  readonly column: number
  readonly cost: number
}

export interface AssignmentProblem<P extends Pairing> {
  /** Per row its pairs, by column. */
  readonly pairs: readonly (readonly P[])[]
  /** What a row or a column costs that stays free. */
  readonly freeRow: readonly number[]
  readonly freeColumn: readonly number[]
}

export interface Assignment<P extends Pairing> {
  readonly cost: number
  readonly chosen: readonly P[]
}

const NOBODY = -1

/**
 * A value that must be there; a wrong index never becomes a wrong sum. One reader for each sort of
 * list: one for all of them together would be read as a list of anything, and this is the innermost
 * loop of every analysis.
 */
const priceAt = (list: Float64Array, i: number): number => list[i] ?? outside(i)
const numberAt = (list: Int32Array, i: number): number => list[i] ?? outside(i)
const openAt = (list: readonly number[], i: number): number => list[i] ?? outside(i)
function outside(i: number): never {
  throw new RangeError(`nothing at ${i}`)
}

/** The work in hand. Columns behind the real ones stand for a row that stays free. */
interface Work {
  readonly freeRow: Float64Array
  readonly freeColumn: Float64Array
  readonly rowPrice: Float64Array
  readonly columnPrice: Float64Array
  /** The row that has a column, or nobody. */
  readonly rowOf: Int32Array
  /**
   * How far a column is on the path that is being looked for, and by which column it was reached.
   */
  readonly distance: Float64Array
  readonly from: Int32Array
  /**
   * In which round a column was last reached and last settled: nothing has to be wiped between
   * rounds.
   */
  readonly reached: Int32Array
  readonly settled: Int32Array
}

/** Solves an assignment. Equal optima: rows in their order, each to the first of its columns. */
export function assign<P extends Pairing>(problem: AssignmentProblem<P>): Assignment<P> {
  const rows = problem.pairs.length
  const all = problem.freeColumn.length + rows
  const work: Work = {
    freeRow: Float64Array.from(problem.freeRow),
    freeColumn: Float64Array.from(problem.freeColumn),
    rowPrice: new Float64Array(rows),
    columnPrice: new Float64Array(all),
    rowOf: new Int32Array(all).fill(NOBODY),
    distance: new Float64Array(all),
    from: new Int32Array(all),
    reached: new Int32Array(all),
    settled: new Int32Array(all),
  }
  for (let row = 0; row < rows; row++) {
    const { path, least, end } = shortestPath(problem.pairs, work, row)
    reprice(work, row, path, least)
    handOver(work, row, end)
  }
  return chosenBy(problem.pairs, work)
}

/**
 * The shortest way from a row to a column that nobody has: the columns passed, the last of them,
 * and the length.
 */
function shortestPath<P extends Pairing>(
  pairs: readonly (readonly P[])[],
  work: Work,
  start: number,
): { readonly path: readonly number[]; readonly end: number; readonly least: number } {
  const open: number[] = []
  const path: number[] = []
  const round = start + 1
  let stand: Stand = { row: start, before: NOBODY, least: 0, round }
  for (;;) {
    reachFrom(pairs[stand.row] ?? outside(stand.row), work, stand, open)
    const column = takeNearest(work.distance, open)
    const least = priceAt(work.distance, column)
    work.settled[column] = round
    path.push(column)
    const row = numberAt(work.rowOf, column)
    if (row === NOBODY) return { path, end: column, least }
    stand = { row, before: column, least, round }
  }
}

/** Where a path stands: at this row, which has the column before, so far from the start. */
interface Stand {
  readonly row: number
  readonly before: number
  readonly least: number
  readonly round: number
}

/**
 * Looks at all columns of a row, the one for staying free last: those reached for the first time,
 * or on a shorter way.
 */
function reachFrom(
  pairs: readonly Pairing[],
  work: Work,
  { row, before, least, round }: Stand,
  open: number[],
): void {
  const { columnPrice, distance, from, reached, settled } = work
  const base = least - priceAt(work.rowPrice, row)
  for (let k = 0; k <= pairs.length; k++) {
    const pair = pairs[k]
    const column = pair ? pair.column : work.freeColumn.length + row
    if (settled[column] === round) continue
    const cost = pair ? pair.cost - priceAt(work.freeColumn, column) : priceAt(work.freeRow, row)
    const length = base + cost - priceAt(columnPrice, column)
    if (reached[column] !== round) {
      reached[column] = round
      open.push(column)
    } else if (length >= priceAt(distance, column)) continue
    distance[column] = length
    from[column] = before
  }
}

/** Takes the nearest column out of the open ones, of equal ones the first by number. */
function takeNearest(distance: Float64Array, open: number[]): number {
  let best = 0
  for (let k = 1; k < open.length; k++) {
    const column = openAt(open, k)
    const nearest = openAt(open, best)
    const nearer = priceAt(distance, column) - priceAt(distance, nearest)
    if (nearer < 0 || (nearer === 0 && column < nearest)) best = k
  }
  const column = openAt(open, best)
  open[best] = openAt(open, open.length - 1)
  open.pop()
  return column
}

/** Raises the potentials so that what was passed stays as cheap as it can be. */
function reprice(
  { rowPrice, columnPrice, rowOf, distance }: Work,
  start: number,
  path: readonly number[],
  least: number,
): void {
  rowPrice[start] = priceAt(rowPrice, start) + least
  for (const column of path) {
    const owner = numberAt(rowOf, column)
    const slack = least - priceAt(distance, column)
    if (owner !== NOBODY) rowPrice[owner] = priceAt(rowPrice, owner) + slack
    columnPrice[column] = priceAt(columnPrice, column) - slack
  }
}

/** Along the path, back from its end, each row takes the column after its own. */
function handOver({ rowOf, from }: Work, start: number, end: number): void {
  for (let column = end; column !== NOBODY;) {
    const before = numberAt(from, column)
    rowOf[column] = before === NOBODY ? start : numberAt(rowOf, before)
    column = before
  }
}

function chosenBy<P extends Pairing>(
  pairs: readonly (readonly P[])[],
  { rowOf, freeRow, freeColumn }: Work,
): Assignment<P> {
  const chosen: P[] = []
  let cost = freeColumn.reduce((sum, price) => sum + price, 0)
  rowOf.forEach((row, column) => {
    if (row === NOBODY) return
    if (column >= freeColumn.length) {
      cost += priceAt(freeRow, row)
      return
    }
    const pair = pairs[row]?.find(p => p.column === column) ?? outside(column)
    chosen.push(pair)
    cost += pair.cost - priceAt(freeColumn, column)
  })
  return { cost, chosen: chosen.sort((a, b) => a.row - b.row) }
}
