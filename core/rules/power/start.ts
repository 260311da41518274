// Is there enough 12 V while all disks spin up at once?
import { measured } from '../finding'
import { supply as supplyKind } from '../../parts/supply'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { supplies } from '../../plan/items'
import { loads } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { total } from '../../power/sizing'
import { fed } from './fed'

export const powerStart = rule({
  id: 'power/start',
  stage: 'power',
  question: 'Is there enough 12 V in the first seconds, when all disks spin up at once?',
  source: SOURCE.practice,
  needs: { items: supplies, loads },
  inputs: s => fed(s).filter(f => f.loads.some(l => l.spins)),
  judge: ({ supply, loads }) => [
    measured({
      rule: 'power/start',
      stage: 'power',
      about: [supply.id],
      source: SOURCE.practice,
      sentence: `12 V of the ${supply.name} in the first seconds`,
      wayOut: 'A supply with more 12 V, or disks that start one after the other.',
      need: total(
        loads.filter(l => l.rail === '12'),
        'start',
      ),
      have: of(supplyKind.leaf(supply, 'rails.W12')),
    }),
  ],
})
