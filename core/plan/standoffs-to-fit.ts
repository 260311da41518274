// How many standoffs each board asks for, and how many its case brings.
import { readFigure } from '../figures/units'
import { stage } from '../pipeline/stage'
import { JOINED, joinedBy } from './situation'
import { standoffPlan } from './standoffs'

export interface Standoffs {
  readonly board: string
  readonly name: string
  /** The case’s name. */
  readonly pc: string
  readonly fit: number
  /** Loose ones in the case’s bag; null where nobody counted. */
  readonly supplied: number | null
  /** Those that come out elsewhere on the tray. */
  readonly freed: number
}

export const standoffsToFit = stage('standoffs-to-fit', JOINED, (s): readonly Standoffs[] =>
  joinedBy(s, 'tray', 'board', 'case').map(({ plug: board, socket: pc }) => {
    const { fit, takeOut } = standoffPlan(board, pc)
    return {
      ...{ board: board.id, name: board.name, pc: pc.name, fit: fit.length },
      supplied: readFigure(pc.part.standoffs.supplied, 'pcs')?.value ?? null,
      freed: takeOut.length,
    }
  }),
)
