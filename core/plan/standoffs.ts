// Which standoffs a board wants on a tray: fit, keep, take out. Plain sets; the rules judge them.
import { taskId, type TaskId } from '../ids/ids'
import type { Board } from '../parts/board-schema'
import { holesOf, outlineOf } from '../parts/board'
import type { Case } from '../parts/case-schema'
import type { ItemOf } from '../parts/kind'
import { threadsOf } from '../parts/case'
import { holeKey } from '../parts/mark'
import {
  meet,
  standardHole,
  STANDOFF_RADIUS,
  type BoardForm,
  type HolePlace,
} from '../standards/boards'

export interface StandoffPlan {
  /** Null when neither the board nor its form says where its holes are. */
  readonly holes: readonly HolePlace[] | null
  readonly fit: readonly HolePlace[]
  readonly keep: readonly HolePlace[]
  /** Holes of the board over a slot for a plastic post: it cannot short, and takes no screw. */
  readonly posts: readonly HolePlace[]
  /** Holes of the board that a guide peg of the tray goes into: no standoff, no screw. */
  readonly onPegs: readonly HolePlace[]
  /** Standing under the board where it has no hole: each a short circuit. */
  readonly takeOut: readonly HolePlace[]
  /**
   * Where one would short the board if it stood there, and nobody said whether it does; null where
   * it is known which stand in the tray.
   */
  readonly lookAt: readonly HolePlace[] | null
  /** Board holes for which the tray has no thread, as stated or as far as its forms go. */
  readonly unsupported: readonly HolePlace[]
}

/** The task that puts a board's standoffs right. */
export const standoffTask = (board: string): TaskId => taskId('standoffs', board)

export const labelsOf = (holes: readonly HolePlace[]): string => holes.map(h => h.label).join(', ')

interface Tray {
  readonly threads: readonly HolePlace[]
  /** What stands there already, as far as somebody said. */
  readonly standing: readonly HolePlace[]
  /** Threads of which nobody said whether a standoff stands there. */
  readonly unknown: readonly HolePlace[]
  readonly pegs: readonly HolePlace[]
  /** Slots that a plastic post goes into. */
  readonly posts: readonly HolePlace[]
  /** Whether somebody wrote down where its threads are. */
  readonly isStated: boolean
}

/** The tray's threads, what stands there, its pegs; without what is marked broken or reserved. */
export function trayOf({ part, marks }: ItemOf<Case>): Tray {
  const { fitted, own: ownPlaces = [], pegs, threads: stated } = part.standoffs
  const isPost = (h: HolePlace): boolean => ownPlaces.some(o => o === h && o.of === 'plastic')
  const own = ownPlaces.filter(o => !isPost(o))
  const all = threadsOf(part).filter(h => !isPost(h))
  const isPeg = (h: HolePlace): boolean => pegs.includes(h.label)
  const named = all.filter(h => !own.some(o => o === h))
  const open = own.filter(o => o.stands === undefined || o.stands === null)
  const places = fitted?.map(standardHole) ?? []
  return {
    threads: all.filter(h => !isPeg(h) && !isMarked(marks, h)),
    standing: [...places, ...own.filter(o => o.stands === true)].filter(h => !isPeg(h)),
    unknown: [...(fitted ? [] : named), ...open].filter(h => !isPeg(h)),
    pegs: [...all, ...places].filter(isPeg),
    posts: ownPlaces.filter(o => isPost(o) && !isMarked(marks, o)),
    isStated: stated !== undefined,
  }
}

const isMarked = (marks: ItemOf<Case>['marks'], { label }: HolePlace): boolean =>
  marks?.[holeKey(label)] !== undefined

/** What the board's holes and the tray's threads, standing standoffs and pegs make of each other. */
export function standoffPlan(b: ItemOf<Board>, pc: ItemOf<Case>): StandoffPlan {
  const { holes } = holesOf(b)
  const { threads, standing, unknown, pegs, posts } = trayOf(pc)
  const { form } = b.part
  const isStray = (h: HolePlace): boolean =>
    form !== null && form !== undefined && !has(holes ?? [], h) && isUnder(b, form, h)
  const lookAt = unknown.length === 0 ? null : unknown.filter(isStray)
  if (!holes)
    return { holes, fit: [], keep: [], posts: [], onPegs: [], takeOut: [], lookAt, unsupported: [] }
  const stands = (h: HolePlace): boolean => has(standing, h)
  const wanting = holes.filter(h => !has(pegs, h) && !isMarked(b.marks, h))
  const isOnPost = (h: HolePlace): boolean => has(posts, h) && !has(threads, h) && !stands(h)
  return {
    holes,
    fit: wanting.filter(h => has(threads, h) && !stands(h)),
    keep: wanting.filter(stands),
    posts: wanting.filter(h => isOnPost(h)),
    onPegs: holes.filter(h => has(pegs, h)),
    takeOut: [...standing, ...pegs].filter(isStray),
    lookAt,
    unsupported: wanting.filter(h => !has(threads, h) && !stands(h) && !isOnPost(h)),
  }
}

const has = (places: readonly HolePlace[], hole: HolePlace): boolean =>
  places.some(p => meet(p, hole))

/**
 * Whether a standoff here would touch the board's underside: inside its own outline, the standoff's
 * radius included.
 */
function isUnder(b: ItemOf<Board>, form: BoardForm, { at: [x, y] }: HolePlace): boolean {
  const { depth, edge } = outlineOf(b, form)
  return x - STANDOFF_RADIUS.mm < depth && y - STANDOFF_RADIUS.mm < edge
}
