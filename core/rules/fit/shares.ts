// What a seat costs on the board: ends that lie under a card, ports that a stick switches off,
// lanes and generations lost.
import { plain, type Because } from '../finding'
import type { EndOf, Joint } from '../../joining/joint'
import { shutBy, type Shut } from '../../joining/cover'
import type { Board } from '../../parts/board-schema'
import type { Card } from '../../parts/card'
import type { ItemOf } from '../../parts/kind'
import { rule } from '../rule'
import { ends } from '../../plan/items'
import { JOINED, type Joined, type Situation, joinedBy, socketIn } from '../../plan/situation'
import { LANE, lanesOf } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'
import { number } from '../../figures/format'

interface Shutting {
  readonly joint: Joint
  readonly board: ItemOf<Board>
  readonly name: string
  readonly at: string
  readonly lost: readonly {
    readonly label: string
    readonly how: Shut['how']
    readonly slot: boolean
  }[]
}

const shutting = (s: Pick<Situation, keyof Joined | 'ends'>): readonly Shutting[] =>
  (['slot', 'm2-slot'] as const)
    .flatMap(face => [
      ...joinedBy(s, face, 'card', 'board'),
      ...joinedBy(s, face, 'drive', 'board'),
    ])
    .flatMap(({ joint, plug, socket }) => {
      const [a, b] = [s.ends.get(joint.a), s.ends.get(joint.b)]
      if (!a || !b || (!a.end.solid && b.end.shuts.length === 0)) return []
      const ofBoard = [...s.ends.values()].filter((e: EndOf) => e.item === socket.id)
      const lost = shutBy(a, b, ofBoard).flatMap(({ ref, how }) => {
        const e = s.ends.get(ref)
        return e ? [{ label: e.end.label, how, slot: e.end.face === 'slot' }] : []
      })
      return [{ joint, board: socket, name: plug.name, at: b.end.label, lost }]
    })

export const covered = rule({
  id: 'fit/covered',
  stage: 'fit',
  asks: 'Which ports, headers and slots does a card cover or a stick switch off?',
  source: SOURCE.maker,
  needs: { ...JOINED, ends },
  inputs: shutting,
  judge({ joint, board, name, at, lost }) {
    const said = {
      rule: 'fit/covered',
      stage: 'fit',
      about: joint.items,
      joints: [joint.id],
    } as const
    return (['covered', 'switched off'] as const).flatMap(how => {
      const mine = lost.filter(l => l.how === how)
      const ports = mine.filter(l => !l.slot).map(l => l.label)
      const slots = mine.filter(l => l.slot).map(l => l.label)
      const because: readonly Because[] = mine.map(l => ({
        fact: l.label,
        value: how === 'covered' ? 'under the card' : `off while ${at} is in use`,
        basis: 'spec',
        source: SOURCE.maker,
      }))
      const verb = how === 'covered' ? 'covers' : 'switches off'
      return [
        ...(ports.length > 0
          ? [
              plain(
                {
                  ...said,
                  because,
                  part: `${how}:ports`,
                  sentence: `${name} in ${at} ${verb} ${list(ports)} of the ${board.name}`,
                  wayOut: 'Plan without them, or another slot.',
                },
                'watch',
              ),
            ]
          : []),
        ...(slots.length > 0
          ? [
              plain(
                {
                  ...said,
                  because,
                  part: `${how}:slots`,
                  sentence:
                    `${name} in ${at} ${verb} the ${slots.length === 1 ? 'slot' : 'slots'} ` +
                    `${list(slots)} of the ${board.name}`,
                },
                'clear',
              ),
            ]
          : []),
      ]
    })
  },
})

const list = (labels: readonly string[]): string =>
  labels.length < 2
    ? labels.join('')
    : `${labels.slice(0, -1).join(', ')} and ${labels.at(-1) ?? ''}`

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
            asks: { lanes: 4, generation },
            gets: { lanes: 4, generation: slot.generation ?? null },
          },
        ]
      : []
  }),
]
const linkOf = (p: Pick<Card, 'size' | 'lanes' | 'generation'>): Link => ({
  lanes: p.lanes ?? lanesOf(p.size),
  generation: p.generation ?? null,
})

export const linkSpeed = rule({
  id: 'fit/link',
  stage: 'fit',
  asks: 'Does each card and stick get the lanes and the generation it is made for?',
  source: SOURCE.pcie,
  needs: JOINED,
  inputs: linked,
  judge({ joint, items, name, at, asks, gets }) {
    const speed = (l: Link): number | null =>
      l.lanes === null || l.generation === null ? null : l.lanes * (LANE[l.generation] ?? 0)
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
