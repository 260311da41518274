// Is there enough on each rail while all disks spin up at once?
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
] as const

export const powerStart = rule({
  id: 'power/start',
  stage: 'power',
  question: 'Is there enough 12 V and 5 V in the first seconds, when all disks spin up at once?',
  source: SOURCE.practice,
  needs: { items: supplies, loads },
  inputs: fed,
  judge: ({ supply, loads }) =>
    RAIL_LIMITS.flatMap(({ rail, path }) => {
      const own = loads.filter(l => l.rail === rail)
      if (!own.some(l => l.spins)) return []
      return [
        measured({
          rule: 'power/start',
          stage: 'power',
          about: [supply.id],
          ...(rail === '12' ? {} : { part: rail }),
          source: SOURCE.practice,
          sentence: `${rail} V of the ${supply.name} in the first seconds`,
          wayOut: `A supply with more ${rail} V, or disks that start one after the other.`,
          need: total(own, 'start'),
          have: of(supplyKind.leaf(supply, path)),
        }),
      ]
    }),
})
