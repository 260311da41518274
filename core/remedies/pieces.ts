// A piece of the case taken out where it is in the way, or put back where a bay is missed.
import { piecesOf } from '../parts/pieces'
import type { Candidate, Question } from './remedy'

export function pieces({ finding, situation: { items } }: Question): readonly Candidate[] {
  // What finds no bay may find one in a cage that was taken out.
  const near = items.filter(
    i => i.part.kind === 'case' && (finding.parts.includes(i.id) || finding.demand !== null),
  )
  return near.flatMap(pc =>
    piecesOf(pc.part).map(({ key, label, screws, bays }): Candidate => {
      const isOut = pc.out?.includes(key) === true
      const costs = [
        ...(screws === null ? [] : [screws === 1 ? '1 screw' : `${screws} screws`]),
        ...(bays.length > 0 ? [`without ${bays.join(', ')}`] : []),
        `about ${minutesFor(screws)} min`,
      ]
      const told = isOut ? '' : ` (${costs.join('; ')})`
      return {
        kind: 'piece',
        title: `${isOut ? 'Put' : 'Take'} the ${label} ${isOut ? 'back into' : 'out of'} the ${pc.name}${told}`,
        commands: [{ do: 'takePiece', id: pc.id, piece: key, out: !isOut }],
      }
    }),
  )
}

/** Named choices: what taking a piece out takes by itself and for each screw, min. */
const OUT = { piece: 1, screw: 0.5 }
const minutesFor = (screws: number | null): number =>
  Math.ceil(OUT.piece + OUT.screw * (screws ?? 2))
