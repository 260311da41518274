// Which way a hand pushes what a step joins: into the board that it sits on, or over its edge where a
// socket lies on its side. Only where the model knows it.
import { scale, type Frame, type Vec3 } from '../geometry/space'
import { endsOfJoint, itemOf, keyOf, type EndRef } from '../ids/ids'
import type { Item } from '../parts'
import type { Board } from '../parts/board-schema'
import { outlineOf } from '../parts/board'
import type { ItemOf } from '../parts/kind'
import type { Point, Project } from './views'

export interface EntersFrom {
  readonly items: readonly Item[]
  readonly frames: ReadonlyMap<string, Frame>
}
/** On the paper: along it, or null straight away from the eye. */
export interface Enters {
  readonly along: Point | null
}

/** Null where it is not known, as of what is fastened to a case. */
export function entersBy(from: EntersFrom, joint: string, project: Project): Enters | null {
  const [, socket] = endsOfJoint(joint) ?? []
  const into = socket && intoBoard(from, socket)
  if (!into) return null
  const [[x, y], [x0, y0]] = [project(into), project([0, 0, 0])]
  const along: Point = [x - x0, y - y0]
  return { along: along[0] === 0 && along[1] === 0 ? null : along }
}

/** The direction into a socket of a board, in the case. */
function intoBoard({ items, frames }: EntersFrom, socket: EndRef): Vec3 | null {
  const holder = items.find(i => i.id === itemOf(socket))
  const frame = frames.get(itemOf(socket))
  if (!holder || !frame || !isBoard(holder)) return null
  const header = holder.part.headers?.find(h => h.key === keyOf(socket))
  return header?.points === 'side' ? overEdge(holder, header.at, frame) : scale(frame.axes[2], -1)
}

const isBoard = (item: Item): item is ItemOf<Board> => item.part.kind === 'board'

/** From the nearest edge of the board inwards. */
function overEdge(
  board: ItemOf<Board>,
  at: readonly [number, number] | undefined,
  frame: Frame,
): Vec3 | null {
  const { form } = board.part
  if (!at || !form) return null
  const { edge, depth } = outlineOf(board, form)
  const [x, y] = at
  const [right, down] = [frame.axes[0], frame.axes[1]]
  const edges: readonly (readonly [number, Vec3])[] = [
    [x, right],
    [depth - x, scale(right, -1)],
    [y, down],
    [edge - y, scale(down, -1)],
  ]
  return edges.reduce((near, one) => (one[0] < near[0] ? one : near))[1]
}
