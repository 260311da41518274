// The pieces of a case that come out, and what goes with them.
import { readFigure } from '../figures/units'
import type { Leaf } from '../figures/quantity'
import type { Item, Part } from '.'

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

/**
 * What a limit of the sheet is worth that counted on the pieces being in: as stated; nothing, where it
 * is known where the pieces that are out lay, and what lies behind decides; else nobody knows.
 */
export function limitWith(pc: Pick<Item, 'part' | 'out'>): 'stated' | 'gone' | 'not known' {
  if (pc.part.kind !== 'case' || (pc.out?.length ?? 0) === 0) return 'stated'
  const out = (pc.part.pieces ?? []).filter(p => pc.out?.includes(p.key))
  return out.every(p => p.begins || p.ends) ? 'gone' : 'not known'
}

/** A limit of the sheet: without its figure, where nobody knows what it is without the piece. */
export const limitLeaf = (leaf: Leaf, pc: Pick<Item, 'part' | 'out'>): Leaf =>
  limitWith(pc) === 'not known' ? { ...leaf, figure: null } : leaf
