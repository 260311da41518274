// Is the mains switch at the front of an old case taken for a lead?
import { plain } from '../finding'
import { rule } from '../rule'
import { items } from '../../plan/items'
import { every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { MAINS_SWITCH } from '../../standards/boards'
import { isMainsCase } from '../../plan/mains'

export const mainsLead = rule({
  id: 'panel/mains-lead',
  stage: 'panel',
  question: 'Is the mains switch at the front of an old case taken for a lead of a board?',
  source: SOURCE.practice,
  needs: { items },
  inputs: s =>
    every(s, 'case')
      .filter(pc => isMainsCase(pc, s.items))
      .map(({ id, name, part }) => ({
        ...{ id, name },
        taken: (part.leads ?? []).filter(l => l.job === 'power-switch').map(l => l.label),
      })),
  judge({ id, name, taken }) {
    const said = { rule: 'panel/mains-lead', stage: 'panel', about: [id] } as const
    if (taken.length === 0)
      return [
        plain(
          { ...said, sentence: `No lead of the ${name} is the mains switch: that is the supply’s` },
          'clear',
        ),
      ]
    return [
      plain(
        {
          ...said,
          sentence:
            `“${taken.join('”, “')}” of the ${name} is entered as a lead for a board: in a machine ` +
            'with an AT supply that switch carries mains',
          wayOut: `Take it off the list of leads. ${MAINS_SWITCH}`,
        },
        'harm',
      ),
    ]
  },
})
