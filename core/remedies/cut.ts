// What a file or a knife could settle: for good, so it comes after every way that leaves parts whole.
import { cutsOf } from '../parts/beyond'
import type { Candidate, Question } from './remedy'

export function cuts({ finding, situation: { items } }: Question): readonly Candidate[] {
  const near = new Set(finding.parts)
  // A card that finds no slot is about the card: the board it would go into is near as well.
  const isLost = finding.demand !== null
  return items
    .filter(i => near.has(i.id) || (isLost && i.part.kind === 'board'))
    .flatMap(item =>
      cutsOf(item.part).map(({ path, says }): Candidate => ({
        kind: 'cut',
        title: `Cannot be undone: ${says} of the ${item.name}`,
        commands: [{ do: 'cut', id: item.id, what: path, title: says }],
      })),
    )
}
