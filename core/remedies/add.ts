// Something more: an adapter, a hub, a card or a lead that offers what an end lacks, at once or
// over a lead that is there.
import { endsOf, type EndOf } from '../joining/joint'
import { mate } from '../joining/mate'
import { kindOf, specOf, type Item, type Part } from '../parts'
import type { Situation } from '../plan/situation'
import type { Candidate, Question } from './remedy'

export function additions({ finding, situation, shelf }: Question): readonly Candidate[] {
  const wanted = wantedEnds(finding, situation)
  const askers = [...wanted, ...bridged(wanted, situation)]
  return shelf.flatMap(part => {
    const { bridges } = specOf(part.kind)
    return bridges && endsOfPart(part).some(own => askers.some(asker => meets(own, asker)))
      ? [
          {
            kind: bridges,
            title: `Add the ${part.model}`,
            commands: [{ do: 'addItem', item: { part, state: 'wanted' } }],
          },
        ]
      : []
  })
}

/** The ends a finding is about: those of its unmet demand, else the plugs of its joints. */
export function wantedEnds(
  finding: Question['finding'],
  { unmet, ends, seats, plugs }: Situation,
): readonly EndOf[] {
  const refs =
    finding.demand === null
      ? [...seats, ...plugs].filter(j => finding.joints.includes(j.id)).map(j => j.a)
      : (unmet.find(u => u.demand.id === finding.demand)?.demand.refs ?? [])
  return refs.flatMap(ref => ends.get(ref) ?? [])
}

/** The far ends of loose leads that are here and fit: a disk asks for a port by way of its lead. */
export function bridged(
  wanted: readonly EndOf[],
  { ends }: Pick<Situation, 'ends'>,
): readonly EndOf[] {
  const loose = [...ends.values()].filter(e => e.end.among?.how === 'both')
  const near = new Set(loose.filter(e => wanted.some(w => meets(e, w))).map(e => e.item))
  return loose.filter(e => near.has(e.item) && !wanted.some(w => meets(e, w)))
}

/** Whether two ends, whichever is the plug, make a joint that is worth having. */
export function meets(a: EndOf, b: EndOf): boolean {
  const met = a.end.sex === 'plug' ? mate(a, b) : mate(b, a)
  return met !== null && met.ok && met.verdict !== 'harm' && met.verdict !== 'stop'
}

const endsOfPart = (part: Part): readonly EndOf[] => {
  const item = { id: ' new', name: part.model, part, state: 'wanted', condition: 'new' } as Item
  return endsOf(item, kindOf(item).ends(item))
}
