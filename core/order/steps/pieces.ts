// The steps of what comes off a case: its panels, and pieces that come off and go on again.
import { taskId } from '../../ids/ids'
import type { PieceOff } from '../../plan/pieces-off'
import { every } from '../../plan/situation'
import type { PlannedStep } from '../step'
import type { StepsFrom } from './from'
import { task } from './task'

type Named = Pick<PieceOff, 'label' | 'screws'>

/** A piece or a panel, with its screws where they are counted. */
const withScrews = ({ label, screws }: Named): string =>
  screws === null ? label : `${label}: ${screwsLine(screws)}`
function screwsLine(screws: number): string {
  if (screws === 0) return 'no screw, it clips'
  return screws === 1 ? '1 screw' : `${screws} screws`
}

/** Opening each case and closing it, panel by panel. */
export const panelSteps = (
  s: StepsFrom,
  kind: 'panels-off' | 'panels-on',
): readonly PlannedStep[] =>
  every(s, 'case').flatMap((pc, n) => {
    const own = s.panels.filter(p => p.case === pc.id)
    const screws = own.reduce<number | null>(
      (sum, p) => (sum === null || p.screws === null ? null : sum + p.screws),
      own.length > 0 ? 0 : null,
    )
    const manner = { of: 'panels', count: own.length, screws } as const
    // A second case is opened by what goes into it: the first is the machine's.
    return n > 0
      ? []
      : [task(kind, { items: [pc.id], what: pc.name, details: own.map(withScrews), manner })]
  })

/** Each piece off before what needs it off; on again after, unless it stays out. */
export const pieceSteps = (s: StepsFrom): readonly PlannedStep[] =>
  s.piecesOff.flatMap(piece => {
    const pc = s.items.find(i => i.id === piece.case)
    const about = (kind: 'piece-off' | 'piece-on'): PlannedStep => {
      const id = taskId(`${kind}:${piece.key}`, piece.case)
      return task(kind, {
        ...{ id, marks: [id], items: [piece.case], what: piece.label, to: pc?.name ?? '' },
        ...{ label: piece.key, opens: piece.opens },
        details: piece.opens.flatMap(joint => whatPasses(s, joint)),
        manner: { of: 'piece', ...pieceManner(piece) },
      })
    }
    return piece.then === 'back on' ? [about('piece-off'), about('piece-on')] : [about('piece-off')]
  })

const pieceManner = ({ piece, screws, then, carries }: PieceOff) => ({
  piece,
  screws,
  then,
  carries,
})

/** The part that is put in by a joint. */
const whatPasses = (s: StepsFrom, joint: string): readonly string[] => {
  const seat = s.seats.find(j => j.id === joint)
  const item = s.items.find(i => i.id === seat?.items[0])
  return item ? [item.name] : []
}
