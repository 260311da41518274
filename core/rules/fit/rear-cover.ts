// Brackets and cards share the covers at the rear: one that a card takes is no place for a bracket.
import { plain } from '../finding'
import { rule } from '../rule'
import { JOINED, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { cardsInCase, slotRows } from './cards-in-case'

export const rearCover = rule({
  id: 'fit/rear-cover',
  stage: 'fit',
  question: 'Is the rear cover that each bracket takes free of cards?',
  source: SOURCE.atx,
  needs: JOINED,
  inputs: s =>
    joinedBy(s, 'rear-cover', 'bracket', 'case').map(({ joint, plug, socket }) => {
      const first = (joint.members[1]?.index ?? 0) + 1
      const covers = Array.from({ length: plug.part.covers }, (_, i) => first - i)
      return {
        joint: joint.id,
        bracket: plug,
        pc: socket,
        covers,
        cards: cardsInCase(s)
          .filter(c => c.pc.id === socket.id)
          .map(c => ({ id: c.card.id, name: c.card.name, rows: slotRows(c) })),
      }
    }),
  judge({ joint, bracket, pc, covers, cards }) {
    const said = { rule: 'fit/rear-cover', stage: 'fit', joints: [joint] } as const
    const there = cards.find(c => c.rows.some(row => covers.includes(row)))
    if (!there)
      return [
        plain(
          {
            ...said,
            about: [bracket.id, pc.id],
            sentence: `The ${bracket.name} takes cover ${covers.join(', ')} of the ${pc.name}`,
          },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...said,
          about: [bracket.id, pc.id, there.id],
          sentence: `The ${bracket.name} and the ${there.name} both take cover ${covers.join(', ')} of the ${pc.name}`,
          wayOut: 'Put the bracket into another cover by hand, or the card into another slot.',
        },
        'stop',
      ),
    ]
  },
})
