// Where on a board a socket stands, as one finds it: at which edge, and how far along.
import { isOuter } from '../connectors/connectors'
import { wholeMm } from '../figures/format'
import { outlineOf } from '../parts/board'
import type { Board } from '../parts/board-schema'
import type { End } from '../parts/end'
import type { ItemOf } from '../parts/kind'

/** The way round, as a board lies in its manual: its rear sockets at the left, the processor above. */
export const EDGES = ['rear', 'top', 'front', 'bottom', 'middle', 'back', 'unknown'] as const
export type BoardEdge = (typeof EDGES)[number]

export interface Standing {
  readonly edge: BoardEdge
  /** How far along the way round, mm: what the sockets of an edge are sorted by. */
  readonly along: number
  /** The same in words. */
  readonly where: string
}

/** Named choice: what stands further in than this from every edge is found in the middle, mm. */
const AT_EDGE = 32

/** Where a socket of a board stands; `unknown` where its place or the board's size is not stated. */
export function standingOf(board: ItemOf<Board>, end: Pick<End, 'face' | 'at' | 'seat'>): Standing {
  if (isOuter(end.face)) return { edge: 'rear', along: 0, where: 'outside, at the rear' }
  const at = end.at ?? end.seat?.origin ?? null
  const { form } = board.part
  if (!at || !form) return { edge: 'unknown', along: 0, where: 'place not stated' }
  const size = outlineOf(board, form)
  const [x, y, z] = at
  const from = `${wholeMm(x)} from the rear edge, ${wholeMm(y)} from the top`
  if (z < 0) return { edge: 'back', along: y, where: from }
  const near = EDGE.map(e => ({ ...e, in: e.inward([x, y], size) })).sort((a, b) => a.in - b.in)
  const [nearest] = near
  return nearest && nearest.in <= AT_EDGE
    ? { edge: nearest.edge, along: nearest.along([x, y], size), where: nearest.words([x, y], size) }
    : { edge: 'middle', along: y, where: from }
}

type Place = readonly [x: number, y: number]
interface Size {
  readonly edge: number
  readonly depth: number
}
interface Edge {
  readonly edge: BoardEdge
  readonly inward: (at: Place, size: Size) => number
  readonly along: (at: Place, size: Size) => number
  readonly words: (at: Place, size: Size) => string
}
const EDGE: readonly Edge[] = [
  {
    edge: 'rear',
    inward: ([x]) => x,
    along: ([, y], { edge }) => edge - y,
    words: ([, y]) => `${wholeMm(y)} below the top corner`,
  },
  {
    edge: 'top',
    inward: ([, y]) => y,
    along: ([x]) => x,
    words: ([x]) => `${wholeMm(x)} from the rear corner`,
  },
  {
    edge: 'front',
    inward: ([x], { depth }) => depth - x,
    along: ([, y]) => y,
    words: ([, y]) => `${wholeMm(y)} below the top corner`,
  },
  {
    edge: 'bottom',
    inward: ([, y], { edge }) => edge - y,
    along: ([x], { depth }) => depth - x,
    words: ([x]) => `${wholeMm(x)} from the rear corner`,
  },
]
