// What was declared of the whole machine, as far as it changes what its parts ask for.
import { feeds, type Face } from '../connectors/connectors'
import type { StoredItem } from '../document/build'
import { readFigure } from '../figures/units'
import { stage } from '../pipeline/stage'
import { GUARDED_PUMP, type End } from '../parts/end'
import type { Item, PartKind } from '../parts'
import { PLUGS_OF_USE } from '../connectors/uses'
import { PURPOSE, USES, type Use } from '../standards/purposes'
import { declared, practices, storedItems } from './given'
import { isMainsCase } from './mains'

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
  /** Whether every processor runs bare: then no board asks for a cooler. */
  readonly isBare: boolean
  /** Cases whose power switch carries mains. */
  readonly mains: readonly string[]
}

export const chosen = stage(
  'chosen',
  { unwanted, practices, storedItems },
  ({ unwanted, practices, storedItems }): Chosen => {
    const used = storedItems.filter(i => i.state !== 'spare')
    return {
      without: unwanted,
      isPushed: used.some(isPushed),
      isBare: areBare(used),
      pumpOn: practices['pump'] === 'processor' ? 'processor' : 'own',
      mains: used.flatMap(({ id, part }) =>
        part.kind === 'case' && isMainsCase({ part }, used) ? [id] : [],
      ),
    }
  },
)

/** Whether it is a processor declared above its rating; one that is held below it asks for less. */
function isPushed({ part, beyond }: StoredItem): boolean {
  if (part.kind !== 'processor' || beyond === undefined) return false
  const [runs, rated] = [beyond, part.power.sustained].map(f => readFigure(f, 'W')?.value)
  return runs !== undefined && (rated === undefined || runs > rated)
}

function areBare(items: readonly StoredItem[]): boolean {
  const own = items.flatMap(({ part }) =>
    part.kind === 'processor' && !part.coprocessor ? [part.cooling] : [],
  )
  return own.length > 0 && own.every(cooling => cooling === 'none')
}

function isFor(use: Use, face: Face, kind: PartKind): boolean {
  const { faces, of } = PLUGS_OF_USE[use]
  return faces.some(f => f === face) && (of === 'any part' || kind === 'case')
}

const isPowerSwitch = ({ face, traits }: End): boolean =>
  face === 'panel-lead' && traits.job?.includes('power-switch') === true

type Owner = Pick<Item, 'id' | 'part' | 'out'>

type Otherwise = (end: End, owner: Owner, chosen: Chosen) => Partial<End> | null
/** What the choices change of an end; the first that has to do with it decides. */
const OTHERWISE: readonly Otherwise[] = [
  ({ from }, { part, out = [] }) => {
    const bay = part.kind === 'case' && from?.list === 'bays' ? part.bays?.[from.index] : undefined
    return bay?.cage !== undefined && out.includes(bay.cage) ? { marked: 'taken out' } : null
  },
  (end, { id }, { mains }) =>
    isPowerSwitch(end) && mains.includes(id) ? { marked: 'mains', need: 'may' } : null,
  (end, { part }, { without }) =>
    end.sex === 'plug' && without.some(use => isFor(use, end.face, part.kind))
      ? { marked: 'unwanted' }
      : null,
  ({ face, sex }, _, { isBare }) =>
    isBare && face === 'cooler-mount' && sex === 'socket' ? { need: 'may' } : null,
  (end, { part }, { isPushed }) =>
    isPushed && part.kind === 'board' && feeds(end.face) === 'processor' && end.need !== 'must'
      ? { need: 'must' }
      : null,
  ({ role, sex }, _, { pumpOn }) =>
    pumpOn === 'processor' && role === 'pump' && sex === 'plug' ? { role: GUARDED_PUMP } : null,
]

/** An end as the choices have it. */
export function asChosen(end: End, owner: Owner, chosen: Chosen): End {
  for (const change of OTHERWISE) {
    const otherwise = change(end, owner, chosen)
    if (otherwise) return { ...end, ...otherwise }
  }
  return end
}
