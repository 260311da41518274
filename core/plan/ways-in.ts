// The way in of everything that sits somewhere: the box that it sweeps on its way to its place, what
// stands in it, and the room that a hand needs at each plug. What stands in the way goes in after.
import { clearance } from '../geometry/clearance'
import type { Judgement } from '../figures/verdict'
import { reversed, type Heading } from '../geometry/headings'
import { AXES, extentOf, type Axis, type Extent, type Face, type Faces } from '../geometry/solid'
import { itemOf } from '../ids/ids'
import type { EndOf, Joint } from '../joining/joint'
import type { Frames } from '../joining/places'
import type { Solid } from '../joining/solids'
import type { PartKind } from '../parts'
import { stage } from '../pipeline/stage'
import { handsIn } from './hands'
import { ends, kinds } from './items'
import { frames, plugs, seats, solids } from './joints'
import { BOARDS, wayOut, type InTheWay } from './way-out'

interface Seated {
  readonly solids: readonly Solid[]
  readonly seats: readonly Joint[]
  readonly plugs: readonly Joint[]
  readonly frames: Frames
  readonly ends: ReadonlyMap<string, EndOf>
  readonly kinds: ReadonlyMap<string, PartKind>
}

export const waysIn = stage(
  'ways-in',
  { solids, seats, plugs, frames, ends, kinds },
  (s): readonly InTheWay[] => worstOf([...bodiesIn(s), ...onBacks(s), ...handsIn(s)]),
)

/** Named choices: how far a part may be tilted past something, mm. */
const TILTS: Partial<Record<PartKind, number>> = { board: 30, supply: 10, fan: 5, cooler: 2 }
/** What goes in from the far side as well, or is screwed down where hands reach from all sides. */
const FROM_EITHER_SIDE: readonly PartKind[] = ['drive', 'supply', 'hub', 'rail', 'light']

const bodiesIn = (s: Seated): readonly InTheWay[] => {
  const all = s.solids
    .filter(o => o.nature === 'body')
    .map(solid => ({ solid, extent: extentOf(solid) }))
  return all.flatMap(own => {
    const seat = s.seats.find(j => j.id === own.solid.joint)
    const out = seat && wayOut(seat, own.solid, s)
    if (!out) return []
    const isEither =
      FROM_EITHER_SIDE.includes(own.solid.kind) &&
      !BOARDS.includes(s.kinds.get(seat.items[1]) ?? 'board')
    const ways = isEither ? [out, reversed(out)] : [out]
    const found = ways.map(way => met(own, all, way))
    // One free way is enough.
    return found.some(f => f.length === 0) ? [] : (found[0] ?? [])
  })
}

/** What sits on the back of a board is in before the tray closes it. */
const onBacks = ({ seats, frames, kinds }: Seated): readonly InTheWay[] =>
  seats.flatMap((seat): readonly InTheWay[] => {
    const [item, board] = seat.items
    const towards = frames.get(item)?.axes[2] ?? [0, 0, 1]
    const held = seats.find(j => j.items[0] === board && j.face === 'tray')
    if (kinds.get(board) !== 'board' || towards[2] >= 0 || !held) return []
    return [
      {
        ...{ first: seat.id, then: held.id, piece: null, items: [item, board], what: '' },
        ...{ of: 'tray', mm: 0, tol: 0, assumed: false },
      },
    ]
  })

interface Reaching {
  readonly solid: Solid
  readonly extent: Extent
}

/** What stands in a way out. */
function met(
  { solid, extent }: Reaching,
  all: readonly Reaching[],
  way: Heading,
): readonly InTheWay[] {
  const swept = sweptBy(solid, way)
  return all
    .filter(other => mayBlock(solid, other.solid) && isAhead(extent, other.extent, way))
    .flatMap(({ solid: other }) => {
      const found = clearance(swept, other)?.judged
      // What meets where it sits is told as that.
      const isTold = clearance(solid, other)?.judged.verdict === 'stop'
      return found?.verdict === 'stop' && !isTold ? blocking(solid, other, found) : []
    })
}

/** One solid in the way of another, unless that is tilted past it. */
function blocking(solid: Solid, other: Solid, found: Judgement): readonly InTheWay[] {
  const mm = -(found.margin ?? 0)
  if (mm <= (TILTS[solid.kind] ?? 0)) return []
  return [
    {
      ...{ first: solid.joint ?? '', then: other.joint, what: other.what, of: 'body' },
      piece: other.joint === null ? other : null,
      items: [solid.item, other.item],
      ...{ mm, tol: found.tol, assumed: found.assumed },
    },
  ]
}

/** The solid and all that it passes on its way out. */
function sweptBy({ from, to }: Faces, { axis, by }: Heading): Faces {
  const open = (faces: Faces['from']): Faces['from'] => {
    const along = (a: Axis): Face => (a === axis ? null : faces[a])
    return [along(0), along(1), along(2)]
  }
  return by === 1 ? { from, to: open(to) } : { from: open(from), to }
}

/** What of a case stands inside it: the near and far sides are open while one works. */
const isInside = ({ from, to }: Solid): boolean => [...from, ...to].every(face => face !== null)

/**
 * Only what comes in by another joint, and what of the case stands inside, is in a way; not what
 * sits on the thing itself, nor what it sits in.
 */
const mayBlock = (solid: Solid, other: Solid): boolean =>
  other.item !== solid.item &&
  (other.joint !== null || isInside(other)) &&
  !other.within.some(ref => itemOf(ref) === solid.item) &&
  !solid.within.some(ref => itemOf(ref) === other.item && other.joint !== null) &&
  !other.holds.some(ref => solid.within.includes(ref))

/** Whether one lies, tolerances counted, in the column before the other. */
function isAhead(own: Extent, other: Extent, { axis, by }: Heading): boolean {
  const across = AXES.filter(a => a !== axis).every(
    a => own.least[a] < other.most[a] && other.least[a] < own.most[a],
  )
  return (
    across && (by === 1 ? other.most[axis] > own.least[axis] : other.least[axis] < own.most[axis])
  )
}

/** Of several solids of one part the one that is most in the way. */
function worstOf(all: readonly InTheWay[]): readonly InTheWay[] {
  const worst = new Map<string, InTheWay>()
  for (const one of all) {
    const key = `${one.first} ${one.then ?? one.piece?.key ?? ''}`
    const known = worst.get(key)
    if (!known || one.mm > known.mm) worst.set(key, one)
  }
  return [...worst.values()]
}

/** What is made before what, whatever the millimetres: the rest of the order need not know. */
export const goesFirst = stage('goes-first', { waysIn }, ({ waysIn }): readonly GoesFirst[] =>
  waysIn.flatMap(({ first, then, of, what }) => (then === null ? [] : [{ first, then, of, what }])),
)
export interface GoesFirst extends Pick<InTheWay, 'first' | 'what'> {
  readonly then: string
  /** A lead lies under what comes in later. */
  readonly of: InTheWay['of'] | 'lead'
}
