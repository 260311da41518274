// The pieces of a case that come out, and what goes with them.
import { readFigure } from '../figures/units'
import type { Part } from '.'

/** A piece that can be taken out, and the bays that are lost with it. */
export interface Piece {
  readonly key: string
  readonly label: string
  readonly screws: number | null
  readonly bays: readonly string[]
  /** What passes where it was. */
  readonly opens: string
}

/** Pieces that are opened on the way in and closed at the end: whether they are out is no choice. */
const CLOSED_AGAIN: readonly string[] = ['panel', 'top', 'front']

/** The pieces of a part that can be left out of the machine; none but of a case. */
export function piecesOf(part: Part): readonly Piece[] {
  if (part.kind !== 'case') return []
  return (part.pieces ?? [])
    .filter(p => p.fixed !== true && !CLOSED_AGAIN.includes(p.piece))
    .map(({ key, label, screws, opens }) => ({
      ...{ key, label, opens },
      screws: readFigure(screws, 'pcs')?.value ?? null,
      bays: (part.bays ?? []).filter(b => b.cage === key).map(b => b.label),
    }))
}

/** Whether a piece is out that limits of the sheet may have counted on. */
export const hasOpened = ({ out }: { readonly out?: readonly string[] }): boolean =>
  (out?.length ?? 0) > 0
