// What a joint and its sides are called.
import type { Situation } from '../../plan/situation'
import { isMechanical } from '../../connectors/connectors'
import type { EndOf, Joint } from '../../joining/joint'

export const nameOf = (s: Pick<Situation, 'names'>, item: string): string =>
  s.names.get(item) ?? item

/** What one side of a joint is called: the item, and which of its ends where it has several. */
export const sideOf = (name: string, end: EndOf): string =>
  end.end.label && !isMechanical(end.end.face) ? `${end.end.label} of the ${name}` : name

/** A joint with its two ends, and what their items are called. */
export interface JoinedEnds {
  readonly joint: Joint
  readonly plug: EndOf
  readonly socket: EndOf
  readonly names: readonly [plug: string, socket: string]
}
/** Joints with both of their ends; one whose end is gone is left out. */
export const withEnds = (
  s: Pick<Situation, 'names' | 'ends'>,
  joints: readonly Joint[],
): readonly JoinedEnds[] =>
  joints.flatMap(joint => {
    const [plug, socket] = [s.ends.get(joint.a), s.ends.get(joint.b)]
    if (!plug || !socket) return []
    return [{ joint, plug, socket, names: [nameOf(s, joint.items[0]), nameOf(s, joint.items[1])] }]
  })
