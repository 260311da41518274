// Does the mounting of a cooler let it be turned as it is?
import { turnsOf } from '../../parts/turned'
import { items } from '../../plan/items'
import { every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { asking, plain } from '../finding'
import { rule } from '../rule'

const ID = { rule: 'fit/cooler-turn', stage: 'fit' } as const

export const coolerTurn = rule({
  id: ID.rule,
  stage: ID.stage,
  question: 'Does its mounting let a cooler be turned on the socket as it is?',
  source: SOURCE.maker,
  needs: { items },
  inputs: s =>
    every(s, 'cooler')
      .filter(c => c.turned !== undefined)
      .map(({ id, name, part, turned }) => ({ id, name, part, turned })),
  key: ({ id }) => id,
  judge: ({ id, name, part, turned }) => {
    const said = { ...ID, about: [id] }
    if ((part.turns ?? null) === null)
      return [
        asking(said, {
          item: id,
          path: 'turns',
          question: `Can the ${name} be turned on its socket?`,
          take: 'Look at its mounting: equal distances both ways let it turn by quarters.',
        }),
      ]
    const isOffered = turnsOf(part).some(t => t.turn === turned)
    return [
      plain(
        {
          ...said,
          sentence: `The ${name} turned as it is on its socket`,
          wayOut: 'Put it in as its sheet has it.',
        },
        isOffered ? 'clear' : 'stop',
      ),
    ]
  },
})
