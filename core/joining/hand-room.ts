// The room that fingers take around a socket and before it, and how deep a body reaches into it.
import type { Heading } from '../geometry/headings'
import { AXES, type Axis, type Extent } from '../geometry/solid'
import type { Vec3 } from '../geometry/space'
import { HAND } from '../standards/hands'

/** The room of a hand that comes along a heading; to one side only where the other is shut. */
export function handAt(point: Vec3, way: Heading, only: Heading | null = null): Extent {
  const onwards = (a: Axis, { by }: Heading, mm: number): readonly [number, number] =>
    by === 1 ? [point[a], point[a] + mm] : [point[a] - mm, point[a]]
  const span = (a: Axis): readonly [number, number] => {
    if (a === way.axis) return onwards(a, way, HAND.over)
    if (a === only?.axis) return onwards(a, only, 2 * HAND.around)
    return [point[a] - HAND.around, point[a] + HAND.around]
  }
  const spans = [span(0), span(1), span(2)] as const
  return {
    least: [spans[0][0], spans[1][0], spans[2][0]],
    most: [spans[0][1], spans[1][1], spans[2][1]],
  }
}

/** How deep a body reaches into a hand's room at the most, mm. */
export const reachInto = (hand: Extent, body: Extent): number =>
  Math.min(
    ...AXES.map(a => Math.min(hand.most[a], body.most[a]) - Math.max(hand.least[a], body.least[a])),
  )
