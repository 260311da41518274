// Pairs of boxes that come near each other, found by a sweep along one axis instead of by asking all
// pairs: n log n for boxes that are spread out, and no more than all pairs for any.
import { compareBy } from '../collections/compare'
import { AXES, type Extent } from './solid'

/** Pairs of which the extents come nearer than `within` mm along every axis, in the order given. */
export function nearPairs<T extends { readonly extent: Extent }>(
  all: readonly T[],
  within: number,
): readonly (readonly [T, T])[] {
  const numbered = all.map((one, i) => ({ one, i }))
  const sorted = [...numbered].sort(
    compareBy(
      n => n.one.extent.least[0],
      n => n.i,
    ),
  )
  /** By the number of the first: those with a higher number that come near it. */
  const found = all.map((): number[] => [])
  let open: typeof sorted = []
  for (const next of sorted) {
    const from = next.one.extent.least[0] - within
    open = open.filter(o => o.one.extent.most[0] > from)
    for (const other of open)
      if (comeNear(other.one.extent, next.one.extent, within))
        found[Math.min(other.i, next.i)]?.push(Math.max(other.i, next.i))
    open.push(next)
  }
  return found.flatMap((others, i) =>
    others
      .sort((j, k) => j - k)
      .flatMap(j => {
        const [a, b] = [all[i], all[j]]
        return a && b ? [[a, b] as const] : []
      }),
  )
}

const comeNear = (a: Extent, b: Extent, within: number): boolean =>
  AXES.every(axis => a.least[axis] - within < b.most[axis] && b.least[axis] - within < a.most[axis])
