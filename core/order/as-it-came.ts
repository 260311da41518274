// What came with a case in its place: for the order that is done before anything is.
import type { Build, Progress } from '../document/build'
import type { Joint } from '../joining/joint'
import { cameThere, comesOut, type ComesOut } from '../plan/came'
import { progress } from '../plan/given'
import { stage } from '../pipeline/stage'
import type { PlannedStep, Step, StepKind } from './step'
import { outOfPlaceTask } from './steps/came-out'

type Done = Build['progress']
/** Before every time at which something is done. */
const BEFORE_ALL = ''

/** What the order reckons with besides what was done. */
interface Came {
  /** The seats of what stays where it came. */
  readonly cameThere: readonly Joint[]
  readonly comesOut: readonly ComesOut[]
}

/**
 * What was done, and what was so from the start. What was put in elsewhere already came out where it
 * sat.
 */
export function withWhatCame(done: Done, { cameThere, comesOut }: Came): Done {
  const asItCame = { state: 'made', at: BEFORE_ALL, how: 'as it came' } as const
  const came = cameThere.filter(({ id }) => !done[id]).map(({ id }) => [id, asItCame] as const)
  const moved = comesOut.flatMap(thing => {
    const task = outOfPlaceTask(thing)
    const made = done[task] ?? (thing.seat && done[thing.seat.id])
    return made && made.state !== 'crossed' ? [[task, made] as const] : []
  })
  const more: readonly (readonly [string, Progress])[] = [...came, ...moved]
  return more.length === 0 ? done : { ...done, ...Object.fromEntries(more) }
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
  { progress, cameThere, comesOut },
  ({ progress, cameThere, comesOut }) => withWhatCame(progress, { cameThere, comesOut }),
)
