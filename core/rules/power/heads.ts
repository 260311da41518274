// Does one cable with several heads feed more than such a cable should?
import { measured } from '../finding'
import { fact, of } from '../../figures/quantity'
import { usual } from '../../figures/units'
import { feeds } from '../../connectors/connectors'
import { rule } from '../rule'
import { supplies } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { TWO_HEADS, USUAL_GAUGE } from '../../standards/supplies'
import { through } from '../../power/flow'
import { joinedOf } from './cable'
import { fed } from './fed'

export const powerHeads = rule({
  id: 'power/heads',
  stage: 'power',
  question: 'Does one cable with several heads feed a card no more than such a cable should?',
  source: TWO_HEADS.source,
  needs: { items: supplies, loads, plugs },
  inputs: s =>
    fed(s).flatMap(({ supply, loads }) => {
      const own = s.plugs.filter(j => j.items[0] === supply.id)
      return (supply.part.cables ?? []).flatMap(cable => {
        const heads = joinedOf(supply, cable, own).filter(j => feeds(j.face) === 'card')
        return heads.length > 1 ? [{ supply, cable, heads, loads }] : []
      })
    }),
  judge({ supply, cable, heads, loads }) {
    const gauge = cable.gauge ?? USUAL_GAUGE
    const most = TWO_HEADS.W[gauge]
    if (most === undefined) return []
    const cards = [...new Set(heads.map(j => j.items[1]))]
    return [
      measured({
        rule: 'power/heads',
        stage: 'power',
        about: [supply.id, ...cards],
        part: cable.key,
        joints: heads.map(j => j.id),
        failing: 'watch',
        source: TWO_HEADS.source,
        sentence: `${heads.length} heads of cable ${cable.key} of the ${supply.name} feed one card`,
        wayOut: 'A cable of its own for each socket of the card.',
        need: through(
          loads.filter(l => l.rail === '12'),
          heads.map(j => j.id),
          'worst',
        ),
        have: of(
          fact(
            `heads:${gauge}`,
            `what one cable of ${gauge} AWG should feed`,
            'W',
            usual(most, 'W', 0),
          ),
        ),
      }),
    ]
  },
})
