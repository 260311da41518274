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

/** The far end of a bay, and whether a backplane closes it. */
export interface BayEnd {
  readonly at: Vec3
  readonly isClosed: boolean
}
/** The ends of all bays whose place is known, where a backplane closes any; else none. */
export const bayEndsOf = ({ bays, backplanes }: WithBackplanes): readonly BayEnd[] => {
  const behind = new Set((backplanes ?? []).flatMap(b => b.bays))
  if (behind.size === 0) return []
  return (bays ?? []).flatMap(bay => {
    const at = endOfBay(bay)
    return at ? [{ at, isClosed: behind.has(bay.key) }] : []
  })
}

/** Named choice: how far behind the drives' sockets a backplane has its own, mm. */
export const BACKPLANE_DEPTH = 45
/** Named choice: how far from the middle of a bay its drive's sockets may lie, mm. */
const AROUND = 30

/** Whether no lead gets from one point to the other: one lies before a backplane, the other not. */
export const isClosed = (ends: readonly BayEnd[], from: Vec3, to: Vec3): boolean =>
  ends.length > 0 && closedAt(ends, from) !== closedAt(ends, to)

/** The closed bay that a point belongs to: that of the nearest end, if it is near; null for none. */
function closedAt(ends: readonly BayEnd[], [x, y, z]: Vec3): BayEnd | null {
  const near = ends
    .map(end => ({ end, far: Math.hypot(end.at[0] - x, end.at[1] - y, end.at[2] - z) }))
    .filter(({ far }) => far <= AROUND)
    .sort((a, b) => a.far - b.far)[0]
  return near?.end.isClosed ? near.end : null
}
