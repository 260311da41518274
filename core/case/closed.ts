// Places that a board behind a bay closes: only its own plugs meet what is there.
import { frame, place, type Vec3 } from '../geometry/space'
import { DRIVE_SIZE, type DRIVE_SIZES } from '../standards/modules'

export interface Bay {
  readonly key: string
  readonly size: (typeof DRIVE_SIZES)[number]
  readonly at?: Vec3 | undefined
  readonly axes: string
}
interface WithBackplanes {
  readonly bays?: readonly Bay[] | null | undefined
  readonly backplanes?: readonly { readonly bays: readonly string[] }[] | undefined
}

/**
 * The middle of a bay's far end, where a drive has its sockets, or so far behind it, mm; null where
 * nobody says where the bay is.
 */
export const endOfBay = ({ at, axes, size }: Bay, behind = 0): Vec3 | null =>
  at ? place(frame(at, axes), [-behind, DRIVE_SIZE[size].width / 2, 0]) : null

/** Every place that a backplane closes. */
export const closedIn = ({ bays, backplanes }: WithBackplanes): readonly Vec3[] => {
  const behind = new Set((backplanes ?? []).flatMap(b => b.bays))
  return (bays ?? [])
    .filter(bay => behind.has(bay.key))
    .map(bay => endOfBay(bay))
    .filter(place => place !== null)
}

/** Named choice: how far behind the drives' sockets a backplane has its own, mm. */
export const BACKPLANE_DEPTH = 45
/** Named choice: how far from the middle of a bay its drive's sockets may lie, mm. */
const AROUND = 30

/** Whether no lead gets from one point to the other: one of them is closed and the other not there. */
export function isClosed(closed: readonly Vec3[], from: Vec3, to: Vec3): boolean {
  if (closed.length === 0) return false
  return closedAt(closed, from) !== closedAt(closed, to)
}

/** Which of the closed places a point belongs to: the nearest, if it is near; -1 for none. */
function closedAt(closed: readonly Vec3[], point: Vec3): number {
  const distances = closed.map(at => Math.hypot(...at.map((c, i) => c - (point[i] ?? 0))))
  const nearest = Math.min(...distances)
  return nearest <= AROUND ? distances.indexOf(nearest) : -1
}
