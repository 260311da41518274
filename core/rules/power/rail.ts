// Does each rail stay within its limit, and the two small ones together?
import { measured, plain, type Finding } from '../finding'
import { lacksOf, supply as supplyKind } from '../../parts/supply'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { supplies } from '../../plan/items'
import { loads } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { total } from '../../power/sizing'
import type { Load } from '../../power/loads'
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
    const lacking = lacksOf(supply.part).includes('3.3 V')
    return asked
      .filter(a => a.on.length > 0 && !(lacking && OF_THREE.includes(a.part)))
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
      .concat(lacking ? withoutThree(supply, loads) : [])
  },
})

/** The limits that a supply without 3.3 V cannot have. */
const OF_THREE: readonly string[] = ['3.3', 'combined']

/** What draws 3.3 V from a supply that has none does not run. */
function withoutThree(
  { id, name }: { readonly id: string; readonly name: string },
  loads: readonly Load[],
): readonly Finding[] {
  const drawing = loads.filter(l => l.rail === '3.3')
  if (drawing.length === 0) return []
  return [
    plain(
      {
        rule: 'power/rail',
        stage: 'power',
        about: [id],
        part: '3.3',
        with: drawing.map(l => l.item),
        because: [
          {
            fact: `3.3 V of the ${name}`,
            value: 'none',
            basis: 'spec',
            source: SOURCE.maker,
          },
        ],
        sentence: `The ${name} has no 3.3 V, and ${namesOf(drawing)} asks for it`,
        wayOut: 'A supply with 3.3 V, or a part that makes do with 5 V.',
      },
      'stop',
    ),
  ]
}

const namesOf = (loads: readonly Load[]): string =>
  [...new Set(loads.map(l => `the ${l.name}`))].join(' and ')
