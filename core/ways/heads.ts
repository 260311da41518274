// What a lead passes: the holes that its head goes through, and whether it is thin enough to lie flat.
import type { Layout } from '../case/layout'
import { connector, isMechanical, type Face } from '../connectors/connectors'
import { passes } from '../case/holes'
import { oncePer } from '../collections/once'
import { THIN } from './choices'
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

/** Whether a room is no deeper than the lead is thick. */
function isTooShallow({ rooms }: Layout, key: string, face: Face): boolean {
  const room = rooms.find(r => r.key === key)
  return room !== undefined && room.max[2] - room.min[2] < thicknessOf(face)
}
