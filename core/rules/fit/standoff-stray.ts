// Does a standoff stand where the board has no hole?
import { plain } from '../finding'
import { holesOf } from '../../parts/board'
import { rule } from '../rule'
import { tasksDone } from '../../plan/joints'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { labelsOf, standoffPlan } from '../../plan/standoffs'
import { onTray } from './on-tray'

export const standoffStray = rule({
  id: 'fit/standoff-stray',
  stage: 'fit',
  question: 'Does a standoff stand under the board where it has no hole?',
  source: SOURCE.atx,
  needs: { ...JOINED, tasksDone },
  inputs: onTray,
  judge({ joint, board, pc, done }) {
    const { takeOut, holes, lookAt } = standoffPlan(board, pc)
    if (!holes) return []
    const names = labelsOf(takeOut)
    const said = {
      rule: 'fit/standoff-stray',
      stage: 'fit',
      about: [board.id, pc.id],
      joints: [joint],
      because: [
        {
          fact: `holes of the ${board.name}`,
          value: labelsOf(holes),
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
    if (takeOut.length === 0 && lookAt && lookAt.length > 0 && !done)
      return [plain({ ...said, ...toLookAt(labelsOf(lookAt), board, pc) }, 'measure')]
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
              wayOut: `Short circuit. Take out ${names}: the step that sets the standoffs does it.`,
            },
            'harm',
          ),
        ]
  },
})

/** Where nobody said which standoffs stand in the tray. */
const toLookAt = (
  names: string,
  board: { readonly name: string },
  pc: { readonly id: string; readonly name: string },
) => ({
  sentence:
    `Whether a standoff stands at ${names} of the ${pc.name}, under the ${board.name} where it ` +
    'has no hole, is not known',
  wayOut: 'Look at the tray, and take out any that stands there: a short circuit.',
  asks: [
    {
      item: pc.id,
      path: 'standoffs.fitted',
      question: `Which standoffs stand in the tray of the ${pc.name} already?`,
      take: 'Look at the tray: each stands beside a letter of the hole pattern.',
    },
  ],
})
