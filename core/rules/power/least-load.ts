// Does an old supply have the load on 5 V without which it does not start?
import { measured } from '../finding'
import { supply as supplyKind } from '../../parts/supply'
import { converted, of } from '../../figures/quantity'
import { rule } from '../rule'
import { supplies } from '../../plan/items'
import { loads } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { VOLTS } from '../../standards/rails'
import { total } from '../../power/sizing'
import { fed } from './fed'

export const leastLoad = rule({
  id: 'power/least-load',
  stage: 'power',
  question: 'Is there the least load on 5 V that the supply asks for?',
  source: SOURCE.maker,
  needs: { items: supplies, loads },
  inputs: s => fed(s).filter(({ supply }) => supplyKind.leaf(supply, 'rails.least5').figure),
  judge: ({ supply, loads }) => {
    const own = loads.filter(l => l.rail === '5')
    return [
      measured({
        rule: 'power/least-load',
        stage: 'power',
        about: [supply.id],
        failing: 'watch',
        source: SOURCE.maker,
        sentence: `Least load on 5 V that the ${supply.name} asks for`,
        wayOut:
          'Below it the supply may not start, or its voltages drift: another supply, or a load ' +
          'resistor on a drive plug, which gets hot.',
        need: converted(of(supplyKind.leaf(supply, 'rails.least5')), VOLTS['5'], 'W'),
        have: total(own, 'rest'),
      }),
    ]
  },
})
