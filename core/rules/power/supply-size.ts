// Is the supply large enough by the chosen sizing rule?
import { measured } from '../finding'
import { rule } from '../rule'
import { school } from '../../plan/given'
import { supplies } from '../../plan/items'
import { loads } from '../../plan/joints'
import { SOURCE } from '../../standards/sources'
import { SCHOOL } from '../../standards/supplies'
import { sizing } from '../../power/sizing'
import { fed } from './fed'

export const supplySize = rule({
  id: 'power/supply-size',
  stage: 'power',
  question: 'Is the supply large enough by the chosen sizing rule?',
  source: SOURCE.practice,
  needs: { items: supplies, loads, school },
  inputs: s => fed(s).map(f => ({ ...f, school: s.school })),
  judge({ supply, loads, school }) {
    if (loads.length === 0) return []
    const { need, have } = sizing(school, supply, loads)
    const failing = SCHOOL[school].band ? 'watch' : 'stop'
    return [
      measured({
        rule: 'power/supply-size',
        stage: 'power',
        about: [supply.id],
        part: school,
        failing,
        source: SOURCE.practice,
        sentence: `${supply.name} by the ${SCHOOL[school].label.toLowerCase()} sizing rule (${SCHOOL[school].says})`,
        wayOut: 'Another supply, or another sizing rule.',
        need,
        have,
      }),
    ]
  },
})
