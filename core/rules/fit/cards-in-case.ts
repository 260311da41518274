// Each seated card with its slot and the case around it.
import type { Frame } from '../../geometry/space'
import type { Board, CardSlot } from '../../parts/board-schema'
import type { Card } from '../../parts/card-schema'
import { uprightOf } from '../../parts/case'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'
import { type Joined, type Seated, every, joinedBy, socketIn } from '../../plan/situation'

export interface CardInCase {
  readonly joint: string
  readonly card: ItemOf<Card>
  readonly board: ItemOf<Board>
  readonly slot: CardSlot
  readonly pc: ItemOf<Case>
}

interface CardAtPlace extends CardInCase {
  readonly frame: Frame | null
}

/** Each card in its slot, in each case; not those that stand upright elsewhere. */
export const cardsInCase = (s: Joined): readonly CardInCase[] =>
  allCards(s).filter(({ card, pc }) => card.upright !== true || uprightOf(pc.part) === null)

/** Each card that is plugged into a slot, wherever it stands. */
export const allCards = (s: Joined): readonly CardInCase[] =>
  joinedBy(s, 'slot', 'card', 'board').flatMap(({ joint, plug, socket }) => {
    const slot = socketIn(joint, 'slots', socket.part.slots)
    if (!slot) return []
    return every(s, 'case').map(pc => ({ joint: joint.id, card: plug, board: socket, slot, pc }))
  })

export const cardsAtPlace = (s: Seated): readonly CardAtPlace[] =>
  cardsInCase(s).map(c => ({ ...c, frame: s.frames.get(c.card.id) ?? null }))

/** Each seated card whose slot has a retainer, there already or by itself. */
export const heldCards = (s: Joined): readonly Omit<CardInCase, 'pc'>[] =>
  joinedBy(s, 'slot', 'card', 'board').flatMap(({ joint, plug, socket }) => {
    const slot = socketIn(joint, 'slots', socket.part.slots)
    return slot?.retainer ? [{ joint: joint.id, card: plug, board: socket, slot }] : []
  })

/** The rear slots that a card takes, counted from the processor's end. */
export const slotRows = ({ card, slot }: Pick<CardInCase, 'card' | 'slot'>): readonly number[] =>
  Array.from({ length: Math.ceil(card.part.slots) }, (_, i) => slot.row + i)
