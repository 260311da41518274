// The pieces of a case that come off while it is built in: those that stay out by choice, and those
// that something needs out of its way and that go back on after.
import type { Wall } from '../case/air'
import { readFigure } from '../figures/units'
import type { Joint } from '../joining/joint'
import type { Case } from '../parts/case-schema'
import type { ItemOf } from '../parts/kind'
import { stage } from '../pipeline/stage'
import { cameThere, wallOfSeat } from './came'
import { items } from './items'
import { seats } from './joints'
import { every, socketIn } from './situation'
import { waysIn } from './ways-in'

type CasePiece = NonNullable<Case['pieces']>[number]

/** A piece that comes off: what is put in its place meanwhile, and where it is then. */
export interface PieceOff {
  readonly case: string
  readonly key: string
  readonly label: string
  readonly piece: CasePiece['piece']
  /** How many screws hold it; null where nobody counted. */
  readonly screws: number | null
  /** Out by choice, back on after, or screwed to the part that it holds. */
  readonly then: 'stays out' | 'back on' | 'on its part'
  /** The leads that hang on it; null where nobody looked. */
  readonly carries: readonly string[] | null
  /** The joints that are made while it is off. */
  readonly opens: readonly string[]
}

/** A panel that is opened to build in the case at all. */
export interface Panel extends Pick<PieceOff, 'case' | 'label' | 'screws'> {
  readonly key: string
}

/** What a piece closes, by what it is, whatever stands in whose way. */
const CLOSES: Partial<
  Record<CasePiece['piece'], (joint: Joint, pc: ItemOf<Case>, piece: CasePiece) => boolean>
> = {
  front: (joint, pc) => isAtWall(joint, pc, 'front'),
  top: (joint, pc) => isAtWall(joint, pc, 'top'),
  'slot lock': ({ face }) => face === 'slot' || face === 'rear-cover',
  'supply bracket': ({ face }) => face === 'supply-place',
  tray: ({ face }) => face === 'tray',
}

/** Screws and bays at a wall are reached once what covers the wall is off. */
function isAtWall(joint: Joint, { id, part }: ItemOf<Case>, wall: Wall): boolean {
  if (joint.items[1] !== id) return false
  const bay = socketIn(joint, 'bays', part.bays)
  return wallOfSeat(joint, part) === wall || (wall === 'front' && bay?.front === true)
}

const screwsOf = ({ screws }: CasePiece): number | null => readFigure(screws, 'pcs')?.value ?? null
const stated = (pc: ItemOf<Case>): readonly CasePiece[] =>
  (pc.part.pieces ?? []).filter(p => p.fixed !== true)

export const piecesOff = stage(
  'pieces-off',
  { items, seats, cameThere, waysIn },
  (s): readonly PieceOff[] => {
    // Nothing comes off for what sits in its place already.
    const came = new Set<string>(s.cameThere.map(j => j.id))
    const seats = s.seats.filter(j => !came.has(j.id))
    const inTheWay = (pc: string, key: string): readonly string[] =>
      s.waysIn.flatMap(w =>
        w.piece?.item === pc && w.piece.piece === key && !came.has(w.first) ? [w.first] : [],
      )
    return every(s, 'case').flatMap(pc =>
      stated(pc)
        .filter(p => p.piece !== 'panel')
        .map(p => offOf(pc, p, seats, inTheWay(pc.id, p.key)))
        .filter(p => p.opens.length > 0),
    )
  },
)

function offOf(
  pc: ItemOf<Case>,
  piece: CasePiece,
  seats: readonly Joint[],
  inTheWay: readonly string[],
): PieceOff {
  const { key, label } = piece
  const carries =
    piece.carries?.map(lead => pc.part.leads?.find(l => l.key === lead)?.label ?? lead) ?? null
  const about = {
    ...{ case: pc.id, key, label, piece: piece.piece },
    ...{ screws: screwsOf(piece), carries },
  }
  const isIn = (j: Joint): boolean => j.items[1] === pc.id
  if (pc.out?.includes(key))
    return { ...about, then: 'stays out', opens: seats.filter(isIn).map(j => j.id) }
  const closed = seats.filter(j => CLOSES[piece.piece]?.(j, pc, piece)).map(j => j.id)
  const needed = new Set([...closed, ...inTheWay])
  // What sits in a cage goes in while that is out anyway.
  const held = seats.filter(j => isIn(j) && socketIn(j, 'bays', pc.part.bays)?.cage === key)
  if (needed.size > 0) for (const j of held) needed.add(j.id)
  const then = piece.piece === 'supply bracket' ? 'on its part' : 'back on'
  return { ...about, then, opens: [...needed] }
}

/** The panels of each case, where they are known. */
export const panels = stage('panels', { items }, (s): readonly Panel[] =>
  every(s, 'case').flatMap(pc =>
    stated(pc)
      .filter(p => p.piece === 'panel')
      .map(p => ({ case: pc.id, key: p.key, label: p.label, screws: screwsOf(p) })),
  ),
)
