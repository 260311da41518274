// Does each 16-contact plug allow the card what it takes by it?
import { measured } from '../finding'
import { card as cardKind } from '../../parts/card'
import { of, valueOf } from '../../figures/quantity'
import { rule } from '../rule'
import { ends, items, names } from '../../plan/items'
import { loads, plugs } from '../../plan/joints'
import { every } from '../../plan/situation'
import { through } from '../../power/flow'
import { SOURCE } from '../../standards/sources'

export const powerClass = rule({
  id: 'power/class',
  stage: 'power',
  question:
    'Does each 16-contact plug tell the card a power class as high as it asks for, or takes?',
  source: SOURCE.pcie,
  needs: { items, plugs, ends, names, loads },
  inputs: s =>
    s.plugs.flatMap(joint => {
      const plug = s.ends.get(joint.a)
      const card = every(s, 'card').find(c => c.id === joint.items[1])
      const own = s.loads.filter(l => l.item === joint.items[1] && l.rail === '12')
      return plug?.end.gives.class && card
        ? [{ joint, plug, card, own, from: s.names.get(joint.items[0]) ?? '' }]
        : []
    }),
  judge({ joint, plug, card, own, from }) {
    const have = plug.end.gives.class
    if (!have) return []
    const asked = cardKind.leaf(card, 'asks')
    // A plug that says nothing at all: the card does not start.
    const isRefused = valueOf(have) === 0
    return [
      measured({
        rule: 'power/class',
        stage: 'power',
        about: joint.items,
        joints: [joint.id],
        failing: isRefused ? 'stop' : 'watch',
        source: SOURCE.pcie,
        sentence: `Class of the ${plug.end.label} of the ${from} for the ${card.name}`,
        wayOut:
          'An adapter with more inlets, or a supply with a plug of that class: the card holds back, or refuses.',
        // What it takes by its slot does not count.
        need: asked.figure ? of(asked) : through(own, [joint.id], 'worst'),
        have,
      }),
    ]
  },
})
