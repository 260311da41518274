// Does the supply draw evenly from the wall?
import { plain } from '../finding'
import { supplies } from '../../plan/items'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'

export const powerFactor = rule({
  id: 'power/factor',
  stage: 'power',
  question: 'Does the supply draw evenly from the wall?',
  source: SOURCE.maker,
  needs: { items: supplies },
  inputs: ({ items }) =>
    items.flatMap(({ id, name, part: { pfc } }) => (pfc === undefined ? [] : [{ id, name, pfc }])),
  judge({ id, name, pfc }) {
    const said = {
      rule: 'power/factor',
      stage: 'power',
      about: [id],
      because: [
        { fact: 'power-factor correction', value: pfc, basis: 'spec', source: SOURCE.maker },
      ],
    } as const
    if (pfc !== 'none')
      return [plain({ ...said, sentence: `The ${name} corrects its power factor` }, 'clear')]
    return [
      plain(
        {
          ...said,
          sentence: `The ${name} has no power-factor correction: it draws in peaks`,
          wayOut:
            'A backup has to be larger for it, and its label says less of the current at the wall.',
        },
        'watch',
      ),
    ]
  },
})
