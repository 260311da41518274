// The body of a card in its slot's frame: length along x, thickness along y toward the next slot,
// height over the board; and the first stretch of what is plugged into its upper edge.
import { minus, plus } from '../../figures/quantity'
import { connector } from '../../connectors/connectors'
import { assume, type Figure } from '../../figures/units'
import { CARD_BODY, CARD_HEIGHT, CARD_THICK, FULL_LENGTH } from '../../standards/cards'
import type { Card } from '../card-schema'
import type { ItemOf } from '../kind'
import {
  customary,
  drawn,
  given,
  half,
  negative,
  onwards,
  solid,
  upTo,
  type Measure,
  type PartSolid,
} from './solid'

/** How high a card's lower edge passes over the board, mm. */
export const overBoard = customary('lower edge of the card over the board', CARD_BODY.over, 2)
const behind = given('back of the card', CARD_THICK.back, 0.25)

/** A card of which nobody stated how long it is: between a short one and a full-length one. */
const UNSTATED_LENGTH = assume(
  (FULL_LENGTH.half + FULL_LENGTH.mm) / 2,
  'mm',
  (FULL_LENGTH.mm - FULL_LENGTH.half) / 2,
)
const FULL_HEIGHT: Figure = { value: CARD_HEIGHT.full, basis: 'standard', tol: 0.25 }
/** What a card of so many slots is thick by the standard, its back included. */
const thickBySlots = (slots: number): Figure => ({
  value: CARD_THICK.back + CARD_THICK.one + (slots - 1) * CARD_THICK.more,
  basis: 'standard',
  tol: 0.25,
})

/** The solids of a card. */
export function cardSolids({ part }: ItemOf<Card>, of: Measure): readonly PartSolid[] {
  const length = of('length', UNSTATED_LENGTH)
  const thick = minus(of('thickness', thickBySlots(part.slots)), behind)
  const top = plus(overBoard, of('height', FULL_HEIGHT))
  return [
    solid(
      { key: 'card', holds: 'whatever sits on it' },
      upTo(length),
      [negative(behind), thick],
      [overBoard, top],
    ),
    ...(part.power ?? []).flatMap(({ key, label, face, edge, x }) => {
      const straight = connector(face).straight
      if (straight === undefined) return []
      const stretch = customary(`straight stretch of a plug for ${label}`, straight, 5)
      const about = { key: `plug-${key}`, what: `plug for ${label}`, nature: 'zone' } as const
      const wide = given('width of a plug', PLUG_WIDTH)
      if (edge === 'front')
        return [solid(about, onwards(length, stretch), [negative(behind), thick], [overBoard, top])]
      const from =
        x === undefined
          ? minus(length, customary('plug from the far end', FROM_END, 20))
          : drawn(`place of ${label}`, x, 5)
      return [
        solid(
          about,
          [minus(from, half(wide)), plus(from, half(wide))],
          [negative(behind), thick],
          onwards(top, stretch),
        ),
      ]
    }),
  ]
}
/** Named choices: how wide a plug is, and how far from the far end it sits where nobody says, mm. */
const PLUG_WIDTH = 22
const FROM_END = 60
