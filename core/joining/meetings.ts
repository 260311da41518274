// Which solids of a machine could meet: those that come near each other, are not held together by a
// joint, and are not the matter of a rule of their own.
import { groupBy } from '../collections/groups'
import { oncePer } from '../collections/once'
import { extentOf, nominalBox, type Extent } from '../geometry/solid'
import { nearPairs } from '../geometry/sweep'
import { isKind, type Item } from '../parts'
import { pcCase } from '../parts/case'
import { limitWith } from '../parts/pieces'
import type { Solid } from './solids'

/** All pairs of one solid of one item with one of another: modules of a kit are alike. */
export interface Meeting {
  readonly key: string
  readonly pairs: readonly (readonly [Solid, Solid])[]
}

/** Named choice: what is farther apart than this, tolerances counted, is not told, mm. */
export const NEAR = 5

interface Reaching {
  readonly solid: Solid
  readonly extent: Extent
}
const reaching = oncePer((solid: Solid): Reaching => ({ solid, extent: extentOf(solid) }))

/**
 * The meetings of a machine, each named by what meets. `limits` are those that a sheet states of the
 * case.
 */
export function meetingsOf(solids: readonly Solid[], limits: Limits): readonly Meeting[] {
  const pairs = nearPairs(
    solids.map(s => reaching(s)),
    NEAR,
  )
    .map(([a, b]) => [a.solid, b.solid] as const)
    .filter(([a, b]) => isAsked(a, b, limits))
  return [...groupBy(pairs, keyOf)].map(([key, own]) => ({ key, pairs: own }))
}

/** Two parts meet once, however many solids they have; of a case each wall and piece by itself. */
const keyOf = ([a, b]: readonly [Solid, Solid]): string => `${sideOf(a)}|${sideOf(b)}`
const sideOf = ({ item, kind, key }: Solid): string => (kind === 'case' ? `${item}#${key}` : item)

function isAsked(a: Solid, b: Solid, limits: Limits): boolean {
  if (a.item === b.item || (a.nature === 'zone' && b.nature === 'zone')) return false
  if (isHeld(a, b) || isHeld(b, a)) return false
  return !OWN_RULES.some(
    ({ limit, of, with: other }) =>
      (limit === null || limits.has(limit)) &&
      ((of(a) && other(b, limits)) || (of(b) && other(a, limits))),
  )
}

/** Whether the one sits in a socket of the other, or in what sits there. */
const isHeld = (holder: Solid, held: Solid): boolean =>
  holder.holds.some(ref => held.within.includes(ref))

/** What a case's sheet states, mm, by the path of its figure. */
export type Limits = ReadonlyMap<Limit, number>
export type Limit = 'coolerRoom' | 'cardRoom' | 'supply.room'
export const LIMITS: readonly Limit[] = ['coolerRoom', 'cardRoom', 'supply.room']

/** The limits that the case's sheet states; one that a piece sets is gone with the piece. */
export const limitsIn = (items: readonly Item[]): Limits =>
  new Map(
    items.filter(isKind('case')).flatMap(pc =>
      LIMITS.flatMap(path => {
        const stated = pcCase.leaf(pc, path).figure
        const isGone = limitWith(pc) !== 'stated' && path !== 'coolerRoom'
        return stated && !isGone ? [[path, stated.value] as const] : []
      }),
    ),
  )

type Is = (s: Solid, limits: Limits) => boolean
/** A piece that begins no nearer than a limit which was stated because of it. */
const isBeyond =
  (limit: Limit): Is =>
  (s, limits) =>
    s.kind === 'case' && s.piece !== null && nominalBox(s).min[0] >= (limits.get(limit) ?? Infinity)
const isWall =
  (...keys: readonly string[]): Is =>
  s =>
    s.kind === 'case' && keys.includes(s.key)
/** Fins and fan over the memory as the sheet means it. */
const isTower = (s: Solid): boolean =>
  s.kind === 'cooler' && !s.turned && (s.key === 'fins' || s.key === 'fan')

/**
 * Meetings that a rule of their own judges: always, or where the makers' sheets state a limit for
 * just that.
 */
const OWN_RULES: readonly {
  readonly limit: Limit | null
  readonly of: (s: Solid) => boolean
  readonly with: Is
}[] = [
  // Sockets for modules lie as far apart as modules of the standard are thick.
  { limit: null, of: s => s.kind === 'memory', with: s => s.kind === 'memory' },
  // fit/cooler-over-memory
  { limit: null, of: isTower, with: s => s.kind === 'memory' },
  // fit/cooler-height
  { limit: 'coolerRoom', of: s => s.kind === 'cooler' && s.joint !== null, with: isWall('near') },
  // fit/card-length, fit/card-plug
  { limit: 'cardRoom', of: s => s.kind === 'card', with: isWall('front') },
  { limit: 'cardRoom', of: s => s.kind === 'card', with: isBeyond('cardRoom') },
  {
    limit: null,
    of: s => s.kind === 'card' && s.nature === 'zone' && !s.turned,
    with: isWall('near'),
  },
  // fit/supply-length
  { limit: 'supply.room', of: s => s.kind === 'supply', with: isBeyond('supply.room') },
]
