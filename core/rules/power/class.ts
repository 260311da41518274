// Does each 16-contact plug tell the card the class that it asks for?
import { measured } from '../finding'
import { card as cardKind } from '../../parts/card'
import { of } from '../../figures/quantity'
import { rule } from '../rule'
import { ends, items, names } from '../../plan/items'
import { plugs } from '../../plan/joints'
import { every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

export const powerClass = rule({
  id: 'power/class',
  stage: 'power',
  question: 'Does each 16-contact plug tell the card the power class it asks for?',
  source: SOURCE.pcie,
  needs: { items, plugs, ends, names },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const card = every(s, 'card').find(c => c.id === joint.items[1])
      return plug?.end.face === 'card-16' && card
        ? [{ joint, plug, card, from: s.names.get(joint.items[0]) ?? '' }]
        : []
    }),
  judge({ joint, plug, card, from }) {
    const have = plug.end.gives.W12
    const need = cardKind.leaf(card, 'asks')
    return have && need.figure
      ? [
          measured({
            rule: 'power/class',
            stage: 'power',
            about: joint.items,
            joints: [joint.id],
            failing: 'watch',
            source: SOURCE.pcie,
            sentence: `Class of the ${plug.end.label} of the ${from} for the ${card.name}`,
            wayOut:
              'An adapter with more inlets, or a supply with a plug of that class: the card holds back, or refuses.',
            need: of(need),
            have,
          }),
        ]
      : []
  },
})
