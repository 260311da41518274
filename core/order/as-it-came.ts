// What came with a case in its place: for the order that is done before anything is.
import { wallOf, type Wall } from '../case/air'
import type { Build } from '../document/build'
import type { Joint } from '../joining/joint'
import type { Item } from '../parts'
import type { Case } from '../parts/case-schema'
import { progress } from '../plan/given'
import { items } from '../plan/items'
import { seats } from '../plan/joints'
import { stage } from '../pipeline/stage'
import type { PlannedStep, Step, StepKind } from './step'

type Done = Build['progress']
/** Before every time at which something is done. */
const BEFORE_ALL = ''

/** What was done, and what was so from the start. A place chosen by hand is none that it came in. */
export function withWhatCame(done: Done, seats: readonly Joint[], items: readonly Item[]): Done {
  const byId = new Map(items.map(i => [i.id, i]))
  const came = seats.filter(joint => {
    const [own, holder] = joint.items.map(id => byId.get(id))
    const sits = own?.fitted ?? false
    if (!sits || holder?.part.kind !== 'case' || joint.pinned || done[joint.id]) return false
    return sits === true || sits === wallOfPlace(holder.part, joint)
  })
  if (came.length === 0) return done
  const asItCame = { state: 'made', at: BEFORE_ALL, how: 'as it came' } as const
  return { ...done, ...Object.fromEntries(came.map(({ id }) => [id, asItCame])) }
}

/** The wall of a case that a fan is seated at; null for other places. */
function wallOfPlace({ fans }: Case, { members: [, place] }: Joint): Wall | null {
  const fan = place?.list === 'fans' ? fans?.[place.index] : undefined
  return fan ? wallOf(fan.axes) : null
}

/** Whether a step has nothing to be done: what it would put in came there. */
export const isAsItCame = ({ marks }: Pick<PlannedStep, 'marks'>, done: Done): boolean =>
  marks.length > 0 && marks.every(m => done[m]?.at === BEFORE_ALL)

/** A step that came done, with its words: all that is left is a look. */
export const lookedAt = <S extends WordsOfWork>(step: S): S => ({
  ...step,
  title: `The ${step.what} sits at the ${step.label}`,
  does: [`It came in its place: look that it sits fast${LOOK[step.kind] ?? ''}.`],
  ...{ feel: null, cautions: [], tools: [], screws: [], fasteners: [], minutes: 0 },
})
type WordsOfWork = Pick<
  Step,
  | 'kind'
  | 'what'
  | 'label'
  | 'title'
  | 'does'
  | 'feel'
  | 'cautions'
  | 'tools'
  | 'screws'
  | 'fasteners'
  | 'minutes'
>
const LOOK: Partial<Record<StepKind, string>> = { fan: ' and which way it blows' }

/** The progress that the order reckons with. */
export const progressSoFar = stage(
  'progress-so-far',
  { progress, seats, items },
  ({ progress, seats, items }) => withWhatCame(progress, seats, items),
)
