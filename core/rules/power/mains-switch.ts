// An old supply's mains switch: is it there, and covered?
import { asking, plain } from '../finding'
import { supplies } from '../../plan/items'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { MAINS_SWITCH } from '../../standards/boards'

export const mainsSwitch = rule({
  id: 'power/mains-switch',
  stage: 'power',
  question: 'Is the mains switch of an old supply there, with its tabs covered?',
  source: SOURCE.practice,
  needs: { items: supplies },
  inputs: ({ items }) =>
    items
      .filter(i => i.part.form === 'AT')
      .map(({ id, name, part }) => ({ id, name, state: part.mainsSwitch ?? null })),
  judge({ id, name, state }) {
    const said = {
      rule: 'power/mains-switch',
      stage: 'power',
      about: [id],
      because: [
        {
          fact: `mains switch of the ${name}`,
          value: state ?? '?',
          basis: state === null ? 'missing' : 'spec',
          source: SOURCE.maker,
        },
      ],
    } as const
    if (state === null)
      return [
        asking(said, {
          item: id,
          path: 'mainsSwitch',
          question: `Where is the mains switch of the ${name}, and are its tabs covered?`,
          take: 'Unplugged, look at the end of its four thick wires: each tab in a sleeve of its own.',
        }),
      ]
    if (state === 'bare tabs' || state === 'none')
      return [
        plain(
          {
            ...said,
            sentence:
              state === 'none'
                ? `The ${name} comes without its mains switch`
                : `The tabs of the mains switch of the ${name} are bare`,
            wayOut: `Leave it unplugged. ${MAINS_SWITCH}`,
          },
          'stop',
        ),
      ]
    return [
      plain({ ...said, sentence: `The mains switch of the ${name} is ${PLACE[state]}` }, 'clear'),
    ]
  },
})

const PLACE = {
  'on the supply': 'on the supply itself',
  'at the front, sleeved': 'on its own four wires at the front, its tabs covered',
} as const
