// What is tried with the board on the table: firmware that the processor needs, the start with the
// least possible, and clearing up after it.
import { feeds } from '../../connectors/connectors'
import { taskId } from '../../ids/ids'
import type { Joint } from '../../joining/joint'
import type { Board } from '../../parts/board-schema'
import type { ItemOf } from '../../parts/kind'
import { every } from '../../plan/situation'
import { firmwares, flashTo } from '../../rules/fit/firmware'
import type { Habits } from '../habits'
import type { PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { task } from './task'

/** Whether a supply is switched by mains at the front, not by a button. */
export const hasMains = (s: StepsFrom): boolean =>
  every(s, 'supply').some(i => i.part.form === 'AT')

/**
 * The board that is started on the table, by a build order that wants it. Not with a mains switch
 * that would lie there, and not where the cooler hangs on a radiator.
 */
function boardOnTable(s: StepsFrom, { proof }: Habits): ItemOf<Board> | null {
  const [board] = every(s, 'board')
  const hasAll = every(s, 'supply').length > 0 && every(s, 'processor').length > 0
  const hangs = every(s, 'cooler').some(c => Boolean(c.part.liquid))
  return proof === 'on the table' && hasAll && !hangs && !hasMains(s) ? (board ?? null) : null
}

const lineOf = (s: StepsFrom, { a, b }: Joint): string =>
  `${s.outlines.get(a)?.label ?? ''} → ${s.outlines.get(b)?.label ?? ''}`

/** The plugs without which a board does nothing: main power, and the processor’s. */
const itsPower = (s: StepsFrom): readonly Joint[] =>
  s.plugs.filter(j => ['board', 'processor'].includes(feeds(j.socketFace) ?? ''))

/**
 * Firmware that has to be newer before the processor is seen: on the table where the machine is
 * started there, else once main power and the processor’s plug are in.
 */
export const flashes = (s: StepsFrom, habits: Habits): readonly PlannedStep[] =>
  firmwares(s).flatMap(f => {
    const version = flashTo(f)
    const id = taskId('firmware', f.board.id)
    if (version === null || !f.board.part.firmware?.flashes) return []
    const about = { id, marks: [id], items: [f.board.id], what: f.board.name, label: version }
    const isThere = boardOnTable(s, habits)?.id === f.board.id
    const details = isThere ? itsPower(s).map(j => lineOf(s, j)) : []
    return [task('firmware', { ...about, details, pose: isThere ? 'table' : 'lying' })]
  })

/**
 * The first start on the table with the least possible, and clearing up after it: joints that are
 * made twice.
 */
export function tableStart(s: StepsFrom, habits: Habits): readonly PlannedStep[] {
  const board = boardOnTable(s, habits)
  if (!board) return []
  const dark = !every(s, 'processor').some(p => p.part.picture)
  const needed = [
    ...s.seats.filter(j => j.face === 'slot' && dark && s.outlines.get(j.a)?.role === 'graphics'),
    ...itsPower(s),
    ...s.plugs.filter(j => dark && feeds(j.face) === 'card'),
  ]
  const details = [...needed.map(j => lineOf(s, j)), ...coolingFor(s, board)]
  return (['bench-start', 'bench-clear'] as const).map(kind =>
    task(kind, {
      items: kind === 'bench-start' ? takingPart(s) : [board.id],
      what: board.name,
      details,
    }),
  )
}

/** What a start on the table tries. */
const takingPart = (s: StepsFrom): readonly string[] =>
  (['board', 'processor', 'memory', 'cooler', 'supply'] as const).flatMap(kind =>
    every(s, kind).map(i => i.id),
  )

/** A cooler’s fan that will be fed by something else in the case: on the table the board feeds it. */
function coolingFor(s: StepsFrom, board: ItemOf<Board>): readonly string[] {
  const coolers = every(s, 'cooler').map(c => c.id)
  const header = board.part.headers?.find(h => h.role === 'processor')?.label
  return s.plugs
    .filter(j => coolers.includes(j.items[0]) && j.items[1] !== board.id)
    .map(j => `${s.outlines.get(j.a)?.label ?? ''} → ${header ?? 'a fan header of the board'}`)
}
