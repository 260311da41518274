// Which leads lie under a card: they are laid before it goes in.
import { lengthIn } from '../laying/stretches'
import { nominalBox } from '../geometry/solid'
import type { Box } from '../geometry/space'
import { stage } from '../pipeline/stage'
import { solids } from './joints'
import { leads } from './leads'
import type { GoesFirst } from './ways-in'

/** Named choice: what passes under a card for less is its edge, mm. */
const EDGE = 20

/** All that lies between a card and the board beneath it. */
const beneath = ({ min, max }: Box): Box => ({
  min: [min[0], min[1], 0],
  max: [max[0], max[1], min[2]],
})

/** For each lead under a card the joint at its end, before that of the card. */
export const leadsUnderCards = stage(
  'leads-under-cards',
  { leads, solids },
  ({ leads, solids }): readonly GoesFirst[] => {
    const cards = solids.filter(s => s.kind === 'card' && s.nature === 'body' && s.joint !== null)
    return leads.flatMap(lead => {
      const first = lead.joints.at(-1)
      const points = lead.reach?.isBlocked === false ? lead.reach.way.points : []
      if (!first) return []
      return cards
        .filter(card => !lead.joints.some(j => j.items.includes(card.item)))
        .filter(card => lengthIn(points, beneath(nominalBox(card))) > EDGE)
        .flatMap(card =>
          card.joint === null
            ? []
            : [{ first: first.id, then: card.joint, of: 'lead' as const, what: card.what }],
        )
    })
  },
)
