// What holds between ends whatever is chosen: some are never both joined, some ask for another,
// some share a limit.
import { endRef } from '../ids/ids'
import { toleranceOf, valueOf, type Sum } from '../figures/quantity'
import { type EndOf } from './joint'
import type { Budget } from '../matching/budget'

/** Ends that are never both joined: two of a one-of group, a whole plug and its halves. */
export function exclusions(ends: readonly EndOf[]): readonly (readonly [string, string])[] {
  const wholes = ends.filter(e => e.end.among?.how === 'whole-or-split' && e.end.among.whole)
  const halves = ends.filter(e => e.end.among?.how === 'whole-or-split' && !e.end.among.whole)
  const split = wholes.flatMap(w =>
    halves
      .filter(h => h.item === w.item && h.end.among?.group === w.end.among?.group)
      .map(h => [w.ref, h.ref] as const),
  )
  return [...groups(ends, 'one-of'), ...split]
}

/** All pairs within each group of one sort. */
function groups(
  ends: readonly EndOf[],
  how: 'one-of' | 'both',
): readonly (readonly [string, string])[] {
  const members = ends.filter(e => e.end.among?.how === how)
  return members.flatMap((a, i) =>
    members
      .slice(i + 1)
      .filter(b => b.item === a.item && b.end.among?.group === a.end.among?.group)
      .map(b => [a.ref, b.ref] as const),
  )
}

/**
 * What asks for its like: the two ends of a loose lead, and what a hub or an adapter hands on for
 * its inlets.
 */
export function followings(ends: readonly EndOf[]): readonly (readonly [string, string])[] {
  const known = new Set(ends.map(e => e.ref))
  const fed = ends
    .flatMap(e => e.end.follows.map(key => [e.ref, endRef(e.item, key)] as const))
    .filter(([, inlet]) => known.has(inlet))
  return [
    ...groups(ends, 'both').flatMap(
      ([a, b]) =>
        [
          [a, b],
          [b, a],
        ] as const,
    ),
    ...fed,
  ]
}

/** Sockets that share a limit of current, A. */
export type Shared = Omit<Budget, 'takes'>

/**
 * Limits of current that a part states of several sockets together. A limit is passed only when it
 * is definitely passed.
 */
export function budgetsOf(ends: readonly EndOf[]): readonly Shared[] {
  const shared = new Map<string, { sockets: string[]; limit: number }>()
  for (const { ref, item, end } of ends) {
    if (!end.shared?.amps) continue
    const key = `${item}/${end.shared.key}`
    const known = shared.get(key) ?? { sockets: [], limit: most(end.shared.amps) }
    known.sockets.push(ref)
    shared.set(key, known)
  }
  return [...shared.values()]
}

const most = (amps: Sum): number => (valueOf(amps) ?? Infinity) + toleranceOf(amps)

/** What each plug takes at the least, A; what nobody states takes nothing. */
export const takesOf = (ends: readonly EndOf[]): Budget['takes'] =>
  Object.fromEntries(
    ends.flatMap(({ ref, end }) => {
      const { amps } = end.takes
      if (!amps || amps.terms.some(t => t.leaf.figure?.usual)) return []
      return [[ref, (valueOf(amps) ?? 0) - toleranceOf(amps)] as const]
    }),
  )
