// Does each card and stick run with the lanes and the generation that it could?
import { asking, plain, type Asked, type Because } from '../finding'
import type { Board, M2Slot } from '../../parts/board-schema'
import type { Drive } from '../../parts/drive-schema'
import type { Card } from '../../parts/card-schema'
import type { ItemOf } from '../../parts/kind'
import { rule } from '../rule'
import type { Joint } from '../../joining/joint'
import { JOINED, joinedBy, socketIn, type Joined, type JoinedPair } from '../../plan/situation'
import { isOldSlot, lanesOf, lanesOfStick, paceOf } from '../../standards/cards'
import { SOURCE } from '../../standards/sources'
import { number } from '../../figures/format'
import { usedOf } from './shared-lanes'

interface Linked {
  readonly joint: string
  readonly items: readonly string[]
  readonly name: string
  readonly at: string
  readonly asks: Link
  readonly gets: Link
  /** With what it shares its lanes, where that is in use. */
  readonly besides: string | null
  /** The fields of either side that would tell what is not known. */
  readonly paths: { readonly own: string; readonly socket: string }
}

interface Link {
  readonly lanes: number | null
  readonly generation: number | null
}

const linked = (s: Joined): readonly Linked[] => [
  ...joinedBy(s, 'slot', 'card', 'board').flatMap(pair => cardIn(s, pair)),
  ...joinedBy(s, 'm2-slot', 'drive', 'board').flatMap(pair => stickIn(s, pair)),
]

const called = (joint: Joint, name: string, at: string) =>
  ({ joint: joint.id, items: joint.items, name, at }) as const

function cardIn(
  s: Joined,
  { joint, plug, socket }: JoinedPair<'card', 'board'>,
): readonly Linked[] {
  const slot = socketIn(joint, 'slots', socket.part.slots)
  if (!slot || isOldSlot(slot.size)) return []
  const shared = splitAt(s, socket, slot.key)
  return [
    {
      ...called(joint, plug.name, slot.label),
      asks: linkOf(plug.part),
      gets: { ...linkOf(slot), ...(shared && { lanes: shared.lanes }) },
      besides: shared?.besides ?? null,
      paths: { own: 'generation', socket: `slots.${joint.members[1]?.index ?? 0}` },
    },
  ]
}

function stickIn(
  s: Joined,
  { joint, plug, socket }: JoinedPair<'drive', 'board'>,
): readonly Linked[] {
  const slot = socketIn(joint, 'm2', socket.part.m2)
  const { m2, protocol } = plug.part
  if (!slot || protocol !== 'NVMe') return []
  const shared = splitAt(s, socket, slot.key)
  return [
    {
      ...called(joint, plug.name, slot.label),
      asks: linkOfStick(m2),
      gets: { ...linkOfSocket(slot), ...(shared && { lanes: shared.lanes }) },
      besides: shared?.besides ?? null,
      paths: { own: 'm2.generation', socket: `m2.${joint.members[1]?.index ?? 0}` },
    },
  ]
}

const linkOfStick = (m2: Drive['m2']): Link => ({
  lanes: lanesOfStick(m2?.keys ?? []),
  generation: m2?.generation ?? null,
})
const linkOfSocket = ({ lanes, generation }: M2Slot): Link => ({
  lanes: lanes ?? null,
  generation: generation ?? null,
})

/** The lanes that are left where sockets which split their lanes are used together. */
function splitAt(
  s: Joined,
  board: ItemOf<Board>,
  key: string,
): { readonly lanes: number; readonly besides: string } | null {
  const share = board.part.shares?.find(x => x.sharing === 'split' && x.keys.includes(key))
  const lanes = share?.each?.[share.keys.indexOf(key)]
  if (!share || lanes === undefined) return null
  const others = usedOf(s, board, share.keys).filter(used => used.key !== key)
  return others.length > 0 ? { lanes, besides: others.map(o => o.label).join(', ') } : null
}

const linkOf = (p: Pick<Card, 'size' | 'lanes' | 'generation'>): Link => ({
  lanes: p.lanes ?? (p.size ? lanesOf(p.size) : null),
  generation: p.generation ?? null,
})

const speed = ({ lanes, generation }: Link): number | null => paceOf(lanes, generation)

export const fitLink = rule({
  id: 'fit/link',
  stage: 'fit',
  question: 'Does each card and M.2 drive get the lanes and the generation it is made for?',
  source: SOURCE.pcie,
  needs: JOINED,
  inputs: linked,
  judge({ joint, items, name, at, asks, gets, besides, paths }) {
    const said = { rule: 'fit/link', stage: 'fit', about: items, joints: [joint] } as const
    const [want, have] = [
      speed(asks),
      speed({
        lanes: least(asks.lanes, gets.lanes),
        generation: least(asks.generation, gets.generation),
      }),
    ]
    // What is not known of one side counts as that of the other: less than that it cannot get.
    const unknown = unknownOf({ items, name, at, asks, gets, paths })
    if (unknown && (want === null || have === null || have >= want)) return [asking(said, unknown)]
    if (want === null || have === null) return []
    const says = (l: Link): string => `${l.lanes ?? '?'} lanes of generation ${l.generation ?? '?'}`
    const sharing = besides === null ? '' : ` beside ${besides}`
    const because: readonly Because[] = [
      { fact: name, value: says(asks), basis: 'spec', source: SOURCE.maker },
      { fact: `${at}${sharing}`, value: says(gets), basis: 'spec', source: SOURCE.maker },
    ]
    return have >= want
      ? [plain({ ...said, because, sentence: `${name} gets ${says(asks)} in ${at}` }, 'clear')]
      : [
          plain(
            {
              ...said,
              because,
              sentence:
                `${name} gets ${number(have)} of ${number(want)} GB/s in ${at}${sharing}: ` +
                'it works, slower',
              wayOut:
                besides === null
                  ? 'A faster slot, where one is free.'
                  : `They share their lanes: leave ${besides} empty, or take another slot.`,
            },
            'watch',
          ),
        ]
  },
})

const least = (a: number | null, b: number | null): number | null =>
  a === null || b === null ? (a ?? b) : Math.min(a, b)

/** The first figure of either side that nobody stated, as a question. */
function unknownOf({
  items,
  name,
  at,
  asks,
  gets,
  paths,
}: Pick<Linked, 'items' | 'name' | 'at' | 'asks' | 'gets' | 'paths'>): Asked | null {
  const [own = '', board = ''] = items
  const inManual = 'Read it in the table of slots in the board’s manual.'
  if (asks.generation === null)
    return {
      item: own,
      path: paths.own,
      question: `Of which generation is the link of the ${name}?`,
      take: 'Read it in its sheet: “PCIe 4.0” is generation 4.',
    }
  const lacks = (['lanes', 'generation'] as const).find(field => gets[field] === null)
  if (lacks === undefined) return null
  return {
    item: board,
    path: `${paths.socket}.${lacks}`,
    question: lacks === 'lanes' ? `How many lanes lead to ${at}?` : `Of which generation is ${at}?`,
    take: inManual,
  }
}
