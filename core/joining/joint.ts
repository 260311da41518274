// A joint: two ends that meet. Its id is made of its items and end keys and survives every new
// plan.
import { at } from '../collections/at'
import { groupBy } from '../collections/groups'
import { oncePer } from '../collections/once'
import { feeds, isFurther, isMechanical, isPower, type Face } from '../connectors/connectors'
import { MECHANICAL } from '../connectors/mechanical'
import { endRef, jointId, type EndRef, type JointId } from '../ids/ids'
import type { Item } from '../parts'
import type { End, Member } from '../parts/end'
import type { Sum } from '../figures/quantity'

/** An end of an item in this build. `ref` is `item/end`. */
export interface EndOf {
  readonly ref: EndRef
  readonly item: string
  readonly end: End
}

/** What an end is and is called, without its figures: what a figure that changes leaves alone. */
export interface Outline extends Pick<
  End,
  'label' | 'from' | 'face' | 'sex' | 'among' | 'count' | 'role'
> {
  readonly ref: EndRef
  readonly item: string
  /** The cable it hangs on, where its part names it. */
  readonly chain: string | null
}

export interface Joint {
  readonly id: JointId
  /** The plug's end and the socket's. */
  readonly a: EndRef
  readonly b: EndRef
  readonly items: readonly [string, string]
  /** What of the two parts' data it joins, where that is a member of a list. */
  readonly members: readonly [Member | null, Member | null]
  readonly face: Face
  readonly socketFace: Face
  readonly kind: 'screw' | 'seat' | 'plug' | 'rest'
  /** How many like pairs of ends it stands for: nine standoffs are one joint. */
  readonly count: number
  readonly pinned: boolean
}

/** Something that asks to be joined: one end, or a group of ends of which one is enough. */
export interface Demand {
  readonly id: string
  readonly item: string
  readonly need: 'must' | 'should' | 'may'
  readonly refs: readonly EndRef[]
  readonly label: string
  /** Whether it is the part's own place, on which all of its leads hang. */
  readonly seat: boolean
  /** Whether it sits there already when it comes. */
  readonly sits: boolean
}

/**
 * A demand that found no partner, with the reasons why; `short` when the nearest is a lead that
 * ends before its goal; `taken` are the ends that fit and that another has.
 */
export interface Unmet {
  readonly demand: Demand
  readonly reasons: readonly string[]
  readonly short: Short | null
  readonly taken: readonly EndRef[]
  /** Whether something fits it, and what is joined is a choice among several. */
  readonly isChosen: boolean
}
export interface Short {
  readonly line: string
  readonly need: Sum
  readonly have: Sum
  readonly refs: readonly EndRef[]
}

/** Ends by their ref. */
export const endsByRef = oncePer(
  (ends: readonly EndOf[]): ReadonlyMap<string, EndOf> => new Map(ends.map(e => [e.ref, e])),
)
export const endsOf = (item: Item, ends: readonly End[]): readonly EndOf[] =>
  ends.map(end => {
    const marked = item.marks?.[end.key]?.as
    return {
      ref: endRef(item.id, end.key),
      item: item.id,
      end: marked === undefined ? end : { ...end, marked },
    }
  })

/**
 * An end without what it takes and gives: what decides where it can be joined, and how far that is.
 */
export const shapeOf = (e: EndOf): EndOf => ({
  ...e,
  end: { ...e.end, takes: NOTHING, gives: NOTHING, limits: NOTHING, shared: null },
})
const NOTHING = {}
/** An end's outline. */
export function outlineOf({ ref, item, end }: EndOf): Outline {
  const { label, from, face, sex, among, count, role, lead } = end
  return { ref, item, label, from, face, sex, among, count, role, chain: lead?.chain ?? null }
}

/** The joint of a plug and a socket, as their parts count it. */
export function jointOf(plug: Outline, socket: Outline, pinned: boolean): Joint {
  const { face } = plug
  return {
    id: jointId(plug.ref, socket.ref),
    a: plug.ref,
    b: socket.ref,
    items: [plug.item, socket.item],
    members: [plug.from, socket.from],
    face,
    socketFace: socket.face,
    kind: isMechanical(face) ? MECHANICAL[face].kind : 'plug',
    count: plug.count,
    pinned,
  }
}

/**
 * What asks to be joined. Ends of one `one-of` or `any-of` group are one demand; a plug that may be
 * joined asks last, unless it only gives (a supply's spare plug) or follows another end (a loose
 * lead, an adapter's inlet).
 */
export function demandsOf(ends: readonly EndOf[]): readonly Demand[] {
  const followed = new Set(
    ends.flatMap(({ item, end }) => end.follows.map(key => endRef(item, key))),
  )
  const groups = groupBy(
    ends.filter(e => wantsPartner(e, followed.has(e.ref))),
    demandIdOf,
  )
  return [...groups].map(([id, members]) => {
    const first = at(members, 0)
    return {
      id,
      item: first.item,
      need: members.map(m => m.end.need).reduce(stronger),
      refs: members.map(m => m.ref),
      label: groupOf(first) ?? first.end.label,
      seat: first.end.sex === 'plug' && isMechanical(first.end.face),
      sits: first.end.sex === 'plug' && first.end.face === 'fan-place' && first.end.role !== null,
    }
  })
}

/**
 * Whether an end asks to be joined by itself; `isFollowed` where another end asks for it. A socket
 * that may feed the processor as well is fed where a lead is there.
 */
function wantsPartner({ end }: EndOf, isFollowed: boolean): boolean {
  // What the machine must have is missing where it is broken; all else was decided by the mark.
  if (end.marked !== null && end.need !== 'must') return false
  if (end.need !== 'may') return true
  if (end.sex === 'socket' && feeds(end.face) === 'processor') return true
  if (end.sex === 'plug' && isFurther(end.face)) return end.among === null
  const offers = Object.keys(end.gives).length > 0 || isPower(end.face)
  return end.sex === 'plug' && !offers && end.among === null && !isFollowed
}

/** The group of ends of which one is enough. */
const groupOf = ({ end: { among } }: EndOf): string | null =>
  among?.how === 'one-of' || among?.how === 'any-of' ? among.group : null
const demandIdOf = (e: EndOf): string => {
  const group = groupOf(e)
  return group === null ? e.ref : endRef(e.item, group)
}

const NEEDS = ['must', 'should', 'may'] as const
const stronger = (a: Demand['need'], b: Demand['need']): Demand['need'] =>
  NEEDS.indexOf(a) <= NEEDS.indexOf(b) ? a : b
