// What a step plugs, and where: at the board, at its processor, at a card, at a part in the case.
import { feeds } from '../../connectors/connectors'
import type { PlannedStep, StepKind } from '../step'

export const isForProcessor = ({ kind, face }: PlannedStep): boolean =>
  kind === 'power-plug' && face !== null && feeds(face) === 'processor'
/** The end of a power lead at a drive, a hub, a fan: not at the board, and not at a card. */
export const isAtDevice = ({ kind, face }: PlannedStep): boolean =>
  kind === 'power-plug' && !ON_BOARDS.includes(face === null ? '' : (feeds(face) ?? ''))
/** What feeds the board and its processor. */
export const isAtBoard = ({ face }: PlannedStep): boolean =>
  face !== null && ['board', 'processor'].includes(feeds(face) ?? '')
/** The plug of a card goes in once the card is there. */
export const isAtCard = ({ kind, face }: PlannedStep): boolean =>
  kind === 'power-plug' && face !== null && feeds(face) === 'card'
/** The part in the case that a plug belongs to, by the step that seats it; null where it is the board's. */
export function seatOf(plug: PlannedStep): StepKind | null {
  if (plug.kind === 'fan-plug') return 'fan'
  if (plug.kind === 'data-plug') return 'drive'
  if (isAtCard(plug)) return 'card'
  return isAtDevice(plug) ? 'drive' : null
}
const ON_BOARDS: readonly string[] = ['board', 'processor', 'card']
