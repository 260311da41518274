// Standoffs under the board: enough of them, none where it has no hole, a thread for every hole.
import { measured, plain } from '../finding'
import type { Case } from '../../parts/case-schema'
import { pcCase } from '../../parts/case'
import type { Board } from '../../parts/board-schema'
import { holesOf } from '../../parts/board'
import type { ItemOf } from '../../parts/kind'
import { sundry } from '../../parts/sundry'
import { fact, of, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { tasksDone } from '../../plan/joints'
import { JOINED, type Joined, type Situation, every, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { standoffPlan, standoffTask } from '../../plan/standoffs'

interface OnTray {
  readonly joint: string
  readonly board: ItemOf<Board>
  readonly pc: ItemOf<Case>
  /** Whether the standoffs were put right at the bench. */
  readonly done: boolean
}
const onTray = (s: Pick<Situation, keyof Joined | 'tasksDone'>): readonly OnTray[] =>
  joinedBy(s, 'tray', 'board', 'case').map(({ joint, plug, socket }) => ({
    joint: joint.id,
    board: plug,
    pc: socket,
    done: s.tasksDone.includes(standoffTask(plug.id)),
  }))

export const standoffStray = rule({
  id: 'fit/standoff-stray',
  stage: 'fit',
  asks: 'Does a standoff stand under the board where it has no hole?',
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

export const standoffThread = rule({
  id: 'fit/standoff-thread',
  stage: 'fit',
  asks: 'Has the tray a thread for every hole of the board?',
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

export const standoffCount = rule({
  id: 'fit/standoff-count',
  stage: 'fit',
  asks: 'Are there enough standoffs for the holes that need one?',
  source: SOURCE.practice,
  needs: { ...JOINED, tasksDone },
  inputs: s =>
    onTray(s).map(t => ({ ...t, bags: every(s, 'sundry').filter(i => i.part.use === 'standoff') })),
  judge({ joint, board, pc, bags }) {
    const plan = standoffPlan(board, pc)
    if (!plan.holes || plan.fit.length === 0) return []
    const n = plan.fit.length
    const need = fact(`standoffs:${board.id}`, `standoffs to fit (${plan.fit.join(' ')})`, 'pcs', {
      value: n,
      basis: 'standard',
      tol: 0,
    })
    const freed = fact(`freed:${pc.id}`, 'taken out elsewhere on the tray', 'pcs', {
      value: plan.takeOut.length,
      basis: 'standard',
      tol: 0,
    })
    const have = plus(
      of(pcCase.leaf(pc, 'standoffs.supplied')),
      ...bags.map(b => of(sundry.leaf(b, 'count'))),
      of(freed),
    )
    return [
      measured({
        rule: 'fit/standoff-count',
        stage: 'fit',
        about: [board.id, pc.id],
        joints: [joint],
        failing: 'watch',
        source: SOURCE.atx,
        sentence: `Standoffs for the ${board.name} from the bag of the ${pc.name}`,
        need: of(need),
        have,
        wayOut:
          'Buy the missing ones (6-32 UNC, 6.5 mm): cheap, and the board must not hang free at a corner.',
      }),
    ]
  },
})
