// The cheapest assignment of rows to columns, where either may stay free at a price: what the matching is bounded by.
//
// Shortest augmenting paths with potentials, row after row (the Hungarian method on sparse rows). Every row has a column
// of its own that stands for staying free, and a column's price for staying free is taken off its pairs; so every
// problem has a solution. O(rows² · columns) at worst. Costs are whole numbers below 2^53: sums are exact.

export interface Pairing { readonly row: number; readonly column: number; readonly cost: number }

export interface AssignmentProblem {
  /** Per row its pairs, by column. */
  readonly pairs: readonly (readonly Pairing[])[]
  /** What a row or a column costs that stays free. */
  readonly freeRow: readonly number[]
  readonly freeColumn: readonly number[]
}

export interface Assignment { readonly cost: number; readonly chosen: readonly Pairing[] }

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
  const done = new Uint8Array(all)

  for (let start = 0; start < rows; start++) {
    distance.fill(Infinity)
    done.fill(0)
    let row = start
    let column = -1
    for (;;) {
      const reach = (j: number, cost: number): void => {
        if (done[j]) return
        const reduced = cost - (u[row] ?? 0) - (v[j] ?? 0)
        if (reduced < (distance[j] ?? 0)) { distance[j] = reduced; from[j] = column }
      }
      for (const p of pairs[row] ?? []) reach(p.column, p.cost - (freeColumn[p.column] ?? 0))
      reach(columns + row, freeRow[row] ?? 0)
      let nearest = -1
      let least = Infinity
      for (let j = 0; j < all; j++) if (!done[j] && (distance[j] ?? Infinity) < least) { least = distance[j] ?? Infinity; nearest = j }
      u[start] = (u[start] ?? 0) + least
      for (let j = 0; j < all; j++) {
        if (done[j]) {
          const owner = rowOf[j] ?? -1
          u[owner] = (u[owner] ?? 0) + least
          v[j] = (v[j] ?? 0) - least
        } else if (distance[j] !== Infinity) distance[j] = (distance[j] ?? 0) - least
      }
      done[nearest] = 1
      column = nearest
      const owner = rowOf[column] ?? -1
      if (owner < 0) break
      row = owner
    }
    for (let j = column; j >= 0; ) {
      const before = from[j] ?? -1
      rowOf[j] = before < 0 ? start : rowOf[before] ?? -1
      j = before
    }
  }
  const chosen: Pairing[] = []
  let cost = freeColumn.reduce((sum, price) => sum + price, 0)
  for (let j = 0; j < all; j++) {
    const row = rowOf[j] ?? -1
    if (row < 0) continue
    if (j >= columns) { cost += freeRow[row] ?? 0; continue }
    const pair = pairs[row]?.find(p => p.column === j)
    if (!pair) continue
    chosen.push(pair)
    cost += pair.cost - (freeColumn[j] ?? 0)
  }
  return { cost, chosen: chosen.sort((a, b) => a.row - b.row) }
}
