// Does the supply give what the machine takes while it is off?
import { measured } from '../finding'
import { board as boardKind } from '../../parts/board'
import { lacksOf, supply as supplyKind } from '../../parts/supply'
import { of, plus } from '../../figures/quantity'
import { usual } from '../../figures/units'
import { items } from '../../plan/items'
import { every } from '../../plan/situation'
import { rule } from '../rule'
import { SOURCE } from '../../standards/sources'
import { DRAW } from '../../standards/draws'
import { STANDBY } from '../../standards/supplies'

export const powerStandby = rule({
  id: 'power/standby',
  stage: 'power',
  question: 'Does the supply give the 5 V that the board takes while the machine is off?',
  source: SOURCE.atx12v,
  needs: { items },
  inputs: s =>
    every(s, 'supply')
      .filter(supply => !lacksOf(supply.part).includes('standby'))
      .flatMap(supply => {
        const boards = every(s, 'board')
        return boards.length > 0 ? [{ supply, boards }] : []
      }),
  judge: ({ supply, boards }) => [
    measured({
      rule: 'power/standby',
      stage: 'power',
      about: [supply.id, ...boards.map(b => b.id)],
      source: SOURCE.atx12v,
      sentence: `5 V standby of the ${supply.name} for the ${boards.map(b => b.name).join(' and the ')}`,
      wayOut: 'A supply with more standby current, or no port that wakes the machine.',
      need: plus(
        { unit: 'A', terms: [] },
        ...boards.map(b => of(boardKind.leaf(b, 'power.standby', usual(DRAW.standby.boardA, 'A')))),
      ),
      have: of(supplyKind.leaf(supply, 'rails.standby', usual(STANDBY.A, 'A'))),
    }),
  ],
})
