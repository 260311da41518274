// Does each rail stay within its limit, and the two small ones together?
import { measured } from '../finding'
import { supply as supplyKind } from '../../parts/supply'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { supplies } from '../../plan/items'
import { loads } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { total } from '../../power/sizing'
import { fed } from './fed'

const RAIL_LIMITS = [
  { rail: '12', path: 'rails.W12' },
  { rail: '5', path: 'rails.W5' },
  { rail: '3.3', path: 'rails.W3' },
] as const

export const powerRail = rule({
  id: 'power/rail',
  stage: 'power',
  question: 'Does each rail, and 5 V with 3.3 V together, stay within the supply’s limits?',
  source: SOURCE.atx12v,
  needs: { items: supplies, loads },
  inputs: fed,
  judge({ supply, loads }) {
    const asked = [
      ...RAIL_LIMITS.map(({ rail, path }) => ({
        part: rail,
        path,
        says: `${rail} V`,
        on: loads.filter(l => l.rail === rail),
      })),
      {
        part: 'combined',
        path: 'rails.combined',
        says: '5 V and 3.3 V together',
        on: loads.filter(l => l.rail !== '12'),
      },
    ]
    return asked
      .filter(a => a.on.length > 0)
      .map(({ part, path, says, on }) =>
        measured({
          rule: 'power/rail',
          stage: 'power',
          about: [supply.id],
          part,
          source: SOURCE.atx12v,
          sentence: `Worst draw on ${says} of the ${supply.name}`,
          wayOut: 'A supply with more on that rail.',
          need: total(on, 'worst'),
          have: of(supplyKind.leaf(supply, path)),
        }),
      )
  },
})
