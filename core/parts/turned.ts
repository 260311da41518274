// Parts that can be put in turned about: which ways, and what each is called.
import type { Turn } from '../geometry/turn'
import type { Part } from '.'
import { fanOf } from './supply-fan'

export interface TurnOf {
  readonly turn: Turn
  readonly label: string
}

const COOLER: readonly TurnOf[] = [
  { turn: 1, label: 'a quarter: its front side toward the lower edge of the board' },
  { turn: 2, label: 'half: its front side toward the rear' },
  { turn: 3, label: 'a quarter: its front side toward the upper edge of the board' },
]
const SUPPLY: readonly TurnOf[] = [{ turn: 2, label: 'over: its fan on the other side' }]

/** The ways in which a part can be put in besides that of its sheet; none where it has only one. */
export function turnsOf(part: Part): readonly TurnOf[] {
  if (part.kind === 'supply') return fanOf(part).at === 'large face' ? SUPPLY : []
  if (part.kind !== 'cooler' || part.liquid) return []
  return COOLER.filter(({ turn }) => part.turns !== 'none' && (part.turns !== 'half' || turn === 2))
}
