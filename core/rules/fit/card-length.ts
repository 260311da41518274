// Does each card end before what stands in front of it?
import { byBoxes, measured, type Because } from '../finding'
import { place } from '../../geometry/space'
import { cardRoomHolds } from '../../joining/meetings'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'
import { card as cardKind } from '../../parts/card'
import { pcCase } from '../../parts/case'
import { limitLeaf, limitWith } from '../../parts/pieces'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { solids } from '../../plan/joints'
import { SEATED } from '../../plan/situation'
import { CARD_BODY, CARD_HEIGHT } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'
import { allCards } from './cards-in-case'

export const cardLength = rule({
  id: 'fit/card-length',
  stage: 'fit',
  question: 'Is each card short enough for the case?',
  source: SOURCE.pcie,
  needs: { ...SEATED, solids },
  // With a piece out, or without the fans that the room counts on, the bodies decide (fit/clearance).
  inputs: s =>
    allCards(s)
      .map(c => ({ ...c, frame: s.frames.get(c.card.id) ?? null }))
      .filter(({ pc }) => limitWith(pc) !== 'gone' && cardRoomHolds(pc, s.solids)),
  judge({ joint, card, pc, frame }) {
    const length = cardKind.leaf(card, 'length')
    const room = limitLeaf(pcCase.leaf(pc, 'cardRoom'), pc)
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
        because: [
          ...countedFrom(pc),
          ...byBoxes(
            'left before the front wall, by the inner length',
            of(pcCase.leaf(pc, 'inner.x')),
            of(length),
          ),
        ],
        where: from && to && { from, to },
      }),
    ]
  },
})

/** From where the room is counted: a bracket's sheet is thinner than any tolerance, so both are told alike. */
const countedFrom = ({ part: { cardRoomFrom: from } }: ItemOf<Case>): readonly Because[] =>
  from
    ? [
        {
          fact: 'card room counted from',
          value: `the ${from}`,
          basis: 'spec',
          source: SOURCE.maker,
        },
      ]
    : []
