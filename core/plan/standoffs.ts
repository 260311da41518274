// Which standoffs a board wants on a tray: fit, keep, take out. Plain sets; the rules judge them.
import { taskId, type TaskId } from '../ids/ids'
import type { Board } from '../parts/board-schema'
import { holesOf } from '../parts/board'
import type { Case } from '../parts/case-schema'
import type { ItemOf } from '../parts/kind'
import { FORM, HOLE_AT, STANDOFF_RADIUS, type HoleName } from '../standards/boards'

export interface StandoffPlan {
  /** Null when neither the board nor its form says where its holes are. */
  readonly holes: readonly HoleName[] | null
  readonly fit: readonly HoleName[]
  readonly keep: readonly HoleName[]
  /** Standing under the board where it has no hole: each a short circuit. */
  readonly takeOut: readonly HoleName[]
  /**
   * Where one would short the board if it stood there, and nobody said whether it does; null where
   * it is known which stand in the tray.
   */
  readonly lookAt: readonly HoleName[] | null
  /** Board holes for which the tray has no thread. */
  readonly unsupported: readonly HoleName[]
}

/** The task that puts a board's standoffs right. */
export const standoffTask = (board: string): TaskId => taskId('standoffs', board)

/** The tray's threads: as stated, else those of the forms it takes. */
export const threadsOf = (part: Case): readonly HoleName[] =>
  part.standoffs.threads ??
  [...new Set((part.boards ?? []).flatMap(f => FORM[f].holes ?? []))].sort()

export function standoffPlan(b: ItemOf<Board>, pc: ItemOf<Case>): StandoffPlan {
  const { holes } = holesOf(b)
  const stated = pc.part.standoffs.fitted
  const fitted = stated ?? []
  const threads = threadsOf(pc.part)
  const isStray = (h: HoleName): boolean => !holes?.includes(h) && underneath(b.part, h)
  const lookAt = stated ? null : threads.filter(isStray)
  if (!holes) return { holes, fit: [], keep: [], takeOut: [], lookAt, unsupported: [] }
  return {
    holes,
    fit: holes.filter(h => threads.includes(h) && !fitted.includes(h)),
    keep: holes.filter(h => fitted.includes(h)),
    takeOut: fitted.filter(isStray),
    lookAt,
    unsupported: holes.filter(h => !threads.includes(h) && !fitted.includes(h)),
  }
}

/**
 * Whether a standoff at this hole would touch the board's underside: inside its outline, its own
 * radius included.
 */
function underneath(part: Board, hole: HoleName): boolean {
  const [x, y] = HOLE_AT[hole]
  if (!part.form) return false
  const { depth, edge } = FORM[part.form]
  return x - STANDOFF_RADIUS.mm < depth && y - STANDOFF_RADIUS.mm < edge
}
