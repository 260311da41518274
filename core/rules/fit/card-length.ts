// Does each card end before what stands in front of it?
import { byBoxes, measured, type Because } from '../finding'
import { place } from '../../geometry/space'
import type { Solid } from '../../joining/solids'
import type { Case } from '../../parts/case-schema'
import type { ItemOf } from '../../parts/kind'
import { nominalBox } from '../../geometry/solid'
import { customary } from '../../parts/bodies/solid'
import { card as cardKind } from '../../parts/card'
import { pcCase } from '../../parts/case'
import { limitLeaf, limitWith } from '../../parts/pieces'
import { of, plus, type Sum } from '../../figures/quantity'
import { rule } from '../rule'
import { solids } from '../../plan/joints'
import { SEATED } from '../../plan/situation'
import { CARD_BODY, CARD_HEIGHT } from '../../standards/cards'
import { FAN_THICKNESS, RADIATOR_THICKNESS } from '../../standards/modules'
import { SOURCE } from '../../standards/sources'
import { allCards } from './cards-in-case'

export const cardLength = rule({
  id: 'fit/card-length',
  stage: 'fit',
  question: 'Is each card short enough for the case?',
  source: SOURCE.pcie,
  needs: { ...SEATED, solids },
  // With a piece out, what is in its way then decides (fit/clearance).
  inputs: s =>
    allCards(s)
      .map(c => ({ ...c, frame: s.frames.get(c.card.id) ?? null }))
      .filter(({ pc }) => limitWith(pc) !== 'gone')
      .map(c => ({ ...c, more: notThere(c.pc, s.solids) })),
  judge({ joint, card, pc, frame, more }) {
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
        have: plus(of(room), ...more),
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

/**
 * What the stated room counts on and this machine has not at the front, mm: it is room as well. What
 * somebody measured is the room as it is.
 */
function notThere(pc: ItemOf<Case>, solids: readonly Solid[]): readonly Sum[] {
  const means = pc.part.cardRoomMeans ?? 'front empty'
  const room = pcCase.leaf(pc, 'cardRoom').figure
  const inside = pcCase.leaf(pc, 'inner.x').figure
  if (means === 'front empty' || room?.basis === 'measured' || !inside) return []
  const atFront = solids.filter(
    s => s.nature === 'body' && nominalBox(s).max[0] >= inside.value - AT_WALL,
  )
  const isThere = (...keys: readonly string[]): boolean => atFront.some(s => keys.includes(s.key))
  const fans = isThere('fan', 'fans', 'outer-fans', 'radiator') ? [] : [NO_FANS]
  return means === 'fans at the front' || isThere('radiator') ? fans : [...fans, NO_RADIATOR]
}
/** Named choice: what ends so near a wall is screwed to it, mm. */
const AT_WALL = 3
const NO_FANS = customary('no fans at the front', FAN_THICKNESS.mm, 2)
const NO_RADIATOR = customary('no radiator at the front', RADIATOR_THICKNESS.mm, 5)
