// Does each card and stick run with the lanes and the generation that it could?
import { plain, type Because } from '../finding'
import type { Card } from '../../parts/card'
import { rule } from '../rule'
import { JOINED, type Joined, joinedBy, socketIn } from '../../plan/situation'
import { lanesOf, lanesOfStick, paceOf, STICK_LANES } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'
import { number } from '../../figures/format'

interface Linked {
  readonly joint: string
  readonly items: readonly string[]
  readonly name: string
  readonly at: string
  readonly asks: Link
  readonly gets: Link
}

interface Link {
  readonly lanes: number | null
  readonly generation: number | null
}

const linked = (s: Joined): readonly Linked[] => [
  ...joinedBy(s, 'slot', 'card', 'board').flatMap(({ joint, plug, socket }) => {
    const slot = socketIn(joint, 'slots', socket.part.slots)
    return slot
      ? [
          {
            joint: joint.id,
            items: joint.items,
            name: plug.name,
            at: slot.label,
            asks: linkOf(plug.part),
            gets: linkOf(slot),
          },
        ]
      : []
  }),
  ...joinedBy(s, 'm2-slot', 'drive', 'board').flatMap(({ joint, plug, socket }) => {
    const slot = socketIn(joint, 'm2', socket.part.m2)
    const generation = plug.part.m2?.generation ?? null
    return slot && plug.part.protocol === 'NVMe'
      ? [
          {
            joint: joint.id,
            items: joint.items,
            name: plug.name,
            at: slot.label,
            asks: { lanes: lanesOfStick(plug.part.m2?.keys ?? []), generation },
            gets: { lanes: slot.lanes ?? STICK_LANES, generation: slot.generation ?? null },
          },
        ]
      : []
  }),
]

const linkOf = (p: Pick<Card, 'size' | 'lanes' | 'generation'>): Link => ({
  lanes: p.lanes ?? (p.size ? lanesOf(p.size) : null),
  generation: p.generation ?? null,
})

const speed = ({ lanes, generation }: Link): number | null => paceOf(lanes, generation)

export const fitLink = rule({
  id: 'fit/link',
  stage: 'fit',
  question: 'Does each card and stick get the lanes and the generation it is made for?',
  source: SOURCE.pcie,
  needs: JOINED,
  inputs: linked,
  judge({ joint, items, name, at, asks, gets }) {
    const [want, have] = [
      speed(asks),
      speed({
        lanes: least(asks.lanes, gets.lanes),
        generation: least(asks.generation, gets.generation),
      }),
    ]
    if (want === null || have === null) return []
    const says = (l: Link): string => `${l.lanes ?? '?'} lanes of generation ${l.generation ?? '?'}`
    const because: readonly Because[] = [
      { fact: name, value: says(asks), basis: 'spec', source: SOURCE.maker },
      { fact: at, value: says(gets), basis: 'spec', source: SOURCE.maker },
    ]
    const said = { rule: 'fit/link', stage: 'fit', about: items, joints: [joint], because } as const
    return have >= want
      ? [plain({ ...said, sentence: `${name} gets ${says(asks)} in ${at}` }, 'clear')]
      : [
          plain(
            {
              ...said,
              sentence: `${name} gets ${number(have)} of ${number(want)} GB/s in ${at}: it works, slower`,
              wayOut: 'A faster slot, where one is free.',
            },
            'watch',
          ),
        ]
  },
})

const least = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.min(a, b)
