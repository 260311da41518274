// Is it known of each part what it can be joined to? Blank is not none: it is asked.
import { faceName, isMechanical } from '../../connectors/connectors'
import { plain } from '../finding'
import { rule } from '../rule'
import { asks } from '../../plan/items'
import { SOURCE } from '../../standards/sources'

export const jointsKnown = rule({
  id: 'joints/known',
  stage: 'joints',
  question: 'Is it known of each part what it can be joined to?',
  source: SOURCE.maker,
  needs: { asks },
  inputs: s => s.asks.filter(a => a.when === 'always'),
  judge: ({ item, path, question, take, faces }) => [
    plain(
      {
        rule: 'joints/known',
        stage: faces.every(isMechanical) ? 'fit' : 'joints',
        about: [item],
        part: path,
        sentence: question,
        wayOut: take,
        asks: [{ item, path, question, take }],
        because: [
          {
            fact: `not stated: ${faces.slice(0, NAMED).map(faceName).join(', ')}`,
            value: '?',
            basis: 'missing',
            source: 'not stated',
          },
        ],
      },
      'measure',
    ),
  ],
})

/** Named choice: how many of the plugs that are not known a reason names. */
const NAMED = 4
