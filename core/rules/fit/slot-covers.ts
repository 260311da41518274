// Does the case have a slot cover for every row a card takes?
import { plain } from '../finding'
import { basisAt } from '../../parts/kind'
import { rule } from '../rule'
import { SEATED } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { cardsAtPlace, slotRows } from './cards-in-case'

export const slotCovers = rule({
  id: 'fit/slot-covers',
  stage: 'fit',
  question: 'Has the case a rear slot for each that a card takes?',
  source: SOURCE.atx,
  needs: SEATED,
  inputs: cardsAtPlace,
  judge({ joint, card, slot, pc }) {
    const rows = slotRows({ card, slot })
    const slots = basisAt(pc.part, 'slots') === 'assumed' ? undefined : pc.part.slots
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
