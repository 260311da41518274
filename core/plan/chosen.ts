// What was declared of the whole machine, as far as it changes what its parts ask for.
import { feeds, type Face } from '../connectors/connectors'
import type { StoredItem } from '../document/build'
import { readFigure } from '../figures/units'
import { stage } from '../pipeline/stage'
import { GUARDED_PUMP, type End } from '../parts/end'
import type { PartKind } from '../parts'
import { PLUGS_OF_USE } from '../connectors/uses'
import { PURPOSE, USES, type Use } from '../standards/purposes'
import { declared, practices, storedItems } from './given'

/** The uses that the machine does without: by its purpose, or switched by hand. */
export const unwanted = stage('unwanted', { declared }, ({ declared: { purpose, wants } }) =>
  USES.filter(use => !(wants[use] ?? !isWithout(purpose, use))),
)
const isWithout = (purpose: keyof typeof PURPOSE | null, use: Use): boolean =>
  purpose !== null && PURPOSE[purpose].without.includes(use)

export interface Chosen {
  /** The uses whose plugs stay unplugged. */
  readonly without: readonly Use[]
  /** Whether a processor runs beyond its rating: then it wants each of its plugs. */
  readonly isPushed: boolean
  readonly pumpOn: 'own' | 'processor'
}

export const chosen = stage(
  'chosen',
  { unwanted, practices, storedItems },
  ({ unwanted, practices, storedItems }): Chosen => ({
    without: unwanted,
    isPushed: storedItems.some(isPushed),
    pumpOn: practices['pump'] === 'processor' ? 'processor' : 'own',
  }),
)

/** Whether it is a processor declared above its rating; one that is held below it asks for less. */
function isPushed({ part, beyond, state }: StoredItem): boolean {
  if (part.kind !== 'processor' || beyond === undefined || state === 'spare') return false
  const [runs, rated] = [beyond, part.power.sustained].map(f => readFigure(f, 'W')?.value)
  return runs !== undefined && (rated === undefined || runs > rated)
}

function isFor(use: Use, face: Face, kind: PartKind): boolean {
  const { faces, of } = PLUGS_OF_USE[use]
  return faces.some(f => f === face) && (of === 'any part' || kind === 'case')
}

/** An end as the choices have it. */
export function asChosen(end: End, kind: PartKind, { without, isPushed, pumpOn }: Chosen): End {
  if (end.sex === 'plug' && without.some(use => isFor(use, end.face, kind)))
    return { ...end, marked: 'unwanted' }
  if (isPushed && kind === 'board' && feeds(end.face) === 'processor' && end.need !== 'must')
    return { ...end, need: 'must' }
  if (pumpOn === 'processor' && end.role === 'pump' && end.sex === 'plug')
    return { ...end, role: GUARDED_PUMP }
  return end
}
