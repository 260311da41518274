// Which leads hang before the blades of a fan.
import { nominalBox } from '../geometry/solid'
import { inside, type Box } from '../geometry/space'
import type { Solid } from '../joining/solids'
import { beforeBlades } from '../ways/blades'
import type { LaidLead } from './lay-lead'
import { lengthIn } from './stretches'

/** A fan with the space that its blades need. */
export interface Blades {
  readonly item: string
  readonly box: Box
}

export const fansIn = (solids: readonly Solid[]): readonly Blades[] =>
  solids
    .filter(s => s.kind === 'fan' && s.nature === 'body')
    .map(s => ({ item: s.item, box: beforeBlades(nominalBox(s)) }))

/** Named choice: what passes a fan for less is its corner, mm. */
const CORNER = 15

/**
 * How much of a lead's way lies before a fan, mm; 0 for what belongs to the fan or begins or ends at
 * it, and for what only passes its corner.
 */
export function lengthBefore({ item, box }: Blades, { joints, reach }: LaidLead): number {
  if (!reach || reach.isBlocked || joints.some(j => j.items.includes(item))) return 0
  const { points } = reach.way
  const [first, last] = [points[0], points.at(-1)]
  if ([first, last].some(p => p && inside(box, p))) return 0
  const mm = lengthIn(points, box)
  return mm > CORNER ? mm : 0
}
