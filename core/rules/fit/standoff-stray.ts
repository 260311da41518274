// Does a standoff stand where the board has no hole?
import { plain } from '../finding'
import { holesOf } from '../../parts/board'
import { rule } from '../rule'
import { tasksDone } from '../../plan/joints'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { standoffPlan } from '../../plan/standoffs'
import { onTray } from './on-tray'

export const standoffStray = rule({
  id: 'fit/standoff-stray',
  stage: 'fit',
  question: 'Does a standoff stand under the board where it has no hole?',
  source: SOURCE.atx,
  needs: { ...JOINED, tasksDone },
  inputs: onTray,
  judge({ joint, board, pc, done }) {
    const { takeOut, holes } = standoffPlan(board, pc)
    if (!holes) return []
    const names = takeOut.join(', ')
    const said = {
      rule: 'fit/standoff-stray',
      stage: 'fit',
      about: [board.id, pc.id],
      joints: [joint],
      because: [
        {
          fact: `holes of the ${board.name}`,
          value: holes.join(' '),
          basis: 'standard',
          source: holesOf(board).source,
        },
      ],
    } as const
    if (takeOut.length > 0 && done)
      return [
        plain(
          {
            ...said,
            sentence:
              `Standoffs of the ${pc.name} at ${names} were taken out: nothing touches the ` +
              `${board.name} where it has no hole`,
          },
          'clear',
        ),
      ]
    return takeOut.length === 0
      ? [
          plain(
            {
              ...said,
              sentence: `No standoff of the ${pc.name} touches the ${board.name} where it has no hole`,
            },
            'clear',
          ),
        ]
      : [
          plain(
            {
              ...said,
              sentence: `Standoffs of the ${pc.name} at ${names} stand under the ${board.name} where it has no hole`,
              wayOut: `Short circuit. Take out ${names}.`,
            },
            'harm',
          ),
        ]
  },
})
