// What a seat costs: ends that lie under a card, ports that a stick switches off.
import { plain, type Because } from '../finding'
import type { EndOf, Joint } from '../../joining/joint'
import { shutBy, type Shut } from '../../joining/cover'
import type { Board } from '../../parts/board-schema'
import { PLACES } from '../../case/layout'
import { basisAt, type ItemOf } from '../../parts/kind'
import { rule } from '../rule'
import { ends } from '../../plan/items'
import { JOINED, type Joined, type Situation, joinedBy } from '../../plan/situation'
import { SOURCE } from '../../standards/sources'

interface Shutting {
  readonly joint: Joint
  readonly board: ItemOf<Board>
  readonly name: string
  readonly at: string
  /** Whether where the board's sockets lie was made up. */
  readonly isMadeUp: boolean
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
      const isMadeUp = a.end.solid !== null && basisAt(socket.part, PLACES) === 'assumed'
      return [{ joint, board: socket, name: plug.name, at: b.end.label, isMadeUp, lost }]
    })

export const fitCovered = rule({
  id: 'fit/covered',
  stage: 'fit',
  question: 'Which ports, headers and slots does a card cover or an M.2 drive switch off?',
  source: SOURCE.maker,
  needs: { ...JOINED, ends },
  inputs: shutting,
  judge({ joint, board, name, at, isMadeUp, lost }) {
    const said = {
      rule: 'fit/covered',
      stage: 'fit',
      about: joint.items,
      joints: [joint.id],
    } as const
    const unseen = isMadeUp ? [plain({ ...said, ...notPlaced(name, at, board) }, 'measure')] : []
    const seen = (['covered', 'switched off'] as const).flatMap(how => {
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
    return [...unseen, ...seen]
  },
})

/** A board of which nobody said where its headers lie: what a card covers is looked at. */
const notPlaced = (name: string, at: string, board: ItemOf<Board>) => ({
  part: 'not-placed',
  sentence: `Which headers of the ${board.name} lie under the ${name} in ${at} is not known`,
  wayOut: 'Hold the card over the slot and look, before anything is plugged in beneath it.',
  assumed: true,
  asks: [
    {
      item: board.id,
      path: PLACES,
      question: `Where do the headers of the ${board.name} lie?`,
      take: 'Its manual has a drawing of the board.',
    },
  ],
})

const list = (labels: readonly string[]): string =>
  labels.length < 2
    ? labels.join('')
    : `${labels.slice(0, -1).join(', ')} and ${labels.at(-1) ?? ''}`
