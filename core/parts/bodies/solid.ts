// The solids of a part: boxes in its own frame, made of its figures, with what may touch them.
import { fact, of, plus, times, valueOf, type Sum } from '../../figures/quantity'
import { assume, type Figure } from '../../figures/units'
import { nominalBox, NOTHING, type Faces } from '../../geometry/solid'
import type { Box } from '../../geometry/space'

export interface PartSolid extends Faces {
  /** Unique within the part and stable. */
  readonly key: string
  /** What of the part it is, "fins"; empty for the part as such. */
  readonly what: string
  /**
   * The plug by which the part sits where this is: a liquid cooler's block sits on the processor, its
   * radiator at a place of the case. Null for any plug of the part.
   */
  readonly by: string | null
  /** The piece of a case that it is, by its key; null for what does not come out. */
  readonly piece: string | null
  /** Larger than what its place is made for: nobody promises that it gets along there. */
  readonly oversize: boolean
  /** Turned about: what its sheet says of one of its sides lies on another. */
  readonly turned: boolean
  /** A zone is kept clear of solids: a bent plug, a hand. Zones may overlap each other. */
  readonly nature: 'body' | 'zone'
  /** Sockets of the part; what sits in one of them may touch this. */
  readonly holds: 'whatever sits on it' | readonly string[]
}

/** One figure of the item as a sum, mm. */
export type Measure = (path: string, fallback?: Figure) => Sum

type Span = readonly [from: Faces['from'][number], to: Faces['from'][number]]
type About = Partial<Omit<PartSolid, keyof Faces>> & {
  readonly key: string
}

/** A solid from three spans. */
export const solid = (about: About, x: Span, y: Span, z: Span): PartSolid => ({
  ...{ what: '', by: null, piece: null, oversize: false, turned: false, nature: 'body', holds: [] },
  ...about,
  from: [x[0], y[0], z[0]],
  to: [x[1], y[1], z[1]],
})

/** A length that a standard fixes, mm. */
export const given = (label: string, mm: number, tol = 0): Sum =>
  mm === 0
    ? NOTHING
    : of(fact(`${label}:${mm}`, label, 'mm', { value: mm, basis: 'standard', tol }))
/** A length as the part's sheet or drawing has it, where that is no figure of its own, mm. */
export const drawn = (label: string, mm: number, tol = 1): Sum =>
  mm === 0 ? NOTHING : of(fact(`${label}:${mm}`, label, 'mm', { value: mm, basis: 'spec', tol }))
/** A length as such things have it, mm: assumed, and as far off as they differ. */
export const customary = (label: string, mm: number, tol: number): Sum =>
  of(fact(`${label}:${mm}`, label, 'mm', assume(mm, 'mm', tol)))

export const half = (s: Sum): Sum => times(s, 0.5)
export const negative = (s: Sum): Sum => times(s, -1)
/** As far on one side of nothing as on the other. */
export const around = (width: Sum): Span => [times(width, -0.5), half(width)]
export const upTo = (length: Sum): Span => [NOTHING, length]
/** From one sum on, so much further. */
export const onwards = (from: Sum, length: Sum): Span => [from, plus(from, length)]

/** The box around all bodies of a part that go by one plug, by the values of their figures, mm. */
export function hullOf(solids: readonly (Faces & Pick<PartSolid, 'nature'>)[]): Box | null {
  const boxes = solids.filter(s => s.nature === 'body').map(nominalBox)
  const [first] = boxes
  if (!first) return null
  const outermost = (side: 'min' | 'max', pick: (a: number, b: number) => number) => {
    const along = (axis: 0 | 1 | 2): number =>
      boxes.map(b => b[side][axis]).reduce((a, b) => pick(a, b))
    return [along(0), along(1), along(2)] as const
  }
  return { min: outermost('min', Math.min), max: outermost('max', Math.max) }
}

/** Whether a length is more than a place of that size is made for, mm. */
export const exceeds = (length: Sum, mm: number): boolean => (valueOf(length) ?? 0) > mm + SLACK
/** Named choice: what a sheet rounds, mm. */
const SLACK = 1
