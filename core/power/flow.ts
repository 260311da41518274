// What flows through a joint: every draw whose line passes there, with the share that comes this way.
import { groupBy } from '../collections/groups'
import { oncePer } from '../collections/once'
import { knownValue, plus, times, type Sum } from '../figures/quantity'
import type { Rail } from '../standards/rails'
import type { Load } from './loads'
import { NOTHING } from './sizing'

/** Lasting at the worst, and in the first seconds. */
export type Moment = 'worst' | 'start'

/** What flows through any of these joints, W; loads of one rail are to be chosen before. */
export const through = (loads: readonly Load[], joints: readonly string[], when: Moment): Sum =>
  plus(
    NOTHING,
    ...loads.flatMap(l =>
      l.feeds.filter(f => f.joints.some(j => joints.includes(j))).map(f => times(l[when], f.share)),
    ),
  )

export interface Flow {
  readonly when: Moment
  readonly watts: Sum
}

/** The moment in which the most flows through these joints on one rail. */
export function mostThrough(loads: readonly Load[], joints: readonly string[], rail: Rail): Flow {
  const own = loads.filter(l => l.rail === rail)
  const lasting = through(own, joints, 'worst')
  const first = through(own, joints, 'start')
  return knownValue(first) > knownValue(lasting)
    ? { when: 'start', watts: first }
    : { when: 'worst', watts: lasting }
}

/** The loads whose lines pass a joint. */
export const passing = (loads: readonly Load[], joint: string): readonly Load[] =>
  byJoint(loads).get(joint) ?? NOBODY
const NOBODY: readonly Load[] = []

/** Loads by the joints that their lines pass: asked of every joint, worked out once. */
const byJoint = oncePer((loads: readonly Load[]): ReadonlyMap<string, readonly Load[]> => {
  const passed = loads.flatMap(load =>
    [...new Set(load.feeds.flatMap(f => f.joints))].map(joint => ({ joint, load })),
  )
  const groups = groupBy(passed, p => p.joint)
  return new Map([...groups].map(([joint, own]) => [joint, own.map(p => p.load)]))
})
