// Boards behind the bays of a case: drives plug into them, and they ask for leads and power of their
// own.
import { isData, isPower } from '../connectors/connectors'
import { fact, of } from '../figures/quantity'
import { BACKPLANE_DEPTH, endOfBay } from '../case/closed'
import type { Backplane, Case } from './case-schema'
import { end, type End } from './end'

/**
 * Named choice: how far a backplane reaches for the drive before it, mm. A drive in another bay is
 * farther off.
 */
const REACH = of(
  fact('backplane', 'reach of a backplane', 'mm', { value: 60, basis: 'standard', tol: 0 }),
)
const OUTLETS = [
  { face: 'sata-data', says: 'data', traits: { side: ['device'] } },
  { face: 'sata-power', says: 'power', traits: {} },
] as const

/** What a case's backplanes ask for, and what they offer to the drives before them. */
export const backplaneEnds = (part: Case): readonly End[] =>
  (part.backplanes ?? []).flatMap(b => [
    ...b.inlets.map(inlet => inletEnd(part, b, inlet)),
    ...b.bays.flatMap(bay => outletsAt(part, b, bay)),
  ])

/** Every backplane takes in by sockets: the leads come to it. */
function inletEnd(
  part: Case,
  b: Backplane,
  { key, label, face, need }: Backplane['inlets'][number],
): End {
  const first = part.bays?.find(bay => b.bays.includes(bay.key))
  return end({
    key: keyOfInlet(b, key),
    face,
    sex: 'socket',
    label: `${label} of the ${b.label}`,
    need: need ?? 'may',
    at: (first && endOfBay(first, BACKPLANE_DEPTH)) ?? null,
    traits: isData(face) ? { side: ['device'] } : {},
  })
}

/** The two plugs that wait in a bay; what is plugged there wants all that the backplane takes in. */
function outletsAt(part: Case, b: Backplane, key: string): readonly End[] {
  const bay = part.bays?.find(({ key: own }) => own === key)
  if (!bay) return []
  const exit = endOfBay(bay)
  return OUTLETS.map(({ face, says, traits }) =>
    end({
      key: `${b.key}.${key}.${says}`,
      face,
      sex: 'plug',
      label: `${says} of the ${b.label} at ${bay.label}`,
      traits,
      follows: b.inlets.filter(i => i.need !== 'may').map(i => keyOfInlet(b, i.key)),
      among: { group: b.label, how: 'any-of' },
      ...(exit ? { lead: { length: REACH, exit } } : {}),
    }),
  )
}

const keyOfInlet = (b: Backplane, inlet: string): string => `${b.key}.${inlet}`

/** The inlets that feed what is plugged into a backplane there; none of any other end of a case. */
export function backplaneInlets({ backplanes }: Case, key: string): readonly string[] {
  const own = backplanes?.find(b => b.bays.some(bay => key === `${b.key}.${bay}.power`))
  return own ? own.inlets.filter(i => isPower(i.face)).map(i => keyOfInlet(own, i.key)) : []
}
