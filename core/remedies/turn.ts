// A cooler or a supply turned about; air sent the other way at a place.
import { moversIn } from '../rules/air/movers'
import { every } from '../plan/situation'
import { turnsOf } from '../parts/turned'
import type { Candidate, Question } from './remedy'

export const turns = ({ finding, situation }: Question): readonly Candidate[] => [
  ...situation.items
    .filter(i => finding.parts.includes(i.id))
    .flatMap(item => [
      ...turnsOf(item.part)
        .filter(({ turn }) => turn !== item.turned)
        .map(({ turn, label }): Candidate => ({
          kind: 'turn',
          title: `Turn the ${item.name} ${label}`,
          commands: [{ do: 'turnPart', id: item.id, turned: turn }],
        })),
      ...(item.turned === undefined
        ? []
        : [
            {
              kind: 'turn',
              title: `Put the ${item.name} in as its sheet has it`,
              commands: [{ do: 'turnPart', id: item.id, turned: null }],
            } as const,
          ]),
    ]),
  ...every(situation, 'case').flatMap(pc =>
    moversIn(situation, pc)
      .filter(m => finding.rule.startsWith('air/') && finding.joints.includes(m.joint))
      .map(({ air, place, label }): Candidate => {
        const way = air.way === 'in' ? 'out' : 'in'
        return {
          kind: 'turn',
          title: `Turn what moves the air at the ${label} about: it blows ${way}`,
          commands: [{ do: 'chooseAir', id: pc.id, place, way }],
        }
      }),
  ),
]
