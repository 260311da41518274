// Does air go through each place as the place is meant?
import { seats } from '../../plan/joints'
import { items } from '../../plan/items'
import { every } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'
import { plain } from '../finding'
import { rule } from '../rule'
import { moversIn } from './movers'

export const airAgainst = rule({
  id: 'air/against',
  stage: 'fit',
  question: 'Does the air at each fan place go the way that the place is meant for?',
  source: SOURCE.practice,
  needs: { items, seats },
  inputs: s =>
    every(s, 'case').flatMap(pc =>
      moversIn(s, pc).map(({ joint, item, name, place, label, meant, air }) => ({
        ...{ pc: pc.id, of: pc.name, joint, item, name, place, label, meant, air },
      })),
    ),
  key: ({ item, place }) => `${item} ${place}`,
  judge: ({ pc, of, joint, item, name, place, label, meant, air }) => {
    if (air.way === meant.way) return []
    return [
      plain(
        {
          ...{ rule: 'air/against', stage: 'fit', about: [item, pc], part: place, joints: [joint] },
          assumed: meant.said === 'usual',
          sentence:
            `The ${name} at the ${label} of the ${of} blows ${air.way}, ` +
            `the place is for air ${GOES[meant.way]}`,
          wayOut: `Turn its frame about so that it blows ${meant.way}, or give it another place.`,
        },
        'watch',
      ),
    ]
  },
})
const GOES = { in: 'that comes in', out: 'that goes out' } as const
