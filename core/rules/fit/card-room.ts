// Does a card find room: its length before the front, its plug before the near panel, its bracket
// at the rear?
import { measured, plain } from '../finding'
import { place, type Frame } from '../../geometry/space'
import type { Board } from '../../parts/board-schema'
import { card as cardKind, type Card } from '../../parts/card'
import type { Case } from '../../parts/case-schema'
import { pcCase } from '../../parts/case'
import type { ItemOf } from '../../parts/kind'
import { fact, of, plus } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED, type Joined, type Seated, every, joinedBy, socketIn } from '../../plan/situation'
import { BOARD_THICKNESS, STANDOFF_HEIGHT } from '../../standards/boards'
import { CARD_BODY, CARD_HEIGHT } from '../../standards/cards'
import { STRAIGHT } from '../../connectors/leads'
import { SOURCE } from '../../standards/sources'
import { assume } from '../../figures/units'

interface CardInCase {
  readonly joint: string
  readonly card: ItemOf<Card>
  readonly board: ItemOf<Board>
  readonly slot: Board['slots'][number]
  readonly pc: ItemOf<Case>
}
interface CardAtPlace extends CardInCase {
  readonly frame: Frame | null
}

/** Each seated card with its slot, in each case. */
export const cardsInCase = (s: Joined): readonly CardInCase[] =>
  joinedBy(s, 'slot', 'card', 'board').flatMap(({ joint, plug, socket }) => {
    const slot = socketIn(joint, 'slots', socket.part.slots)
    if (!slot) return []
    return every(s, 'case').map(pc => ({ joint: joint.id, card: plug, board: socket, slot, pc }))
  })

const cardsAtPlace = (s: Seated): readonly CardAtPlace[] =>
  cardsInCase(s).map(c => ({ ...c, frame: s.frames.get(c.card.id) ?? null }))

export const cardLength = rule({
  id: 'fit/card-length',
  stage: 'fit',
  asks: 'Is each card short enough for the case?',
  source: SOURCE.pcie,
  needs: SEATED,
  inputs: cardsAtPlace,
  judge({ joint, card, pc, frame }) {
    const length = cardKind.leaf(card, 'length')
    const room = pcCase.leaf(pc, 'cardRoom')
    const at = (x: number) => frame && place(frame, [x, 0, CARD_BODY.over + CARD_HEIGHT.low])
    const [from, to] = [at(length.figure?.value ?? 0), at(room.figure?.value ?? 0)]
    return [
      measured({
        rule: 'fit/card-length',
        stage: 'fit',
        about: [card.id, pc.id],
        joints: [joint],
        source: SOURCE.maker,
        sentence: `Length of the ${card.name} in the ${pc.name}`,
        wayOut: 'A shorter card, or take out what stands at the front.',
        need: of(length),
        have: of(room),
        where: from && to && { from, to },
      }),
    ]
  },
})

export const cardPlug = rule({
  id: 'fit/card-plug',
  stage: 'fit',
  asks: 'Does the plug on a card’s upper edge clear the near panel, with its first stretch straight?',
  source: SOURCE.pcie,
  needs: SEATED,
  inputs: cardsAtPlace,
  judge({ joint, card, pc, frame }) {
    const socket = card.part.power.find(p => p.edge === 'upper')
    if (!socket) return []
    const height = cardKind.leaf(card, 'height', {
      value: CARD_HEIGHT.full,
      basis: 'standard',
      tol: 0.25,
    })
    const straight = fact('plug-straight', 'first stretch of the plug, straight', 'mm', {
      value: STRAIGHT.mm,
      basis: 'standard',
      tol: 0,
    })
    const beneath = [
      fact('standoff-height', 'standoff height', 'mm', assume(STANDOFF_HEIGHT.mm, 'mm', 0.5)),
      fact('board-thickness', 'board thickness', 'mm', {
        value: BOARD_THICKNESS.mm,
        basis: 'standard',
        tol: 0.25,
      }),
      fact(
        'card-over-board',
        'lower edge of the card over the board',
        'mm',
        assume(CARD_BODY.over, 'mm', 2),
      ),
    ]
    const top =
      frame && place(frame, [socket.x ?? 200, 0, CARD_BODY.over + (height.figure?.value ?? 0)])
    const inside = pcCase.leaf(pc, 'inner.z')
    return [
      measured({
        rule: 'fit/card-plug',
        stage: 'fit',
        about: [card.id, pc.id],
        joints: [joint],
        failing: 'watch',
        source: SOURCE.assumed,
        sentence: `Plug on the ${card.name} under the near panel of the ${pc.name}`,
        wayOut:
          'An angled plug made for this card, or a wider case: a bent 16-contact plug gets hot.',
        need: plus(of(height), of(straight), ...beneath.map(of)),
        have: of(inside),
        where: top && { from: top, to: [top[0], top[1], inside.figure?.value ?? top[2]] },
      }),
    ]
  },
})

/** The rear slots that a card takes, counted from the processor's end. */
export const slotRows = ({ card, slot }: Pick<CardInCase, 'card' | 'slot'>): readonly number[] =>
  Array.from({ length: Math.ceil(card.part.slots) }, (_, i) => slot.row + i)

export const slotCovers = rule({
  id: 'fit/slot-covers',
  stage: 'fit',
  asks: 'Has the case a rear slot for each that a card takes?',
  source: SOURCE.atx,
  needs: SEATED,
  inputs: cardsAtPlace,
  judge({ joint, card, slot, pc }) {
    const rows = slotRows({ card, slot })
    const { slots } = pc.part
    const said = {
      rule: 'fit/slot-covers',
      stage: 'fit',
      about: [card.id, pc.id],
      joints: [joint],
      because: [
        {
          fact: `rear slots of the ${pc.name}`,
          value: slots === undefined ? '?' : String(slots),
          basis: slots === undefined ? 'missing' : 'spec',
          source: SOURCE.maker,
        },
      ],
    } as const
    const names = rows.join(', ')
    if (slots === undefined)
      return [
        plain(
          {
            ...said,
            sentence: `How many rear slots the ${pc.name} has is not stated; the ${card.name} takes ${names}`,
            wayOut: 'Count them, and enter them with the case.',
          },
          'measure',
        ),
      ]
    if ((rows.at(-1) ?? 0) > slots)
      return [
        plain(
          {
            ...said,
            sentence: `The ${card.name} takes rear slots ${names}; the ${pc.name} ends at ${slots}`,
            wayOut: 'Another slot, or a case with more.',
          },
          'stop',
        ),
      ]
    return [
      plain(
        {
          ...said,
          sentence:
            `${rows.length === 1 ? 'Cover' : 'Covers'} ${names} of the ${pc.name} ` +
            `${rows.length === 1 ? 'comes' : 'come'} off for the ${card.name}`,
        },
        'clear',
      ),
    ]
  },
})
