// Which drawn thing a socket is: itself where it stands on a board, else the block that it is a pin of.
import { panelBlockOf, type EndRef } from '../ids/ids'
import type { Shape } from './flat'

/** The shape of a socket on a board; none where it is on no board, or not drawn from here. */
export function socketShape(
  shapes: readonly Shape[],
  socket: EndRef,
  isPanel: boolean,
): Shape | undefined {
  const id = isPanel ? panelBlockOf(socket) : socket
  return shapes.find(sh => sh.kind === 'socket' && sh.id === id)
}
