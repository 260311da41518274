// The cheapest assignment of rows to columns, where either may stay free at a price: what the matching is bounded by.
//
// Shortest augmenting paths with potentials, row after row (the Hungarian method on sparse rows). Every row has a column
// of its own that stands for staying free, and a column's price for staying free is taken off its pairs; so every
// problem has a solution. O(rows² · columns) at worst. Costs are whole numbers below 2^53: sums are exact.

export interface Pairing {
  readonly row: number
  readonly column: number
  readonly cost: number
}

export interface AssignmentProblem {
  /** Per row its pairs, by column. */
  readonly pairs: readonly (readonly Pairing[])[]
  /** What a row or a column costs that stays free. */
  readonly freeRow: readonly number[]
  readonly freeColumn: readonly number[]
}

export interface Assignment {
  readonly cost: number
  readonly chosen: readonly Pairing[]
}

/** Solves an assignment. Equal optima: rows in their order, each to the first of its columns. */
export function assign({ pairs, freeRow, freeColumn }: AssignmentProblem): Assignment {
  const rows = pairs.length
  const columns = freeColumn.length
  const all = columns + rows
  const u = new Float64Array(rows)
  const v = new Float64Array(all)
  const rowOf = new Int32Array(all).fill(-1)
  const distance = new Float64Array(all)
  const from = new Int32Array(all)
  // In which round a column was last reached and last settled: nothing has to be wiped between rounds.
  const reached = new Int32Array(all)
  const settled = new Int32Array(all)

  for (let start = 0; start < rows; start++) {
    const round = start + 1
    const open: number[] = []
    const path: number[] = []
    let row = start
    let column = -1
    let least = 0
    for (;;) {
      const own = pairs[row] ?? []
      const base = least - (u[row] ?? 0)
      for (let k = 0; k <= own.length; k++) {
        const pair = own[k]
        const j = pair ? pair.column : columns + row
        if (settled[j] === round) continue
        const reduced =
          base + (pair ? pair.cost - (freeColumn[j] ?? 0) : (freeRow[row] ?? 0)) - (v[j] ?? 0)
        if (reached[j] !== round) {
          reached[j] = round
          open.push(j)
        } else if (reduced >= (distance[j] ?? 0)) continue
        distance[j] = reduced
        from[j] = column
      }
      let at = 0
      for (let k = 1; k < open.length; k++) {
        const [j, best] = [open[k] ?? 0, open[at] ?? 0]
        const d = (distance[j] ?? 0) - (distance[best] ?? 0)
        if (d < 0 || (d === 0 && j < best)) at = k
      }
      column = open[at] ?? 0
      open[at] = open[open.length - 1] ?? 0
      open.pop()
      least = distance[column] ?? 0
      settled[column] = round
      path.push(column)
      const owner = rowOf[column] ?? -1
      if (owner < 0) break
      row = owner
    }
    u[start] = (u[start] ?? 0) + least
    for (const j of path) {
      const owner = rowOf[j] ?? -1
      const slack = least - (distance[j] ?? 0)
      if (owner >= 0) u[owner] = (u[owner] ?? 0) + slack
      v[j] = (v[j] ?? 0) - slack
    }
    for (let j = column; j >= 0;) {
      const before = from[j] ?? -1
      rowOf[j] = before < 0 ? start : (rowOf[before] ?? -1)
      j = before
    }
  }
  const chosen: Pairing[] = []
  let cost = freeColumn.reduce((sum, price) => sum + price, 0)
  for (let j = 0; j < all; j++) {
    const row = rowOf[j] ?? -1
    if (row < 0) continue
    if (j >= columns) {
      cost += freeRow[row] ?? 0
      continue
    }
    const pair = pairs[row]?.find(p => p.column === j)
    if (!pair) continue
    chosen.push(pair)
    cost += pair.cost - (freeColumn[j] ?? 0)
  }
  return { cost, chosen: chosen.sort((a, b) => a.row - b.row) }
}
