// Does the bend of a card’s power plug end before the near panel?
import { measured } from '../finding'
import { place, type Frame, type Vec3 } from '../../geometry/space'
import { card as cardKind } from '../../parts/card'
import { standoff, thickness } from '../../parts/bodies/board'
import { overBoard } from '../../parts/bodies/card'
import { pcCase } from '../../parts/case'
import { fact, of, plus, type Leaf } from '../../figures/quantity'
import { rule } from '../rule'
import { SEATED } from '../../plan/situation'
import { CARD_BODY, CARD_HEIGHT } from '../../standards/cards'
import { connector } from '../../connectors/connectors'
import { SOURCE } from '../../standards/sources'
import { usual } from '../../figures/units'
import { cardsAtPlace } from './cards-in-case'

export const cardPlug = rule({
  id: 'fit/card-plug',
  stage: 'fit',
  question:
    'Does the plug on a card’s upper edge clear the near panel, with its first stretch straight?',
  source: SOURCE.pcie,
  needs: SEATED,
  inputs: cardsAtPlace,
  judge({ joint, card, pc, frame }) {
    const socket = card.part.power?.find(p => p.edge === 'upper')
    const mm = socket && connector(socket.face).straight
    if (!socket || mm === undefined) return []
    const isHot = socket.face === 'card-16'
    const height = cardKind.leaf(card, 'height', {
      value: CARD_HEIGHT.full,
      basis: 'standard',
      tol: 0.25,
    })
    const straight = fact(
      `plug-straight:${socket.face}`,
      'first stretch of the plug, straight',
      'mm',
      usual(mm, 'mm', 0),
    )
    const top = frame && topOf(frame, socket, height)
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
        wayOut: `An angled plug made for this card, or a wider case${isHot ? HOT : ''}.`,
        need: plus(of(height), of(straight), standoff, thickness, overBoard),
        have: of(inside),
        where: top && { from: top, to: [top[0], top[1], inside.figure?.value ?? top[2]] },
      }),
    ]
  },
})

/** Where the plug sits: at its place along the upper edge. */
const topOf = (frame: Frame, { x }: { readonly x?: number | undefined }, height: Leaf): Vec3 =>
  place(frame, [x ?? ALONG, 0, CARD_BODY.over + (height.figure?.value ?? 0)])
/** Named choice: how far along the edge the plug is drawn where nobody says, mm. */
const ALONG = 200

const HOT = ': a bent 16-contact plug gets hot'
