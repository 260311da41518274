// Does the supply ride through the moments in which cards exceed their power?
import { measured } from '../finding'
import { rule } from '../rule'
import { school } from '../../plan/given'
import { supplies } from '../../plan/items'
import { loads } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { RIDES } from '../../standards/supplies'
import { surge } from '../../power/surge'
import { fed } from './fed'

export const powerSurge = rule({
  id: 'power/surge',
  stage: 'power',
  question: 'Does the supply ride through the moments in which cards exceed their power?',
  source: SOURCE.pcie,
  needs: { items: supplies, loads, school },
  inputs: s => fed(s).map(f => ({ ...f, school: s.school })),
  judge({ supply, loads, school }) {
    const found = surge(school, supply, loads)
    if (!found) return []
    const how = school === 'lean' ? 'the largest card alone' : 'all cards together'
    return [
      measured({
        rule: 'power/surge',
        stage: 'power',
        about: [supply.id],
        part: school,
        source: SOURCE.pcie,
        because: [
          {
            fact: RIDES[found.guide].says,
            value: '',
            basis: RIDES[found.guide].basis,
            source: RIDES[found.guide].source,
          },
        ],
        sentence: `Transient load (${found.label}) on the ${supply.name}, ${how}`,
        wayOut: 'A larger supply or one made for transient loads, or a card limited to less.',
        need: found.need,
        have: found.have,
      }),
    ]
  },
})
