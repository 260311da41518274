// Does a radiator breathe fresh air, or what the rest of the machine has warmed?
import { quantity } from '../../figures/format'
import { of, valueOf } from '../../figures/quantity'
import { card as cardKind } from '../../parts/card'
import type { ItemOf } from '../../parts/kind'
import type { Card } from '../../parts/card-schema'
import { items } from '../../plan/items'
import { seats } from '../../plan/joints'
import { every } from '../../plan/situation'
import { WARMS } from '../../standards/air'
import { plain } from '../finding'
import { rule } from '../rule'
import { closedCases, moversIn } from './movers'

export const warmRadiator = rule({
  id: 'air/warm-radiator',
  stage: 'fit',
  question: 'Does each radiator breathe air that nothing else has warmed?',
  source: WARMS.source,
  needs: { items, seats },
  inputs: s =>
    closedCases(s).flatMap(pc =>
      moversIn(s, pc)
        .filter(m => m.kind === 'cooler')
        .map(({ joint, item, name, place, label, air }) => ({
          ...{ joint, item, name, place, label, way: air.way, assumed: air.said === 'usual' },
          warm: every(s, 'card').filter(c => wattsOf(c) >= WARMS.W),
        })),
    ),
  key: ({ item }) => item,
  judge: ({ joint, item, name, place, label, way, assumed, warm }) => {
    const said = {
      ...({ rule: 'air/warm-radiator', stage: 'fit' } as const),
      ...{ about: [item], part: place, joints: [joint] },
      ...{ assumed, with: [item, ...warm.map(c => c.id)] },
    }
    if (way === 'in' || warm.length === 0)
      return [
        plain(
          { ...said, sentence: `The radiator of the ${name} at the ${label} breathes fresh air` },
          'clear',
        ),
      ]
    const cards = warm.map(c => c.name).join(' and ')
    return [
      plain(
        {
          ...said,
          sentence: `The radiator of the ${name} at the ${label} blows out: it breathes what the ${cards} has warmed`,
          wayOut: 'A place where it draws air in, or expect a few degrees more.',
          because: warm.map(c => ({
            fact: `sustained power of the ${c.name}`,
            value: quantity(wattsOf(c), 'W'),
            basis: cardKind.leaf(c, 'watts').figure?.basis ?? 'assumed',
            source: 'the card',
          })),
        },
        'watch',
      ),
    ]
  },
})

const wattsOf = (c: ItemOf<Card>): number => valueOf(of(cardKind.leaf(c, 'watts'))) ?? 0
