// What is usual of leads where nobody says, mm. All assumed.
import { usual, type Figure } from '../figures/units'
import { SOURCE } from '../standards/sources'
import { connector, type PlugFace } from './connectors'

export const LEADS_SOURCE = SOURCE.assumed

/** Named choices: from a plug to the next on its cable; a bracket's lead; a cooler's tubes. */
export const USUAL_LENGTH = { nextPlug: 130, bracket: 350, tube: 380 } as const

/** The tolerance of an assumed lead's length. */
export const ASSUMED_LEAD_TOLERANCE = 50
/**
 * Named choice: what a lead needs beyond its shortest way, to bend into the socket without pulling.
 */
export const SLACK = { mm: 20, source: SOURCE.practice } as const

/**
 * Named choice: how high a plug with its bend stands over the board, mm, where its socket points
 * up; and what lies flat.
 */
export const JOINED_HEIGHT = { plug: 25, module: 4, source: SOURCE.assumed } as const
/** How high a plug stands over its socket with its bend: its connector's own figure, else as usual. */
export const plugHeight = (face: PlugFace): number => connector(face).straight ?? JOINED_HEIGHT.plug

/**
 * Named choices: how much of a hole round leads fill before one has to pull, and how far off that
 * is.
 */
export const HOLE_FILL = { share: 0.65, tol: 0.2 } as const

/** A lead's length where nobody states it: as usual for its connector, or for what it hangs on. */
export const usualLead = (face: PlugFace, length = connector(face).lead.length): Figure =>
  usual(length, 'mm', ASSUMED_LEAD_TOLERANCE)

/** From a plug to the next on the same cable. */
export const usualToNext = (): Figure => usual(USUAL_LENGTH.nextPlug, 'mm', ASSUMED_LEAD_TOLERANCE)
