// What a lead passes: the holes that its head goes through, and whether it is thin enough to lie flat.
import type { Layout } from '../case/layout'
import { connector, isMechanical, type Face } from '../connectors/connectors'
import { passes } from '../case/holes'
import { oncePer } from '../collections/once'
import { THIN } from './choices'
import { isBehind } from './room-plan'
import { recalled } from './reached'

export interface Passage {
  /** The holes that it cannot take, by their keys. */
  readonly shut: readonly string[]
  readonly isThin: boolean
}

/** What a lead ends in. */
export interface Plug {
  readonly face: Face
  readonly lead: { readonly head?: Face } | null
}

/** What of a plug goes through a hole at a time: itself, or its largest piece. */
export const headOf = ({ face, lead }: Plug): Face => lead?.head ?? face

const known = oncePer((_: Layout): Map<string, Passage> => new Map())

/**
 * What a lead with such a plug passes: its head, piece by piece where it comes in pieces, and what
 * lies behind a hole, if that is deep enough.
 */
export function passageOf(layout: Layout, end: Plug): Passage {
  const { face } = end
  const head = headOf(end)
  return recalled(known(layout), `${face} ${head}`, () => ({
    shut: layout.openings
      .filter(
        hole => !passes(hole, head) || hole.joins.some(key => isTooShallow(layout, key, face)),
      )
      .map(hole => hole.key),
    isThin: thicknessOf(face) <= THIN,
  }))
}

/** How thick a lead with such a plug is, mm. */
export const thicknessOf = (face: Face): number =>
  isMechanical(face) ? 0 : connector(face).lead.thick

/** Named choice: wires that lie loose beside each other are bent by this much of their bundle’s thickness. */
const LOOSE = 1.5
/** The radius that such a lead is bent by where nothing forces it, mm. */
export const bendOf = (face: Face): number =>
  (isMechanical(face) ? null : connector(face).lead.bend) ?? LOOSE * thicknessOf(face)

/** Whether a room, its channels counted, is no deeper than the lead is thick. */
function isTooShallow({ rooms, channels }: Layout, key: string, face: Face): boolean {
  const room = rooms.find(r => r.key === key)
  if (!room) return false
  const depths = (isBehind(room) ? channels : []).map(c => c.max[2] - c.min[2])
  return Math.max(room.max[2] - room.min[2], ...depths) < thicknessOf(face)
}
