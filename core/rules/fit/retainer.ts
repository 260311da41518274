// Is a card held at its far end, where its slot wants a retainer?
import { plain } from '../finding'
import { rule } from '../rule'
import { JOINED, every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { heldCards } from './cards-in-case'

export const fitRetainer = rule({
  id: 'fit/retainer',
  stage: 'fit',
  question: 'Is the retainer there that holds a heavy card in its slot?',
  source: SOURCE.practice,
  needs: JOINED,
  inputs: s => {
    const clip = every(s, 'sundry').find(i => i.part.use === 'retainer') ?? null
    return heldCards(s).map(held => ({ ...held, clip }))
  },
  judge({ joint, card, board, slot, clip }) {
    const said = {
      rule: 'fit/retainer',
      stage: 'fit',
      about: [card.id, board.id],
      with: clip ? [clip.id] : [],
      joints: [joint],
      because: [
        {
          fact: `retainer of ${slot.label}`,
          value: slot.retainer ?? '?',
          basis: 'spec',
          source: SOURCE.maker,
        },
      ],
    } as const
    const held = `The ${card.name} is held in ${slot.label} of the ${board.name}`
    if (slot.retainer === 'fitted')
      return [plain({ ...said, sentence: `${held} by the slot’s own retainer` }, 'clear')]
    if (clip) return [plain({ ...said, sentence: `${held} by the ${clip.name}` }, 'clear')]
    return [
      plain(
        {
          ...said,
          sentence: `Nothing holds the ${card.name} in ${slot.label} of the ${board.name}: the card creeps out`,
          wayOut: 'Its retainer is a part by itself: it clips to the end of the slot.',
        },
        'watch',
      ),
    ]
  },
})
