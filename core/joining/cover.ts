// What a seat shuts: the ends that lie under the body that comes with it, and those that the board
// switches off for it.
import { frame, placeBox, within as inFrame, type Box } from '../geometry/space'
import type { EndRef } from '../ids/ids'
import type { EndOf } from './joint'

export interface Shut {
  readonly ref: EndRef
  readonly how: 'covered' | 'switched off'
}

/** The body that comes with a plug, where it sits in the frame of the socket's part. */
export function boxOf(plug: EndOf, socket: EndOf): Box | null {
  const { solid } = plug.end
  const { seat } = socket.end
  return solid && seat ? placeBox(inFrame(frame([0, 0, 0]), seat), solid) : null
}

/**
 * The ends of the socket's part that can no longer be joined once this plug sits in this socket.
 */
export function shutBy(plug: EndOf, socket: EndOf, ofPart: readonly EndOf[]): readonly Shut[] {
  const { traits } = plug.end
  const { shuts } = socket.end
  const switched = shuts
    .filter(s => s.when === null || traits[s.when[0]]?.includes(s.when[1]))
    .flatMap(s => s.keys)
  const box = boxOf(plug, socket)
  return ofPart.flatMap((other): Shut[] => {
    if (other.ref === socket.ref || other.end.sex === 'plug') return []
    if (switched.includes(other.end.key)) return [{ ref: other.ref, how: 'switched off' }]
    const at = other.end.at
    const under =
      box &&
      at &&
      at[0] >= box.min[0] &&
      at[0] <= box.max[0] &&
      at[1] >= box.min[1] &&
      at[1] <= box.max[1]
    return under && at[2] + other.end.joinedHeight > box.min[2]
      ? [{ ref: other.ref, how: 'covered' }]
      : []
  })
}
