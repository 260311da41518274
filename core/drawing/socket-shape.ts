// Which drawn thing a socket is: itself where it stands on a board, else the block that it is a pin of.
import { endRef, itemOf, type EndRef } from '../ids/ids'
import type { Shape } from './flat'

/** The block of the front panel, as a thing on its board. */
const PANEL = 'panel'

/** The id under which a socket is drawn. */
export const socketShapeId = (socket: EndRef, isPanel: boolean): string =>
  isPanel ? endRef(itemOf(socket), PANEL) : socket

/** The shape of a socket on a board; none where it is on no board, or not drawn from here. */
export const socketShape = (
  shapes: readonly Shape[],
  socket: EndRef,
  isPanel: boolean,
): Shape | undefined => {
  const id = socketShapeId(socket, isPanel)
  return shapes.find(sh => sh.kind === 'socket' && sh.id === id)
}
