// Each board on the tray that it sits on, and whether its standoffs are set.
import type { Case } from '../../parts/case-schema'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import { type Joined, type Situation, joinedBy } from '../../plan/situation'
import { standoffTask } from '../../plan/standoffs'

interface OnTray {
  readonly joint: string
  readonly board: ItemOf<Board>
  readonly pc: ItemOf<Case>
  /** Whether the standoffs were put right at the bench. */
  readonly done: boolean
}

export const onTray = (s: Pick<Situation, keyof Joined | 'tasksDone'>): readonly OnTray[] =>
  joinedBy(s, 'tray', 'board', 'case').map(({ joint, plug, socket }) => ({
    joint: joint.id,
    board: plug,
    pc: socket,
    done: s.tasksDone.includes(standoffTask(plug.id)),
  }))
