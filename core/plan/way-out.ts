// Along which way something comes out of where it sits, and what is in the way of something.
import { along, type Heading } from '../geometry/headings'
import { extentOf } from '../geometry/solid'
import type { Joint } from '../joining/joint'
import type { Frames } from '../joining/places'
import type { Solid } from '../joining/solids'
import type { PartKind } from '../parts'

/** What is plugged into, or lies on: a part comes out of it as it stands on it, and no other way. */
export const BOARDS: readonly PartKind[] = ['board', 'card']

/**
 * Away from the board that it sits on; what sits elsewhere goes out by the near side, and by the far
 * one from behind the tray.
 */
export function wayOut(
  seat: Joint,
  solid: Pick<Solid, 'from' | 'to' | 'kind' | 'turned'>,
  { frames, kinds }: { readonly frames: Frames; readonly kinds: ReadonlyMap<string, PartKind> },
): Heading | null {
  const [item, holder] = seat.items
  const isUpright = solid.kind === 'card' && solid.turned
  if (!isUpright && BOARDS.includes(kinds.get(holder) ?? 'case')) {
    const frame = frames.get(item)
    return frame ? along(frame.axes[2]) : null
  }
  const isBehind = extentOf(solid).most[2] <= 0
  return { axis: 2, by: isBehind ? -1 : 1 }
}

/** What has to be done before something is in the way of it. */
export interface InTheWay {
  /** The joint that is made first. */
  readonly first: string
  /** The joint by which what is in the way comes in; null for a piece of the case. */
  readonly then: string | null
  /** The piece of the case that has to be out meanwhile, by its solid. */
  readonly piece: Solid | null
  readonly items: readonly [first: string, then: string]
  /** What of the part is in the way: "fins". */
  readonly what: string
  /** Whether a body does not pass, or a hand; or the tray closes the back of the board. */
  readonly of: 'body' | 'hand' | 'tray'
  /** How far it stands in the way, mm, and how far off that may be. */
  readonly mm: number
  readonly tol: number
  readonly assumed: boolean
}
