// Has the tray a thread for every hole of the board?
import { plain } from '../finding'
import { holesOf } from '../../parts/board'
import { rule } from '../rule'
import { tasksDone } from '../../plan/joints'
import { JOINED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { standoffPlan } from '../../plan/standoffs'
import { onTray } from './on-tray'

export const standoffThread = rule({
  id: 'fit/standoff-thread',
  stage: 'fit',
  question: 'Has the tray a thread for every hole of the board?',
  source: SOURCE.atx,
  needs: { ...JOINED, tasksDone },
  inputs: onTray,
  judge({ joint, board, pc }) {
    const { holes, unsupported } = standoffPlan(board, pc)
    const said = {
      rule: 'fit/standoff-thread',
      stage: 'fit',
      about: [board.id, pc.id],
      joints: [joint],
      because: [
        {
          fact: 'holes',
          value: holes?.join(' ') ?? '?',
          basis: holes ? 'standard' : 'missing',
          source: holesOf(board).source,
        },
      ],
    } as const
    if (!holes)
      return [
        plain(
          {
            ...said,
            sentence: `Where the ${board.name} has its holes is not stated`,
            wayOut:
              'Hold the board over the tray and see which holes meet; enter them with the part.',
          },
          'measure',
        ),
      ]
    if (unsupported.length === 0)
      return [
        plain(
          {
            ...said,
            sentence:
              `The tray of the ${pc.name} has a thread for each of the ${holes.length} holes of ` +
              `the ${board.name}`,
          },
          'clear',
        ),
      ]
    const none = unsupported.length === holes.length
    return [
      plain(
        {
          ...said,
          sentence: `The tray of the ${pc.name} has no thread under ${unsupported.join(', ')} of the ${board.name}`,
          wayOut: none
            ? 'Another case, or a board of a form it takes.'
            : 'The board hangs free there: hold it from beneath when you press plugs in.',
        },
        none ? 'stop' : 'watch',
      ),
    ]
  },
})
